package jurren.core.blank;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;

/**
 * The wrap of a round thing: a cup, a mug, a bottle, a jar.
 *
 * <p>The front's middle is x = 0; a handle, where there is one, stands opposite, half on each side of
 * the seam.
 *
 * @param lipClearMm  kept free under the lip
 * @param footClearMm kept free above the foot
 * @param handle      absent where there is none
 */
public record Vessel(
        Profile profile,
        double topDiameterMm,
        double footDiameterMm,
        double slantMm,
        double lipClearMm,
        double footClearMm,
        Optional<Handle> handle)
        implements Form {
    /** What is above and below the wrap when it stands on the table. */
    public enum Profile {
        CUP,
        MUG,
        GOBLET,
        BOTTLE,
        JAR
    }

    /**
     * @param widthMm where it meets the wall
     * @param clearMm kept free at each side of it
     * @param reachMm how far it stands out
     */
    public record Handle(double widthMm, double clearMm, double reachMm) {
        public Handle {
            if (!(widthMm > 0 && clearMm >= 0 && reachMm > 0)) {
                throw new IllegalArgumentException("a handle needs a width and a reach above zero");
            }
        }
    }

    public Vessel {
        new Surface.Round(topDiameterMm, footDiameterMm, slantMm);
        if (!(lipClearMm >= 0 && footClearMm >= 0)) {
            throw new IllegalArgumentException("what is kept clear must not be below zero");
        }
    }

    @Override
    public Surface.Round surface() {
        return new Surface.Round(topDiameterMm, footDiameterMm, slantMm);
    }

    /** Once round at half height. */
    @Override
    public Box whole() {
        double round = surface().roundAtMm(slantMm / 2);
        return Box.ofSize(-round / 2, 0, round, slantMm);
    }

    @Override
    public List<BlankPart> picture() {
        Unrolling unrolling = Unrolling.of(surface(), slantMm / 2);
        Box w = whole();
        Outline edge = Outline.of(List.of(
                        new Point(w.minXMm(), 0),
                        new Point(w.maxXMm(), 0),
                        new Point(w.maxXMm(), slantMm),
                        new Point(w.minXMm(), slantMm)))
                .warped(unrolling);
        return List.of(new BlankPart(
                BlankPart.Kind.BODY,
                Curves.of(jurren.core.geometry.AwtShapes.path(new Piece(edge, List.of()).region()))));
    }

    @Override
    public List<Obstacle> obstacles() {
        Box w = whole();
        List<Obstacle> found = new ArrayList<>();
        if (lipClearMm > 0) {
            found.add(Obstacle.rect(
                    Obstacle.Kind.LIP, new Box(w.minXMm(), 0, w.maxXMm(), Math.min(lipClearMm, slantMm))));
        }
        if (footClearMm > 0) {
            found.add(Obstacle.rect(
                    Obstacle.Kind.FOOT, new Box(w.minXMm(), Math.max(0, slantMm - footClearMm), w.maxXMm(), slantMm)));
        }
        handle.ifPresent(h -> {
            double half = Math.min(h.widthMm() / 2 + h.clearMm(), w.maxXMm());
            found.add(Obstacle.rect(Obstacle.Kind.HANDLE, new Box(w.maxXMm() - half, 0, w.maxXMm(), slantMm)));
            found.add(Obstacle.rect(Obstacle.Kind.HANDLE, new Box(w.minXMm(), 0, w.minXMm() + half, slantMm)));
        });
        return found;
    }

    /** What stands on the table above the lip, seen from the front; y up from the lip. Empty for an open cup. */
    public Optional<Curves> above() {
        double r = topDiameterMm / 2;
        Path2D.Double p = new Path2D.Double();
        switch (profile) {
            case BOTTLE -> {
                p.moveTo(-r, 0);
                p.curveTo(-r, -r * 0.5, -r * 0.55, -r * 0.45, -r * 0.55, -r * 0.75);
                p.lineTo(-r * 0.6, -r * 0.75);
                p.lineTo(-r * 0.6, -r * 1.5);
                p.lineTo(r * 0.6, -r * 1.5);
                p.lineTo(r * 0.6, -r * 0.75);
                p.lineTo(r * 0.55, -r * 0.75);
                p.curveTo(r * 0.55, -r * 0.45, r, -r * 0.5, r, 0);
            }
            case JAR -> {
                p.moveTo(-r, 0);
                p.curveTo(-r, -r * 0.18, -r * 0.85, -r * 0.2, -r * 0.85, -r * 0.28);
                p.lineTo(-r * 0.9, -r * 0.28);
                p.lineTo(-r * 0.9, -r * 0.68);
                p.lineTo(r * 0.9, -r * 0.68);
                p.lineTo(r * 0.9, -r * 0.28);
                p.lineTo(r * 0.85, -r * 0.28);
                p.curveTo(r * 0.85, -r * 0.2, r, -r * 0.18, r, 0);
            }
            default -> {
                return Optional.empty();
            }
        }
        p.closePath();
        return Optional.of(Curves.of(p));
    }

    @Override
    public Vessel with(Measure measure, double mm) {
        return switch (measure) {
            case TOP_DIAMETER -> new Vessel(profile, mm, footDiameterMm, slantMm, lipClearMm, footClearMm, handle);
            case FOOT_DIAMETER -> new Vessel(profile, topDiameterMm, mm, slantMm, lipClearMm, footClearMm, handle);
            case SLANT, HEIGHT ->
                new Vessel(profile, topDiameterMm, footDiameterMm, mm, lipClearMm, footClearMm, handle);
            default -> throw Form.hasNo(this, measure);
        };
    }

    @Override
    public List<Measured> measures() {
        return List.of(
                new Measured(Measure.TOP_DIAMETER, topDiameterMm),
                new Measured(Measure.FOOT_DIAMETER, footDiameterMm),
                new Measured(Measure.SLANT, slantMm));
    }
}
