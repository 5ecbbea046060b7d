package jurren.core.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.geometry.Warp;

/**
 * A side of a blank that can be decorated, in one size.
 *
 * <p>Widths on a round face (area, obstacles, art) are true at {@link #trueAtMm()} from the lip; at
 * other heights of a cone they are more or less in proportion to its diameter there.
 *
 * @param area        where art belongs
 * @param further     obstacles beyond those of the form itself
 * @param artWidthMm  the width art usually has here
 * @param turnedInUse true when its owner sees it upside down as it lies on the bench (a lid, opened)
 * @param trueAt      the height from the lip at which widths are true; half the side where nothing is said
 * @param madeOf      where it is of another stuff than the thing, as the lid of a jar
 */
public record Face(
        String id,
        String name,
        Form form,
        AreaMeasures area,
        List<Obstacle> further,
        double artWidthMm,
        boolean turnedInUse,
        Optional<Double> trueAt,
        Optional<Substrate> madeOf) {
    public Face {
        further = List.copyOf(further);
        if (!(artWidthMm > 0)) {
            throw new IllegalArgumentException(
                    "the usual art width of face " + id + " must be above zero but was " + artWidthMm);
        }
    }

    public static Face of(String id, String name, Form form, AreaMeasures area, double artWidthMm) {
        return new Face(id, name, form, area, List.of(), artWidthMm, false, Optional.empty(), Optional.empty());
    }

    public Surface surface() {
        return form.surface();
    }

    public double trueAtMm() {
        return surface() instanceof Surface.Round r ? trueAtMm(r, trueAt) : 0;
    }

    private static double trueAtMm(Surface.Round r, Optional<Double> trueAt) {
        return trueAt.map(t -> Math.clamp(t, 0, r.slantMm())).orElse(r.slantMm() / 2);
    }

    /** From art to the unrolled face; changes nothing on a flat one. */
    public Warp unrolling() {
        return unrolling(surface(), trueAt);
    }

    public static Warp unrolling(Surface surface, Optional<Double> trueAt) {
        return switch (surface) {
            case Surface.Flat _ -> Warp.NONE;
            case Surface.Round r ->
                r.topDiameterMm() == r.footDiameterMm() ? Warp.NONE : Unrolling.of(r, trueAtMm(r, trueAt));
        };
    }

    /** From the unrolled face back to the art. */
    public Warp rolling() {
        return back(unrolling());
    }

    /** The way back of an unrolling. */
    public static Warp back(Warp unrolling) {
        return unrolling instanceof Unrolling u ? u.inverse() : Warp.NONE;
    }

    public Point rolled(Point unrolled) {
        return rolling().apply(unrolled);
    }

    /** Everything that art must keep clear of. */
    public List<Obstacle> obstacles() {
        List<Obstacle> all = new ArrayList<>(form.obstacles());
        all.addAll(further);
        return all.stream().map(this::atTrueHeight).toList();
    }

    /** The part that is there at all. */
    public Box whole() {
        return stretched(form.whole());
    }

    /** Forms and files give widths at half height; here they are wanted where they are true. */
    private double stretch() {
        return surface() instanceof Surface.Round r && trueAt.isPresent()
                ? r.diameterAtMm(trueAtMm()) / r.diameterAtMm(r.slantMm() / 2)
                : 1;
    }

    private Box stretched(Box b) {
        double by = stretch();
        return new Box(b.minXMm() * by, b.minYMm(), b.maxXMm() * by, b.maxYMm());
    }

    private Obstacle atTrueHeight(Obstacle o) {
        return stretch() == 1 ? o : o.in(stretched(o.box()));
    }

    /** Once round where widths are true; absent on a flat face. */
    public Optional<Double> roundMm() {
        return surface() instanceof Surface.Round r ? Optional.of(r.roundAtMm(trueAtMm())) : Optional.empty();
    }

    public boolean isRound() {
        return surface() instanceof Surface.Round;
    }

    public List<BlankPart> picture() {
        return form.picture();
    }

    /** The box of the picture. */
    public Box pictureBox() {
        return form.picture().stream()
                .map(p -> p.curves().bounds())
                .reduce(Box::joined)
                .orElseThrow();
    }

    public Face withForm(Form newForm) {
        return new Face(id, name, newForm, area, further, artWidthMm, turnedInUse, trueAt, madeOf);
    }

    /** With some measures taken anew; the area keeps its distance from the edges of what changed. */
    public Face measured(Map<Form.Measure, Double> taken) {
        if (taken.isEmpty()) {
            return this;
        }
        Form changed = form;
        for (Map.Entry<Form.Measure, Double> t : taken.entrySet()) {
            changed = changed.with(t.getKey(), t.getValue());
        }
        Box was = form.whole();
        Box is = changed.whole();
        double widthMm = isRound()
                ? area.widthMm() * is.widthMm() / was.widthMm()
                : area.widthMm() + is.widthMm() - was.widthMm();
        double heightMm = area.heightMm() + is.heightMm() - was.heightMm();
        boolean hasRoom = widthMm > 0 && heightMm > 0;
        return withForm(changed)
                .withArea(
                        hasRoom
                                ? new AreaMeasures(widthMm, heightMm, area.dropMm())
                                : new AreaMeasures(is.widthMm(), is.heightMm(), 0));
    }

    public Face named(String newName) {
        return new Face(id, newName, form, area, further, artWidthMm, turnedInUse, trueAt, madeOf);
    }

    public Face withArtWidth(double newMm) {
        return new Face(id, name, form, area, further, newMm, turnedInUse, trueAt, madeOf);
    }

    public Face withTurnedInUse(boolean turned) {
        return new Face(id, name, form, area, further, artWidthMm, turned, trueAt, madeOf);
    }

    public Face withArea(AreaMeasures newArea) {
        return new Face(id, name, form, newArea, further, artWidthMm, turnedInUse, trueAt, madeOf);
    }

    public Face withTrueAt(Optional<Double> newTrueAt) {
        return new Face(id, name, form, area, further, artWidthMm, turnedInUse, newTrueAt, madeOf);
    }

    public Face withFurther(List<Obstacle> newFurther) {
        return new Face(id, name, form, area, newFurther, artWidthMm, turnedInUse, trueAt, madeOf);
    }
}
