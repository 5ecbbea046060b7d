package jurren.core.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.art.Chain;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Paint;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.art.treat.HoldIslands;
import jurren.core.art.treat.Thicken;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tag;
import net.jqwik.api.constraints.CharRange;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Widths against a medial axis found by trying every two points of the edge. */
@Tag("properties")
class ThinnessPropertiesTest {
    private static final Colour INK = new Colour(0);
    /** How many places of the edge are tried. */
    private static final int SAMPLES = 6000;
    /** Edges that come so near are a jag that no knife makes. */
    private static final double JAG_MM = 0.01;

    private static final double FACING = 15;
    /** On a curve it depends on rounding whether two sides still face each other at the bound itself. */
    private static final double AT_THE_BOUND = 4;

    /** A place on the edge, the way into the film, and how far along its outline it lies. */
    private record Sample(int ring, double x, double y, double nx, double ny, double along) {}

    private record Tip(int ring, double along, double around) {
        double from(double place) {
            return Math.IEEEremainder(place - along, around);
        }
    }

    /** Every point of the edge with the disc that touches there and nowhere lets another point in: O(n²). */
    private static Optional<Thinness> bruteThinnest(Region region, double degrees) {
        List<Sample> samples = new ArrayList<>();
        List<Tip> tips = new ArrayList<>();
        int ring = 0;
        double apart = region.outlineLengthMm() / SAMPLES;
        for (Piece piece : region.pieces()) {
            List<Outline> outlines = new ArrayList<>(List.of(piece.outer()));
            outlines.addAll(piece.holes());
            for (Outline o : outlines) {
                boolean hole = o != piece.outer();
                sample(
                        o.signedAreaMm2() > 0 != hole ? o.points() : o.points().reversed(),
                        ring++,
                        apart,
                        samples,
                        tips);
            }
        }
        Thinness least = new Thinness(Double.POSITIVE_INFINITY, new Point(0, 0));
        for (Sample p : samples) {
            double radius = Double.POSITIVE_INFINITY;
            Sample touched = null;
            for (Sample q : samples) {
                double qx = q.x - p.x;
                double qy = q.y - p.y;
                double facing = qx * p.nx + qy * p.ny;
                double r = (qx * qx + qy * qy) / (2 * facing);
                if (facing > 1e-9 && r < radius) {
                    radius = r;
                    touched = q;
                }
            }
            if (touched != null && 2 * radius < least.widthMm() && 2 * radius > JAG_MM) {
                double cos =
                        (p.nx * (touched.x - p.x - p.nx * radius) + p.ny * (touched.y - p.y - p.ny * radius)) / radius;
                if (cos >= Math.cos(Math.toRadians(degrees))
                        && (cos >= Math.cos(Math.toRadians(degrees - FACING + AT_THE_BOUND))
                                || !isTip(tips, p, touched, 2 * radius))) {
                    least = new Thinness(2 * radius, new Point(p.x + p.nx * radius, p.y + p.ny * radius));
                }
            }
        }
        return Double.isInfinite(least.widthMm()) ? Optional.empty() : Optional.of(least);
    }

    private static boolean isTip(List<Tip> tips, Sample p, Sample q, double width) {
        return p.ring == q.ring
                && tips.stream()
                        .filter(t -> t.ring == p.ring)
                        .anyMatch(t -> t.from(p.along) * t.from(q.along) <= 0
                                && Math.abs(t.from(p.along)) <= 12 * width
                                && Math.abs(t.from(q.along)) <= 12 * width);
    }

