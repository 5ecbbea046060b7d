package jurren.core.art;

import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.trace.Picture;
import jurren.core.trace.Straightening;

/**
 * A picture that lies under the art to draw over. Nothing is made of it.
 *
 * @param strength from 0, not seen, to 1, not seen through
 */
public record Guide(PictureFile file, Optional<Straightening> straightening, double mmPerPx, double strength)
        implements Source {
    public Guide {
        Source.checkFactors(mmPerPx, 1);
        if (!(strength >= 0 && strength <= 1)) {
            throw new IllegalArgumentException("a strength is between 0 and 1 but was " + strength);
        }
    }

    public Picture straightened() {
        return TracedPicture.straightened(file, straightening);
    }

    public int widthPx() {
        return straightening
                .map(Straightening::width)
                .orElseGet(() -> file.picture().width());
    }

    public int heightPx() {
        return straightening
                .map(Straightening::height)
                .orElseGet(() -> file.picture().height());
    }

    /** Around its own middle. */
    public Box box() {
        double w = widthPx() * mmPerPx;
        double h = heightPx() * mmPerPx;
        return new Box(-w / 2, -h / 2, w / 2, h / 2);
    }

    /** So large that two points on it, given as they stand now, are so far apart. */
    public Guide scaledBy(Point a, Point b, double distanceMm) {
        double now = a.distanceMm(b);
        if (!(now > 0) || !(distanceMm > 0)) {
            throw new IllegalArgumentException("two different points and a distance above zero scale a picture, not "
                    + now + " and " + distanceMm);
        }
        return new Guide(file, straightening, mmPerPx * distanceMm / now, strength);
    }

    public Guide withStrength(double newStrength) {
        return new Guide(file, straightening, mmPerPx, newStrength);
    }

    @Override
    public Guide resized(double widthFactor, double heightFactor) {
        Source.checkFactors(widthFactor, heightFactor);
        return new Guide(file, straightening, mmPerPx * widthFactor, strength);
    }
}
