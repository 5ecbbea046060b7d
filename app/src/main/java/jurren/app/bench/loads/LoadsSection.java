package jurren.app.bench.loads;

import jurren.app.bench.BenchEntry;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;

/** What the ticket says of this bench. */
public final class LoadsSection implements BenchEntry.Section {
    @Override
    public BenchEntry.TicketText say(Session session, Plan plan, LinePlan line) {
        int sheets = plan.prints().stream()
                .filter(p -> p.slots().stream()
                        .anyMatch(s -> s.lineId().equals(line.line().id())))
                .mapToInt(p -> p.times())
                .sum();
        return new BenchEntry.TicketText(
                sheets > 0
                        ? Texts.of("ticket.sheets", sheets)
                        : Texts.of("ticket.loads", plan.runs().size()),
                sheets > 0
                        ? Texts.of("ticket.loads-job", plan.runs().size())
                        : Texts.of("ticket.film", session.unit().film(plan.filmUsedMm())),
                !plan.runs().isEmpty());
    }
}
