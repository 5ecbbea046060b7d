package jurren.core.geometry;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.random.RandomGenerator;

/** Simple regions for tests. */
public final class Shapes {
    private Shapes() {}

    public static Region rectangle(double x, double y, double width, double height) {
        return Region.of(Box.ofSize(x, y, width, height));
    }

    public static Region disc(double x, double y, double radius) {
        return Curves.of(new Ellipse2D.Double(x - radius, y - radius, 2 * radius, 2 * radius))
                .enclosed();
    }

    public static Region ring(double x, double y, double outer, double inner) {
        return disc(x, y, outer).minus(disc(x, y, inner));
    }

    /** A letter-like shape that reads differently in a mirror: an upright with a foot to the right. */
    public static Region footToTheRight(double x, double y, double size) {
        return polygon(
                x,
                y,
                x + size / 4,
                y,
                x + size / 4,
                y + size * 3 / 4,
                x + size,
                y + size * 3 / 4,
                x + size,
                y + size,
                x,
                y + size);
    }

    public static Region polygon(double... xy) {
        Path2D.Double path = new Path2D.Double();
        path.moveTo(xy[0], xy[1]);
        for (int i = 2; i < xy.length; i += 2) {
            path.lineTo(xy[i], xy[i + 1]);
        }
        path.closePath();
        return Curves.of(path).enclosed();
    }

    /** A star with uneven points, always simple. */
    public static Region blob(RandomGenerator random, double x, double y, double size) {
        int points = 7 + random.nextInt(20);
        double[] xy = new double[points * 2];
        for (int i = 0; i < points; i++) {
            double angle = 2 * Math.PI * i / points;
            double radius = size * (0.3 + 0.7 * random.nextDouble());
            xy[2 * i] = x + radius * Math.cos(angle);
            xy[2 * i + 1] = y + radius * Math.sin(angle);
        }
        return polygon(xy);
    }

    public static List<Region> blobs(RandomGenerator random, int count, double within) {
        return java.util.stream.IntStream.range(0, count)
                .mapToObj(_ -> blob(random, within * random.nextDouble(), within * random.nextDouble(), within / 5))
                .toList();
    }
}
