package jurren.app.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.animation.PauseTransition;
import javafx.scene.Scene;
import javafx.scene.input.Clipboard;
import javafx.util.Duration;
import jurren.app.bench.art.ArtActions;
import jurren.app.bench.art.ArtSheets;
import jurren.app.bench.art.MotifClipboard;
import jurren.app.bench.blank.BlankActions;
import jurren.app.bench.cut.BeforeCut;
import jurren.app.bench.cut.HeadSheet;
import jurren.app.bench.cut.TestCutSheet;
import jurren.app.cutter.CutTalk;
import jurren.app.desk.Order;
import jurren.app.make.DryRunner;
import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.sheet.Sheets;
import jurren.app.shop.ShopSheet;
import jurren.app.theme.Texts;
import jurren.app.theme.Typed;
import jurren.core.art.Lettering;
import jurren.core.blank.Blank;
import jurren.core.cure.Remedies;
import jurren.core.cut.CutRun;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.lettering.FontRefused;
import jurren.core.load.Offcut;
import jurren.core.plan.Plan;
import jurren.core.run.WholeRun;
import jurren.formats.files.SafeFiles;
import jurren.formats.hpgl.HpglWriter;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.plan.JobPapers;
import jurren.formats.print.GuidePdf;
import jurren.formats.print.Paper;
import jurren.formats.print.PrintPdf;
import jurren.formats.print.Proof;
import jurren.formats.print.RunPdf;
import jurren.formats.print.TicketPdf;
import jurren.formats.words.Units;

/** What a window can do with whole jobs and files, each ending in something seen or a sentence said. */
public final class WindowActions {
    private static final Duration LONGEST_STOP = Duration.seconds(5);

    private final Session session;
    private final FileQuestions files;
    private final Sheets sheets;
    private final BeforeCut before;
    private final CutTalk cutter;
    private final Supplier<Scene> scene;
    private final DryRunSheet dryRun;
    private final BlankActions blanks;
    private final ArtSheets art;
    private final MotifClipboard clipboard;
    private final Saving saving;
    private Printers printers = new SystemPrinters();

    WindowActions(
            Session session,
            FileQuestions files,
            Sheets sheets,
            ArtActions artActions,
            BeforeCut before,
            Supplier<Scene> scene) {
        this.session = session;
        this.files = files;
        this.sheets = sheets;
        this.before = before;
        this.cutter = before.talk();
        this.scene = scene;
        this.dryRun = new DryRunSheet(session, sheets);
        this.blanks = new BlankActions(session, files, sheets, session.shopFolder());
        this.art = new ArtSheets(session, files, sheets, artActions, this::write);
        this.clipboard = new MotifClipboard(session, artActions);
        this.saving = new Saving(session, files, sheets);
    }

    /** Prints on these from now on. */
    void printOn(Printers others) {
        printers = others;
    }

    void give(AskFor.What what, String which) {
        typed();
        switch (what) {
            case FONT -> files.toOpen(FileQuestions.Kind.FONT).ifPresent(this::openFont);
            case START -> art.openStart(which);
            case SAVE_START -> art.saveStart();
            case CHOOSE_BLANK -> blanks.choose();
            case NEW_LINE -> blanks.chooseForNewLine();
            case MEASURE_OWN -> blanks.measure(Optional.empty());
            case TEMPLATE -> blanks.template();
            case DRAWER -> new JobDrawer(session, this, sheets).open();
            case DRAWING -> files.toOpen(FileQuestions.Kind.DRAWING).ifPresent(art.bringing()::file);
            case TRACE_AGAIN -> art.bringing().again(which);
            case SHELF -> new ShopSheet(session, sheets, files).open(ShopSheet.Page.SHELF);
            case SHOP -> new ShopSheet(session, sheets, files).open(ShopSheet.Page.FILMS);
            case TEST_CUT -> withLoad(which, r -> new TestCutSheet(session, cutter, sheets, r).open());
            case SHOW_MARKS ->
                withLoad(which, r -> HeadSheet.marks(session, cutter, sheets, r, found -> before.fits(r, found)));
            case SHOW_OFFCUT ->
                withLoad(which, r -> HeadSheet.offcut(session, cutter, sheets, r, found -> before.lies(r, found)));
            case FILM_CORNER ->
                withLoad(which, r -> HeadSheet.corner(session, cutter, sheets, r, before.begins(), before::begin));
            case EXPORT -> art.export(fileName(""));
            case RUN -> withPlan(this::run);
            case PRINT -> withPlan(this::ticket);
            case PRINTER -> withPlan(_ -> print(which));
            case CUT_FILE -> withPlan(plan -> saveCutFile(plan, which));
            case CUT_FILES -> withPlan(this::saveCutFiles);
            case GUIDE -> withLoad(which, this::saveGuide);
            case DRY_RUN -> withPlan(dryRun::open);
            case SHORTCUTS -> ShortcutSheet.open(sheets);
            case NEW -> newJob();
            case OPEN -> open();
            case SAVE -> save();
            case UNDO -> undo();
            case REDO -> redo();
        }
    }