    private static void sample(List<Point> points, int ring, double apart, List<Sample> samples, List<Tip> tips) {
        List<Point> c = new ArrayList<>(points);
        if (c.getFirst().equals(c.getLast())) {
            c.removeLast();
        }
        double around = 0;
        for (int i = 0; i < c.size(); i++) {
            around += c.get(i).distanceMm(c.get((i + 1) % c.size()));
        }
        double along = 0;
        for (int i = 0; i < c.size(); i++) {
            Point a = c.get(i);
            Point b = c.get((i + 1) % c.size());
            Point before = c.get((i + c.size() - 1) % c.size());
            double length = a.distanceMm(b);
            double interior =
                    angle(before.xMm() - a.xMm(), before.yMm() - a.yMm(), b.xMm() - a.xMm(), b.yMm() - a.yMm());
            boolean left =
                    (a.xMm() - before.xMm()) * (b.yMm() - a.yMm()) - (a.yMm() - before.yMm()) * (b.xMm() - a.xMm()) > 0;
            if (left && interior < Math.toRadians(40)) {
                tips.add(new Tip(ring, along, around));
            }
            if (!left) {
                fan(before, a, b, ring, along, samples);
            }
            int n = Math.max(1, (int) Math.round(length / apart));
            for (int k = 0; k < n; k++) {
                double t = (k + 0.5) / n;
                samples.add(new Sample(
                        ring,
                        a.xMm() + t * (b.xMm() - a.xMm()),
                        a.yMm() + t * (b.yMm() - a.yMm()),
                        -(b.yMm() - a.yMm()) / length,
                        (b.xMm() - a.xMm()) / length,
                        along + t * length));
            }
            along += length;
        }
    }

    /** A corner that points into the film touches a disc from any direction between its two edges' own. */
    private static void fan(Point before, Point corner, Point after, int ring, double along, List<Sample> samples) {
        double from = Math.atan2(corner.xMm() - before.xMm(), before.yMm() - corner.yMm());
        double turn = Math.IEEEremainder(
                Math.atan2(after.xMm() - corner.xMm(), corner.yMm() - after.yMm()) - from, 2 * Math.PI);
        int steps = (int) Math.ceil(Math.abs(Math.toDegrees(turn)));
        for (int k = 1; k < steps; k++) {
            double a = from + turn * k / steps;
            samples.add(new Sample(ring, corner.xMm(), corner.yMm(), Math.cos(a), Math.sin(a), along));
        }
    }

    private static double angle(double ax, double ay, double bx, double by) {
        return Math.acos(Math.clamp((ax * bx + ay * by) / Math.hypot(ax, ay) / Math.hypot(bx, by), -1, 1));
    }

    private static Region letter(char c, double heightMm, ShippedTypeface face, List<Treatment> treatments) {
        return new Chain()
                .build(new Motif(
                        "m1", "x", Lettering.of(String.valueOf(c), face, heightMm, INK), treatments, Pose.at(0, 0)))
                .region();
    }

    @Property(tries = 12, seed = "20261127")
    void theNarrowestPartIsThatOfTheMedialAxis(
            @ForAll @CharRange(from = 'A', to = 'z') char c,
            @ForAll @DoubleRange(min = 8, max = 25) double heightMm,
            @ForAll @IntRange(min = 0, max = 30) int face) {
        ShippedTypeface[] faces = ShippedTypeface.values();
        Region region = letter(c, heightMm, faces[face % faces.length], List.of());
        if (!region.isEmpty() && region.thinnest().widthMm() > JAG_MM) {
            double found = region.thinnest().widthMm();
            bruteThinnest(region, FACING + AT_THE_BOUND)
                    .ifPresent(least -> assertThat(found).as(least.toString()).isGreaterThan(least.widthMm() - 0.02));
            bruteThinnest(region, FACING - AT_THE_BOUND)
                    .ifPresent(most -> assertThat(found).as(most.toString()).isLessThan(most.widthMm() + 0.02));
        }
    }

    @Property(tries = 12, seed = "20261127")
    void thickenedLettersHaveNothingNarrower(
            @ForAll @CharRange(from = 'A', to = 'z') char c,
            @ForAll @DoubleRange(min = 8, max = 25) double heightMm,
            @ForAll @IntRange(min = 0, max = 30) int face,
            @ForAll @DoubleRange(min = 0.4, max = 2.5) double leastMm) {
        ShippedTypeface[] faces = ShippedTypeface.values();
        ShippedTypeface chosen = faces[face % faces.length];
        Region before = letter(c, heightMm, chosen, List.of());
        Region after = letter(c, heightMm, chosen, List.of(new Thicken(leastMm)));
        if (!before.isEmpty()) {
            assertThat(before.minus(after).areaMm2())
                    .as("nothing is taken away")
                    .isLessThan(1e-6);
            bruteThinnest(after, FACING - AT_THE_BOUND)
                    .ifPresent(truth ->
                            assertThat(truth.widthMm()).as(truth.toString()).isGreaterThan(leastMm - 0.001));
        }
    }

