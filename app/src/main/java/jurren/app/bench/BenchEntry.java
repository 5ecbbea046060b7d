package jurren.app.bench;

import java.util.Set;
import java.util.function.Supplier;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.snag.Snag;

/**
 * One bench of the window.
 *
 * @param maker   called when it is first looked at
 * @param section what the ticket says of it
 * @param mends   what the snags are about that are mended there
 */
public record BenchEntry(Bench id, Supplier<BenchView> maker, Section section, Set<Snag.Subject> mends) {
    public BenchEntry {
        mends = Set.copyOf(mends);
    }

    /** What the ticket says of a bench. */
    @FunctionalInterface
    public interface Section {
        /** @param line of the open line */
        TicketText say(Session session, Plan plan, LinePlan line);
    }

    /**
     * Two lines of the ticket.
     *
     * @param isDone its work is done, if no snag stands in the way
     */
    public record TicketText(String first, String second, boolean isDone) {}
}
