package jurren.core.memo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class MemoTest {
    private final List<String> asked = Collections.synchronizedList(new ArrayList<>());
    private final Memo<String, Integer> lengths = new Memo<>(3, s -> {
        asked.add(s);
        return s.length();
    });

    @Test
    void equalQuestionsAreAnsweredOnce() {
        assertThat(lengths.get("kite")).isEqualTo(4);
        assertThat(lengths.get(new String("kite".toCharArray()))).isEqualTo(4);
        assertThat(asked).containsExactly("kite");
        assertThat(lengths.computed()).isEqualTo(1);
    }

    @Test
    void whatWasAskedLongestAgoIsForgottenFirst() {
        List.of("a", "bb", "ccc", "a", "dddd").forEach(lengths::get);
        asked.clear();
        List.of("a", "ccc", "dddd").forEach(lengths::get);
        assertThat(asked).isEmpty();
        lengths.get("bb");
        assertThat(asked).containsExactly("bb");
    }

    @Test
    void heavyAnswersPushOutMoreThanLightOnes() {
        Memo<String, String> words = new Memo<>(10, w -> {
            asked.add(w);
            return w;
        }, String::length);
        List.of("kite", "fair", "no").forEach(words::get);
        words.get("crew");
        asked.clear();
        List.of("no", "crew", "fair").forEach(words::get);
        assertThat(asked).as("ten letters are held").isEmpty();
        words.get("kite");
        words.get("far too long a word");
        words.get("far too long a word");
        assertThat(asked).as("what is too heavy is worked out each time").containsExactly("kite", "far too long a word", "far too long a word");
    }

    @Test
    void severalThreadsGetTheSameAnswers() {
        Memo<Integer, Integer> squares = new Memo<>(50, i -> i * i);
        assertThat(IntStream.range(0, 5000).parallel().allMatch(i -> squares.get(i % 70) == (i % 70) * (i % 70))).isTrue();
    }
}
