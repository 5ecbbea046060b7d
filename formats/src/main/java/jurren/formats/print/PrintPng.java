package jurren.formats.print;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Placement;
import jurren.core.layer.Inked;
import jurren.core.plan.PrintSheet;
import jurren.core.stop.Stop;
import jurren.core.trace.Picture;
import jurren.formats.picture.PictureWriter;

/** A sheet to be printed as pixels on white: for printers that take pictures only. It has no cut line and no marks. */
public final class PrintPng {
    private PrintPng() {}

    /** Throws when it would have more pixels than fit into memory. */
    public static byte[] write(PrintSheet print, double perInch) {
        double scale = perInch / 25.4;
        long w = Math.max(1, Math.round(print.widthMm() * scale));
        long h = Math.max(1, Math.round(print.heightMm() * scale));
        if (w * h > Picture.MOST_PIXELS * 2L) {
            throw new IllegalArgumentException(
                    "a sheet of " + w + " x " + h + " pixels is too large; choose fewer to the inch");
        }
        BufferedImage image = new BufferedImage((int) w, (int) h, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setColor(Color.WHITE);
        g.fillRect(0, 0, (int) w, (int) h);
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.scale(scale, scale);
        for (PrintSheet.Slot slot : print.slots()) {
            Stop.lookHere();
            for (Inked ink : slot.layer().print().inks()) {
                Inked placed = ink.placed(slot.onto());
                if (placed.isFlat()) {
                    g.setColor(new Color(placed.colour().rgb()));
                    g.fill(AwtShapes.path(placed.region()));
                } else {
                    InkRaster.paint(image, placed.region(), placed.ink().orElseThrow(), Placement.scaled(scale));
                }
            }
        }
        g.dispose();
        return PictureWriter.png(image, perInch);
    }
}
