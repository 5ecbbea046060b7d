package jurren.core.geometry;

import java.util.List;
import java.util.Random;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tag;
import net.jqwik.api.constraints.DoubleRange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The laws of the region algebra, on random shapes with holes, coincident edges among them. */
@Tag("properties")
class RegionPropertiesTest {
    private static final double DUST = 1e-3;

    @Provide
    Arbitrary<Region> regions() {
        return Arbitraries.longs().map(seed -> {
            Random random = new Random(seed);
            Region shape = Region.weld(Shapes.blobs(random, 1 + random.nextInt(4), 40));
            Region cut = random.nextBoolean()
                    ? Shapes.disc(20, 20, 2 + random.nextDouble() * 6)
                    : Shapes.rectangle(Math.rint(40 * random.nextDouble()), 0, 5, 40);
            return shape.minus(cut);
        });
    }

    private static double common(Region a, Region b) {
        return a.intersect(b).areaMm2();
    }

    @Property(tries = 150, seed = "20261127")
    void areasAddUp(@ForAll("regions") Region a, @ForAll("regions") Region b) {
        assertThat(a.weld(b).areaMm2()).isCloseTo(a.areaMm2() + b.areaMm2() - common(a, b), within(DUST));
        assertThat(a.minus(b).areaMm2()).isCloseTo(a.areaMm2() - common(a, b), within(DUST));
        assertThat(a.differingFrom(b).areaMm2()).isCloseTo(a.areaMm2() + b.areaMm2() - 2 * common(a, b), within(DUST));
    }

    @Property(tries = 150, seed = "20261127")
    void knockingOutNeverGrowsAndWeldingNeverShrinks(@ForAll("regions") Region a, @ForAll("regions") Region b) {
        assertThat(a.minus(b).minus(a).areaMm2()).isLessThan(DUST);
        assertThat(common(a.minus(b), b)).isLessThan(DUST);
        assertThat(a.minus(a.weld(b)).areaMm2()).isLessThan(DUST);
        assertThat(List.of(a.weld(b), a.minus(b), a.intersect(b))).allMatch(Region::isValid);
        assertThat(a.weld(a).areaMm2()).isCloseTo(a.areaMm2(), within(DUST));
        assertThat(a.minus(a).areaMm2()).isLessThan(DUST);
    }

    @Property(tries = 100, seed = "20261127")
    void growingContainsAndShrinkingIsContained(
            @ForAll("regions") Region a, @ForAll @DoubleRange(min = 0.05, max = 6) double by) {
        for (CornerStyle corners : CornerStyle.values()) {
            Region grown = a.grown(by, corners);
            Region shrunk = a.grown(-by, corners);
            assertThat(a.minus(grown).areaMm2()).as("outlines never shrink").isLessThan(DUST);
            assertThat(shrunk.minus(a).areaMm2()).as("inner ones never grow").isLessThan(DUST);
            assertThat(grown.isValid() && shrunk.isValid()).isTrue();
            assertThat(a.grown(by / 2, corners).minus(grown).areaMm2())
                    .as("further out is more")
                    .isLessThan(DUST);
        }
        assertThat(a.grown(by, CornerStyle.ROUND)
                        .minus(a.grown(by, CornerStyle.MITRED))
                        .areaMm2())
                .as("a mitre holds the round corner")
                .isLessThan(0.05 * by * by * Math.max(1, a.pieceCount()));
    }

    @Property(tries = 100, seed = "20261127")
    void placingKeepsShapesAndComesBack(
            @ForAll("regions") Region a,
            @ForAll @DoubleRange(min = -360, max = 360) double degrees,
            @ForAll @DoubleRange(min = 0.2, max = 5) double factor) {
        Placement there =
                Placement.turned(degrees).then(Placement.scaled(factor)).then(Placement.moved(31, -7));
        Region placed = a.placed(there);
        assertThat(placed.areaMm2())
                .isCloseTo(a.areaMm2() * factor * factor, within(1e-6 * a.areaMm2() * factor * factor + 1e-9));
        assertThat(placed.pieceCount()).isEqualTo(a.pieceCount());
        assertThat(placed.placed(there.inverse()).edgeDistanceMm(a)).isLessThan(1e-6);
    }

    @Property(tries = 60, seed = "20261127")
    void theNarrowestNeckIsWhereItComesApart(
            @ForAll @DoubleRange(min = 0.3, max = 5) double neck,
            @ForAll @DoubleRange(min = 4, max = 9) double end,
            @ForAll @DoubleRange(min = -180, max = 180) double degrees) {
        Region dumbbell = Region.weld(List.of(
                        Shapes.disc(-12, 0, end), Shapes.disc(12, 0, end), Shapes.rectangle(-12, -neck / 2, 24, neck)))
                .placed(Placement.turned(degrees));
        Thinness found = dumbbell.narrowestNeck().orElseThrow();
        assertThat(found.widthMm()).isCloseTo(neck, within(0.05));
        assertThat(found.where().distanceMm(new Point(0, 0))).isLessThan(12);
        assertThat(Shapes.disc(0, 0, end).narrowestNeck()).as("a disc has none").isEmpty();
    }
}
