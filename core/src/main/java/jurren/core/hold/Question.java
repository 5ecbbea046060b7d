package jurren.core.hold;

import jurren.core.blank.BlankColour;
import jurren.core.blank.DyeHeat;
import jurren.core.blank.Face;
import jurren.core.blank.Panel;
import jurren.core.blank.Substrate;
import jurren.core.blank.Surface;
import jurren.core.material.Material;
import jurren.core.material.Recipe;
import jurren.core.way.Grip;
import jurren.core.way.known.Ways;

/** What the rules are asked: a material on a face of a thing of one colour. */
record Question(Material material, Substrate madeOf, BlankColour colour, Face face) {
    Grip grip() {
        return Ways.of(material).grip();
    }

    /**
     * What it is pressed at: a thing that says how it takes dye is asked first; a print into a base at the least that
     * it needs.
     */
    double celsius() {
        double first = isDye() ? madeOf.dye().map(DyeHeat::celsius).orElse(material.celsius()) : material.celsius();
        return Math.max(first, material.printRecipe().map(Recipe::leastCelsius).orElse(0.0));
    }

    boolean isDye() {
        return grip() == Grip.POLYESTER;
    }

    /** Light enough for dye to show as printed. */
    double luminance() {
        return colour.colour().luminance();
    }

    boolean isRound() {
        return face.isRound();
    }

    boolean isCone() {
        return face.surface() instanceof Surface.Round r && !r.isCylinder();
    }

    boolean isCapFront() {
        return face.form() instanceof Panel p && p.cut() == Panel.Cut.CAP_FRONT;
    }

    /** Glue on something smooth, from either side. */
    boolean sticks() {
        return grip() == Grip.SURFACE || grip() == Grip.BEHIND_GLASS;
    }

    /** A base, and a print into it. */
    boolean takesTwoPresses() {
        return Ways.of(material).presses() > 1;
    }
}
