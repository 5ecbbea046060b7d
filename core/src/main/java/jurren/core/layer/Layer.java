package jurren.core.layer;

import jurren.core.memo.Scale;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;
import jurren.core.geometry.Thinness;
import jurren.core.geometry.Warp;
import jurren.core.material.Colour;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * One thickness of one film, on the face as the customer sees it.
 *
 * @param order    1 for the lowest
 * @param region   what the film covers
 * @param seen     what of it stays in sight
 * @param unwelded overlapping parts whose own edges a knife would follow
 * @param join     how it meets the layers under it
 * @param print    the colours of a print, side by side; empty for film, which has one colour
 */
public record Layer(int order, Colour colour, Region region, Region seen, List<Region> unwelded, Join join,
                    Thinness thinnest, Map<Colour, Region> print) {
    public Layer {
        unwelded = List.copyOf(unwelded);
        print = Collections.unmodifiableMap(new LinkedHashMap<>(print));
    }

    /** Everything that is seen, as one print; its colour is the one that covers most. */
    public static Layer printed(Map<Colour, Region> seen) {
        Region all = Region.weld(seen.values());
        Colour most = seen.entrySet().stream().max(Comparator.comparingDouble(e -> e.getValue().areaMm2()))
                .orElseThrow().getKey();
        return new Layer(1, most, all, all, List.of(), Join.LAID_OVER, all.thinnest(), seen);
    }

    /** The same layer with every point somewhere else. */
    public Layer mapped(Warp warp) {
        Map<Colour, Region> colours = new LinkedHashMap<>();
        print.forEach((c, r) -> colours.put(c, r.warped(warp)));
        return warp == Warp.NONE ? this : new Layer(order, colour, region.warped(warp), seen.warped(warp), unwelded, join,
                thinnest, colours);
    }

    /** What remembering it keeps alive. */
    public void weigh(Scale scale) {
        region.weigh(scale);
        seen.weigh(scale);
        unwelded.forEach(r -> r.weigh(scale));
        print.values().forEach(r -> r.weigh(scale));
    }

    public boolean isPrint() {
        return !print.isEmpty();
    }

    /** What to paint in which colour. */
    public Map<Colour, Region> paints() {
        return isPrint() ? print : Map.of(colour, region);
    }

    /** What a knife follows: the region's pieces, or the parts themselves where they were not welded. */
    public List<Piece> cutPieces() {
        if (unwelded.isEmpty()) {
            return region.pieces();
        }
        List<Piece> pieces = new ArrayList<>();
        for (Piece piece : region.pieces()) {
            Region whole = piece.region();
            if (unwelded.stream().allMatch(part -> part.intersect(whole).isEmpty())) {
                pieces.add(piece);
            }
        }
        unwelded.forEach(part -> pieces.addAll(part.intersect(region).pieces()));
        return pieces;
    }
}
