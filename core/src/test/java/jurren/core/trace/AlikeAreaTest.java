package jurren.core.trace;

import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.geom.Ellipse2D;
import java.awt.image.BufferedImage;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

@Tag("long")
class AlikeAreaTest {
    private static Picture picture(int w, int h, Consumer<Graphics2D> drawn) {
        return noisy(w, h, 0, drawn);
    }

    private static Picture noisy(int w, int h, double noise, Consumer<Graphics2D> drawn) {
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        drawn.accept(g);
        int[] argb = image.getRGB(0, 0, w, h, null, 0, w);
        Random r = new Random(7);
        for (int i = 0; i < argb.length; i++) {
            int p = 0xFF;
            for (int shift = 16; shift >= 0; shift -= 8) {
                p = p << 8 | (int) Math.clamp((argb[i] >> shift & 0xFF) + r.nextGaussian() * noise, 0, 255);
            }
            argb[i] = p;
        }
        return Picture.ofOwned(w, h, argb);
    }

    private static void fill(Graphics2D g, Color colour, java.awt.Shape shape) {
        g.setColor(colour);
        g.fill(shape);
    }

    /**
     * The lens of a case on a shaded ground, with a bright reflection in it: its outline is the lens, 60 pixels across.
     */
    @Test
    void aLensIsFoundWhereItIsClickedWithWhatLiesWithin() {
        Picture photo = noisy(400, 300, 4, g -> {
            g.setPaint(new GradientPaint(0, 0, new Color(150, 160, 170), 400, 300, new Color(210, 215, 220)));
            g.fillRect(0, 0, 400, 300);
            fill(g, new Color(40, 42, 48), new Ellipse2D.Double(70, 90, 60, 60));
            fill(g, new Color(240, 240, 250), new Ellipse2D.Double(80, 100, 10, 10));
        });
        Region lens = AlikeArea.at(photo, new Point(105.5, 125.5)).orElseThrow();
        assertThat(lens.areaMm2()).isCloseTo(Math.PI * 900, within(60.0));
        assertThat(lens.holeCount()).isZero();
        assertThat(lens.bounds().centre().distanceMm(new Point(100, 120))).isLessThan(0.7);
    }

    /** Where the water reaches something else over a bridge of another tone it is not the same thing. */
    @Test
    void twoThingsOfOneColourAreTwo() {
        Picture photo = picture(300, 200, g -> {
            fill(g, Color.WHITE, new java.awt.Rectangle(0, 0, 300, 200));
            fill(g, new Color(30, 60, 90), new java.awt.Rectangle(40, 50, 50, 80));
            fill(g, new Color(30, 60, 90), new java.awt.Rectangle(180, 50, 70, 30));
        });
        Region one = AlikeArea.at(photo, new Point(60, 60)).orElseThrow();
        assertThat(one.areaMm2()).isCloseTo(50 * 80, within(20.0));
        Region other = AlikeArea.at(photo, new Point(200, 60)).orElseThrow();
        assertThat(other.areaMm2()).isCloseTo(70 * 30, within(20.0));
        assertThat(one.intersect(other).isEmpty()).isTrue();
    }

    /**
     * A dark lens on a blue case on a light table: of the two that stand out from what is around them the inner one was
     * clicked.
     */
    @Test
    void theInnermostThingIsMeant() {
        Picture photo = picture(450, 250, g -> {
            fill(g, new Color(205, 210, 214), new java.awt.Rectangle(0, 0, 450, 250));
            fill(g, new Color(60, 90, 120), new java.awt.Rectangle(75, 30, 300, 200));
            fill(g, new Color(20, 22, 25), new Ellipse2D.Double(100, 50, 35, 35));
        });
        assertThat(AlikeArea.at(photo, new Point(117, 60)).orElseThrow().areaMm2())
                .isCloseTo(Math.PI * 17.5 * 17.5, within(30.0));
        assertThat(AlikeArea.at(photo, new Point(300, 200)).orElseThrow().areaMm2())
                .as("the case with its lens")
                .isCloseTo(300 * 200, within(200.0));
        assertThat(AlikeArea.at(photo, new Point(117, 250)))
                .as("beside the photograph")
                .isEmpty();
    }

    /** 4,000 by 3,000 pixels are looked at smaller, and the answer is in the picture's own. */
    @Test
    void aLargePhotographAnswersInItsOwnPixels() {
        Picture photo = picture(4000, 3000, g -> {
            fill(g, new Color(230, 228, 220), new java.awt.Rectangle(0, 0, 4000, 3000));
            fill(g, new Color(200, 60, 50), new java.awt.Rectangle(1000, 1000, 800, 400));
        });
        Region found = AlikeArea.at(photo, new Point(1400, 1200)).orElseThrow();
        assertThat(found.areaMm2()).isCloseTo(800 * 400, within(800 * 400 * 0.01));
        assertThat(found.bounds().centre().distanceMm(new Point(1400, 1200))).isLessThan(5);
    }

    @Test
    void whereNothingStandsOutNothingIsFound() {
        Picture plain = picture(100, 100, g -> fill(g, Color.GRAY, new java.awt.Rectangle(0, 0, 100, 100)));
        assertThat(AlikeArea.at(plain, new Point(50, 50))).isEqualTo(Optional.empty());
        assertThat(AlikeArea.at(plain, new Point(-10, 900)))
                .as("beside the picture")
                .isEmpty();
    }
}
