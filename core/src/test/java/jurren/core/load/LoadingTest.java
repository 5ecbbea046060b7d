package jurren.core.load;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.Fixtures;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class LoadingTest {
    private static CutItem item(Region region, int copy) {
        return new CutItem("A", "front", "M", copy, Fixtures.layer(region));
    }

    private static Loading load(List<CutItem> items, boolean framed) {
        return Loading.of(List.of(new Loading.Wanted(FILM, CREAM, items)), List.of(), CUTTER, framed);
    }

    @RepeatedTest(12)
    void slotsStayBetweenTheRollersAndApart(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<CutItem> items = IntStream.range(0, 20).mapToObj(i -> item(Shapes.rectangle(random.nextInt(50), 0,
                10 + random.nextInt(250), 10 + random.nextInt(250)), i)).toList();
        Load load = load(items, random.nextBoolean()).loads().getFirst();
        Box usable = new Box(CUTTER.beforeMm(), CUTTER.rollerMm(), load.usedMm() - CUTTER.afterMm(), 305 - CUTTER.rollerMm());

        assertThat(load.placed()).hasSize(20).allSatisfy(p -> {
            assertThat(usable.covers(p.slot(), 1e-9)).isTrue();
            assertThat(p.slot().covers(p.item().layer().region().placed(p.onto()).bounds(), 1e-9)).isTrue();
        });
        for (Placed a : load.placed()) {
            for (Placed b : load.placed()) {
                if (a != b) {
                    assertThat(Region.of(a.slot()).intersect(Region.of(b.slot())).isEmpty()).isTrue();
                }
            }
        }
        assertThat(load.leastPossibleMm(CUTTER)).isLessThanOrEqualTo(load.usedMm());
    }

    @Test
    void turnedOverFilmReadsBackwardsToTheKnifeAndOtherFilmDoesNot() {
        Region foot = Shapes.footToTheRight(0, 0, 40);
        CutItem reversed = item(foot, 1);
        CutItem straight = new CutItem("A", "front", "M", 1, Fixtures.layer(foot, false));
        Point toe = new Point(38, 38);

        Region onFilm = foot.placed(reversed.ontoFilm(false));
        assertThat(reversed.ontoFilm(false).apply(toe)).as("toe left and low, in a view with y up").isEqualTo(new Point(-38, -38));
        assertThat(straight.ontoFilm(false).apply(toe)).isEqualTo(new Point(38, -38));
        assertThat(onFilm.areaMm2()).isCloseTo(foot.areaMm2(), within(1e-9));
        assertThat(reversed.ontoFilm(true).turnsOver()).as("a quarter turn changes nothing about that")
                .isEqualTo(reversed.ontoFilm(false).turnsOver());
    }

    @Test
    void framesTakeRoomAndAnItemTooWideIsLeft() {
        List<CutItem> items = List.of(item(Shapes.rectangle(0, 0, 100, 60), 1), item(Shapes.rectangle(0, 0, 290, 300), 2));

        Loading framed = load(items, true);

        assertThat(framed.unlaid()).extracting(CutItem::copy).containsExactly(2);
        assertThat(framed.loads().getFirst().usedMm()).isCloseTo(10 + 60 + 2 * 4 + 25, within(1e-9));
        assertThat(load(items, false).loads().getFirst().usedMm()).isCloseTo(10 + 60 + 25, within(1e-9));
    }

    @Test
    void oneColourOfAllLinesIsOneLoad() {
        Loading loading = Loading.of(List.of(
                new Loading.Wanted(FILM, CREAM, List.of(item(Shapes.rectangle(0, 0, 20, 20), 1))),
                new Loading.Wanted(FILM, jurren.core.Fixtures.SKY, List.of(item(Shapes.rectangle(0, 0, 20, 20), 1))),
                new Loading.Wanted(FILM, CREAM, List.of(item(Shapes.rectangle(0, 0, 20, 20), 2)))), List.of(), CUTTER, true);

        assertThat(loading.loads()).extracting(Load::order).containsExactly(1, 2);
        assertThat(loading.loads().getFirst().placed()).hasSize(2);
    }
}
