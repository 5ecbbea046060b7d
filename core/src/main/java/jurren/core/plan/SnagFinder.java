package jurren.core.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.art.Chain;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.load.Loading;
import jurren.core.memo.Memo;
import jurren.core.snag.Snag;
import jurren.core.stop.Stop;

/**
 * Looks a worked-out job over for what would go wrong: one finder a subject. What is found on a place is remembered by
 * its value, so that an edit looks at nothing else again.
 */
final class SnagFinder {
    private static final long BYTES_A_SNAG = 200;
    private static final int MOST_LARGE = 2;

    private final Chain chain;
    private final Memo<LinePlan, List<Snag>> known = new Memo<>(MOST_LARGE, this::ofPlace, (plan, snags, scale) -> {
        plan.sizes().forEach(s -> s.layers().forEach(l -> l.weigh(scale)));
        scale.add(snags, BYTES_A_SNAG * (1 + snags.size()));
    });

    SnagFinder(Chain chain) {
        this.chain = chain;
    }

    private List<Snag> ofPlace(LinePlan plan) {
        List<Snag> found = new ArrayList<>();
        Stop stop = Stop.here();
        new ArtSnags(chain, found::add).look(plan);
        stop.look();
        new ThingSnags(found::add).look(plan);
        stop.look();
        new LayerSnags(found::add).look(plan);
        return List.copyOf(found);
    }

    /** Every snag with the place of its line. */
    Map<Snag, Integer> find(Job job, List<LinePlan> lines, Loading loading, List<PrintSheet> prints, Shop shop) {
        Map<Snag, Integer> all = new LinkedHashMap<>();
        for (LinePlan line : lines) {
            known.get(line).forEach(s -> all.putIfAbsent(s, line.line().at()));
        }
        new StockSnags(shop).find(job, lines, loading, prints).forEach(all::putIfAbsent);
        return all;
    }
}
