package jurren.core.art;

import java.awt.geom.Area;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Ellipses;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * A ready shape around its own middle, exactly so wide and so high.
 *
 * @param points of a polygon or a star; others do not ask
 * @param depth  a share from 0 to 1: how round a rectangle's corners are, how deep a star is cut, how
 *               thin a ring is, how deep a banner's ends are cut
 */
public record Shape(Kind kind, double widthMm, double heightMm, int points, double depth, Colour colour)
        implements Source {
    /** What it is. */
    public enum Kind {
        RECTANGLE,
        ROUNDED,
        ELLIPSE,
        POLYGON,
        STAR,
        HEART,
        RING,
        BANNER,
        LEAF;

        /** True when the number of points matters. */
        public boolean hasPoints() {
            return this == POLYGON || this == STAR;
        }

        /** True when the depth matters. */
        public boolean hasDepth() {
            return this == ROUNDED || this == STAR || this == RING || this == BANNER;
        }
    }

    private static final int MOST_POINTS = 200;

    public Shape {
        if (!(widthMm > 0 && heightMm > 0)) {
            throw new IllegalArgumentException(
                    "a shape must be larger than zero but was " + widthMm + " x " + heightMm + " mm");
        }
        if (points < 3 || points > MOST_POINTS) {
            throw new IllegalArgumentException("points must be from 3 to " + MOST_POINTS + " but were " + points);
        }
        if (!(depth >= 0 && depth <= 1)) {
            throw new IllegalArgumentException("a depth must be from 0 to 1 but was " + depth);
        }
    }

    public static Shape of(Kind kind, double sideMm, Colour colour) {
        return new Shape(
                kind,
                sideMm,
                kind == Kind.BANNER ? sideMm / 4 : kind == Kind.LEAF ? sideMm / 2 : sideMm,
                5,
                0.5,
                colour);
    }

    @Override
    public Shape resized(double widthFactor, double heightFactor) {
        Source.checkFactors(widthFactor, heightFactor);
        return new Shape(kind, widthMm * widthFactor, heightMm * heightFactor, points, depth, colour);
    }

    public Shape withKind(Kind newKind) {
        return new Shape(newKind, widthMm, heightMm, points, depth, colour);
    }

    public Shape withPoints(int newPoints) {
        return new Shape(kind, widthMm, heightMm, newPoints, depth, colour);
    }

    public Shape withDepth(double newDepth) {
        return new Shape(kind, widthMm, heightMm, points, newDepth, colour);
    }

    public Shape withColour(Colour newColour) {
        return new Shape(kind, widthMm, heightMm, points, depth, newColour);
    }

    /** The region, stretched so that its box is exactly as wide and high as it should be. */
    public Region region() {
        Region r = Curves.of(outline()).enclosed();
        double x = widthMm / r.bounds().widthMm();
        double y = heightMm / r.bounds().heightMm();
        return r.placed(
                Placement.moved(-r.bounds().centre().xMm(), -r.bounds().centre().yMm())
                        .then(Placement.scaled(x, y)));
    }

    private java.awt.Shape outline() {
        double w = widthMm;
        double h = heightMm;
        return switch (kind) {
            case RECTANGLE -> new Rectangle2D.Double(0, 0, w, h);
            case ROUNDED -> new RoundRectangle2D.Double(0, 0, w, h, depth * Math.min(w, h), depth * Math.min(w, h));
            case ELLIPSE -> Ellipses.of(0, 0, w, h);
            case POLYGON -> star(1);
            case STAR -> star(1 - 0.9 * depth);
            case HEART -> heart(w, h);
            case RING -> ring(w, h);
            case BANNER -> banner(w, h);
            case LEAF -> leaf(w, h);
        };
    }

    /** Points on two circles in turn; on one when the inner is as large as the outer. */
    private java.awt.Shape star(double inner) {
        Path2D.Double p = new Path2D.Double();
        int corners = inner == 1 ? points : 2 * points;
        for (int i = 0; i < corners; i++) {
            double angle = 2 * Math.PI * i / corners - Math.PI / 2;
            double r = (inner != 1 && i % 2 == 1 ? inner : 1) * Math.max(widthMm, heightMm) / 2;
            if (i == 0) {
                p.moveTo(r * Math.cos(angle), r * Math.sin(angle));
            } else {
                p.lineTo(r * Math.cos(angle), r * Math.sin(angle));
            }
        }
        p.closePath();
        return p;
    }

    private static java.awt.Shape heart(double w, double h) {
        Path2D.Double p = new Path2D.Double();
        p.moveTo(0, h * 0.28);
        p.curveTo(w * 0.05, 0, w * 0.5, -h * 0.04, w * 0.5, h * 0.3);
        p.curveTo(w * 0.5, h * 0.6, w * 0.15, h * 0.8, 0, h);
        p.curveTo(-w * 0.15, h * 0.8, -w * 0.5, h * 0.6, -w * 0.5, h * 0.3);
        p.curveTo(-w * 0.5, -h * 0.04, -w * 0.05, 0, 0, h * 0.28);
        p.closePath();
        return p;
    }

    /** A depth of 0 is nearly a disc, of 1 a thin hoop. */
    private java.awt.Shape ring(double w, double h) {
        double inner = 0.2 + 0.75 * depth;
        Area ring = new Area(Ellipses.of(0, 0, w, h));
        ring.subtract(new Area(Ellipses.of(w * (1 - inner) / 2, h * (1 - inner) / 2, w * inner, h * inner)));
        return ring;
    }

    private java.awt.Shape banner(double w, double h) {
        double cut = Math.min(depth * h * 0.8, w * 0.4);
        Path2D.Double p = new Path2D.Double();
        p.moveTo(0, 0);
        p.lineTo(w, 0);
        p.lineTo(w - cut, h / 2);
        p.lineTo(w, h);
        p.lineTo(0, h);
        p.lineTo(cut, h / 2);
        p.closePath();
        return p;
    }

    private static java.awt.Shape leaf(double w, double h) {
        Path2D.Double p = new Path2D.Double();
        p.moveTo(0, h / 2);
        p.curveTo(w * 0.25, -h * 0.17, w * 0.75, -h * 0.17, w, h / 2);
        p.curveTo(w * 0.75, h * 1.17, w * 0.25, h * 1.17, 0, h / 2);
        p.closePath();
        return p;
    }
}
