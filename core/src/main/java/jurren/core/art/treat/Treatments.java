package jurren.core.art.treat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.material.Colour;

/** Every kind of treatment by the name files give it, with one to begin with. */
public final class Treatments {
    /**
     * A kind of treatment.
     *
     * @param fresh made for a colour that the motif does not use yet
     */
    public record Kind(String id, Class<? extends Treatment> type, Group group, Function<Colour, Treatment> fresh) {}

    /** What a person wants to do. */
    public enum Group {
        JOIN,
        OUTLINE,
        CLEAN,
        BEND,
        REPEAT,
        FILL,
        COLOUR,
        OTHER
    }

    private static final Map<String, Kind> KINDS = new LinkedHashMap<>();

    static {
        add("weld", Treatment.Weld.class, Group.JOIN, _ -> new Treatment.Weld());
        add("draw-closer", DrawCloser.class, Group.JOIN, _ -> new DrawCloser(0.5, 4));
        add("interlock", Interlock.class, Group.JOIN, _ -> new Interlock(6, 1.5, 4));
        add("bridges", Bridges.class, Group.JOIN, _ -> new Bridges(2, 1));
        add("hold-islands", HoldIslands.class, Group.JOIN, _ -> new HoldIslands(2, 2, true));
        add("split-parts", SplitParts.class, Group.JOIN, _ -> new SplitParts());
        add("only-parts", OnlyParts.class, Group.JOIN, _ -> new OnlyParts(1, 1));
        add("one-piece", OnePieceWanted.class, Group.JOIN, _ -> new OnePieceWanted());
        add("only-shapes", OnlyShapes.class, Group.OTHER, _ -> new OnlyShapes("1"));
        add("outline", Treatment.Outlined.class, Group.OUTLINE, c -> new Treatment.Outlined(3, CornerStyle.ROUND, c));
        add("inner-outline", InnerOutline.class, Group.OUTLINE, c -> new InnerOutline(1.5, CornerStyle.ROUND, c));
        add("outline-both", OutlineBoth.class, Group.OUTLINE, c -> new OutlineBoth(1, 1, CornerStyle.ROUND, c));
        add("rings", Rings.class, Group.OUTLINE, c -> new Rings(2, 2, CornerStyle.ROUND, c, c));
        add("halo", Treatment.Halo.class, Group.OUTLINE, _ -> new Treatment.Halo(1));
        add("soft-shadow", SoftShadow.class, Group.OUTLINE, _ -> new SoftShadow(1.5, 1.5, 3, 50, new Colour(0)));
        add("inside-out", InsideOut.class, Group.OUTLINE, _ -> new InsideOut(6));
        add("fill-holes", FillHoles.class, Group.CLEAN, _ -> new FillHoles());
        add("outer-edges", OuterEdges.class, Group.CLEAN, _ -> new OuterEdges());
        add("drop-crumbs", DropCrumbs.class, Group.CLEAN, _ -> new DropCrumbs(4));
        add("thicken", Thicken.class, Group.CLEAN, _ -> new Thicken(1));
        add("close-gaps", CloseGaps.class, Group.CLEAN, _ -> new CloseGaps(0.5, 0.5));
        add("blunt", Blunt.class, Group.CLEAN, _ -> new Blunt(0.6));
        add("round-corners", RoundCorners.class, Group.CLEAN, _ -> new RoundCorners(1));
        add("smooth", Smooth.class, Group.CLEAN, _ -> new Smooth(2));
        add("simplify", Simplify.class, Group.CLEAN, _ -> new Simplify(0.1));
        add("bend", Bend.class, Group.BEND, _ -> new Bend(150));
        add("swell", Swell.class, Group.BEND, _ -> new Swell(40));
        add("wave", Wave.class, Group.BEND, _ -> new Wave(8, 80));
        add("taper", Taper.class, Group.BEND, _ -> new Taper(25));
        add("lean", Lean.class, Group.BEND, _ -> new Lean(12));
        add("fit-box", FitBox.class, Group.BEND, _ -> new FitBox(150, 60, false));
        add("split-band", SplitBand.class, Group.BEND, _ -> new SplitBand(15, 50));
        add("mirror", Mirror.class, Group.BEND, _ -> new Mirror(false));
        add("repeat-grid", RepeatGrid.class, Group.REPEAT, _ -> new RepeatGrid(2, 2, 5));
        add("repeat-round", RepeatRound.class, Group.REPEAT, _ -> new RepeatRound(6, 60));
        add("repeat-row", RepeatRow.class, Group.REPEAT, _ -> new RepeatRow(3, 120, 0));
        add("repeat-along", RepeatAlong.class, Group.OTHER, _ -> new RepeatAlong("", 20, 0, true));
        add("knock-out", KnockOut.class, Group.OTHER, _ -> new KnockOut("", 0));
        add("keep-inside", KeepInside.class, Group.OTHER, _ -> new KeepInside("", 0));
        add("keep-in-part", KeepInPart.class, Group.OTHER, _ -> new KeepInPart("", 1, 0));
        add("join-with", JoinWith.class, Group.OTHER, _ -> new JoinWith(""));
        add("tiles", Tiles.class, Group.OTHER, c -> new Tiles("", 12, 3, true, c));
        add("recolour", Recolour.class, Group.COLOUR, c -> new Recolour(c, c));
        add("colour-parts", ColourParts.class, Group.COLOUR, c -> new ColourParts(List.of(c)));
        add("stripes", Stripes.class, Group.FILL, c -> new Stripes(3, 3, 45, true, c));
        add("chevrons", Chevrons.class, Group.FILL, c -> new Chevrons(3, 3, 12, true, c));
        add("dots", Dots.class, Group.FILL, c -> new Dots(3, 2, true, c));
        add("stars", Stars.class, Group.FILL, c -> new Stars(5, 2, true, c));
        add("grid", Grid.class, Group.FILL, c -> new Grid(1, 5, 0, true, c));
        add("bricks", Bricks.class, Group.FILL, c -> new Bricks(14, 6, 1, true, c));
        add("scales", Scales.class, Group.FILL, c -> new Scales(12, 1, true, c));
    }

    private Treatments() {}

    private static void add(
            String id, Class<? extends Treatment> type, Group group, Function<Colour, Treatment> fresh) {
        KINDS.put(id, new Kind(id, type, group, fresh));
    }

    public static List<Kind> kinds() {
        return List.copyOf(KINDS.values());
    }

    public static Optional<Kind> kind(String id) {
        return Optional.ofNullable(KINDS.get(id));
    }

    /** The kind of a treatment, also of one that is switched off. */
    public static Kind of(Treatment t) {
        Treatment plain = t instanceof Treatment.Off off ? off.of() : t;
        return KINDS.values().stream()
                .filter(k -> k.type() == plain.getClass())
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException(
                        "no kind of treatment is " + plain.getClass().getSimpleName()));
    }
}
