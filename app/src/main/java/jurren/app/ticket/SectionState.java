package jurren.app.ticket;

import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.snag.Snag;
import java.util.Optional;

/** How far a section of the ticket is: ready when its work is done and nothing stands in its way. */
record SectionState(boolean isReady, int snags) {
    static SectionState of(Session session, Bench bench) {
        Optional<Plan> plan = session.plan();
        Optional<LinePlan> line = session.linePlan();
        if (plan.isEmpty() || line.isEmpty()) {
            return new SectionState(false, 0);
        }
        int snags = (int) plan.get().snags().stream().filter(s -> belongs(s, session, bench)).count();
        boolean art = !line.get().drawn().layers().isEmpty();
        boolean done = switch (bench) {
            case BLANK -> session.line().copies() > 0;
            case ART, LAYERS -> art;
            case LOADS -> !plan.get().runs().isEmpty();
            case CUT -> !plan.get().runs().isEmpty() && plan.get().runs().stream()
                    .allMatch(r -> session.progress().isCut(r.load().order()));
            case FINISH -> art && session.progress().piecesPressed() >= session.line().copies();
        };
        return new SectionState(done && snags == 0, snags);
    }

    private static boolean belongs(Snag snag, Session session, Bench bench) {
        return snag.bench().name().equals(bench.name())
                && (bench == Bench.LOADS || snag.line().equals(session.line().id()));
    }

    String words() {
        return snags > 0 ? Texts.of("ticket.snags", snags) : Texts.of(isReady ? "ticket.ready" : "ticket.open");
    }
}
