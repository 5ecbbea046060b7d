package jurren.core.trace;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.image.BufferedImage;
import java.util.Random;
import jurren.core.material.Colour;

/** Pictures of known shapes, every pixel the exact mixture of what covers it. */
final class Painting {
    private static final int FINER = 8;

    private final BufferedImage fine;
    private final int width;
    private final int height;

    Painting(int width, int height, int ground) {
        this.width = width;
        this.height = height;
        this.fine = new BufferedImage(width * FINER, height * FINER, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = fine.createGraphics();
        if (ground >= 0) {
            g.setColor(new Color(ground));
            g.fillRect(0, 0, width * FINER, height * FINER);
        }
        g.dispose();
    }

    Painting with(Shape shape, int rgb) {
        Graphics2D g = fine.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.scale(FINER, FINER);
        g.setColor(new Color(rgb));
        g.fill(shape);
        g.dispose();
        return this;
    }

    Painting with(Shape shape, Colour colour) {
        return with(shape, colour.rgb());
    }

    Picture picture() {
        int[] argb = new int[width * height * FINER * FINER];
        fine.getRGB(0, 0, width * FINER, height * FINER, argb, 0, width * FINER);
        return Picture.ofOwned(width * FINER, height * FINER, argb).reduced(FINER);
    }

    /** With errors of so many levels in every channel. */
    static Picture noisy(Picture p, double levels, long seed) {
        Random random = new Random(seed);
        int[] argb = new int[p.width() * p.height()];
        for (int i = 0; i < argb.length; i++) {
            int c = p.pixels()[i];
            int to = c & 0xFF000000;
            for (int shift = 0; shift <= 16; shift += 8) {
                to |= Math.clamp(Math.round((c >> shift & 0xFF) + random.nextGaussian() * levels), 0, 255) << shift;
            }
            argb[i] = to;
        }
        return Picture.ofOwned(p.width(), p.height(), argb);
    }

    /** Darker and darker to the right, to a share of what it was. */
    static Picture shadowed(Picture p, double darkest) {
        int[] argb = new int[p.width() * p.height()];
        for (int i = 0; i < argb.length; i++) {
            double light = 1 - (1 - darkest) * (i % p.width()) / p.width();
            int c = p.pixels()[i];
            int to = c & 0xFF000000;
            for (int shift = 0; shift <= 16; shift += 8) {
                to |= (int) ((c >> shift & 0xFF) * light) << shift;
            }
            argb[i] = to;
        }
        return Picture.ofOwned(p.width(), p.height(), argb);
    }
}
