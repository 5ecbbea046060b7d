package jurren.formats.picture;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;
import jurren.core.trace.Picture;

/** Pictures as PNG, every pixel as it is. */
public final class PictureWriter {
    private PictureWriter() {}

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

    /** With the number of its pixels to the inch in the file. */
    public static byte[] png(BufferedImage image, double perInch) {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
        IIOMetadata metadata = writer.getDefaultImageMetadata(ImageTypeSpecifier.createFromRenderedImage(image), null);
        IIOMetadataNode size = new IIOMetadataNode("pHYs");
        String perMetre = String.valueOf(Math.round(perInch / 0.0254));
        size.setAttribute("pixelsPerUnitXAxis", perMetre);
        size.setAttribute("pixelsPerUnitYAxis", perMetre);
        size.setAttribute("unitSpecifier", "meter");
        IIOMetadataNode root = new IIOMetadataNode("javax_imageio_png_1.0");
        root.appendChild(size);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            metadata.mergeTree("javax_imageio_png_1.0", root);
            writer.setOutput(out);
            writer.write(new IIOImage(image, null, metadata));
        } catch (IOException e) {
            throw new IllegalStateException("a byte array took no more bytes", e);
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }
}
