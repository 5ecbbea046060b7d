package jurren.core.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import jurren.core.memo.Scale;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.CoordinateSequence;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.LinearRing;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.distance.DistanceOp;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * What a film covers: any number of pieces, each with any number of holes. Immutable, always valid,
 * possibly empty. Two regions are equal when they have the same points in the same order, which is
 * what an equal computation gives.
 *
 * <p>All operations run in floating point; where one could fail, the phase beside this class that
 * does it says what it falls back on.
 */
public final class Region {
    /** A power of two: what is rounded is exact. */
    private static final double GRID_PER_MM = 1 << 20;

    public static final Region EMPTY = new Region(Jts.FACTORY.createPolygon());

    private final Geometry shape;
    private final double areaMm2;
    private int hash;

    private Region(Geometry shape) {
        this.shape = shape;
        this.areaMm2 = shape.getArea();
    }

    static Region of(Geometry shape) {
        Geometry clean = Jts.polygonsOnly(shape);
        return clean.isEmpty() ? EMPTY : new Region(clean);
    }

    static Region of(Piece piece) {
        return of(Jts.FACTORY.createPolygon(
                Jts.ring(piece.outer()), piece.holes().stream().map(Jts::ring).toArray(LinearRing[]::new)));
    }

    public static Region of(Box box) {
        return of(new Piece(
                Outline.of(List.of(
                        new Point(box.minXMm(), box.minYMm()), new Point(box.maxXMm(), box.minYMm()),
                        new Point(box.maxXMm(), box.maxYMm()), new Point(box.minXMm(), box.maxYMm()))),
                List.of()));
    }

    /** What closed lines enclose, whether or not they cross themselves or each other. */
    public static Region enclosedBy(List<Outline> outlines, FillRule rule) {
        return of(Enclosure.of(outlines, rule));
    }

    /** What lies within so much to either side of a straight line; empty where that has no length. */
    public static Region along(Point from, Point to, double asideMm) {
        double length = from.distanceMm(to);
        if (length == 0) {
            return EMPTY;
        }
        double dx = (to.yMm() - from.yMm()) / length * asideMm;
        double dy = (from.xMm() - to.xMm()) / length * asideMm;
        return enclosedBy(
                List.of(Outline.of(
                        List.of(from.plus(dx, dy), to.plus(dx, dy), to.plus(-dx, -dy), from.plus(-dx, -dy)))),
                FillRule.NON_ZERO);
    }

    /** All of them as one: overlapping pieces become one piece, holes that nothing covers are kept. */
    public static Region weld(Collection<Region> regions) {
        List<Polygon> all = new ArrayList<>();
        regions.forEach(r -> all.addAll(Jts.polygons(r.shape)));
        return of(Weld.of(all));
    }

    /** What convex outlines that lie on each other cover together. */
    public static Region covered(List<Outline> convex) {
        Geometry all = Jts.FACTORY.createMultiPolygon(
                convex.stream().map(o -> Jts.FACTORY.createPolygon(Jts.ring(o))).toArray(Polygon[]::new));
        return of(OverlayRetry.or(
                () -> OverlayNGRobust.union(all), () -> OverlayNGRobust.union(OverlayRetry.resolved(all))));
    }

    /** All of them as they are; no two may overlap. */
    public static Region together(Collection<Region> apart) {
        return of(Jts.collect(
                apart.stream().flatMap(r -> Jts.polygons(r.shape).stream()).toList()));
    }

    public Region weld(Region other) {
        return weld(List.of(this, other));
    }

    public Region minus(Region other) {
        return of(Overlay.difference(shape, other.shape));
    }

    public Region intersect(Region other) {
        return of(Overlay.intersection(shape, other.shape));
    }

    /** What exactly one of the two covers. */
    public Region differingFrom(Region other) {
        return minus(other).weld(other.minus(this));
    }

    /** Grown outwards by {@code distanceMm}, or shrunk when that is negative. Zero changes nothing. */
    public Region grown(double distanceMm, CornerStyle corners) {
        if (!Double.isFinite(distanceMm)) {
            throw new IllegalArgumentException("a distance must be finite but was " + distanceMm);
        }
        return distanceMm == 0 || isEmpty() ? this : of(RingOffset.of(Jts.polygons(shape), distanceMm, corners));
    }

