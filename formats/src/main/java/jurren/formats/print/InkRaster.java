package jurren.formats.print;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Rectangle;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.image.BufferedImage;
import java.util.stream.IntStream;
import jurren.core.art.Ink;
import jurren.core.art.Pixels;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.memo.Scale;
import jurren.core.trace.Picture;

/**
 * Puts inks of every kind into pixels: the region's edge as smooth as the 2D painter makes it, each pixel as its ink
 * says.
 */
public final class InkRaster {
    private InkRaster() {}

    /**
     * Over what an image shows already.
     *
     * @param toPx from the region's millimetres to the image's pixels
     */
    public static void paint(BufferedImage onto, Region region, Ink ink, Placement toPx) {
        Box box = region.bounds().placed(toPx).grown(1);
        Rectangle r = new Rectangle(
                        (int) Math.floor(box.minXMm()),
                        (int) Math.floor(box.minYMm()),
                        (int) Math.ceil(box.widthMm()) + 1,
                        (int) Math.ceil(box.heightMm()) + 1)
                .intersection(new Rectangle(onto.getWidth(), onto.getHeight()));
        if (r.isEmpty()) {
            return;
        }
        BufferedImage edge = new BufferedImage(r.width, r.height, BufferedImage.TYPE_BYTE_GRAY);
        Graphics2D g = edge.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setTransform(AffineTransform.getTranslateInstance(-r.x, -r.y));
        g.transform(toPx.toAwt());
        g.setColor(Color.WHITE);
        g.fill(AwtShapes.path(region));
        g.dispose();
        Ink fine = inPixels(ink, toPx);
        IntStream.range(0, r.height).parallel().forEach(row -> {
            int[] covered = new int[r.width];
            edge.getRaster().getSamples(0, row, r.width, 1, 0, covered);
            int[] line = onto.getRGB(r.x, r.y + row, r.width, 1, null, 0, r.width);
            for (int x = 0; x < r.width; x++) {
                if (covered[x] > 0) {
                    int argb = fine.argb(r.x + x + 0.5, r.y + row + 0.5);
                    line[x] = over(line[x], argb & 0xFFFFFF, (argb >>> 24) / 255.0 * covered[x] / 255.0);
                }
            }
            synchronized (onto) {
                onto.setRGB(r.x, r.y + row, r.width, 1, line, 0, r.width);
            }
        });
    }

    private static int over(int below, int rgb, double alpha) {
        double under = (below >>> 24) / 255.0;
        double all = alpha + under * (1 - alpha);
        if (all == 0) {
            return 0;
        }
        int mixed = (int) Math.round(all * 255) << 24;
        for (int shift = 0; shift < 24; shift += 8) {
            double c = ((rgb >>> shift & 0xFF) * alpha + (below >>> shift & 0xFF) * under * (1 - alpha)) / all;
            mixed |= (int) Math.round(c) << shift;
        }
        return mixed;
    }

    /** The ink in the image's own coordinates; of a picture with many pixels for each of the image's, their means. */
    private static Ink inPixels(Ink ink, Placement toPx) {
        if (ink.placed(toPx) instanceof Ink.OfPicture p) {
            int times = (int) Math.floor(1
                    / Math.max(
                            Math.hypot(p.toMm().xx(), p.toMm().yx()),
                            Math.hypot(p.toMm().xy(), p.toMm().yy())));
            return times < 2
                    ? p
                    : new Ink.OfPicture(
                            new Reduced(p.of().picture().reduced(times)),
                            Placement.scaled(times).then(p.toMm()),
                            p.opacity());
        }
        return ink.placed(toPx);
    }

    /** What a picture was made smaller to. */
    record Reduced(Picture picture) implements Pixels {
        @Override
        public void weigh(Scale scale) {
            scale.add((long) Integer.BYTES * picture.width() * picture.height());
        }
    }

    /** An ink within a region as a picture of its own, clear around it. */
    public static Ink.OfPicture flattened(Region region, Ink ink, double perInch, int mostPixels) {
        Box box = region.bounds();
        double scale = Math.min(perInch / 25.4, Math.sqrt(mostPixels / Math.max(1e-9, box.widthMm() * box.heightMm())));
        int w = (int) Math.ceil(box.widthMm() * scale) + 1;
        int h = (int) Math.ceil(box.heightMm() * scale) + 1;
        BufferedImage image = new BufferedImage(w, h, BufferedImage.TYPE_INT_ARGB);
        Placement toPx = Placement.moved(-box.minXMm(), -box.minYMm()).then(Placement.scaled(scale));
        paint(image, Region.of(box.grown(1 / scale)), ink, toPx);
        return new Ink.OfPicture(
                new Reduced(Picture.ofOwned(w, h, image.getRGB(0, 0, w, h, null, 0, w))), toPx.inverse(), 1);
    }
}
