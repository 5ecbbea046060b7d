package jurren.formats.jobfile;

import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import jurren.core.geometry.Curves;

/** The outline of a letter as a text: the letters M, L, Q, C and Z, each with its points. */
final class GlyphPath {
    /** Points a path step has, by its number in {@link PathIterator}. */
    private static final int[] POINTS = {1, 1, 2, 3, 0};

    private static final String STEPS = "MLQCZ";

    private GlyphPath() {}

    static String write(Curves curves) {
        StringBuilder text = new StringBuilder();
        double[] c = new double[6];
        for (PathIterator it = curves.toAwt().getPathIterator(null); !it.isDone(); it.next()) {
            int step = it.currentSegment(c);
            text.append(STEPS.charAt(step));
            for (int i = 0; i < 2 * POINTS[step]; i++) {
                text.append(i == 0 ? "" : " ").append((float) c[i]);
            }
        }
        return text.toString();
    }

    static Curves read(String path) {
        Path2D.Double shape = new Path2D.Double();
        for (String step : path.split("(?=[MLQCZ])")) {
            if (!step.isEmpty()) {
                step(shape, step);
            }
        }
        return Curves.of(shape);
    }

    private static void step(Path2D shape, String step) {
        int kind = STEPS.indexOf(step.charAt(0));
        String[] parts = step.length() == 1 ? new String[0] : step.substring(1).split(" ");
        if (kind < 0 || parts.length != 2 * POINTS[kind] || kind > 0 && shape.getCurrentPoint() == null) {
            throw new IllegalArgumentException("\"" + step + "\" is no step of an outline");
        }
        double[] c = new double[6];
        for (int i = 0; i < parts.length; i++) {
            c[i] = Double.parseDouble(parts[i]);
            if (!Double.isFinite(c[i])) {
                throw new IllegalArgumentException("\"" + step + "\" is no step of an outline");
            }
        }
        switch (kind) {
            case PathIterator.SEG_MOVETO -> shape.moveTo(c[0], c[1]);
            case PathIterator.SEG_LINETO -> shape.lineTo(c[0], c[1]);
            case PathIterator.SEG_QUADTO -> shape.quadTo(c[0], c[1], c[2], c[3]);
            case PathIterator.SEG_CUBICTO -> shape.curveTo(c[0], c[1], c[2], c[3], c[4], c[5]);
            default -> shape.closePath();
        }
    }
}
