package jurren.app.face;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import jurren.app.session.EdgeLine;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ViewportTest {
    @Test
    void aBoxIsShownWholeAndInTheMiddle() {
        Viewport v = Viewport.showing(Box.ofSize(-100, 50, 200, 400), 600, 500, 20);
        assertThat(v.pxPerMm()).as("the height decides: 460 px for 400 mm").isCloseTo(1.15, within(1e-9));
        assertThat(v.x(0)).isCloseTo(300, within(1e-9));
        assertThat(v.y(50)).isCloseTo(20, within(1e-9));
        assertThat(v.y(450)).isCloseTo(480, within(1e-9));
    }

    @Test
    void pixelsAndMillimetresGoThereAndBack() {
        Random random = new Random(5);
        for (int i = 0; i < 200; i++) {
            Viewport v = new Viewport(0.1 + random.nextDouble() * 9, random.nextDouble() * 100, -random.nextDouble() * 100);
            Point p = new Point(random.nextDouble() * 500 - 250, random.nextDouble() * 500);
            assertThat(v.toMm(v.x(p.xMm()), v.y(p.yMm())).distanceMm(p)).isLessThan(1e-9);
        }
    }

    @Test
    void zoomingKeepsThePointUnderThePointer() {
        Viewport v = Viewport.showing(Box.ofSize(0, 0, 300, 300), 640, 480, 10);
        Point under = v.toMm(123, 77);
        Viewport closer = v.zoomed(1.25, 123, 77);
        assertThat(closer.toMm(123, 77).distanceMm(under)).isLessThan(1e-9);
        assertThat(closer.pxPerMm()).isCloseTo(v.pxPerMm() * 1.25, within(1e-9));
        assertThat(v.zoomed(1e9, 0, 0).pxPerMm()).as("not without end").isEqualTo(200);
        assertThat(v.zoomed(1e-9, 0, 0).pxPerMm()).isEqualTo(0.02);
    }

    @Test
    void panningMovesByPixels() {
        Viewport v = new Viewport(2, 10, 20).panned(5, -7);
        assertThat(v.x(0)).isEqualTo(15);
        assertThat(v.y(0)).isEqualTo(13);
    }

    /** 96 pixels to the inch: 3.78 pixels a millimetre is true size. */
    @Test
    void theRatioSaysHowMuchSmallerItIsShown() {
        assertThat(new Viewport(96 / 25.4, 0, 0).ratio()).isCloseTo(1, within(1e-9));
        assertThat(new Viewport(96 / 25.4 / 2.4, 0, 0).ratio()).isCloseTo(2.4, within(1e-9));
    }

    @Test
    void theEdgeLineIsAShareOfTheAreaAndStaysInIt() {
        Box area = Box.ofSize(-50, 100, 100, 200);
        assertThat(EdgeLine.through(new Point(3, 150), area).yMm(area)).isEqualTo(150);
        assertThat(EdgeLine.through(new Point(3, 20), area).yMm(area)).isEqualTo(100);
        assertThat(EdgeLine.through(new Point(3, 999), area).yMm(area)).isEqualTo(300);
        assertThat(EdgeLine.MIDDLE.moved(0.1).moved(-0.1).share()).isCloseTo(EdgeLine.MIDDLE.share(), within(1e-12));
        assertThat(EdgeLine.MIDDLE.from(area).xMm()).isEqualTo(-50);
        assertThat(EdgeLine.MIDDLE.to(area).xMm()).isEqualTo(50);
    }
}
