package jurren.app.bench.blank;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import jurren.app.keep.ShopFolder;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Texts;
import jurren.core.blank.Blank;
import jurren.core.blank.OwnBlank;
import jurren.core.job.Line;
import jurren.core.job.NewJobs;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Refit;
import jurren.formats.catalogue.BlankFile;
import jurren.formats.catalogue.BlankRead;
import jurren.formats.files.SafeFiles;
import jurren.formats.print.TemplatePdf;
import jurren.formats.print.TemplateSvg;
import jurren.formats.words.LengthUnit;

/** What can be done about blanks: choose, exchange, measure, copy, give away, take in; and their templates. */
public final class BlankActions {
    private final Session session;
    private final FileQuestions files;
    private final Sheets sheets;
    private final ShopFolder folder;

    public BlankActions(Session session, FileQuestions files, Sheets sheets, ShopFolder folder) {
        this.session = session;
        this.files = files;
        this.sheets = sheets;
        this.folder = folder;
    }

    /** For the open line. */
    public void choose() {
        new ChooseSheet(session, this, sheets).open(Texts.of("choose.title"), this::exchange);
    }

    /** For a line that is added. */
    public void chooseForNewLine() {
        new ChooseSheet(session, this, sheets).open(Texts.of("choose.new-line"), blank -> {
            Line line = NewJobs.line(session.job().freeLetter(), blank, session.shop());
            session.edit(session.job().withLineAdded(line));
            session.openLine(line.id());
        });
    }

    public void exchange(Blank blank) {
        Refit.Refitted refitted = new Refit().ontoBlank(session.line(), session.shop(), blank);
        session.editLine(_ -> refitted.line());
        session.notices()
                .say(
                        refitted.notes().isEmpty()
                                ? null
                                : Texts.of(
                                        "refit.notes",
                                        blank.name(),
                                        refitted.notes().stream()
                                                .map(this::note)
                                                .collect(Collectors.joining(" "))));
    }

    private String note(Refit.Note note) {
        LengthUnit unit = session.unit();
        return switch (note) {
            case Refit.Note.Width w -> Texts.of("refit.width", unit.format(w.fromMm()), unit.format(w.toMm()));
            case Refit.Note.Colour c -> Texts.of("refit.colour", c.from(), c.to());
            case Refit.Note.Size s -> Texts.of("refit.size", s.count(), s.to());
            case Refit.Note.Place place -> Texts.of("refit.place", place.faceId());
            case Refit.Note.Material m -> Texts.of("refit.material", m.from(), m.to());
        };
    }

    /** @param edited what is measured anew; empty for a new thing */
    public void measure(Optional<Blank> edited) {
        new MeasureSheet(session, files, sheets, edited, this::save).open();
    }

    private void save(Blank blank, Optional<Path> photo) {
        try {
            if (photo.isPresent()) {
                folder.savePhoto(blank, photo.get());
            }
            folder.save(blank);
            reload();
            sheets.close();
            exchange(blank);
            session.notices().say(Texts.of("measure.saved", blank.name()));
        } catch (IOException e) {
            notWritten(blank.name(), e);
        }
    }

    private void reload() {
        session.useShop(folder.shop());
    }

    void copy(Blank b) {
        String name = Texts.of("choose.copied", b.name());
        keep(b.copied(OwnBlank.freeId(name, id -> session.shop().blank(id).isPresent()), name));
    }

    private void keep(Blank b) {
        try {
            folder.save(b);
            reload();
        } catch (IOException e) {
            notWritten(b.name(), e);
        }
    }

    /** Asked first, and it can be brought back; a blank that a line of the open job is made on stays. */
    void remove(Blank b, Runnable then) {
        if (session.job().lines().stream().anyMatch(l -> l.blankId().equals(b.id()))) {
            session.notices().say(Texts.of("choose.in-use", b.name()));
            return;
        }
        sheets.askRemove(b.name(), () -> {
            try {
                folder.remove(b.id());
                reload();
                session.notices().say(Texts.of("removed.done", b.name()), Texts.of("removed.back"), () -> keep(b));
            } catch (IOException e) {
                notWritten(b.name(), e);
            }
            then.run();
        });
    }

    private void notWritten(Object what, IOException why) {
        session.notices().trouble(Texts.of("file.not-written", what, Texts.reason(why)));
    }

    void export(Blank b) {
        files.toSave(FileQuestions.Kind.BLANK, b.id() + ".json").ifPresent(file -> write(file, BlankFile.write(b)));
    }

    void importBlank() {
        files.toOpen(FileQuestions.Kind.BLANK).ifPresent(file -> {
            switch (BlankFile.read(file)) {
                case BlankRead.Refused r ->
                    session.notices().trouble(session.words().refusal(r.refusal()));
                case BlankRead.Taken t -> {
                    keep(t.blank());
                    session.notices().say(Texts.of("choose.imported", t.blank().name()));
                }
            }
        });
    }

    /** The unrolled face at 1:1; the file's ending says whether as SVG or as PDF. */
    public void template() {
        session.linePlan()
                .ifPresent(plan -> session.sizePlan()
                        .ifPresent(size -> files.toSave(
                                        FileQuestions.Kind.TEMPLATE,
                                        plan.blank().id() + "-template.pdf")
                                .ifPresent(file -> {
                                    String title = title(plan, size.id());
                                    boolean svg = file.getFileName()
                                            .toString()
                                            .toLowerCase(Locale.ROOT)
                                            .endsWith(".svg");
                                    write(
                                            file,
                                            svg
                                                    ? TemplateSvg.write(title, size.face())
                                                    : TemplatePdf.write(
                                                            title,
                                                            size.face(),
                                                            session.settings().paper()));
                                })));
    }

    private static String title(LinePlan plan, String size) {
        return plan.blank().name() + (plan.blank().sizes().size() > 1 ? ", " + size : "") + ", "
                + plan.face().name();
    }

    private void write(Path file, byte[] content) {
        try {
            SafeFiles.write(file, content);
            session.notices()
                    .say(Texts.of(
                            "file.written",
                            file.getFileName(),
                            file.toAbsolutePath().getParent()));
        } catch (IOException e) {
            notWritten(file.getFileName(), e);
        }
    }

    /** Says which files of the shop's own folder could not be used. */
    public void sayRefused() {
        List<String> sentences =
                folder.refused().stream().map(session.words()::refusal).toList();
        sentences.forEach(session.notices()::trouble);
    }
}
