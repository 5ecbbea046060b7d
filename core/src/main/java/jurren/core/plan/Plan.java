package jurren.core.plan;

import jurren.core.cut.CutRun;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.snag.Snag;
import java.util.List;
import java.util.Optional;

/** All that follows from a job. */
public record Plan(Job job, Shop shop, List<LinePlan> lines, List<CutRun> runs, List<PrintSheet> prints,
                   List<Snag> snags, Quote quote) {
    public Plan {
        lines = List.copyOf(lines);
        runs = List.copyOf(runs);
        prints = List.copyOf(prints);
        snags = List.copyOf(snags);
    }

    public Optional<LinePlan> line(String id) {
        return lines.stream().filter(l -> l.line().id().equals(id)).findFirst();
    }

    public boolean has(Snag.Gravity gravity) {
        return snags.stream().anyMatch(s -> s.gravity() == gravity);
    }

    public double cutSeconds() {
        return runs.stream().mapToDouble(CutRun::seconds).sum();
    }

    public double filmUsedMm() {
        return runs.stream().mapToDouble(r -> r.load().usedMm()).sum();
    }
}
