package jurren.app.bench.art;

import java.util.List;
import java.util.Optional;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Motif;
import jurren.core.art.Sizing;
import jurren.core.art.Snapping;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.plan.Refit;

/** A drag on motifs: from where it began, any pointer place gives the motifs as they would be there. */
sealed interface Gesture {
    List<Motif> to(Point pointer);

    /** What holds them there. */
    default List<Snapping.Guide> guides(Point pointer) {
        return List.of();
    }

    /**
     * Carries motifs along.
     *
     * @param box      around all of them at the start; absent when there is nothing to see
     * @param snapping what holds them; absent while they are to move freely
     */
    record Move(List<Motif> start, Optional<Box> box, Point grabbed, Optional<Snapping> snapping) implements Gesture {
        @Override
        public List<Motif> to(Point pointer) {
            double dx = pointer.xMm() - grabbed.xMm();
            double dy = pointer.yMm() - grabbed.yMm();
            Point held = held(pointer).map(Snapping.Held::by).orElse(new Point(0, 0));
            return start.stream()
                    .map(m -> m.withPose(m.pose().moved(dx + held.xMm(), dy + held.yMm())))
                    .toList();
        }

        @Override
        public List<Snapping.Guide> guides(Point pointer) {
            return held(pointer).map(Snapping.Held::guides).orElse(List.of());
        }

        private Optional<Snapping.Held> held(Point pointer) {
            return snapping.flatMap(s -> box.map(b ->
                    s.hold(b.placed(Placement.moved(pointer.xMm() - grabbed.xMm(), pointer.yMm() - grabbed.yMm())))));
        }

        Move free() {
            return new Move(start, box, grabbed, Optional.empty());
        }
    }

    /** Pulls one corner of a motif while the opposite one stays; the proportion is kept. */
    record Scale(Motif start, BuiltMotif built, Point fixedCorner, Point grabbed) implements Gesture {
        static final double LEAST_FACTOR = 0.02;

        @Override
        public List<Motif> to(Point pointer) {
            double factor = factor(fixedCorner, grabbed, pointer);
            Box box = built.bounds().orElseThrow();
            Motif sized = start.withSource(Sizing.toWidth(start.source(), built, box.widthMm() * factor, true));
            Placement growth = Sizing.between(start.source(), sized.source());
            Placement back = start.pose().placement().inverse();
            Point corner = growth.apply(back.apply(fixedCorner));
            Point moved = sized.pose().placement().apply(corner);
            return List.of(sized.withPose(
                    sized.pose().moved(fixedCorner.xMm() - moved.xMm(), fixedCorner.yMm() - moved.yMm())));
        }
    }

    /** Pulls one corner of the box around several motifs while the opposite one stays. */
    record ScaleAll(List<Motif> start, List<Motif> face, Refit refit, Point fixedCorner, Point grabbed)
            implements Gesture {
        @Override
        public List<Motif> to(Point pointer) {
            return refit.placed(start, face, Placement.scaledAbout(fixedCorner, factor(fixedCorner, grabbed, pointer)));
        }
    }

    private static double factor(Point fixed, Point grabbed, Point pointer) {
        double was = fixed.distanceMm(grabbed);
        return was == 0 ? 1 : Math.max(Scale.LEAST_FACTOR, fixed.distanceMm(pointer) / was);
    }

    /** Turns round a middle; whole steps of 15 degrees hold the first of them. */
    record Turn(List<Motif> start, Point middle, Point grabbed) implements Gesture {
        private static final double STEP = 15;
        private static final double CATCH = 2;

        @Override
        public List<Motif> to(Point pointer) {
            double first = start.getFirst().pose().degrees();
            double degrees = (first + Math.toDegrees(angle(pointer) - angle(grabbed))) % 360;
            double step = Math.rint(degrees / STEP) * STEP;
            double by = (Math.abs(degrees - step) < CATCH ? step : degrees) - first;
            return start.stream()
                    .map(m -> turned(m, middle, m.pose().degrees() + by))
                    .toList();
        }

        private double angle(Point p) {
            return Math.atan2(p.yMm() - middle.yMm(), p.xMm() - middle.xMm());
        }
    }

    /** The motif turned so that {@code middle} stays where it is. */
    static Motif turned(Motif motif, Point middle, double degrees) {
        Point own = motif.pose().placement().inverse().apply(middle);
        Motif turned = motif.withPose(motif.pose().turnedTo(degrees));
        Point now = turned.pose().placement().apply(own);
        return turned.withPose(turned.pose().moved(middle.xMm() - now.xMm(), middle.yMm() - now.yMm()));
    }
}
