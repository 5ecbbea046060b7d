package jurren.core.cut;

import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.load.Load;

/** The cross marks printed in the corners of a sheet that is cut afterwards, as the knife sees them. */
public final class PrintMarks {
    /** From the sheet's edges to the middle of each. */
    public static final double IN_MM = 5;

    private PrintMarks() {}

    /** In the start corner, then on along the feed and round; none where nothing is printed. */
    public static List<Point> of(Load load) {
        if (load.placed().stream().noneMatch(p -> p.item().layer().isPrint())) {
            return List.of();
        }
        Box at = new Box(0, 0, load.usedMm(), load.stock().widthMm()).grown(-IN_MM);
        return List.of(
                new Point(at.minXMm(), at.minYMm()),
                new Point(at.maxXMm(), at.minYMm()),
                new Point(at.maxXMm(), at.maxYMm()),
                new Point(at.minXMm(), at.maxYMm()));
    }
}
