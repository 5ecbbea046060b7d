package jurren.core.lettering;

/** A design of letters: one that ships with the application, or one that is known by its name only. */
public sealed interface Typeface permits ShippedTypeface, NamedTypeface {
    /** What files call it. */
    String id();

    /** What people call it. */
    String title();
}
