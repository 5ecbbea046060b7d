package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/**
 * Scores beside each piece by what it is told from the others of its load: line, place and size where they differ, and
 * which of how many it is. In the waste of its frame, clear of all pieces, of relief cuts and of other names, and
 * nearer to its own piece than to any other: where there is no such room, none is better than one that misleads.
 */
final class Scoring {
    /** The larger where there is room, else one that fits between a piece and its frame. */
    private static final double[] HIGH_MM = {4, 2.4};

    private static final double CLEAR_MM = 0.7;
    /** How near its own piece is, and no other. */
    private static final double[] NEAR_MM = {2, 4, 8};

    private static final int PLACES = 11;

    private final List<Placed> lying;
    private final PieceNames names;

    Scoring(List<Placed> lying) {
        this.lying = lying;
        this.names = new PieceNames(lying, p -> p.item().place());
    }

    /** A frame with the names of what lies in it. */
    Load.Frame in(Load.Frame frame) {
        Region inside =
                Region.enclosedBy(List.of(frame.outline()), FillRule.NON_ZERO).grown(-CLEAR_MM, CornerStyle.MITRED);
        List<Region> taken = new ArrayList<>();
        for (Placed p : lying) {
            taken.add(p.item().layer().weeded().placed(p.onto()).filled());
        }
        List<Region> films = List.copyOf(taken);
        frame.reliefs().forEach(r -> taken.add(Region.along(r.from(), r.to(), CLEAR_MM)));
        List<Load.Name> scored = new ArrayList<>();
        for (int i = 0; i < lying.size(); i++) {
            Placed p = lying.get(i);
            if (inside.contains(p.box().centre())) {
                int item = i;
                room(i, inside, taken, films).ifPresent(box -> {
                    taken.add(Region.of(box));
                    scored.add(new Load.Name(
                            item, LineLetters.of(names.of(p), box.heightMm(), new Point(box.minXMm(), box.minYMm()))));
                });
            }
        }
        return new Load.Frame(frame.outline(), frame.last(), frame.reliefs(), scored);
    }

    private Optional<Box> room(int of, Region inside, List<Region> taken, List<Region> films) {
        Placed p = lying.get(of);
        for (double high : HIGH_MM) {
            double wide = LineLetters.widthMm(names.of(p), high);
            for (Point at : places(p.box(), wide, high)) {
                Box box = Box.ofSize(at.xMm(), at.yMm(), wide, high);
                Region clear = Region.of(box.grown(CLEAR_MM));
                if (Region.of(box).minus(inside).isEmpty()
                        && taken.stream().noneMatch(t -> meet(t, clear))
                        && isBeside(of, box, films)) {
                    return Optional.of(box);
                }
            }
        }
        return Optional.empty();
    }

    private static boolean isBeside(int of, Box name, List<Region> films) {
        for (double near : NEAR_MM) {
            Region around = Region.of(name.grown(near));
            if (IntStream.range(0, films.size()).anyMatch(i -> i != of && meet(films.get(i), around))) {
                return false;
            }
            if (meet(films.get(of), around)) {
                return true;
            }
        }
        return false;
    }

    private static boolean meet(Region a, Region b) {
        return a.bounds().crossed(b.bounds()).isPresent() && !a.intersect(b).isEmpty();
    }

    /** Under it, over it, beside it, and then anywhere about it. */
    private static List<Point> places(Box of, double wide, double high) {
        List<Point> all = new ArrayList<>();
        double near = 2 * CLEAR_MM;
        for (int i = 0; i < PLACES; i++) {
            double t = (double) i / (PLACES - 1);
            double x = of.minXMm() + t * (of.widthMm() - wide);
            double y = of.minYMm() + t * (of.heightMm() - high);
            all.add(new Point(x, of.minYMm() - near - high));
            all.add(new Point(x, of.maxYMm() + near));
            all.add(new Point(of.maxXMm() + near, y));
            all.add(new Point(of.minXMm() - near - wide, y));
        }
        for (int i = 0; i < PLACES * PLACES; i++) {
            all.add(new Point(
                    of.minXMm() + (of.widthMm() - wide) * (i % PLACES) / (PLACES - 1),
                    of.minYMm() + (of.heightMm() - high) * (i / PLACES) / (PLACES - 1)));
        }
        return all;
    }
}
