package jurren.core.blank;

import jurren.core.geometry.Box;
import java.text.Normalizer;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * A thing measured with a ruler or a tape, and the blank it makes. Whatever cannot be is refused with
 * the measure named.
 *
 * @param shape    what was measured
 * @param insetMm  kept free along the edges of a flat face, or below the lip and above the foot
 * @param spots    what else art must keep clear of
 */
public record OwnBlank(String id, String name, MadeOf madeOf, BlankColour colour, Shape shape, double insetMm,
                       List<Spot> spots, Optional<Photo> photo) {
    /** What was measured of it. */
    public sealed interface Shape {
        Form form(double insetMm);
    }

    /** A flat thing. */
    public record Flat(double widthMm, double heightMm) implements Shape {
        @Override
        public Form form(double insetMm) {
            return new Panel(Panel.Cut.RECTANGLE, widthMm, heightMm, Math.min(4, Math.min(widthMm, heightMm) / 10));
        }
    }

    /** A round thing; diameters, however they were taken, and the side from lip to foot. */
    public record Round(double topDiameterMm, double footDiameterMm, double slantMm) implements Shape {
        @Override
        public Form form(double insetMm) {
            return new Vessel(Vessel.Profile.CUP, topDiameterMm, footDiameterMm, slantMm, insetMm, insetMm, Optional.empty());
        }
    }

    /** How far round a thing is across: a circumference divided by π. */
    public static double diameterOf(double circumferenceMm) {
        return circumferenceMm / Math.PI;
    }

    /**
     * Something in the way.
     *
     * @param leftMm from the left edge of the face (of a round one: from its seam) to its nearest point
     * @param topMm  from the upper edge or the lip
     * @param round  a circle {@code widthMm} across, otherwise a rectangle
     */
    public record Spot(Obstacle.Kind kind, boolean round, double leftMm, double topMm, double widthMm, double heightMm) {
        Obstacle on(Box whole) {
            return new Obstacle(kind, round
                    ? new Obstacle.Disc(whole.minXMm() + leftMm + widthMm / 2, whole.minYMm() + topMm + widthMm / 2, widthMm)
                    : new Obstacle.Rect(whole.minXMm() + leftMm, whole.minYMm() + topMm, widthMm, heightMm));
        }

        static Spot of(Obstacle o, Box whole) {
            Box b = o.box();
            return new Spot(o.kind(), o.shape() instanceof Obstacle.Disc, b.minXMm() - whole.minXMm(), b.minYMm() - whole.minYMm(),
                    b.widthMm(), b.heightMm());
        }
    }

    private static final String SIZE = "one size";
    private static final double ART_SHARE_FLAT = 0.8;
    private static final double ART_SHARE_ROUND = 0.4;

    public OwnBlank {
        spots = List.copyOf(spots);
        if (name.isBlank()) {
            throw new IllegalArgumentException("it needs a name");
        }
        if (!(insetMm >= 0)) {
            throw new IllegalArgumentException("the inset must not be below zero but was " + insetMm + " mm");
        }
    }

    public Blank blank() {
        Form form = shape.form(insetMm);
        Box whole = form.whole();
        boolean round = form.surface() instanceof Surface.Round;
        double width = round ? whole.widthMm() : whole.widthMm() - 2 * insetMm;
        double height = whole.heightMm() - 2 * insetMm;
        if (!(width > 0 && height > 0)) {
            throw new IllegalArgumentException("an inset of " + insetMm + " mm leaves nothing of it");
        }
        Face face = Face.of("face", round ? "wrap" : "face", form, new AreaMeasures(width, height, insetMm),
                width * (round ? ART_SHARE_ROUND : ART_SHARE_FLAT))
                .withFurther(spots.stream().map(s -> s.on(whole)).toList());
        return new Blank(id, name.strip(), Family.OWN, madeOf, SIZE, List.of(colour),
                List.of(new BlankSize(SIZE, List.of(face))), photo);
    }

    /** What was measured, from the blank that it made; empty for blanks made otherwise. */
    public static Optional<OwnBlank> of(Blank b) {
        Face face = b.reference().faces().getFirst();
        Optional<Shape> shape = switch (face.form()) {
            case Panel p when p.cut() == Panel.Cut.RECTANGLE -> Optional.of(new Flat(p.widthMm(), p.heightMm()));
            case Vessel v when v.handle().isEmpty() -> Optional.of(new Round(v.topDiameterMm(), v.footDiameterMm(), v.slantMm()));
            default -> Optional.empty();
        };
        Box whole = face.form().whole();
        return b.sizes().size() > 1 ? Optional.empty() : shape.map(s -> new OwnBlank(b.id(), b.name(), b.madeOf(),
                b.colours().getFirst(), s, face.area().dropMm(), face.further().stream().map(o -> Spot.of(o, whole)).toList(),
                b.photo()));
    }

    /** An id made from a name, that is not taken yet. */
    public static String freeId(String name, Predicate<String> taken) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD).toLowerCase(Locale.ROOT)
                .replaceAll("\\p{M}", "").replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        String base = plain.isEmpty() ? "own" : "own-" + plain.replaceFirst("^own-", "");
        String id = base;
        for (int n = 2; taken.test(id); n++) {
            id = base + "-" + n;
        }
        return id;
    }
}
