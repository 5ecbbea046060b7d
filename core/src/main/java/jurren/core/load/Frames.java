package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;

/**
 * Weeding frames: straight cuts around groups of pieces, so that the waste of a group lifts in one. A frame never goes
 * between pieces that lie into each other: where two frames would meet, there is one around both.
 */
final class Frames {
    /** From a piece to the frame round it. */
    static final double MARGIN_MM = 4;
    /** A ring that fills so much of its rectangle is the rectangle. */
    private static final double NEARLY_RECTANGLE = 0.8;
    /** Frames that come nearer than this are one. */
    private static final double APART_MM = 2;

    private static final double STRAIGHT_MM = 0.5;
    private static final double ROUNDING_MM = 1e-6;

    private static final class Group {
        private Region ring;
        private int last;

        Group(Region ring, int last) {
            this.ring = ring;
            this.last = last;
        }
    }

    private Frames() {}

    /** How far the frame of one piece reaches. */
    static Region around(Region piece) {
        Region hull = piece.hull();
        // a mitre at a sharp corner goes further than the margin
        return hull.grown(MARGIN_MM, CornerStyle.MITRED)
                .intersect(Region.of(hull.bounds().grown(MARGIN_MM)));
    }

    /**
     * @param lying   what is cut
     * @param reaches how far the frame of each piece reaches where it lies; empty of what a knife cuts right through,
     *        which falls out by itself
     */
    static List<Load.Frame> around(List<Region> reaches, List<Placed> lying, Region usable) {
        List<Group> groups = new ArrayList<>();
        for (int i = 0; i < reaches.size(); i++) {
            if (!reaches.get(i).isEmpty()) {
                add(groups, new Group(ring(reaches.get(i)), i));
            }
        }
        List<Load.Frame> frames = new ArrayList<>();
        for (Group g : groups) {
            // an offcut can be narrower than what a hand would cut around it
            Box box = usable.bounds();
            boolean inside = usable.areaMm2() > box.areaMm2() * (1 - 1e-9) && box.covers(g.ring.bounds(), ROUNDING_MM);
            Region within = inside ? g.ring : g.ring.intersect(usable);
            if (!within.isEmpty()) {
                frames.add(Reliefs.in(within.largest().outer(), g.last, lying));
            }
        }
        return frames;
    }

    private static void add(List<Group> groups, Group added) {
        Group g = added;
        for (int i = 0; i < groups.size(); ) {
            Group other = groups.get(i);
            if (near(g.ring, other.ring)) {
                groups.remove(i);
                g = new Group(ring(g.ring.weld(other.ring).hull()), Math.max(g.last, other.last));
                i = 0;
            } else {
                i++;
            }
        }
        groups.add(g);
    }

    private static boolean near(Region a, Region b) {
        return a.bounds().grown(APART_MM).crossed(b.bounds()).isPresent()
                && !a.grown(APART_MM, CornerStyle.MITRED).intersect(b).isEmpty();
    }

    private static Region ring(Region convex) {
        Box box = convex.bounds();
        return convex.areaMm2() >= NEARLY_RECTANGLE * box.areaMm2() ? Region.of(box) : convex.simplified(STRAIGHT_MM);
    }
}
