package jurren.core.lettering;

/**
 * A font of the machine, or of a file that was opened, by its full name. Another machine may not have
 * it: then the carried outlines stand in for it.
 *
 * @param carried outlines of what was lettered in it, as far as they are known
 */
public record NamedTypeface(String title, CarriedGlyphs carried) implements Typeface {
    static final String PREFIX = "font:";

    public NamedTypeface {
        if (title.isBlank()) {
            throw new IllegalArgumentException("a font must have a name");
        }
    }

    public static NamedTypeface of(String title) {
        return new NamedTypeface(title, CarriedGlyphs.NONE);
    }

    @Override
    public String id() {
        return PREFIX + title;
    }
}
