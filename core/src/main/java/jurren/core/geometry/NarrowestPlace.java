package jurren.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jurren.core.stop.Stop;
import org.locationtech.jts.algorithm.Orientation;
import org.locationtech.jts.algorithm.construct.MaximumInscribedCircle;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;

/**
 * How wide a shape is where it is narrowest, and the gaps beside it.
 *
 * <p><b>The width at a place</b> is the diameter of the largest disc there that lies in the film and touches its edge
 * on two sides that face each other: seen from its middle the touching points lie within {@link #SIDE_BY_SIDE} of
 * straight opposite. So the middle of such a disc lies on the medial axis, and a corner of more than 15 degrees has no
 * width. Neither has the tip of a sharp corner, near its point: that is a spike, not a thin part, as long as it widens
 * away from the point; where its sides run side by side it is a bar with a slanted end. Gaps are the same beside the
 * film.
 *
 * <p>From several places of every edge (on long ones at most {@link #STEP_MM} apart), and from
 * corners that point into the film in a fan of directions, a disc that touches there is made as large as the narrowest
 * found so far. While an edge reaches into it, it is shrunk until it touches that edge too: the shrinking ball of Ma,
 * Bae and Choi, "3D medial axis point approximation using nearest neighbors and the normal field" (2012). Most discs
 * fit at once.
 *
 * <p>Example: an L of two 10 mm bars, one 2 mm and one 3 mm wide, answers 2 mm. A shape with no two edges side by side
 * (a triangle) answers the widest circle that fits.
 */
final class NarrowestPlace {
    private static final double STEP_MM = 2;
    private static final int MOST_PROBES = 5_000;
    private static final int LEAST_PARTS = 4;
    private static final int LOOK_EVERY = 1024;
    /** Cells are at most so many times finer than a few segments a cell would make them. */
    private static final double FINEST = 4;

    private static final double CELLS_A_DISC = 2;
    /** A disc that nothing is known of begins so large, and doubles. */
    private static final double FIRST_MM = 8;
    /** And in something endlessly large so many steps. */
    private static final double FIRST_STEPS = 4;
    /** Cosine of 15 degrees. */
    private static final double SIDE_BY_SIDE = 0.966;
    /** Cosine of 25 degrees: what is nearly a thin part is mended with it, so that none is left at the bound. */
    private static final double NEARLY = 0.906;
    /** What faces each other tapers by no more than this, for each millimetre: twice the tangent of 15 degrees. */
    private static final double MOST_TAPER = 0.54;
    /** And twice the tangent of 25 degrees. */
    private static final double NEARLY_TAPER = 0.94;
    /** An edge may reach so far into a disc: drawings and traces are no smoother. */
    private static final double DENT_MM = 0.003;
    /** Of the whole shape: what rounding alone does to a distance. */
    private static final double ROUNDING = 1e-9;
    /** Shorter edges are a curve's; their middles are near enough to each other. */
    private static final double SHORT_MM = 0.1;
    /** The ends of an edge are probed so far inside it: at a corner itself both its edges would be touched. */
    private static final double INSIDE = 1e-3;
    /** Probes along the shortest slit there is. */
    private static final int SLIT_PROBES = 8;
    /** Halvings of the way from where a corner keeps a disc out to where it does not. */
    private static final int HALVINGS = 9;

    private static final int MOST_SHRINKS = 40;
    /** Steps of the fan at a corner that points into the film, and the turn below which it is a curve's. */
    private static final double FAN = Math.toRadians(4);
    /** A corner sharper than this has a tip. */
    private static final double SHARP = Math.toRadians(40);
    /** The tip of a sharp corner ends so many widths from its point. */
    private static final double TIP_WIDTHS = 12;
    /** Cosine of 2 degrees: sides that open by less run side by side. */
    private static final double PARALLEL = 0.9994;
    /** And of 5, for what is mended. */
    private static final double NEARLY_PARALLEL = 0.9962;

    private static final double CIRCLE_TOLERANCE_MM = 0.01;

    /** Where a disc stands that is narrower than was asked. */
    record Disc(double widthMm, Point middle) {}

