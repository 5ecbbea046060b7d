package jurren.core.memo;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class MemoTest {
    private final List<String> asked = Collections.synchronizedList(new ArrayList<>());
    private final Memory memory = new Memory(10_000);
    private final Memo<String, Integer> lengths = new Memo<>(
            memory,
            s -> {
                asked.add(s);
                return s.length();
            },
            (_, _, scale) -> scale.add(1000));

    @Test
    void equalQuestionsAreAnsweredOnce() {
        assertThat(lengths.get("kite")).isEqualTo(4);
        assertThat(lengths.get(new String("kite".toCharArray()))).isEqualTo(4);
        assertThat(asked).containsExactly("kite");
        assertThat(lengths.computed()).isEqualTo(1);
    }

    @Test
    void itsMemoryNeverHoldsMoreThanItsBudget() {
        for (int i = 0; i < 500; i++) {
            lengths.get("word " + i);
            assertThat(memory.heldBytes()).isLessThanOrEqualTo(memory.budgetBytes());
        }
        assertThat(memory.count()).as("1,200 bytes each").isEqualTo(8);
        asked.clear();
        lengths.get("word 499");
        assertThat(asked).isEmpty();
    }

    @Test
    void keysWeighAsWellAsAnswers() {
        Memo<String, Integer> heavyKeys =
                new Memo<>(memory, String::length, (key, _, scale) -> scale.add(key.length()));
        IntStream.range(0, 100).forEach(i -> heavyKeys.get("x".repeat(3000) + i));
        assertThat(memory.count()).isLessThan(4);
    }

    @Test
    void whatAloneIsTooHeavyIsWorkedOutEachTimeAndPushesNothingOut() {
        Memo<String, String> words = new Memo<>(
                memory,
                w -> {
                    asked.add(w);
                    return w;
                },
                (_, value, scale) -> scale.add(value.equals("huge") ? 50_000 : 10));
        List.of("kite", "huge", "huge", "kite").forEach(words::get);
        assertThat(asked).containsExactly("kite", "huge", "huge");
    }

    @Test
    void anAnswerThatFailsIsAskedForAgain() {
        Memo<String, String> stopped = new Memo<>(
                memory,
                w -> {
                    asked.add(w);
                    throw new CancellationException();
                },
                (_, _, scale) -> scale.add(1));
        for (int i = 0; i < 2; i++) {
            assertThatThrownBy(() -> stopped.get("kite")).isInstanceOf(CancellationException.class);
        }
        assertThat(asked).hasSize(2);
        assertThat(memory.count()).isZero();
    }

    @Test
    void severalThreadsGetTheSameAnswersAndTheBudgetHolds() {
        Memo<Integer, Integer> squares = new Memo<>(memory, i -> i * i, (_, _, scale) -> scale.add(100));
        assertThat(IntStream.range(0, 50_000).parallel().allMatch(i -> squares.get(i % 70) == (i % 70) * (i % 70)))
                .isTrue();
        assertThat(memory.heldBytes()).isBetween(1L, memory.budgetBytes());
        memory.forget();
        assertThat(memory.heldBytes()).isZero();
        assertThat(squares.get(3)).isEqualTo(9);
    }
}
