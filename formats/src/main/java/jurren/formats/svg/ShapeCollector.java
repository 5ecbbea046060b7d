package jurren.formats.svg;

import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingRead.Note;
import jurren.formats.drawing.Found;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.batik.ext.awt.MultipleGradientPaint;
import org.apache.batik.gvt.CompositeShapePainter;
import org.apache.batik.gvt.FillShapePainter;
import org.apache.batik.gvt.PatternPaint;
import org.apache.batik.gvt.ShapePainter;
import org.apache.batik.gvt.StrokeShapePainter;

/** Gives what SVG painters paint to {@link Found}. Shades and patterns become the one colour that most of them is. */
final class ShapeCollector {
    private static final Color UNKNOWN = new Color(0x808080);
    /** Less than this and nothing is seen. */
    private static final int CLEAR = 8;
    private static final int TILE_PX = 32;

    private final Found found;

    ShapeCollector(Found found) {
        this.found = found;
    }

    void add(Shape outline, ShapePainter painter, AffineTransform toMm, Optional<Region> clip) {
        boolean filled = false;
        for (ShapePainter part : parts(painter)) {
            if (part instanceof FillShapePainter f) {
                Optional<Colour> colour = colour(f.getPaint());
                colour.ifPresent(c -> found.fill(outline, toMm, c, clip));
                filled |= colour.isPresent();
            } else if (part instanceof StrokeShapePainter s && s.getStroke() instanceof BasicStroke stroke) {
                boolean both = filled;
                colour(s.getPaint()).ifPresent(c -> found.stroke(outline, stroke, toMm, c, both, clip));
            }
        }
    }

    void add(Shape outline, Paint fill, AffineTransform toMm, Optional<Region> clip) {
        colour(fill).ifPresent(c -> found.fill(outline, toMm, c, clip));
    }

    private static List<ShapePainter> parts(ShapePainter painter) {
        if (!(painter instanceof CompositeShapePainter all)) {
            return List.of(painter);
        }
        List<ShapePainter> parts = new ArrayList<>();
        for (int i = 0; i < all.getShapePainterCount(); i++) {
            parts.add(all.getShapePainter(i));
        }
        return parts;
    }

    Optional<Colour> colour(Paint paint) {
        return switch (paint) {
            case null -> Optional.empty();
            case Color c -> c.getAlpha() < CLEAR ? Optional.empty() : Optional.of(new Colour(c.getRGB() & 0xFFFFFF));
            case MultipleGradientPaint g -> {
                found.note(Note.SHADES_AS_ONE_COLOUR);
                yield mean(g.getColors());
            }
            case PatternPaint p -> {
                found.note(Note.SHADES_AS_ONE_COLOUR);
                yield usual(p);
            }
            default -> {
                found.note(Note.SHADES_AS_ONE_COLOUR);
                yield Optional.of(new Colour(UNKNOWN.getRGB() & 0xFFFFFF));
            }
        };
    }

    private static Optional<Colour> mean(Color[] colours) {
        int r = 0;
        int g = 0;
        int b = 0;
        int seen = 0;
        for (Color c : colours) {
            if (c.getAlpha() >= CLEAR) {
                r += c.getRed();
                g += c.getGreen();
                b += c.getBlue();
                seen++;
            }
        }
        return seen == 0 ? Optional.empty() : Optional.of(new Colour(r / seen << 16 | g / seen << 8 | b / seen));
    }

    /** The colour that most of a pattern's tile shows, found by painting it small. */
    private static Optional<Colour> usual(PatternPaint pattern) {
        Rectangle2D tile = pattern.getPatternRect();
        if (!(tile.getWidth() > 0 && tile.getHeight() > 0)) {
            return Optional.empty();
        }
        BufferedImage image = new BufferedImage(TILE_PX, TILE_PX, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.scale(TILE_PX / tile.getWidth(), TILE_PX / tile.getHeight());
        g.translate(-tile.getX(), -tile.getY());
        pattern.getGraphicsNode().paint(g);
        g.dispose();
        Map<Integer, Integer> seen = new HashMap<>();
        for (int p : image.getRGB(0, 0, TILE_PX, TILE_PX, null, 0, TILE_PX)) {
            if (p >>> 24 > 128) {
                seen.merge(p & 0xFFFFFF, 1, Integer::sum);
            }
        }
        return seen.entrySet().stream().max(Map.Entry.comparingByValue()).map(e -> new Colour(e.getKey()));
    }
}
