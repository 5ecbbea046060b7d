package jurren.formats.eps;

import java.awt.geom.AffineTransform;
import java.awt.geom.NoninvertibleTransformException;
import java.io.ByteArrayOutputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.material.Colour;
import jurren.core.trace.Picture;
import jurren.formats.drawing.DrawnPicture;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;

/**
 * A picture as a program tells it: samples row by row, each of so many bits, in one stream or one for each colour.
 *
 * @param space  whose colours they are
 * @param decode from what and to what each colour's samples go
 * @param matrix from the unit square of user space to the samples
 * @param mask   whether samples only say where the colour in use is painted: where they decode to 0
 */
record Samples(
        int width,
        int height,
        int bits,
        Object space,
        double[] decode,
        PsArray matrix,
        List<Object> sources,
        boolean mask) {
    private static final long MOST_PIXELS = 16_000_000;
    private static final int MOST_BITS = 16;
    /** So many bytes are a step, less one. */
    private static final int STEP_BYTES = 0xFF;

    private static final int MOST_KNOWN = 1 << 16;

    /** What components come to. */
    interface Colours {
        Colour of(Object space, double[] components) throws PostScriptException;
    }

    private int components() {
        return decode.length / 2;
    }

    boolean isTooMuch() {
        return width < 1
                || height < 1
                || (long) width * height > MOST_PIXELS
                || bits < 1
                || bits > MOST_BITS
                || components() < 1
                || components() > 32;
    }

    /** Reads all of its samples, whatever becomes of them. */
    Optional<DrawnPicture> read(Machine m, Colours colours, Colour inUse) throws PostScriptException {
        boolean several = sources.size() > 1;
        int each = several ? 1 : components();
        int row = (int) (((long) width * each * bits + 7) / 8);
        if (sources.getFirst() instanceof PsFile f && f.photograph) {
            byte[] whole = f.rest();
            return PictureReader.read("picture", whole) instanceof PictureRead.Taken t
                    ? Optional.of(new DrawnPicture(t.file().picture()))
                    : Optional.empty();
        }
        byte[][] data = new byte[sources.size()][];
        for (int i = 0; i < data.length; i++) {
            data[i] = bytes(m, sources.get(i), (long) row * height);
        }
        int[] argb = new int[width * height];
        Map<Long, Integer> known = new HashMap<>();
        double most = (1L << bits) - 1;
        double[] now = new double[components()];
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                long key = 0;
                for (int c = 0; c < now.length; c++) {
                    int v = several ? sample(data[c], y * row, x) : sample(data[0], y * row, x * each + c);
                    now[c] = decode[2 * c] + v * (decode[2 * c + 1] - decode[2 * c]) / most;
                    key = key * 65_599 + v;
                }
                argb[y * width + x] =
                        mask ? now[0] < 0.5 ? 0xFF000000 | inUse.rgb() : 0 : colour(m, colours, known, key, now);
            }
        }
        return Optional.of(new DrawnPicture(Picture.ofOwned(width, height, argb)));
    }

    private int colour(Machine m, Colours colours, Map<Long, Integer> known, long key, double[] components)
            throws PostScriptException {
        Integer rgb = known.get(key);
        if (rgb == null) {
            m.step();
            rgb = 0xFF000000 | colours.of(space, components.clone()).rgb();
            if (known.size() < MOST_KNOWN) {
                known.put(key, rgb);
            }
        }
        return rgb;
    }

    /** Missing samples are nothing. */
    private int sample(byte[] data, int from, int index) {
        long bit = (long) index * bits;
        int value = 0;
        for (int left = bits; left > 0; ) {
            int at = from + (int) (bit >> 3);
            int b = at < data.length ? data[at] & 0xFF : 0;
            int inByte = 8 - (int) (bit & 7);
            int taken = Math.min(left, inByte);
            value = value << taken | b >> inByte - taken & (1 << taken) - 1;
            bit += taken;
            left -= taken;
        }
        return value;
    }

    private static byte[] bytes(Machine m, Object source, long count) throws PostScriptException {
        ByteArrayOutputStream out = new ByteArrayOutputStream((int) Math.min(count, 1 << 16));
        switch (source) {
            case PsFile f -> {
                for (int b = 0; out.size() < count && (b = f.read()) >= 0; ) {
                    if ((out.size() & STEP_BYTES) == 0) {
                        m.step();
                    }
                    out.write(b);
                }
                if (f != m.currentFile()) {
                    // to the end of what is packed
                    f.rest();
                }
            }
            case PsArray a -> {
                while (out.size() < count) {
                    m.step();
                    m.call(a);
                    PsString s = m.string();
                    if (s.length == 0) {
                        break;
                    }
                    out.write(s.bytes, s.from, s.length);
                }
            }
            case PsString s
            when s.length > 0 -> {
                while (out.size() < count) {
                    m.step();
                    out.write(s.bytes, s.from, s.length);
                }
            }
            default -> {}
        }
        return out.toByteArray();
    }

    /** From its pixels to where it is painted; empty where it has no size. */
    Optional<AffineTransform> place(AffineTransform userToMm, DrawnPicture picture) throws PostScriptException {
        try {
            AffineTransform all = new AffineTransform(userToMm);
            all.concatenate(Painting.transform(matrix).createInverse());
            // made fewer, its pixels are larger
            all.scale(
                    (double) width / picture.picture().width(),
                    (double) height / picture.picture().height());
            return Optional.of(all);
        } catch (NoninvertibleTransformException _) {
            return Optional.empty();
        }
    }
}
