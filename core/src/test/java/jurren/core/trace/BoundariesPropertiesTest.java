package jurren.core.trace;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import jurren.core.material.Colour;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Whatever the pixels are, the edges between their colours divide the plane without rest. */
class BoundariesPropertiesTest {
    private static Labels random(int width, int height, int colours, long seed, boolean clumped) {
        Random random = new Random(seed);
        byte[] of = new byte[width * height];
        for (int i = 0; i < of.length; i++) {
            boolean asBefore = clumped && i > width && random.nextInt(4) > 0;
            of[i] = asBefore ? of[random.nextBoolean() ? i - 1 : i - width] : (byte) random.nextInt(colours + 1);
        }
        // the share of every pixel is its own, between whole and half
        Labels.Crossing crossing =
                (p, a, b) -> of[p] == a ? 0.55 + (p * 37 % 40) / 100.0 : 0.45 - (p * 53 % 40) / 100.0;
        return Labels.of(
                width,
                height,
                of,
                List.of(new Colour(1), new Colour(2), new Colour(3)).subList(0, colours),
                crossing);
    }

    private static double signedArea(Edge e, boolean backwards) {
        double sum = 0;
        for (int i = 0; i + 1 < e.size() + (e.closed() ? 1 : 0); i++) {
            int j = (i + 1) % e.size();
            sum += (e.x(i) * e.y(j) - e.x(j) * e.y(i)) / 2;
        }
        return backwards ? -sum : sum;
    }

    @Property(tries = 300, seed = "20261127")
    void everyEdgeIsOnceOnTheLeftAndOnceOnTheRightAndRingsClose(
            @ForAll @IntRange(min = 1, max = 14) int width,
            @ForAll @IntRange(min = 1, max = 14) int height,
            @ForAll @IntRange(min = 1, max = 3) int colours,
            @ForAll long seed,
            @ForAll boolean clumped) {
        Labels labels = random(width, height, colours, seed, clumped);
        Boundaries.All all = Boundaries.of(labels);
        Map<Boundaries.Turn, Integer> used = new HashMap<>();
        for (Boundaries.Ring ring : all.rings()) {
            for (int i = 0; i < ring.turns().size(); i++) {
                Boundaries.Turn turn = ring.turns().get(i);
                used.merge(turn, 1, Integer::sum);
                Edge e = all.edges().get(turn.edge());
                assertThat(turn.backwards() ? e.right() : e.left())
                        .as("the ring's colour lies on its left")
                        .isEqualTo(ring.colour());
                if (!e.closed()) {
                    Boundaries.Turn next =
                            ring.turns().get((i + 1) % ring.turns().size());
                    Edge f = all.edges().get(next.edge());
                    int end = turn.backwards() ? 0 : e.size() - 1;
                    int begin = next.backwards() ? f.size() - 1 : 0;
                    assertThat(Math.hypot(e.x(end) - f.x(begin), e.y(end) - f.y(begin)))
                            .as("where one ends the next begins")
                            .isZero();
                }
            }
        }
        for (int i = 0; i < all.edges().size(); i++) {
            Edge e = all.edges().get(i);
            assertThat(e.left()).isNotEqualTo(e.right());
            assertThat(used.getOrDefault(new Boundaries.Turn(i, false), 0)).isEqualTo(e.left() == 0 ? 0 : 1);
            assertThat(used.getOrDefault(new Boundaries.Turn(i, true), 0)).isEqualTo(e.right() == 0 ? 0 : 1);
        }
    }

    @Property(tries = 200, seed = "20261127")
    void coloursThatFillThePictureHaveItsAreaTogether(
            @ForAll @IntRange(min = 2, max = 14) int width,
            @ForAll @IntRange(min = 2, max = 14) int height,
            @ForAll long seed) {
        Labels labels = random(width, height, 3, seed, true);
        for (int i = 0; i < labels.of().length; i++) {
            labels.of()[i] = labels.of()[i] == 0 ? 1 : labels.of()[i];
            labels.seen()[i] = labels.of()[i];
        }
        Boundaries.All all = Boundaries.of(labels);
        double sum = all.rings().stream()
                .flatMap(r -> r.turns().stream())
                .mapToDouble(t -> signedArea(all.edges().get(t.edge()), t.backwards()))
                .sum();
        // the border passes from the middle of one side of a corner's pixel to the middle of the next
        assertThat(Math.abs(sum))
                .as("the picture without the tips of its four corners")
                .isCloseTo(width * height - 0.5, within(1e-9));
    }

    @Property(tries = 200, seed = "20261127")
    void partsAreWhatHangsTogether(
            @ForAll @IntRange(min = 1, max = 12) int width,
            @ForAll @IntRange(min = 1, max = 12) int height,
            @ForAll @IntRange(min = 1, max = 3) int colours,
            @ForAll long seed,
            @ForAll boolean clumped) {
        Labels labels = random(width, height, colours, seed, clumped);
        Parts parts = new Parts(labels);
        int[] flooded = new int[width * height];
        int count = 0;
        for (int i = 0; i < flooded.length; i++) {
            if (flooded[i] == 0) {
                flood(labels, flooded, i, ++count);
            }
        }
        Map<Integer, Integer> same = new HashMap<>();
        Map<Integer, Integer> areas = new HashMap<>();
        for (int i = 0; i < flooded.length; i++) {
            int part = parts.at(new jurren.core.geometry.Point(i % width + 0.5, i / width + 0.5));
            assertThat(same.putIfAbsent(flooded[i], part)).isIn(null, part);
            areas.merge(part, 1, Integer::sum);
        }
        assertThat(areas)
                .as("as many parts")
                .hasSize(count)
                .allSatisfy((part, area) -> assertThat(parts.areaPx2(part)).isEqualTo(area));
    }

    private static void flood(Labels labels, int[] to, int from, int number) {
        to[from] = number;
        int x = from % labels.width();
        int y = from / labels.width();
        boolean corners = labels.of()[from] != 0;
        for (int dy = -1; dy <= 1; dy++) {
            for (int dx = -1; dx <= 1; dx++) {
                int i = (y + dy) * labels.width() + x + dx;
                boolean inside = x + dx >= 0 && y + dy >= 0 && x + dx < labels.width() && y + dy < labels.height();
                if (inside && (corners || dx == 0 || dy == 0) && to[i] == 0 && labels.of()[i] == labels.of()[from]) {
                    flood(labels, to, i, number);
                }
            }
        }
    }
}
