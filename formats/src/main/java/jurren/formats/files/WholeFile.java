package jurren.formats.files;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;

/** A file read as a whole, as far as anything here is ever so large. */
public final class WholeFile {
    /** No drawing, picture or job comes near this. */
    public static final int MOST_BYTES = 512 << 20;

    private static final double MB = 1 << 20;

    /** The file is larger than is ever read. */
    public static final class TooLarge extends IOException {
        private static final long serialVersionUID = 1L;

        private TooLarge(double bytes, int most) {
            super(String.format(
                    java.util.Locale.ROOT, "it holds %,.0f MB, and at most %,.0f MB are read", bytes / MB, most / MB));
        }
    }

    private WholeFile() {}

    public static byte[] read(Path file) throws IOException {
        return read(file, MOST_BYTES);
    }

    /** Also of what grows while it is read, or has no length of its own. */
    static byte[] read(Path file, int most) throws IOException {
        long size = Files.size(file);
        if (size > most) {
            throw new TooLarge(size, most);
        }
        try (InputStream in = Files.newInputStream(file)) {
            byte[] bytes = in.readNBytes(most);
            if (in.read() >= 0) {
                throw new TooLarge(bytes.length + 1.0, most);
            }
            return bytes;
        }
    }
}
