package jurren.core.job;

import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class LedgerTest {
    private static Ledger.Entry entry(Ledger.What what, String stock, double toMm, int paths, boolean practice) {
        return new Ledger.Entry(what, Instant.EPOCH, "m", 1, "c", 90, 300, 1, stock, "f", 0, toMm, paths, 8, practice);
    }

    /** Squares to 30 mm, a load broken off at 120, then cut whole: what comes after it begins at the edge again. */
    @Test
    void whatComesNextBeginsBehindWhatWasTriedOrBrokenOff() {
        Ledger ledger = Ledger.NOTHING.with(entry(Ledger.What.TRIED, "r", 30, 8, false));
        assertThat(ledger.takenMm("r")).isEqualTo(30);
        assertThat(ledger.takenMm("other")).isZero();
        ledger = ledger.with(entry(Ledger.What.TRIED, "r", 90, 8, true));
        assertThat(ledger.takenMm("r")).as("practice takes no film").isEqualTo(30);
        ledger = ledger.with(entry(Ledger.What.CUT, "r", 120, 3, false));
        assertThat(ledger.takenMm("r")).isEqualTo(120);
        ledger = ledger.with(entry(Ledger.What.CUT, "r", 500, 8, false));
        assertThat(ledger.takenMm("r")).isZero();
        assertThat(ledger.entries()).hasSize(4);
    }

    @Test
    void whatCannotHaveBeenIsRefused() {
        assertThatThrownBy(() -> entry(Ledger.What.CUT, "r", 10, 9, false)).hasMessage("9 of 8 paths cannot be cut");
        assertThatThrownBy(() -> entry(Ledger.What.CUT, "r", Double.NaN, 1, false))
                .hasMessageContaining("NaN");
    }

    @Test
    void noUndoTakesBackWhatIsAlwaysSo() {
        Job job = new Job("j", "", "", false, List.of());
        History history = new History(job);
        history.edit(job.withName("a"));
        history.edit(job.withName("b"));
        history.undo();
        history.always(j -> j.withDue("today"));
        assertThat(history.now().due()).isEqualTo("today");
        history.undo();
        assertThat(history.now()).isEqualTo(job.withDue("today"));
        history.redo();
        history.redo();
        assertThat(history.now()).isEqualTo(job.withName("b").withDue("today"));
    }
}
