package jurren.core.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.memo.Scale;

/**
 * One colour of a motif: the region that shows it, and the parts it was drawn as. Parts that overlap
 * have not been welded; a knife that follows them crosses the film inside the region.
 *
 * @param ink        how it looks where it is printed, when that is not its colour alone
 * @param materialId what it is made of; empty for the usual of its place
 * @param unwelded   the parts that overlap another part; empty when a knife can follow the region
 */
public record Painted(
        Colour colour, Optional<Ink> ink, Optional<String> materialId, Region region, List<Region> unwelded) {
    /** Overlaps below this are the rounding of a touch. */
    private static final double TOUCH_MM2 = 1e-4;

    public Painted {
        unwelded = List.copyOf(unwelded);
    }

    public Painted(Colour colour, Optional<String> materialId, Region region, List<Region> unwelded) {
        this(colour, Optional.empty(), materialId, region, unwelded);
    }

    static Painted ofParts(Paint paint) {
        List<Region> parts = paint.parts();
        Region whole = Region.weld(parts);
        double sum = parts.stream().mapToDouble(Region::areaMm2).sum();
        return new Painted(
                paint.colour(),
                paint.ink(),
                Optional.empty(),
                whole,
                sum - whole.areaMm2() > TOUCH_MM2 ? overlapping(parts) : List.of());
    }

    /** What remembering it keeps alive. */
    public void weigh(Scale scale) {
        region.weigh(scale);
        unwelded.forEach(r -> r.weigh(scale));
        ink.ifPresent(i -> i.weigh(scale));
    }

    /** Made of a material, where it was not said yet. */
    Painted of(Optional<String> newMaterialId) {
        return materialId.isPresent() || newMaterialId.isEmpty()
                ? this
                : new Painted(colour, ink, newMaterialId, region, unwelded);
    }

    /** Throws while it is not known what it is made of. */
    public Film film() {
        return new Film(materialId.orElseThrow(), Optional.of(colour));
    }

    /** As a knife takes it: in its colour alone. */
    public Painted flat() {
        return ink.isEmpty() ? this : new Painted(colour, materialId, region, unwelded);
    }

    /** Seen only where it is printed. */
    public boolean isOnlyInk() {
        return ink.map(Ink::isOnlyInk).orElse(false);
    }

    /** Whether what lies below it is hidden. */
    public boolean covers() {
        return ink.map(Ink::isOpaque).orElse(true);
    }

    Painted welded() {
        return new Painted(colour, ink, materialId, region, List.of());
    }

    public Painted placed(Placement placement) {
        return new Painted(
                colour,
                ink.map(i -> i.placed(placement)),
                materialId,
                region.placed(placement),
                unwelded.stream().map(r -> r.placed(placement)).toList());
    }

    Painted warped(Warp warp, Warp back) {
        return new Painted(
                colour,
                ink.map(i -> i.warped(warp, back)),
                materialId,
                region.warped(warp),
                unwelded.stream().map(r -> r.warped(warp)).toList());
    }

    /** What is left beside a region. */
    Painted without(Region halo) {
        return region.isEmpty() || region.bounds().crossed(halo.bounds()).isEmpty()
                ? this
                : new Painted(
                        colour,
                        ink,
                        materialId,
                        region.minus(halo),
                        unwelded.stream()
                                .map(r -> r.minus(halo))
                                .filter(r -> !r.isEmpty())
                                .toList());
    }

    private static List<Region> overlapping(List<Region> parts) {
        List<Region> found = new ArrayList<>();
        for (Region a : parts) {
            boolean overlaps = parts.stream()
                    .anyMatch(b -> b != a
                            && b.bounds()
                                    .covers(
                                            a.bounds(),
                                            a.bounds().widthMm() + a.bounds().heightMm())
                            && a.intersect(b).areaMm2() > TOUCH_MM2);
            if (overlaps) {
                found.add(a);
            }
        }
        return found;
    }
}
