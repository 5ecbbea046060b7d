package jurren.core.load;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Polygon;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.util.List;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.trace.Picture;
import jurren.core.trace.Straightening;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** An L of 200 by 150 mm, its upper right corner of 80 by 60 missing, on a white mat of 300 by 220 mm. */
class PhotographedTest {
    private static final double AREA = 200 * 150 - 80 * 60;
    private static final double[][] CORNERS = {{40, 180}, {240, 180}, {240, 90}, {160, 90}, {160, 30}, {40, 30}};

    private static Picture of(BufferedImage image) {
        int[] argb = image.getRGB(0, 0, image.getWidth(), image.getHeight(), null, 0, image.getWidth());
        return Picture.ofOwned(image.getWidth(), image.getHeight(), argb);
    }

    private static Graphics2D pen(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setColor(new Color(0xE8E8E4));
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        return g;
    }

    @Test
    void fromStraightAboveByOneKnownDistance() {
        BufferedImage image = new BufferedImage(900, 660, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = pen(image);
        g.setColor(new Color(0x2060A0));
        Polygon l = new Polygon();
        for (double[] c : CORNERS) {
            l.addPoint((int) (3 * c[0]), (int) (3 * c[1]));
        }
        g.fill(l);
        g.dispose();
        Region outline = Photographed.byDistance(of(image), new Point(30, 620), new Point(330, 620), 100)
                .orElseThrow();
        assertThat(outline.areaMm2()).isCloseTo(AREA, within(AREA * 0.01));
        assertThat(outline.bounds().widthMm()).isCloseTo(200, within(1.0));
        assertThat(outline.bounds().heightMm()).isCloseTo(150, within(1.0));
        Offcut offcut = new Offcut("no 1", "m", jurren.core.Fixtures.SKY, outline, false, "");
        assertThat(offcut.outline().contains(new Point(10, 140)))
                .as("its upper left is there")
                .isTrue();
        assertThat(offcut.outline().contains(new Point(190, 140)))
                .as("its upper right is missing: the picture was not turned over")
                .isFalse();
    }

    @Test
    void aslantByTheFourCornersOfTheMat() {
        List<Point> corners = List.of(new Point(150, 90), new Point(760, 60), new Point(860, 600), new Point(60, 560));
        Straightening seen = new Straightening(corners);
        BufferedImage image = new BufferedImage(920, 680, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = pen(image);
        g.setColor(new Color(0x803040));
        Polygon l = new Polygon();
        for (double[] c : CORNERS) {
            Point p = seen.toPicture(new Point(c[0] / 300 * seen.width(), c[1] / 220 * seen.height()));
            l.addPoint((int) Math.round(p.xMm()), (int) Math.round(p.yMm()));
        }
        g.fill(l);
        g.dispose();
        Region outline = Photographed.byCorners(of(image), corners, 300, 220).orElseThrow();
        assertThat(outline.areaMm2()).isCloseTo(AREA, within(AREA * 0.015));
        assertThat(outline.bounds().widthMm()).isCloseTo(200, within(1.5));
        assertThat(outline.bounds().heightMm()).isCloseTo(150, within(1.5));
    }

    @Test
    void anEmptyMatHasNoOffcut() {
        BufferedImage image = new BufferedImage(300, 200, BufferedImage.TYPE_INT_ARGB);
        pen(image).dispose();
        assertThat(Photographed.byDistance(of(image), new Point(0, 0), new Point(100, 0), 100))
                .isEmpty();
        assertThat(Photographed.isEnough(3)).isFalse();
        assertThat(Photographed.isEnough(4)).isTrue();
    }
}
