package jurren.core.art;

import jurren.core.geometry.Point;
import java.util.List;

/**
 * A drawing that came from a file. Its shapes are in paint order, in millimetres at the file's own
 * size, around the middle of the whole drawing.
 *
 * @param openEnds where lines without a width of their own stop without closing
 */
public record Drawing(DrawingFile file, List<DrawnShape> shapes, List<Point> openEnds,
                      double widthFactor, double heightFactor) implements Source {
    public Drawing {
        shapes = List.copyOf(shapes);
        openEnds = List.copyOf(openEnds);
        Source.checkFactors(widthFactor, heightFactor);
    }

    public static Drawing atFileSize(DrawingFile file, List<DrawnShape> shapes, List<Point> openEnds) {
        return new Drawing(file, shapes, openEnds, 1, 1);
    }

    @Override
    public Drawing resized(double byWidth, double byHeight) {
        Source.checkFactors(byWidth, byHeight);
        return new Drawing(file, shapes, openEnds, widthFactor * byWidth, heightFactor * byHeight);
    }

    /** Equal files read alike, so the file stands for the shapes. */
    @Override
    public boolean equals(Object o) {
        return this == o || o instanceof Drawing d && file.equals(d.file)
                && widthFactor == d.widthFactor && heightFactor == d.heightFactor;
    }

    @Override
    public int hashCode() {
        return 31 * (31 * file.hashCode() + Double.hashCode(widthFactor)) + Double.hashCode(heightFactor);
    }
}
