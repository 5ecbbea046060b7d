package jurren.app.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import jurren.app.keep.FaultLog;
import jurren.app.theme.Texts;

/**
 * What a person is told at the foot of the bench, the latest last. Troubles stay until they are put away, each once
 * however often it comes; of remarks there is only the latest.
 */
public final class Notices {
    private static final int MOST = 20;

    /**
     * One sentence.
     *
     * @param action what can be done about it at once
     */
    public record Notice(String sentence, boolean isTrouble, Optional<Action> action) {}

    /** A button beside a sentence. */
    public record Action(String words, Runnable run) {}

    private final List<Notice> all = new ArrayList<>();
    private final Runnable changed;
    private final BooleanSupplier isFailure;

    /** @param isFailure whether what is told just now is a failure of the program */
    Notices(Runnable changed, BooleanSupplier isFailure) {
        this.changed = changed;
        this.isFailure = isFailure;
    }

    /** A sentence for the person, until the next one or until it is put away; null only puts the last away. */
    public void say(String sentence) {
        remark(sentence, Optional.empty());
    }

    /** The same with something that can be done about it. */
    public void say(String sentence, String words, Runnable action) {
        remark(sentence, Optional.of(new Action(words, action)));
    }

    private void remark(String sentence, Optional<Action> action) {
        all.removeIf(n -> !n.isTrouble);
        if (sentence != null) {
            all.add(new Notice(sentence, false, action));
        }
        changed.run();
    }

    /** Something went wrong: said until it is put away, whatever is said after it. */
    public void trouble(String sentence) {
        trouble(sentence, isFailure.getAsBoolean());
    }

    /** The program failed at something, and nobody knew what to say about it. */
    public void fault() {
        trouble(Texts.of("fault.said"), true);
    }

    private void trouble(String sentence, boolean isFault) {
        all.removeIf(n -> n.isTrouble && n.sentence.equals(sentence));
        all.add(new Notice(
                sentence,
                true,
                isFault
                        ? Optional.of(new Action(Texts.of("fault.copy"), Notices::copyWhatWentWrong))
                        : Optional.empty()));
        if (all.size() > MOST) {
            all.removeFirst();
        }
        changed.run();
    }

    /** For whoever is to mend it, onto the clipboard. */
    public static void copyWhatWentWrong() {
        ClipboardContent content = new ClipboardContent();
        content.putString(FaultLog.report());
        Clipboard.getSystemClipboard().setContent(content);
    }

    public void putAway(Notice notice) {
        all.remove(notice);
        changed.run();
    }

    void clear() {
        all.clear();
    }

    public List<Notice> all() {
        return List.copyOf(all);
    }

    /** The latest sentence. */
    public Optional<String> latest() {
        return all.isEmpty() ? Optional.empty() : Optional.of(all.getLast().sentence);
    }
}
