package jurren.app.bench.art;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.image.Image;
import javafx.scene.image.PixelFormat;
import jurren.app.desk.Order;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Texts;
import jurren.app.trace.TraceSheet;
import jurren.core.art.DrawingFile;
import jurren.core.art.Guide;
import jurren.core.art.Motif;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Source;
import jurren.core.art.TracedPicture;
import jurren.core.job.Shop;
import jurren.core.trace.Picture;
import jurren.core.way.known.Ways;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.files.WholeFile;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.opening.AnyDrawing;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import jurren.formats.picture.PictureWriter;

/**
 * Takes whatever a customer sent onto the open face: a drawing, a picture, another job's art. Reading is done beside
 * the window's thread.
 */
public final class Bringing {
    private final Session session;
    private final Sheets sheets;
    private final ArtActions art;

    public Bringing(Session session, Sheets sheets, ArtActions art) {
        this.session = session;
        this.sheets = sheets;
        this.art = art;
    }

    public void file(Path file) {
        String name = file.getFileName().toString();
        if (name.toLowerCase(Locale.ROOT).endsWith(".jurren")) {
            job(file);
            return;
        }
        session.show(Bench.ART);
        read(
                name,
                () -> WholeFile.read(file),
                content -> content(name, content),
                why -> session.notices()
                        .trouble(
                                why instanceof WholeFile.TooLarge
                                        ? Texts.of("file.too-large", name, why.getMessage())
                                        : Texts.of("file.unreadable", name)));
    }

    private void content(String name, byte[] content) {
        if (PictureReader.looksLike(content)) {
            read(name, () -> PictureReader.read(name, content), this::read, this::failed);
        } else {
            drawing(new DrawingFile(name, content));
        }
    }

    public void drawing(DrawingFile file) {
        read(
                file.name(),
                () -> AnyDrawing.read(file),
                read -> {
                    switch (read) {
                        case DrawingRead.Refused r ->
                            session.notices().trouble(session.words().refusal(r.refusal()));
                        case DrawingRead.Taken t -> take(t);
                    }
                },
                this::failed);
    }

    /** Asked are pages, the size where the file does not tell it, and colours that are nearly one. */
    private void take(DrawingRead.Taken t) {
        String notes = t.notes().stream().sorted().map(session.words()::note).collect(Collectors.joining(" "));
        if (BringSheet.asks(t)) {
            session.linePlan()
                    .ifPresentOrElse(
                            plan -> BringSheet.open(session, sheets, plan, t, art, this::drawing),
                            () -> session.notices().say(Texts.of("planning")));
        } else {
            art.addDrawing(t.drawing(), List.of());
        }
        session.notices().say(notes.isEmpty() ? null : notes);
    }

    private void read(PictureRead read) {
        switch (read) {
            case PictureRead.Refused r ->
                session.notices().trouble(session.words().refusal(r.refusal()));
            case PictureRead.Taken t ->
                session.linePlan()
                        .ifPresentOrElse(
                                plan -> {
                                    if (Ways.of(plan.material()).isOnePrint()) {
                                        art.addPicture(
                                                TraceSheet.asItIs(TraceSheet.first(t.file(), t.perInch(), plan)));
                                        session.notices().say(Texts.of("picture.added"));
                                    } else {
                                        trace(
                                                TraceSheet.first(t.file(), t.perInch(), plan),
                                                t.perInch(),
                                                source -> taken(source, Optional.empty()));
                                    }
                                },
                                () -> session.notices().say(Texts.of("planning")));
        }
    }

    /** A traced motif's picture and settings again; a printed one's for the first time, as large as it is. */
    public void again(String motifId) {
        session.line().motif(motifId).ifPresent(m -> {
            switch (m.source()) {
                case TracedPicture t -> trace(t, OptionalDouble.empty(), source -> taken(source, Optional.of(m)));
                case PrintedPicture p ->
                    session.linePlan()
                            .ifPresent(plan -> trace(
                                    TraceSheet.first(p.file(), OptionalDouble.of(p.perInch()), plan),
                                    OptionalDouble.empty(),
                                    source -> taken(source, Optional.of(m))));
                default -> {}
            }
        });
    }

    private void trace(TracedPicture begin, OptionalDouble perInch, Consumer<Source> taken) {
        session.linePlan().ifPresent(plan -> {
            TraceSheet.Open open = TraceSheet.open(session, plan, begin, perInch, taken, sheets::close);
            sheets.open(
                    "trace-sheet",
                    Texts.of("trace.title", begin.file().name()),
                    Pos.CENTER,
                    open.closed(),
                    open.content());
        });
    }

    private void taken(Source source, Optional<Motif> instead) {
        switch (source) {
            case TracedPicture t when instead.isPresent() -> replace(instead.get(), t);
            case PrintedPicture p when instead.isPresent() -> replace(instead.get(), p);
            case PrintedPicture p -> art.addPicture(p);
            case TracedPicture t -> art.addTraced(t);
            case Guide g -> art.addGuide(g);
            default -> throw new IllegalStateException("a picture became " + source);
        }
    }

    private void replace(Motif motif, Source source) {
        session.editLine(l -> l.withMotifs(l.motifs().stream()
                .map(m -> m.id().equals(motif.id()) ? m.withSource(source) : m)
                .toList()));
    }

    /** A picture from the clipboard has no file; one is made of it. */
    public void pasted(Image image) {
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        if ((long) w * h > Picture.MOST_PIXELS) {
            session.notices().say(Texts.of("paste.too-large"));
            return;
        }
        int[] argb = new int[w * h];
        image.getPixelReader().getPixels(0, 0, w, h, PixelFormat.getIntArgbInstance(), argb, 0, w);
        session.show(Bench.ART);
        read(
                Texts.of("paste.name"),
                () -> PictureReader.read(Texts.of("paste.name"), PictureWriter.png(Picture.ofOwned(w, h, argb))),
                this::read,
                this::failed);
    }

    /** The art of another job's first line with any, as motifs. */
    private void job(Path file) {
        session.show(Bench.ART);
        Shop shop = session.shop();
        read(
                file.getFileName().toString(),
                () -> JobFile.read(file, shop),
                read -> {
                    switch (read) {
                        case JobRead.Refused r ->
                            session.notices().trouble(session.words().refusal(r.refusal()));
                        case JobRead.Opened o ->
                            o.document().job().lines().stream()
                                    .filter(l -> !l.motifs().isEmpty())
                                    .findFirst()
                                    .ifPresentOrElse(
                                            l -> art.add(l.motifs()),
                                            () -> session.notices().say(Texts.of("bring.no-art", file.getFileName())));
                    }
                },
                this::failed);
    }

    private void failed(Throwable why) {
        session.notices().trouble(Texts.of("work.failed", Texts.reason(why)));
    }

    /** Several files are read at once, each under its own name. */
    private <T> void read(String name, Callable<T> reading, Consumer<T> done, Consumer<Throwable> failed) {
        session.desk().give(new Order<>(Texts.of("work.reading", name), _ -> reading.call(), done, failed));
    }
}
