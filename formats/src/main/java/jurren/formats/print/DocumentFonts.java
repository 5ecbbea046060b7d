package jurren.formats.print;

import java.io.InputStream;

/** The fonts of the interface and of printed sheets, all under the SIL Open Font License. */
public enum DocumentFonts {
    HEADING("zilla-slab-bold"),
    HEADING_SEMIBOLD("zilla-slab-semibold"),
    TEXT("atkinson-regular"),
    TEXT_SEMIBOLD("atkinson-semibold"),
    TEXT_BOLD("atkinson-bold"),
    MEASURE("plex-mono-regular"),
    MEASURE_SEMIBOLD("plex-mono-semibold");

    private final String file;

    DocumentFonts(String file) {
        this.file = file;
    }

    public InputStream open() {
        InputStream in = DocumentFonts.class.getResourceAsStream("/jurren/formats/fonts/" + file + ".ttf");
        if (in == null) {
            throw new IllegalStateException("the font file " + file + " is missing from the application");
        }
        return in;
    }
}
