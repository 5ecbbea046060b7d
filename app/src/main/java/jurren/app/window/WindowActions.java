package jurren.app.window;

import jurren.app.DryRunner;
import jurren.app.NewJobs;
import jurren.app.bench.art.ArtActions;
import jurren.app.bench.cut.CutBench;
import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.blank.Blank;
import jurren.core.lettering.FontRefused;
import jurren.formats.start.StartDraft;
import java.util.List;
import jurren.core.plan.Plan;
import jurren.formats.files.SafeFiles;
import jurren.formats.hpgl.HpglWriter;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.plan.JobPapers;
import jurren.formats.print.Proof;
import jurren.formats.print.TicketPdf;
import java.io.IOException;
import javafx.scene.input.Clipboard;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;

/** What a window can do with whole jobs and files, each ending in something seen or a sentence said. */
public final class WindowActions {
    private final Session session;
    private final Files files;
    private final Sheets sheets;
    private final ArtActions art;
    private final CutBench cut;
    private final BackgroundWork work = new BackgroundWork();
    private final DryRunSheet dryRun;
    private final Bringing bringing;
    private final BlankActions blanks;

    WindowActions(Session session, Files files, Sheets sheets, ArtActions art, CutBench cut) {
        this.session = session;
        this.files = files;
        this.sheets = sheets;
        this.art = art;
        this.cut = cut;
        this.dryRun = new DryRunSheet(session, sheets, work);
        this.bringing = new Bringing(session, sheets, art, work);
        this.blanks = new BlankActions(session, files, sheets, session.shopFolder());
    }

    void give(AskFor.What what, String which) {
        switch (what) {
            case FONT -> files.toOpen(Files.Kind.FONT).ifPresent(this::openFont);
            case START -> openStart(which);
            case SAVE_START -> saveStart();
            case CHOOSE_BLANK -> blanks.choose();
            case NEW_LINE -> blanks.chooseForNewLine();
            case MEASURE_OWN -> blanks.measure(Optional.empty());
            case TEMPLATE -> blanks.template();
            case DRAWER -> new JobDrawer(session, this, sheets).open();
            case DRAWING -> files.toOpen(Files.Kind.DRAWING).ifPresent(bringing::file);
            case TRACE_AGAIN -> bringing.again(which);
            case EXPORT -> export();
            case PRINT -> withPlan(this::print);
            case CUT_FILE -> saveCutFile();
            case DRY_RUN -> withPlan(dryRun::open);
            case SHORTCUTS -> ShortcutSheet.open(sheets);
        }
    }

    private void withPlan(java.util.function.Consumer<Plan> then) {
        if (session.isSettled()) {
            then.accept(session.plan().orElseThrow());
        } else {
            session.say(Texts.of("planning"));
        }
    }

    private void openStart(String id) {
        session.starts().stream().filter(s -> s.id().equals(id)).findFirst().ifPresent(start ->
                session.linePlan().ifPresent(plan -> StartSheet.open(session, sheets, start, plan, art::add)));
    }

    /** From the motifs that are chosen, or from all there are. */
    private void saveStart() {
        List<Motif> motifs = session.chosen().isEmpty() ? session.line().motifs() : session.chosen();
        if (motifs.isEmpty()) {
            session.say(Texts.of("start.nothing-to-save"));
            return;
        }
        SaveStartSheet.open(sheets, StartDraft.of(motifs), start -> {
            try {
                session.shopFolder().starts().save(start);
                session.startsChanged();
                session.say(Texts.of("start.saved", start.name()));
            } catch (IOException e) {
                session.say(Texts.of("file.not-written", start.name(), reason(e)));
            }
        });
    }

    /** A font file is kept for next time and put on the chosen lettering. */
    private void openFont(Path file) {
        work.run(() -> session.shopFolder().openFont(file), font -> {
            session.editMotif(m -> m.source() instanceof Lettering l ? m.withSource(l.withTypeface(font)) : m);
            session.say(Texts.of("font.opened", font.title()));
        }, why -> session.say(why instanceof FontRefused r ? Texts.of("font." + r.why(), file.getFileName())
                : Texts.of("file.unreadable", file.getFileName())));
    }

    /** A drawing or a picture is put on the open face, a job is opened; anything else is said. */
    void dropped(Path file) {
        String name = file.getFileName().toString().toLowerCase(java.util.Locale.ROOT);
        if (name.endsWith(".jurren")) {
            open(file);
        } else if (name.endsWith(".ttf") || name.endsWith(".otf")) {
            openFont(file);
        } else {
            bringing.file(file);
        }
    }

