package jurren.core.plan;

import java.util.List;
import jurren.core.cut.PrintMarks;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.layer.Layer;
import jurren.core.material.Material;
import jurren.core.way.known.Ways;

/**
 * One sheet to be printed, so many times: x to the right, y down, from its upper left corner.
 *
 * @param load  the load that is cut from it afterwards, 0 when no knife follows it
 * @param times how many alike are printed
 */
public record PrintSheet(
        int order, Material material, double widthMm, double heightMm, int load, List<Slot> slots, int times) {
    /** Around a sheet that is cut afterwards, where its marks stand. */
    public static final double MARKS_IN_MM = PrintMarks.IN_MM;

    /**
     * One print in its place.
     *
     * @param place  the face it goes onto
     * @param box    what is its own on the sheet
     * @param onto   from the face to the sheet
     * @param turned a quarter turn, clockwise as it lies
     */
    public record Slot(String lineId, String place, String size, Layer layer, Box box, Placement onto, boolean turned) {
        /** Where its ink lies on the sheet, and its cut line around it. */
        public Box inked() {
            return inkOf(layer).placed(onto);
        }
    }

    public PrintSheet {
        slots = List.copyOf(slots);
    }

    /** Where a layer has ink on the face, or a cut line around it. */
    public static Box inkOf(Layer layer) {
        Box ink = layer.print().bounds();
        return layer.isCut() ? ink.joined(layer.region().bounds()) : ink;
    }

    public boolean isCut() {
        return load > 0;
    }

    /** Whether its prints lie into each other by their true shape, to be cut apart by hand. */
    public boolean isGanged() {
        return !isCut() && Ways.of(material).isGanged();
    }

    /** Whether the sheet has marks of its own, and not each print. */
    public boolean hasOwnMarks() {
        return isCut() || isGanged();
    }

    /** Whether it is printed as in a mirror. */
    public boolean reversed() {
        return slots.getFirst().layer().making().reversed();
    }

    /** How many prints of a line's place it gives in all. */
    public int copies(String lineId, String place) {
        return times
                * (int) slots.stream()
                        .filter(s -> s.lineId().equals(lineId) && s.place().equals(place))
                        .count();
    }

    public boolean isFor(String lineId, String place) {
        return copies(lineId, place) > 0;
    }
}
