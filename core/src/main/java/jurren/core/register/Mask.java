package jurren.core.register;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.util.Optional;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/** A region in pixels, one bit each, so that a thousand comparisons of whole faces take a second. */
final class Mask {
    private static final int WORD = 64;

    private final int width;
    private final int height;
    private final int stride;
    private final long[] bits;

    private Mask(int width, int height, long[] bits) {
        this.width = width;
        this.height = height;
        this.stride = (width + WORD - 1) / WORD;
        this.bits = bits;
    }

    static Mask empty(int width, int height) {
        return new Mask(width, height, new long[(width + WORD - 1) / WORD * height]);
    }

    /** Pixels whose middle lies in the region. */
    static Mask of(Region region, Grid grid) {
        Mask mask = empty(grid.width(), grid.height());
        if (region.isEmpty()) {
            return mask;
        }
        BufferedImage image = new BufferedImage(grid.width(), grid.height(), BufferedImage.TYPE_BYTE_BINARY);
        Graphics2D g = image.createGraphics();
        g.transform(grid.toPx().toAwt());
        g.setColor(Color.WHITE);
        g.fill(AwtShapes.path(region));
        g.dispose();
        byte[] bytes = ((DataBufferByte) image.getRaster().getDataBuffer()).getData();
        int bytesPerRow = (grid.width() + 7) / 8;
        for (int y = 0; y < grid.height(); y++) {
            for (int b = 0; b < bytesPerRow; b++) {
                long eight = Integer.toUnsignedLong(Integer.reverse(bytes[y * bytesPerRow + b] & 0xFF) >>> 24);
                mask.bits[y * mask.stride + b / 8] |= eight << 8 * (b % 8);
            }
        }
        mask.trim();
        return mask;
    }

    /** Bits beyond the last pixel of a row count for nothing. */
    private void trim() {
        if (width % WORD != 0) {
            long last = -1L >>> WORD - width % WORD;
            for (int y = 0; y < height; y++) {
                bits[y * stride + stride - 1] &= last;
            }
        }
    }

    Mask copy() {
        return new Mask(width, height, bits.clone());
    }

    Mask or(Mask other) {
        for (int i = 0; i < bits.length; i++) {
            bits[i] |= other.bits[i];
        }
        return this;
    }

    Mask and(Mask other) {
        for (int i = 0; i < bits.length; i++) {
            bits[i] &= other.bits[i];
        }
        return this;
    }

    Mask without(Mask other) {
        for (int i = 0; i < bits.length; i++) {
            bits[i] &= ~other.bits[i];
        }
        return this;
    }

    Mask inverted() {
        Mask all = copy();
        for (int i = 0; i < all.bits.length; i++) {
            all.bits[i] = ~all.bits[i];
        }
        all.trim();
        return all;
    }

    /** Everything so many pixels to the right and down; what leaves the face is lost. */
    Mask moved(int right, int down) {
        Mask to = empty(width, height);
        int words = Math.floorDiv(right, WORD);
        int shift = Math.floorMod(right, WORD);
        for (int y = Math.max(0, down); y < Math.min(height, height + down); y++) {
            int from = (y - down) * stride;
            int row = y * stride;
            for (int w = 0; w < stride; w++) {
                int source = w - words;
                long value = source >= 0 && source < stride ? bits[from + source] << shift : 0;
                if (shift > 0 && source - 1 >= 0 && source - 1 < stride) {
                    value |= bits[from + source - 1] >>> WORD - shift;
                }
                to.bits[row + w] = value;
            }
        }
        to.trim();
        return to;
    }

    int rows() {
        return height;
    }

    int wordsARow() {
        return stride;
    }

    long word(int row, int at) {
        return bits[row * stride + at];
    }

    /**
     * A row of what this is moved so far to the right, without moving all of it; false, and nothing, when it would be
     * empty.
     */
    boolean row(int row, int right, long[] into) {
        if (row < 0 || row >= height) {
            return false;
        }
        int words = Math.floorDiv(right, WORD);
        int shift = Math.floorMod(right, WORD);
        int from = row * stride;
        long any = 0;
        long carried = 0;
        for (int w = 0; w < stride; w++) {
            int source = w - words;
            long value = source >= 0 && source < stride ? bits[from + source] : 0;
            into[w] = shift == 0
                    ? value
                    : value << shift | (w == 0 && source > 0 ? bits[from + source - 1] : carried) >>> WORD - shift;
            carried = value;
            any |= into[w];
        }
        return any != 0;
    }

    /** Everything within so many pixels to the side and up or down. */
    Mask dilated(int by) {
        Mask wide = copy();
        for (int done = 0; done < by; ) {
            int step = Math.min(by - done, done + 1);
            Mask before = wide.copy();
            wide.or(before.moved(step, 0)).or(before.moved(-step, 0));
            done += step;
        }
        Mask all = wide;
        for (int done = 0; done < by; ) {
            int step = Math.min(by - done, done + 1);
            Mask before = all.copy();
            all.or(before.moved(0, step)).or(before.moved(0, -step));
            done += step;
        }
        return all;
    }

    /** With everything filled that a square of that size does not get into. */
    Mask closed(int by) {
        return dilated(by).inverted().dilated(by).inverted();
    }

    /**
     * What is left when a pixel is taken off all round; by turns along the rows alone and slantwise too, which comes
     * near a circle.
     */
    private Mask eroded(int turn) {
        if (turn % 2 == 0) {
            return copy().and(moved(1, 0)).and(moved(-1, 0)).and(moved(0, 1)).and(moved(0, -1));
        }
        Mask rows = copy().and(moved(1, 0)).and(moved(-1, 0));
        return rows.copy().and(rows.moved(0, 1)).and(rows.moved(0, -1));
    }

    /** How wide it is at its widest, in pixels. */
    int widest() {
        int width = 0;
        Mask left = this;
        for (int turn = 0; !left.isEmpty(); turn++) {
            Mask less = left.eroded(turn);
            // the last of two pixels beside each other goes in one step
            width += less.isEmpty()
                            && left.copy().and(left.moved(1, 0)).isEmpty()
                            && left.copy().and(left.moved(0, 1)).isEmpty()
                    ? 1
                    : 2;
            left = less;
        }
        return width;
    }

    /** Somewhere in its widest part. */
    Optional<Point> middle() {
        Mask left = this;
        int turn = 0;
        for (Mask less = left.eroded(turn); !less.isEmpty(); less = less.eroded(++turn)) {
            left = less;
        }
        for (int i = 0; i < left.bits.length; i++) {
            if (left.bits[i] != 0) {
                return Optional.of(new Point(
                        (i % stride) * WORD + Long.numberOfTrailingZeros(left.bits[i]) + 0.5, i / stride + 0.5));
            }
        }
        return Optional.empty();
    }

    boolean isEmpty() {
        for (long word : bits) {
            if (word != 0) {
                return false;
            }
        }
        return true;
    }
}
