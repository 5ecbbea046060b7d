package jurren.formats.hpgl;

import java.nio.charset.StandardCharsets;
import jurren.core.art.DrawingFile;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.formats.Refusal;
import jurren.formats.drawing.DrawingRead;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Plots as plotters draw them; forty units are a millimetre. */
class HpglReaderTest {
    private static DrawingRead read(String plot) {
        return HpglReader.read(new DrawingFile("a.plt", plot.getBytes(StandardCharsets.US_ASCII)));
    }

    private static Region region(String plot) {
        DrawingRead read = read(plot);
        assertThat(read).as(plot).isInstanceOf(DrawingRead.Taken.class);
        return Region.weld(((DrawingRead.Taken) read)
                .drawing().shapes().stream().map(s -> s.curves().enclosed()).toList());
    }

    /**
     * An L of 100 by 50 with arms of 10: turned, it is as wide as it was high, and its inner corner goes round with it.
     */
    @ParameterizedTest
    @CsvSource({
        "0, 100, 50, -1, 1",
        "90, 50, 100, 1, 1",
        "180, 100, 50, 1, -1",
        "270, 50, 100, -1, -1",
        "360, 100, 50, -1, 1",
        "-90, 50, 100, -1, -1"
    })
    void thePlotIsTurnedByQuarters(int degrees, double width, double height, int cornerX, int cornerY) {
        Region l = region("IN;SP1;RO" + degrees + ";PU0,0;PD4000,0,4000,400,400,400,400,2000,0,2000,0,0;PU;");
        assertThat(l.areaMm2()).isCloseTo(100 * 10 + 10 * 40, within(0.01));
        Box box = l.bounds();
        assertThat(box.widthMm()).isCloseTo(width, within(1e-6));
        assertThat(box.heightMm()).isCloseTo(height, within(1e-6));
        // y goes down in a drawing: the L's own corner was lower left on the plotter
        Point corner = new Point(
                cornerX < 0 ? box.minXMm() + 2 : box.maxXMm() - 2, cornerY > 0 ? box.maxYMm() - 2 : box.minYMm() + 2);
        Point opposite = new Point(
                cornerX < 0 ? box.maxXMm() - 2 : box.minXMm() + 2, cornerY > 0 ? box.minYMm() + 2 : box.maxYMm() - 2);
        assertThat(l.contains(corner)).isTrue();
        assertThat(l.contains(opposite)).isFalse();
    }

    @Test
    void aPlotInUnitsOfItsOwnIsScaledBetweenItsPoints() {
        assertThat(region("IN;IP0,0,4000,4000;SC0,10,0,10;SP1;PU1,1;PD5,1,5,5,1,5,1,1;PU;")
                        .areaMm2())
                .isCloseTo(40 * 40, within(0.01));
        assertThat(region("IN;IP0,0,4000,4000;SC0,10,0,10;IN;SP1;PU0,0;PD400,0,400,400,0,400,0,0;PU;")
                        .areaMm2())
                .as("begun anew")
                .isCloseTo(100, within(0.01));
    }

    @Test
    void circlesArcsAndSmallStepsAreFollowed() {
        assertThat(region("IN;SP1;PU0,0;CI400;").areaMm2()).isCloseTo(Math.PI * 100, within(0.2));
        assertThat(region("IN;SP1;PU400,0;PD;AA0,0,180;PD400,0;PU;").areaMm2())
                .as("half a disc")
                .isCloseTo(Math.PI * 50, within(0.2));
        assertThat(region("IN;SP1;PA100,100;PR;PD400,0,0,400,-400,0,0,-400;PU;").areaMm2())
                .isCloseTo(100, within(0.01));
    }

    @Test
    void aKnifesOvercutIsNoLineOfItsOwn() {
        assertThat(region("IN;SP1;PU0,0;PD400,0,400,400,0,400,0,0,100,0;PU;").areaMm2())
                .isCloseTo(100, within(0.01));
    }

    @Test
    void whatIsNoPlotIsRefused() {
        assertThat(((DrawingRead.Refused) read("hello world")).refusal().reason())
                .isEqualTo(Refusal.Reason.NOT_A_DRAWING);
    }
}
