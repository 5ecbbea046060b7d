package jurren.core.plan;

import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.cut.CutRun;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.load.Load;
import jurren.core.load.Nesting;
import jurren.core.load.PieceNames;
import jurren.core.snag.Snag;

/**
 * All that follows from a job.
 *
 * @param lines each line at each of its places
 * @param nests what better layouts can be looked for
 * @param found every snag, with the place of its line
 */
public record Plan(
        Job job,
        Shop shop,
        List<LinePlan> lines,
        List<Nesting.Request> nests,
        List<CutRun> runs,
        List<PrintSheet> prints,
        Map<Snag, Integer> found,
        Quote quote) {
    public Plan {
        lines = List.copyOf(lines);
        nests = List.copyOf(nests);
        runs = List.copyOf(runs);
        prints = List.copyOf(prints);
        found = Collections.unmodifiableMap(new LinkedHashMap<>(found));
    }

    /** A line at its first place. */
    public Optional<LinePlan> line(String id) {
        return lines.stream().filter(l -> l.line().id().equals(id)).findFirst();
    }

    /** All places of a line. */
    public List<LinePlan> places(String id) {
        return lines.stream().filter(l -> l.line().id().equals(id)).toList();
    }

    /** The places of a line in the order in which they are pressed: it is turned over before each but the first. */
    public List<LinePlan> pressingOrder(String id) {
        return places(id).stream()
                .sorted(Comparator.comparing(l -> l.finish().turnsOver()))
                .toList();
    }

    /** A line where one of its faces is decorated. */
    public Optional<LinePlan> line(String id, String place) {
        return places(id).stream().filter(l -> l.place().equals(place)).findFirst();
    }

    /** What tells the pieces of a load apart; where a line has only one place, that goes without saying. */
    public PieceNames pieceNames(Load load) {
        return new PieceNames(
                load.placed(),
                p -> places(p.item().lineId()).size() < 2
                        ? ""
                        : line(p.item().lineId(), p.item().place())
                                .map(l -> l.face().name())
                                .orElse(""));
    }

    /** The line of a snag at the place it was found at. */
    public Optional<LinePlan> line(Snag snag) {
        return places(snag.line()).stream()
                .filter(l -> l.line().at() == found.getOrDefault(snag, 0))
                .findFirst()
                .or(() -> line(snag.line()));
    }

    /** The job with those of its layouts that are still used. */
    public Job withUsedLayouts() {
        return job.withLaying(job.laying().withLayouts(job.laying().layouts().usedBy(nests)));
    }

    public List<Snag> snags() {
        return List.copyOf(found.keySet());
    }

    public boolean has(Snag.Gravity gravity) {
        return found.keySet().stream().anyMatch(s -> s.gravity() == gravity);
    }

    public double cutSeconds() {
        return runs.stream().mapToDouble(CutRun::seconds).sum();
    }

    /** What the film costs. */
    public double filmMoney() {
        return runs.stream().map(CutRun::load).mapToDouble(Load::filmMoney).sum();
    }

    /** What film the offcuts spare, at the very least, in money. */
    public double sparedMoney() {
        return runs.stream()
                .map(CutRun::load)
                .mapToDouble(l -> l.sparedMm() / 1000 * l.material().pricePerMetre())
                .sum();
    }

    /** Taken from rolls; an offcut was paid for long ago. */
    public double filmUsedMm() {
        return runs.stream()
                .filter(r -> r.load().stock().comesOffRoll())
                .mapToDouble(r -> r.load().usedMm())
                .sum();
    }
}
