package jurren.standins.cutter;

import jurren.core.geometry.Point;
import jurren.core.load.Cutter;
import jurren.core.load.Dialect;
import jurren.core.load.Load;

/**
 * How a machine counts over the film in it. Written apart from what our files are turned by, so that a mistake there
 * shows here.
 *
 * @param lengthMm along the feed, from the near edge
 * @param widthMm  across it
 */
public record Bed(Dialect.Start start, double unitMm, double lengthMm, double widthMm) {
    /** A desktop cutter's. */
    static final Bed PLAIN = new Bed(Dialect.Start.NEAR_RIGHT, 0.025, 0, 0);

    public static Bed of(Cutter cutter, Load load) {
        return new Bed(
                cutter.speech().start(),
                cutter.speech().unitMm(),
                load.usedMm(),
                load.stock().widthMm());
    }

    /** From counts to the film: how far into the machine, and how far from its right edge. */
    Point onFilm(double first, double second) {
        double a = first * unitMm;
        double b = second * unitMm;
        return switch (start) {
            case NEAR_RIGHT -> new Point(a, b);
            case NEAR_LEFT -> new Point(b, widthMm - a);
            case FAR_LEFT -> new Point(lengthMm - a, widthMm - b);
            case FAR_RIGHT -> new Point(lengthMm - b, a);
        };
    }

    /** From the film to counts. */
    long[] counts(Point p) {
        double[] mm = switch (start) {
            case NEAR_RIGHT -> new double[] {p.xMm(), p.yMm()};
            case NEAR_LEFT -> new double[] {widthMm - p.yMm(), p.xMm()};
            case FAR_LEFT -> new double[] {lengthMm - p.xMm(), widthMm - p.yMm()};
            case FAR_RIGHT -> new double[] {p.yMm(), lengthMm - p.xMm()};
        };
        return new long[] {Math.round(mm[0] / unitMm), Math.round(mm[1] / unitMm)};
    }

    Bed across(double realWidthMm) {
        return new Bed(start, unitMm, lengthMm, realWidthMm);
    }

    /** The lengths of the two axes, in counts. */
    long[] size() {
        boolean along = start == Dialect.Start.NEAR_RIGHT || start == Dialect.Start.FAR_LEFT;
        return new long[] {
            Math.round((along ? lengthMm : widthMm) / unitMm), Math.round((along ? widthMm : lengthMm) / unitMm)
        };
    }
}
