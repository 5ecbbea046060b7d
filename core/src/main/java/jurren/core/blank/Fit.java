package jurren.core.blank;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;

/**
 * How art finds its place on another size or another thing. Each way it hangs on an anchor of the
 * face; its distance from there is what a person made it on the size it is drawn for.
 *
 * <p>The distance from the collar (or lip, or upper edge) and from the foot stays as it is in mm, all
 * others grow with the art. Example: art 254 wide whose top is 76 mm under the collar of an M, hung
 * on the collar with the usual width, is 270 wide and 76 mm under the collar of an L.
 */
public record Fit(Across across, Down down, Width width) {
    /** Usual: in the middle, under the area's upper edge, as wide as art usually is there. */
    public static final Fit USUAL = new Fit(Across.MIDDLE, Down.AREA_TOP, Width.USUAL);

    private static final double CHEST_MM = 100;
    /** On a small garment, the chest's middle is nearer. */
    private static final double CHEST_SHARE = 0.2;

    private static final double CHEST_ART_MM = 90;

    /** Where the art's middle hangs, left to right. */
    public enum Across {
        MIDDLE,
        /** Of the wearer: on the right as one looks at the shirt. */
        LEFT_CHEST,
        RIGHT_CHEST,
        /** The middle of the widest stretch of the area that nothing stands in. */
        BETWEEN_OBSTACLES
    }

    /** What the art hangs on, up and down. */
    public enum Down {
        AREA_TOP,
        AREA_MIDDLE,
        /** The collar, the lip, the upper edge. */
        TOP,
        /** The hem, the foot, the lower edge. */
        FOOT
    }

    /** How wide the art becomes. */
    public enum Width {
        /** In the proportion of the widths that art usually has. */
        USUAL,
        SAME,
        /** As large as the area takes, in proportion. */
        LARGEST,
        /** As large as the film lies between the rollers, one way or the other, and no larger than the area takes. */
        LARGEST_ON_FILM
    }

    public Fit with(Across newAcross) {
        return new Fit(newAcross, down, width);
    }

    public Fit with(Down newDown) {
        return new Fit(across, newDown, width);
    }

    public Fit with(Width newWidth) {
        return new Fit(across, down, newWidth);
    }

    /** How large a piece may be: between the rollers, and along a mat or endless off a roll. */
    public record OnFilm(double acrossMm, double alongMm) {
        public static final OnFilm ENDLESS = new OnFilm(Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY);

        /** With a frame around it. */
        public OnFilm less(double frameMm) {
            return new OnFilm(acrossMm - frameMm, alongMm - frameMm);
        }

        /** How many times as large it may be, laid either way. */
        public double factor(Box piece) {
            return Math.max(
                    Math.min(acrossMm / piece.heightMm(), alongMm / piece.widthMm()),
                    Math.min(acrossMm / piece.widthMm(), alongMm / piece.heightMm()));
        }
    }

    /**
     * From the face the art is drawn for to another.
     *
     * @param art    the box of the art on {@code from}
     * @param wanted the width that was typed for this size, if any
     * @param film   how large a piece may be
     */
    public Placement between(Face from, Face to, Box art, Optional<Double> wanted, OnFilm film) {
        double factor = wanted.map(w -> w / art.widthMm()).orElseGet(() -> factor(from, to, art, film));
        double x = reference(art).x - anchorX(from);
        double y = reference(art).y - anchorY(from);
        double dx = anchorX(to) + x * factor;
        double dy = anchorY(to) + y * (down == Down.TOP || down == Down.FOOT ? 1 : factor);
        return Placement.moved(-reference(art).x, -reference(art).y)
                .then(Placement.scaled(factor))
                .then(Placement.moved(dx, dy));
    }

    private double factor(Face from, Face to, Box art, OnFilm film) {
        return switch (width) {
            case USUAL -> to.artWidthMm() / from.artWidthMm();
            case SAME -> 1;
            case LARGEST -> largest(to, art);
            case LARGEST_ON_FILM -> Math.min(largest(to, art), film.factor(art));
        };
    }

    private static double largest(Face face, Box art) {
        return Math.min(face.area().widthMm() / art.widthMm(), face.area().heightMm() / art.heightMm());
    }

    private record XY(double x, double y) {}

    private XY reference(Box art) {
        return new XY(
                art.centre().xMm(),
                switch (down) {
                    case AREA_TOP, TOP -> art.minYMm();
                    case AREA_MIDDLE -> art.centre().yMm();
                    case FOOT -> art.maxYMm();
                });
    }

    /** Where the middle of art hangs on this face. */
    public double anchorX(Face face) {
        double chest = Math.min(CHEST_MM, CHEST_SHARE * face.whole().widthMm());
        return switch (across) {
            case MIDDLE -> 0;
            case LEFT_CHEST -> chest;
            case RIGHT_CHEST -> -chest;
            case BETWEEN_OBSTACLES -> widestFree(face);
        };
    }

    private double anchorY(Face face) {
        return switch (down) {
            case AREA_TOP -> face.area().dropMm();
            case AREA_MIDDLE -> face.area().box().centre().yMm();
            case TOP -> 0;
            case FOOT -> face.whole().maxYMm();
        };
    }

    /** The middle of the widest stretch across the area between obstacles that reach into it. */
    private static double widestFree(Face face) {
        Box area = face.area().box();
        List<double[]> taken = new ArrayList<>();
        for (Obstacle o : face.obstacles()) {
            area.crossed(o.box())
                    .filter(b -> b.widthMm() < area.widthMm() * 0.98)
                    .ifPresent(b -> taken.add(new double[] {b.minXMm(), b.maxXMm()}));
        }
        taken.add(new double[] {area.maxXMm(), area.maxXMm()});
        taken.sort(Comparator.comparingDouble(t -> t[0]));
        double at = area.minXMm();
        double best = 0;
        double middle = area.centre().xMm();
        for (double[] t : taken) {
            if (t[0] - at > best) {
                best = t[0] - at;
                middle = (at + t[0]) / 2;
            }
            at = Math.max(at, t[1]);
        }
        return middle;
    }

    /** Moves art on its own face to where it hangs left to right. */
    public Placement putAcross(Face face, Box art) {
        return Placement.moved(anchorX(face) - art.centre().xMm(), 0);
    }

    /** Moves art on its own face to where it hangs up and down: the area's edge or middle. */
    public Placement putDown(Face face, Box art) {
        Box area = face.area().box();
        return Placement.moved(
                0,
                switch (down) {
                    case AREA_TOP, TOP -> area.minYMm() - art.minYMm();
                    case AREA_MIDDLE -> area.centre().yMm() - art.centre().yMm();
                    case FOOT -> area.maxYMm() - art.maxYMm();
                });
    }

    /**
     * Makes art on its own face as wide as the rule says, about where it hangs.
     *
     * @param film   how large a piece may be
     */
    public Placement putWidth(Face face, Box art, OnFilm film) {
        double factor = switch (width) {
            case SAME -> 1;
            case USUAL ->
                (across == Across.LEFT_CHEST || across == Across.RIGHT_CHEST
                                ? Math.min(CHEST_ART_MM, face.artWidthMm())
                                : face.artWidthMm())
                        / art.widthMm();
            case LARGEST -> largest(face, art);
            case LARGEST_ON_FILM -> Math.min(largest(face, art), film.factor(art));
        };
        return Placement.scaledAbout(new Point(reference(art).x, reference(art).y), factor);
    }
}
