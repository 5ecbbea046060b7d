package jurren.app.face;

import jurren.app.session.EdgeLine;
import jurren.app.theme.Theme;
import jurren.core.art.Painted;
import jurren.core.blank.Obstacle;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.paint.Color;

/** What several benches draw of a face, on the unrolled face. */
public final class FaceScene {
    private static final int LINE_PARTS = 48;

    private FaceScene() {
    }

    /** The thing with the finished art on it. */
    public static void worn(Pen pen, LinePlan plan, SizePlan size) {
        pen.blank(size.face().picture(), plan.blankColour().colour());
        for (Painted p : size.laid().paints()) {
            pen.fill(p.region(), Theme.paint(p.colour()));
        }
    }

    /** What art must keep clear of, hatched by its edge alone. */
    public static void obstacles(Pen pen, SizePlan size, Color guide) {
        Warp warp = size.face().unrolling();
        Region whole = Region.of(size.face().whole());
        for (Obstacle o : size.face().obstacles()) {
            if (o.kind() == Obstacle.Kind.COLLAR) {
                continue;
            }
            Region region = o.region().intersect(whole).warped(warp);
            pen.fill(region, guide.deriveColor(0, 1, 1, 0.12));
            pen.outline(region, Placement.HERE, guide.deriveColor(0, 1, 1, 0.55), 1, 2, 3);
        }
    }

    public static void area(Pen pen, SizePlan size, Color guide) {
        pen.outline(Region.of(size.area().box()).warped(size.face().unrolling()), Placement.HERE, guide, 1.2, 2, 4);
    }

    /** Level on the thing, so an arc where it is unrolled. */
    public static void edgeLine(Pen pen, SizePlan size, EdgeLine line) {
        Box area = size.area().box();
        pen.lines(level(size.face().unrolling(), line.from(area), line.to(area)), Theme.MARIGOLD, 1, 6, 4);
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
