package jurren.formats.out;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.trace.Picture;
import jurren.formats.picture.PictureWriter;

/** Pixels on a clear ground, with their number to the inch in the file. */
final class PngArt {
    private static final double MM_PER_INCH = 25.4;

    private PngArt() {}

    static byte[] write(ArtSheet given, double perInch) {
        ArtSheet sheet = given.atOrigin();
        Box box = sheet.box().orElseThrow();
        double scale = perInch / MM_PER_INCH;
        long w = Math.max(1, (long) Math.ceil(box.widthMm() * scale));
        long h = Math.max(1, (long) Math.ceil(box.heightMm() * scale));
        if (w * h > Picture.MOST_PIXELS) {
            throw new IllegalArgumentException(
                    "a picture of " + w + " x " + h + " pixels is too large; choose fewer to the inch");
        }
        BufferedImage image = new BufferedImage((int) w, (int) h, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.scale(scale, scale);
        for (ArtSheet.Part part : sheet.parts()) {
            g.setColor(new Color(part.colour().rgb()));
            g.fill(Curves.around(part.region()).toAwt());
        }
        g.dispose();
        return PictureWriter.png(image, perInch);
    }
}
