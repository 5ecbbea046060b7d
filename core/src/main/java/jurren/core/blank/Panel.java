package jurren.core.blank;

import java.awt.geom.Path2D;
import java.awt.geom.RoundRectangle2D;
import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Ellipses;

/** A flat face of one outline. */
public record Panel(Cut cut, double widthMm, double heightMm, double cornerMm) implements Form {
    private static final double MOST_MM = 3000;
    private static final double EDGE_MM = 12;

    /** Outlines. */
    public enum Cut {
        RECTANGLE,
        DISC,
        /** Narrow above, wide below, with strings. */
        APRON,
        /** The front panel of a cap, over its peak. */
        CAP_FRONT,
        /** With two handles above. */
        BAG,
        /** Narrower at the hem below. */
        SLEEVE,
        /** With a hole for a string at the top. */
        ORNAMENT
    }

    public Panel {
        Measures.within("the width", widthMm, MOST_MM);
        Measures.within("the height", heightMm, MOST_MM);
        if (!(cornerMm >= 0) || cornerMm > Math.min(widthMm, heightMm) / 2) {
            throw new IllegalArgumentException(
                    "corners of " + cornerMm + " mm do not fit " + widthMm + " x " + heightMm + " mm");
        }
    }

    @Override
    public Surface surface() {
        return Surface.FLAT;
    }

    @Override
    public Box whole() {
        return Box.ofSize(-widthMm / 2, 0, widthMm, heightMm);
    }

    @Override
    public List<BlankPart> picture() {
        List<BlankPart> parts = new ArrayList<>();
        double half = widthMm / 2;
        switch (cut) {
            case RECTANGLE ->
                parts.add(body(new RoundRectangle2D.Double(-half, 0, widthMm, heightMm, 2 * cornerMm, 2 * cornerMm)));
            case DISC -> parts.add(body(Ellipses.of(-half, 0, widthMm, heightMm)));
            case ORNAMENT -> {
                parts.add(body(Ellipses.of(-half, 0, widthMm, heightMm)));
                parts.add(new BlankPart(BlankPart.Kind.INSIDE, Curves.of(Ellipses.of(-2, 4, 4, 4))));
            }
            case APRON -> apron(parts, half);
            case CAP_FRONT -> cap(parts, half);
            case BAG -> bag(parts, half);
            case SLEEVE -> sleeve(parts, half);
        }
        return parts;
    }

    private static BlankPart body(java.awt.Shape shape) {
        return new BlankPart(BlankPart.Kind.BODY, Curves.of(shape));
    }

    private void apron(List<BlankPart> parts, double half) {
        Path2D.Double p = new Path2D.Double();
        double bib = half * 0.42;
        double waist = heightMm * 0.36;
        p.moveTo(-bib, 0);
        p.lineTo(bib, 0);
        p.curveTo(bib * 1.05, waist * 0.7, half * 0.7, waist, half, waist);
        p.lineTo(half, heightMm);
        p.lineTo(-half, heightMm);
        p.lineTo(-half, waist);
        p.curveTo(-half * 0.7, waist, -bib * 1.05, waist * 0.7, -bib, 0);
        p.closePath();
        Path2D.Double strap = new Path2D.Double();
        strap.moveTo(-bib + 8, 0);
        strap.curveTo(-bib, -heightMm * 0.16, bib, -heightMm * 0.16, bib - 8, 0);
        parts.add(new BlankPart(BlankPart.Kind.SEAM, Curves.of(strap)));
        parts.add(body(p));
    }

    private void cap(List<BlankPart> parts, double half) {
        Path2D.Double p = new Path2D.Double();
        p.moveTo(-half, heightMm);
        p.curveTo(-half * 0.98, heightMm * 0.25, -half * 0.55, 0, 0, 0);
        p.curveTo(half * 0.55, 0, half * 0.98, heightMm * 0.25, half, heightMm);
        p.closePath();
        Path2D.Double peak = new Path2D.Double();
        peak.moveTo(-half, heightMm);
        peak.curveTo(-half * 1.1, heightMm * 1.5, half * 1.1, heightMm * 1.5, half, heightMm);
        peak.curveTo(half * 0.5, heightMm * 0.93, -half * 0.5, heightMm * 0.93, -half, heightMm);
        peak.closePath();
        parts.add(body(p));
        parts.add(new BlankPart(BlankPart.Kind.TRIM, Curves.of(peak)));
    }

    private void bag(List<BlankPart> parts, double half) {
        for (double in : new double[] {0, EDGE_MM * 2}) {
            Path2D.Double handle = new Path2D.Double();
            double at = half * 0.45 - in;
            handle.moveTo(-at, 0);
            handle.curveTo(-at, -heightMm * 0.45 + in, at, -heightMm * 0.45 + in, at, 0);
            parts.add(new BlankPart(BlankPart.Kind.SEAM, Curves.of(handle)));
        }
        parts.add(body(new RoundRectangle2D.Double(-half, 0, widthMm, heightMm, 2 * cornerMm, 2 * cornerMm)));
        parts.add(seam(-half, EDGE_MM * 2, half, EDGE_MM * 2));
    }

    private void sleeve(List<BlankPart> parts, double half) {
        Path2D.Double p = new Path2D.Double();
        p.moveTo(-half, 0);
        p.curveTo(-half * 0.5, -heightMm * 0.16, half * 0.5, -heightMm * 0.16, half, 0);
        p.lineTo(half * 0.86, heightMm);
        p.lineTo(-half * 0.86, heightMm);
        p.closePath();
        parts.add(body(p));
        parts.add(seam(-half * 0.87, heightMm - EDGE_MM * 1.6, half * 0.87, heightMm - EDGE_MM * 1.6));
    }

    private static BlankPart seam(double x1, double y1, double x2, double y2) {
        Path2D.Double line = new Path2D.Double();
        line.moveTo(x1, y1);
        line.lineTo(x2, y2);
        return new BlankPart(BlankPart.Kind.SEAM, Curves.of(line));
    }

    @Override
    public List<Obstacle> obstacles() {
        return switch (cut) {
            case ORNAMENT -> List.of(new Obstacle(Obstacle.Kind.EYELET, new Obstacle.Disc(0, 6, 10)));
            case BAG -> List.of(Obstacle.rect(Obstacle.Kind.SEAM, Box.ofSize(-widthMm / 2, 0, widthMm, EDGE_MM * 2.5)));
            case SLEEVE ->
                List.of(Obstacle.rect(
                        Obstacle.Kind.SEAM, Box.ofSize(-widthMm / 2, heightMm - EDGE_MM * 2, widthMm, EDGE_MM * 2)));
            default -> List.of();
        };
    }

    @Override
    public Panel with(Measure measure, double mm) {
        return switch (measure) {
            case WIDTH -> new Panel(cut, mm, heightMm, Math.min(cornerMm, Math.min(mm, heightMm) / 2));
            case HEIGHT -> new Panel(cut, widthMm, mm, Math.min(cornerMm, Math.min(widthMm, mm) / 2));
            case CORNER -> new Panel(cut, widthMm, heightMm, mm);
            default -> throw Form.hasNo(this, measure);
        };
    }

    @Override
    public List<Measured> measures() {
        return List.of(new Measured(Measure.WIDTH, widthMm), new Measured(Measure.HEIGHT, heightMm));
    }
}
