package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Others;
import jurren.core.art.Paint;
import jurren.core.art.Referring;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * Filled with another motif in rows, every second row set off by half; tiles that cross the edge are
 * cut by it. Cut through or in a second colour.
 */
public record Tiles(String other, double acrossMm, double spacingMm, boolean cutThrough, Colour colour)
        implements Referring {
    public Tiles {
        Limits.ofPattern("a tile", acrossMm);
        Limits.within("a spacing", spacingMm, 0, 1000);
    }

    @Override
    public Tiles withOther(String newOther) {
        return new Tiles(newOther, acrossMm, spacingMm, cutThrough, colour);
    }

    @Override
    public List<Paint> apply(List<Paint> paints, Others others) {
        Region shape = Paint.welded(paints);
        Region tile = others.asBuilt(other).map(Paint::welded).orElse(Region.EMPTY);
        if (shape.isEmpty() || tile.isEmpty()) {
            return paints;
        }
        Box b = tile.bounds();
        double factor = acrossMm / b.widthMm();
        Region fitted = Lattice.centred(tile, factor);
        return Pattern.fill(
                paints,
                Pattern.Tiling.of(0, 0, false),
                s -> new Lattice(s.bounds(), acrossMm + spacingMm, b.heightMm() * factor + spacingMm)
                        .everywhere(fitted),
                cutThrough,
                colour);
    }
}
