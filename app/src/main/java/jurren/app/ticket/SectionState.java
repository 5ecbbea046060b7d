package jurren.app.ticket;

import jurren.app.bench.BenchEntry;
import jurren.app.bench.SnagCards;
import jurren.app.session.Session;
import jurren.app.theme.Texts;

/** How far a section of the ticket is: ready when its work is done and nothing stands in its way. */
record SectionState(boolean isReady, int snags) {
    static SectionState of(Session session, BenchEntry bench, boolean done) {
        int snags = SnagCards.ofLine(session, bench.mends()).size();
        return new SectionState(done && snags == 0, snags);
    }

    String words() {
        return snags > 0 ? Texts.of("ticket.snags", snags) : Texts.of(isReady ? "ticket.ready" : "ticket.open");
    }
}
