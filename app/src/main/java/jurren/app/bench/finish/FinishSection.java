package jurren.app.bench.finish;

import jurren.app.bench.BenchEntry;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.formats.words.Words;

/** What the ticket says of this bench. */
public final class FinishSection implements BenchEntry.Section {
    @Override
    public BenchEntry.TicketText say(Session session, Plan plan, LinePlan line) {
        return new BenchEntry.TicketText(
                Texts.of("ticket.steps", line.finish().steps().size()),
                Texts.of(
                        "ticket.press-time",
                        Words.duration(line.finish().secondsPerPiece()),
                        Words.duration(line.finishSeconds())),
                !line.drawn().layers().isEmpty()
                        && session.job().made().pressed(line.line().id())
                                >= session.line().copies());
    }
}
