package jurren.core.art.treat;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import jurren.core.art.Pixels;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.memo.Scale;
import jurren.core.trace.Picture;

/**
 * A region in one colour with its edge softened: three box blurs one after the other, which come close to a Gaussian
 * and reach exactly as far as they are told (W. Wells, "Efficient synthesis of Gaussian filters by cascaded uniform
 * filters", 1986).
 */
record Blurred(Region region, double blurMm, Colour colour, Picture picture, Placement toMm) implements Pixels {
    private static final int PASSES = 3;
    /** Pixels over the way that the edge fades; more would not be seen. */
    private static final double PX_OVER_BLUR = 9;

    private static final double LEAST_PX_PER_MM = 0.25;
    private static final double MOST_PX = 4_000_000;

    static Blurred of(Region region, double blurMm, Colour colour) {
        Box box = region.bounds().grown(blurMm);
        double scale = Math.max(
                LEAST_PX_PER_MM,
                Math.min(PX_OVER_BLUR / blurMm, Math.sqrt(MOST_PX / (box.widthMm() * box.heightMm()))));
        int reach = Math.max(1, (int) Math.round(blurMm * scale / PASSES));
        int w = (int) Math.ceil(box.widthMm() * scale) + 1;
        int h = (int) Math.ceil(box.heightMm() * scale) + 1;
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.scale(scale, scale);
        g.translate(-box.minXMm(), -box.minYMm());
        g.setColor(Color.WHITE);
        g.fill(AwtShapes.path(region));
        g.dispose();
        float[] alpha = image.getRaster().getSamples(0, 0, w, h, 0, new float[w * h]);
        float[] other = new float[w * h];
        for (int i = 0; i < PASSES; i++) {
            blur(alpha, other, h, w, w, 1, reach);
            blur(other, alpha, w, h, 1, w, reach);
        }
        int[] argb = new int[w * h];
        for (int i = 0; i < argb.length; i++) {
            argb[i] = Math.clamp(Math.round(alpha[i]), 0, 255) << 24 | colour.rgb();
        }
        return new Blurred(
                region,
                blurMm,
                colour,
                Picture.ofOwned(w, h, argb),
                Placement.scaled(1 / scale).then(Placement.moved(box.minXMm(), box.minYMm())));
    }

    /** Each line becomes the mean over a window of 2·reach + 1; beside the picture there is nothing. */
    private static void blur(float[] from, float[] to, int lines, int length, int lineStep, int step, int reach) {
        float window = 2 * reach + 1;
        for (int line = 0; line < lines; line++) {
            int at = line * lineStep;
            double sum = 0;
            for (int i = 0; i < Math.min(reach, length); i++) {
                sum += from[at + i * step];
            }
            for (int i = 0; i < length; i++) {
                sum += i + reach < length ? from[at + (i + reach) * step] : 0;
                to[at + i * step] = (float) (sum / window);
                sum -= i - reach >= 0 ? from[at + (i - reach) * step] : 0;
            }
        }
    }

    /** The pixels follow from the rest. */
    @Override
    public boolean equals(Object o) {
        return this == o
                || o instanceof Blurred b && blurMm == b.blurMm && colour.equals(b.colour) && region.equals(b.region);
    }

    @Override
    public int hashCode() {
        return 31 * (31 * region.hashCode() + Double.hashCode(blurMm)) + colour.hashCode();
    }

    @Override
    public boolean isPicture() {
        return false;
    }

    @Override
    public void weigh(Scale scale) {
        scale.add(picture, (long) Integer.BYTES * picture.width() * picture.height());
    }
}
