package jurren.core.blank;

import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;

/**
 * A photo of the thing, laid behind its drawing.
 *
 * @param file      its name, beside the blank
 * @param mmPerPx   its scale
 * @param xMm       where its left edge lies on the face
 * @param yMm       where its upper edge lies
 */
public record Photo(String file, double mmPerPx, double xMm, double yMm) {
    public Photo {
        if (!(mmPerPx > 0 && Double.isFinite(mmPerPx))) {
            throw new IllegalArgumentException("a photo's scale must be above zero but was " + mmPerPx);
        }
    }

    /**
     * Scaled by two points whose distance is known. The middle between them is laid on the middle of
     * the face's upper edge, from where it can be moved.
     */
    public static Photo scaledBy(String file, Point aPx, Point bPx, double distanceMm) {
        double pixels = aPx.distanceMm(bPx);
        if (!(pixels > 0) || !(distanceMm > 0)) {
            throw new IllegalArgumentException("two different points and a distance above zero are needed");
        }
        double scale = distanceMm / pixels;
        Point middle = aPx.towards(bPx, 0.5);
        return new Photo(file, scale, -middle.xMm() * scale, -Math.min(aPx.yMm(), bPx.yMm()) * scale);
    }

    /** From its pixels to the face. */
    public Placement ontoFace() {
        return Placement.scaled(mmPerPx, mmPerPx).then(Placement.moved(xMm, yMm));
    }

    /** Which of its pixels lies there. */
    public Point pixelAt(Point face) {
        return new Point((face.xMm() - xMm) / mmPerPx, (face.yMm() - yMm) / mmPerPx);
    }
}
