package jurren.formats.svg;

import jurren.core.art.DrawnShape;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.batik.ext.awt.MultipleGradientPaint;
import org.apache.batik.gvt.CompositeShapePainter;
import org.apache.batik.gvt.FillShapePainter;
import org.apache.batik.gvt.ShapePainter;
import org.apache.batik.gvt.StrokeShapePainter;

/**
 * Turns what is painted into closed shapes of one colour.
 *
 * <ul>
 *   <li>A fill is what its outline encloses under its own fill rule.
 *   <li>A stroke of some width is the region it covers.
 *   <li>A hairline, narrower than {@link #HAIRLINE_MM}, is no area but a line to follow: closed, it
 *       bounds a shape; open, it is kept as an open end; beside a fill, it is left out.
 * </ul>
 */
final class ShapeCollector {
    /** A third of what the finest film holds; the usual default stroke is 0.26 mm. */
    static final double HAIRLINE_MM = 0.3;
    private static final double CLOSED_WITHIN_MM = 0.01;
    private static final Color UNKNOWN = new Color(0x808080);

    private final List<DrawnShape> shapes = new ArrayList<>();
    private final List<Point> openEnds = new ArrayList<>();
    private final Set<SvgRead.Note> notes = EnumSet.noneOf(SvgRead.Note.class);

    List<DrawnShape> shapes() {
        return shapes;
    }

    List<Point> openEnds() {
        return openEnds;
    }

    boolean hasOpenLines() {
        return !openEnds.isEmpty();
    }

    Set<SvgRead.Note> notes() {
        return notes;
    }

    void note(SvgRead.Note note) {
        notes.add(note);
    }

    void add(Shape outline, ShapePainter painter, AffineTransform toMm) {
        Optional<Color> fill = Optional.empty();
        for (ShapePainter part : parts(painter)) {
            if (part instanceof FillShapePainter f) {
                fill = colour(f.getPaint());
                fill.ifPresent(c -> addShape(outline, toMm, c));
            } else if (part instanceof StrokeShapePainter s && s.getStroke() instanceof BasicStroke stroke) {
                boolean filled = fill.isPresent();
                colour(s.getPaint()).ifPresent(c -> addStroke(outline, stroke, c, toMm, filled));
            }
        }
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

    private Optional<Color> colour(Paint paint) {
        return switch (paint) {
            case null -> Optional.empty();
            case Color c -> c.getAlpha() == 0 ? Optional.empty() : Optional.of(c);
            case MultipleGradientPaint g -> {
                note(SvgRead.Note.SHADES_AS_ONE_COLOUR);
                yield Optional.of(g.getColors()[0]);
            }
            default -> {
                note(SvgRead.Note.SHADES_AS_ONE_COLOUR);
                yield Optional.of(UNKNOWN);
            }
        };
    }

    private void addStroke(Shape outline, BasicStroke stroke, Color colour, AffineTransform toMm, boolean filled) {
        double widthMm = stroke.getLineWidth() * Math.sqrt(Math.abs(toMm.getDeterminant()));
        if (widthMm >= HAIRLINE_MM) {
            addShape(stroke.createStrokedShape(outline), toMm, colour);
        } else if (filled) {
            note(SvgRead.Note.HAIRLINES_LEFT_OUT);
        } else {
            addHairline(Curves.of(outline, Placement.of(toMm)), colour);
        }
    }

    private void addHairline(Curves line, Color colour) {
        List<Point> ends = line.openEnds(CLOSED_WITHIN_MM);
        openEnds.addAll(ends);
        if (ends.isEmpty()) {
            shapes.add(new DrawnShape(line, new Colour(colour.getRGB() & 0xFFFFFF)));
        } else {
            note(SvgRead.Note.OPEN_LINES_LEFT_OUT);
        }
    }

    private void addShape(Shape outline, AffineTransform toMm, Color colour) {
        Curves curves = Curves.of(outline, Placement.of(toMm));
        if (!curves.isEmpty()) {
            shapes.add(new DrawnShape(curves, new Colour(colour.getRGB() & 0xFFFFFF)));
        }
    }
}
