package jurren.formats.print;

import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javax.imageio.ImageIO;
import jurren.core.art.Ink;
import jurren.core.blank.AsHeld;
import jurren.core.blank.BlankPart;
import jurren.core.blank.Surface;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;

/** The thing with its art as worn, side by side for several lines, as PNG. */
public final class Proof {
    private static final double PX_PER_MM = 1.25;
    private static final double MARGIN_MM = 40;
    private static final Color GROUND = new Color(0xDEDFE1);

    private Proof() {}

    public static byte[] write(List<LinePlan> lines) {
        double width = MARGIN_MM;
        double height = 0;
        for (LinePlan line : lines) {
            Box box = picture(line);
            width += box.widthMm() + MARGIN_MM;
            height = Math.max(height, box.heightMm() + 2 * MARGIN_MM);
        }
        BufferedImage image = image(width * PX_PER_MM, height * PX_PER_MM);
        Graphics2D g = painter(image);
        g.scale(PX_PER_MM, PX_PER_MM);
        double x = MARGIN_MM;
        for (LinePlan line : lines) {
            Box box = picture(line);
            Graphics2D face = (Graphics2D) g.create();
            face.translate(x - box.minXMm(), MARGIN_MM - box.minYMm());
            if (line.face().surface() instanceof Surface.Round r) {
                paintHeld(image, face, line, new AsHeld(r, line.face().trueAtMm(), 0));
            } else {
                paintBlank(face, line, line.drawn());
                line.drawn().laid().paints().forEach(p -> fill(image, face, p.colour(), p.ink(), p.region()));
            }
            face.dispose();
            x += box.widthMm() + MARGIN_MM;
        }
        g.dispose();
        return png(image);
    }

    /** One finished piece as a dry run made it, with what differs from the art hatched in red. */
    public static byte[] writeResult(LinePlan line, SizePlan size, Map<Film, Region> result, Region wrong) {
        Box box = size.laid()
                .bounds()
                .map(size.area().box()::joined)
                .orElse(size.area().box())
                .grown(MARGIN_MM / 2);
        BufferedImage image = image(box.widthMm() * 2, box.heightMm() * 2);
        Graphics2D g = painter(image);
        g.scale(2, 2);
        g.translate(-box.minXMm(), -box.minYMm());
        paintBlank(g, line, size);
        result.forEach((film, region) -> {
            g.setColor(film.colour().map(c -> new Color(c.rgb())).orElse(Color.WHITE));
            g.fill(AwtShapes.path(region));
        });
        if (!wrong.isEmpty()) {
            g.setColor(new Color(0xE02020));
            g.fill(AwtShapes.path(wrong));
        }
        g.dispose();
        return png(image);
    }

    private static Box picture(LinePlan line) {
        return line.face().surface() instanceof Surface.Round r
                ? new AsHeld(r, line.face().trueAtMm(), 0).bounds()
                : line.face().pictureBox();
    }

    /** A round thing from the front. */
    private static void paintHeld(BufferedImage image, Graphics2D g, LinePlan line, AsHeld held) {
        Color body = new Color(line.blankColour().colour().rgb());
        g.setColor(body);
        g.fill(held.body().toAwt());
        line.drawn()
                .art()
                .paints()
                .forEach(p -> fill(
                        image, g, p.colour(), p.ink().map(i -> i.warped(held, held.back())), held.seen(p.region())));
        g.setColor(Shades.of(body, BlankPart.Kind.INSIDE));
        g.fill(held.lip().toAwt());
        g.setColor(Shades.of(body, BlankPart.Kind.TRIM));
        g.setStroke(new BasicStroke(0.8f));
        g.draw(held.body().toAwt());
    }

    private static void paintBlank(Graphics2D g, LinePlan line, SizePlan size) {
        Color cloth = new Color(line.blankColour().colour().rgb());
        for (BlankPart part : size.face().picture()) {
            g.setColor(Shades.of(cloth, part.kind()));
            if (part.kind() == BlankPart.Kind.SEAM) {
                g.setStroke(new BasicStroke(0.8f));
                g.draw(part.curves().toAwt());
            } else {
                g.fill(part.curves().toAwt());
            }
        }
    }

    private static void fill(BufferedImage image, Graphics2D g, Colour colour, Optional<Ink> ink, Region region) {
        if (ink.isPresent()) {
            InkRaster.paint(image, region, ink.get(), Placement.of(g.getTransform()));
            return;
        }
        g.setColor(new Color(colour.rgb()));
        g.fill(AwtShapes.path(region));
    }

    private static BufferedImage image(double width, double height) {
        return new BufferedImage((int) Math.ceil(width), (int) Math.ceil(height), BufferedImage.TYPE_INT_RGB);
    }

    private static Graphics2D painter(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        g.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        g.setColor(GROUND);
        g.fillRect(0, 0, image.getWidth(), image.getHeight());
        return g;
    }

    private static byte[] png(BufferedImage image) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            // otherwise a full disk for temporary files would fail what goes to memory
            ImageIO.setUseCache(false);
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new IllegalStateException("a byte array took no more bytes", e);
        }
        return out.toByteArray();
    }
}
