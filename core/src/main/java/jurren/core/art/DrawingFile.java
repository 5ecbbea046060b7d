package jurren.core.art;

import java.util.Arrays;

/** The customer's file as it came, kept with the job. */
public final class DrawingFile {
    private final String name;
    private final byte[] content;
    private final int hash;

    public DrawingFile(String name, byte[] content) {
        this.name = name;
        this.content = content.clone();
        this.hash = 31 * name.hashCode() + Arrays.hashCode(content);
    }

    public String name() {
        return name;
    }

    public byte[] content() {
        return content.clone();
    }

    @Override
    public boolean equals(Object o) {
        return this == o || o instanceof DrawingFile f && hash == f.hash && name.equals(f.name) && Arrays.equals(content, f.content);
    }

    @Override
    public int hashCode() {
        return hash;
    }
}
