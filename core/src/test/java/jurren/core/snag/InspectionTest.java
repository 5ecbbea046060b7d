package jurren.core.snag;

import java.util.List;
import java.util.Random;
import jurren.core.Fixtures;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.geometry.Thinness;
import jurren.core.layer.Layer;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What was looked at before is known again wherever it lies, and says the same as a first look. */
class InspectionTest {
    private static Region bars(double narrow) {
        return Region.weld(List.of(
                Shapes.rectangle(0, 0, 40, 6), Shapes.rectangle(60, 0, 30, narrow), Shapes.rectangle(60, 20, 30, 9)));
    }

    private static Flaws look(Inspection by, Region... regions) {
        List<Layer> layers = new java.util.ArrayList<>();
        for (Region r : regions) {
            layers.add(Fixtures.layer(r).withOrder(layers.size() + 1));
        }
        return by.of(layers);
    }

    @Test
    void theNarrowestOfSeveralPiecesIsTheNarrowestOfAll() {
        Flaws flaws = look(new Inspection(), bars(2.5), Shapes.rectangle(0, 0, 50, 7));
        assertThat(flaws.thinnest(1).widthMm()).isCloseTo(2.5, within(1e-5));
        assertThat(flaws.thinnest(1).where().xMm()).isBetween(60.0, 90.0);
        assertThat(flaws.thinnest(1).where().yMm()).isBetween(0.0, 2.5);
        assertThat(flaws.thinnest(2).widthMm()).isCloseTo(7, within(1e-5));
    }

    @Test
    void movedItIsAsNarrowAsAFirstLookSays() {
        Inspection one = new Inspection();
        Random random = new Random(5);
        for (int i = 0; i < 60; i++) {
            Region art = bars(0.4 + random.nextInt(4));
            Region moved = art.placed(Placement.moved(random.nextDouble(-400, 400), random.nextDouble(-400, 400)));
            Thinness known = look(one, moved).thinnest(1);
            Thinness first = moved.thinnest();
            assertThat(known.widthMm()).isCloseTo(first.widthMm(), within(1e-5));
            assertThat(moved.contains(known.where())).isTrue();
        }
    }

    /** Scaled, so that no corner lies on the grid that shapes are rounded to. */
    @Test
    void whatStandsStillIsKnownAgainBesideWhatMoved() {
        Inspection one = new Inspection();
        Region still = Shapes.disc(0, 0, 20).minus(Shapes.disc(3, 1, 11)).placed(Placement.scaled(0.9448818897637795));
        Region other = Shapes.disc(0, 0, 7).placed(Placement.scaled(1.062992125984252));
        Flaws first = null;
        for (int i = 0; i < 25; i++) {
            Flaws now = look(
                    one, Region.weld(List.of(still, other.placed(Placement.moved(-60 - 0.37 * i, -11.3 + 0.113 * i)))));
            first = first == null ? now : first;
            assertThat(now).isEqualTo(first);
        }
        assertThat(one.measured()).as("two pieces, two groups").isEqualTo(4);
    }

    @Test
    void gapsLookedForGroupByGroupAreThoseOfTheWhole() {
        Random random = new Random(8);
        int found = 0;
        for (int k = 0; k < 200; k++) {
            List<Region> bars = new java.util.ArrayList<>();
            double x = 0;
            for (int i = 0; i < 6; i++) {
                bars.add(Shapes.rectangle(x, random.nextInt(4), 5, 12 + random.nextInt(9)));
                x += 5 + random.nextDouble(0.05, 0.9);
            }
            Region all = Region.weld(bars);
            var whole = all.slit(Flaws.DOUBLED_MM, Flaws.DOUBLED_LONG_MM);
            var told = look(new Inspection(), all).found().stream()
                    .filter(f -> f.kind() == Flaws.Kind.DOUBLED)
                    .findFirst();
            assertThat(told.isPresent()).isEqualTo(whole.isPresent());
            whole.ifPresent(t -> {
                assertThat(told.orElseThrow().mm()).isCloseTo(t.widthMm(), within(1e-5));
                assertThat(told.orElseThrow().at().distanceMm(t.where())).isLessThan(1e-4);
            });
            found += whole.isPresent() ? 1 : 0;
        }
        assertThat(found).as("both kinds are among them").isBetween(20, 180);
    }

    @Test
    void flawsAreWhereTheyLieNow() {
        Inspection one = new Inspection();
        Region art = Region.weld(List.of(
                Shapes.rectangle(0, 0, 40, 20),
                Shapes.rectangle(60, 5, 0.5, 0.5),
                Shapes.rectangle(60, 12, 12, 0.3),
                Shapes.rectangle(0, 20.1, 40, 20)));
        Flaws here = look(one, art);
        assertThat(here.found())
                .extracting(Flaws.Flaw::kind)
                .containsExactlyInAnyOrder(Flaws.Kind.CRUMBS, Flaws.Kind.LIFTS, Flaws.Kind.DOUBLED);
        Flaws there = look(one, Shapes.rectangle(200, 200, 9, 9), art.placed(Placement.moved(-300, 71.3)));
        assertThat(there.found()).hasSameSizeAs(here.found()).allMatch(f -> f.layer() == 2);
        for (int i = 0; i < here.found().size(); i++) {
            Point before = here.found().get(i).at();
            Point now = there.found().get(i).at();
            assertThat(now.xMm()).isCloseTo(before.xMm() - 300, within(1e-5));
            assertThat(now.yMm()).isCloseTo(before.yMm() + 71.3, within(1e-5));
        }
    }

    @Test
    void aHairlineGapBetweenTwoLayersIsFoundAndAWideOneNot() {
        Region left = Shapes.rectangle(0, 0, 30, 40);
        assertThat(look(new Inspection(), left, Shapes.rectangle(30.15, 0, 30, 40))
                        .found())
                .anySatisfy(f -> {
                    assertThat(f.kind()).isEqualTo(Flaws.Kind.GAP);
                    assertThat(f.mm()).isCloseTo(0.15, within(1e-5));
                });
        assertThat(look(new Inspection(), left, Shapes.rectangle(30.5, 0, 30, 40))
                        .found())
                .isEmpty();
        assertThat(look(new Inspection(), left, Shapes.rectangle(30, 0, 30, 40)).found())
                .isEmpty();
    }

    @Test
    void aShapeIsTheSameWhereverItLies() {
        Region art = bars(1.7);
        assertThat(art.placed(Placement.moved(123.456, -78.9)).atOrigin()).isEqualTo(art.atOrigin());
        assertThat(art.placed(Placement.turned(90)).atOrigin()).isNotEqualTo(art.atOrigin());
        assertThat(art.placed(Placement.moved(3, 4)).atOrigin().bounds().minXMm())
                .isZero();
    }
}
