package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import jurren.core.Fixtures;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.nest.BedPosition;
import jurren.core.nest.Layout;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** A layout that was found is a value: with it the same is cut everywhere, without it what anybody lays anew. */
@Tag("long")
class KeptLayoutsTest {
    private static final Roll ROLL = new Roll("r", "smooth-film", CREAM, 305, 4000);

    private static final KeptLayout KEPT = found(items(0), ROLL);

    /** Feet and bars that lie into each other once somebody looks for it. */
    private static List<CutItem> items(double longer) {
        SplittableRandom random = new SplittableRandom(7);
        List<CutItem> items = new ArrayList<>();
        for (int i = 1; i <= 14; i++) {
            double size = 40 + random.nextInt(60);
            Region shape = i % 2 == 0
                    ? Shapes.footToTheRight(0, 0, size)
                    : Shapes.rectangle(0, 0, size + (i == 1 ? longer : 0), 20);
            items.add(new CutItem("A", "front", "M", i, Fixtures.layer(shape)));
        }
        return items;
    }

    private static Loading load(List<CutItem> items, List<Stock> shelf, Layouts layouts) {
        return Loading.of(
                List.of(new Loading.Wanted(FILM, CREAM, items)),
                shelf,
                CUTTER,
                true,
                LayoutChoices.USUAL.withLayouts(layouts),
                new Nesting());
    }

    private static KeptLayout found(List<CutItem> items, Stock stock) {
        Nesting.Search search = new Nesting()
                .search(load(items, List.of(stock), Layouts.NONE).requests().getFirst(), Layouts.NONE);
        for (int i = 0; i < 10; i++) {
            search.step();
        }
        return search.found(Layouts.NONE).orElseThrow();
    }

    private static double used(Loading loading) {
        return loading.loads().stream().mapToDouble(Load::usedMm).sum();
    }

    @Test
    void whatWasFoundIsCutAndFoundAgainByAnybody() {
        KeptLayout kept = KEPT;
        assertThat(kept).as("same seed, same steps").isEqualTo(found(items(0), ROLL));
        Loading first = load(items(0), List.of(ROLL), Layouts.NONE);
        Loading with = load(items(0), List.of(ROLL), Layouts.NONE.with(kept));
        assertThat(used(with)).isLessThan(used(first) - 1);
        assertThat(used(first) - used(with)).isCloseTo(kept.sparedMm(), within(1e-6));
        assertThat(load(items(0), List.of(ROLL), Layouts.NONE.with(kept))).isEqualTo(with);
        assertThat(with.displaced()).isEmpty();
        assertThat(Layouts.NONE.with(kept).with(kept).kept()).hasSize(1);
    }

    @Test
    void outlinesCountToTheMicrometre() {
        Layouts kept = Layouts.NONE.with(KEPT);
        assertThat(load(items(0.0004), List.of(ROLL), kept).requests())
                .allMatch(r -> kept.of(r).isPresent());
        Loading longer = load(items(0.002), List.of(ROLL), kept);
        assertThat(longer.requests()).noneMatch(r -> kept.of(r).isPresent());
        assertThat(longer.displaced()).as("it is another piece").isEmpty();
        assertThat(kept.usedBy(longer.requests())).isEqualTo(Layouts.NONE);
        assertThat(kept.usedBy(load(items(0), List.of(ROLL), kept).requests())).isEqualTo(kept);
    }

    @Test
    void onOtherFilmItIsLaidAnewAndThatIsTold() {
        KeptLayout kept = KEPT;
        Roll rest = new Roll("rest of it", "smooth-film", CREAM, 305, 400);
        assertThat(used(load(items(0), List.of(rest), Layouts.NONE.with(kept))))
                .as("film as wide is as good")
                .isEqualTo(used(load(items(0), List.of(ROLL), Layouts.NONE.with(kept))));
        List<Stock> other = List.of(new Roll("narrow", "smooth-film", CREAM, 250, 4000));
        Loading loading = load(items(0), other, Layouts.NONE.with(kept));
        assertThat(loading.displaced()).containsExactly(kept);
        assertThat(loading.loads())
                .isEqualTo(load(items(0), other, Layouts.NONE).loads());
    }

    @Test
    void whatCannotBeCutAsItIsToldIsLaidAnew() {
        KeptLayout kept = KEPT;
        Loading anew = load(items(0), List.of(ROLL), Layouts.NONE);
        List<Optional<BedPosition>> positions = kept.layout().positions();
        BedPosition first = positions.getFirst().orElseThrow();
        for (Optional<BedPosition> wrong : List.of(
                positions.get(1),
                Optional.of(new BedPosition(0, 45, first.xMm(), first.yMm())),
                Optional.of(new BedPosition(3, first.degrees(), first.xMm(), first.yMm())),
                Optional.of(new BedPosition(0, first.degrees(), first.xMm(), first.yMm() - 500)),
                Optional.of(new BedPosition(0, first.degrees(), Double.NaN, first.yMm())))) {
            List<Optional<BedPosition>> bent = new ArrayList<>(positions);
            bent.set(0, wrong);
            KeptLayout broken = with(kept, new Layout(bent, kept.layout().usedMm()));
            assertThat(load(items(0), List.of(ROLL), Layouts.NONE.with(broken)).loads())
                    .as("first piece at %s", wrong)
                    .isEqualTo(anew.loads());
        }
        KeptLayout fewer =
                with(kept, new Layout(positions.subList(1, 14), kept.layout().usedMm()));
        assertThat(load(items(0), List.of(ROLL), Layouts.NONE.with(fewer)).loads())
                .isEqualTo(anew.loads());
    }

    private static KeptLayout with(KeptLayout k, Layout layout) {
        return new KeptLayout(
                k.materialId(), k.colour(), k.pieces(), k.beds(), k.stock(), k.seed(), k.steps(), 1, layout);
    }
}
