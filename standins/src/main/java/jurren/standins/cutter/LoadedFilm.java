package jurren.standins.cutter;

import java.util.List;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;

/**
 * The film that somebody has put into the stand-in.
 *
 * @param bed   as the load was meant to lie, and how the machine counts
 * @param marks where its printed marks really are
 * @param realWidthMm what the machine measures
 */
public record LoadedFilm(Bed bed, List<Point> marks, double realWidthMm) {
    /** How carefully it was put in. */
    public enum Care {
        STRAIGHT(Placement.HERE),
        /** As a hand does: a little off, turned, and the feed a little long. */
        USUAL(new Placement(1.002, 0, 0.001, 0.9985, 0, 0)
                .then(Placement.turned(0.6))
                .then(Placement.moved(1.7, -0.9))),
        /** Not the sheet's edge against the guide. */
        CROOKED(Placement.turned(4.5)),
        /** Something lies on one of the marks. */
        A_MARK_HIDDEN(Placement.turned(-0.3)),
        /** Another roll than the load was laid for. */
        NARROWER(Placement.HERE);

        private static final double NARROWER_MM = 40;
        private final Placement lies;

        Care(Placement lies) {
            this.lies = lies;
        }

        public Placement lies() {
            return lies;
        }

        /** @param marks where they were printed */
        public LoadedFilm put(Bed bed, List<Point> marks) {
            List<Point> there = marks.stream().map(lies::apply).toList();
            return new LoadedFilm(
                    bed,
                    this == A_MARK_HIDDEN && !there.isEmpty() ? there.subList(0, there.size() - 1) : there,
                    bed.widthMm() - (this == NARROWER ? NARROWER_MM : 0));
        }
    }

    public LoadedFilm {
        marks = List.copyOf(marks);
    }
}
