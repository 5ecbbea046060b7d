package jurren.formats.pdf;

import java.util.OptionalDouble;
import jurren.core.art.Ink;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.trace.Picture;
import jurren.core.trace.TraceSettings;
import jurren.core.trace.Traced;
import jurren.core.trace.Tracer;

/** What a mask made of pixels lets at least half through: its edge is followed as a picture's is. */
final class BrightParts {
    private static final double MOST_PIXELS = 4_000_000;
    private static final int GREY = 0x010101;
    private static final TraceSettings HALF = TraceSettings.USUAL
            .withInk(TraceSettings.Ink.LIGHT)
            .withLevel(OptionalDouble.of(0.5))
            .withSpeck(0);

    private BrightParts() {}

    /** @param byAlpha whether what covers lets through, and not what is light */
    static Region of(Ink.OfPicture ink, boolean byAlpha) {
        Picture whole = ink.of().picture();
        int times = (int) Math.max(1, Math.ceil(Math.sqrt((double) whole.width() * whole.height() / MOST_PIXELS)));
        Picture picture = whole.reduced(times);
        int[] grey = new int[picture.width() * picture.height()];
        for (int y = 0; y < picture.height(); y++) {
            for (int x = 0; x < picture.width(); x++) {
                int p = picture.argb(x, y);
                double through = (p >>> 24)
                        / 255.0
                        * ink.opacity()
                        * (byAlpha ? 1 : (0.3 * (p >> 16 & 0xFF) + 0.59 * (p >> 8 & 0xFF) + 0.11 * (p & 0xFF)) / 255);
                grey[y * picture.width() + x] = 0xFF000000 | (int) Math.round(255 * through) * GREY;
            }
        }
        Traced traced = Tracer.trace(Picture.ofOwned(picture.width(), picture.height(), grey), HALF);
        Placement toMm = Placement.scaled(times).then(ink.toMm());
        return Region.weld(traced.flats().stream()
                .map(f -> f.curves().placed(toMm).enclosed())
                .toList());
    }
}
