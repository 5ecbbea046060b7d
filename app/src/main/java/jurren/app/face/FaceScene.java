package jurren.app.face;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.paint.Color;
import jurren.app.session.EdgeLine;
import jurren.app.theme.Theme;
import jurren.core.art.Painted;
import jurren.core.cure.Change;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;

/** What several benches draw of a face, on the unrolled face. */
public final class FaceScene {
    private static final int LINE_PARTS = 48;

    private FaceScene() {}

    /** The thing with the finished art on it. */
    public static void worn(Pen pen, LinePlan plan, SizePlan size) {
        pen.blank(size.face().picture(), plan.blankColour().colour());
        for (Painted p : size.laid().paints()) {
            pen.fill(p.region(), Placement.HERE, p.colour(), p.ink());
        }
    }

    /** What art must keep clear of, hatched by its edge alone. */
    public static void obstacles(Pen pen, SizePlan size, Color guide) {
        for (Region region : size.shapes().obstacles().values()) {
            pen.fill(region, guide.deriveColor(0, 1, 1, 0.12));
            pen.outline(region, Placement.HERE, guide.deriveColor(0, 1, 1, 0.55), 1, 2, 3);
        }
    }

    /** What a cure would take away, and what it would bring. */
    public static void change(Pen pen, Optional<Change> change, Placement onto) {
        change.ifPresent(c -> {
            mark(pen, c.come(), onto, Theme.PLUM);
            mark(pen, c.gone(), onto, Theme.MARIGOLD);
        });
    }

    private static void mark(Pen pen, Region region, Placement onto, Color colour) {
        if (!region.isEmpty()) {
            Region there = region.placed(onto);
            pen.fill(there, colour.deriveColor(0, 1, 1, 0.75));
            pen.outline(there, Placement.HERE, Color.WHITE, 3);
            pen.outline(there, Placement.HERE, colour, 1.5);
        }
    }

    public static void area(Pen pen, SizePlan size, Color guide) {
        pen.outline(size.shapes().area(), Placement.HERE, guide, 1.2, 2, 4);
    }

    /** Level on the thing, so an arc where it is unrolled. */
    public static void edgeLine(Pen pen, SizePlan size, EdgeLine line) {
        Box area = size.area().box();
        pen.lines(level(size.face().unrolling(), line.from(area), line.to(area)), Theme.MARIGOLD, 1, 6, 4);
    }

    /** A box of the art on the unrolled face, as its closed line. */
    public static List<Point> outline(Warp warp, Box box) {
        List<Point> corners = List.of(
                new Point(box.minXMm(), box.minYMm()),
                new Point(box.maxXMm(), box.minYMm()),
                new Point(box.maxXMm(), box.maxYMm()),
                new Point(box.minXMm(), box.maxYMm()));
        List<Point> line = new ArrayList<>();
        for (int i = 0; i < corners.size(); i++) {
            line.addAll(level(warp, corners.get(i), corners.get((i + 1) % corners.size())));
        }
        return line;
    }

    /** A straight line of the art on the unrolled face. */
    public static List<Point> level(Warp warp, Point from, Point to) {
        List<Point> points = new ArrayList<>();
        int parts = warp == Warp.NONE ? 1 : LINE_PARTS;
        for (int i = 0; i <= parts; i++) {
            points.add(warp.apply(from.towards(to, (double) i / parts)));
        }
        return points;
    }
}
