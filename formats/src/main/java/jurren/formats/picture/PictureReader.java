package jurren.formats.picture;

import com.drew.imaging.ImageMetadataReader;
import com.drew.imaging.ImageProcessingException;
import com.drew.metadata.Metadata;
import com.drew.metadata.MetadataException;
import com.drew.metadata.bmp.BmpHeaderDirectory;
import com.drew.metadata.exif.ExifIFD0Directory;
import com.drew.metadata.jfif.JfifDirectory;
import com.drew.metadata.png.PngDirectory;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.util.Iterator;
import java.util.OptionalDouble;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.MemoryCacheImageInputStream;
import jurren.core.art.PictureFile;
import jurren.core.trace.Picture;
import jurren.formats.Refusal;
import jurren.formats.Refusal.Reason;
import jurren.formats.files.FileKind;

/** Reads PNG, JPEG, BMP, GIF, TIFF and WebP from bytes alone, up to {@link Picture#MOST_PIXELS}. */
public final class PictureReader {
    private static final int MOST_BYTES = 256 << 20;
    private static final double LEAST_PER_INCH = 20;
    private static final double MOST_PER_INCH = 5000;

    static {
        // nothing is put beside the file while it is read
        ImageIO.setUseCache(false);
    }

    private PictureReader() {}

    public static PictureRead read(String name, byte[] content) {
        if (content.length == 0) {
            return refused(Reason.EMPTY, name, "");
        }
        if (content.length > MOST_BYTES) {
            return refused(Reason.TOO_LARGE, name, content.length / (1 << 20) + " MB");
        }
        try {
            if (Chunks.isHalfJpeg(content)) {
                throw new EOFException();
            }
            Picture picture = decode(content);
            return new PictureRead.Taken(
                    new PictureFile(name, content, picture, PictureReader::again), perInch(metadata(content)));
        } catch (TooLarge e) {
            return refused(Reason.PICTURE_TOO_LARGE, name, e.getMessage());
        } catch (NoPicture _) {
            return refused(Reason.NOT_A_PICTURE, name, "");
        } catch (IOException | RuntimeException e) {
            // readers meet damage with exceptions of many unrelated kinds; whichever it is, the picture cannot be seen
            if (FileKind.isHalfPicture(content)) {
                return refused(Reason.SOMETHING_ELSE, name, FileKind.of(content).key());
            }
            return refused(
                    Reason.BROKEN_PICTURE,
                    name,
                    e.getMessage() == null || e.getMessage().contains("Exception")
                            ? "its data ends early or does not fit together"
                            : e.getMessage().lines().findFirst().orElse(""));
        }
    }

