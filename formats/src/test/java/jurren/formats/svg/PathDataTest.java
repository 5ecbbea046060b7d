package jurren.formats.svg;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class PathDataTest {
    private static final Pattern COMMAND = Pattern.compile("([MLCQZ])([^MLCQZ]*)");

    private record Command(char kind, double... values) {}

    private static List<Command> commands(String data) {
        List<Command> all = new ArrayList<>();
        Matcher m = COMMAND.matcher(PathData.normal(data));
        while (m.find()) {
            String values = m.group(2).strip();
            all.add(new Command(
                    m.group(1).charAt(0),
                    values.isEmpty()
                            ? new double[0]
                            : Arrays.stream(values.split(" +"))
                                    .mapToDouble(Double::parseDouble)
                                    .toArray()));
        }
        return all;
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = ';',
            value = {
                "m 10 10 l 5 0 0 5 z; M 10 10 L 15 10 L 15 15 Z",
                "M1 2H3V4h-1v-2; M 1 2 L 3 2 L 3 4 L 2 4 L 2 2",
                "M0,0 10,0 10,10; M 0 0 L 10 0 L 10 10",
                "M.5.5-1-1e1; M 0.5 0.5 L -1 -10",
                "M0 0q5 5 10 0t10 0; M 0 0 Q 5 5 10 0 Q 15 -5 20 0",
                "M0 0c0 5 5 5 5 0s5-5 5 0; M 0 0 C 0 5 5 5 5 0 C 5 -5 10 -5 10 0",
                "M0 0zm5 5l1 1; M 0 0 L 0 0 M 0 0 M 5 5 L 6 6"
            })
    void shortFormsAreWrittenOut(String data, String whole) {
        StringBuilder told = new StringBuilder();
        for (Command c : commands(data)) {
            told.append(c.kind).append(' ');
            for (double v : c.values) {
                told.append(v == Math.rint(v) ? String.valueOf((long) v) : String.valueOf(v))
                        .append(' ');
            }
        }
        assertThat(told.toString().strip()).isEqualTo(whole);
    }

    /**
     * Every point of every arc, at a hundred places of each curve, is as far from the middle as the ellipse is there.
     */
    @Test
    void arcsLieOnTheirEllipse() {
        Random random = new Random(8);
        for (int k = 0; k < 500; k++) {
            double rx = 1 + 50 * random.nextDouble();
            double ry = 1 + 50 * random.nextDouble();
            double a = 2 * Math.PI * random.nextDouble();
            double b = a + 0.1 + 6 * random.nextDouble();
            boolean sweep = random.nextBoolean();
            double turn = sweep ? b - a : 2 * Math.PI - (b - a);
            String data = "M%s %sA%s %s 0 %d %d %s %s"
                    .formatted(
                            rx * Math.cos(a),
                            ry * Math.sin(a),
                            rx,
                            ry,
                            turn > Math.PI ? 1 : 0,
                            sweep ? 1 : 0,
                            rx * Math.cos(b),
                            ry * Math.sin(b));
            double x = 0;
            double y = 0;
            for (Command c : commands(data)) {
                if (c.kind == 'C') {
                    for (int i = 0; i <= 100; i++) {
                        double t = i / 100.0;
                        double px = cubic(x, c.values[0], c.values[2], c.values[4], t);
                        double py = cubic(y, c.values[1], c.values[3], c.values[5], t);
                        assertThat(Math.hypot(px / rx, py / ry)).as(data).isCloseTo(1, within(4e-4));
                    }
                }
                x = c.values[c.values.length - 2];
                y = c.values[c.values.length - 1];
            }
            assertThat(x).isCloseTo(rx * Math.cos(b), within(1e-5));
            assertThat(y).isCloseTo(ry * Math.sin(b), within(1e-5));
        }
    }

    private static double cubic(double a, double b, double c, double d, double t) {
        double s = 1 - t;
        return s * s * s * a + 3 * s * s * t * b + 3 * s * t * t * c + t * t * t * d;
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "z", "L 5 5", "M", "M 1", "nonsense", "M 1e999 0", "A 1 1 0 0 0 5 5"})
    void whatBeginsWithNothingIsNothing(String data) {
        assertThat(commands(data)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"M0 0L5 5L", "M0 0L5 5 x", "M0 0L5 5A1 1 0 2 0 9 9", "M0 0L5 5C1 2 3", "M0 0L5 5L6"})
    void whatCameBeforeABrokenPartIsKept(String data) {
        assertThat(commands(data)).extracting(c -> c.kind).containsExactly('M', 'L');
    }

    @ParameterizedTest
    @CsvSource({
        "'rgb(300, -5, 0)', #ff0000, 1",
        "'rgba(0 0 0 / 25%)', #000000, 0.25",
        "#1234, #112233, 0.267",
        "'hsl(-120 100% 50%)', #0000ff, 1",
        "'hwb(90 60% 60%)', #808080, 1",
        "'rgb(none 255 none)', #00ff00, 1",
        "TRANSPARENT, none, 0",
        "'hsl(200grad, 100%, 50%)', #00ffff, 1"
    })
    void coloursOfTodayInOldWords(String value, String plain, double opacity) {
        assertThat(CssColour.of(value)).hasValueSatisfying(c -> {
            assertThat(c.plain()).isEqualTo(plain);
            assertThat(c.opacity()).isCloseTo(opacity, within(0.001));
        });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "red",
                "#abc",
                "#aabbcc",
                "url(#a)",
                "rgb(1,2)",
                "rgb(a b c)",
                "",
                "none",
                "currentColor",
                "hsl()"
            })
    void everythingElseIsLeftAsItIs(String value) {
        assertThat(CssColour.of(value)).isEmpty();
    }
}
