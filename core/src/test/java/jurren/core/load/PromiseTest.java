package jurren.core.load;

import java.util.List;
import java.util.stream.IntStream;
import jurren.core.Fixtures;
import jurren.core.geometry.Shapes;
import jurren.core.layer.Layer;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static jurren.core.Fixtures.CUTTER;
import static jurren.core.Fixtures.FILM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class PromiseTest {
    private static final Roll ROLL = new Roll("roll-305", FILM.id(), CREAM, 305, 5000, "2026-11-01");

    private static List<Load> loads(List<? extends Stock> shelf, int copies) {
        Layer layer = Fixtures.layer(Shapes.rectangle(0, 0, 200, 100));
        List<CutItem> items = IntStream.rangeClosed(1, copies)
                .mapToObj(i -> new CutItem("A", "front", "M", i, layer))
                .toList();
        return Loading.of(
                        List.of(new Loading.Wanted(FILM, CREAM, items)),
                        shelf,
                        CUTTER,
                        false,
                        LayoutChoices.USUAL,
                        new Nesting())
                .loads();
    }

    @Test
    void aJobPromisesWhatItsLoadsTakeOffTheShelf() {
        List<Load> loads = loads(List.of(ROLL), 3);
        Promise promise = Promise.of("/jobs/fair.jurren", "Fair", loads, List.of(ROLL));
        assertThat(promise.ofMm(ROLL))
                .isCloseTo(loads.stream().mapToDouble(Load::usedMm).sum(), within(1e-9))
                .isGreaterThan(300);
        assertThat(promise.ofMm(ROLL.named("roll-610")))
                .as("another roll of the same film")
                .isZero();
        assertThat(promise.ofMm(new Roll("roll-305", "glitter-film", CREAM, 305, 5000, "")))
                .isZero();
        assertThat(Promise.of("f", "j", loads, List.of()).takes())
                .as("what does not hang there cannot be promised")
                .isEmpty();
        assertThat(Promise.of("f", "j", List.of(), List.of(ROLL)).takes()).isEmpty();
    }
}
