package jurren.core.blank;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;

/**
 * A round thing as it stands on the table in front of one's eyes, seen a little from above, in
 * parallel projection: x to the right from its axis, y down from the middle of the lip.
 *
 * <p>A point of the art at (x, y) stands at the angle φ = 2a/D round the axis, where a is its length
 * along the lip, on the radius r(y), at the height h(y) below the lip. Turned by ψ and seen from the
 * elevation τ it appears at
 *
 * <pre>
 *   X = r·sin(φ − ψ)
 *   Y = h·cos τ + r·cos(φ − ψ)·sin τ
 * </pre>
 *
 * Only the half that faces the eye is seen.
 */
public final class AsHeld implements Warp {
    private static final double ELEVATION = Math.toRadians(13);
    /** A hair less than a quarter turn to each side, where everything becomes a line. */
    private static final double SEEN_ANGLE = Math.toRadians(89);
    /** For a picture: a tenth of a millimetre does not show. */
    private static final double CHORD_MM = 3;
    /** On a steep cone each step halves what is left of the error at the least. */
    private static final int BACK_STEPS = 12;

    private final Surface.Round surface;
    private final double turn;
    private final double anglePerMm;

    /** @param turnDegrees how far the thing is turned to the left as one looks at it */
    public AsHeld(Surface.Round surface, double trueAtMm, double turnDegrees) {
        this.surface = surface;
        this.turn = Math.toRadians(turnDegrees);
        this.anglePerMm = 2 / surface.diameterAtMm(trueAtMm);
    }

    @Override
    public void apply(double xMm, double yMm, double[] to, int at) {
        double angle = xMm * anglePerMm - turn;
        double r = surface.diameterAtMm(yMm) / 2;
        to[at] = r * Math.sin(angle);
        to[at + 1] = heightMm(yMm) * Math.cos(ELEVATION) + r * Math.cos(angle) * Math.sin(ELEVATION);
    }

    private double heightMm(double yMm) {
        return yMm / surface.slantMm() * surface.heightMm();
    }

    @Override
    public double leastRadiusMm() {
        return Math.min(surface.topDiameterMm(), surface.footDiameterMm()) / 2;
    }

    @Override
    public double chordMm() {
        return CHORD_MM;
    }

    /** What of the art is seen, as it is seen; art that goes over the seam comes round again. */
    public Region seen(Region art) {
        if (art.isEmpty()) {
            return art;
        }
        double round = 2 * Math.PI / anglePerMm;
        double middle = turn / anglePerMm;
        double half = SEEN_ANGLE / anglePerMm;
        Box window = new Box(middle - half, -1, middle + half, surface.slantMm() + 1);
        List<Region> seen = new ArrayList<>();
        for (int lap = -2; lap <= 2; lap++) {
            Box there = art.bounds().placed(Placement.moved(lap * round, 0));
            if (window.crossed(there).isPresent()) {
                Region moved = art.placed(Placement.moved(lap * round, 0));
                seen.add((window.covers(there, 0) ? moved : moved.intersect(Region.of(window))).warped(this));
            }
        }
        return Region.weld(seen);
    }

    /** From where the half that faces the eye appears back to the art. */
    public Warp back() {
        double round = 2 * Math.PI / anglePerMm;
        return new Warp() {
            @Override
            public void apply(double xMm, double yMm, double[] to, int at) {
                double y = Math.clamp(
                        yMm / Math.cos(ELEVATION) / surface.heightMm() * surface.slantMm(), 0, surface.slantMm());
                double r = surface.diameterAtMm(y) / 2;
                for (int i = 0; i < BACK_STEPS; i++) {
                    double forth = r * Math.sqrt(Math.max(0, 1 - xMm * xMm / (r * r)));
                    y = Math.clamp(
                            (yMm - forth * Math.sin(ELEVATION))
                                    / Math.cos(ELEVATION)
                                    / surface.heightMm()
                                    * surface.slantMm(),
                            0,
                            surface.slantMm());
                    r = surface.diameterAtMm(y) / 2;
                }
                double x = (Math.asin(Math.clamp(xMm / r, -1, 1)) + turn) / anglePerMm;
                to[at] = x - round * Math.rint(x / round);
                to[at + 1] = y;
            }

            @Override
            public double leastRadiusMm() {
                return AsHeld.this.leastRadiusMm();
            }
        };
    }

    /** True when what stands at this place of the art faces the eye. */
    public boolean faces(Point art) {
        return Math.cos(art.xMm() * anglePerMm - turn) > 0;
    }

    /** The side of the thing: lip and foot as ellipses, joined. */
    public Curves body() {
        Path2D.Double p = new Path2D.Double();
        double top = surface.topDiameterMm() / 2;
        double foot = surface.footDiameterMm() / 2;
        double height = footMm();
        p.moveTo(-top, 0);
        p.lineTo(-foot, height);
        halfEllipse(p, foot, height, 1);
        p.lineTo(top, 0);
        halfEllipse(p, -top, 0, 1);
        p.closePath();
        return Curves.of(p);
    }

    /** How far below the lip's middle the foot's middle appears. */
    public double footMm() {
        return surface.heightMm() * Math.cos(ELEVATION);
    }

    /** The opening, as an ellipse. */
    public Curves lip() {
        double top = surface.topDiameterMm() / 2;
        Path2D.Double p = new Path2D.Double();
        p.moveTo(-top, 0);
        halfEllipse(p, top, 0, -1);
        halfEllipse(p, -top, 0, 1);
        p.closePath();
        return Curves.of(p);
    }

    /** From where the pen is to (toX, y), bulging down for a {@code way} of 1 when it runs to the right. */
    private static void halfEllipse(Path2D.Double p, double toX, double y, int way) {
        double r = Math.abs(toX);
        double bulge = r * Math.sin(ELEVATION) * 4 / 3 * way;
        p.curveTo(-toX, y + bulge, toX, y + bulge, toX, y);
    }

    /** The box of the body and the lip. */
    public Box bounds() {
        return body().bounds().joined(lip().bounds());
    }
}
