package jurren.core.load;

import jurren.core.material.Colour;

/** A roll of film on the shelf; {@code lengthMm} is what is left on it. */
public record Roll(String id, String materialId, Colour colour, double widthMm, double lengthMm) {
    public Roll {
        if (!(widthMm > 0 && lengthMm >= 0)) {
            throw new IllegalArgumentException("roll " + id + " needs a width above zero");
        }
    }
}
