package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import jurren.core.Fixtures;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Tag;
import net.jqwik.api.constraints.IntRange;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What is laid on any shelf, judged by the geometry engine and not by what laid it. */
@Tag("properties")
class LoadingPropertiesTest {
    private static final double TOLERANCE_MM = 0.001;
    private static final double TOLERANCE_MM2 = 0.01;

    private static Region shape(Random random, double size) {
        return switch (random.nextInt(4)) {
            case 0 -> Shapes.blob(random, 100, 50, size);
            case 1 -> Shapes.ring(0, 0, size / 2, size / 2 * (0.2 + 0.7 * random.nextDouble()));
            case 2 -> Shapes.footToTheRight(-30, 20, size);
            default -> Shapes.rectangle(5, 5, size, 10 + 50 * random.nextDouble());
        };
    }

    private static List<Stock> shelf(Random random, int offcuts) {
        List<Stock> shelf =
                new ArrayList<>(List.of(new Roll("roll", "smooth-film", CREAM, 305, 400 + random.nextInt(3000))));
        for (int i = 0; i < offcuts; i++) {
            Region outline = Shapes.rectangle(0, 0, 80 + random.nextInt(180), 60 + random.nextInt(180));
            outline = random.nextBoolean()
                    ? outline.minus(Shapes.disc(40 + random.nextInt(40), 40, 15))
                    : outline.minus(Shapes.rectangle(60, 40, 400, 400));
            shelf.add(new Offcut("no " + i, "smooth-film", CREAM, outline, false, ""));
        }
        return shelf;
    }

    @Property(tries = 60, seed = "20261128")
    void everyPieceLiesOnceInsideAndApartAndIsNeverTurnedOver(
            @ForAll int seed,
            @ForAll @IntRange(min = 1, max = 18) int pieces,
            @ForAll @IntRange(max = 4) int offcuts,
            @ForAll boolean framed,
            @ForAll boolean leastWeeding) {
        Random random = new Random(seed);
        List<CutItem> items = new ArrayList<>();
        for (int i = 1; i <= pieces; i++) {
            items.add(new CutItem(
                    "A",
                    "front",
                    "M",
                    i,
                    Fixtures.layer(shape(random, 15 + 90 * random.nextDouble()), random.nextBoolean())));
        }
        List<Stock> shelf = shelf(random, offcuts);
        LayoutChoices laying = LayoutChoices.USUAL.withWish(
                leastWeeding ? LayoutChoices.Wish.LEAST_WEEDING : LayoutChoices.Wish.LEAST_FILM);
        Loading loading = Loading.of(
                List.of(new Loading.Wanted(FILM, CREAM, items)), shelf, CUTTER, framed, laying, new Nesting());

        List<CutItem> laid = new ArrayList<>(loading.unlaid());
        for (Load load : loading.loads()) {
            Region usable = load.stock().usable(CUTTER).grown(TOLERANCE_MM, CornerStyle.MITRED);
            List<Region> there = new ArrayList<>();
            for (Placed p : load.placed()) {
                laid.add(p.item());
                Region film = p.item().layer().region().placed(p.onto());
                assertThat(film.areaMm2())
                        .as("as large as it was")
                        .isEqualTo(p.item().layer().region().areaMm2(), within(1e-6 * film.areaMm2()));
                assertThat(p.onto().determinant())
                        .as(
                                "the face's y goes down, the film's up: turned over once, and once more where it is cut reversed")
                        .isEqualTo(p.item().turnedOver() ? 1 : -1, within(1e-9));
                if (load.stock() instanceof Offcut) {
                    assertThat(film.minus(usable).areaMm2())
                            .as("%s hangs over", p.item().copy())
                            .isLessThan(TOLERANCE_MM2);
                } else {
                    assertThat(film.bounds().minYMm()).isGreaterThan(CUTTER.rollerMm() - TOLERANCE_MM);
                    assertThat(film.bounds().maxYMm())
                            .isLessThan(load.stock().widthMm() - CUTTER.rollerMm() + TOLERANCE_MM);
                    assertThat(film.bounds().maxXMm()).isLessThan(load.usedMm());
                }
                there.forEach(other -> assertThat(film.grown(Loading.GAP_MM - TOLERANCE_MM, CornerStyle.ROUND)
                                .intersect(other)
                                .areaMm2())
                        .as("nearer than the gap")
                        .isLessThan(TOLERANCE_MM2));
                there.add(film);
            }
        }
        assertThat(laid).as("each once").containsExactlyInAnyOrderElementsOf(items);
    }
}
