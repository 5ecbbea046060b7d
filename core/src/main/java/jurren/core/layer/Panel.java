package jurren.core.layer;

import jurren.core.geometry.Region;

/**
 * Which panel of a film a layer is.
 *
 * @param number from the left or from the top, from 1
 * @param marks  cut beside it, to lie on those of its neighbours; taken off again
 */
public record Panel(int number, int of, Region marks) {
}
