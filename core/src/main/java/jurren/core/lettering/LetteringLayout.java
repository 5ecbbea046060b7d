package jurren.core.lettering;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Track;

/**
 * Words as glyph outlines at true size.
 *
 * <p>On a straight baseline the first line stands on y = 0, y points down, and the middle of the widest
 * line is x = 0: a change of the text keeps its baseline and its middle. The capital height is that of
 * the font's own H. On a bent baseline every letter stands upright on it, unbent, with the middle of its
 * advance at its place; lines below stand closer to an arc's centre.
 *
 * <p>Example: two lines of capitals 10 mm high with a gap of 0.4 stand on y = 0 and y = 14.
 *
 * @param glyphs those that leave a mark, line by line from left to right
 */
public record LetteringLayout(List<Letter> glyphs) {
    /**
     * A glyph in its place.
     *
     * @param at   the character of the text it stands for
     * @param word which word of the text, from 0
     * @param line which line of the text, from 0
     */
    public record Letter(Curves outline, int at, int word, int line) {}

    /** One line, placed along its own baseline: glyph positions in capital heights from its middle. */
    private record Line(
            String text,
            int begin,
            int number,
            GlyphRun run,
            double[] x,
            double width,
            double inkLeft,
            double inkRight) {
        double ink() {
            return inkRight - inkLeft;
        }
    }

    public LetteringLayout {
        glyphs = List.copyOf(glyphs);
    }

    /** @param letterSpacing added after every glyph, as a share of the capital height; may be negative */
    public static LetteringLayout of(String text, Typeface typeface, double capHeightMm, double letterSpacing) {
        return of(text, typeface, capHeightMm, Typesetting.USUAL.withLetterSpacing(letterSpacing), Optional.empty());
    }

    /** @param edge what the baseline {@link Baseline.Edge} runs along; straight where it is absent */
    public static LetteringLayout of(
            String text, Typeface typeface, double capHeightMm, Typesetting setting, Optional<Track> edge) {
        List<Line> lines = lines(text, typeface, setting);
        double widest = lines.stream().mapToDouble(Line::width).max().orElse(0);
        double widestInk = lines.stream().mapToDouble(Line::ink).max().orElse(0);
        List<Letter> letters = new ArrayList<>();
        double baseline = 0;
        int words = 0;
        for (Line line : lines) {
            double capital = setting.align() == Typesetting.Align.FILL && line.ink() > 0
                    ? capHeightMm * widestInk / line.ink()
                    : capHeightMm;
            if (line.number > 0) {
                baseline += setting.lineGap() * capHeightMm + capital;
            }
            Line spread = setting.align() == Typesetting.Align.SPREAD ? spread(line, widest) : line;
            place(
                    letters,
                    spread,
                    capital,
                    shiftOfLine(spread, setting.align(), widest),
                    baseline,
                    setting,
                    edge,
                    words);
            words += line.text.isBlank() ? 0 : line.text.strip().split("\\s+").length;
        }
        return new LetteringLayout(letters);
    }

    /** How wide all of it is on a straight baseline; 0 when nothing leaves a mark. */
    public static double straightWidthMm(String text, Typeface typeface, double capHeightMm, Typesetting setting) {
        return of(text, typeface, capHeightMm, setting.withBaseline(new Baseline.Straight()), Optional.empty())
                .bounds()
                .map(Box::widthMm)
                .orElse(0.0);
    }

    public Optional<Box> bounds() {
        return glyphs.stream().map(g -> g.outline().bounds()).reduce(Box::joined);
    }

    private static List<Line> lines(String text, Typeface typeface, Typesetting setting) {
        List<Line> lines = new ArrayList<>();
        int begin = 0;
        for (String line : text.split("\n", -1)) {
            lines.add(line(line, begin, lines.size(), typeface, setting));
            begin += line.length() + 1;
        }
        return lines;
    }

    private static Line line(String text, int begin, int number, Typeface typeface, Typesetting setting) {
        Map<Integer, Integer> forms = new HashMap<>();
        setting.forms().forEach((at, form) -> {
            if (at >= begin && at < begin + text.length()) {
                forms.put(at - begin, form);
            }
        });
        GlyphRun run = Typefaces.run(typeface, text, Map.copyOf(forms));
        double[] x = new double[run.glyphs().size()];
        double added = 0;
        for (int i = 0; i < x.length; i++) {
            Glyph g = run.glyphs().get(i);
            x[i] = g.x() + added;
            added += (i + 1 < x.length ? setting.letterSpacing() : 0)
                    + (g.at() < text.length() && Character.isWhitespace(text.charAt(g.at()))
                            ? setting.wordSpacing()
                            : 0);
        }
        return measured(text, begin, number, run, x, run.width() + added);
    }

