package jurren.core.blank;

import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import java.awt.geom.Path2D;
import java.util.List;

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
    private static final double RIB_MM = 16;
    private static final double HEM_MM = 20;

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
        double pitY = pitYMm();

        Path2D.Double p = new Path2D.Double();
        p.moveTo(-neck, top);
        collarFront(p, neck);
        p.lineTo(shoulder, top + SHOULDER_FALL_MM);
        p.lineTo(cuffX, cuffY);
        p.lineTo(innerX, innerY);
        p.lineTo(side, pitY);
        p.lineTo(side, hem);
        p.lineTo(-side, hem);
        p.lineTo(-side, pitY);
        p.lineTo(-innerX, innerY);
        p.lineTo(-cuffX, cuffY);
        p.lineTo(-shoulder, top + SHOULDER_FALL_MM);
        p.closePath();
        return Curves.of(p);
    }

    /** Where the sleeve's under edge meets the side seam. */
    private double pitYMm() {
        double slope = Math.toRadians(SLEEVE_SLOPE_DEGREES);
        double innerX = shouldersMm / 2 + sleeveMm * Math.cos(slope) - CUFF_MM * Math.sin(slope);
        double innerY = -collarDropMm + SHOULDER_FALL_MM + sleeveMm * Math.sin(slope) + CUFF_MM * Math.cos(slope);
        return innerY - Math.max(0, innerX - chestMm / 2) * Math.tan(slope);
    }

    /** The garment as it is drawn: cloth, the inside of the collar's back, its rib, the sleeve seams and the hem. */
    public List<GarmentPart> picture() {
        return List.of(new GarmentPart(GarmentPart.Kind.CLOTH, outline()),
                new GarmentPart(GarmentPart.Kind.INSIDE, collarInside()),
                new GarmentPart(GarmentPart.Kind.RIB, collarRib()),
                new GarmentPart(GarmentPart.Kind.SEAM, seams()));
    }

    private Curves collarInside() {
        double top = -collarDropMm;
        double neck = collarWidthMm / 2;
        double back = top + collarDropMm * 0.28;
        Path2D.Double p = new Path2D.Double();
        p.moveTo(-neck, top);
        collarFront(p, neck);
        p.curveTo(neck * 0.5, back, -neck * 0.5, back, -neck, top);
        p.closePath();
        return Curves.of(p);
    }

    private Curves collarRib() {
        double top = -collarDropMm;
        double neck = collarWidthMm / 2;
        Path2D.Double p = new Path2D.Double();
        p.moveTo(-neck, top);
        collarFront(p, neck);
        p.lineTo(neck + RIB_MM * 0.9, top + RIB_MM * 0.35);
        p.curveTo((neck + RIB_MM) * 0.9, -collarDropMm * 0.25 + RIB_MM, neck * 0.5, RIB_MM, 0, RIB_MM);
        p.curveTo(-neck * 0.5, RIB_MM, -(neck + RIB_MM) * 0.9, -collarDropMm * 0.25 + RIB_MM,
                -neck - RIB_MM * 0.9, top + RIB_MM * 0.35);
        p.closePath();
        return Curves.of(p);
    }

    /** On from (-neck, top) along the front of the collar to (neck, top). */
    private void collarFront(Path2D.Double p, double neck) {
        p.curveTo(-neck * 0.9, -collarDropMm * 0.25, -neck * 0.5, 0, 0, 0);
        p.curveTo(neck * 0.5, 0, neck * 0.9, -collarDropMm * 0.25, neck, -collarDropMm);
    }

    private Curves seams() {
        double shoulder = shouldersMm / 2;
        double shoulderY = -collarDropMm + SHOULDER_FALL_MM;
        double hem = lengthMm - collarDropMm - HEM_MM;
        Path2D.Double p = new Path2D.Double();
        for (int side : new int[] {-1, 1}) {
            p.moveTo(side * shoulder, shoulderY);
            p.quadTo(side * (shoulder - 14), (shoulderY + pitYMm()) / 2, side * chestMm / 2, pitYMm());
        }
        p.moveTo(-chestMm / 2, hem);
        p.lineTo(chestMm / 2, hem);
        return Curves.of(p);
    }

    /** The trunk between the side seams, below the collar: what lies flat on a press. */
    public Box trunk() {
        return new Box(-chestMm / 2, -collarDropMm, chestMm / 2, lengthMm - collarDropMm);
    }
}
