package jurren.formats.print;

import java.awt.Shape;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import jurren.core.blank.BlankPart;
import jurren.core.blank.Face;
import jurren.core.blank.Obstacle;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.formats.words.Words;

/**
 * The face of a blank unrolled at 1:1, to be cut out and held against the thing: its edge, the area,
 * the middle lines, what to keep clear of, and a bar of 100 mm to prove the printer's scale. All is in mm on the
 * unrolled face with y down.
 *
 * @param box   everything, with the bar under it
 * @param barMm where the proving bar begins
 */
record Template(String title, List<Stroke> strokes, List<Label> labels, Box box, Point barMm) {
    static final double BAR_MM = 100;
    private static final double MARGIN_MM = 6;
    private static final double BAR_ROOM_MM = 22;
    private static final double STEP_MM = 2;
    /** So that a word does not stand on the middle line. */
    private static final double LABEL_ASIDE_MM = 3;

    /** How a line is drawn. */
    enum Style {
        EDGE,
        AREA,
        MIDDLE,
        OBSTACLE
    }

    /** One line of the drawing. */
    record Stroke(Style style, Shape shape) {}

    /** A word at a place. */
    record Label(String text, Point at) {}

    static Template of(String title, Face face) {
        Warp warp = face.unrolling();
        List<Stroke> strokes = new ArrayList<>();
        List<Label> labels = new ArrayList<>();
        for (BlankPart part : face.picture()) {
            if (part.kind() != BlankPart.Kind.INSIDE) {
                strokes.add(new Stroke(Style.EDGE, part.curves().toAwt()));
            }
        }
        Box whole = face.whole();
        for (Obstacle o : face.obstacles()) {
            Region region = o.region().intersect(Region.of(whole)).warped(warp);
            if (!region.isEmpty()) {
                strokes.add(new Stroke(Style.OBSTACLE, AwtShapes.path(region)));
                labels.add(
                        new Label(Words.obstacle(o.kind()), warp.apply(o.where().plus(LABEL_ASIDE_MM, 0))));
            }
        }
        Box area = face.area().box();
        strokes.add(new Stroke(Style.AREA, AwtShapes.path(Region.of(area).warped(warp))));
        double middle = face.isRound() ? face.trueAtMm() : area.centre().yMm();
        strokes.add(new Stroke(
                Style.MIDDLE,
                line(
                        warp,
                        new Point(area.centre().xMm(), whole.minYMm()),
                        new Point(area.centre().xMm(), whole.maxYMm()))));
        strokes.add(new Stroke(
                Style.MIDDLE, line(warp, new Point(area.minXMm(), middle), new Point(area.maxXMm(), middle))));
        Box drawn = face.pictureBox();
        Box box = new Box(
                drawn.minXMm() - MARGIN_MM,
                drawn.minYMm() - MARGIN_MM,
                Math.max(drawn.maxXMm(), drawn.minXMm() + BAR_MM) + MARGIN_MM,
                drawn.maxYMm() + BAR_ROOM_MM);
        return new Template(title, strokes, labels, box, new Point(drawn.minXMm(), drawn.maxYMm() + BAR_ROOM_MM / 2));
    }

    private static Shape line(Warp warp, Point from, Point to) {
        Path2D.Double path = new Path2D.Double();
        int steps = (int) Math.max(1, Math.ceil(from.distanceMm(to) / STEP_MM));
        for (int i = 0; i <= steps; i++) {
            Point p = warp.apply(from.towards(to, (double) i / steps));
            if (i == 0) {
                path.moveTo(p.xMm(), p.yMm());
            } else {
                path.lineTo(p.xMm(), p.yMm());
            }
        }
        return path;
    }
}
