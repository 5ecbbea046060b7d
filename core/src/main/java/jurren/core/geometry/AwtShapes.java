package jurren.core.geometry;

import java.awt.geom.Path2D;

/** Regions for a 2D painter. */
public final class AwtShapes {
    private AwtShapes() {}

    /** All edges in one path, to be filled even-odd. */
    public static Path2D path(Region region) {
        Path2D.Double path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
        for (Piece piece : region.pieces()) {
            add(path, piece.outer());
            piece.holes().forEach(h -> add(path, h));
        }
        return path;
    }

    private static void add(Path2D path, Outline outline) {
        path.moveTo(outline.xMm(0), outline.yMm(0));
        for (int i = 1; i < outline.size(); i++) {
            path.lineTo(outline.xMm(i), outline.yMm(i));
        }
        path.closePath();
    }
}
