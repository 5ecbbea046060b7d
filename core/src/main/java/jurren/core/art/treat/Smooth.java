package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Point;
import jurren.core.geometry.Track;

/**
 * Edges smoothed: every point goes to the middle of the edge within {@code withinMm} around it, measured
 * along the edge, so that steps and bumps shorter than that go and straight parts stay. An edge shorter
 * than twice that is left alone.
 */
public record Smooth(double withinMm) implements Treatment {
    private static final int SAMPLES = 8;
    private static final int MOST_POINTS = 200_000;

    public Smooth {
        Limits.above("a stretch", withinMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.each(paints, r -> r.reshaped(this::smooth));
    }

    private Outline smooth(Outline o) {
        Track edge = Track.round(o);
        double step = withinMm / SAMPLES;
        int n = (int) Math.ceil(edge.lengthMm() / step);
        if (n < 2 * SAMPLES || n > MOST_POINTS) {
            return o;
        }
        double[] x = new double[n];
        double[] y = new double[n];
        for (int i = 0; i < n; i++) {
            Point p = edge.at(i * edge.lengthMm() / n).point();
            x[i] = p.xMm();
            y[i] = p.yMm();
        }
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            points.add(new Point(mean(x, i), mean(y, i)));
        }
        return Outline.of(o.signedAreaMm2() >= 0 ? points : points.reversed());
    }

    private static double mean(double[] values, int at) {
        double sum = 0;
        for (int k = -SAMPLES / 2; k <= SAMPLES / 2; k++) {
            sum += values[Math.floorMod(at + k, values.length)];
        }
        return sum / (SAMPLES + 1);
    }
}
