package jurren.core.art;

/** What a motif is made from, before any treatment. Its size lives here, so treatments stay true in mm. */
public sealed interface Source permits Lettering, Drawing, Shape {
    /** The same thing larger or smaller; both factors must be above zero. */
    Source resized(double widthFactor, double heightFactor);

    static void checkFactors(double widthFactor, double heightFactor) {
        if (!(widthFactor > 0 && heightFactor > 0 && widthFactor < 1e6 && heightFactor < 1e6)) {
            throw new IllegalArgumentException("a size must be above zero but would be scaled by "
                    + widthFactor + " and " + heightFactor);
        }
    }
}
