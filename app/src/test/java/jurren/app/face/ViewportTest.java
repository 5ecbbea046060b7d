package jurren.app.face;

import java.util.Random;
import jurren.app.session.EdgeLine;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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
            Viewport v =
                    new Viewport(0.1 + random.nextDouble() * 9, random.nextDouble() * 100, -random.nextDouble() * 100);
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
        EdgeLine line = EdgeLine.MIDDLE;
        assertThat(line.through(new Point(3, 150), area).yMm(area)).isEqualTo(150);
        assertThat(line.through(new Point(3, 20), area).yMm(area)).isEqualTo(100);
        assertThat(line.through(new Point(3, 999), area).yMm(area)).isEqualTo(300);
        assertThat(line.moved(0.1).moved(-0.1).share()).isCloseTo(line.share(), within(1e-12));
        assertThat(line.from(area).xMm()).isEqualTo(-50);
        assertThat(line.to(area).xMm()).isEqualTo(50);
    }

    /** Through the middle of an area of 100 by 200, at any angle: it ends where it leaves the area. */
    @Test
    void theEdgeLineIsTurnedAboutItsPoint() {
        Box area = new Box(-50, 100, 50, 300);
        EdgeLine upright = EdgeLine.level(0.5).turned(90);
        assertThat(upright.from(area).distanceMm(new Point(0, 100))).isLessThan(1e-9);
        assertThat(upright.to(area).distanceMm(new Point(0, 300))).isLessThan(1e-9);
        EdgeLine slanting = EdgeLine.level(0.5).towards(new Point(30, 230), area);
        assertThat(slanting.degrees()).isCloseTo(45, within(1e-9));
        assertThat(slanting.to(area).distanceMm(new Point(50, 250))).isLessThan(1e-9);
        assertThat(slanting.distanceMm(new Point(10, 190), area)).isCloseTo(Math.sqrt(200), within(1e-9));
        assertThat(slanting.turned(180)).isEqualTo(slanting);
        assertThat(slanting.towards(new Point(0, 200), area))
                .as("its own point turns nothing")
                .isEqualTo(slanting);
    }
}