    /**
     * One boundary: its corners, the film on the left of each edge when looking for thin parts, on its right for gaps.
     */
    private static final class Ring {
        private final double[] x;
        private final double[] y;
        /** How far each corner lies along the ring. */
        private final double[] along;

        private final int firstSegment;
        private double[] tips = new double[0];

        Ring(LinearRing ring, boolean forward, int firstSegment) {
            Coordinate[] c = withoutRepeats(ring.getCoordinates());
            int n = c.length;
            this.x = new double[n];
            this.y = new double[n];
            this.along = new double[n];
            this.firstSegment = firstSegment;
            for (int i = 0; i < n; i++) {
                Coordinate at = c[forward ? i : n - 1 - i];
                x[i] = at.x;
                y[i] = at.y;
                along[i] = i == 0 ? 0 : along[i - 1] + Math.hypot(x[i] - x[i - 1], y[i] - y[i - 1]);
            }
        }

        private static Coordinate[] withoutRepeats(Coordinate[] c) {
            List<Coordinate> kept = new ArrayList<>();
            for (Coordinate at : c) {
                if (kept.isEmpty() || !kept.getLast().equals2D(at)) {
                    kept.add(at);
                }
            }
            return kept.toArray(Coordinate[]::new);
        }

        int edges() {
            return x.length - 1;
        }

        double lengthMm() {
            return along[edges()];
        }

        /** How far a place lies from a tip, the shorter way round; negative before it. */
        double from(double tip, double place) {
            double d = (place - tip) % lengthMm();
            double half = lengthMm() / 2;
            return d > half ? d - lengthMm() : d < -half ? d + lengthMm() : d;
        }

        LineString line() {
            Coordinate[] c = new Coordinate[x.length];
            Arrays.setAll(c, i -> new Coordinate(x[i], y[i]));
            return Jts.FACTORY.createLineString(c);
        }
    }

    private final List<Ring> rings = new ArrayList<>();
    private final SegmentGrid grid;
    private final double step;
    private final SegmentGrid.Near near = new SegmentGrid.Near();
    private final double slack;
    private double opposite = SIDE_BY_SIDE;
    private double parallel = PARALLEL;
    private double middleX;
    private double middleY;
    private boolean keptOut;

    /**
     * @param withinMm no disc is larger
     * @param stepMm   the furthest apart that probes on a long edge stand
     */
    private NarrowestPlace(Geometry shape, boolean film, double withinMm, double stepMm) {
        List<LineString> lines = new ArrayList<>();
        int segments = 0;
        for (Polygon p : Jts.polygons(shape)) {
            for (int i = -1; i < p.getNumInteriorRing(); i++) {
                LinearRing ring = i < 0 ? p.getExteriorRing() : p.getInteriorRingN(i);
                boolean filmOnLeft = Orientation.isCCW(ring.getCoordinateSequence()) == i < 0;
                Ring added = new Ring(ring, filmOnLeft == film, segments);
                if (added.edges() > 1) {
                    rings.add(added);
                    lines.add(added.line());
                    segments += added.edges();
                }
            }
        }
        Geometry all = Jts.FACTORY.createMultiLineString(lines.toArray(LineString[]::new));
        Envelope box = all.getEnvelopeInternal();
        // a few segments a cell, and no long rows of empty cells in what is long and thin
        double n = Math.max(1, segments);
        double few = Math.max(
                Math.sqrt(box.getWidth() * box.getHeight() / n), Math.max(box.getWidth(), box.getHeight()) / (4 * n));
        // discs much smaller than such a cell would look at too much around them
        this.grid = new SegmentGrid(all, Math.min(few, Math.max(few / FINEST, CELLS_A_DISC * withinMm)));
        this.slack = ROUNDING * Math.hypot(box.getWidth(), box.getHeight());
        this.step = Math.max(stepMm, all.getLength() / MOST_PROBES);
        rings.forEach(NarrowestPlace::findTips);
    }

