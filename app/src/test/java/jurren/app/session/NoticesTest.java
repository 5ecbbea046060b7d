package jurren.app.session;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class NoticesTest {
    private final Notices notices = new Notices(() -> {}, () -> false);

    private String all() {
        return String.join(
                "|", notices.all().stream().map(Notices.Notice::sentence).toList());
    }

    @Test
    void ofRemarksThereIsOnlyTheLatest() {
        notices.say("one");
        notices.say("two");
        assertThat(all()).isEqualTo("two");
        notices.say(null);
        assertThat(all()).isEmpty();
        assertThat(notices.latest()).isEmpty();
    }

    @Test
    void troublesStayUntilTheyArePutAwayEachOnce() {
        notices.trouble("a");
        notices.trouble("b");
        notices.say("remark");
        notices.trouble("a");
        assertThat(all()).isEqualTo("b|remark|a");
        notices.putAway(notices.all().getFirst());
        assertThat(all()).isEqualTo("remark|a");
        assertThat(notices.latest()).contains("a");
    }

    @Test
    void notMoreAreKeptThanAnybodyWouldRead() {
        IntStream.range(0, 50).forEach(i -> notices.trouble("trouble " + i));
        assertThat(notices.all()).hasSize(20);
        assertThat(notices.latest()).contains("trouble 49");
        notices.clear();
        assertThat(notices.all()).isEmpty();
    }

    @Test
    void aRemarkCanBringItsWayBack() {
        boolean[] back = new boolean[1];
        notices.say("removed", "Bring it back", () -> back[0] = true);
        notices.all().getFirst().action().orElseThrow().run().run();
        assertThat(back[0]).isTrue();
    }
}
