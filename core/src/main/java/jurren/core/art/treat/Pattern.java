package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/** What fills a shape: asked for piece by piece, so that a large arrangement meets only what is near each piece. */
interface Pattern {
    /** What of the pattern lies on a piece; it may reach beyond it, never into itself. */
    Region on(Region piece);

    /** Cut out of everything, or laid on top of it in a second colour; the same paints where it meets nothing. */
    static List<Paint> fill(List<Paint> paints, Region shape, Pattern pattern, boolean cutThrough, Colour colour) {
        List<Region> pieces = shape.pieces().stream().map(p -> p.region()).toList();
        if (cutThrough && paints.size() == 1 && paints.getFirst().parts().size() == 1) {
            List<Region> left = pieces.parallelStream().map(p -> p.minus(pattern.on(p))).toList();
            return left.equals(pieces) ? paints : Paint.each(List.of(new Paint(paints.getFirst().colour(), List.of(Region.together(left)))), r -> r);
        }
        Region inside = Region.together(pieces.parallelStream().map(p -> p.intersect(pattern.on(p))).toList());
        if (inside.isEmpty()) {
            return paints;
        }
        if (cutThrough) {
            return Paint.each(paints, r -> r.minus(inside));
        }
        List<Paint> all = new ArrayList<>(paints);
        all.add(new Paint(colour, List.of(inside)));
        return all;
    }
}
