package jurren.core.load;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import jurren.core.geometry.Point;

/**
 * Capitals and figures of single lines, as a knife scores them: straight strokes on a grid of four by six. None
 * encloses anything: what is cut all round would stay on the carrier when the waste is lifted, and be pressed on.
 */
final class LineLetters {
    /** From the beginning of one sign to the next, and how high all are, in steps of the grid. */
    private static final double ADVANCE = 5.5;

    private static final double WIDE = 4;
    private static final double HIGH = 6;
    /** A sign after the other with its strokes: each point is its step to the right and its step up. */
    private static final String SIGNS = """
            A 00 04 26 44 40/12 32
            B 06 00 30 41 42 33/06 36 45 44/13 23
            C 45 36 16 05 01 10 30 41
            D 06 00 20 42 44 26 16
            E 46 06 00 40/03 33
            F 46 06 00/03 33
            G 45 36 16 05 01 10 30 41 43 23
            H 00 06/40 46/03 43
            I 20 26
            J 46 41 30 10 01
            K 00 06/46 03 40
            L 06 00 40
            M 00 06 23 46 40
            N 00 06 40 46
            O 20 30 41 45 36 16 05 01 10
            P 00 06 36 45 44 33 13
            Q 20 30 41 45 36 16 05 01 10/32 40
            R 00 06 36 45 44 33 13/33 40
            S 45 36 16 05 04 13 33 42 41 30 10 01
            T 06 46/26 20
            U 06 01 10 30 41 46
            V 06 20 46
            W 06 10 24 30 46
            X 00 46/06 40
            Y 06 23 46/23 20
            Z 06 46 00 40
            0 20 30 41 45 36 16 05 01 10/12 34
            1 15 26 20/10 30
            2 05 16 36 45 44 00 40
            3 05 16 36 45 44 33 13/33 42 41 30 10 01
            4 36 02 42/30 34
            5 46 06 03 33 42 41 30 10 01
            6 45 36 16 05 01 10 30 41 42 33 13
            7 06 46 10
            8 23 13 04 05 16 36 45 44 33/12 02 01 10 30 41 42 32
            9 01 10 30 41 45 36 16 05 04 13 33
            - 13 33
            / 00 46
            + 13 33/24 22
            """;

    private static final Map<Character, List<List<Point>>> STROKES = strokes();

    private LineLetters() {}

    private static Map<Character, List<List<Point>>> strokes() {
        Map<Character, List<List<Point>>> all = new HashMap<>();
        SIGNS.lines().forEach(row -> {
            List<List<Point>> strokes = new ArrayList<>();
            for (String stroke : row.substring(2).split("/")) {
                strokes.add(List.of(stroke.split(" ")).stream()
                        .map(p -> new Point(p.charAt(0) - '0', p.charAt(1) - '0'))
                        .toList());
            }
            all.put(row.charAt(0), strokes);
        });
        return all;
    }

    /** What is no capital and no figure, without its accents, is a dash; between words there is a space. */
    private static String plain(String text) {
        return Normalizer.normalize(text.toUpperCase(Locale.ROOT), Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^A-Z0-9 /+]", "-");
    }

    static double widthMm(String text, double highMm) {
        return ((plain(text).length() - 1) * ADVANCE + WIDE) * highMm / HIGH;
    }

    /** From its lower left corner on. */
    static List<List<Point>> of(String text, double highMm, Point at) {
        double step = highMm / HIGH;
        List<List<Point>> all = new ArrayList<>();
        String plain = plain(text);
        for (int i = 0; i < plain.length(); i++) {
            double x = at.xMm() + i * ADVANCE * step;
            STROKES.getOrDefault(plain.charAt(i), List.of())
                    .forEach(stroke -> all.add(stroke.stream()
                            .map(p -> new Point(x + p.xMm() * step, at.yMm() + p.yMm() * step))
                            .toList()));
        }
        return all;
    }
}
