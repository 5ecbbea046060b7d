package jurren.app.bench.art;

import java.util.List;
import java.util.Optional;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.art.Art;
import jurren.core.art.Drawing;
import jurren.core.art.Motif;
import jurren.core.art.OnePiece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.core.snag.CutMarks;
import jurren.core.stop.Stop;

/** Looks beside the window's thread for what a knife would make a mess of, in the art as it is now. */
final class MarksDesk {
    /** What is looked at, and what was found. */
    private record Looked(Art art, List<String> chosen, CutMarks marks, Pieces pieces) {}

    /** Whether it is one piece, and a line round each loose part. */
    record Pieces(OnePiece piece, List<Region> around) {}

    /** From a loose part to the line around it. */
    private static final double AROUND_MM = 1.2;

    private final Session session;
    private final Lane lane;
    private Runnable done = () -> {};
    private Looked looked;
    private Art wanted;
    private List<String> wantedFor = List.of();

    MarksDesk(Session session) {
        this.session = session;
        this.lane = session.desk().lane();
    }

    void onDone(Runnable newDone) {
        done = newDone;
    }

    /** The marks of the art as it is; none while they are looked for. */
    List<CutMarks.Mark> found() {
        return current().map(l -> l.marks.marks()).orElse(List.of());
    }

    Optional<CutMarks> marks() {
        return current().map(Looked::marks);
    }

    Optional<Pieces> piece() {
        return current().map(Looked::pieces);
    }

    private Optional<Looked> current() {
        return session.linePlan()
                .filter(p -> looked != null && looked.art.equals(p.drawn().art()) && looked.chosen.equals(chosen()))
                .map(_ -> looked);
    }

    void want() {
        Optional<LinePlan> plan = session.linePlan();
        if (plan.isEmpty() || current().isPresent()) {
            return;
        }
        Art art = plan.get().drawn().art();
        List<String> chosen = chosen();
        if (art.equals(wanted) && chosen.equals(wantedFor)) {
            return;
        }
        LinePlan of = plan.get();
        List<Motif> motifs = session.chosen();
        wanted = art;
        wantedFor = chosen;
        lane.want(new Order<>(
                Texts.of("work.marks"),
                _ -> look(of, motifs, chosen),
                now -> {
                    looked = now;
                    done.run();
                },
                why -> {
                    wanted = null;
                    session.notices().trouble(Texts.of("work.failed", Texts.reason(why)));
                }));
    }

    private static Looked look(LinePlan plan, List<Motif> motifs, List<String> chosen) {
        List<Point> ends = plan.line().motifs().stream()
                .filter(m -> !m.isHidden())
                .flatMap(m -> openEnds(m).stream())
                .toList();
        CutMarks marks = CutMarks.of(plan.drawn().art(), cut(plan), ends, leastMm(plan));
        Stop.lookHere();
        OnePiece piece = OnePiece.of(checked(plan, motifs));
        return new Looked(plan.drawn().art(), chosen, marks, new Pieces(piece, piece.around(AROUND_MM)));
    }

    private List<String> chosen() {
        return session.chosen().stream().map(Motif::id).toList();
    }

    /** Whether it is one piece is asked of what is chosen, or of everything. */
    private static Region checked(LinePlan plan, List<Motif> chosen) {
        return Region.weld(
                chosen.isEmpty()
                        ? plan.drawn().art().paints().stream()
                                .map(p -> p.region())
                                .toList()
                        : chosen.stream()
                                .filter(m -> plan.motifs().containsKey(m.id()))
                                .map(m -> plan.motifs()
                                        .get(m.id())
                                        .region()
                                        .placed(m.pose().placement()))
                                .toList());
    }

    /** The most that any of its films needs. */
    private static double leastMm(LinePlan plan) {
        return plan.drawn().layers().stream()
                .filter(Layer::isCut)
                .mapToDouble(l -> l.material().leastStrokeMm())
                .max()
                .orElse(plan.material().leastStrokeMm());
    }

    /** What is cut, as it lies on the art; nothing of what is printed. */
    static List<Region> cut(LinePlan plan) {
        return plan.drawn().shapes().asWorn().stream()
                .filter(Layer::isCut)
                .map(Layer::region)
                .toList();
    }

    private static List<Point> openEnds(Motif m) {
        return m.source() instanceof Drawing d
                ? d.openEnds().stream()
                        .map(p -> Placement.scaled(d.widthFactor(), d.heightFactor())
                                .then(m.pose().placement())
                                .apply(p))
                        .toList()
                : List.of();
    }

    void close() {
        lane.stop();
    }
}
