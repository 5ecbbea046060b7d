package jurren.formats.svg;

import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingRead.Note;
import jurren.formats.drawing.Found;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.batik.ext.awt.MultipleGradientPaint;
import org.apache.batik.gvt.CompositeGraphicsNode;
import org.apache.batik.gvt.CompositeShapePainter;
import org.apache.batik.gvt.FillShapePainter;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.gvt.PatternPaint;
import org.apache.batik.gvt.ShapeNode;
import org.apache.batik.gvt.ShapePainter;
import org.apache.batik.gvt.StrokeShapePainter;

/** Gives what SVG painters paint to {@link Found}. Shades and patterns become the one colour that most of them is. */
final class ShapeCollector {
    private static final Color UNKNOWN = new Color(0x808080);
    /** Less than this and nothing is seen. */
    private static final int CLEAR = 8;

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
                yield Optional.of(firstColour(p.getGraphicsNode()).orElse(new Colour(UNKNOWN.getRGB() & 0xFFFFFF)));
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

    private Optional<Colour> firstColour(GraphicsNode node) {
        if (node instanceof ShapeNode s && s.getShapePainter() != null) {
            return parts(s.getShapePainter()).stream().map(p -> p instanceof FillShapePainter f ? f.getPaint()
                    : p instanceof StrokeShapePainter t ? t.getPaint() : null).flatMap(p -> colour(p).stream()).findFirst();
        }
        if (node instanceof CompositeGraphicsNode group) {
            for (Object child : group.getChildren()) {
                Optional<Colour> colour = firstColour((GraphicsNode) child);
                if (colour.isPresent()) {
                    return colour;
                }
            }
        }
        return Optional.empty();
    }
}
