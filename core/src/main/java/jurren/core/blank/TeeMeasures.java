package jurren.core.blank;

import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import java.awt.geom.Path2D;

/**
 * A tee laid flat, as a tape measures it: across the chest, from the top of the shoulder to the hem,
 * shoulder seam to shoulder seam, sleeve along its upper edge, collar opening across and how far its
 * front hangs below the shoulder's top.
 */
public record TeeMeasures(double chestMm, double lengthMm, double shouldersMm, double sleeveMm,
                          double collarWidthMm, double collarDropMm) {
    private static final double SLEEVE_SLOPE_DEGREES = 40;
    private static final double SHOULDER_FALL_MM = 38;
    private static final double CUFF_MM = 165;

    public TeeMeasures {
        if (!(chestMm > 0 && lengthMm > 0 && shouldersMm > collarWidthMm && sleeveMm > 0
                && collarWidthMm > 0 && collarDropMm > 0 && collarDropMm < lengthMm)) {
            throw new IllegalArgumentException("tee measures must be positive, the collar narrower than the shoulders");
        }
    }

    /** The edge of the whole garment. */
    public Curves outline() {
        double top = -collarDropMm;
        double hem = top + lengthMm;
        double neck = collarWidthMm / 2;
        double shoulder = shouldersMm / 2;
        double side = chestMm / 2;
        double slope = Math.toRadians(SLEEVE_SLOPE_DEGREES);
        double cuffX = shoulder + sleeveMm * Math.cos(slope);
        double cuffY = top + SHOULDER_FALL_MM + sleeveMm * Math.sin(slope);
        double innerX = cuffX - CUFF_MM * Math.sin(slope);
        double innerY = cuffY + CUFF_MM * Math.cos(slope);
        double pitX = side;
        double pitY = innerY - Math.max(0, innerX - side) * Math.tan(slope);

        Path2D.Double p = new Path2D.Double();
        p.moveTo(-neck, top);
        p.curveTo(-neck * 0.9, -collarDropMm * 0.25, -neck * 0.5, 0, 0, 0);
        p.curveTo(neck * 0.5, 0, neck * 0.9, -collarDropMm * 0.25, neck, top);
        p.lineTo(shoulder, top + SHOULDER_FALL_MM);
        p.lineTo(cuffX, cuffY);
        p.lineTo(innerX, innerY);
        p.lineTo(pitX, pitY);
        p.lineTo(pitX, hem);
        p.lineTo(-pitX, hem);
        p.lineTo(-pitX, pitY);
        p.lineTo(-innerX, innerY);
        p.lineTo(-cuffX, cuffY);
        p.lineTo(-shoulder, top + SHOULDER_FALL_MM);
        p.closePath();
        return Curves.of(p);
    }

    /** The opening between the back of the collar and its front. */
    public Curves collar() {
        double top = -collarDropMm;
        double neck = collarWidthMm / 2;
        double back = top + collarDropMm * 0.28;
        Path2D.Double p = new Path2D.Double();
        p.moveTo(-neck, top);
        p.curveTo(-neck * 0.9, -collarDropMm * 0.25, -neck * 0.5, 0, 0, 0);
        p.curveTo(neck * 0.5, 0, neck * 0.9, -collarDropMm * 0.25, neck, top);
        p.curveTo(neck * 0.5, back, -neck * 0.5, back, -neck, top);
        p.closePath();
        return Curves.of(p);
    }

    /** The trunk between the side seams, below the collar: what lies flat on a press. */
    public Box trunk() {
        return new Box(-chestMm / 2, -collarDropMm, chestMm / 2, lengthMm - collarDropMm);
    }
}
