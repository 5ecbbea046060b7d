package jurren.core.finish;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import jurren.core.Fixtures;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The search beside one that simply tries everything, forwards, and knows none of its shortcuts. */
@Tag("long")
class ClosingSearchTest {
    /** Sequences of more closings are not all tried. */
    private static final int MOST = 4;

    private record Cost(int closings, int changes, double timeS) {}

    /** Tries every sequence of closings, the short ones first. */
    private static final class Everything {
        private final Pressing p;
        private final int n;
        private final double[] heats;
        private final double[] dwells;
        private Cost best;

        Everything(Pressing p) {
            this.p = p;
            this.n = p.layers().size();
            this.heats = p.layers().stream()
                    .mapToDouble(l -> l.recipe().leastCelsius())
                    .distinct()
                    .toArray();
            Set<Double> all = new HashSet<>(Set.of(1.0));
            p.layers().forEach(l -> all.add(l.recipe().leastS()));
            this.dwells = all.stream().mapToDouble(Double::doubleValue).toArray();
        }

        Optional<Cost> cost() {
            for (int closings = 1; closings <= Math.min(2 * n, MOST) && best == null; closings++) {
                tried(closings, closings, 0, 0, new double[n], 0, -1, 0, 0);
            }
            return Optional.ofNullable(best);
        }

        private void tried(
                int left,
                int of,
                int laid,
                int bonded,
                double[] taken,
                double all,
                double heat,
                int changes,
                double time) {
            int everyone = (1 << n) - 1;
            if (left == 0) {
                Cost cost = new Cost(of, changes, time);
                if (laid == everyone
                        && bonded == everyone
                        && (best == null
                                || Comparator.comparingInt(Cost::changes)
                                                .thenComparingDouble(Cost::timeS)
                                                .compare(cost, best)
                                        < 0)) {
                    best = cost;
                }
                return;
            }
            for (int now = 0; now <= everyone; now++) {
                if ((now & laid) == 0 && canBeLaid(now, laid)) {
                    for (double celsius : heats) {
                        for (double seconds : dwells) {
                            close(left, of, laid, bonded, taken, all, heat, changes, time, now, celsius, seconds);
                        }
                    }
                }
            }
        }

        private boolean canBeLaid(int now, int laid) {
            for (int i = 0; i < n; i++) {
                for (int j = 0; j < n; j++) {
                    if ((now >> i & 1) != 0 && p.lying().isOn(i, j) && (laid >> j & 1) == 0) {
                        return false;
                    }
                }
            }
            return someOrder(now);
        }

        private boolean someOrder(int now) {
            if (now == 0) {
                return true;
            }
            // someone can be laid last: nobody else of them has a carrier where it goes
            for (int i = 0; i < n; i++) {
                boolean free = (now >> i & 1) != 0;
                for (int j = 0; j < n && free; j++) {
                    free = j == i || (now >> j & 1) == 0 || (p.lying().under().get(j) >> i & 1) == 0;
                }
                if (free && someOrder(now & ~(1 << i))) {
                    return true;
                }
            }
            return false;
        }

        private void close(
                int left,
                int of,
                int laid,
                int bonded,
                double[] taken,
                double all,
                double heat,
                int changes,
                double time,
                int now,
                double celsius,
                double seconds) {
            int down = laid | now;
            double[] more = taken.clone();
            int done = bonded;
            Pressure most = Pressure.FIRM;
            for (int i = 0; i < n; i++) {
                if ((down >> i & 1) != 0 && p.layers().get(i).recipe().once()) {
                    if ((now >> i & 1) == 0) {
                        return;
                    }
                    most = p.layers().get(i).recipe().pressure().compareTo(most) < 0
                            ? p.layers().get(i).recipe().pressure()
                            : most;
                }
            }
            double cool = 0;
            for (int i = 0; i < n; i++) {
                if ((down >> i & 1) == 0) {
                    continue;
                }
                Pressed l = p.layers().get(i);
                Recipe r = l.recipe();
                more[i] += seconds * l.times();
                boolean isNew = (now >> i & 1) != 0;
                boolean bonds = celsius >= r.leastCelsius()
                        && seconds >= r.leastS()
                        && seconds <= r.mostS()
                        && r.pressure().compareTo(most) <= 0;
                if (celsius > r.mostCelsius()
                        || more[i] > r.mostTotalS() + 1e-9
                        || isNew && celsius < r.leastCelsius()
                        || (done >> i & 1) == 0 && seconds > r.mostS()
                        || isNew && (l.sheet() || r.once()) && !bonds) {
                    return;
                }
                done |= bonds ? 1 << i : 0;
                cool = isNew ? Math.max(cool, Cooling.untilPeeled(l, celsius)) : cool;
            }
            double together = all + seconds;
            if ((together + 4) * p.clothTimes() > p.cloth().mostTotalS() + 1e-9
                    || celsius > p.cloth().mostCelsius()
                    || celsius > p.reachesC()) {
                return;
            }
            tried(
                    left - 1,
                    of,
                    down,
                    done,
                    more,
                    together,
                    celsius,
                    changes + (heat >= 0 && heat != celsius ? 1 : 0),
                    time + 10 + seconds + cool);
        }
    }

