package jurren.app.bench.art;

import jurren.app.bench.BenchEntry;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.formats.words.Words;

/** What the ticket says of this bench. */
public final class ArtSection implements BenchEntry.Section {
    @Override
    public BenchEntry.Said say(Session session, Plan plan, LinePlan line) {
        Words words = session.words();
        return new BenchEntry.Said(line.line().motifs().isEmpty() ? Texts.of("ticket.no-art") : Words.motifs(line),
                line.blank().sizes().size() < 2 ? words.artSize(line) : Texts.of("ticket.art-size", words.artSize(line), line.line().drawnFor()),
                !line.drawn().layers().isEmpty());
    }
}
