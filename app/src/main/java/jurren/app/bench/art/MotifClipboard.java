package jurren.app.bench.art;

import java.io.ByteArrayInputStream;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import jurren.app.desk.Order;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.art.DrawingFile;
import jurren.core.art.Motif;
import jurren.core.job.Job;
import jurren.core.plan.LinePlan;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.out.ArtFormat;
import jurren.formats.out.ArtSheet;

/**
 * Motifs on the clipboard, for another line, window or program: as a job that holds only them, as SVG and as a picture.
 * The other way round a drawing is taken from SVG that another program put there.
 */
public final class MotifClipboard {
    private static final DataFormat MOTIFS = format("application/x-jurren");
    private static final DataFormat SVG = format("image/svg+xml");
    private static final double PNG_PER_INCH = 150;
    private static final double PASTED_AGAIN_MM = 8;

    private final Session session;
    private final ArtActions actions;

    public MotifClipboard(Session session, ArtActions actions) {
        this.session = session;
        this.actions = actions;
    }

    private static DataFormat format(String mime) {
        DataFormat known = DataFormat.lookupMimeType(mime);
        return known == null ? new DataFormat(mime) : known;
    }

    /** What is chosen; the motifs at once, what other programs read as soon as it is drawn. */
    private boolean copied() {
        List<Motif> chosen = session.chosen();
        if (chosen.isEmpty()) {
            session.notices().say(Texts.of("copy.nothing"));
            return false;
        }
        Map<DataFormat, Object> content = new HashMap<>();
        content.put(MOTIFS, ByteBuffer.wrap(bytes(chosen)));
        put(content);
        session.linePlan()
                .ifPresent(plan -> session.desk()
                        .give(new Order<>(
                                Texts.of("work.copying"),
                                _ -> drawn(plan, chosen),
                                more -> {
                                    content.putAll(more);
                                    put(content);
                                },
                                why -> session.notices().trouble(Texts.of("work.failed", Texts.reason(why))))));
        session.notices().say(Texts.of("copy.done", chosen.size()));
        return true;
    }

    private static void put(Map<DataFormat, Object> content) {
        ClipboardContent all = new ClipboardContent();
        all.putAll(content);
        Clipboard.getSystemClipboard().setContent(all);
    }

    private static Map<DataFormat, Object> drawn(LinePlan plan, List<Motif> chosen) {
        ArtSheet sheet = ArtSheet.of(plan, chosen);
        if (sheet.parts().isEmpty()) {
            return Map.of();
        }
        ArtFormat.Options options =
                new ArtFormat.Options(ArtFormat.Options.MILLIMETRES, Optional.empty(), PNG_PER_INCH);
        byte[] svg = ArtFormat.SVG.write(sheet, options);
        Image png = new Image(new ByteArrayInputStream(ArtFormat.PNG.write(sheet, options)));
        return Map.of(SVG, ByteBuffer.wrap(svg), DataFormat.IMAGE, png);
    }

    private byte[] bytes(List<Motif> motifs) {
        Job only = new Job("", "", "", true, List.of(session.line().withMotifs(motifs))).carrying(session.shopOfJob());
        return JobFile.bytes(JobDocument.of(only));
    }

    public void copy() {
        copied();
    }

    public void cut() {
        if (copied()) {
            actions.remove();
        }
    }

    /** One more of what is chosen, a little aside. */
    public void duplicate() {
        List<Motif> chosen = session.chosen();
        if (chosen.isEmpty()) {
            session.notices().say(Texts.of("copy.nothing"));
            return;
        }
        actions.add(chosen.stream().map(MotifClipboard::aside).toList());
    }

    private static Motif aside(Motif m) {
        return m.withPose(m.pose().moved(PASTED_AGAIN_MM, PASTED_AGAIN_MM));
    }

    public boolean hasMotifs(Clipboard board) {
        return board.hasContent(MOTIFS);
    }

    /** At their own place; where the same stand there already, a little aside. */
    public void paste(Clipboard board) {
        byte[] content = bytes(board.getContent(MOTIFS));
        switch (JobFile.read(content, Texts.of("paste.clipboard"), session.shopOfJob())) {
            case JobRead.Opened o -> {
                List<Motif> motifs = o.document().job().lines().getFirst().motifs();
                boolean there = motifs.stream()
                        .anyMatch(m -> session.line().motifs().stream()
                                .anyMatch(n -> n.source().equals(m.source())
                                        && n.pose().equals(m.pose())));
                actions.add(there ? motifs.stream().map(MotifClipboard::aside).toList() : motifs);
            }
            case JobRead.Refused r -> session.notices().trouble(session.words().refusal(r.refusal()));
        }
    }

    private static byte[] bytes(Object content) {
        if (content instanceof ByteBuffer b) {
            ByteBuffer own = b.duplicate();
            own.rewind();
            byte[] bytes = new byte[own.remaining()];
            own.get(bytes);
            return bytes;
        }
        return String.valueOf(content).getBytes(StandardCharsets.UTF_8);
    }

    /** SVG that another program put there, as its own kind or as plain text. */
    public Optional<DrawingFile> drawing(Clipboard board) {
        if (board.hasContent(SVG)) {
            return Optional.of(new DrawingFile(Texts.of("paste.drawing"), bytes(board.getContent(SVG))));
        }
        return Optional.ofNullable(board.getString())
                .map(String::strip)
                .filter(s -> s.startsWith("<svg") || s.startsWith("<?xml") && s.contains("<svg"))
                .map(s -> new DrawingFile(Texts.of("paste.drawing"), s.getBytes(StandardCharsets.UTF_8)));
    }
}
