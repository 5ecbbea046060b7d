package jurren.core.geometry;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import jurren.core.memo.Memo;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.algorithm.locate.PointOnGeometryLocator;
import org.locationtech.jts.algorithm.locate.SimplePointInAreaLocator;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.geom.prep.PreparedGeometryFactory;
import org.locationtech.jts.index.strtree.STRtree;
import org.locationtech.jts.operation.buffer.BufferOp;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;

/**
 * Union of valid polygons.
 *
 * <ol>
 *   <li>Polygons are put into groups that touch each other; a group of one is already done, and one that was
 *       merged not long ago is remembered.
 *   <li>A group piled several deep is welded by halves.
 *   <li>A group is merged by a zero-width buffer of all its rings at once, the fastest exact way
 *       measured.
 *   <li>That is checked: each piece valid, no smaller than its largest member and no larger than the sum, and
 *       a point inside each member is inside the result.
 *   <li>What fails a check goes through the overlay that repairs its own noding ({@link OverlayRetry}).
 * </ol>
 */
final class Weld {
    private static final int LARGE_GROUP = 32;
    /** So many deep on average. */
    private static final double PILED = 2.5;

    private static final double AREA_SLACK = 1e-9;
    /** A member smaller than this is the rounding between two others, and its inside cannot be told. */
    private static final double DUST_MM2 = 1e-9;
    /** From here on an index over the result pays. */
    private static final int FEW = 4;
    /** And over what so many boxes meet. */
    private static final int MANY_ASKED = 24;

    private static final Memo<ShapeKey, Geometry> REMEMBERED =
            new Memo<>(group -> weldGroup(group.polygons()), (group, welded, scale) -> {
                Jts.weigh(group.polygons(), scale);
                Jts.weigh(Jts.polygons(welded), scale);
            });

    private Weld() {}

    static Geometry of(List<Polygon> polygons) {
        return Jts.collect(groups(polygons).parallelStream()
                .flatMap(group -> group.size() == 1 ? group.stream() : Jts.polygons(merged(group)).stream())
                .toList());
    }

    private static Geometry merged(List<Polygon> group) {
        ShapeKey shapes = new ShapeKey(group);
        return shapes.isLarge() ? weldGroup(group) : REMEMBERED.get(shapes);
    }

    private static Geometry weldGroup(List<Polygon> group) {
        Geometry all = Jts.FACTORY.createMultiPolygon(group.toArray(Polygon[]::new));
        if (isPile(all, group)) {
            List<Polygon> halves = new ArrayList<>(Jts.polygons(of(group.subList(0, group.size() / 2))));
            halves.addAll(Jts.polygons(of(group.subList(group.size() / 2, group.size()))));
            return of(halves);
        }
        Geometry quick = BufferOp.bufferOp(all, 0);
        return holds(quick, group)
                ? quick
                : OverlayRetry.or(
                        () -> OverlayNGRobust.union(all), () -> OverlayNGRobust.union(OverlayRetry.resolved(all)));
    }

    /**
     * Many lying on each other cross each other everywhere; welded by halves, what is inside is gone before it meets
     * the rest.
     */
    private static boolean isPile(Geometry all, List<Polygon> group) {
        return group.size() > LARGE_GROUP
                && all.getArea() > PILED * all.getEnvelope().getArea();
    }

    private static boolean holds(Geometry result, List<Polygon> members) {
        double sum = 0;
        double largest = 0;
        for (Polygon p : members) {
            sum += p.getArea();
            largest = Math.max(largest, p.getArea());
        }
        double area = result.getArea();
        if (area < largest * (1 - AREA_SLACK)
                || area > sum * (1 + AREA_SLACK)
                || !Jts.polygons(result).parallelStream().allMatch(Polygon::isValid)) {
            return false;
        }
        PointOnGeometryLocator inside =
                members.size() > FEW ? new IndexedPointInAreaLocator(result) : new SimplePointInAreaLocator(result);
        return members.stream()
                .filter(p -> p.getArea() > DUST_MM2)
                .allMatch(p -> inside.locate(p.getInteriorPoint().getCoordinate()) != Location.EXTERIOR);
    }

    private static List<List<Polygon>> groups(List<Polygon> polygons) {
        STRtree tree = new STRtree();
        for (int i = 0; i < polygons.size(); i++) {
            tree.insert(polygons.get(i).getEnvelopeInternal(), i);
        }
        int[] leader = new int[polygons.size()];
        for (int i = 0; i < leader.length; i++) {
            leader[i] = i;
        }
        boolean[] isAsked = new boolean[leader.length];
        for (int i : largestFirst(polygons)) {
            isAsked[i] = true;
            List<?> hits = tree.query(polygons.get(i).getEnvelopeInternal());
            Predicate<Polygon> touches = touching(polygons.get(i), hits.size());
            for (Object hit : hits) {
                int other = (Integer) hit;
                int a = find(leader, i);
                int b = find(leader, other);
                if (!isAsked[other] && a != b && touches.test(polygons.get(other))) {
                    leader[Math.max(a, b)] = Math.min(a, b);
                }
            }
        }
        List<List<Polygon>> byLeader = new ArrayList<>();
        int[] place = new int[leader.length];
        for (int i = 0; i < leader.length; i++) {
            int root = find(leader, i);
            if (root == i) {
                place[i] = byLeader.size();
                byLeader.add(new ArrayList<>());
            }
            byLeader.get(place[root]).add(polygons.get(i));
        }
        return byLeader;
    }

    private static int[] largestFirst(List<Polygon> polygons) {
        return IntStream.range(0, polygons.size())
                .boxed()
                .sorted(Comparator.comparingInt((Integer i) -> -polygons.get(i).getNumPoints()))
                .mapToInt(Integer::intValue)
                .toArray();
    }

    private static Predicate<Polygon> touching(Polygon p, int asked) {
        return asked > MANY_ASKED ? PreparedGeometryFactory.prepare(p)::intersects : other -> Touching.touch(p, other);
    }

    private static int find(int[] leader, int i) {
        int at = i;
        while (leader[at] != at) {
            leader[at] = leader[leader[at]];
            at = leader[at];
        }
        return at;
    }
}
