package jurren.app.bench.art;

import jurren.core.art.BuiltMotif;
import jurren.core.art.Motif;
import jurren.core.art.Sizing;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;

/** A drag on a motif: from where it began, any pointer place gives the motif as it would be there. */
sealed interface Gesture {
    Motif to(Point pointer);

    /** Carries the motif along. */
    record Move(Motif start, Point grabbed) implements Gesture {
        /** Within this distance the middle line holds a motif. */
        private static final double CATCH_MM = 1.5;

        @Override
        public Motif to(Point pointer) {
            double x = start.pose().xMm() + pointer.xMm() - grabbed.xMm();
            double y = start.pose().yMm() + pointer.yMm() - grabbed.yMm();
            double held = Math.abs(x) < CATCH_MM ? 0 : x;
            return start.withPose(start.pose().moved(held - start.pose().xMm(), y - start.pose().yMm()));
        }
    }

    /** Pulls one corner while the opposite one stays; the proportion is kept. */
    record Scale(Motif start, BuiltMotif built, Point fixedCorner, Point grabbed) implements Gesture {
        private static final double LEAST_FACTOR = 0.02;

        @Override
        public Motif to(Point pointer) {
            double was = fixedCorner.distanceMm(grabbed);
            double factor = was == 0 ? 1 : Math.max(LEAST_FACTOR, fixedCorner.distanceMm(pointer) / was);
            Box box = built.bounds().orElseThrow();
            Motif sized = start.withSource(Sizing.toWidth(start.source(), built, box.widthMm() * factor, true));
            Placement growth = Sizing.between(start.source(), sized.source());
            Placement back = start.pose().placement().inverse();
            Point corner = growth.apply(back.apply(fixedCorner));
            Point moved = sized.pose().placement().apply(corner);
            return sized.withPose(sized.pose().moved(fixedCorner.xMm() - moved.xMm(), fixedCorner.yMm() - moved.yMm()));
        }
    }

    /** Turns round the middle of the motif; whole steps of 15 degrees hold it. */
    record Turn(Motif start, Point middle, Point grabbed) implements Gesture {
        private static final double STEP = 15;
        private static final double CATCH = 2;

        @Override
        public Motif to(Point pointer) {
            double by = Math.toDegrees(angle(pointer) - angle(grabbed));
            double degrees = (start.pose().degrees() + by) % 360;
            double step = Math.rint(degrees / STEP) * STEP;
            return turned(start, middle, Math.abs(degrees - step) < CATCH ? step : degrees);
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