    public Region placed(Placement placement) {
        if (isEmpty() || placement.equals(Placement.HERE)) {
            return this;
        }
        return eachOutline(o -> o.placed(placement));
    }

    /**
     * Bent by a warp that is one to one on this region. Chords can cross where edges ran closer together
     * than the flatness; what they then enclose is resolved anew. What lies beyond its domain is left out.
     */
    public Region warped(Warp warp) {
        if (isEmpty() || warp == Warp.NONE) {
            return this;
        }
        Region within = warp.domain()
                .filter(d -> !d.covers(bounds(), 0))
                .map(d -> intersect(Region.of(d)))
                .orElse(this);
        Region bent = within.eachOutline(o -> o.warped(warp));
        // piece by piece, because between pieces that kept their distance before nothing can cross
        boolean whole = Jts.polygons(bent.shape).parallelStream().allMatch(Polygon::isValid);
        return whole ? bent : bent.resolved();
    }

    /**
     * This region, or where rounding let edges cross that ran closer together than can be told, what its
     * edges enclose resolved anew.
     */
    public Region sound() {
        return isValid() ? this : resolved();
    }

    private Region resolved() {
        List<Outline> edges = new ArrayList<>();
        pieces().forEach(p -> {
            edges.add(p.outer());
            edges.addAll(p.holes());
        });
        return enclosedBy(edges, FillRule.EVEN_ODD);
    }

    /** What the outer edges enclose. */
    public Region filled() {
        return weld(pieces().stream()
                .map(p -> new Piece(p.outer(), List.of()).region())
                .toList());
    }

    /** Pieces smaller than an area dropped, holes smaller than it filled. */
    public Region withoutCrumbs(double leastMm2) {
        List<Polygon> kept = new ArrayList<>();
        for (Piece piece : pieces()) {
            Piece whole = new Piece(
                    piece.outer(),
                    piece.holes().stream()
                            .filter(h -> Math.abs(h.signedAreaMm2()) >= leastMm2)
                            .toList());
            if (whole.region().areaMm2() >= leastMm2) {
                kept.add((Polygon) whole.region().shape);
            }
        }
        return of(Jts.collect(kept));
    }

    /** Every outline changed on its own; what that makes cross itself is resolved. */
    public Region reshaped(UnaryOperator<Outline> change) {
        List<Outline> edges = new ArrayList<>();
        pieces().forEach(p -> {
            edges.add(change.apply(p.outer()));
            p.holes().forEach(h -> edges.add(change.apply(h)));
        });
        return enclosedBy(edges, FillRule.EVEN_ODD);
    }

    private Region eachOutline(UnaryOperator<Outline> change) {
        List<Polygon> changed = new ArrayList<>();
        for (Piece piece : pieces()) {
            changed.add((Polygon) new Piece(
                            change.apply(piece.outer()),
                            piece.holes().stream().map(change).toList())
                    .region()
                    .shape);
        }
        return of(Jts.collect(changed));
    }

    /**
     * Its edges as straight lines and cubics, which lie no further than {@code toleranceMm} from any of its corners.
     */
    public Curves smooth(double toleranceMm) {
        java.awt.geom.Path2D.Double path = new java.awt.geom.Path2D.Double(java.awt.geom.Path2D.WIND_EVEN_ODD);
        for (Piece p : pieces()) {
            SmoothOutline.append(path, p.outer(), toleranceMm);
            p.holes().forEach(h -> SmoothOutline.append(path, h, toleranceMm));
        }
        return Curves.of(path);
    }

    /**
     * The shape alone: the same for two regions that differ only in where they lie. Coordinates are rounded to a
     * millionth of a millimetre, so that moving leaves no trace in them; it is for measuring, not for cutting.
     */
    public Region atOrigin() {
        Box b = bounds();
        return eachOutline(o -> Outline.of(o.points().stream()
                .map(p -> new Point(
                        Math.rint((p.xMm() - b.minXMm()) * GRID_PER_MM) / GRID_PER_MM,
                        Math.rint((p.yMm() - b.minYMm()) * GRID_PER_MM) / GRID_PER_MM))
                .toList()));
    }

