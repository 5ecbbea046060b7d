package jurren.core.load;

import java.util.Optional;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.material.Material;

/** A piece of film that something can be cut from. Its lower left corner is where the cutter starts. */
public sealed interface FilmPiece permits Stock, MatPiece {
    String id();

    String materialId();

    Colour colour();

    /** Across the cutter. */
    double widthMm();

    /** Along the feed. */
    double lengthMm();

    /** When it came to the shelf, as the person wrote it; empty when nobody did. */
    String since();

    /** Where a cutter can cut on it; empty when it takes it not at all. */
    Region usable(Cutter cutter);

    /** What of the shelf it belongs to. */
    Stock shelved();

    /** As much as is needed is taken of it; otherwise it is there as it is, and used up or left over. */
    boolean comesOffRoll();

    /** Its edge, where it has one of its own and not a roll's two. */
    default Optional<Region> ownOutline() {
        return Optional.empty();
    }

    /** Whether it is stuck onto a mat to be cut. */
    boolean ridesOnMat(Cutter cutter);

    /** What a length of it costs, where a metre of its film costs so much. */
    double cost(double usedMm, double perMetre);

    /** The film that a length of it is, in mm². */
    default double areaMm2(double usedMm) {
        return ownOutline().map(Region::areaMm2).orElse(usedMm * widthMm());
    }

    /** Whether that can be cut of it. */
    default boolean isOf(Material material, Colour inColour) {
        return material.isCutOf(materialId()) && colour().equals(inColour);
    }
}