    /** The narrowest place of the film. */
    static Thinness of(Geometry shape) {
        if (shape.isEmpty()) {
            throw new IllegalArgumentException("an empty region has no narrowest place");
        }
        Envelope e = shape.getEnvelopeInternal();
        return new NarrowestPlace(shape, true, Double.POSITIVE_INFINITY, STEP_MM)
                .narrowest(Math.hypot(e.getWidth(), e.getHeight()))
                .orElseGet(() -> {
                    MaximumInscribedCircle circle =
                            new MaximumInscribedCircle(Jts.polygons(shape).getFirst(), CIRCLE_TOLERANCE_MM);
                    Coordinate c = circle.getCenter().getCoordinate();
                    return new Thinness(2 * circle.getRadiusLine().getLength(), new Point(c.x, c.y));
                });
    }

    /** The narrowest place of the film that is narrower than {@code withinMm}. */
    static Optional<Thinness> film(Geometry shape, double withinMm) {
        return shape.isEmpty()
                ? Optional.empty()
                : new NarrowestPlace(shape, true, withinMm, STEP_MM).narrowest(withinMm);
    }

    /** The narrowest gap beside the film that is narrower than {@code withinMm}. */
    static Optional<Thinness> gap(Geometry shape, double withinMm) {
        return shape.isEmpty()
                ? Optional.empty()
                : new NarrowestPlace(shape, false, withinMm, STEP_MM).narrowest(withinMm);
    }

    /**
     * Every place where the film, or a gap beside it, is narrower than {@code withinMm}: for each stretch of edge along
     * which it is, the discs in their order.
     */
    static List<List<Disc>> narrower(Geometry shape, boolean film, double withinMm, double stepMm) {
        List<List<Disc>> stretches = new ArrayList<>();
        if (shape.isEmpty()) {
            return stretches;
        }
        NarrowestPlace search = new NarrowestPlace(shape, film, withinMm, stepMm);
        search.opposite = NEARLY;
        search.parallel = NEARLY_PARALLEL;
        for (Ring ring : search.rings) {
            List<Disc> now = new ArrayList<>();
            search.probes(ring, new Probe() {
                @Override
                public void at(double x, double y, double nx, double ny, double at, boolean isNext) {
                    double width = search.disc(ring, x, y, nx, ny, at, withinMm);
                    if (width < withinMm) {
                        now.add(new Disc(width, new Point(search.middleX, search.middleY)));
                    } else if (!now.isEmpty()) {
                        stretches.add(List.copyOf(now));
                        now.clear();
                    }
                }

                @Override
                public boolean isWide(double x, double y, double nx, double ny, double at, double length) {
                    double much = withinMm + NEARLY_TAPER * length / 2;
                    return now.isEmpty()
                            && length < STEP_MM
                            && search.disc(ring, x, y, nx, ny, at, much) == much
                            && !search.keptOut;
                }
            });
            if (!now.isEmpty()) {
                stretches.add(List.copyOf(now));
            }
        }
        return stretches;
    }

    /**
     * The narrowest slit beside the film: a gap narrower than {@code withinMm} that stays about as narrow, at most
     * twice, for {@code longMm}. Where two edges only come near or touch there is none.
     */
    static Optional<Thinness> slit(Geometry shape, double withinMm, double longMm) {
        Thinness best = null;
        for (List<Disc> stretch : narrower(shape, false, withinMm, longMm / SLIT_PROBES)) {
            best = slit(stretch, longMm, best);
        }
        return Optional.ofNullable(best);
    }

    private static Thinness slit(List<Disc> stretch, double longMm, Thinness best) {
        for (int from = 0; from < stretch.size(); from++) {
            double least = stretch.get(from).widthMm;
            double most = least;
            double along = 0;
            Point narrowest = stretch.get(from).middle;
            for (int to = from + 1; to < stretch.size() && along < longMm; to++) {
                Disc next = stretch.get(to);
                most = Math.max(most, next.widthMm);
                if (next.widthMm < least) {
                    least = next.widthMm;
                    narrowest = next.middle;
                }
                if (most > 2 * least + DENT_MM) {
                    break;
                }
                along += next.middle.distanceMm(stretch.get(to - 1).middle);
            }
            if (along >= longMm && (best == null || least < best.widthMm())) {
                best = new Thinness(least, narrowest);
            }
        }
        return best;
    }

    private Optional<Thinness> narrowest(double withinMm) {
        Narrowest least = new Narrowest(withinMm);
        rings.forEach(least::along);
        return Optional.ofNullable(least.where).map(p -> new Thinness(least.bestMm, p));
    }

