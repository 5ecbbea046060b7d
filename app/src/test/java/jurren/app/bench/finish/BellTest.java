package jurren.app.bench.finish;

import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

class BellTest {
    /** At 22,050 a second: 880 Hz crosses zero about 2 · 880 · 0.18 times, 1320 Hz half as often again. */
    @Test
    void twoTonesThatSwellAndFade() {
        byte[] wave = Bell.wave();
        int half = wave.length / 2;
        assertThat(half).isEqualTo((int) (22_050 * 0.18));
        assertThat(crossings(wave, 0, half)).isBetween(300, 325);
        assertThat(crossings(wave, half, wave.length)).isBetween(455, 480);
        assertThat(IntStream.range(0, 20).map(i -> Math.abs(wave[i])).max().orElseThrow())
                .as("no click at its beginning")
                .isLessThan(4);
        assertThat(IntStream.range(0, half).map(i -> Math.abs(wave[i])).max().orElseThrow())
                .isGreaterThan(80);
    }

    @Test
    void aMachineWithoutSoundStaysSilent() {
        assertThatCode(Bell::ring).doesNotThrowAnyException();
    }

    private static int crossings(byte[] wave, int from, int to) {
        int count = 0;
        int last = 0;
        for (int i = from; i < to; i++) {
            int sign = Integer.signum(wave[i]);
            count += sign != 0 && last != 0 && sign != last ? 1 : 0;
            last = sign == 0 ? last : sign;
        }
        return count;
    }
}
