package jurren.core.art;

import java.util.List;
import java.util.Map;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import jurren.core.memo.Scale;

/**
 * A drawing that came from a file. Its shapes are in paint order, in millimetres at the file's own
 * size, around the middle of the whole drawing.
 *
 * @param openEnds where lines without a width of their own stop without closing
 * @param inks     the names that colours have in the file, those of spot colours
 */
public record Drawing(
        DrawingFile file,
        List<DrawnShape> shapes,
        List<Point> openEnds,
        Map<Colour, String> inks,
        double widthFactor,
        double heightFactor)
        implements Source {
    /** Curves take about four times the room of the text they came from. */
    private static final long CURVES_FOR_TEXT = 4;

    public Drawing {
        inks = Map.copyOf(inks);
        shapes = List.copyOf(shapes);
        openEnds = List.copyOf(openEnds);
        Source.checkFactors(widthFactor, heightFactor);
    }

    public static Drawing atFileSize(DrawingFile file, List<DrawnShape> shapes, List<Point> openEnds) {
        return new Drawing(file, shapes, openEnds, Map.of(), 1, 1);
    }

    @Override
    public Drawing resized(double byWidth, double byHeight) {
        Source.checkFactors(byWidth, byHeight);
        return new Drawing(file, shapes, openEnds, inks, widthFactor * byWidth, heightFactor * byHeight);
    }

    public Drawing withInks(Map<Colour, String> named) {
        return new Drawing(file, shapes, openEnds, named, widthFactor, heightFactor);
    }

    @Override
    public void weigh(Scale scale) {
        file.weigh(scale);
        scale.add(shapes, CURVES_FOR_TEXT * file.length());
    }

    /** Equal files read alike, so the file stands for the shapes. */
    @Override
    public boolean equals(Object o) {
        return this == o
                || o instanceof Drawing d
                        && file.equals(d.file)
                        && widthFactor == d.widthFactor
                        && heightFactor == d.heightFactor;
    }

    @Override
    public int hashCode() {
        return 31 * (31 * file.hashCode() + Double.hashCode(widthFactor)) + Double.hashCode(heightFactor);
    }
}