    /**
     * Between a place where a corner keeps the disc out and one where it does not, the narrowest is where that ends.
     */
    private final class Narrowest {
        private double bestMm;
        private Point where;
        private double beforeX;
        private double beforeY;
        private boolean wasOut;

        Narrowest(double withinMm) {
            this.bestMm = withinMm;
        }

        void along(Ring ring) {
            probes(ring, new Probe() {
                @Override
                public void at(double x, double y, double nx, double ny, double at, boolean isNext) {
                    boolean out = look(ring, x, y, nx, ny, at);
                    if (isNext && out != wasOut) {
                        narrowDown(ring, x, y, nx, ny, at, out);
                    }
                    beforeX = x;
                    beforeY = y;
                    wasOut = out;
                }

                @Override
                public boolean isWide(double x, double y, double nx, double ny, double at, double length) {
                    double much = bestMm + MOST_TAPER * length / 2;
                    return length < step && disc(ring, x, y, nx, ny, at, much) == much && !keptOut;
                }
            });
        }

        private void narrowDown(Ring ring, double x, double y, double nx, double ny, double at, boolean out) {
            double length = Math.hypot(x - beforeX, y - beforeY);
            double fitsAt = out ? 0 : 1;
            double outAt = 1 - fitsAt;
            for (int i = 0; i < HALVINGS; i++) {
                double t = (fitsAt + outAt) / 2;
                if (look(
                        ring,
                        beforeX + t * (x - beforeX),
                        beforeY + t * (y - beforeY),
                        nx,
                        ny,
                        at - (1 - t) * length)) {
                    outAt = t;
                } else {
                    fitsAt = t;
                }
            }
        }

        private boolean look(Ring ring, double x, double y, double nx, double ny, double at) {
            double width = disc(ring, x, y, nx, ny, at, bestMm);
            if (width < bestMm) {
                bestMm = width;
                where = new Point(middleX, middleY);
            }
            return keptOut;
        }
    }

    /**
     * One place of the edge: (nx, ny) points away from it to the side that is measured; it may be the next on its edge.
     */
    @FunctionalInterface
    private interface Probe {
        void at(double x, double y, double nx, double ny, double along, boolean isNext);

        /** Whether a look at an edge's middle is enough to see that nothing of it is narrow. */
        default boolean isWide(double x, double y, double nx, double ny, double along, double length) {
            return false;
        }
    }

    private void probes(Ring ring, Probe probe) {
        Stop stop = Stop.here();
        for (int i = 0; i < ring.edges(); i++) {
            if (i % LOOK_EVERY == 0) {
                stop.look();
            }
            double dx = ring.x[i + 1] - ring.x[i];
            double dy = ring.y[i + 1] - ring.y[i];
            double length = Math.hypot(dx, dy);
            double nx = -dy / length;
            double ny = dx / length;
            fan(ring, i, nx, ny, probe);
            double middle = ring.along[i] + length / 2;
            if (probe.isWide(ring.x[i] + dx / 2, ring.y[i] + dy / 2, nx, ny, middle, length)) {
                continue;
            }
            // the ends of short edges are as good as their neighbours' middles
            int parts = length < Math.min(SHORT_MM, step / 2)
                    ? 0
                    : (int) Math.clamp(2 * Math.ceil(length / step / 2), LEAST_PARTS, MOST_PROBES);
            for (int k = 0; k <= parts; k++) {
                double t = parts == 0 ? 0.5 : Math.clamp((double) k / parts, INSIDE, 1 - INSIDE);
                probe.at(ring.x[i] + t * dx, ring.y[i] + t * dy, nx, ny, ring.along[i] + t * length, k > 0);
            }
        }
    }

    /** At a corner that points to the measured side, every direction between those of its two edges. */
    private void fan(Ring ring, int corner, double nx, double ny, Probe probe) {
        int before = corner == 0 ? ring.edges() - 1 : corner - 1;
        double dx = ring.x[before + 1] - ring.x[before];
        double dy = ring.y[before + 1] - ring.y[before];
        double length = Math.hypot(dx, dy);
        double from = Math.atan2(dx / length, -dy / length);
        double turn = Math.IEEEremainder(Math.atan2(ny, nx) - from, 2 * Math.PI);
        if (turn < -FAN) {
            int steps = (int) Math.ceil(-turn / FAN);
            for (int k = 1; k < steps; k++) {
                double a = from + turn * k / steps;
                probe.at(ring.x[corner], ring.y[corner], Math.cos(a), Math.sin(a), ring.along[corner], false);
            }
        }
    }

