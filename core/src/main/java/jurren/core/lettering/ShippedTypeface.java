package jurren.core.lettering;

/** A font that ships with the application, under the SIL Open Font License. */
public enum ShippedTypeface implements Typeface {
    ANTON("anton", "Anton", Kind.BLOCK),
    BEBAS_NEUE("bebas-neue", "Bebas Neue", Kind.CONDENSED),
    ALFA_SLAB_ONE("alfa-slab-one", "Alfa Slab One", Kind.SLAB),
    FREDOKA("fredoka", "Fredoka", Kind.ROUNDED),
    ABRIL_FATFACE("abril-fatface", "Abril Fatface", Kind.SERIF),
    RYE("rye", "Rye", Kind.POSTER),
    SAIRA_STENCIL_ONE("saira-stencil-one", "Saira Stencil One", Kind.STENCIL),
    LOBSTER("lobster", "Lobster", Kind.SCRIPT),
    PACIFICO("pacifico", "Pacifico", Kind.JOINING_SCRIPT),
    GREAT_VIBES("great-vibes", "Great Vibes", Kind.JOINING_SCRIPT),
    CAVEAT_BRUSH("caveat-brush", "Caveat Brush", Kind.BRUSH),
    OSWALD("oswald", "Oswald", Kind.CONDENSED),
    PLAYFAIR_DISPLAY("playfair-display", "Playfair Display", Kind.SERIF),
    BLACK_OPS_ONE("black-ops-one", "Black Ops One", Kind.STENCIL),
    CINZEL_DECORATIVE("cinzel-decorative", "Cinzel Decorative", Kind.CAPITALS),
    COMFORTAA("comfortaa", "Comfortaa", Kind.ROUNDED),
    RUBIK("rubik", "Rubik", Kind.ROUNDED);

    /** What kind of letter it is. */
    public enum Kind {
        BLOCK,
        CONDENSED,
        SLAB,
        ROUNDED,
        SERIF,
        POSTER,
        STENCIL,
        SCRIPT,
        JOINING_SCRIPT,
        BRUSH,
        CAPITALS
    }

    private final String id;
    private final String title;
    private final Kind kind;

    ShippedTypeface(String id, String title, Kind kind) {
        this.id = id;
        this.title = title;
        this.kind = kind;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String title() {
        return title;
    }

    public Kind kind() {
        return kind;
    }

    public static ShippedTypeface of(String id) {
        for (ShippedTypeface t : values()) {
            if (t.id.equals(id)) {
                return t;
            }
        }
        throw new IllegalArgumentException("no typeface is called \"" + id + "\"");
    }
}
