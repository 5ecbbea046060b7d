package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import jurren.core.art.Paint;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/** What fills a shape: asked for piece by piece, so that a large arrangement meets only what is near each piece. */
interface Pattern {
    /** What of the pattern lies on a piece; it may reach beyond it, never into itself. */
    Region on(Region piece);

    /**
     * How it lies on the shape: from even about the middle moved by so much and turned, and whether each part has its
     * own or the whole has one.
     *
     * @param alongEdge turned so that it runs along the longest straight edge
     */
    record Tiling(double shiftMm, double downMm, double degrees, boolean alongEdge, boolean eachPart) {
        static final double MOST_MM = 1000;

        public Tiling {
            check(shiftMm, downMm, degrees);
        }

        /** Asked when a pattern is made, so that one that cannot be is refused where it is told. */
        static void check(double shiftMm, double downMm, double degrees) {
            Limits.within("a shift", shiftMm, -MOST_MM, MOST_MM);
            Limits.within("a shift", downMm, -MOST_MM, MOST_MM);
            Limits.within("a turn", degrees, -360, 360);
        }

        static Tiling of(double shiftMm, double downMm, boolean eachPart) {
            return new Tiling(shiftMm, downMm, 0, false, eachPart);
        }

        /** Between -90 and 90 degrees. */
        private static double longestEdge(Region shape) {
            double longest = 0;
            double degrees = 0;
            for (Piece p : shape.pieces()) {
                Outline o = p.outer();
                for (int i = 0; i < o.points().size(); i++) {
                    Point a = o.points().get(i);
                    Point b = o.points().get((i + 1) % o.points().size());
                    if (a.distanceMm(b) > longest) {
                        longest = a.distanceMm(b);
                        double angle = Math.toDegrees(Math.atan2(b.yMm() - a.yMm(), b.xMm() - a.xMm()));
                        degrees = angle > 90 ? angle - 180 : angle <= -90 ? angle + 180 : angle;
                    }
                }
            }
            return degrees;
        }

        /** Turned about the middle of the shape it is even on, then moved. */
        private Pattern laid(Region shape, Function<Region, Pattern> even) {
            double turn = degrees + (alongEdge ? longestEdge(shape) : 0);
            if (shiftMm == 0 && downMm == 0 && turn == 0) {
                return even.apply(shape);
            }
            Point c = shape.bounds().centre();
            Placement turned = Placement.moved(-c.xMm(), -c.yMm())
                    .then(Placement.turned(turn))
                    .then(Placement.moved(c.xMm(), c.yMm()));
            Pattern straight = even.apply(
                    turn == 0 ? shape : shape.placed(turned.inverse()).sound());
            Placement there = turned.then(Placement.moved(shiftMm, downMm));
            Placement back = there.inverse();
            return piece ->
                    straight.on(piece.placed(back).sound()).placed(there).sound();
        }
    }

    /**
     * Cut out of everything, or laid on top of it in a second colour; the same paints where it meets nothing.
     *
     * @param even the pattern as it lies on a shape even about its middle
     */
    static List<Paint> fill(
            List<Paint> paints, Tiling laying, Function<Region, Pattern> even, boolean cutThrough, Colour colour) {
        Region shape = Paint.welded(paints);
        if (shape.isEmpty()) {
            return paints;
        }
        List<Region> pieces = shape.pieces().stream().map(Piece::region).toList();
        Pattern whole = laying.eachPart ? piece -> laying.laid(piece, even).on(piece) : laying.laid(shape, even);
        if (cutThrough && paints.size() == 1 && paints.getFirst().parts().size() == 1) {
            List<Region> left =
                    pieces.parallelStream().map(p -> p.minus(whole.on(p))).toList();
            return left.equals(pieces)
                    ? paints
                    : Paint.each(
                            List.of(new Paint(paints.getFirst().colour(), List.of(Region.together(left)))), r -> r);
        }
        Region inside = Region.together(
                pieces.parallelStream().map(p -> p.intersect(whole.on(p))).toList());
        if (inside.isEmpty()) {
            return paints;
        }
        if (cutThrough) {
            return Paint.each(paints, r -> r.minus(inside));
        }
        List<Paint> all = new ArrayList<>(paints);
        all.add(new Paint(colour, List.of(inside)));
        return all;
    }
}
