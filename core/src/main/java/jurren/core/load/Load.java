package jurren.core.load;

import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import java.util.List;

/**
 * One loading of the cutter.
 *
 * @param framed whether a weeding frame is cut round every item
 * @param usedMm length of film from its leading edge to where it is cut off
 */
public record Load(int order, Material material, Colour colour, Roll roll, boolean framed, List<Placed> placed,
                   double usedMm) {
    public Load {
        placed = List.copyOf(placed);
    }

    public double areaUsedMm2() {
        return usedMm * roll.widthMm();
    }

    /** The film that ends up on blanks. */
    public double pieceAreaMm2() {
        return placed.stream().map(p -> p.item().layer().region()).mapToDouble(Region::areaMm2).sum();
    }

    /** The share of the film taken from the roll that lies inside the slots. */
    public double slotShare() {
        return placed.stream().mapToDouble(p -> p.slot().areaMm2()).sum() / areaUsedMm2();
    }

    /** No layout can take less: all slots side by side without a gap, between the rollers. */
    public double leastPossibleMm(Cutter cutter) {
        double slots = placed.stream().mapToDouble(p -> p.slot().areaMm2()).sum();
        return cutter.beforeMm() + slots / cutter.usableMm(roll.widthMm()) + cutter.afterMm();
    }
}
