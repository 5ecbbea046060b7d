package jurren.core.art;

import java.util.Arrays;
import jurren.core.memo.Scale;

/** The customer's file as it came, kept with the job, and which of its pages is meant, from 1. */
public final class DrawingFile {
    private final String name;
    private final byte[] content;
    private final int page;
    private final int hash;

    public DrawingFile(String name, byte[] content) {
        this(name, content, 1);
    }

    public DrawingFile(String name, byte[] content, int page) {
        this.name = name;
        this.content = content.clone();
        this.page = page;
        this.hash = 31 * (31 * name.hashCode() + Arrays.hashCode(content)) + page;
    }

    public int page() {
        return page;
    }

    public DrawingFile onPage(int newPage) {
        return new DrawingFile(name, content, newPage);
    }

    int length() {
        return content.length;
    }

    public String name() {
        return name;
    }

    public byte[] content() {
        return content.clone();
    }

    /** What remembering it keeps alive. */
    void weigh(Scale scale) {
        scale.add(content, content.length);
    }

    @Override
    public boolean equals(Object o) {
        return this == o
                || o instanceof DrawingFile f
                        && hash == f.hash
                        && page == f.page
                        && name.equals(f.name)
                        && Arrays.equals(content, f.content);
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
