package jurren.core.art;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.Typeface;
import jurren.core.lettering.Typesetting;
import jurren.core.material.Colour;

/**
 * Words in a typeface, in one line or several.
 *
 * @param capHeightMm how high its capitals are, unless a width is kept
 * @param stretch     how much wider than the font draws it; 1 leaves it alone
 * @param keptWidthMm how wide it is on a straight baseline whatever it says; the height follows
 */
public record Lettering(
        String text,
        Typeface typeface,
        double capHeightMm,
        double stretch,
        Optional<Double> keptWidthMm,
        Typesetting setting,
        Colouring colouring)
        implements Source {
    /** No job letters more; beyond it every change would take seconds. */
    public static final int MOST_CHARACTERS = 5000;

    public Lettering {
        if (!(capHeightMm > 0) || !(stretch > 0)) {
            throw new IllegalArgumentException("lettering must be higher and wider than zero but was " + capHeightMm
                    + " mm high, stretched by " + stretch);
        }
        if (keptWidthMm.isPresent() && !(keptWidthMm.get() > 0 && keptWidthMm.get() < 1e6)) {
            throw new IllegalArgumentException(
                    "lettering must be wider than zero but was " + keptWidthMm.get() + " mm");
        }
        if (text.length() > MOST_CHARACTERS) {
            throw new IllegalArgumentException(
                    "lettering can be of " + MOST_CHARACTERS + " characters at most, not of " + text.length());
        }
    }

    public Lettering(
            String text, Typeface typeface, double capHeightMm, double letterSpacing, double stretch, Colour colour) {
        this(
                text,
                typeface,
                capHeightMm,
                stretch,
                Optional.empty(),
                Typesetting.USUAL.withLetterSpacing(letterSpacing),
                Colouring.whole(colour));
    }

    public static Lettering of(String text, Typeface typeface, double capHeightMm, Colour colour) {
        return new Lettering(text, typeface, capHeightMm, 0, 1, colour);
    }

    @Override
    public Lettering resized(double widthFactor, double heightFactor) {
        Source.checkFactors(widthFactor, heightFactor);
        return new Lettering(
                text,
                typeface,
                capHeightMm * heightFactor,
                stretch * widthFactor / heightFactor,
                keptWidthMm.map(w -> w * widthFactor),
                setting.withBaseline(setting.baseline().scaled(heightFactor)),
                colouring);
    }

    @Override
    public Set<String> others() {
        return setting.baseline() instanceof Baseline.Edge e && !e.other().isEmpty() ? Set.of(e.other()) : Set.of();
    }

    @Override
    public Lettering withOther(String from, String to) {
        return setting.baseline() instanceof Baseline.Edge e && e.other().equals(from)
                ? withSetting(setting.withBaseline(new Baseline.Edge(to, e.start(), e.distanceMm())))
                : this;
    }

    /** The first of its colours. */
    public Colour colour() {
        return colouring.colours().getFirst();
    }

    public double letterSpacing() {
        return setting.letterSpacing();
    }

    public Lettering withText(String newText) {
        return new Lettering(newText, typeface, capHeightMm, stretch, keptWidthMm, setting, colouring);
    }

    public Lettering withTypeface(Typeface newTypeface) {
        return new Lettering(text, newTypeface, capHeightMm, stretch, keptWidthMm, setting, colouring);
    }

    public Lettering withCapHeight(double newCapHeightMm) {
        return new Lettering(text, typeface, newCapHeightMm, stretch, Optional.empty(), setting, colouring);
    }

    public Lettering withKeptWidth(Optional<Double> widthMm) {
        return new Lettering(text, typeface, capHeightMm, stretch, widthMm, setting, colouring);
    }

    public Lettering withSetting(Typesetting newSetting) {
        return new Lettering(text, typeface, capHeightMm, stretch, keptWidthMm, newSetting, colouring);
    }

    public Lettering withLetterSpacing(double newLetterSpacing) {
        return withSetting(setting.withLetterSpacing(newLetterSpacing));
    }

    public Lettering withColouring(Colouring newColouring) {
        return new Lettering(text, typeface, capHeightMm, stretch, keptWidthMm, setting, newColouring);
    }

    /** Its first colour exchanged. */
    public Lettering withColour(Colour newColour) {
        List<Colour> colours = new java.util.ArrayList<>(colouring.colours());
        colours.set(0, newColour);
        return withColouring(new Colouring(colouring.by(), colours));
    }
}
