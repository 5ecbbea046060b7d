package jurren.core.art;

import java.lang.ref.SoftReference;
import java.util.Arrays;
import java.util.function.Function;
import jurren.core.memo.Scale;
import jurren.core.trace.Picture;
import jurren.core.trace.Straightening;

/**
 * The customer's picture as it came, kept with the job. Its pixels are worked out when they are wanted and let go when
 * room is short.
 */
public final class PictureFile implements Pixels {
    private final String name;
    private final byte[] content;
    private final Function<byte[], Picture> reader;
    private final int hash;
    private SoftReference<Picture> pixels;
    private Straightening straightenedBy;
    private SoftReference<Picture> straightened = new SoftReference<>(null);

    /**
     * @param pixels of the content
     * @param reader gets them from the content again
     */
    public PictureFile(String name, byte[] content, Picture pixels, Function<byte[], Picture> reader) {
        this.name = name;
        this.content = content.clone();
        this.reader = reader;
        this.pixels = new SoftReference<>(pixels);
        this.hash = 31 * name.hashCode() + Arrays.hashCode(content);
    }

    public String name() {
        return name;
    }

    public byte[] content() {
        return content.clone();
    }

    @Override
    public synchronized Picture picture() {
        Picture known = pixels.get();
        if (known == null) {
            known = reader.apply(content);
            pixels = new SoftReference<>(known);
        }
        return known;
    }

    /** The last one asked for is kept. */
    synchronized Picture straightened(Straightening by) {
        Picture known = by.equals(straightenedBy) ? straightened.get() : null;
        if (known == null) {
            known = by.of(picture());
            straightened = new SoftReference<>(known);
            straightenedBy = by;
        }
        return known;
    }

    @Override
    public void weigh(Scale scale) {
        scale.add(content, content.length);
    }

    @Override
    public boolean equals(Object o) {
        return this == o
                || o instanceof PictureFile f
                        && hash == f.hash
                        && name.equals(f.name)
                        && Arrays.equals(content, f.content);
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
