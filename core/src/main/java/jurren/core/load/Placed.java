package jurren.core.load;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;

/**
 * A cut item in its slot.
 *
 * @param slot   the rectangle that is its own on the film; where frames are on, the frame is its edge
 * @param onto   from the face to the film
 * @param turned a quarter turn, counter-clockwise as the knife sees it
 */
public record Placed(CutItem item, Box slot, Placement onto, boolean turned) {
}
