package jurren.core.art;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Brush;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * A line with a width of its own, even from one end to the other, around its own middle. Its ends are round.
 */
public record Stroke(Route route, double beginWidthMm, double endWidthMm, Colour colour) implements Source {
    private static final double MOST_MM = 1000;
    private static final double LEAST_MM = 0.05;

    /** Where the middle of the line runs. */
    public sealed interface Route {
        List<Point> points();

        Route scaled(double x, double y);
    }

    /** From point to point, straight or in one smooth sweep (a centripetal Catmull-Rom spline). */
    public record Through(List<Point> stops, boolean smooth) implements Route {
        private static final int MOST_STOPS = 2000;

        public Through {
            stops = List.copyOf(stops);
            if (stops.stream().distinct().count() < 2 || stops.size() > MOST_STOPS) {
                throw new IllegalArgumentException(
                        "a line needs from 2 to " + MOST_STOPS + " points apart from each other");
            }
        }

        @Override
        public List<Point> points() {
            return smooth ? Brush.smooth(stops) : stops;
        }

        @Override
        public Through scaled(double x, double y) {
            return new Through(
                    stops.stream().map(p -> new Point(p.xMm() * x, p.yMm() * y)).toList(), smooth);
        }
    }

    /** From the middle outwards, clockwise, each turn as far from the last (Archimedes). */
    public record Spiral(double turns, double acrossMm) implements Route {
        private static final double MOST_TURNS = 60;
        private static final double STEP_DEGREES = 4;

        public Spiral {
            if (!(turns > 0 && turns <= MOST_TURNS && acrossMm > 0 && acrossMm < 1e4)) {
                throw new IllegalArgumentException("a spiral has up to " + MOST_TURNS + " turns and a size, but had "
                        + turns + " turns in " + acrossMm + " mm");
            }
        }

        @Override
        public List<Point> points() {
            List<Point> points = new ArrayList<>();
            int steps = Math.max(8, (int) Math.ceil(turns * 360 / STEP_DEGREES));
            for (int i = 0; i <= steps; i++) {
                double angle = 2 * Math.PI * turns * i / steps;
                double r = acrossMm / 2 * i / steps;
                points.add(new Point(r * Math.cos(angle), r * Math.sin(angle)));
            }
            return points;
        }

        @Override
        public Spiral scaled(double x, double y) {
            return new Spiral(turns, acrossMm * x);
        }
    }

    public Stroke {
        if (!(beginWidthMm >= 0
                && endWidthMm >= 0
                && Math.max(beginWidthMm, endWidthMm) >= LEAST_MM
                && Math.max(beginWidthMm, endWidthMm) <= MOST_MM)) {
            throw new IllegalArgumentException(
                    "a line must be wider than zero but was " + beginWidthMm + " to " + endWidthMm + " mm");
        }
    }

    /** The way it goes grows; how wide it is does not. */
    @Override
    public Stroke resized(double widthFactor, double heightFactor) {
        Source.checkFactors(widthFactor, heightFactor);
        return new Stroke(route.scaled(widthFactor, heightFactor), beginWidthMm, endWidthMm, colour);
    }

    public Region region() {
        return Brush.stroke(route.points(), beginWidthMm, endWidthMm);
    }

    public Stroke withRoute(Route newRoute) {
        return new Stroke(newRoute, beginWidthMm, endWidthMm, colour);
    }

    public Stroke withWidths(double beginMm, double endMm) {
        return new Stroke(route, beginMm, endMm, colour);
    }

    public Stroke withColour(Colour newColour) {
        return new Stroke(route, beginWidthMm, endWidthMm, newColour);
    }
}
