package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Paint;
import jurren.core.art.TooMuch;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;

/** What treatments share: limits that say what is wrong, and copies. */
final class Limits {
    private static final int MOST_PARTS = 20_000;
    private static final double FINEST_MM = 0.05;
    private static final double MOST_MM = 100_000;
    /** Corners times how many copies lie on top of each other. */
    private static final double MOST_WORK = 3e5;

    private Limits() {}

    static void above(String what, double value, double least) {
        if (!(value > least && value <= MOST_MM)) {
            throw new IllegalArgumentException(
                    what + " must be above " + least + " and up to " + MOST_MM + " but was " + value);
        }
    }

    /** What a pattern is made of: nothing finer is ever cut, printed or seen. */
    static void ofPattern(String what, double mm) {
        within(what, mm, FINEST_MM, 2_000);
    }

    static void within(String what, double value, double least, double most) {
        if (!(value >= least && value <= most)) {
            throw new IllegalArgumentException(what + " must be from " + least + " to " + most + " but was " + value);
        }
    }

    /** How many copies lie on one place, at the mean; 1 where they lie beside each other. */
    private static double depth(List<Paint> paints, List<Placement> places) {
        Optional<Box> own = Paint.box(paints);
        if (own.isEmpty() || places.isEmpty()) {
            return 1;
        }
        List<Box> boxes = places.stream().map(own.get()::placed).toList();
        double all = boxes.stream().reduce(Box::joined).orElseThrow().areaMm2();
        return Math.max(1, boxes.stream().mapToDouble(Box::areaMm2).sum() / Math.max(all, 1e-9));
    }

    /** Every colour once at each place. */
    static List<Paint> repeated(List<Paint> paints, List<Placement> places) {
        long corners = Paint.all(paints).stream().mapToLong(Region::vertexCount).sum();
        if (corners * places.size() > BuiltMotif.MOST_CORNERS) {
            throw new TooMuch("that would be more than " + BuiltMotif.MOST_CORNERS + " corners to cut");
        }
        if ((long) Paint.all(paints).size() * places.size() > MOST_PARTS) {
            throw new TooMuch("that would be more than " + MOST_PARTS + " parts");
        }
        if (corners * places.size() * depth(paints, places) > MOST_WORK) {
            throw new TooMuch("so many copies on top of each other could not be joined");
        }
        List<Paint> all = new ArrayList<>();
        for (Paint p : paints) {
            if (p.ink().isPresent()) {
                places.forEach(place -> all.add(p.placed(place)));
                continue;
            }
            List<Region> parts = new ArrayList<>();
            places.forEach(
                    place -> p.parts().forEach(r -> parts.add(r.placed(place).sound())));
            all.add(new Paint(p.colour(), parts));
        }
        return all;
    }
}
