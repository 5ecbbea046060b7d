package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.art.Guide;
import jurren.core.geometry.Point;

/** Two points on a guide whose distance is known, marked on the face, and then the distance. */
final class GuideScale {
    private final Session session;
    private final List<Point> points = new ArrayList<>();
    private Optional<String> motif = Optional.empty();

    GuideScale(Session session) {
        this.session = session;
    }

    void begin() {
        motif = session.motif().filter(m -> m.source() instanceof Guide).map(m -> m.id());
        points.clear();
        motif.ifPresent(_ -> session.notices().say(Texts.of("guide.mark-points")));
    }

    /** Points are being marked. */
    boolean isOn() {
        return motif.isPresent() && points.size() < 2;
    }

    boolean isReady() {
        return motif.isPresent()
                && points.size() == 2
                && motif.equals(session.motif().map(m -> m.id()));
    }

    List<Point> points() {
        return List.copyOf(points);
    }

    void add(Point p) {
        points.add(p);
        session.notices().say(Texts.of(points.size() == 2 ? "guide.give-distance" : "guide.mark-other"));
    }

    boolean stop() {
        boolean was = motif.isPresent();
        motif = Optional.empty();
        points.clear();
        return was;
    }

    double distanceMm() {
        return isReady() ? points.get(0).distanceMm(points.get(1)) : Double.NaN;
    }

    /** The first point stays where it is. */
    void distance(double mm) {
        if (isReady() && points.get(0).distanceMm(points.get(1)) > 0) {
            Point fixed = points.get(0);
            double factor = mm / points.get(0).distanceMm(points.get(1));
            session.editMotif(m -> m.source() instanceof Guide g
                    ? m.withSource(g.scaledBy(points.get(0), points.get(1), mm))
                            .withPose(new jurren.core.art.Pose(
                                    fixed.xMm() + (m.pose().xMm() - fixed.xMm()) * factor,
                                    fixed.yMm() + (m.pose().yMm() - fixed.yMm()) * factor,
                                    m.pose().degrees()))
                    : m);
        }
        stop();
        session.notices().say(null);
    }
}
