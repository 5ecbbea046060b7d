package jurren.core.material;

import java.util.Optional;

/**
 * One material in one colour: what a paint is made of.
 *
 * @param colour empty for a print, whose colours lie side by side
 */
public record Film(String materialId, Optional<Colour> colour) {
    public static Film of(String materialId, Colour colour) {
        return new Film(materialId, Optional.of(colour));
    }

    public static Film print(String materialId) {
        return new Film(materialId, Optional.empty());
    }

    /** The same colour of another material. */
    public Film in(String newMaterialId) {
        return new Film(newMaterialId, colour);
    }
}
