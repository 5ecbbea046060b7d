package jurren.app.bench.layers;

import jurren.app.bench.BenchEntry;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;

/** What the ticket says of this bench. */
public final class LayersSection implements BenchEntry.Section {
    @Override
    public BenchEntry.Said say(Session session, Plan plan, LinePlan line) {
        boolean printed = line.material().process().isPrinted();
        return new BenchEntry.Said(session.words().reversedLine(line), printed ? Texts.of("ticket.in-the-coat")
                : Texts.of("ticket.thick", session.unit().thin(line.drawn().layers().size() * line.material().thicknessMm())),
                !line.drawn().layers().isEmpty());
    }
}
