package jurren.core.finish;

import java.util.List;
import java.util.Set;
import jurren.core.material.Recipe;

/**
 * One layer as the press sees it.
 *
 * @param layer     its number, 1 for the lowest
 * @param recipe    how it is pressed
 * @param sheet     whether it is a printed sheet, taped face down and lifted again, which takes its full dwell at once
 * @param readied   what hands do to it before it is laid: a mask that lifts it off its backing, stones that are set
 * @param topOnly   whether nothing can go onto it
 * @param thickMm   what keeps it warm
 * @param times     how often its most heated spot is pressed in one closing over all positions
 * @param positions where the press must close to reach it, by their number from 0
 */
public record Pressed(
        int layer,
        Recipe recipe,
        boolean sheet,
        List<Readying> readied,
        boolean topOnly,
        double thickMm,
        int times,
        Set<Integer> positions) {
    public Pressed {
        positions = Set.copyOf(positions);
    }

    /** In one position. */
    public Pressed(int layer, Recipe recipe, boolean sheet) {
        this(layer, recipe, sheet, List.of(), false, 0.09, 1, Set.of(0));
    }
}