    /** A picture or files from the clipboard. */
    void paste() {
        Clipboard board = Clipboard.getSystemClipboard();
        if (board.hasFiles()) {
            board.getFiles().forEach(f -> dropped(f.toPath()));
        } else if (board.hasImage()) {
            bringing.pasted(board.getImage());
        } else {
            session.say(Texts.of("paste.nothing"));
        }
    }

    private void export() {
        if (!session.isSettled() || session.linePlan().isEmpty()) {
            session.say(Texts.of("planning"));
            return;
        }
        ExportSheet.open(session, sheets, session.linePlan().get(), (format, sheet, options) ->
                files.toSave(Files.Kind.ART, fileName(format.ending())).ifPresent(file ->
                        write(withEnding(file, format.ending()), () -> format.write(sheet, options))));
    }

    BlankActions blanks() {
        return blanks;
    }

    // ---- jobs

    void newJob() {
        afterUnsaved(() -> {
            Blank blank = session.shop().blank("tee-adult").orElseGet(() -> session.shop().blanks().getFirst());
            session.replace(JobDocument.of(NewJobs.onBlank(blank, Texts.of("job.new-name"), blank.name(),
                    blank.colours().getFirst().id(), session.shop().materials().getFirst().id())), Optional.empty());
            session.show(jurren.app.session.Bench.BLANK);
            sheets.close();
            blanks.choose();
        });
    }

    void open() {
        files.toOpen(Files.Kind.JOB).ifPresent(this::open);
    }

    private void open(Path file) {
        afterUnsaved(() -> {
            session.say(session.open(file).orElse(null));
            sheets.close();
        });
    }

    /** Asks what to do with unsaved work before it would be lost. */
    void afterUnsaved(Runnable then) {
        if (session.isUnsaved()) {
            UnsavedSheet.open(sheets, () -> {
                if (save()) {
                    then.run();
                }
            }, then);
        } else {
            then.run();
        }
    }

    boolean save() {
        return session.file().map(this::saveTo).orElseGet(this::saveAs);
    }

    boolean saveAs() {
        return files.toSave(Files.Kind.JOB, fileName(".jurren")).map(p -> saveTo(withEnding(p, ".jurren"))).orElse(false);
    }

    private static Path withEnding(Path file, String ending) {
        return file.getFileName().toString().endsWith(ending) ? file : file.resolveSibling(file.getFileName() + ending);
    }

    private boolean saveTo(Path file) {
        try {
            session.save(file);
            session.say(Texts.of("job.saved", file.getFileName()));
            return true;
        } catch (IOException e) {
            session.say(Texts.of("file.not-written", file.getFileName(), reason(e)));
            return false;
        }
    }

    private static String reason(IOException e) {
        return e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
    }

    private String fileName(String ending) {
        String name = session.job().name().toLowerCase(java.util.Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
        return (name.isBlank() ? "job" : name) + ending;
    }

    // ---- papers

    private void print(Plan plan) {
        files.toSave(Files.Kind.TICKET, fileName("-ticket.pdf")).ifPresent(file ->
                write(file, () -> TicketPdf.write(plan, session.unit())));
    }

    void saveProof() {
        withPlan(plan -> files.toSave(Files.Kind.PROOF, fileName("-proof.png")).ifPresent(file ->
                write(file, () -> Proof.write(plan.lines()))));
    }

    private void saveCutFile() {
        cut.chosen().ifPresent(run -> files.toSave(Files.Kind.CUT_FILE, "load-" + run.load().order() + ".plt")
                .ifPresent(file -> write(file, () -> HpglWriter.write(run))));
    }

    private void write(Path file, Supplier<byte[]> content) {
        work.run(content::get, bytes -> {
            try {
                SafeFiles.write(file, bytes);
                session.say(Texts.of("file.written", file.getFileName()));
            } catch (IOException e) {
                session.say(Texts.of("file.not-written", file.getFileName(), reason(e)));
            }
        }, this::failed);
    }

    void makeAll() {
        withPlan(plan -> files.folder().ifPresent(folder -> work.run(() -> {
            Map<String, byte[]> cutFiles = JobPapers.cutFiles(plan);
            return JobPapers.all(plan, cutFiles, () -> DryRunner.run(plan, cutFiles), session.unit());
        }, all -> {
            try {
                SafeFiles.writeAll(folder, all);
                session.say(Texts.of("file.all-written", all.size(), folder.getFileName()));
            } catch (IOException e) {
                session.say(Texts.of("file.not-written", folder.getFileName(), reason(e)));
            }
        }, this::failed)));
    }

    private void failed(Throwable why) {
        session.say(Texts.of("work.failed", String.valueOf(why.getMessage())));
    }

    void close() {
        work.close();
    }
}
