package jurren.core.cure;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.core.stop.Stop;

/** The cures of every snag of a plan; of none while they were not looked for. */
public record Remedies(Map<Snag, List<Cure>> cures) {
    public static final Remedies NONE = new Remedies(Map.of());

    public Remedies {
        cures = Collections.unmodifiableMap(new LinkedHashMap<>(cures));
    }

    public static Remedies of(Plan plan, Planner planner) {
        Mender mender = new Mender(planner);
        Map<Snag, List<Cure>> cures = new LinkedHashMap<>();
        for (Snag snag : plan.snags()) {
            Stop.lookHere();
            cures.put(snag, mender.cures(plan, snag));
        }
        return new Remedies(cures);
    }

    public List<Cure> of(Snag snag) {
        return cures.getOrDefault(snag, List.of());
    }
}