    private void withLoad(String order, Consumer<CutRun> then) {
        withPlan(plan -> plan.runs().stream()
                .filter(r -> String.valueOf(r.load().order()).equals(order))
                .findFirst()
                .ifPresent(then));
    }

    /** What is being typed counts before anything is done with the whole. */
    private void typed() {
        Typed.commitIn(scene.get());
    }

    private void withPlan(Consumer<Plan> then) {
        if (session.isSettled()) {
            then.accept(session.plan().orElseThrow());
        } else {
            session.notices().say(Texts.of("planning"));
        }
    }

    BlankActions blanks() {
        return blanks;
    }

    MotifClipboard clipboard() {
        return clipboard;
    }

    ArtSheets art() {
        return art;
    }

    // ---- undo

    /** In a field that is being typed in, that first. */
    void undo() {
        Optional<Typed> typed = Typed.pending(scene.get().getFocusOwner());
        if (typed.isPresent()) {
            typed.get().restore();
        } else if (session.canUndo()) {
            session.undo();
        } else {
            session.notices().say(Texts.of("undo.nothing"));
        }
    }

    void redo() {
        if (session.canRedo()) {
            session.redo();
        } else {
            session.notices().say(Texts.of("redo.nothing"));
        }
    }

    // ---- what is dropped and pasted

    /** A font file is kept for next time and put on the chosen lettering. */
    private void openFont(Path file) {
        session.desk()
                .give(new Order<>(
                        Texts.of("work.reading", file.getFileName()),
                        _ -> session.shopFolder().openFont(file),
                        font -> {
                            session.editMotif(
                                    m -> m.source() instanceof Lettering l ? m.withSource(l.withTypeface(font)) : m);
                            session.notices().say(Texts.of("font.opened", font.title()));
                        },
                        why -> session.notices()
                                .trouble(
                                        why instanceof FontRefused r
                                                ? Texts.of("font." + r.why(), file.getFileName())
                                                : Texts.of("file.unreadable", file.getFileName()))));
    }

    /** A drawing or a picture is put on the open face, a job is opened; anything else is said. */
    void dropped(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        if (name.endsWith(".jurren")) {
            open(file);
        } else if (name.endsWith(".ttf") || name.endsWith(".otf")) {
            openFont(file);
        } else {
            art.bringing().file(file);
        }
    }

    /** Motifs, a drawing, files or a picture from the clipboard. */
    void paste() {
        Clipboard board = Clipboard.getSystemClipboard();
        if (clipboard.hasMotifs(board)) {
            session.show(Bench.ART);
            clipboard.paste(board);
        } else if (board.hasFiles()) {
            board.getFiles().forEach(f -> dropped(f.toPath()));
        } else if (clipboard.drawing(board).isPresent()) {
            session.show(Bench.ART);
            art.bringing().drawing(clipboard.drawing(board).get());
        } else if (board.hasImage()) {
            art.bringing().pasted(board.getImage());
        } else {
            session.notices().say(Texts.of("paste.nothing"));
        }
    }

    // ---- jobs

