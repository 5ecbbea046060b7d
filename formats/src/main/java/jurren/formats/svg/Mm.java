package jurren.formats.svg;

import java.util.Locale;
import jurren.core.cut.ClosedCut;
import jurren.core.cut.CutPath;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/** Millimetres as SVG writes them. */
final class Mm {
    private Mm() {}

    /** Micrometres are enough, and keep files small. */
    static String number(double mm) {
        String text = String.format(Locale.ROOT, "%.3f", mm);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }

    /** One cut, from a y axis that points up in a sheet so high. */
    static void append(StringBuilder out, CutPath path, double heightMm) {
        char step = 'M';
        for (Point p : path.corners()) {
            out.append(step).append(number(p.xMm())).append(' ').append(number(heightMm - p.yMm()));
            step = 'L';
        }
        if (path instanceof ClosedCut) {
            out.append('Z');
        }
    }

    /** All edges of a region whose y axis points down, as SVG's does. */
    static String path(Region region) {
        StringBuilder out = new StringBuilder();
        region.pieces().forEach(p -> {
            append(out, p.outer());
            p.holes().forEach(h -> append(out, h));
        });
        return out.toString();
    }

    private static void append(StringBuilder out, Outline o) {
        for (int i = 0; i < o.size(); i++) {
            out.append(i == 0 ? 'M' : 'L').append(number(o.xMm(i))).append(' ').append(number(o.yMm(i)));
        }
        out.append('Z');
    }
}
