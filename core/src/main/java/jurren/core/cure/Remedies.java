package jurren.core.cure;

import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.core.stop.Stop;

/**
 * The cures of every snag of a plan; of none while they were not looked for.
 *
 * @param patternStuck snags in a pattern that no shift and no wider spacing helps
 */
public record Remedies(Map<Snag, List<Cure>> cures, Set<Snag> patternStuck) {
    public static final Remedies NONE = new Remedies(Map.of(), Set.of());

    public Remedies {
        patternStuck = Set.copyOf(patternStuck);
        cures = Collections.unmodifiableMap(new LinkedHashMap<>(cures));
    }

    public static Remedies of(Plan plan, Planner planner) {
        Mender mender = new Mender(planner);
        Map<Snag, List<Cure>> cures = new LinkedHashMap<>();
        Set<Snag> stuck = new HashSet<>();
        for (Snag snag : plan.snags()) {
            Stop.lookHere();
            List<Cure> good = mender.cures(plan, snag);
            cures.put(snag, good);
            // a pattern's own cures come first among what is tried, so none of them was left untried
            if (good.stream().noneMatch(c -> c.kind().isOfPattern()) && mender.isOfPattern(plan, snag)) {
                stuck.add(snag);
            }
        }
        return new Remedies(cures, stuck);
    }

    public List<Cure> of(Snag snag) {
        return cures.getOrDefault(snag, List.of());
    }
}
