package jurren.core.cut;

import java.util.List;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.load.Offcut;

/** Where an offcut really lies on its mat, from two of its corners: moved and turned, as large as it is. */
public final class OffcutFit {
    /** A corner is found within the width of a knife's head; one that is farther off is another corner. */
    public static final double MOST_LEFT_MM = 2;

    private OffcutFit() {}

    /**
     * The two corners of its outline that are farthest apart, so that a turn shows best; the one nearer to the start
     * corner first.
     */
    public static List<Point> corners(Offcut offcut) {
        List<Point> all = offcut.outline().hull().pieces().stream()
                .map(Piece::outer)
                .map(Outline::points)
                .flatMap(List::stream)
                .toList();
        Point a = all.getFirst();
        Point b = a;
        for (Point p : all) {
            for (Point q : all) {
                if (p.distanceMm(q) > a.distanceMm(b)) {
                    a = p;
                    b = q;
                }
            }
        }
        return a.distanceMm(Point.ORIGIN) <= b.distanceMm(Point.ORIGIN) ? List.of(a, b) : List.of(b, a);
    }

    /** @param found where the head stood over each of {@code wanted} */
    public static SheetFit.Outcome of(List<Point> wanted, List<Point> found) {
        double apart = Math.abs(
                found.getFirst().distanceMm(found.getLast()) - wanted.getFirst().distanceMm(wanted.getLast()));
        if (apart > MOST_LEFT_MM) {
            return new SheetFit.Outcome.Refused(SheetFit.Doubt.OTHER_CORNER, apart, MOST_LEFT_MM);
        }
        double degrees = direction(found) - direction(wanted);
        Point from = middle(wanted);
        Point to = middle(found);
        Placement onto = Placement.moved(-from.xMm(), -from.yMm())
                .then(Placement.turned(degrees))
                .then(Placement.moved(to.xMm(), to.yMm()));
        Point corner = onto.apply(Point.ORIGIN);
        return new SheetFit.Outcome.Fits(new SheetFit(onto, corner.xMm(), corner.yMm(), degrees, 1, 1, 0, apart / 2));
    }

    private static double direction(List<Point> two) {
        return Math.toDegrees(Math.atan2(
                two.getLast().yMm() - two.getFirst().yMm(),
                two.getLast().xMm() - two.getFirst().xMm()));
    }

    private static Point middle(List<Point> two) {
        return new Point(
                (two.getFirst().xMm() + two.getLast().xMm()) / 2,
                (two.getFirst().yMm() + two.getLast().yMm()) / 2);
    }
}