    void newJob() {
        afterUnsaved(() -> {
            Blank blank = session.shop()
                    .blank("tee-adult")
                    .orElseGet(() -> session.shop().blanks().getFirst());
            session.files()
                    .replace(
                            JobDocument.of(NewJobs.onBlank(
                                    blank,
                                    Texts.of("job.new-name"),
                                    blank.name(),
                                    blank.colours().getFirst().id(),
                                    session.shop().materials().getFirst().id())),
                            Optional.empty());
            session.show(Bench.BLANK);
            sheets.closeAll();
            blanks.choose();
        });
    }

    void open() {
        files.toOpen(FileQuestions.Kind.JOB).ifPresent(this::open);
    }

    void open(Path file) {
        afterUnsaved(() -> session.files().open(file, sheets::closeAll));
    }

    /** Asks what to do with unsaved work, and with a load in the cutter, before they would be lost. */
    void afterUnsaved(Runnable then) {
        typed();
        if (cutter.isBusy()) {
            sheets.ask(
                    "cutting-sheet",
                    Texts.of("cutting.title"),
                    Texts.of(
                            "cutting.text",
                            cutter.run().map(r -> r.load().order()).orElse(0)),
                    new Sheets.Answer("cutting-stay", Texts.of("cutting.stay"), () -> {}),
                    new Sheets.Answer("cutting-stop", Texts.of("cutting.stop"), () -> {
                        cutter.stop();
                        onceStopped(() -> askUnsaved(then));
                    }));
        } else {
            askUnsaved(then);
        }
    }

    /** What was cut until then stands in the ledger first; a machine that never answers keeps nobody. */
    private void onceStopped(Runnable then) {
        PauseTransition patience = new PauseTransition(LONGEST_STOP);
        Runnable[] watcher = new Runnable[1];
        Runnable go = () -> {
            patience.stop();
            cutter.unwatch(watcher[0]);
            then.run();
        };
        watcher[0] = () -> {
            switch (cutter.state()) {
                case STOPPED, DONE, LINE_LOST, IDLE -> go.run();
                case EDGE, LOOKING, MOVING, SENT, CUTTING, PAUSED, LID_OPEN, IN_DOUBT -> {}
            }
        };
        patience.setOnFinished(_ -> go.run());
        cutter.watch(watcher[0]);
        patience.play();
        watcher[0].run();
    }

    void save() {
        save(_ -> {});
    }

    /** @param then told whether it is saved */
    void save(Consumer<Boolean> then) {
        typed();
        saving.save(fileName(".jurren"), then);
    }

    /** Asks where this person's jobs lie. */
    void chooseJobs(Runnable chosen) {
        files.folder().ifPresent(folder -> {
            session.settings().keepJobs(folder);
            chosen.run();
        });
    }

    void saveAs(Consumer<Boolean> then) {
        typed();
        saving.saveAs(fileName(".jurren"), then);
    }

    private void askUnsaved(Runnable then) {
        saving.askUnsaved(fileName(".jurren"), then);
    }

    Saving saving() {
        return saving;
    }

    /** The job's name as a file's, with an ending. */
    String fileName(String ending) {
        String name = plain(session.job().name());
        return (name.isBlank() ? "job" : name) + ending;
    }

    private static String plain(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-+|-+$", "");
    }

    // ---- papers

    private void ticket(Plan plan) {
        Units units = session.settings().units();
        Paper paper = session.settings().paper();
        Remedies remedies = session.snags().remedies();
        files.toSave(FileQuestions.Kind.TICKET, fileName("-ticket.pdf"))
                .ifPresent(file -> write(file, () -> TicketPdf.write(plan, units, remedies, paper)));
    }

    private void run(Plan plan) {
        Paper paper = session.settings().paper();
        Units units = session.settings().units();
        files.toSave(FileQuestions.Kind.TICKET, fileName("-run.pdf"))
                .ifPresent(file -> write(file, () -> RunPdf.write(plan, WholeRun.of(plan), units, paper)));
    }

    private void print(String which) {
        Optional<Printout.Kind> kind = which.isEmpty() ? Optional.empty() : Optional.of(Printout.Kind.valueOf(which));
        new PrintingSheet(session, sheets, printers, this, files, kind).open();
    }

    void saveProof() {
        withPlan(plan -> files.toSave(FileQuestions.Kind.PROOF, fileName("-proof.png"))
                .ifPresent(file -> write(file, () -> Proof.write(plan.lines()))));
    }

