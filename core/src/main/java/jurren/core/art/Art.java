package jurren.core.art;

import jurren.core.memo.Scale;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.material.Colour;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/** All motifs on a face at true size, from the bottom up, as the customer will see them. */
public record Art(List<Painted> paints) {
    public Art {
        paints = paints.stream().filter(p -> !p.region().isEmpty()).toList();
    }

    /** What remembering it keeps alive. */
    public void weigh(Scale scale) {
        paints.forEach(p -> p.weigh(scale));
    }

    public boolean isEmpty() {
        return paints.isEmpty();
    }

    public Optional<Box> bounds() {
        return paints.stream().map(p -> p.region().bounds()).reduce(Box::joined);
    }

    public Art placed(Placement placement) {
        return new Art(paints.stream().map(p -> p.placed(placement)).toList());
    }

    /** Laid on a surface that bends it. */
    public Art warped(Warp warp) {
        return warp == Warp.NONE ? this : new Art(paints.stream().map(p -> p.warped(warp)).toList());
    }

    /**
     * What the eye sees of each colour: the parts not painted over by another. The regions do not
     * overlap and together cover the art. In the order in which each colour first shows from below.
     */
    public Map<Colour, Region> seen() {
        Map<Colour, Region> seen = new LinkedHashMap<>();
        for (Colour colour : paints.stream().map(Painted::colour).distinct().toList()) {
            Region shows = notCovered(colour, other -> !other.equals(colour));
            if (!shows.isEmpty()) {
                seen.put(colour, shows);
            }
        }
        return seen;
    }

    /**
     * Everything painted in one colour, less what is painted over it in those that count as covering.
     * What nothing covers is left exactly as it was painted, so that no seams appear.
     */
    public Region notCovered(Colour colour, Predicate<Colour> covering) {
        List<Region> left = new ArrayList<>();
        for (int i = 0; i < paints.size(); i++) {
            if (paints.get(i).colour().equals(colour)) {
                Region above = Region.weld(paints.subList(i + 1, paints.size()).stream()
                        .filter(p -> covering.test(p.colour())).map(Painted::region).toList());
                left.add(paints.get(i).region().minus(above));
            }
        }
        return Region.weld(left);
    }

    public List<Region> unwelded(Colour colour) {
        return paints.stream().filter(p -> p.colour().equals(colour)).flatMap(p -> p.unwelded().stream()).toList();
    }
}