    private static Pressing random(Random random, int n) {
        List<Pressed> layers = new ArrayList<>();
        List<Long> on = new ArrayList<>();
        List<Long> under = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double celsius = 140 + 10 * random.nextInt(3);
            double least = 8 + 3 * random.nextInt(3);
            double most = least + 2 + random.nextInt(5);
            boolean once = random.nextInt(8) == 0;
            Recipe recipe = new Recipe(
                    celsius,
                    celsius - 5 * random.nextInt(2),
                    celsius + 5 * random.nextInt(4),
                    least,
                    most,
                    most + random.nextInt(25),
                    2,
                    3,
                    once ? Pressure.LIGHT : Pressure.values()[1 + random.nextInt(2)],
                    Peel.values()[random.nextInt(3)],
                    once);
            layers.add(new Pressed(
                    i + 1,
                    recipe,
                    random.nextInt(10) == 0,
                    List.of(),
                    false,
                    0.1 + 0.1 * random.nextInt(3),
                    1 + random.nextInt(8) / 7,
                    Set.of(0)));
            long above = 0;
            long near = 0;
            for (int j = 0; j < n; j++) {
                above |= j > i && random.nextInt(3) == 0 ? 1L << j : 0;
                near |= j != i && random.nextInt(4) == 0 ? 1L << j : 0;
            }
            on.add(above);
            under.add(above | near);
        }
        return new Pressing(
                layers,
                new LayerOverlaps(on, under),
                Fixtures.cotton("cotton", 150 + 10 * random.nextInt(3), 20 + random.nextInt(40)),
                1,
                220,
                OptionalDouble.empty(),
                List.of(),
                Set.of());
    }

    private static Optional<Cost> cost(Optional<List<Closing>> found, Pressing p) {
        return found.map(all -> {
            int changes = 0;
            double time = 0;
            for (int i = 0; i < all.size(); i++) {
                Closing c = all.get(i);
                changes += i > 0 && all.get(i - 1).celsius() != c.celsius() ? 1 : 0;
                time += 10
                        + c.seconds()
                        + c.laid().stream()
                                .mapToDouble(l -> Cooling.untilPeeled(p.layers().get(l), c.celsius()))
                                .max()
                                .orElse(0);
            }
            return new Cost(all.size(), changes, time);
        });
    }

    @Test
    void isAsGoodAsTryingEverything() {
        Random random = new Random(17);
        int solvable = 0;
        for (int k = 0; k < 2000; k++) {
            Pressing p = random(random, k % 10 == 0 ? 3 : 1 + k % 2);
            Optional<Cost> expected = new Everything(p).cost();
            assertThat(cost(new ClosingSearch(p).best(), p).filter(c -> c.closings <= MOST))
                    .as("case %d: %s", k, p)
                    .isEqualTo(expected);
            solvable += expected.isPresent() ? 1 : 0;
        }
        assertThat(solvable).as("both kinds are among them").isBetween(400, 1800);
    }

    /** The quick answer beside the whole search, on what can be pressed and what cannot. */
    @Test
    void whetherAnythingWillDoIsToldAsTheBestIs() {
        Random random = new Random(29);
        int possible = 0;
        for (int k = 0; k < 1000; k++) {
            Pressing p = random(random, k % 50 == 0 ? 11 + random.nextInt(4) : 1 + random.nextInt(k % 10 == 0 ? 8 : 4));
            boolean expected = new ClosingSearch(p).best().isPresent();
            assertThat(ClosingSearch.isPossible(p)).as("case %d: %s", k, p).isEqualTo(expected);
            possible += expected ? 1 : 0;
        }
        assertThat(possible).as("both kinds are among them").isBetween(100, 900);
    }

    /** Whatever is told keeps every limit, also once what was left free was spent. */
    @Test
    void nothingSuffersInAnySolvedSequence() {
        Random random = new Random(5);
        int solved = 0;
        for (int k = 0; k < 800; k++) {
            Pressing p = random(random, 1 + random.nextInt(k % 10 == 0 ? 7 : 5));
            Solved s = PressSolver.solve(p);
            assertThat(s.closings()).isNotEmpty();
            Set<Integer> down = new HashSet<>();
            for (Closing c : s.closings()) {
                for (int i : c.laid()) {
                    assertThat(down).doesNotContain(i);
                    for (int j = 0; j < p.layers().size(); j++) {
                        assertThat(p.lying().isOn(i, j) && !down.contains(j))
                                .as("%d on %d", i, j)
                                .isFalse();
                    }
                }
                down.addAll(c.laid());
                assertThat(c.down()).containsExactlyInAnyOrderElementsOf(down);
            }
            assertThat(down).hasSize(p.layers().size());
            if (s.clashes().isEmpty()) {
                solved++;
                FinishSequence f = FilmPress.of(p, s, false);
                assertThat(f.heat()).as("%s", p).noneMatch(HeatTaken::tooMuch).noneMatch(HeatTaken::tooLittle);
                assertThat(s.closings())
                        .allSatisfy(c -> c.down()
                                .forEach(i -> assertThat(c.celsius())
                                        .isLessThanOrEqualTo(
                                                p.layers().get(i).recipe().mostCelsius())));
                assertThat(f.heatAfter(f.steps().size())).isEqualTo(f.heat());
                for (int i = 0; i < p.layers().size(); i++) {
                    int layer = i;
                    if (p.layers().get(i).recipe().once()) {
                        assertThat(s.closings().stream().filter(c -> c.down().contains(layer)))
                                .hasSize(1);
                        assertThat(f.steps().getLast().kind()).isNotEqualTo(HeatStep.REPRESS);
                    }
                }
            }
        }
        assertThat(solved).isGreaterThan(160);
    }

    @Test
    void clashesAreSmallestSetsThatCannotBeKeptAlone() {
        Random random = new Random(3);
        int clashing = 0;
        for (int k = 0; k < 300; k++) {
            Pressing p = random(random, 1 + random.nextInt(4));
            for (Set<Limit> clash : PressSolver.solve(p).clashes()) {
                clashing++;
                for (Limit one : clash) {
                    Set<Limit> others = new HashSet<>(p.limits());
                    others.removeAll(clash);
                    others.add(one);
                    assertThat(new ClosingSearch(p.waiving(others)).best())
                            .as("%s without %s in %s", clash, one, p)
                            .isPresent();
                }
            }
        }
        assertThat(clashing).isGreaterThan(50);
    }

    @Test
    void manyLayersHaveAGoodSequenceToo() {
        List<Pressed> layers = new ArrayList<>();
        for (int i = 1; i <= 40; i++) {
            layers.add(new Pressed(i, Fixtures.RECIPE, false));
        }
        Pressing apart = new Pressing(
                layers, LayerOverlaps.apart(40), Fixtures.COTTON, 1, 220, OptionalDouble.empty(), List.of(), Set.of());
        Solved s = PressSolver.solve(apart);
        assertThat(s.exact()).isFalse();
        assertThat(s.closings())
                .singleElement()
                .satisfies(c -> assertThat(c.laid()).hasSize(40));
        Solved tower = PressSolver.solve(new Pressing(
                layers,
                LayerOverlaps.stacked(40),
                Fixtures.COTTON,
                1,
                220,
                OptionalDouble.empty(),
                List.of(),
                Set.of()));
        assertThat(tower.clashes()).as("no cloth bears that").isNotEmpty();
        assertThat(tower.closings()).hasSizeGreaterThanOrEqualTo(40);
    }
}
