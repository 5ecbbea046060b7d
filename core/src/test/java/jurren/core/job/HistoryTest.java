package jurren.core.job;

import jurren.core.Fixtures;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class HistoryTest {
    private final Job start = Fixtures.job();
    private final History history = new History(start);

    @Test
    void undoAndRedoGoTheSameWayBackAndForth() {
        for (int i = 0; i < 500; i++) {
            history.edit(history.now().withName("name " + i));
        }
        while (history.canUndo()) {
            history.undo();
        }
        assertThat(history.now()).isEqualTo(start);
        while (history.canRedo()) {
            history.redo();
        }
        assertThat(history.now().name()).isEqualTo("name 499");
    }

    @Test
    void aGestureIsOneStepAndAnEditForgetsWhatWasUndone() {
        Object drag = new Object();
        for (int i = 0; i < 30; i++) {
            history.edit(start.withName("drag " + i), drag);
        }
        history.undo();
        assertThat(history.now()).isEqualTo(start);
        history.edit(start.withName("other"));
        assertThat(history.canRedo()).isFalse();
        history.edit(start.withName("other"));
        history.undo();
        assertThat(history.now()).as("an edit that changes nothing is no step").isEqualTo(start);
    }

    @Test
    void whatUndoAndRedoWouldBringIsKnownBefore() {
        Job first = jurren.core.Fixtures.job();
        History history = new History(first);
        assertThat(history.before()).isEmpty();
        assertThat(history.after()).isEmpty();
        history.edit(first.withName("second"));
        history.edit(first.withName("third"));
        assertThat(history.before()).contains(first.withName("second"));
        history.undo();
        assertThat(history.before()).contains(first);
        assertThat(history.after()).contains(first.withName("third"));
        history.edit(first.withName("fourth"));
        assertThat(history.after()).as("another way was taken").isEmpty();
    }
}