    /**
     * Each piece changed as it would lie at the origin, so that what is remembered of it there serves wherever it lies.
     * What they become may overlap.
     */
    public Region eachPiece(UnaryOperator<Region> change) {
        List<Polygon> changed = new ArrayList<>();
        for (Polygon p : Jts.polygons(shape)) {
            Region piece = of(p);
            Box b = piece.bounds();
            changed.addAll(
                    Jts.polygons(change.apply(piece.atOrigin()).placed(Placement.moved(b.minXMm(), b.minYMm())).shape));
        }
        return of(Jts.collect(changed));
    }

    /** Its pieces in groups; those whose boxes come within {@code reachMm} of each other are in one. */
    public List<Region> groups(double reachMm) {
        List<Polygon> all = Jts.polygons(shape);
        STRtree tree = new STRtree();
        IntStream.range(0, all.size()).forEach(i -> tree.insert(all.get(i).getEnvelopeInternal(), i));
        boolean[] grouped = new boolean[all.size()];
        List<Region> groups = new ArrayList<>();
        for (int first = 0; first < all.size(); first++) {
            if (!grouped[first]) {
                List<Integer> group = new ArrayList<>(List.of(first));
                grouped[first] = true;
                for (int k = 0; k < group.size(); k++) {
                    Envelope around =
                            all.get(group.get(k)).getEnvelopeInternal().copy();
                    around.expandBy(reachMm);
                    for (Object near : tree.query(around)) {
                        if (!grouped[(Integer) near]) {
                            grouped[(Integer) near] = true;
                            group.add((Integer) near);
                        }
                    }
                }
                groups.add(of(Jts.collect(group.stream().sorted().map(all::get).toList())));
            }
        }
        return groups;
    }

    /** Points that stand less than {@code toleranceMm} off the line between their neighbours left out. */
    public Region simplified(double toleranceMm) {
        return of(Overlay.simplified(shape, toleranceMm));
    }

    /** What remembering it keeps alive. */
    public void weigh(Scale scale) {
        Jts.weigh(Jts.polygons(shape), scale);
    }

    public boolean isEmpty() {
        return shape.isEmpty();
    }

    public double areaMm2() {
        return areaMm2;
    }

    public int pieceCount() {
        return isEmpty() ? 0 : shape.getNumGeometries();
    }

    public int holeCount() {
        return Jts.polygons(shape).stream()
                .mapToInt(Polygon::getNumInteriorRing)
                .sum();
    }

    public int vertexCount() {
        return shape.getNumPoints() - pieceCount() - holeCount();
    }

    /** The length of all edges together: what a knife cuts. */
    public double outlineLengthMm() {
        return shape.getLength();
    }

    public boolean isValid() {
        return shape.isValid();
    }

    /** Throws when empty: nothing has no place. */
    public Box bounds() {
        if (isEmpty()) {
            throw new IllegalStateException("an empty region has no bounds");
        }
        Envelope e = shape.getEnvelopeInternal();
        return new Box(e.getMinX(), e.getMinY(), e.getMaxX(), e.getMaxY());
    }

    public List<Piece> pieces() {
        List<Piece> pieces = new ArrayList<>();
        for (Polygon p : Jts.polygons(shape)) {
            List<Outline> holes = new ArrayList<>();
            for (int i = 0; i < p.getNumInteriorRing(); i++) {
                holes.add(Jts.outline(p.getInteriorRingN(i)));
            }
            pieces.add(new Piece(Jts.outline(p.getExteriorRing()), holes));
        }
        return pieces;
    }

    /** The piece with the largest area; throws when empty. */
    public Piece largest() {
        return pieces().stream()
                .max(Comparator.comparingDouble(p -> p.region().areaMm2()))
                .orElseThrow(() -> new IllegalStateException("an empty region has no largest piece"));
    }

