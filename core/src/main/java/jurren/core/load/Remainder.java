package jurren.core.load;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;

/**
 * What a load leaves behind.
 *
 * @param roll   what is left of the roll, when it came from one
 * @param offcut what is worth keeping of the piece that was cut off, or of the offcut it was
 */
public record Remainder(Optional<Roll> roll, Optional<Offcut> offcut) {
    /** Around what was cut: its frame, or what a hand tears. */
    private static final double TORN_MM = 5;
    /** Strips narrower than twice this are waste. */
    private static final double LEAST_HALF_MM = 18;

    private static final double STRAIGHT_MM = 1;

    /** @param name of the offcut that is kept */
    public static Remainder of(Load load, String name, String since) {
        Region film = load.stock()
                .ownOutline()
                .orElseGet(() -> Region.of(Box.ofSize(
                        0, 0, load.usedMm(), load.roll().map(Roll::widthMm).orElseGet(load.stock()::widthMm))));
        Region cut = Region.weld(load.placed().stream()
                .map(p -> new Piece(p.cell().largest().outer(), List.of()).region())
                .toList());
        for (Load.Frame f : load.frames()) {
            cut = cut.weld(around(f.outline()));
        }
        Region left = film.minus(cut.grown(TORN_MM, CornerStyle.MITRED))
                .grown(-LEAST_HALF_MM, CornerStyle.MITRED)
                .grown(LEAST_HALF_MM, CornerStyle.MITRED)
                .intersect(film)
                .simplified(STRAIGHT_MM);
        Optional<Region> best = left.pieces().stream()
                .map(Piece::region)
                .filter(r -> r.areaMm2() >= Offcut.LEAST_MM2)
                .max(Comparator.comparingDouble(Region::areaMm2));
        Optional<Offcut> offcut = best.map(
                r -> new Offcut(name, load.stock().materialId(), load.stock().colour(), r, false, since));
        Optional<Roll> roll = load.roll().map(r -> r.withLength(r.lengthMm() - load.usedMm()));
        return new Remainder(roll, offcut);
    }

    private static Region around(Outline ring) {
        return new Piece(ring, List.of()).region();
    }
}
