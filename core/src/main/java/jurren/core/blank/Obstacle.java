package jurren.core.blank;

import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Ellipses;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/** Something on a face that art must keep clear of, with the room to leave around it already in its shape. */
public record Obstacle(Kind kind, Shape shape) {
    /** What it is. */
    public enum Kind {
        COLLAR, SEAM, POCKET, ZIP, DRAWCORD, HANDLE, LIP, FOOT, HINGE, CAMERA, SLOT, EYELET, LATCH, OTHER
    }

    /** Where it is, in art coordinates. */
    public sealed interface Shape {
    }

    /** An upright rectangle. */
    public record Rect(double xMm, double yMm, double widthMm, double heightMm) implements Shape {
        public Rect {
            checkSize(widthMm, heightMm);
        }

        public static Rect of(Box b) {
            return new Rect(b.minXMm(), b.minYMm(), b.widthMm(), b.heightMm());
        }
    }

    /** A circle about a middle. */
    public record Disc(double xMm, double yMm, double diameterMm) implements Shape {
        public Disc {
            checkSize(diameterMm, diameterMm);
        }
    }

    private static void checkSize(double widthMm, double heightMm) {
        if (!(widthMm > 0 && heightMm > 0)) {
            throw new IllegalArgumentException("an obstacle must be larger than zero but was "
                    + widthMm + " x " + heightMm + " mm");
        }
    }

    public static Obstacle rect(Kind kind, Box box) {
        return new Obstacle(kind, Rect.of(box));
    }

    public Box box() {
        return switch (shape) {
            case Rect r -> Box.ofSize(r.xMm, r.yMm, r.widthMm, r.heightMm);
            case Disc d -> Box.ofSize(d.xMm - d.diameterMm / 2, d.yMm - d.diameterMm / 2, d.diameterMm, d.diameterMm);
        };
    }

    public Region region() {
        return switch (shape) {
            case Rect _ -> Region.of(box());
            case Disc _ -> Curves.of(Ellipses.of(box().minXMm(), box().minYMm(), box().widthMm(),
                    box().heightMm())).enclosed();
        };
    }

    public Point where() {
        return box().centre();
    }
}