    /**
     * The shortest way from here to another region: its end here, then its end there. Both are one point where they
     * touch.
     */
    public List<Point> shortestWayTo(Region other) {
        return Arrays.stream(DistanceOp.nearestPoints(shape, other.shape))
                .map(Jts::point)
                .toList();
    }

    /** How far it goes to the left before it touches another: zero when it does, empty when it passes by. */
    public OptionalDouble wayLeftTo(Region other) {
        return Contact.toTheLeft(shape, other.shape);
    }

    /** The narrowest neck of any of its pieces; absent when nothing would come apart. */
    public Optional<Thinness> narrowestNeck() {
        return Neck.of(this);
    }

    public boolean contains(Point p) {
        return Jts.covers(shape, new Coordinate(p.xMm(), p.yMm()));
    }

    /** A point well inside, for a label. */
    public Point inside() {
        Coordinate c = shape.getInteriorPoint().getCoordinate();
        return new Point(c.x, c.y);
    }

    /** Where a straight line from {@code from} to {@code to} lies on the film, in order. */
    public List<Interval> along(Point from, Point to) {
        return LineCrossing.of(shape, from, to);
    }

    /** The narrowest place, measured across between two edges that face each other. */
    public Thinness thinnest() {
        return NarrowestPlace.of(shape);
    }

    /** The same, where it is narrower than {@code withinMm}; much sooner known of what is wide everywhere. */
    public Optional<Thinness> thinnestBelow(double withinMm) {
        return NarrowestPlace.film(shape, withinMm);
    }

    /**
     * The narrowest gap beside the film, measured as its thin parts are; absent when none is narrower than {@code
     * withinMm}.
     */
    public Optional<Thinness> narrowestGap(double withinMm) {
        return NarrowestPlace.gap(shape, withinMm);
    }

    /** The narrowest slit beside the film that is narrower than {@code withinMm} and stays so for {@code longMm}. */
    public Optional<Thinness> slit(double withinMm, double longMm) {
        return NarrowestPlace.slit(shape, withinMm, longMm);
    }

    /**
     * Wherever the film is narrower than {@code widthMm}, a band of that width along its middle; with {@code gaps},
     * where a gap beside it is.
     */
    public Region narrowBands(double widthMm, boolean gaps) {
        return NarrowBands.of(shape, widthMm, gaps);
    }

    /** Whether a closed line comes inside it. */
    public boolean isCrossedBy(Outline line) {
        return shape.intersects(Jts.ring(line)) && !shape.touches(Jts.ring(line));
    }

    /** Convex parts that meet along edges and make up the whole, each counter-clockwise where y points up. */
    public List<Outline> convexParts() {
        return ConvexParts.of(shape);
    }

    /** What a band stretched around all of it would enclose. */
    public Region hull() {
        return isEmpty() ? EMPTY : of(shape.convexHull());
    }

    /** The largest distance from a point of this region's edge to the other's edge, both ways. */
    public double edgeDistanceMm(Region other) {
        return EdgeDistance.between(shape, other.shape);
    }

    @Override
    public boolean equals(Object o) {
        return this == o
                || o instanceof Region other && hashCode() == other.hashCode() && shape.equalsExact(other.shape);
    }

    @Override
    public int hashCode() {
        if (hash == 0) {
            int h = 1;
            for (Polygon p : Jts.polygons(shape)) {
                h = 31 * h + hash(p.getExteriorRing().getCoordinateSequence());
                h = 31 * h + p.getNumInteriorRing();
            }
            hash = h == 0 ? 1 : h;
        }
        return hash;
    }

    private static int hash(CoordinateSequence s) {
        double[] xy = new double[s.size() * 2];
        for (int i = 0; i < s.size(); i++) {
            xy[2 * i] = s.getX(i);
            xy[2 * i + 1] = s.getY(i);
        }
        return Arrays.hashCode(xy);
    }

    @Override
    public String toString() {
        return isEmpty()
                ? "Region[empty]"
                : String.format(
                        java.util.Locale.ROOT, "Region[%d pieces, %.3f mm² in %s]", pieceCount(), areaMm2, bounds());
    }
}
