package jurren.core.art.treat;

import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.material.Colour;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/** Every kind of treatment by the name files give it, with one to begin with. */
public final class Treatments {
    /**
     * A kind of treatment.
     *
     * @param fresh made for a colour that the motif does not use yet
     */
    public record Kind(String id, Class<? extends Treatment> type, Group group, Function<Colour, Treatment> fresh) {
    }

    /** What a person wants to do. */
    public enum Group {
        JOIN, OUTLINE, CLEAN, BEND, REPEAT, FILL
    }

    private static final Map<String, Kind> KINDS = new LinkedHashMap<>();

    static {
        add("weld", Treatment.Weld.class, Group.JOIN, _ -> new Treatment.Weld());
        add("draw-closer", DrawCloser.class, Group.JOIN, _ -> new DrawCloser(0.5));
        add("outline", Treatment.Outlined.class, Group.OUTLINE, c -> new Treatment.Outlined(3, CornerStyle.ROUND, c));
        add("inner-outline", InnerOutline.class, Group.OUTLINE, c -> new InnerOutline(1.5, CornerStyle.ROUND, c));
        add("rings", Rings.class, Group.OUTLINE, c -> new Rings(2, 2, CornerStyle.ROUND, c, c));
        add("inside-out", InsideOut.class, Group.OUTLINE, _ -> new InsideOut(6));
        add("fill-holes", FillHoles.class, Group.CLEAN, _ -> new FillHoles());
        add("outer-edges", OuterEdges.class, Group.CLEAN, _ -> new OuterEdges());
        add("drop-crumbs", DropCrumbs.class, Group.CLEAN, _ -> new DropCrumbs(4));
        add("thicken", Thicken.class, Group.CLEAN, _ -> new Thicken(1));
        add("round-corners", RoundCorners.class, Group.CLEAN, _ -> new RoundCorners(1));
        add("simplify", Simplify.class, Group.CLEAN, _ -> new Simplify(0.1));
        add("bend", Bend.class, Group.BEND, _ -> new Bend(150));
        add("swell", Swell.class, Group.BEND, _ -> new Swell(40));
        add("wave", Wave.class, Group.BEND, _ -> new Wave(8, 80));
        add("taper", Taper.class, Group.BEND, _ -> new Taper(25));
        add("lean", Lean.class, Group.BEND, _ -> new Lean(12));
        add("mirror", Mirror.class, Group.BEND, _ -> new Mirror(false));
        add("repeat-grid", RepeatGrid.class, Group.REPEAT, _ -> new RepeatGrid(2, 2, 5));
        add("repeat-round", RepeatRound.class, Group.REPEAT, _ -> new RepeatRound(6, 60));
        add("stripes", Stripes.class, Group.FILL, c -> new Stripes(3, 3, 45, true, c));
        add("dots", Dots.class, Group.FILL, c -> new Dots(3, 2, true, c));
    }

    private Treatments() {
    }

    private static void add(String id, Class<? extends Treatment> type, Group group, Function<Colour, Treatment> fresh) {
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
        return KINDS.values().stream().filter(k -> k.type() == plain.getClass()).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no kind of treatment is " + plain.getClass().getSimpleName()));
    }
}
