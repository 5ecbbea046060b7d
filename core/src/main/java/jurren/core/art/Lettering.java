package jurren.core.art;

import jurren.core.lettering.Typeface;
import jurren.core.material.Colour;

/**
 * Words in a typeface.
 *
 * @param letterSpacing added between letters, as a share of the capital height
 * @param stretch       how much wider than the font draws it; 1 leaves it alone
 */
public record Lettering(String text, Typeface typeface, double capHeightMm, double letterSpacing, double stretch,
                        Colour colour) implements Source {
    public Lettering {
        if (!(capHeightMm > 0) || !(stretch > 0)) {
            throw new IllegalArgumentException("lettering must be higher and wider than zero but was "
                    + capHeightMm + " mm high, stretched by " + stretch);
        }
    }

    public static Lettering of(String text, Typeface typeface, double capHeightMm, Colour colour) {
        return new Lettering(text, typeface, capHeightMm, 0, 1, colour);
    }

    @Override
    public Lettering resized(double widthFactor, double heightFactor) {
        Source.checkFactors(widthFactor, heightFactor);
        return new Lettering(text, typeface, capHeightMm * heightFactor, letterSpacing,
                stretch * widthFactor / heightFactor, colour);
    }

    public Lettering withText(String newText) {
        return new Lettering(newText, typeface, capHeightMm, letterSpacing, stretch, colour);
    }

    public Lettering withTypeface(Typeface newTypeface) {
        return new Lettering(text, newTypeface, capHeightMm, letterSpacing, stretch, colour);
    }

    public Lettering withCapHeight(double newCapHeightMm) {
        return new Lettering(text, typeface, newCapHeightMm, letterSpacing, stretch, colour);
    }

    public Lettering withLetterSpacing(double newLetterSpacing) {
        return new Lettering(text, typeface, capHeightMm, newLetterSpacing, stretch, colour);
    }

    public Lettering withColour(Colour newColour) {
        return new Lettering(text, typeface, capHeightMm, letterSpacing, stretch, newColour);
    }
}
