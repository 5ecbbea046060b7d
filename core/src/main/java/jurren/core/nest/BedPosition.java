package jurren.core.nest;

import jurren.core.geometry.Placement;

/**
 * Where a cutout lies: turned about the origin, then moved.
 *
 * @param bed     on which, from 0
 * @param degrees counter-clockwise as the knife sees it
 */
public record BedPosition(int bed, double degrees, double xMm, double yMm) {
    public Placement placement() {
        return Placement.turned(degrees).then(Placement.moved(xMm, yMm));
    }
}
