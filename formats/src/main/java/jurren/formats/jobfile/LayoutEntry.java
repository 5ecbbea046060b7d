package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import jurren.core.load.KeptLayout;
import jurren.core.material.Colour;
import jurren.core.nest.BedPosition;
import jurren.core.nest.Layout;

/**
 * A layout that was found and taken, as its file tells it.
 *
 * @param seed      a text: it is no figure of the job
 * @param positions each {@code [bed, degrees, xMm, yMm]}, or null where nothing lies
 */
record LayoutEntry(
        @Needed String material,
        @Needed Colour colour,
        @Needed String shapes,
        @Needed String beds,
        List<String> stock,
        @Needed String seed,
        @Needed int steps,
        @Needed double sparedMm,
        @Needed List<Double> usedMm,
        @Needed @JsonSetter(contentNulls = Nulls.SET) List<double[]> positions) {
    private static final int NUMBERS = 4;

    static LayoutEntry of(KeptLayout k) {
        return new LayoutEntry(
                k.materialId(),
                k.colour(),
                k.pieces(),
                k.beds(),
                k.stock(),
                String.valueOf(k.seed()),
                k.steps(),
                k.sparedMm(),
                k.layout().usedMm(),
                k.layout().positions().stream().map(LayoutEntry::numbers).toList());
    }

    private static double[] numbers(Optional<BedPosition> position) {
        return position.map(p -> new double[] {p.bed(), p.degrees(), p.xMm(), p.yMm()})
                .orElse(null);
    }

    KeptLayout layout() {
        return new KeptLayout(
                material,
                colour,
                shapes,
                beds,
                stock,
                number(),
                steps,
                sparedMm,
                new Layout(positions.stream().map(LayoutEntry::position).toList(), usedMm));
    }

    private long number() {
        try {
            return Long.parseLong(seed);
        } catch (NumberFormatException e) {
            throw new IllegalArgumentException("seed is not a number", e);
        }
    }

    private static Optional<BedPosition> position(double[] numbers) {
        if (numbers == null) {
            return Optional.empty();
        }
        if (numbers.length != NUMBERS || !Arrays.stream(numbers).allMatch(Double::isFinite)) {
            throw new IllegalArgumentException("a position has " + NUMBERS + " numbers");
        }
        return Optional.of(new BedPosition((int) numbers[0], numbers[1], numbers[2], numbers[3]));
    }
}
