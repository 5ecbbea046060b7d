package jurren.core.finish;

import jurren.core.material.Recipe;

/**
 * One layer as the press sees it.
 *
 * @param layer  its number, 1 for the lowest
 * @param recipe how it is pressed
 * @param masked whether it is lifted off its backing with a mask on its face, which holds it until it is pressed
 * @param sheet  whether it is a printed sheet, taped face down and lifted again, which needs its own full dwell
 */
public record Pressed(int layer, Recipe recipe, boolean sheet, boolean masked) {
    public Pressed(int layer, Recipe recipe, boolean sheet) {
        this(layer, recipe, sheet, false);
    }

    /** What a print takes: the middle of its range. */
    double sheetS() {
        return (recipe.leastS() + recipe.mostS()) / 2;
    }

    /** The seconds under heat with others still to come. */
    double briefS() {
        return sheet ? sheetS() : recipe.tackS();
    }
}
