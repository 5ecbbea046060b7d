package jurren.core.load;

import java.util.Optional;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * A roll of film on the shelf; {@code lengthMm} is what is left on it, 0 where there is none and one must be bought.
 */
public record Roll(
        String id,
        String materialId,
        Colour colour,
        double widthMm,
        double lengthMm,
        String since,
        Optional<Double> price)
        implements Stock {
    /** Nobody sells a longer one; so much is laid out on one that is still to be bought. */
    public static final double LONGEST_MM = 50_000;

    public Roll {
        since = since == null ? "" : since;
        price = Stock.checked(price);
        if (!(widthMm > 0 && widthMm <= 5000 && lengthMm >= 0 && lengthMm <= LONGEST_MM)) {
            throw new IllegalArgumentException("roll " + id + " needs a width above zero and at most 50 m of length");
        }
    }

    public Roll(String id, String materialId, Colour colour, double widthMm, double lengthMm) {
        this(id, materialId, colour, widthMm, lengthMm, "");
    }

    public Roll(String id, String materialId, Colour colour, double widthMm, double lengthMm, String since) {
        this(id, materialId, colour, widthMm, lengthMm, since, Optional.empty());
    }

    /** Whether it hangs there; otherwise it stands for one to buy. */
    public boolean isThere() {
        return lengthMm > 0;
    }

    @Override
    public Region usable(Cutter cutter) {
        return cutter.usable(isThere() ? lengthMm : LONGEST_MM, widthMm);
    }

    @Override
    public boolean comesOffRoll() {
        return true;
    }

    @Override
    public boolean ridesOnMat(Cutter cutter) {
        return cutter.isOnMats();
    }

    @Override
    public double cost(double usedMm, double perMetre) {
        return usedMm / 1000 * price.orElse(perMetre);
    }

    public Roll withLength(double mm) {
        return new Roll(id, materialId, colour, widthMm, Math.max(0, mm), since, price);
    }

    public Roll withWidth(double mm) {
        return new Roll(id, materialId, colour, mm, lengthMm, since, price);
    }

    @Override
    public Roll withPrice(Optional<Double> newPrice) {
        return new Roll(id, materialId, colour, widthMm, lengthMm, since, newPrice);
    }

    @Override
    public Roll named(String newId) {
        return new Roll(newId, materialId, colour, widthMm, lengthMm, since, price);
    }
}
