package jurren.core.art;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;
import jurren.core.geometry.Thinness;

/**
 * Whether a shape is one connected part.
 *
 * @param parts how many separate parts it has
 * @param loose all but the largest of them, the largest first
 * @param neck  where it would first break in two; absent when nothing is narrower than the rest
 */
public record OnePiece(int parts, List<Region> loose, Optional<Thinness> neck) {
    public OnePiece {
        loose = List.copyOf(loose);
    }

    public static OnePiece of(Region region) {
        OnePiece parts = parts(region);
        return new OnePiece(parts.parts, parts.loose, region.narrowestNeck());
    }

    /** Without looking for the neck, which takes long. */
    public static OnePiece parts(Region region) {
        List<Region> parts = region.pieces().stream()
                .map(Piece::region)
                .sorted(Comparator.comparingDouble(Region::areaMm2).reversed())
                .toList();
        return new OnePiece(
                parts.size(), parts.isEmpty() ? List.of() : parts.subList(1, parts.size()), Optional.empty());
    }

    /** A line round each loose part, at a distance, to show it by. */
    public List<Region> around(double distanceMm) {
        return loose.stream()
                .map(r -> r.grown(distanceMm, CornerStyle.ROUND).filled())
                .toList();
    }

    public boolean isOne() {
        return parts == 1;
    }
}
