package jurren.core.blank;

import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;

/**
 * Blanks made of what was measured with a ruler or a tape. Whatever cannot be is refused with the measure named.
 *
 * <p>An <i>inset</i> is kept free along the edges of a flat face, or below the lip and above the foot of a round one.
 */
public final class OwnBlank {
    private static final String SIZE = "one size";
    private static final double ART_SHARE_FLAT = 0.8;
    private static final double ART_SHARE_ROUND = 0.4;
    private static final double CORNER_MM = 4;

    private OwnBlank() {}

    /** A thing of one size with one face. */
    public static Blank of(String id, String name, Substrate madeOf, BlankColour colour, Face face) {
        return new Blank(
                id,
                name,
                Family.OWN,
                madeOf,
                SIZE,
                List.of(colour),
                List.of(new BlankSize(SIZE, List.of(face))),
                Optional.empty());
    }

    public static Form flat(Panel.Cut cut, double widthMm, double heightMm) {
        return new Panel(
                cut,
                widthMm,
                heightMm,
                cut == Panel.Cut.RECTANGLE ? Math.min(CORNER_MM, Math.min(widthMm, heightMm) / 10) : 0);
    }

    /** Diameters, however they were taken, and the side from lip to foot. */
    public static Form round(Vessel.Profile profile, double topDiameterMm, double footDiameterMm, double slantMm) {
        return new Vessel(profile, topDiameterMm, footDiameterMm, slantMm, 0, 0, Optional.empty());
    }

    /** How far round a thing is across: a circumference divided by π. */
    public static double diameterOf(double circumferenceMm) {
        return circumferenceMm / Math.PI;
    }

    public static Face face(String id, String name, Form form, double insetMm) {
        Form kept = kept(form, insetMm);
        AreaMeasures area = area(kept, insetMm);
        return Face.of(id, name, kept, area, area.widthMm() * (isRound(kept) ? ART_SHARE_ROUND : ART_SHARE_FLAT));
    }

    /** Another form in place of a face's own; what is in the way keeps its distance from the upper left. */
    public static Face formed(Face face, Form form) {
        return besides(face, face(face.id(), face.name(), form, insetMm(face)));
    }

    /** One measure taken anew. */
    public static Face measured(Face face, Form.Measure measure, double mm) {
        Form form = face.form().with(measure, mm);
        if (isInset(face)) {
            return formed(face, form);
        }
        Face changed = face.measured(Map.of(measure, mm));
        return besides(
                face,
                changed.withArtWidth(face.artWidthMm()
                        * changed.area().widthMm()
                        / face.area().widthMm()));
    }

    /** Whether its area follows from an inset; that of a garment does not. */
    public static boolean isInset(Face face) {
        return !(face.form() instanceof Garment)
                && within(face.form(), insetMm(face))
                        .filter(face.area()::equals)
                        .isPresent();
    }

    public static double insetMm(Face face) {
        return face.area().dropMm();
    }

    public static Face inset(Face face, double insetMm) {
        return besides(face, face(face.id(), face.name(), face.form(), insetMm));
    }

    private static Face besides(Face was, Face now) {
        double right = now.form().whole().minXMm() - was.form().whole().minXMm();
        return now.withTurnedInUse(was.turnedInUse())
                .withTrueAt(was.trueAt())
                .withFurther(was.further().stream()
                        .map(o -> o.in(o.box().placed(Placement.moved(right, 0))))
                        .toList());
    }

    private static AreaMeasures area(Form form, double insetMm) {
        if (!(insetMm >= 0)) {
            throw new IllegalArgumentException("the inset must not be below zero but was " + insetMm + " mm");
        }
        return within(form, insetMm)
                .orElseThrow(() -> new IllegalArgumentException("an inset of " + insetMm + " mm leaves nothing of it"));
    }

    private static Optional<AreaMeasures> within(Form form, double insetMm) {
        Box whole = form.whole();
        double width = isRound(form) ? whole.widthMm() : whole.widthMm() - 2 * insetMm;
        double height = whole.heightMm() - 2 * insetMm;
        return width > 0 && height > 0 ? Optional.of(new AreaMeasures(width, height, insetMm)) : Optional.empty();
    }

    private static Form kept(Form form, double insetMm) {
        return form instanceof Vessel v && insetMm >= 0
                ? new Vessel(
                        v.profile(), v.topDiameterMm(), v.footDiameterMm(), v.slantMm(), insetMm, insetMm, v.handle())
                : form;
    }

    private static boolean isRound(Form form) {
        return form.surface() instanceof Surface.Round;
    }

    /** An id made from a name, that is not taken yet. */
    public static String freeId(String name, Predicate<String> taken) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .toLowerCase(Locale.ROOT)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        String base = plain.isEmpty() ? "own" : "own-" + plain.replaceFirst("^own-", "");
        String id = base;
        for (int n = 2; taken.test(id); n++) {
            id = base + "-" + n;
        }
        return id;
    }
}
