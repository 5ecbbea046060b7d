package jurren.core.lettering;

/** A font file that was not taken. */
public final class FontRefused extends Exception {
    private static final long serialVersionUID = 1L;

    /** Why not. */
    public enum Why {
        NO_FONT,
        PACKED,
        CUT_SHORT,
        DAMAGED,
        TOO_LARGE
    }

    private final Why why;

    FontRefused(Why why) {
        super(why.name());
        this.why = why;
    }

    public Why why() {
        return why;
    }
}
