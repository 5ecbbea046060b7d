package jurren.core.geometry;

import java.awt.geom.PathIterator;
import java.util.List;
import java.util.Random;
import jurren.core.art.Chain;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

class SmoothOutlineTest {
    private static final double TOLERANCE_MM = 0.004;

    private static int[] segments(Curves c) {
        int[] count = new int[5];
        for (PathIterator it = c.toAwt().getPathIterator(null); !it.isDone(); it.next()) {
            count[it.currentSegment(new double[6])]++;
        }
        return count;
    }

    private static Region word(ShippedTypeface face) {
        return new Chain()
                .build(new Motif(
                        "m",
                        "m",
                        Lettering.of("Otterbrook & Co 268", face, 30, Colour.of("#000000")),
                        List.of(),
                        Pose.at(0, 0)))
                .region();
    }

    @Test
    void aRectangleIsFourStraightLines() {
        int[] s = segments(Shapes.rectangle(3, 4, 50, 20).smooth(TOLERANCE_MM));
        assertThat(s[PathIterator.SEG_CUBICTO]).isZero();
        assertThat(s[PathIterator.SEG_LINETO]).isEqualTo(4);
    }

    @Test
    void aDiscIsAFewCurves() {
        for (double r : new double[] {1, 5, 40, 300}) {
            Region disc = Shapes.disc(10, 20, r);
            Curves smooth = disc.smooth(TOLERANCE_MM);
            assertThat(segments(smooth)[PathIterator.SEG_LINETO]).isZero();
            assertThat(segments(smooth)[PathIterator.SEG_CUBICTO])
                    .as("radius %s", r)
                    .isBetween(4, 16);
            assertThat(smooth.enclosed().edgeDistanceMm(disc)).isLessThan(0.011);
        }
    }

    /** Straight edges stay straight where curves join them without a corner. */
    @Test
    void aRoundedBarIsTwoLinesAndTwoHalfCircles() {
        Region bar = Shapes.rectangle(0, 0, 60, 0.001).grown(2, CornerStyle.ROUND);
        int[] s = segments(bar.smooth(TOLERANCE_MM));
        assertThat(s[PathIterator.SEG_LINETO]).isBetween(2, 6);
        assertThat(s[PathIterator.SEG_CUBICTO]).isBetween(2, 10);
        assertThat(bar.smooth(TOLERANCE_MM).enclosed().edgeDistanceMm(bar)).isLessThan(0.011);
    }

    /** No font's letters leave their outlines, and they take a tenth of the points or so. */
    @ParameterizedTest
    @EnumSource(value = ShippedTypeface.class)
    void lettersStayWhatTheyAre(ShippedTypeface face) {
        Region word = word(face);
        Curves smooth = word.smooth(TOLERANCE_MM);
        Region again = smooth.enclosed();
        assertThat(again.edgeDistanceMm(word)).as("%s", face).isLessThan(0.012);
        assertThat(again.areaMm2()).isCloseTo(word.areaMm2(), within(word.outlineLengthMm() * 0.004));
        // one of them has no curve at all
        int most = face == ShippedTypeface.BLACK_OPS_ONE ? word.vertexCount() : word.vertexCount() / 2;
        assertThat(smooth.nodes())
                .as("%s: %d corners before", face, word.vertexCount())
                .isLessThanOrEqualTo(most);
    }

    @Test
    void ragsStayRags() {
        Random random = new Random(7);
        for (int i = 0; i < 60; i++) {
            Region blob = Shapes.blob(random, 0, 0, 40);
            assertThat(blob.smooth(TOLERANCE_MM).enclosed().edgeDistanceMm(blob))
                    .as("blob %d", i)
                    .isLessThan(0.012);
        }
    }
}
