package jurren.core.load;

import jurren.core.geometry.Region;
import jurren.core.material.Colour;

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

    default boolean isOf(String material, Colour inColour) {
        return materialId().equals(material) && colour().equals(inColour);
    }
}
