package jurren.app.bench.art;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Texts;
import jurren.core.art.Motif;
import jurren.formats.start.StartDraft;

/** What opens over the art bench: starts, art to a file, and whatever a customer sent. */
public final class ArtSheets {
    /** Writes what is worked out, beside the window's thread. */
    public interface Writer {
        void write(Path file, Callable<byte[]> content);
    }

    private final Session session;
    private final FileQuestions files;
    private final Sheets sheets;
    private final ArtActions art;
    private final Writer writer;
    private final Bringing bringing;

    public ArtSheets(Session session, FileQuestions files, Sheets sheets, ArtActions art, Writer writer) {
        this.session = session;
        this.files = files;
        this.sheets = sheets;
        this.art = art;
        this.writer = writer;
        this.bringing = new Bringing(session, sheets, art);
    }

    public Bringing bringing() {
        return bringing;
    }

    public void openStart(String id) {
        session.own().starts().stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .ifPresent(start ->
                        session.linePlan().ifPresent(plan -> StartSheet.open(session, sheets, start, plan, art::add)));
    }

    /** From the motifs that are chosen, or from all there are. */
    public void saveStart() {
        List<Motif> motifs = session.chosen().isEmpty() ? session.line().motifs() : session.chosen();
        if (motifs.isEmpty()) {
            session.notices().say(Texts.of("start.nothing-to-save"));
            return;
        }
        SaveStartSheet.open(sheets, StartDraft.of(motifs), start -> {
            try {
                session.shopFolder().starts().save(start);
                session.own().startsChanged();
                session.notices().say(Texts.of("start.saved", start.name()));
            } catch (IOException e) {
                session.notices().trouble(Texts.of("file.not-written", start.name(), Texts.reason(e)));
            }
        });
    }

    /** @param name of the file without its ending */
    public void export(String name) {
        if (!session.isSettled() || session.linePlan().isEmpty()) {
            session.notices().say(Texts.of("planning"));
            return;
        }
        ExportSheet.open(
                session,
                sheets,
                session.linePlan().get(),
                (format, sheet, options) -> files.toSave(FileQuestions.Kind.ART, name + format.ending())
                        .ifPresent(file -> writer.write(
                                file.getFileName().toString().endsWith(format.ending())
                                        ? file
                                        : file.resolveSibling(file.getFileName() + format.ending()),
                                () -> format.write(sheet, options))));
    }
}
