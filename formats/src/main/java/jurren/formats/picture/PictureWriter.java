package jurren.formats.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
import jurren.core.trace.Picture;

/** Pictures as PNG, every pixel as it is. */
public final class PictureWriter {
    private PictureWriter() {
    }

    public static byte[] png(Picture picture) {
        BufferedImage image = new BufferedImage(picture.width(), picture.height(), BufferedImage.TYPE_INT_ARGB);
        int[] row = new int[picture.width()];
        for (int y = 0; y < picture.height(); y++) {
            picture.row(y, row);
            image.setRGB(0, y, row.length, 1, row, 0, row.length);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(image, "png", out);
        } catch (IOException e) {
            throw new IllegalStateException("a byte array took no more bytes", e);
        }
        return out.toByteArray();
    }
}