    /** {@code otterbrook-kite-fair-load-2-cream.plt}: a file that says by itself what goes into the cutter. */
    private String cutFileName(CutRun run) {
        return fileName("-load-" + run.load().order() + "-"
                + plain(run.load().material().colourName(run.load().colour())) + ".plt");
    }

    private void saveCutFile(Plan plan, String load) {
        plan.runs().stream()
                .filter(r -> String.valueOf(r.load().order()).equals(load))
                .findFirst()
                .ifPresent(run -> files.toSave(FileQuestions.Kind.CUT_FILE, cutFileName(run))
                        .ifPresent(file -> write(file, () -> HpglWriter.write(run))));
    }

    /** On paper for a person, or for a pen in the cutter; the file's ending says which. */
    private void saveGuide(CutRun run) {
        if (run.load().stock() instanceof Offcut offcut) {
            Units units = session.settings().units();
            Shop shop = session.shop();
            files.toSave(
                            FileQuestions.Kind.GUIDE,
                            fileName("-guide-" + run.load().order()) + ".pdf")
                    .ifPresent(file -> {
                        boolean pen = file.getFileName()
                                .toString()
                                .toLowerCase(Locale.ROOT)
                                .endsWith(".plt");
                        if (pen && run.cutter().head().pen() == 0) {
                            session.notices()
                                    .trouble(Texts.of(
                                            "guide.no-pen", run.cutter().name()));
                        } else {
                            write(
                                    file,
                                    () -> pen
                                            ? HpglWriter.guide(run, offcut)
                                            : GuidePdf.write(run.load(), shop, units));
                        }
                    });
        }
    }

    private void saveCutFiles(Plan plan) {
        files.folder()
                .ifPresent(folder -> writeAll(folder, () -> {
                    Map<String, byte[]> all = new LinkedHashMap<>();
                    plan.runs().forEach(run -> all.put(cutFileName(run), HpglWriter.write(run)));
                    return all;
                }));
    }

    /** Worked out and written beside the window's thread. */
    void write(Path file, Callable<byte[]> content) {
        session.desk()
                .give(new Order<Void>(
                                Texts.of("work.writing", file.getFileName()),
                                _ -> {
                                    SafeFiles.write(file, content.call());
                                    return null;
                                },
                                _ -> session.notices()
                                        .say(Texts.of(
                                                "file.written",
                                                file.getFileName(),
                                                file.toAbsolutePath().getParent())),
                                why -> notWritten(file, why))
                        .finishing());
    }

    private void writeAll(Path folder, Callable<Map<String, byte[]>> content) {
        session.desk()
                .give(new Order<>(
                        Texts.of("work.writing", folder.getFileName()),
                        _ -> {
                            Map<String, byte[]> all = content.call();
                            SafeFiles.writeAll(folder, all);
                            return all.size();
                        },
                        count -> session.notices().say(Texts.of("file.all-written", count, folder.toAbsolutePath())),
                        why -> notWritten(folder, why)));
    }

    private void notWritten(Path where, Throwable why) {
        session.notices()
                .trouble(
                        why instanceof IOException
                                ? Texts.of("file.not-written", where.getFileName(), Texts.reason(why))
                                : Texts.of("work.failed", Texts.reason(why)));
    }

    void makeAll() {
        Units units = session.settings().units();
        Remedies remedies = session.snags().remedies();
        String cutLine = session.settings().choice(JobDrawer.CUT_LINE, PrintPdf.CUT_LINE);
        Paper paper = session.settings().paper();
        withPlan(plan -> files.folder()
                .ifPresent(folder -> writeAll(folder, () -> {
                    Map<String, byte[]> cutFiles = JobPapers.cutFiles(plan);
                    Map<String, byte[]> printFiles = JobPapers.printFiles(plan, cutLine);
                    return JobPapers.all(
                                    plan,
                                    cutFiles,
                                    printFiles,
                                    () -> DryRunner.run(plan, cutFiles, printFiles),
                                    units,
                                    remedies,
                                    paper)
                            .files();
                })));
    }

    List<Path> recent() {
        return session.settings().recent();
    }
}
