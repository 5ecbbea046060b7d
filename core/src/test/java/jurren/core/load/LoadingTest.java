package jurren.core.load;

import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import jurren.core.Fixtures;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class LoadingTest {
    private static CutItem item(Region region, int copy) {
        return new CutItem("A", "front", "M", copy, Fixtures.layer(region));
    }

    private static Loading load(List<CutItem> items, boolean framed) {
        return Loading.of(
                List.of(new Loading.Wanted(FILM, CREAM, items)),
                List.of(),
                CUTTER,
                framed,
                LayoutChoices.USUAL,
                new Nesting());
    }

    @RepeatedTest(12)
    void slotsStayBetweenTheRollersAndApart(RepetitionInfo run) {
        Random random = new Random(run.getCurrentRepetition());
        List<CutItem> items = IntStream.range(0, 20)
                .mapToObj(i -> item(
                        Shapes.rectangle(random.nextInt(50), 0, 10 + random.nextInt(250), 10 + random.nextInt(250)), i))
                .toList();
        Load load = load(items, random.nextBoolean()).loads().getFirst();
        Box usable = new Box(
                CUTTER.beforeMm(), CUTTER.rollerMm(), load.usedMm() - CUTTER.afterMm(), 305 - CUTTER.rollerMm());

        assertThat(load.placed()).hasSize(20).allSatisfy(p -> {
            assertThat(usable.covers(p.box(), 1e-6)).isTrue();
            assertThat(p.item()
                            .layer()
                            .region()
                            .placed(p.onto())
                            .minus(p.cell())
                            .isEmpty())
                    .isTrue();
        });
        for (Placed a : load.placed()) {
            for (Placed b : load.placed()) {
                if (a != b) {
                    assertThat(a.cell().intersect(b.cell()).areaMm2()).isLessThan(1e-3);
                }
            }
        }
        assertThat(load.leastMm()).isLessThanOrEqualTo(load.usedMm());
    }

    @Test
    void turnedOverFilmReadsBackwardsToTheKnifeAndOtherFilmDoesNot() {
        Region foot = Shapes.footToTheRight(0, 0, 40);
        CutItem reversed = item(foot, 1);
        CutItem straight = new CutItem("A", "front", "M", 1, Fixtures.layer(foot, false));
        Point toe = new Point(38, 38);

        Region onFilm = foot.placed(reversed.ontoFilm(0));
        assertThat(reversed.ontoFilm(0).apply(toe))
                .as("toe left and low, in a view with y up")
                .isEqualTo(new Point(-38, -38));
        assertThat(straight.ontoFilm(0).apply(toe)).isEqualTo(new Point(38, -38));
        assertThat(onFilm.areaMm2()).isCloseTo(foot.areaMm2(), within(1e-9));
        assertThat(reversed.ontoFilm(90).turnsOver())
                .as("a quarter turn changes nothing about that")
                .isEqualTo(reversed.ontoFilm(0).turnsOver());
    }

    @Test
    void framesTakeRoomAndAnItemTooWideIsLeft() {
        List<CutItem> items =
                List.of(item(Shapes.rectangle(0, 0, 100, 60), 1), item(Shapes.rectangle(0, 0, 290, 300), 2));

        Loading framed = load(items, true);

        assertThat(framed.unlaid()).extracting(CutItem::copy).containsExactly(2);
        assertThat(framed.loads().getFirst().usedMm()).isCloseTo(10 + 60 + 2 * 4 + 25, within(1e-9));
        assertThat(load(items, false).loads().getFirst().usedMm()).isCloseTo(10 + 60 + 25, within(1e-9));
    }

    @Test
    void oneColourOfAllLinesIsOneLoad() {
        Loading loading = Loading.of(
                List.of(
                        new Loading.Wanted(FILM, CREAM, List.of(item(Shapes.rectangle(0, 0, 20, 20), 1))),
                        new Loading.Wanted(
                                FILM, jurren.core.Fixtures.SKY, List.of(item(Shapes.rectangle(0, 0, 20, 20), 1))),
                        new Loading.Wanted(FILM, CREAM, List.of(item(Shapes.rectangle(0, 0, 20, 20), 2)))),
                List.of(),
                CUTTER,
                true,
                LayoutChoices.USUAL,
                new Nesting());

        assertThat(loading.loads()).extracting(Load::order).containsExactly(1, 2);
        assertThat(loading.loads().getFirst().placed()).hasSize(2);
    }
}
