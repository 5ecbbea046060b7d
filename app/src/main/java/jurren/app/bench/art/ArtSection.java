package jurren.app.bench.art;

import java.util.List;
import java.util.stream.Collectors;
import jurren.app.bench.BenchEntry;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.formats.words.Words;

/** What the ticket says of this bench. */
public final class ArtSection implements BenchEntry.Section {
    @Override
    public BenchEntry.TicketText say(Session session, Plan plan, LinePlan line) {
        Words words = session.words();
        return new BenchEntry.TicketText(
                motifs(plan, line),
                line.blank().sizes().size() < 2
                        ? words.artSize(line)
                        : Texts.of(
                                "ticket.art-size",
                                words.artSize(line),
                                line.line().drawnFor()),
                !line.drawn().layers().isEmpty());
    }

    /** Of several places, each with its own. */
    private static String motifs(Plan plan, LinePlan line) {
        List<LinePlan> places = plan.places(line.line().id());
        return places.size() < 2
                ? motifs(line)
                : places.stream()
                        .map(p -> Texts.of("ticket.art-at", p.place(), motifs(p)))
                        .collect(Collectors.joining(" \u00b7 "));
    }

    private static String motifs(LinePlan line) {
        return line.line().motifs().isEmpty() ? Texts.of("ticket.no-art") : Words.motifs(line);
    }
}
