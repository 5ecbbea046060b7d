package jurren.app.bench.art;

import java.util.List;
import java.util.Optional;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Guide;
import jurren.core.art.Motif;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.plan.LinePlan;

/** Where what is chosen can be taken hold of, on the face: of one motif turned with it, of several around them all. */
record Handles(List<Point> corners, Point middle, Point turn) {
    private static final double TURN_PX = 26;

    static Optional<Handles> of(LinePlan plan, List<Motif> chosen, double pxPerMm) {
        if (chosen.size() == 1) {
            Motif m = chosen.getFirst();
            return own(plan, m).map(b -> of(b, m.pose().placement(), pxPerMm));
        }
        return around(plan, chosen).map(b -> of(b, Placement.HERE, pxPerMm));
    }

    /** The box around motifs where they stand now. */
    static Optional<Box> around(LinePlan plan, List<Motif> motifs) {
        return motifs.stream().flatMap(m -> box(plan, m).stream()).reduce(Box::joined);
    }

    /** Around its own origin; a guide has one although nothing is made of it. */
    static Optional<Box> own(LinePlan plan, Motif m) {
        return m.source() instanceof Guide g
                ? Optional.of(g.box())
                : Optional.ofNullable(plan.motifs().get(m.id())).flatMap(BuiltMotif::bounds);
    }

    static Optional<Box> box(LinePlan plan, Motif m) {
        if (m.source() instanceof Guide g) {
            return Optional.of(g.box().placed(m.pose().placement()));
        }
        return Optional.ofNullable(plan.motifs().get(m.id()))
                .flatMap(b -> b.placed(m.pose().placement()).bounds());
    }

    private static Handles of(Box b, Placement p, double pxPerMm) {
        Point top = new Point(b.centre().xMm(), b.minYMm() - TURN_PX / pxPerMm);
        return new Handles(
                List.of(
                        p.apply(new Point(b.minXMm(), b.minYMm())),
                        p.apply(new Point(b.maxXMm(), b.minYMm())),
                        p.apply(new Point(b.maxXMm(), b.maxYMm())),
                        p.apply(new Point(b.minXMm(), b.maxYMm()))),
                p.apply(b.centre()),
                p.apply(top));
    }
}
