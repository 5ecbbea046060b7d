package jurren.core.blank;

import java.util.List;
import java.util.function.UnaryOperator;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Ellipses;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/** Something on a face that art must keep clear of, with the room to leave around it already in its shape. */
public record Obstacle(Kind kind, Shape shape) {
    /** What it is. */
    public enum Kind {
        COLLAR,
        SEAM,
        POCKET,
        ZIP,
        DRAWCORD,
        HANDLE,
        LIP,
        FOOT,
        HINGE,
        CAMERA,
        SLOT,
        EYELET,
        LATCH,
        OTHER
    }

    /** Where it is, in art coordinates. */
    public sealed interface Shape {
        Box box();

        Region region();

        /** The same as wide, as high and where a box is. */
        Shape in(Box box);
    }

    /** An upright rectangle. */
    public record Rect(double xMm, double yMm, double widthMm, double heightMm) implements Shape {
        public Rect {
            checkSize(widthMm, heightMm);
        }

        public static Rect of(Box b) {
            return new Rect(b.minXMm(), b.minYMm(), b.widthMm(), b.heightMm());
        }

        @Override
        public Box box() {
            return Box.ofSize(xMm, yMm, widthMm, heightMm);
        }

        @Override
        public Region region() {
            return Region.of(box());
        }

        @Override
        public Rect in(Box box) {
            return of(box);
        }
    }

    /** A circle about a middle. */
    public record Disc(double xMm, double yMm, double diameterMm) implements Shape {
        public Disc {
            checkSize(diameterMm, diameterMm);
        }

        @Override
        public Box box() {
            return Box.ofSize(xMm - diameterMm / 2, yMm - diameterMm / 2, diameterMm, diameterMm);
        }

        @Override
        public Region region() {
            Box b = box();
            return Curves.of(Ellipses.of(b.minXMm(), b.minYMm(), b.widthMm(), b.heightMm()))
                    .enclosed();
        }

        /** As wide as the box; a circle that must be wider than high is drawn. */
        @Override
        public Shape in(Box box) {
            return Math.abs(box.widthMm() - box.heightMm()) < SAME_MM
                    ? new Disc(box.centre().xMm(), box.centre().yMm(), box.widthMm())
                    : new Drawn(region().pieces().getFirst().outer().points()).in(box);
        }
    }

    /** Any outline, from corner to corner; it closes by itself. */
    public record Drawn(List<Point> corners) implements Shape {
        private static final int MOST_CORNERS = 2000;

        public Drawn {
            corners = List.copyOf(corners);
            if (corners.size() < 3 || corners.size() > MOST_CORNERS) {
                throw new IllegalArgumentException(
                        "an outline needs 3 to " + MOST_CORNERS + " corners but had " + corners.size());
            }
            Outline outline = Outline.of(corners);
            Region enclosed = Region.enclosedBy(List.of(outline), FillRule.EVEN_ODD);
            double area = Math.abs(outline.signedAreaMm2());
            checkSize(outline.bounds().widthMm(), outline.bounds().heightMm());
            if (enclosed.pieceCount() != 1
                    || enclosed.holeCount() > 0
                    || Math.abs(enclosed.areaMm2() - area) > area * ROUNDING) {
                throw new IllegalArgumentException("an outline must not cross itself");
            }
        }

        @Override
        public Box box() {
            return Outline.of(corners).bounds();
        }

        @Override
        public Region region() {
            return Region.enclosedBy(List.of(Outline.of(corners)), FillRule.NON_ZERO);
        }

        @Override
        public Drawn in(Box to) {
            Box from = box();
            double across = to.widthMm() / from.widthMm();
            double down = to.heightMm() / from.heightMm();
            return moved(p -> new Point(
                    to.minXMm() + (p.xMm() - from.minXMm()) * across, to.minYMm() + (p.yMm() - from.minYMm()) * down));
        }

        private Drawn moved(UnaryOperator<Point> where) {
            return new Drawn(corners.stream().map(where).toList());
        }
    }

    private static final double SAME_MM = 1e-9;
    private static final double ROUNDING = 1e-6;
    /** Hands measure no finer. */
    private static final double FINE_MM = 0.1;

    private static void checkSize(double widthMm, double heightMm) {
        if (!(widthMm > 0 && heightMm > 0)) {
            throw new IllegalArgumentException(
                    "an obstacle must be larger than zero but was " + widthMm + " x " + heightMm + " mm");
        }
    }

    /**
     * Something of any shape, with room around it.
     *
     * @throws IllegalArgumentException where less than nothing is left of it
     */
    public static Obstacle around(Kind kind, Region region, double roomMm) {
        Region grown = region.filled().grown(roomMm, CornerStyle.ROUND).simplified(FINE_MM);
        if (grown.isEmpty()) {
            throw new IllegalArgumentException("nothing is left of it with " + roomMm + " mm of room");
        }
        return new Obstacle(kind, new Drawn(grown.largest().outer().points()));
    }

    public static Obstacle rect(Kind kind, Box box) {
        return new Obstacle(kind, Rect.of(box));
    }

    public Box box() {
        return shape.box();
    }

    public Region region() {
        return shape.region();
    }

    public Obstacle in(Box box) {
        return new Obstacle(kind, shape.in(box));
    }

    public Point where() {
        return box().centre();
    }
}