    /** Whether the first bytes are those of a picture that may be read. */
    public static boolean looksLike(byte[] content) {
        try (MemoryCacheImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(content))) {
            return ImageIO.getImageReaders(in).hasNext();
        } catch (IOException | RuntimeException _) {
            return false;
        }
    }

    /** Whether its pixels stand in the file as they are seen, not turned as a camera was held. */
    public static boolean isUpright(byte[] content) {
        return orientation(metadata(content)) == 1;
    }

    private static Picture again(byte[] content) {
        try {
            return decode(content);
        } catch (IOException e) {
            throw new IllegalStateException("a picture that could be read can no longer be", e);
        }
    }

    private static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1L;

        TooLarge(String size) {
            super(size);
        }
    }

    private static final class NoPicture extends IOException {
        private static final long serialVersionUID = 1L;
    }

    private static Picture decode(byte[] whole) throws IOException {
        byte[] content = Chunks.plain(whole);
        try (MemoryCacheImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(content))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw new NoPicture();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                int width = reader.getWidth(0);
                int height = reader.getHeight(0);
                if ((long) width * height > Picture.MOST_PIXELS || width < 1 || height < 1) {
                    throw new TooLarge(width + " x " + height);
                }
                return turned(pixels(reader.read(0)), width, height, orientation(metadata(content)));
            } finally {
                reader.dispose();
            }
        }
    }

    private static int[] pixels(BufferedImage image) {
        int w = image.getWidth();
        int h = image.getHeight();
        int[] argb = new int[w * h];
        IntStream.range(0, h).forEach(y -> image.getRGB(0, y, w, 1, argb, y * w, w));
        return argb;
    }

    private static Metadata metadata(byte[] whole) {
        byte[] content = Chunks.plain(whole);
        try {
            return ImageMetadataReader.readMetadata(new ByteArrayInputStream(content), content.length);
        } catch (ImageProcessingException | IOException | RuntimeException _) {
            return new Metadata();
        }
    }

    /** As the camera says, 1 to 8; 1 is upright. */
    private static int orientation(Metadata metadata) {
        ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
        Integer value = exif == null ? null : exif.getInteger(ExifIFD0Directory.TAG_ORIENTATION);
        return value == null || value < 1 || value > 8 ? 1 : value;
    }

    private static Picture turned(int[] argb, int w, int h, int orientation) {
        if (orientation == 1) {
            return Picture.ofOwned(w, h, argb);
        }
        boolean sideways = orientation >= 5;
        int width = sideways ? h : w;
        int height = sideways ? w : h;
        int[] to = new int[argb.length];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                int fromX = switch (orientation) {
                    case 2, 3 -> w - 1 - x;
                    case 4 -> x;
                    case 5, 6 -> y;
                    default -> w - 1 - y;
                };
                int fromY = switch (orientation) {
                    case 2 -> y;
                    case 3, 4 -> h - 1 - y;
                    case 5, 8 -> x;
                    default -> h - 1 - x;
                };
                to[y * width + x] = argb[fromY * w + fromX];
            }
        }
        return Picture.ofOwned(width, height, to);
    }

    private static OptionalDouble perInch(Metadata metadata) {
        try {
            double found = fromTags(metadata);
            return found >= LEAST_PER_INCH && found <= MOST_PER_INCH
                    ? OptionalDouble.of(found)
                    : OptionalDouble.empty();
        } catch (MetadataException _) {
            return OptionalDouble.empty();
        }
    }

    private static double fromTags(Metadata metadata) throws MetadataException {
        for (PngDirectory png : metadata.getDirectoriesOfType(PngDirectory.class)) {
            if (png.containsTag(PngDirectory.TAG_PIXELS_PER_UNIT_X)
                    && png.getInt(PngDirectory.TAG_UNIT_SPECIFIER) == 1) {
                return png.getInt(PngDirectory.TAG_PIXELS_PER_UNIT_X) * 0.0254;
            }
        }
        JfifDirectory jfif = metadata.getFirstDirectoryOfType(JfifDirectory.class);
        if (jfif != null && jfif.containsTag(JfifDirectory.TAG_UNITS) && jfif.getInt(JfifDirectory.TAG_UNITS) > 0) {
            return jfif.getResX() * (jfif.getInt(JfifDirectory.TAG_UNITS) == 2 ? 2.54 : 1);
        }
        ExifIFD0Directory exif = metadata.getFirstDirectoryOfType(ExifIFD0Directory.class);
        if (exif != null && exif.containsTag(ExifIFD0Directory.TAG_X_RESOLUTION)) {
            boolean centimetres = exif.containsTag(ExifIFD0Directory.TAG_RESOLUTION_UNIT)
                    && exif.getInt(ExifIFD0Directory.TAG_RESOLUTION_UNIT) == 3;
            return exif.getDouble(ExifIFD0Directory.TAG_X_RESOLUTION) * (centimetres ? 2.54 : 1);
        }
        BmpHeaderDirectory bmp = metadata.getFirstDirectoryOfType(BmpHeaderDirectory.class);
        if (bmp != null && bmp.containsTag(BmpHeaderDirectory.TAG_X_PIXELS_PER_METER)) {
            return bmp.getInt(BmpHeaderDirectory.TAG_X_PIXELS_PER_METER) * 0.0254;
        }
        return 0;
    }

    private static PictureRead refused(Reason reason, String name, String detail) {
        return new PictureRead.Refused(new Refusal(reason, name, detail));
    }
}
