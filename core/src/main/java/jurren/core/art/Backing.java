package jurren.core.art;

import jurren.core.geometry.CornerStyle;
import jurren.core.material.Colour;

/**
 * One shape around everything that stands above it on the face, whatever that is: the ground of a
 * sticker. Holes smaller across than twice the distance close by themselves; others are filled on wish.
 */
public record Backing(double distanceMm, CornerStyle corners, boolean holesFilled, Colour colour) implements Source {
    public Backing {
        if (!(distanceMm >= 0 && distanceMm < 1e4)) {
            throw new IllegalArgumentException(
                    "a backing must reach 0 mm or more beyond what it backs but was " + distanceMm + " mm");
        }
    }

    /** It is as large as what it backs. */
    @Override
    public Backing resized(double widthFactor, double heightFactor) {
        return this;
    }

    public Backing withDistance(double mm) {
        return new Backing(mm, corners, holesFilled, colour);
    }

    public Backing withCorners(CornerStyle newCorners) {
        return new Backing(distanceMm, newCorners, holesFilled, colour);
    }

    public Backing withHolesFilled(boolean filled) {
        return new Backing(distanceMm, corners, filled, colour);
    }

    public Backing withColour(Colour newColour) {
        return new Backing(distanceMm, corners, holesFilled, newColour);
    }
}
