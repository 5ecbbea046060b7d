package jurren.app.window;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.function.Consumer;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Texts;

/** Saves a job, and asks where that would lose somebody's work. */
final class Saving {
    private static final String ENDING = ".jurren";

    private final Session session;
    private final FileQuestions files;
    private final Sheets sheets;
    private Consumer<Path> beside = _ -> {};

    Saving(Session session, FileQuestions files, Sheets sheets) {
        this.session = session;
        this.files = files;
        this.sheets = sheets;
    }

    /** Opens files in windows of their own by this from now on. */
    void openBesideBy(Consumer<Path> opening) {
        beside = opening;
    }

    /** @param then told whether it is saved */
    void save(String name, Consumer<Boolean> then) {
        session.files().file().ifPresentOrElse(file -> save(file, false, then), () -> saveAs(name, then));
    }

    void saveAs(String name, Consumer<Boolean> then) {
        files.toSave(FileQuestions.Kind.JOB, name)
                .ifPresentOrElse(p -> save(withEnding(p), true, then), () -> then.accept(false));
    }

    private void save(Path file, boolean over, Consumer<Boolean> then) {
        session.files().save(file, over, how -> {
            switch (how) {
                case SAVED -> then.accept(true);
                case FAILED -> then.accept(false);
                case CHANGED_THERE -> askWhose(file, then);
            }
        });
    }

    private void askWhose(Path file, Consumer<Boolean> then) {
        Path copy = free(file);
        sheets.ask(
                "changed-sheet",
                Texts.of("changed.title", file.getFileName()),
                Texts.of("changed.text", file.getFileName()),
                new Sheets.Answer(
                        "changed-copy", Texts.of("changed.copy", copy.getFileName()), () -> save(copy, true, then)),
                new Sheets.Answer("changed-over", Texts.of("changed.over"), () -> save(file, true, then)),
                new Sheets.Answer("changed-theirs", Texts.of("changed.theirs"), () -> {
                    beside.accept(file);
                    then.accept(false);
                }));
    }

    /** Beside a file, under a name that nothing has yet. */
    private static Path free(Path file) {
        String name = file.getFileName().toString();
        String plain = name.endsWith(ENDING) ? name.substring(0, name.length() - ENDING.length()) : name;
        for (int i = 2; ; i++) {
            Path copy = file.resolveSibling(plain + " " + i + ENDING);
            if (!Files.exists(copy)) {
                return copy;
            }
        }
    }

    /** Asks what to do with unsaved work before it would be lost. */
    void askUnsaved(String name, Runnable then) {
        if (!session.files().isUnsaved()) {
            then.run();
            return;
        }
        Runnable saveFirst = () -> save(name, saved -> {
            if (saved) {
                then.run();
            }
        });
        if (session.files().savesItself()) {
            saveFirst.run();
            return;
        }
        sheets.ask(
                "unsaved-sheet",
                Texts.of("unsaved.title"),
                Texts.of("unsaved.text"),
                new Sheets.Answer("unsaved-save", Texts.of("unsaved.save"), saveFirst),
                new Sheets.Answer("unsaved-drop", Texts.of("unsaved.drop"), then),
                new Sheets.Answer("unsaved-stay", Texts.of("unsaved.stay"), () -> {}));
    }

    static Path withEnding(Path file) {
        return file.getFileName().toString().endsWith(ENDING) ? file : file.resolveSibling(file.getFileName() + ENDING);
    }
}
