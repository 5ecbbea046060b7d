package jurren.app.face;

import java.util.List;
import java.util.Map;
import java.util.WeakHashMap;
import javafx.scene.paint.Color;
import javafx.scene.paint.CycleMethod;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Paint;
import javafx.scene.paint.RadialGradient;
import javafx.scene.paint.Stop;
import jurren.core.art.Ink;
import jurren.core.geometry.Region;
import jurren.formats.print.InkRaster;

/** Inks made ready for a screen. */
final class InkPictures {
    private static final double PER_INCH = 100;
    private static final int MOST_PIXELS = 2_000_000;
    /** By the region, which lives as long as the plan it is of. */
    private static final Map<Region, Rendered> MADE = new WeakHashMap<>();

    private record Rendered(Ink of, Ink picture) {}

    private InkPictures() {}

    /** What bends is made a picture, once for each plan. */
    static Ink drawn(Region region, Ink ink) {
        if (!(ink instanceof Ink.Bent) || region.isEmpty()) {
            return ink;
        }
        Rendered made = MADE.get(region);
        if (made == null || made.of != ink) {
            made = new Rendered(ink, InkRaster.flattened(region, ink, PER_INCH, MOST_PIXELS));
            MADE.put(region, made);
        }
        return made.picture;
    }

    /** Over the unit square or circle. */
    static Paint shade(Ink.Shade s) {
        List<Stop> stops = s.stops().stream()
                .map(t -> new Stop(
                        t.at(),
                        Color.rgb(
                                t.argb() >> 16 & 0xFF,
                                t.argb() >> 8 & 0xFF,
                                t.argb() & 0xFF,
                                (t.argb() >>> 24) / 255.0)))
                .toList();
        return s.round()
                ? new RadialGradient(0, 0, 0, 0, 1, false, CycleMethod.NO_CYCLE, stops)
                : new LinearGradient(0, 0, 1, 0, false, CycleMethod.NO_CYCLE, stops);
    }
}
