package jurren.core.job;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Chain;
import jurren.core.art.Drawing;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Family;
import jurren.core.blank.Fit;
import jurren.core.geometry.Box;
import jurren.core.hold.WhatHolds;
import jurren.core.lettering.Typeface;
import jurren.core.material.Colour;
import jurren.core.material.Material;

/** Jobs to begin with. */
public final class NewJobs {
    private static final double FIRST_CAPITAL_MM = 30;
    /** Of the area, at most. */
    private static final double SHARE_ACROSS = 0.85;

    private static final double SHARE_DOWN = 0.5;
    private static final double BELOW_COLLAR = 0.08;

    private NewJobs() {}

    /** A job with one line of one blank and no art yet. */
    public static Job onBlank(Blank blank, String name, String title, String colour, String materialId) {
        return new Job(name, "", "", true, List.of(line("A", title, blank, colour, materialId)));
    }

    /** A line of one blank, one piece, and no art yet. */
    public static Line line(String letter, String title, Blank blank, String colour, String materialId) {
        return new Line(
                letter,
                title,
                Thing.of(blank.id(), colour),
                materialId,
                blank.referenceSize(),
                List.of(SizeEntry.of(blank.referenceSize(), 1)),
                List.of(),
                Map.of(),
                Fit.USUAL);
    }

    /** A line of one blank in its first colour, of the material that holds best on it. */
    public static Line line(String letter, Blank blank, Shop shop) {
        BlankColour colour = blank.colours().getFirst();
        Material material = WhatHolds.best(
                        shop.materials(),
                        blank.madeOf(blank.reference().faces().getFirst()),
                        colour,
                        blank.reference().faces().getFirst())
                .orElse(shop.materials().getFirst());
        return line(letter, blank.name(), blank, colour.id(), material.id());
    }

    /**
     * A drawing on one size of a blank: at its own size or at a given width, its top in the middle of
     * the area's upper edge.
     */
    public static Job ofDrawing(
            Drawing drawing,
            Blank blank,
            String size,
            String colour,
            String materialId,
            Optional<Double> widthMm,
            int copies) {
        Motif atFileSize = new Motif("m1", nameOf(drawing), drawing, List.of(new Treatment.Weld()), Pose.at(0, 0));
        Box box = boundsOf(atFileSize);
        double factor = widthMm.map(w -> w / box.widthMm()).orElse(1.0);
        Motif sized = atFileSize.withSource(drawing.resized(factor, factor));
        Box wanted = boundsOf(sized);
        BlankSize on = blank.size(size).orElseThrow();
        Box area = on.faces().getFirst().area().box();
        // what is larger than the area stands on its middle: a print that bleeds does so on all sides
        double down = wanted.heightMm() > area.heightMm()
                ? area.centre().yMm() - wanted.centre().yMm()
                : area.minYMm() - wanted.minYMm();
        Motif placed = sized.withPose(Pose.at(-wanted.centre().xMm(), down));
        Thing thing =
                Thing.of(blank.id(), colour == null ? blank.colours().getFirst().id() : colour);
        Line line = new Line(
                "A",
                nameOf(drawing),
                thing,
                materialId,
                size,
                List.of(SizeEntry.of(size, copies)),
                List.of(placed),
                Map.of(),
                Fit.USUAL);
        return new Job(nameOf(drawing), "", "", true, List.of(line));
    }

    /**
     * Words on a thing, as large as looks right there: on what is worn below the collar, elsewhere in the middle of the
     * area.
     *
     * @param film the colour of the letters
     */
    public static Job saying(
            String text, Typeface face, Blank blank, BlankColour colour, Material material, Colour film) {
        Box area = blank.reference().faces().getFirst().area().box();
        Motif first = new Motif(
                "m1",
                text,
                Lettering.of(text, face, FIRST_CAPITAL_MM, film),
                List.of(new Treatment.Weld()),
                Pose.at(0, 0));
        Box box = boundsOf(first);
        double factor =
                Math.min(SHARE_ACROSS * area.widthMm() / box.widthMm(), SHARE_DOWN * area.heightMm() / box.heightMm());
        Motif sized = first.withSource(first.source().resized(factor, factor));
        Box is = boundsOf(sized);
        double middle = blank.family() == Family.SHIRTS
                ? area.minYMm() + is.heightMm() / 2 + BELOW_COLLAR * area.heightMm()
                : area.centre().yMm();
        Motif placed = sized.withPose(Pose.at(
                area.centre().xMm() - is.centre().xMm(), middle - is.centre().yMm()));
        Line line = line("A", blank.name(), blank, colour.id(), material.id());
        return new Job(text, "", "", true, List.of(line.withMotifs(List.of(placed))));
    }

    public static String nameOf(Drawing drawing) {
        return nameOf(drawing.file().name());
    }

    /** A file's name without its ending. */
    public static String nameOf(String name) {
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }

    private static Box boundsOf(Motif motif) {
        return new Chain().build(motif).bounds().orElse(Box.ofSize(0, 0, 1, 1));
    }
}
