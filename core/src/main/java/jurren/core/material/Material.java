package jurren.core.material;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A kind of film, vinyl, paper or stock.
 *
 * @param leastStrokeMm the narrowest part that still weeds and holds
 * @param topOnly       nothing can go onto it
 * @param directed      it looks another way across than along, so it turns by half turns only
 * @param recipe        how it is pressed; absent for what is laid on cold
 * @param printRecipe   how a print is pressed into it, where that is done apart
 * @param underlay      where it prints its own white under the colours
 * @param soldAs        the film it is cut of, where it is another's way of being stuck on and no film of its own
 */
public record Material(
        String id,
        String name,
        Process process,
        double thicknessMm,
        double leastStrokeMm,
        boolean topOnly,
        boolean directed,
        Optional<Recipe> recipe,
        Optional<Recipe> printRecipe,
        Optional<Underlay> underlay,
        CutSettings cutting,
        double pricePerMetre,
        List<FilmColour> colours,
        Optional<String> soldAs) {
    public Material {
        colours = List.copyOf(colours);
        if (!(thicknessMm >= 0 && leastStrokeMm >= 0 && pricePerMetre >= 0)) {
            throw new IllegalArgumentException("material " + id + " must not be thinner than nothing");
        }
        if (process.isHot() != recipe.isPresent()) {
            throw new IllegalArgumentException(
                    "material " + id + " needs a recipe if it is pressed, and none if it is not");
        }
    }

    public Material(
            String id,
            String name,
            Process process,
            double thicknessMm,
            double leastStrokeMm,
            boolean topOnly,
            Optional<Recipe> recipe,
            CutSettings cutting,
            double pricePerMetre,
            List<FilmColour> colours) {
        this(
                id,
                name,
                process,
                thicknessMm,
                leastStrokeMm,
                topOnly,
                false,
                recipe,
                Optional.empty(),
                Optional.empty(),
                cutting,
                pricePerMetre,
                colours,
                Optional.empty());
    }

    /** Without white of its own. */
    public Material(
            String id,
            String name,
            Process process,
            double thicknessMm,
            double leastStrokeMm,
            boolean topOnly,
            boolean directed,
            Optional<Recipe> recipe,
            Optional<Recipe> printRecipe,
            CutSettings cutting,
            double pricePerMetre,
            List<FilmColour> colours) {
        this(
                id,
                name,
                process,
                thicknessMm,
                leastStrokeMm,
                topOnly,
                directed,
                recipe,
                printRecipe,
                Optional.empty(),
                cutting,
                pricePerMetre,
                colours,
                Optional.empty());
    }

    public Material withUnderlay(Underlay newUnderlay) {
        return new Material(
                id,
                name,
                process,
                thicknessMm,
                leastStrokeMm,
                topOnly,
                directed,
                recipe,
                printRecipe,
                Optional.of(newUnderlay),
                cutting,
                pricePerMetre,
                colours,
                soldAs);
    }

    /** With other figures. */
    public Material with(
            double thickness, double leastStroke, Optional<Recipe> newRecipe, CutSettings newCutting, double price) {
        return new Material(
                id,
                name,
                process,
                thickness,
                leastStroke,
                topOnly,
                directed,
                newRecipe,
                printRecipe,
                underlay,
                newCutting,
                price,
                colours,
                soldAs);
    }

    /** Cut with another force. */
    public Material withForce(double gf) {
        return with(
                thicknessMm,
                leastStrokeMm,
                recipe,
                new CutSettings(gf, cutting.speedMmS(), cutting.bladeOutMm(), cutting.passes()),
                pricePerMetre);
    }

    /** The same film under a name of one's own. */
    public Material named(String newId, String newName) {
        return new Material(
                newId,
                newName,
                process,
                thicknessMm,
                leastStrokeMm,
                topOnly,
                directed,
                recipe,
                printRecipe,
                underlay,
                cutting,
                pricePerMetre,
                colours,
                soldAs);
    }

    public Material withColours(List<FilmColour> newColours) {
        return new Material(
                id,
                name,
                process,
                thicknessMm,
                leastStrokeMm,
                topOnly,
                directed,
                recipe,
                printRecipe,
                underlay,
                cutting,
                pricePerMetre,
                newColours,
                soldAs);
    }

    /** Whether it can be cut of a film of the shelf. */
    public boolean isCutOf(String filmId) {
        return id.equals(filmId) || soldAs.filter(filmId::equals).isPresent();
    }

    /** True when it goes on under heat. */
    public boolean isPressed() {
        return recipe.isPresent();
    }

    /** 0 for what is laid on cold. */
    public double celsius() {
        return recipe.map(Recipe::celsius).orElse(0.0);
    }

    /** The name this colour is sold under, or its code when it is not sold. */
    public String colourName(Colour colour) {
        return sold(colour).map(FilmColour::name).orElse(colour.hex());
    }

    /** The colour it is sold in that looks most like another; that itself when it is sold in none. */
    public Colour nearest(Colour wanted) {
        return colours.stream()
                .map(FilmColour::colour)
                .min(Comparator.comparingDouble(wanted::differenceFrom))
                .orElse(wanted);
    }

    /** The colour it is sold in that differs most in lightness from a ground; white when it is sold in none. */
    public Colour standingOut(Colour ground) {
        return colours.stream()
                .map(FilmColour::colour)
                .max(Comparator.comparingDouble(c -> Math.abs(c.luminance() - ground.luminance())))
                .orElse(new Colour(0xFFFFFF));
    }

    public Optional<FilmColour> sold(Colour colour) {
        return colours.stream().filter(c -> c.colour().equals(colour)).findFirst();
    }
}
