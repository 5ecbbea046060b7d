package jurren.core.geometry;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class WarpTest {
    /** The plane rolled round a circle of radius 50: a level line at y = 0 becomes that circle. */
    private static final Warp ROLL = new Warp() {
        @Override
        public void apply(double x, double y, double[] to, int at) {
            to[at] = (50 - y) * Math.sin(x / 50);
            to[at + 1] = 50 - (50 - y) * Math.cos(x / 50);
        }

        @Override
        public double leastRadiusMm() {
            return 40;
        }
    };

    @Test
    void chordsAreShortEnoughForTheFlatness() {
        double chord = ROLL.chordMm();
        assertThat(40 - Math.sqrt(40 * 40 - chord * chord / 4))
                .as("the bow over a chord")
                .isLessThanOrEqualTo(Curves.FLATNESS_MM * 1.0001);
        assertThat(Warp.NONE.chordMm()).isInfinite();
        assertThat(Warp.NONE.apply(new Point(3, 4))).isEqualTo(new Point(3, 4));
    }

    @Test
    void longEdgesAreDividedAndShortOnesAreNot() {
        Region bar = Region.of(Box.ofSize(0, 0, 100, 1));
        assertThat(bar.warped(ROLL).vertexCount()).isGreaterThan(100 / 5);
        assertThat(bar.warped(Warp.NONE)).isSameAs(bar);
        Region tiny = Region.of(Box.ofSize(0, 0, 0.5, 0.5));
        assertThat(tiny.warped(ROLL).vertexCount()).isEqualTo(4);
    }

    /** Annulus sector: the area is angle · (r₁² − r₂²)/2, by the formula. */
    @Test
    void areasComeOutAsTheFormulaSays() {
        Region bar = Region.of(Box.ofSize(0, 0, 100, 8));
        assertThat(bar.warped(ROLL).areaMm2()).isCloseTo(2.0 * (2500 - 42 * 42) / 2, within(0.2));
        Region window = bar.minus(Region.of(Box.ofSize(20, 2, 10, 4)));
        assertThat(window.warped(ROLL).holeCount()).isEqualTo(1);
        assertThat(Region.EMPTY.warped(ROLL)).isEqualTo(Region.EMPTY);
    }

    /** Edges that rounding let cross are resolved by what they enclose; sound regions stay the same object. */
    @Test
    void soundRegionsStayAndCrossingEdgesAreResolved() {
        Region square = Region.of(Box.ofSize(0, 0, 10, 10));
        assertThat(square.sound()).isSameAs(square);
        Warp fold = new Warp() {
            @Override
            public void apply(double x, double y, double[] to, int at) {
                to[at] = y > 5 ? 10 - x / 2 : x;
                to[at + 1] = y;
            }

            @Override
            public double leastRadiusMm() {
                return Double.POSITIVE_INFINITY;
            }
        };
        Region bow = square.warped(fold);
        assertThat(bow.isValid()).isTrue();
        assertThat(bow.areaMm2())
                .as("10 wide below and 5 above, meeting two thirds up")
                .isCloseTo(10 * 20 / 3.0 / 2 + 5 * 10 / 3.0 / 2, within(1e-6));
    }

    @Test
    void crumbsAndHolesBelowASizeGo() {
        Region square = Region.of(Box.ofSize(0, 0, 10, 10));
        Region crumbs = Region.weld(List.of(
                square.minus(Region.of(Box.ofSize(2, 2, 1, 1))).minus(Region.of(Box.ofSize(5, 5, 3, 3))),
                Region.of(Box.ofSize(20, 0, 1, 1))));
        Region clean = crumbs.withoutCrumbs(2);
        assertThat(clean.pieceCount()).isEqualTo(1);
        assertThat(clean.holeCount()).isEqualTo(1);
        assertThat(clean.areaMm2()).isCloseTo(91, within(1e-9));
        assertThat(clean.filled().areaMm2()).isCloseTo(100, within(1e-9));
        assertThat(crumbs.withoutCrumbs(1000).isEmpty()).isTrue();
    }

    @Test
    void boxesCrossOnlyWhereBothAre() {
        Random random = new Random(3);
        for (int i = 0; i < 500; i++) {
            Box a = Box.ofSize(random.nextInt(20), random.nextInt(20), 1 + random.nextInt(15), 1 + random.nextInt(15));
            Box b = Box.ofSize(random.nextInt(20), random.nextInt(20), 1 + random.nextInt(15), 1 + random.nextInt(15));
            double common = a.crossed(b).map(Box::areaMm2).orElse(0.0);
            assertThat(common).isEqualTo(b.crossed(a).map(Box::areaMm2).orElse(0.0));
            assertThat(common).isCloseTo(Region.of(a).intersect(Region.of(b)).areaMm2(), within(1e-9));
        }
    }

    @Test
    void curvesKnowTheirBoxAndTheirOpenEnds() {
        java.awt.geom.Path2D.Double open = new java.awt.geom.Path2D.Double();
        open.moveTo(0, 0);
        open.lineTo(30, 0);
        open.lineTo(30, 20);
        Curves curves = Curves.of(open);
        assertThat(curves.bounds()).isEqualTo(new Box(0, 0, 30, 20));
        assertThat(curves.openEnds(0.1)).containsExactly(new Point(30, 20));
        open.closePath();
        assertThat(Curves.of(open).openEnds(0.1)).isEmpty();
        assertThat(Curves.of(open).enclosed().areaMm2()).isCloseTo(300, within(1e-9));
        assertThat(Curves.of(open))
                .isEqualTo(Curves.of(open))
                .hasSameHashCodeAs(Curves.of(open))
                .isNotEqualTo(curves);
    }
}
