package jurren.app.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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

    /** Takes the place of the last remark; null only puts that away. */
    void remark(String sentence, Optional<Action> action) {
        all.removeIf(n -> !n.isTrouble);
        if (sentence != null) {
            all.add(new Notice(sentence, false, action));
        }
    }

    void trouble(String sentence, Optional<Action> action) {
        all.removeIf(n -> n.isTrouble && n.sentence.equals(sentence));
        all.add(new Notice(sentence, true, action));
        if (all.size() > MOST) {
            all.removeFirst();
        }
    }

    void putAway(Notice notice) {
        all.remove(notice);
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
