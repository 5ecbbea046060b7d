package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import jurren.core.Fixtures;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Between the rollers of the cutter 281 mm; 10 mm before the first piece and 25 after the last. */
class LeastFilmTest {
    private static Load load(List<Region> shapes) {
        List<CutItem> items = new ArrayList<>();
        shapes.forEach(s -> items.add(new CutItem("A", "front", "M", items.size() + 1, Fixtures.layer(s))));
        return Loading.of(
                        List.of(new Loading.Wanted(FILM, CREAM, items)),
                        List.of(new Roll("r", "smooth-film", CREAM, 305, 20_000)),
                        CUTTER,
                        false,
                        LayoutChoices.USUAL,
                        new Nesting())
                .loads()
                .getFirst();
    }

    /**
     * Strips of 250 x 100 stand two side by side, or lie: by area 4 take 365 mm, but no line across takes three of
     * them.
     */
    @Test
    void wholeStripsSideBySide() {
        Load four = load(List.of(
                Shapes.rectangle(0, 0, 250, 100),
                Shapes.rectangle(0, 0, 250, 100),
                Shapes.rectangle(0, 0, 250, 100),
                Shapes.rectangle(0, 0, 250, 100)));
        assertThat(four.leastMm()).isEqualTo(10 + 4 * 103 - 3 + 25, within(1.0));
        assertThat(four.usedMm()).isEqualTo(four.leastMm(), within(1.0));
    }

    /** Discs lie in the hole of a ring and take nothing; without them nothing lies there, and it counts as film. */
    @Test
    void whatLiesInAHoleTakesNothing() {
        Region ring = Shapes.ring(0, 0, 130, 90);
        Load alone = load(List.of(ring, ring));
        // discs of 131.5 with the gap: each is wider than half of 284 over a chord of its own
        assertThat(alone.leastMm())
                .as("no two side by side")
                .isEqualTo(10 + 4 * Math.sqrt(131.5 * 131.5 - 71 * 71) - 3 + 25, within(0.5));
        Load withDiscs = load(List.of(ring, ring, Shapes.disc(0, 0, 30), Shapes.disc(0, 0, 30), Shapes.disc(0, 0, 30)));
        assertThat(withDiscs.leastMm()).isLessThan(alone.leastMm());
        assertThat(withDiscs.usedMm()).isGreaterThan(withDiscs.leastMm());
    }

    @Test
    void noLayoutOfRaggedPiecesTakesLess() {
        for (int seed = 0; seed < 30; seed++) {
            Random random = new Random(seed);
            List<Region> shapes = new ArrayList<>();
            int n = 1 + random.nextInt(20);
            for (int i = 0; i < n; i++) {
                double size = 15 + 100 * random.nextDouble();
                shapes.add(
                        switch (random.nextInt(3)) {
                            case 0 -> Shapes.blob(random, 0, 0, size);
                            case 1 -> Shapes.ring(0, 0, size, size * (0.3 + 0.6 * random.nextDouble()));
                            default -> Shapes.rectangle(0, 0, size, 20 + 160 * random.nextDouble());
                        });
            }
            Load load = load(shapes);
            assertThat(load.placed()).as("seed %d", seed).hasSize(n);
            assertThat(load.leastMm()).as("seed %d", seed).isLessThanOrEqualTo(load.usedMm() + 1e-6);
        }
    }
}
