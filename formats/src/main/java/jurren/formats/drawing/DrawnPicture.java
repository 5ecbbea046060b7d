package jurren.formats.drawing;

import java.awt.image.BufferedImage;
import java.util.Arrays;
import java.util.stream.IntStream;
import jurren.core.art.Pixels;
import jurren.core.memo.Scale;
import jurren.core.trace.Picture;

/** A picture inside a drawing. */
public final class DrawnPicture implements Pixels {
    /** More pixels than this are of no use on a garment, and are made fewer. */
    private static final long ENOUGH_PIXELS = 16_000_000;

    private static final int HASHED = 997;
    private static final int BYTES = 4;

    private final Picture picture;
    private final int hash;

    public DrawnPicture(Picture picture) {
        int times = 1;
        while ((long) (picture.width() / times) * (picture.height() / times) > ENOUGH_PIXELS) {
            times++;
        }
        this.picture = times == 1 ? picture : picture.reduced(times);
        int h = 31 * this.picture.width() + this.picture.height();
        for (int i = 0; i < HASHED; i++) {
            h = 31 * h
                    + this.picture.argb((int) ((long) i * this.picture.width() / HASHED), (int)
                            ((long) i * i % HASHED * this.picture.height() / HASHED));
        }
        this.hash = h;
    }

    public static DrawnPicture of(BufferedImage image) {
        int w = image.getWidth();
        int h = image.getHeight();
        int[] argb = new int[w * h];
        image.getRGB(0, 0, w, h, argb, 0, w);
        return new DrawnPicture(Picture.ofOwned(w, h, argb));
    }

    @Override
    public Picture picture() {
        return picture;
    }

    @Override
    public void weigh(Scale scale) {
        scale.add(picture, (long) BYTES * picture.width() * picture.height());
    }

    @Override
    public boolean equals(Object o) {
        return this == o
                || o instanceof DrawnPicture p
                        && hash == p.hash
                        && picture.width() == p.picture.width()
                        && picture.height() == p.picture.height()
                        && IntStream.range(0, picture.height()).allMatch(y -> Arrays.equals(row(y), p.row(y)));
    }

    private int[] row(int y) {
        int[] row = new int[picture.width()];
        picture.row(y, row);
        return row;
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
