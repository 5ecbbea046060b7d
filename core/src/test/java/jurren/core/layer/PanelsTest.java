package jurren.core.layer;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import jurren.core.Fixtures;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import org.junit.jupiter.api.Test;

import static jurren.core.Fixtures.CREAM;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** A film that no roll takes, in panels: where the seams go, what each panel is, and that they make the film again. */
class PanelsTest {
    private static final double ROLL = Double.POSITIVE_INFINITY;

    private static Panels fitting(Region film, double across, double along) {
        return Panels.fitting(film, across, along, 5).orElseThrow();
    }

    @Test
    void aPlateIsHalvedAcrossItsShorterSide() {
        Panels p = fitting(Shapes.rectangle(0, 0, 500, 400), 281, ROLL);
        assertThat(p.upright()).as("400 mm of film crossed, not 500").isTrue();
        assertThat(p.at()).singleElement().satisfies(s -> assertThat(s).isCloseTo(0.5, within(1e-9)));
        List<Layer> panels = p.of(Fixtures.layer(Shapes.rectangle(0, 0, 500, 400)), true);
        assertThat(panels)
                .extracting(l -> l.region().bounds())
                .containsExactly(Box.ofSize(0, 0, 252.5, 400), Box.ofSize(247.5, 0, 252.5, 400));
        assertThat(panels)
                .extracting(l -> l.panel().orElseThrow().number() + " of "
                        + l.panel().orElseThrow().of())
                .containsExactly("1 of 2", "2 of 2");
    }

    @Test
    void aSeamGoesThroughTheGapThatIsThere() {
        Region film = Shapes.rectangle(0, 0, 210, 400).weld(Shapes.rectangle(232, 0, 268, 400));
        Panels p = fitting(film, 281, ROLL);
        assertThat(p.crossedMm(film)).isZero();
        assertThat(p.seamMm(0, film.bounds())).isBetween(222.0, 232.0);
        assertThat(p.of(Fixtures.layer(film), true))
                .extracting(l -> l.region().areaMm2())
                .as("one block each, nothing of the other")
                .satisfiesExactly(
                        a -> assertThat(a).isCloseTo(210 * 400.0, within(1.0)),
                        b -> assertThat(b).isCloseTo(268 * 400.0, within(1.0)));
    }

    @Test
    void marksLieOnTheSeamBesideTheFilmOnBothPanels() {
        List<Layer> panels =
                new Panels(true, List.of(0.5), 10).of(Fixtures.layer(Shapes.rectangle(0, 0, 500, 400)), true);
        Region marks = panels.getFirst().marks();
        assertThat(panels.getLast().marks().differingFrom(marks).areaMm2())
                .as("the same on both")
                .isLessThan(1e-9);
        assertThat(marks.bounds())
                .as("3 mm each way around (250, -7) and (250, 407)")
                .isEqualTo(new Box(247, -10, 253, 410));
        assertThat(marks.areaMm2()).as("two squares of diagonal 6").isCloseTo(2 * 18.0, within(1e-9));
        assertThat(panels.getFirst().weeded().areaMm2()).isCloseTo(255 * 400 + 36.0, within(1e-6));
        assertThat(panels.getFirst().cutPieces()).as("film and two marks").hasSize(3);
        assertThat(panels.getFirst().region().pieceCount())
                .as("not film that stays")
                .isOne();
    }

    @Test
    void whatIsPressedHasNoMarks() {
        assertThat(new Panels(true, List.of(0.5), 10).of(Fixtures.layer(Shapes.rectangle(0, 0, 500, 400)), false))
                .allSatisfy(l -> assertThat(l.marks().isEmpty()).isTrue());
    }

    @Test
    void whatFitsNeedsNoneAndWhatNoPanelHelpsGetsNone() {
        assertThat(Panels.fitting(Shapes.rectangle(0, 0, 900, 280), 281, ROLL, 5))
                .isEmpty();
        assertThat(Panels.fitting(Shapes.rectangle(0, 0, 290, 290), 299, 299, 5))
                .isEmpty();
        assertThat(Panels.fitting(Shapes.rectangle(0, 0, 700, 700), 9, ROLL, 5))
                .as("no wider than the overlaps")
                .isEmpty();
        assertThat(Panels.fitting(Shapes.rectangle(0, 0, 310, 900), 299, 299, 5))
                .as("too wide and too long for a mat by one row of panels")
                .isEmpty();
    }

    @Test
    void onAMatPanelsAreAsLongAsTheMat() {
        Panels p = fitting(Shapes.rectangle(0, 0, 800, 250), 299, 299);
        assertThat(p.upright()).isTrue();
        assertThat(p.at()).as("(800 - 6) / (299 - 6) is 2.7").hasSize(2);
    }

    @Test
    void panelsMakeTheFilmAgainAndEachFits() {
        Random lot = new Random(5);
        for (int i = 0; i < 24; i++) {
            Region film = Region.weld(Stream.generate(() -> lot.nextBoolean()
                            ? Shapes.disc(lot.nextInt(900), lot.nextInt(600), 20 + lot.nextInt(120))
                            : Shapes.ring(lot.nextInt(900), lot.nextInt(600), 60 + lot.nextInt(120), 30))
                    .limit(3 + lot.nextInt(12))
                    .toList());
            double across = 180 + lot.nextInt(430);
            Optional<Panels> panels = Panels.fitting(film, across, ROLL, lot.nextInt(12));
            Box box = film.bounds();
            if (panels.isEmpty()) {
                assertThat(Math.min(box.widthMm(), box.heightMm())).isLessThanOrEqualTo(across);
                continue;
            }
            List<Layer> layers = panels.get().of(Fixtures.layer(film), true);
            assertThat(Region.weld(layers.stream().map(Layer::region).toList())
                            .differingFrom(film)
                            .areaMm2())
                    .isLessThan(1e-3);
            assertThat(layers).allSatisfy(l -> {
                Box b = l.weeded().bounds();
                assertThat(Math.min(b.widthMm(), b.heightMm())).isLessThanOrEqualTo(across + 1e-6);
            });
        }
    }

    @Test
    void twoAreMadeOfWhatWouldLieAsAWhole() {
        assertThat(Panels.two(Shapes.rectangle(0, 0, 300, 100), 2)).hasValueSatisfying(p -> {
            assertThat(p.upright()).isTrue();
            assertThat(p.at()).containsExactly(0.5);
        });
        assertThat(Panels.two(Shapes.rectangle(0, 0, 100, 300), 2))
                .hasValueSatisfying(p -> assertThat(p.upright()).isFalse());
    }

    @Test
    void seamsOutOfOrderAreNoPanels() {
        assertThatThrownBy(() -> new Panels(true, List.of(), 5)).hasMessageContaining("2 to 24 panels");
        assertThatThrownBy(() -> new Panels(true, List.of(0.6, 0.4), 5)).hasMessageContaining("one after the other");
        assertThatThrownBy(() -> new Panels(true, List.of(1.0), 5)).hasMessageContaining("one after the other");
        assertThatThrownBy(() -> new Panels(true, List.of(Double.NaN), 5)).hasMessageContaining("one after the other");
        assertThatThrownBy(() -> new Panels(true, List.of(0.5), 51)).hasMessageContaining("0 to 50");
        assertThat(Fixtures.layer(Shapes.rectangle(0, 0, 10, 10)).colour()).isEqualTo(CREAM);
    }
}
