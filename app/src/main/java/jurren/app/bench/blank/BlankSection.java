package jurren.app.bench.blank;

import jurren.app.bench.BenchEntry;
import jurren.app.session.Session;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.formats.words.Words;

/** What the ticket says of this bench. */
public final class BlankSection implements BenchEntry.Section {
    @Override
    public BenchEntry.TicketText say(Session session, Plan plan, LinePlan line) {
        Words words = session.words();
        return new BenchEntry.TicketText(
                words.blankLine(line), Words.sizeRun(line), session.line().copies() > 0);
    }
}
