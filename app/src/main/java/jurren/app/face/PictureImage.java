package jurren.app.face;

import java.util.Map;
import java.util.WeakHashMap;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import jurren.core.trace.Picture;

/** Pictures made ready for a screen: no larger than can be seen, and each once. */
public final class PictureImage {
    private static final double MOST_SIDE = 1400;
    private static final Map<Picture, WritableImage> KNOWN = new WeakHashMap<>();

    private PictureImage() {}

    public static WritableImage of(Picture p) {
        return KNOWN.computeIfAbsent(p, PictureImage::make);
    }

    private static WritableImage make(Picture p) {
        Picture shown = p.reduced((int) Math.ceil(Math.max(p.width(), p.height()) / MOST_SIDE));
        WritableImage image = new WritableImage(shown.width(), shown.height());
        int[] row = new int[shown.width()];
        for (int y = 0; y < shown.height(); y++) {
            shown.row(y, row);
            image.getPixelWriter().setPixels(0, y, row.length, 1, PixelFormat.getIntArgbInstance(), row, 0, row.length);
        }
        return image;
    }
}
