package jurren.core.memo;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

class MemoryTest {
    private final List<String> forgotten = new ArrayList<>();
    private final Memory memory = new Memory(100);

    private Memory.Kept keep(String name, long bytes, long costNs, Object... parts) {
        Memory.Kept kept = new Memory.Kept(() -> forgotten.add(name), costNs, bytes, parts);
        long[] each = new long[parts.length];
        java.util.Arrays.fill(each, 40);
        memory.keep(kept, each);
        return kept;
    }

    /** The worked example of the class. */
    @Test
    void whatTookLeastTimeForItsBytesGoesFirst() {
        Memory.Kept a = keep("A", 50, 100);
        keep("B", 50, 50);
        keep("C", 50, 150);
        assertThat(forgotten).containsExactly("B");
        memory.used(a);
        keep("D", 50, 600);
        assertThat(forgotten)
                .as("A is worth 3 and so is C, which was asked for longer ago")
                .containsExactly("B", "C");
    }

    @Test
    void whatNobodyAsksForSinksBelowWhatIsAskedFor() {
        keep("dear", 50, 300);
        for (int i = 0; i < 12; i++) {
            keep("cheap " + i, 50, 50);
        }
        assertThat(forgotten)
                .as("six times dearer, but never asked for again")
                .contains("dear")
                .doesNotContain("cheap 11");
    }

    @Test
    void aPartThatTwoKeepCountsOnceAndStaysUntilBothAreGone() {
        Object part = new Object();
        keep("A", 10, 1000, part);
        keep("B", 10, 1, part);
        assertThat(memory.heldBytes()).isEqualTo(60);
        keep("C", 45, 10_000);
        assertThat(forgotten).containsExactly("B");
        assertThat(memory.heldBytes()).as("A keeps the part").isEqualTo(95);
    }

    @Test
    void whatIsHeldIsTheSumOfWhatIsThereWhateverCameAndWent() {
        Random random = new Random(7);
        List<Object> parts = List.of(new Object(), new Object(), new Object());
        for (int i = 0; i < 2000; i++) {
            keep(
                    "k" + i,
                    random.nextInt(60),
                    random.nextInt(1000),
                    parts.subList(0, random.nextInt(3)).toArray());
            assertThat(memory.heldBytes()).isBetween(0L, 100L);
        }
        memory.forget();
        assertThat(memory.heldBytes()).isZero();
        assertThat(memory.count()).isZero();
        assertThat(forgotten).hasSize(2000);
    }
}
