package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;

/**
 * Slits narrower than {@code upToMm} are filled with the lowest colour, which then runs {@code underMm} under those
 * beside them: two cuts that nearly touch become one part, and two colours meet.
 */
public record CloseGaps(double upToMm, double underMm) implements Treatment {
    private static final double OVER = 1.05;
    /** So much a filling overlaps the edges beside it, that no hair stays between. */
    private static final double TOUCH_MM = 0.002;

    public CloseGaps {
        Limits.above("a gap", upToMm, 0);
        Limits.within("how far it runs under", underMm, 0, 20);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        if (paints.isEmpty()) {
            return paints;
        }
        Region whole = Paint.welded(paints);
        Region along = whole.narrowBands(upToMm, true);
        if (along.isEmpty()) {
            return paints;
        }
        // a band has round ends, which would stand out of a slit's open end
        double reach = upToMm / 2 * OVER;
        Region bands = along.intersect(whole.grown(reach, CornerStyle.MITRED).grown(-reach, CornerStyle.MITRED))
                .grown(TOUCH_MM, CornerStyle.MITRED);
        List<Paint> all = new ArrayList<>(paints);
        List<Region> lowest = new ArrayList<>(all.getFirst().parts());
        lowest.add(underMm > 0 && paints.size() > 1 ? bands.grown(underMm, CornerStyle.ROUND) : bands);
        all.set(0, all.getFirst().withParts(List.of(Region.weld(lowest))));
        return all;
    }
}
