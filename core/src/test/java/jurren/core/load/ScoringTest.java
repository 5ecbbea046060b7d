package jurren.core.load;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import jurren.core.Fixtures;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.layer.Layer;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Names beside pieces, judged by where their strokes go. */
class ScoringTest {
    private static Load load(Region art, int copies, LayoutChoices laying, boolean framed) {
        Layer layer = Fixtures.layer(art);
        List<CutItem> items = new ArrayList<>(IntStream.rangeClosed(1, copies)
                .mapToObj(i -> new CutItem("A", "front", i % 2 == 0 ? "M" : "XL", i, layer))
                .toList());
        return Loading.of(
                        List.of(new Loading.Wanted(FILM, CREAM, items)),
                        List.of(),
                        CUTTER,
                        framed,
                        laying,
                        new Nesting())
                .loads()
                .getFirst();
    }

    /** How far a box must grow to reach a region, by trying. */
    private static double distance(Region film, Box box) {
        double mm = 0;
        while (mm < 60 && film.filled().intersect(Region.of(box.grown(mm))).isEmpty()) {
            mm += 0.25;
        }
        return mm;
    }

    private static LayoutChoices named() {
        return LayoutChoices.USUAL.withNames(true);
    }

    @RepeatedTest(8)
    void namesStandInWasteClearOfEverything(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        Region art = Shapes.ring(0, 0, 20 + 20 * random.nextDouble(), 12)
                .weld(Shapes.rectangle(10, 10, 30 + 40 * random.nextDouble(), 12));
        Load load = load(art, 2 + random.nextInt(6), named(), true);
        List<Region> films = load.placed().stream()
                .map(p -> p.item().layer().region().placed(p.onto()))
                .toList();
        Set<Integer> seen = new HashSet<>();
        List<Box> boxes = new ArrayList<>();
        for (Load.Frame frame : load.frames()) {
            Region inside = Region.enclosedBy(List.of(frame.outline()), FillRule.NON_ZERO);
            for (Load.Name name : frame.names()) {
                assertThat(seen.add(name.of())).as("once").isTrue();
                for (List<Point> stroke : name.strokes()) {
                    for (int k = 1; k < stroke.size(); k++) {
                        Region cut = Region.along(stroke.get(k - 1), stroke.get(k), 0.5);
                        assertThat(films).noneMatch(f -> !f.intersect(cut).isEmpty());
                        assertThat(cut.minus(inside).areaMm2()).isZero();
                    }
                }
                Box box =
                        Box.around(name.strokes().stream().flatMap(List::stream).toList());
                assertThat(boxes).noneMatch(b -> b.crossed(box).isPresent());
                boxes.add(box);
                double own = distance(films.get(name.of()), box);
                assertThat(own).as("beside its own piece").isLessThan(12);
                assertThat(IntStream.range(0, films.size())
                                .filter(i -> i != name.of())
                                .mapToDouble(i -> distance(films.get(i), box))
                                .min()
                                .orElse(99))
                        .as("and nearer to it than to any other")
                        .isGreaterThan(own - 0.1);
            }
        }
        assertThat(load.nameCount())
                .as("rings with bars leave room beside most of them")
                .isPositive();
        CutRun cut = CutRun.of(load, CUTTER, new CutRun.Orders());
        long strokes = load.frames().stream()
                .flatMap(f -> f.names().stream())
                .mapToLong(n -> n.strokes().size())
                .sum();
        assertThat(cut.paths().stream().filter(p -> p.kind() == CutPath.Kind.NAME))
                .hasSize((int) strokes);
        assertThat(cut.paths().getLast().kind())
                .as("the frame after all that lies in it")
                .isEqualTo(CutPath.Kind.FRAME);
    }

    @Test
    void onlyWhereItIsWishedAndThereIsAFrame() {
        Region art = Shapes.ring(0, 0, 30, 12);
        assertThat(load(art, 3, LayoutChoices.USUAL, true).nameCount()).isZero();
        assertThat(load(art, 3, named(), false).nameCount()).isZero();
        Load with = load(art, 3, named(), true);
        assertThat(with.nameCount()).isPositive();
        assertThat(with.placed())
                .as("nothing moves for it")
                .isEqualTo(load(art, 3, LayoutChoices.USUAL, true).placed());
        assertThat(with.usedMm())
                .isEqualTo(load(art, 3, LayoutChoices.USUAL, true).usedMm());
    }

    /** "M2": an upright, a slope to the middle, a slope back, an upright; and the figure 5.5 of 6 steps further. */
    @Test
    void lettersAreOfSingleLines() {
        List<List<Point>> strokes = LineLetters.of("m2", 6, new Point(10, 20));
        assertThat(strokes).hasSize(2);
        assertThat(strokes.getFirst())
                .containsExactly(
                        new Point(10, 20), new Point(10, 26), new Point(12, 23), new Point(14, 26), new Point(14, 20));
        assertThat(strokes.get(1).getLast()).isEqualTo(new Point(19.5, 20));
        assertThat(LineLetters.widthMm("m2", 3)).isCloseTo(9.5 / 2, within(1e-9));
        assertThat(LineLetters.of("é", 6, Point.ORIGIN)).isEqualTo(LineLetters.of("E", 6, Point.ORIGIN));
        assertThat(LineLetters.of("ø ", 6, Point.ORIGIN))
                .as("what it has not is a dash")
                .isEqualTo(LineLetters.of("-", 6, Point.ORIGIN));
        Set<Object> different = new HashSet<>();
        for (char c : "ABCDEFGHIJKLMNOPQRSTUVWXYZ0123456789".toCharArray()) {
            List<List<Point>> sign = LineLetters.of(String.valueOf(c), 6, Point.ORIGIN);
            assertThat(different.add(sign)).as("%s is like another", c).isTrue();
            Region scored = Region.weld(sign.stream()
                    .flatMap(s -> IntStream.range(1, s.size()).mapToObj(k -> Region.along(s.get(k - 1), s.get(k), 0.3)))
                    .toList());
            assertThat(scored.holeCount()).as("%s encloses something", c).isZero();
            assertThat(sign.stream().flatMap(List::stream))
                    .allMatch(p -> p.xMm() >= 0 && p.xMm() <= 4 && p.yMm() >= 0 && p.yMm() <= 6);
        }
    }
}