    @Property(tries = 25, seed = "20261127")
    void whatHoldsIslandsLeavesNoSliver(
            @ForAll("withIslands") char c,
            @ForAll @DoubleRange(min = 12, max = 60) double heightMm,
            @ForAll @IntRange(min = 0, max = 30) int face,
            @ForAll @DoubleRange(min = 1, max = 3) double bridgeMm,
            @ForAll boolean upright) {
        ShippedTypeface[] faces = ShippedTypeface.values();
        ShippedTypeface chosen = faces[face % faces.length];
        Region before = letter(c, heightMm, chosen, List.of());
        Region after = letter(c, heightMm, chosen, List.of(new HoldIslands(bridgeMm, 2, upright)));
        if (!after.isEmpty()) {
            assertThat(after.thinnest().widthMm())
                    .isGreaterThan(Math.min(0.09, before.thinnest().widthMm() - 0.01));
            assertThat(after.pieces().stream()
                            .mapToDouble(p -> p.region().areaMm2())
                            .min()
                            .orElseThrow())
                    .isGreaterThan(0.01);
        }
    }

    @Provide
    Arbitrary<Character> withIslands() {
        return Arbitraries.of(
                'A', 'B', 'D', 'O', 'P', 'Q', 'R', 'a', 'b', 'd', 'e', 'g', 'o', 'p', 'q', '0', '4', '6', '8', '9');
    }

    @Test
    void aGapIsMeasuredAsAPartIs() {
        Region two = Shapes.rectangle(0, 0, 10, 10).weld(Shapes.rectangle(10.3, 0, 10, 10));
        assertThat(two.narrowestGap(0.5).orElseThrow().widthMm()).isCloseTo(0.3, within(1e-6));
        assertThat(two.narrowestGap(0.2)).isEmpty();
        assertThat(two.thinnest().widthMm()).isCloseTo(10, within(1e-6));
    }

    @Test
    void aWedgeIsAsWideAsTheDiscAtItsBluntEnd() {
        // 1 mm at the end and 10 degrees: the disc that touches both sides and the end, of radius r with r·(1 + sin 5°)
        // = 0.5 + r·tan... by hand
        double half = Math.toRadians(5);
        Region wedge = Shapes.polygon(0, -0.5, 20, -0.5 - 20 * Math.tan(half), 20, 0.5 + 20 * Math.tan(half), 0, 0.5);
        // its middle stands r from the end, where the sides are (0.5 + r·tan 5°)·cos 5° away: r = 0.5·cos 5° / (1 - sin
        // 5°)
        double r = 0.5 * Math.cos(half) / (1 - Math.sin(half));
        assertThat(wedge.thinnest().widthMm()).isCloseTo(2 * r, within(0.02));
    }

    @Test
    void aBarWithASlantedEndIsAsWideAsTheBar() {
        assertThat(Shapes.polygon(0, 0, 20, 0, 20, 8.7, 24, 8.7, 26.5, 10, 0, 10)
                        .thinnest()
                        .widthMm())
                .as("28 degrees at its end, 1.3 mm before it")
                .isCloseTo(1.3, within(1e-3));
    }

    @Test
    void aSpikeHasNoThinPart() {
        assertThat(Shapes.polygon(0, 0, 40, 2, 40, -2).thinnest().widthMm())
                .as("6 degrees, all of it the tip but its end")
                .isGreaterThan(1.4);
        assertThat(Paint.welded(new Thicken(1).apply(List.of(new Paint(INK, List.of(Shapes.rectangle(0, 0, 0.3, 20))))))
                        .thinnest()
                        .widthMm())
                .isCloseTo(1, within(0.01));
    }
}