    /**
     * The width at a place, as far as it is below {@code within}; otherwise {@code within}. Its middle is remembered,
     * and whether a corner keeps a disc of its width out.
     */
    private double disc(Ring ring, double x, double y, double nx, double ny, double at, double within) {
        keptOut = false;
        double radius = Math.min(Math.max(FIRST_MM, FIRST_STEPS * step), within) / 2;
        boolean touches = false;
        boolean faces = false;
        for (int shrinks = 0; shrinks < MOST_SHRINKS; ) {
            double cx = x + nx * radius;
            double cy = y + ny * radius;
            boolean reached = grid.nearest(cx, cy, radius - Math.max(slack, radius * ROUNDING), near);
            double deep = radius - near.distance;
            double qx = near.x - x;
            double qy = near.y - y;
            double facing = qx * nx + qy * ny;
            double smaller = reached && facing > 0 ? (qx * qx + qy * qy) / (2 * facing) : radius;
            boolean nowFaces = reached && (facing - smaller) / smaller >= opposite;
            if (!reached || !(smaller < radius) || !nowFaces && deep < Math.min(DENT_MM, radius / 100)) {
                if (touches) {
                    middleX = cx;
                    middleY = cy;
                    keptOut = !faces;
                    return faces ? 2 * radius : within;
                }
                if (2 * radius >= within) {
                    return within;
                }
                radius = Math.min(2 * radius, within / 2);
                continue;
            }
            touches = true;
            shrinks++;
            radius = smaller;
            faces = nowFaces
                    && ((facing - smaller) / smaller >= parallel
                            || !isTip(ring, at, near.segment, near.x, near.y, 2 * radius));
        }
        keptOut = true;
        return within;
    }

    /** Whether both places lie on the two sides of one sharp corner, near its point. */
    private boolean isTip(Ring ring, double at, int segment, double x, double y, double width) {
        int edge = segment - ring.firstSegment;
        if (ring.tips.length == 0 || edge < 0 || edge >= ring.edges()) {
            return false;
        }
        double other = ring.along[edge] + Math.hypot(x - ring.x[edge], y - ring.y[edge]);
        double reach = TIP_WIDTHS * width;
        // a tip that lies so near may be counted from the other end of the ring
        return isTip(ring, at, other, at - reach, at + reach, reach)
                || isTip(ring, at, other, at - reach + ring.lengthMm(), ring.lengthMm(), reach)
                || isTip(ring, at, other, 0, at + reach - ring.lengthMm(), reach);
    }

    /** Of the tips that lie from one place of the ring to another. */
    private static boolean isTip(Ring ring, double at, double other, double from, double to, double reach) {
        int i = Arrays.binarySearch(ring.tips, from);
        for (int k = i < 0 ? -i - 1 : i; k < ring.tips.length && ring.tips[k] <= to; k++) {
            double a = ring.from(ring.tips[k], at);
            double b = ring.from(ring.tips[k], other);
            if (a * b <= 0 && Math.abs(a) <= reach && Math.abs(b) <= reach) {
                return true;
            }
        }
        return false;
    }

    /** Corners of the measured side that are sharp. */
    private static void findTips(Ring ring) {
        List<Double> tips = new ArrayList<>();
        for (int i = 0; i < ring.edges(); i++) {
            int before = i == 0 ? ring.edges() - 1 : i - 1;
            double ax = ring.x[before + 1] - ring.x[before];
            double ay = ring.y[before + 1] - ring.y[before];
            double bx = ring.x[i + 1] - ring.x[i];
            double by = ring.y[i + 1] - ring.y[i];
            double turn = Math.atan2(ax * by - ay * bx, ax * bx + ay * by);
            if (turn > Math.PI - SHARP) {
                tips.add(ring.along[i]);
            }
        }
        ring.tips = tips.stream().mapToDouble(d -> d).toArray();
    }
}
