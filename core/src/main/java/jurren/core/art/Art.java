package jurren.core.art;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.material.Colour;
import jurren.core.memo.Scale;

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
    public Art warped(Warp warp, Warp back) {
        return warp == Warp.NONE
                ? this
                : new Art(paints.stream().map(p -> p.warped(warp, back)).toList());
    }

    /** With the usual material of its place where nothing else was said. */
    public Art madeOf(String usualId) {
        return new Art(paints.stream().map(p -> p.of(Optional.of(usualId))).toList());
    }

    /**
     * What the eye sees of each colour: the parts not painted over by another. The regions do not
     * overlap and together cover the art. In the order in which each colour first shows from below.
     */
    public Map<Colour, Region> seen() {
        return seen(Painted::colour);
    }

    /** Likewise of whatever paints are told apart by. */
    public <K> Map<K, Region> seen(Function<Painted, K> by) {
        Map<K, Region> seen = new LinkedHashMap<>();
        for (K kind : paints.stream().map(by).distinct().toList()) {
            Region shows =
                    notCovered(p -> by.apply(p).equals(kind), p -> !by.apply(p).equals(kind));
            if (!shows.isEmpty()) {
                seen.put(kind, shows);
            }
        }
        return seen;
    }

    /**
     * Everything some paints show, less what is painted over it by those that count as covering.
     * What nothing covers is left exactly as it was painted, so that no seams appear.
     */
    public Region notCovered(Predicate<Painted> which, Predicate<Painted> covering) {
        List<Region> left = new ArrayList<>();
        List<Region> above = new ArrayList<>();
        for (Painted p : paints.reversed()) {
            if (which.test(p)) {
                // what lies above is joined once for all that lie below it
                Region joined = Region.weld(above);
                above = new ArrayList<>(List.of(joined));
                left.add(p.region().minus(joined));
            }
            if (covering.test(p)) {
                above.add(p.region());
            }
        }
        return Region.weld(left.reversed());
    }

    public List<Region> unwelded(Predicate<Painted> which) {
        return paints.stream().filter(which).flatMap(p -> p.unwelded().stream()).toList();
    }

    /** Those that are of one kind. */
    public Art only(Predicate<Painted> which) {
        return new Art(paints.stream().filter(which).toList());
    }
}
