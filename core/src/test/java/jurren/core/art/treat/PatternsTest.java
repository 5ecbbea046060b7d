package jurren.core.art.treat;

import java.util.List;
import java.util.Random;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Paint;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Shapes;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Patterns moved, turned, for the whole or for each part; by hand and point by point. */
class PatternsTest {
    private static final Colour INK = new Colour(0);
    private static final Colour SKY = Colour.of("#7FC4DA");
    private static final Region SQUARE = Shapes.rectangle(-20, -20, 40, 40);

    private static List<Paint> paint(Region... parts) {
        return List.of(new Paint(INK, List.of(parts)));
    }

    private static Region left(Treatment t, Region... parts) {
        return Paint.welded(t.apply(paint(parts)));
    }

    private static BuiltMotif letters(String text, Treatment... treatments) {
        return new Chain()
                .build(new Motif(
                        "m1",
                        text,
                        Lettering.of(text, ShippedTypeface.ANTON, 100, INK),
                        List.of(treatments),
                        Pose.at(0, 0)));
    }

    /**
     * Every point of the letters is on a stripe, and gone, or is not, and stays: tried at 4,000 points without any
     * region algebra.
     */
    @Test
    void stripesCutThroughLettersThatAreNotWelded() {
        Region plain = letters("HI").region();
        Region cut = letters("HI", new Stripes(8, 8, 0, true, SKY)).region();
        double pitch = 16;
        double height = plain.bounds().heightMm();
        int count = (int) Math.floor((height + 8 - 8 * 0.4) / pitch);
        double top = plain.bounds().centre().yMm() - (count * pitch - 8) / 2;
        Random random = new Random(7);
        int right = 0;
        int tried = 0;
        while (tried < 4000) {
            Point p = new Point(
                    plain.bounds().minXMm()
                            + random.nextDouble() * plain.bounds().widthMm(),
                    plain.bounds().minYMm() + random.nextDouble() * height);
            double in = p.yMm() - top;
            double phase = in - Math.floor(in / pitch) * pitch;
            boolean nearAnEdge = Math.min(Math.abs(phase - 8), Math.min(phase, pitch - phase)) < 0.05;
            if (plain.contains(p) && !nearAnEdge) {
                boolean onStripe = in >= 0 && in < count * pitch - 8 && phase < 8;
                right += cut.contains(p) != onStripe ? 1 : 0;
                tried++;
            }
        }
        assertThat(right).isEqualTo(tried);
        assertThat(cut.areaMm2())
                .as("overlapping or not, as if they were welded")
                .isCloseTo(
                        letters("HI", new Treatment.Weld(), new Stripes(8, 8, 0, true, SKY))
                                .region()
                                .areaMm2(),
                        within(1e-6));
    }

    @Test
    void aShiftMovesTheStripesAndNotTheShape() {
        Region even = left(new Stripes(4, 4, 0, true, SKY), SQUARE);
        Region moved = left(new Stripes(4, 4, 0, true, SKY, 0, 1, false), SQUARE);
        assertThat(moved.bounds()).isEqualTo(SQUARE.bounds());
        assertThat(SQUARE.minus(moved).bounds().minYMm()
                        - SQUARE.minus(even).bounds().minYMm())
                .isCloseTo(1, within(1e-9));
        assertThat(left(new Stripes(4, 4, 0, true, SKY, 0, 0, false), SQUARE)).isEqualTo(even);
    }

    @Test
    void turnedByAQuarterABrickWallStandsOnItsEnd() {
        Region level = left(new Bricks(14, 6, 1, true, SKY), SQUARE);
        Region turned = left(new Bricks(14, 6, 1, true, SKY, 0, 0, 90, false), SQUARE);
        assertThat(turned.edgeDistanceMm(level.placed(Placement.turned(90)))).isLessThan(1e-6);
    }

    @Test
    void eachPartCanHaveItsOwn() {
        Region a = Shapes.rectangle(0, 0, 40, 40);
        Region b = Shapes.rectangle(60, 5, 40, 40);
        Stripes own = new Stripes(4, 4, 0, true, SKY, 0, 0, true);
        Region both = left(own, a, b);
        Region alone = left(own, a);
        assertThat(both.intersect(a).edgeDistanceMm(alone)).isLessThan(1e-9);
        assertThat(both.intersect(b).edgeDistanceMm(alone.placed(Placement.moved(60, 5))))
                .as("the same on its neighbour")
                .isLessThan(1e-9);
        assertThat(left(new Stripes(4, 4, 0, true, SKY), a, b)
                        .intersect(b)
                        .edgeDistanceMm(alone.placed(Placement.moved(60, 5))))
                .isGreaterThan(1);
    }

    @Test
    void dotsRunAlongTheLongestEdgeAndMayBeCutByIt() {
        Region leaning = Shapes.rectangle(-40, -10, 80, 20).placed(Placement.turned(20));
        Dots level = new Dots(3, 2, true, SKY);
        Dots along = new Dots(3, 2, true, SKY, 0, 0, 0, true, true, false);
        Region straight = left(along, Shapes.rectangle(-40, -10, 80, 20));
        assertThat(left(along, leaning).edgeDistanceMm(straight.placed(Placement.turned(20))))
                .isLessThan(1e-6);
        assertThat(left(level, leaning).edgeDistanceMm(straight.placed(Placement.turned(20))))
                .isGreaterThan(0.5);
        Region whole = left(level, SQUARE);
        Region cut = left(new Dots(3, 2, true, SKY, 0, 0, 0, false, false, false), SQUARE);
        assertThat(whole.pieces().getFirst().outer().points())
                .as("whole ones leave the edge alone")
                .hasSizeLessThan(6);
        assertThat(cut.areaMm2()).isLessThan(whole.areaMm2());
    }
}
