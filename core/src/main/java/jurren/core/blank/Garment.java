package jurren.core.blank;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Point;

/**
 * A garment laid flat, as a tape measures it: across the chest, from the top of the shoulder to the hem,
 * shoulder seam to shoulder seam, sleeve along its upper edge, collar opening across and how far its
 * front hangs below the shoulder's top.
 */
public record Garment(
        Neck neck,
        Sleeve sleeves,
        double chestMm,
        double lengthMm,
        double shouldersMm,
        double sleeveMm,
        double collarWidthMm,
        double collarDropMm)
        implements Form {
    /** The shape of the collar's front, or of its back. */
    public enum Neck {
        ROUND,
        VEE,
        SCOOP,
        HOOD,
        BACK
    }

    /** How the arms are covered; a long sleeve hangs steeper. */
    public enum Sleeve {
        SHORT(40),
        LONG(62),
        NONE(0);

        private final double slopeDegrees;

        Sleeve(double slopeDegrees) {
            this.slopeDegrees = slopeDegrees;
        }
    }

    private static final double MOST_MM = 2000;
    private static final double SHOULDER_FALL_SHARE = 0.083;
    private static final double CUFF_SHARE = 0.36;
    private static final double RIB_MM = 16;
    private static final double HEM_MM = 20;
    private static final double COLLAR_CLEAR_MM = 25;

    public Garment {
        Measures.within("the chest", chestMm, MOST_MM);
        Measures.within("the length", lengthMm, MOST_MM);
        Measures.within("the shoulders", shouldersMm, MOST_MM);
        if (!(shouldersMm > collarWidthMm
                && sleeveMm >= 0
                && collarWidthMm > 0
                && collarDropMm > 0
                && collarDropMm < lengthMm)) {
            throw new IllegalArgumentException(
                    "a garment's collar must be narrower than its shoulders and its measures above zero");
        }
    }

    private double fallMm() {
        return SHOULDER_FALL_SHARE * shouldersMm;
    }

    private double cuffMm() {
        return CUFF_SHARE * shouldersMm * (sleeves == Sleeve.LONG ? 0.6 : 1);
    }

    @Override
    public Surface surface() {
        return Surface.FLAT;
    }

    /** The edge of the whole garment. */
    public Curves outline() {
        double top = -collarDropMm;
        double hem = top + lengthMm;
        double neck = collarWidthMm / 2;
        double shoulder = shouldersMm / 2;
        double side = chestMm / 2;
        double slope = Math.toRadians(sleeves.slopeDegrees);
        double cuffX = shoulder + sleeveMm * Math.cos(slope);
        double cuffY = top + fallMm() + sleeveMm * Math.sin(slope);
        double innerX = cuffX - cuffMm() * Math.sin(slope);
        double innerY = cuffY + cuffMm() * Math.cos(slope);
        double pitY = pitYMm();

        Path2D.Double p = new Path2D.Double();
        p.moveTo(-neck, top);
        collarFront(p, neck);
        p.lineTo(shoulder, top + fallMm());
        if (sleeves == Sleeve.NONE) {
            p.quadTo(shoulder * 0.94, pitY * 0.9 + top * 0.1, side, pitY);
        } else {
            p.lineTo(cuffX, cuffY);
            p.lineTo(innerX, innerY);
            p.lineTo(side, pitY);
        }
        p.lineTo(side, hem);
        p.lineTo(-side, hem);
        p.lineTo(-side, pitY);
        if (sleeves == Sleeve.NONE) {
            p.quadTo(-shoulder * 0.94, pitY * 0.9 + top * 0.1, -shoulder, top + fallMm());
        } else {
            p.lineTo(-innerX, innerY);
            p.lineTo(-cuffX, cuffY);
            p.lineTo(-shoulder, top + fallMm());
        }
        p.closePath();
        return Curves.of(p);
    }

    /** Along the upper edge of the right sleeve, as the tape lies; absent without sleeves. */
    public Optional<List<Point>> sleeveLine() {
        double slope = Math.toRadians(sleeves.slopeDegrees);
        Point from = new Point(shouldersMm / 2, -collarDropMm + fallMm());
        return sleeves == Sleeve.NONE
                ? Optional.empty()
                : Optional.of(List.of(from, from.plus(sleeveMm * Math.cos(slope), sleeveMm * Math.sin(slope))));
    }

    /** Where the sleeve's under edge meets the side seam. */
    private double pitYMm() {
        if (sleeves != Sleeve.SHORT) {
            return -collarDropMm + fallMm() + 0.42 * shouldersMm;
        }
        double slope = Math.toRadians(sleeves.slopeDegrees);
        double innerX = shouldersMm / 2 + sleeveMm * Math.cos(slope) - cuffMm() * Math.sin(slope);
        double innerY = -collarDropMm + fallMm() + sleeveMm * Math.sin(slope) + cuffMm() * Math.cos(slope);
        return innerY - Math.max(0, innerX - chestMm / 2) * Math.tan(slope);
    }

    /** The garment as it is drawn: cloth, the inside of the collar's back, its rib, the sleeve seams and the hem. */
    @Override
    public List<BlankPart> picture() {
        if (neck == Neck.BACK) {
            return List.of(
                    new BlankPart(BlankPart.Kind.BODY, outline()),
                    new BlankPart(BlankPart.Kind.TRIM, collarRib()),
                    new BlankPart(BlankPart.Kind.SEAM, seams()));
        }
        List<BlankPart> parts = new ArrayList<>();
        if (neck == Neck.HOOD) {
            parts.add(new BlankPart(BlankPart.Kind.TRIM, hood()));
        }
        parts.addAll(List.of(
                new BlankPart(BlankPart.Kind.BODY, outline()),
                new BlankPart(BlankPart.Kind.INSIDE, collarInside()),
                new BlankPart(BlankPart.Kind.TRIM, collarRib()),
                new BlankPart(BlankPart.Kind.SEAM, seams())));
        return parts;
    }

    private Curves hood() {
        double top = -collarDropMm;
        double neckHalf = collarWidthMm / 2;
        Path2D.Double p = new Path2D.Double();
        p.moveTo(-neckHalf * 1.25, top + RIB_MM);
        p.curveTo(
                -neckHalf * 1.5,
                top - collarWidthMm,
                neckHalf * 1.5,
                top - collarWidthMm,
                neckHalf * 1.25,
                top + RIB_MM);
        p.closePath();
        return Curves.of(p);
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

    /** The collar's band: the opening's edge and the same edge one band's width further out. */
    private Curves collarRib() {
        double top = -collarDropMm;
        double half = collarWidthMm / 2;
        Path2D.Double p = new Path2D.Double();
        p.moveTo(-half, top);
        collarFront(p, half);
        p.lineTo(half + RIB_MM * 0.9, top + RIB_MM * 0.35);
        if (neck == Neck.VEE) {
            p.curveTo(
                    (half + RIB_MM) * 0.92,
                    -collarDropMm * 0.66,
                    half * 0.25 + RIB_MM * 0.6,
                    -collarDropMm * 0.2 + RIB_MM,
                    0,
                    RIB_MM * 1.5);
            p.curveTo(
                    -half * 0.25 - RIB_MM * 0.6,
                    -collarDropMm * 0.2 + RIB_MM,
                    -(half + RIB_MM) * 0.92,
                    -collarDropMm * 0.66,
                    -half - RIB_MM * 0.9,
                    top + RIB_MM * 0.35);
        } else {
            p.curveTo((half + RIB_MM) * 0.9, -collarDropMm * 0.25 + RIB_MM, half * 0.5, RIB_MM, 0, RIB_MM);
            p.curveTo(
                    -half * 0.5,
                    RIB_MM,
                    -(half + RIB_MM) * 0.9,
                    -collarDropMm * 0.25 + RIB_MM,
                    -half - RIB_MM * 0.9,
                    top + RIB_MM * 0.35);
        }
        p.closePath();
        return Curves.of(p);
    }

    /** On from (-neck, top) along the front of the collar to (neck, top). */
    private void collarFront(Path2D.Double p, double neck) {
        if (this.neck == Neck.VEE) {
            p.curveTo(-neck * 0.92, -collarDropMm * 0.7, -neck * 0.25, -collarDropMm * 0.2, 0, 0);
            p.curveTo(neck * 0.25, -collarDropMm * 0.2, neck * 0.92, -collarDropMm * 0.7, neck, -collarDropMm);
        } else {
            p.curveTo(-neck * 0.9, -collarDropMm * 0.25, -neck * 0.5, 0, 0, 0);
            p.curveTo(neck * 0.5, 0, neck * 0.9, -collarDropMm * 0.25, neck, -collarDropMm);
        }
    }

    private Curves seams() {
        double shoulder = shouldersMm / 2;
        double shoulderY = -collarDropMm + fallMm();
        double hem = lengthMm - collarDropMm - HEM_MM;
        Path2D.Double p = new Path2D.Double();
        for (int side : sleeves == Sleeve.NONE ? new int[0] : new int[] {-1, 1}) {
            p.moveTo(side * shoulder, shoulderY);
            p.quadTo(side * (shoulder - 14), (shoulderY + pitYMm()) / 2, side * chestMm / 2, pitYMm());
        }
        p.moveTo(-chestMm / 2, hem);
        p.lineTo(chestMm / 2, hem);
        return Curves.of(p);
    }

    /** The trunk between the side seams: what lies flat on a press. */
    @Override
    public Box whole() {
        return new Box(-chestMm / 2, -collarDropMm, chestMm / 2, lengthMm - collarDropMm);
    }

    /** The collar with a finger's room below it. */
    @Override
    public List<Obstacle> obstacles() {
        return List.of(Obstacle.rect(
                Obstacle.Kind.COLLAR,
                Box.ofSize(
                        -collarWidthMm / 2 - RIB_MM,
                        -collarDropMm,
                        collarWidthMm + 2 * RIB_MM,
                        collarDropMm + COLLAR_CLEAR_MM)));
    }

    @Override
    public Garment with(Measure measure, double mm) {
        return switch (measure) {
            case CHEST -> new Garment(neck, sleeves, mm, lengthMm, shouldersMm, sleeveMm, collarWidthMm, collarDropMm);
            case LENGTH -> new Garment(neck, sleeves, chestMm, mm, shouldersMm, sleeveMm, collarWidthMm, collarDropMm);
            case SHOULDERS -> new Garment(neck, sleeves, chestMm, lengthMm, mm, sleeveMm, collarWidthMm, collarDropMm);
            case SLEEVE -> new Garment(neck, sleeves, chestMm, lengthMm, shouldersMm, mm, collarWidthMm, collarDropMm);
            case COLLAR_WIDTH -> new Garment(neck, sleeves, chestMm, lengthMm, shouldersMm, sleeveMm, mm, collarDropMm);
            case COLLAR_DROP -> new Garment(neck, sleeves, chestMm, lengthMm, shouldersMm, sleeveMm, collarWidthMm, mm);
            default -> throw Form.hasNo(this, measure);
        };
    }

    @Override
    public List<Measured> measures() {
        return List.of(
                new Measured(Measure.CHEST, chestMm),
                new Measured(Measure.LENGTH, lengthMm),
                new Measured(Measure.SHOULDERS, shouldersMm),
                new Measured(Measure.SLEEVE, sleeveMm),
                new Measured(Measure.COLLAR_WIDTH, collarWidthMm),
                new Measured(Measure.COLLAR_DROP, collarDropMm));
    }
}
