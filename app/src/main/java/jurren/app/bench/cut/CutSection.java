package jurren.app.bench.cut;

import jurren.app.bench.BenchEntry;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.formats.words.Words;

/** What the ticket says of this bench. */
public final class CutSection implements BenchEntry.Section {
    @Override
    public BenchEntry.TicketText say(Session session, Plan plan, LinePlan line) {
        long cut = plan.runs().stream().filter(r -> session.job().isCut(r)).count();
        return new BenchEntry.TicketText(
                plan.runs().isEmpty()
                        ? Texts.of("ticket.cut-nothing")
                        : Texts.of("ticket.cut-time", Words.duration(plan.cutSeconds())),
                plan.runs().isEmpty()
                        ? ""
                        : Texts.of("ticket.cut-done", cut, plan.runs().size()),
                cut == plan.runs().size() && cut > 0);
    }
}
