package jurren.app.bench.art;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import javafx.application.Platform;
import jurren.app.session.Session;
import jurren.core.art.Art;
import jurren.core.art.Drawing;
import jurren.core.art.Motif;
import jurren.core.art.OnePiece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.plan.LinePlan;
import jurren.core.snag.CutMarks;

/** Looks beside the window's thread for what a knife would make a mess of, in the art as it is now. */
final class MarksDesk {
    /** What is looked at, and what was found. */
    private record Looked(Art art, List<String> chosen, CutMarks marks, OnePiece piece) {
    }

    private final Session session;
    private final ExecutorService worker = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("marks").factory());
    private Runnable done = () -> { };
    private Looked looked;
    private Art wanted;
    private List<String> wantedFor = List.of();

    MarksDesk(Session session) {
        this.session = session;
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

    Optional<OnePiece> piece() {
        return current().map(Looked::piece);
    }

    private Optional<Looked> current() {
        return session.linePlan().filter(p -> looked != null && looked.art.equals(p.drawn().art()) && looked.chosen.equals(chosen())).map(_ -> looked);
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
        Region whole = checked(plan.get());
        List<Point> ends = plan.get().line().motifs().stream().filter(m -> !m.isHidden()).flatMap(m -> openEnds(m).stream()).toList();
        List<Region> cut = cut(plan.get());
        double least = plan.get().material().leastStrokeMm();
        wanted = art;
        wantedFor = chosen;
        worker.execute(() -> {
            Looked now = new Looked(art, chosen, CutMarks.of(art, cut, ends, least), OnePiece.of(whole));
            Platform.runLater(() -> {
                looked = now;
                done.run();
            });
        });
    }

    private List<String> chosen() {
        return session.chosen().stream().map(Motif::id).toList();
    }

    /** Whether it is one piece is asked of what is chosen, or of everything. */
    private Region checked(LinePlan plan) {
        List<Motif> chosen = session.chosen();
        return Region.weld(chosen.isEmpty() ? plan.drawn().art().paints().stream().map(p -> p.region()).toList()
                : chosen.stream().filter(m -> plan.motifs().containsKey(m.id()))
                .map(m -> plan.motifs().get(m.id()).region().placed(m.pose().placement())).toList());
    }

    /** What is cut, as it lies on the art; nothing of what is printed. */
    static List<Region> cut(LinePlan plan) {
        return plan.drawn().layers().stream().filter(l -> !l.isPrint()).map(l -> l.region().warped(plan.face().rolling())).toList();
    }

    private static List<Point> openEnds(Motif m) {
        return m.source() instanceof Drawing d ? d.openEnds().stream().map(p -> Placement.scaled(d.widthFactor(), d.heightFactor())
                .then(m.pose().placement()).apply(p)).toList() : List.of();
    }
}
