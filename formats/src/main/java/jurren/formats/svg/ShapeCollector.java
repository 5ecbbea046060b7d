package jurren.formats.svg;

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
import jurren.core.art.Ink;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead.Note;
import org.apache.batik.ext.awt.LinearGradientPaint;
import org.apache.batik.ext.awt.MultipleGradientPaint;
import org.apache.batik.ext.awt.RadialGradientPaint;
import org.apache.batik.gvt.CompositeShapePainter;
import org.apache.batik.gvt.FillShapePainter;
import org.apache.batik.gvt.PatternPaint;
import org.apache.batik.gvt.ShapePainter;
import org.apache.batik.gvt.StrokeShapePainter;

/**
 * Gives what SVG painters paint to {@link DrawingBuilder}. Patterns are laid tile by tile; of too many tiles, they
 * become the
 * one colour that most of them is.
 */
final class ShapeCollector {
    private static final Color UNKNOWN = new Color(0x808080);
    /** Less than this and nothing is seen. */
    private static final int CLEAR = 8;

    private static final int TILE_PX = 32;
    private static final double CLEAR_OF = 255;
    private static final double LEAST_MM2 = 1e-9;

    private final DrawingBuilder found;
    private final Tiles tiles;

    /** Lays a pattern's tiles over a shape. */
    interface Tiles {
        /** @return false where there are too many */
        boolean lay(PatternPaint pattern, Shape over, AffineTransform toMm, double opacity, Optional<Region> clip);
    }

    ShapeCollector(DrawingBuilder found, Tiles tiles) {
        this.found = found;
        this.tiles = tiles;
    }

    /** @param opacity of everything around it */
    void add(Shape outline, ShapePainter painter, AffineTransform toMm, double opacity, Optional<Region> clip) {
        boolean filled = false;
        for (ShapePainter part : parts(painter)) {
            if (part instanceof FillShapePainter f) {
                if (f.getPaint() instanceof PatternPaint pattern && tiles.lay(pattern, outline, toMm, opacity, clip)) {
                    filled = true;
                    continue;
                }
                Optional<Painted> painted = painted(f.getPaint(), toMm, opacity);
                painted.ifPresent(p -> found.fill(outline, toMm, p.colour, p.ink, clip));
                filled |= painted.isPresent();
            } else if (part instanceof StrokeShapePainter s && s.getStroke() instanceof BasicStroke stroke) {
                addLine(outline, s.getPaint(), stroke, filled, toMm, opacity, clip);
            }
        }
    }

    /** @param filled whether the same outline was filled as well */
    void addLine(
            Shape outline,
            Paint paint,
            BasicStroke stroke,
            boolean filled,
            AffineTransform toMm,
            double opacity,
            Optional<Region> clip) {
        painted(paint, toMm, opacity)
                .ifPresent(p -> found.stroke(outline, stroke, toMm, p.colour, p.ink, filled, clip));
    }

    void add(Shape outline, Paint fill, AffineTransform toMm, double opacity, Optional<Region> clip) {
        if (!(fill instanceof PatternPaint pattern && tiles.lay(pattern, outline, toMm, opacity, clip))) {
            painted(fill, toMm, opacity).ifPresent(p -> found.fill(outline, toMm, p.colour, p.ink, clip));
        }
    }

    private record Painted(Colour colour, Optional<Ink> ink) {
        Painted faded(double opacity) {
            return opacity > 1 - 1.0 / CLEAR_OF
                    ? this
                    : new Painted(
                            colour,
                            Optional.of(
                                    ink.map(i -> i.faded(opacity)).orElseGet(() -> new Ink.Clear(colour, opacity))));
        }
    }

    /** A line with markers has its painters one level deeper. */
    static List<ShapePainter> parts(ShapePainter painter) {
        if (!(painter instanceof CompositeShapePainter all)) {
            return List.of(painter);
        }
        List<ShapePainter> parts = new ArrayList<>();
        for (int i = 0; i < all.getShapePainterCount(); i++) {
            parts.addAll(parts(all.getShapePainter(i)));
        }
        return parts;
    }

    private Optional<Painted> painted(Paint paint, AffineTransform toMm, double opacity) {
        if (opacity * CLEAR_OF < CLEAR) {
            return Optional.empty();
        }
        return switch (paint) {
            case null -> Optional.empty();
            case Color c ->
                c.getAlpha() * opacity < CLEAR
                        ? Optional.empty()
                        : Optional.of(new Painted(new Colour(c.getRGB() & 0xFFFFFF), Optional.empty())
                                .faded(opacity * c.getAlpha() / CLEAR_OF));
            case MultipleGradientPaint g -> mean(g.getColors()).map(c -> new Painted(c, shade(g, toMm)).faded(opacity));
            case PatternPaint p -> {
                found.note(Note.SHADES_AS_ONE_COLOUR);
                yield usual(p).map(c -> new Painted(c, Optional.empty()).faded(opacity));
            }
            default -> {
                found.note(Note.SHADES_AS_ONE_COLOUR);
                yield Optional.of(
                        new Painted(new Colour(UNKNOWN.getRGB() & 0xFFFFFF), Optional.empty()).faded(opacity));
            }
        };
    }

    /** Shades that come again and again, or that lead nowhere, are one colour. */
    private Optional<Ink> shade(MultipleGradientPaint g, AffineTransform toMm) {
        Placement unit = switch (g) {
            case LinearGradientPaint l -> {
                double dx = l.getEndPoint().getX() - l.getStartPoint().getX();
                double dy = l.getEndPoint().getY() - l.getStartPoint().getY();
                yield new Placement(
                        dx,
                        dy,
                        -dy,
                        dx,
                        l.getStartPoint().getX(),
                        l.getStartPoint().getY());
            }
            case RadialGradientPaint r ->
                Placement.scaled(r.getRadius())
                        .then(Placement.moved(
                                r.getCenterPoint().getX(), r.getCenterPoint().getY()));
            default -> Placement.scaled(0);
        };
        AffineTransform all = new AffineTransform(toMm);
        all.concatenate(g.getTransform());
        Placement placed = unit.then(Placement.of(all));
        if (g.getCycleMethod() != MultipleGradientPaint.NO_CYCLE
                || Math.abs(placed.determinant()) < LEAST_MM2
                || g.getColors().length < 2) {
            found.note(Note.SHADES_AS_ONE_COLOUR);
            return Optional.empty();
        }
        List<Ink.Stop> stops = new ArrayList<>();
        for (int i = 0; i < g.getColors().length; i++) {
            stops.add(new Ink.Stop(g.getFractions()[i], g.getColors()[i].getRGB()));
        }
        return Optional.of(new Ink.Shade(g instanceof RadialGradientPaint, placed, stops, 1));
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
