package jurren.app.bench.layers;

import jurren.app.bench.BenchEntry;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;

/** What the ticket says of this bench. */
public final class LayersSection implements BenchEntry.Section {
    @Override
    public BenchEntry.TicketText say(Session session, Plan plan, LinePlan line) {
        double thick = line.thickestMm();
        boolean some = !line.drawn().layers().isEmpty();
        return new BenchEntry.TicketText(
                session.words().reversedLine(line),
                !some
                        ? Texts.of("ticket.no-layers")
                        : thick == 0
                                ? Texts.of("ticket.in-the-coat")
                                : Texts.of("ticket.thick", session.unit().thin(thick)),
                some);
    }
}