    /** Moved so that the middle of the width is 0. */
    private static Line measured(String text, int begin, int number, GlyphRun run, double[] x, double width) {
        double left = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < x.length; i++) {
            x[i] -= width / 2;
            if (!run.glyphs().get(i).outline().isEmpty()) {
                Box ink = run.glyphs().get(i).outline().bounds();
                left = Math.min(left, x[i] + ink.minXMm());
                right = Math.max(right, x[i] + ink.maxXMm());
            }
        }
        return new Line(text, begin, number, run, x, width, left > right ? 0 : left, left > right ? 0 : right);
    }

    private static Line spread(Line line, double widest) {
        int n = line.x.length;
        if (n < 2) {
            return line;
        }
        double each = (widest - line.width) / (n - 1);
        double[] x = line.x.clone();
        for (int i = 0; i < n; i++) {
            x[i] += line.width / 2 + i * each;
        }
        return measured(line.text, line.begin, line.number, line.run, x, widest);
    }

    /** How far a line goes to the right, in capital heights. */
    private static double shiftOfLine(Line line, Typesetting.Align align, double widest) {
        return switch (align) {
            case LEFT -> (line.width - widest) / 2;
            case RIGHT -> (widest - line.width) / 2;
            case MIDDLE, SPREAD -> 0;
            case FILL -> -(line.inkLeft + line.inkRight) / 2;
        };
    }

    private static void place(
            List<Letter> to,
            Line line,
            double capital,
            double shift,
            double baselineMm,
            Typesetting setting,
            Optional<Track> edge,
            int wordsBefore) {
        double fitted = setting.baseline() instanceof Baseline.Circle c
                ? Math.min(1, Math.toRadians(c.mostDegrees()) * c.radiusMm() / Math.max(line.width * capital, 1e-9))
                : 1;
        double size = capital * fitted;
        int[] word = wordOf(line.text);
        for (int i = 0; i < line.x.length; i++) {
            Glyph g = line.run.glyphs().get(i);
            if (g.outline().isEmpty()) {
                continue;
            }
            Typesetting.Shift moved = setting.shift(line.begin + g.at());
            Placement own = Placement.scaled(size)
                    .then(Placement.moved(-g.advance() * size / 2, 0))
                    .then(Placement.turned(moved.degrees()))
                    .then(Placement.moved(moved.right() * size, moved.down() * size));
            double along = (line.x[i] + shift + g.advance() / 2) * size;
            Placement onto = own.then(spot(setting.baseline(), along, baselineMm, size, edge, g.advance() * size));
            to.add(new Letter(
                    g.outline().placed(onto),
                    line.begin + g.at(),
                    wordsBefore + word[Math.min(g.at(), word.length - 1)],
                    line.number));
        }
    }

    /** Where the middle of a glyph's foot goes. */
    private static Placement spot(
            Baseline baseline, double along, double downMm, double capital, Optional<Track> edge, double width) {
        return switch (baseline) {
            case Baseline.Arc a -> {
                double angle = along / a.radiusMm();
                yield Placement.moved(0, downMm - a.radiusMm())
                        .then(Placement.turned(Math.toDegrees(angle)))
                        .then(Placement.moved(0, a.radiusMm()));
            }
            case Baseline.Circle c
            when c.foot() ->
                Placement.moved(0, c.radiusMm() + capital + downMm)
                        .then(Placement.turned(-Math.toDegrees(along / c.radiusMm()) + c.startDegrees()));
            case Baseline.Circle c ->
                Placement.moved(0, downMm - c.radiusMm())
                        .then(Placement.turned(Math.toDegrees(along / c.radiusMm()) + c.startDegrees()));
            case Baseline.Edge e
            when edge.isPresent() -> {
                double middle = e.start() + (edge.get().isClosed() ? 0 : 0.5);
                Track.Spot at = edge.get().at(middle * edge.get().lengthMm() + along, width);
                yield Placement.moved(0, downMm - e.distanceMm())
                        .then(Placement.turned(at.degrees()))
                        .then(Placement.moved(at.point().xMm(), at.point().yMm()));
            }
            case Baseline.Straight _, Baseline.Edge _ -> Placement.moved(along, downMm);
        };
    }

    /** The number of the word that each character belongs to. */
    private static int[] wordOf(String line) {
        int[] word = new int[Math.max(1, line.length())];
        int now = -1;
        boolean inside = false;
        for (int i = 0; i < line.length(); i++) {
            boolean space = Character.isWhitespace(line.charAt(i));
            if (!space && !inside) {
                now++;
            }
            inside = !space;
            word[i] = Math.max(now, 0);
        }
        return word;
    }
}
