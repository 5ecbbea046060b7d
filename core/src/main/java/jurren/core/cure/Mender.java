package jurren.core.cure;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jurren.core.geometry.GeometryException;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import jurren.core.stop.Stop;

/**
 * Finds what mends a snag, by trying: a cure counts only when afterwards there are fewer snags, fewer of its own kind,
 * none of a kind that was not there, and of no kind more than before. So whatever is offered can be taken without
 * looking.
 */
public final class Mender {
    /** As many are offered. */
    public static final int MOST = 2;
    /** What nobody sees. */
    public static final double UNSEEN_MM = 0.2;

    private static final int MOST_ROUNDS = 60;

    private static final Set<Class<?>> LAID_NOWHERE = Set.of(Snag.NotOnRoll.class, Snag.NotOnMat.class);
    private static final Set<Class<?>> FILM_TO_BUY = Set.of(Snag.RollTooShort.class);

    private final Planner planner;

    public Mender(Planner planner) {
        this.planner = planner;
    }

    /** A snag's kind and how bad it is. */
    private record Kind(Class<?> snag, Snag.Gravity gravity) {}

    /** The best cures there are for a snag, the mildest first. */
    public List<Cure> cures(Plan plan, Snag snag) {
        List<Cure> good = new ArrayList<>();
        Plan before = trial(plan, snag, plan.job()).orElse(plan);
        for (Cure cure : Cures.of(snag, plan)) {
            if (good.size() == MOST) {
                break;
            }
            if (good.stream().noneMatch(c -> c.kind() == cure.kind())
                    && trial(plan, snag, cure.job())
                            .filter(after -> isBetter(before, after, snag))
                            .isPresent()) {
                good.add(cure);
            }
        }
        return good;
    }

    /** Whether a snag is there because of a pattern: without it there would be none of its kind on its layer. */
    boolean isOfPattern(Plan plan, Snag snag) {
        return Cures.withoutPatterns(snag, plan).stream()
                .anyMatch(job -> trial(plan, snag, job)
                        .filter(after -> after.snags().stream()
                                .noneMatch(s -> s.getClass() == snag.getClass() && s.layer() == snag.layer()))
                        .isPresent());
    }

    /** What a cure changes of what is seen on the size that its snag is on; nothing when it changes the thing alone. */
    public Optional<Change> change(Plan plan, Cure cure) {
        Optional<LinePlan> before = plan.line(cure.snag());
        return before.flatMap(b -> trial(plan, cure.snag(), cure.job())
                .flatMap(p -> p.line(b.line().id(), b.place()))
                .map(after -> Change.between(sizeOf(b, cure.snag()), sizeOf(after, cure.snag()))));
    }

    private static SizePlan sizeOf(LinePlan plan, Snag snag) {
        return snag.size().flatMap(plan::size).orElseGet(plan::drawn);
    }

    /** What was done, and what is left. */
    public record Mended(Plan plan, List<Cure> done) {
        public Mended {
            done = List.copyOf(done);
        }

        public Job job() {
            return plan.job();
        }
    }

    /**
     * Cures one snag after the other until none is left that can be cured.
     *
     * @param unseenOnly leave alone whatever would change by more than {@link #UNSEEN_MM} what is seen
     */
    public Mended mend(Plan plan, boolean unseenOnly) {
        List<Cure> done = new ArrayList<>();
        Set<String> hopeless = new HashSet<>();
        Plan now = plan;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Stop.lookHere();
            Plan seen = now;
            Optional<Cure> next = now.snags().stream()
                    .filter(s -> !hopeless.contains(s.toString()))
                    .flatMap(s -> {
                        List<Cure> cures = cures(seen, s).stream()
                                .filter(c -> !unseenOnly || isUnseen(seen, c))
                                .toList();
                        if (cures.isEmpty()) {
                            hopeless.add(s.toString());
                        }
                        return cures.stream();
                    })
                    .findFirst();
            if (next.isEmpty()) {
                break;
            }
            Plan after = planner.plan(next.get().job(), plan.shop());
            if (isBetter(now, after, next.get().snag())) {
                done.add(next.get());
                now = after;
            } else {
                hopeless.add(next.get().snag().toString());
            }
        }
        return new Mended(now, done);
    }

    /** Every snag of one kind cured, the mildest way each. */
    public Mended mendAll(Plan plan, Class<? extends Snag> kind) {
        List<Cure> done = new ArrayList<>();
        Set<String> hopeless = new HashSet<>();
        Plan now = plan;
        for (int round = 0; round < MOST_ROUNDS; round++) {
            Optional<Snag> next = now.snags().stream()
                    .filter(kind::isInstance)
                    .filter(s -> !hopeless.contains(s.toString()))
                    .findFirst();
            if (next.isEmpty()) {
                break;
            }
            List<Cure> cures = cures(now, next.get());
            Plan after = cures.isEmpty() ? now : planner.plan(cures.getFirst().job(), plan.shop());
            if (!cures.isEmpty() && isBetter(now, after, next.get())) {
                done.add(cures.getFirst());
                now = after;
            } else {
                hopeless.add(next.get().toString());
            }
        }
        return new Mended(now, done);
    }

    private boolean isUnseen(Plan plan, Cure cure) {
        return change(plan, cure).filter(c -> !c.isWiderThan(UNSEEN_MM)).isPresent();
    }

    /**
     * Planned with the snag's line alone, one of each size; what is about the whole run as it is. An edit that cannot
     * be planned is no cure.
     */
    private Optional<Plan> trial(Plan plan, Snag snag, Job job) {
        try {
            return Optional.of(
                    planner.plan(snag.subject() == Snag.Subject.STOCK ? job : alone(job, snag.line()), plan.shop()));
        } catch (IllegalArgumentException | GeometryException e) {
            return Optional.empty();
        }
    }

    private static Job alone(Job job, String lineId) {
        List<Line> lines = job.lines().stream()
                .filter(l -> l.id().equals(lineId))
                .map(l -> l.withSizes(l.sizes().stream()
                        .map(s -> s.count() > 1 ? s.withCount(1) : s)
                        .toList()))
                .toList();
        return lines.isEmpty() ? job : job.withLines(lines);
    }

    private static boolean isBetter(Plan before, Plan after, Snag mended) {
        Map<Kind, Integer> was = kinds(before);
        Map<Kind, Integer> is = kinds(after);
        Kind its = new Kind(mended.getClass(), mended.gravity());
        if (is.getOrDefault(its, 0) >= was.getOrDefault(its, 0)) {
            return false;
        }
        // what lies on film for the first time may need more of it than hangs there
        Set<Class<?>> follows = count(after, LAID_NOWHERE) < count(before, LAID_NOWHERE) ? FILM_TO_BUY : Set.of();
        return after.snags().size() - count(after, follows) < before.snags().size() - count(before, follows)
                && is.entrySet().stream()
                        .allMatch(e ->
                                follows.contains(e.getKey().snag) || e.getValue() <= was.getOrDefault(e.getKey(), 0));
    }

    private static long count(Plan plan, Set<Class<?>> kinds) {
        return plan.snags().stream().filter(s -> kinds.contains(s.getClass())).count();
    }

    private static Map<Kind, Integer> kinds(Plan plan) {
        Map<Kind, Integer> kinds = new LinkedHashMap<>();
        plan.snags().forEach(s -> kinds.merge(new Kind(s.getClass(), s.gravity()), 1, Integer::sum));
        return kinds;
    }
}
