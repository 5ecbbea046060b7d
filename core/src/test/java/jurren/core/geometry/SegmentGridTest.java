package jurren.core.geometry;

import java.util.List;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Beside another way to find the nearest edge: near it, far from it, inside and out. */
@Tag("long")
class SegmentGridTest {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static Geometry edges(Region region) {
        List<Outline> outlines = region.pieces().stream()
                .flatMap(p -> Stream.concat(Stream.of(p.outer()), p.holes().stream()))
                .toList();
        return FACTORY.createMultiLineString(outlines.stream()
                .map(o -> {
                    Coordinate[] ring = new Coordinate[o.size() + 1];
                    for (int i = 0; i <= o.size(); i++) {
                        ring[i] = new Coordinate(o.xMm(i % o.size()), o.yMm(i % o.size()));
                    }
                    return FACTORY.createLineString(ring);
                })
                .toArray(LineString[]::new));
    }

    private static void agrees(Geometry lines, Random random) {
        SegmentGrid grid = new SegmentGrid(lines);
        var box = lines.getEnvelopeInternal();
        double reach = Math.max(1, Math.max(box.getWidth(), box.getHeight()));
        for (int i = 0; i < 400; i++) {
            double x = box.getMinX() + (random.nextDouble() * 2 - 0.5) * reach;
            double y = box.getMinY() + (random.nextDouble() * 2 - 0.5) * reach;
            assertThat(grid.distance(x, y))
                    .as("%s, %s", x, y)
                    .isCloseTo(lines.distance(FACTORY.createPoint(new Coordinate(x, y))), within(1e-9));
        }
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void theNearestIsFoundEverywhere(long seed) {
        Random random = new Random(seed);
        Region blobs = Region.weld(Shapes.blobs(random, 1 + (int) seed * 3, 40 * seed));
        agrees(edges(blobs), random);
    }

    @Test
    void longThinAndTinyShapesToo() {
        Random random = new Random(11);
        agrees(edges(Shapes.rectangle(0, 0, 2000, 0.02)), random);
        agrees(edges(Shapes.rectangle(5, 5, 0.01, 0.01)), random);
        agrees(edges(Region.together(List.of(Shapes.rectangle(0, 0, 1, 1), Shapes.rectangle(900, 900, 1, 1)))), random);
    }
}
