package jurren.core.load;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;

/**
 * A cut item in its place.
 *
 * @param cell    what is its own on the film: its outline with what keeps others away
 * @param onto    from the face to the film
 * @param degrees how it is turned, counter-clockwise as the knife sees it
 */
public record Placed(CutItem item, Region cell, Placement onto, double degrees) {
    /** Where the item itself lies. */
    public Box box() {
        return item.layer().region().bounds().placed(onto);
    }

    /** As a rectangle around its cell. */
    public Box slot() {
        return cell.bounds();
    }

    /** A quarter turn either way. */
    public boolean turned() {
        return Math.abs(degrees % 180) == 90;
    }
}
