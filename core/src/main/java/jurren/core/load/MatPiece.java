package jurren.core.load;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * A piece that is cut off a roll and laid on a mat, its lower left corner in the mat's.
 *
 * @param roll     what it comes off
 * @param number   which piece of that roll, from 1
 * @param lengthMm how long it may be
 * @param widthMm  across the mat; a wider roll is trimmed
 */
public record MatPiece(Roll roll, int number, double lengthMm, double widthMm) implements FilmPiece {
    /**
     * The pieces that a roll gives, one after the other.
     *
     * @param most more are not needed
     */
    static List<MatPiece> off(Roll roll, Cutter cutter, int most) {
        double width = Math.min(roll.widthMm(), cutter.widthMm());
        double onMat = cutter.matMm();
        if (!roll.isThere()) {
            return IntStream.rangeClosed(1, most)
                    .mapToObj(n -> new MatPiece(roll, n, onMat, width))
                    .toList();
        }
        int whole = (int) Math.floor(roll.lengthMm() / onMat);
        double rest = roll.lengthMm() - whole * onMat;
        Stream<MatPiece> pieces = IntStream.rangeClosed(1, whole).mapToObj(n -> new MatPiece(roll, n, onMat, width));
        return Stream.concat(pieces, rest > 0 ? Stream.of(new MatPiece(roll, whole + 1, rest, width)) : Stream.empty())
                .limit(most)
                .toList();
    }

    boolean isWhole(Cutter cutter) {
        return lengthMm == cutter.matMm();
    }

    @Override
    public Roll shelved() {
        return roll;
    }

    @Override
    public boolean comesOffRoll() {
        return true;
    }

    @Override
    public boolean ridesOnMat(Cutter cutter) {
        return true;
    }

    @Override
    public double cost(double usedMm, double perMetre) {
        return roll.cost(usedMm, perMetre);
    }

    @Override
    public String id() {
        return roll.id() + "/" + number;
    }

    @Override
    public String materialId() {
        return roll.materialId();
    }

    @Override
    public Colour colour() {
        return roll.colour();
    }

    @Override
    public String since() {
        return roll.since();
    }

    @Override
    public Region usable(Cutter cutter) {
        return cutter.usable(lengthMm, widthMm);
    }
}
