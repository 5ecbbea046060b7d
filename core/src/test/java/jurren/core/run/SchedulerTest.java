package jurren.core.run;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

@Tag("long")
class SchedulerTest {
    private static final Machine CUTTER = new Machine(Machine.Kind.CUTTER, "c", "cutter");
    private static final Machine WEEDING = new Machine(Machine.Kind.WEEDING, "w", "");
    private static final Machine PRESS = new Machine(Machine.Kind.PRESS, "p", "press");
    private static final Machine OVEN = new Machine(Machine.Kind.OVEN, "o", "oven");
    private static final Machine TABLE = new Machine(Machine.Kind.TABLE, "t", "");

    private static RunTask task(
            String id, Machine machine, double seconds, double handsS, double celsius, String film, String... after) {
        RunTask.Kind kind = switch (machine.kind()) {
            case CUTTER -> RunTask.Kind.CUT;
            case WEEDING -> RunTask.Kind.WEED;
            case PRESS -> RunTask.Kind.PRESS;
            case OVEN -> RunTask.Kind.BAKE;
            default -> RunTask.Kind.LAY;
        };
        return new RunTask(
                id,
                kind,
                machine,
                Set.of("A"),
                0,
                id,
                Colour.of("#7C2E57"),
                1,
                seconds,
                handsS,
                celsius,
                film,
                List.of(after));
    }

    private static double start(Schedule s, String id) {
        return s.slots().stream()
                .filter(x -> x.task().id().equals(id))
                .findFirst()
                .orElseThrow()
                .startS();
    }

    /** Film in 40, then 20 + 100 cut, 50 weeded, pressed 200; the press is warm long before: 40 + 120 + 50 + 200. */
    @Test
    void oneAfterTheOther() {
        List<RunTask> tasks = List.of(
                task("press", PRESS, 200, 200, 72, "", "weed"),
                task("cut", CUTTER, 120, 20, 0, "red"),
                task("weed", WEEDING, 50, 50, 0, "", "cut"));
        Schedule s = Scheduler.of(tasks, Means.ONE_PAIR);
        assertThat(start(s, "cut")).isEqualTo(40);
        assertThat(start(s, "weed")).isEqualTo(160);
        assertThat(s.endS()).isEqualTo(410);
        assertThat(s.filmChanges()).isEqualTo(1);
        assertThat(s.heatUps()).isEqualTo(1);
        assertThat(s.busy(CUTTER)).isCloseTo(120 / 410.0, within(1e-9));
        assertThat(s.handsBusy(1)).isCloseTo(310 / 410.0, within(1e-9));
        assertThat(s.warmingS(PRESS)).as("4 s a degree from 22").isEqualTo(200);
    }

    /**
     * What is baked needs no hands: 300 s in the oven while 250 s are laid at the table. The oven takes 4 · (100 − 22)
     * to warm.
     */
    @Test
    void handsWorkWhileTheOvenRuns() {
        Schedule s = Scheduler.of(
                List.of(
                        task("lay", TABLE, 250, 250, 0, ""),
                        task("prepare", TABLE, 60, 60, 0, ""),
                        task("bake", OVEN, 300, 0, 100, "", "prepare")),
                Means.ONE_PAIR);
        assertThat(s.endS()).isEqualTo(4 * 78 + 300);
        assertThat(s.boundS()).as("and nothing is sooner").isEqualTo(s.endS());
    }

    /** The same film together, the same heat together: 2 changes and 2 heats, not 4. */
    @Test
    void whatIsAlikeGoesTogether() {
        List<RunTask> tasks = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            tasks.add(task("cut" + i, CUTTER, 60, 20, 0, i % 2 == 0 ? "red" : "blue"));
            tasks.add(task("press" + i, PRESS, 100, 100, i % 2 == 0 ? 130 : 155, "", "cut" + i));
        }
        Schedule s = Scheduler.of(tasks, Means.ONE_PAIR);
        assertThat(s.heatUps()).isEqualTo(2);
        assertThat(s.endS()).isLessThanOrEqualTo(1.10 * s.boundS());
    }

    @Test
    void noMachineAndNoHandsAreUsedTwiceAtOnce() {
        Random random = new Random(11);
        for (int k = 0; k < 20; k++) {
            List<RunTask> tasks = random(random, 5 + random.nextInt(40));
            Means means = new Means(1 + random.nextInt(3), random.nextBoolean() ? Map.of() : Map.of(PRESS, 2));
            Schedule s = Scheduler.of(tasks, means);
            isSound(s, tasks, means);
            assertThat(s.endS()).isGreaterThanOrEqualTo(s.boundS() - 1e-9);
            assertThat(Scheduler.of(tasks, means))
                    .as("the same tasks, the same order")
                    .isEqualTo(s);
        }
    }

    static List<RunTask> random(Random random, int lines) {
        List<RunTask> tasks = new ArrayList<>();
        for (int i = 0; i < lines; i++) {
            tasks.add(task("cut" + i, CUTTER, 40 + random.nextInt(300), 20, 0, "film" + random.nextInt(6)));
            tasks.add(task("weed" + i, WEEDING, 20 + random.nextInt(400), 0, 0, "", "cut" + i));
            RunTask weed = tasks.removeLast();
            tasks.add(task("weed" + i, WEEDING, weed.seconds(), weed.seconds(), 0, "", "cut" + i));
            double seconds = 60 + random.nextInt(900);
            switch (random.nextInt(3)) {
                case 0 ->
                    tasks.add(task("press" + i, PRESS, seconds, seconds, 130 + 10 * random.nextInt(4), "", "weed" + i));
                case 1 -> tasks.add(task("lay" + i, TABLE, seconds, seconds, 0, "", "weed" + i));
                default -> {
                    tasks.add(task("prepare" + i, TABLE, 120, 120, 0, "", "weed" + i));
                    tasks.add(task("bake" + i, OVEN, 360, 0, 195, "", "prepare" + i));
                    tasks.add(task("out" + i, TABLE, 30, 30, 0, "", "bake" + i));
                }
            }
        }
        return tasks;
    }

    private static void isSound(Schedule s, List<RunTask> tasks, Means means) {
        assertThat(s.slots())
                .extracting(x -> x.task().id())
                .containsExactlyInAnyOrderElementsOf(
                        tasks.stream().map(RunTask::id).toList());
        Map<String, Schedule.Slot> byId = new HashMap<>();
        s.slots().forEach(x -> byId.put(x.task().id(), x));
        Map<String, List<Schedule.Slot>> units = new HashMap<>();
        Map<Integer, List<Schedule.Slot>> hands = new HashMap<>();
        for (Schedule.Slot x : s.slots()) {
            x.task().after().forEach(b -> assertThat(byId.get(b).endS()).isLessThanOrEqualTo(x.startS() + 1e-6));
            units.computeIfAbsent(x.task().machine().id() + x.unit(), _ -> new ArrayList<>())
                    .add(x);
            if (x.task().handsS() > 0) {
                assertThat(x.hands()).isBetween(0, means.hands() - 1);
                hands.computeIfAbsent(x.hands(), _ -> new ArrayList<>()).add(x);
            }
        }
        units.values().forEach(of -> {
            of.sort(Comparator.comparingDouble(Schedule.Slot::startS));
            for (int i = 1; i < of.size(); i++) {
                assertThat(of.get(i).startS())
                        .isGreaterThanOrEqualTo(of.get(i - 1).endS() + of.get(i).setupS() - 1e-6);
                assertThat(of.get(i).task().celsius() == of.get(i - 1).task().celsius()
                                || of.get(i).setupS() > 0)
                        .isTrue();
            }
        });
        hands.values().forEach(of -> {
            of.sort(Comparator.comparingDouble(Schedule.Slot::startS));
            for (int i = 1; i < of.size(); i++) {
                double changes =
                        of.get(i).task().film().isEmpty() ? 0 : of.get(i).setupS();
                assertThat(of.get(i).startS() - changes)
                        .isGreaterThanOrEqualTo(of.get(i - 1).handsEndS() - 1e-6);
            }
        });
    }

    @Test
    void anotherPairOfHandsIsWorthWhatItWins() {
        WholeRun run = WholeRun.of(random(new Random(4), 8), Means.ONE_PAIR);
        assertThat(run.wins())
                .first()
                .satisfies(
                        w -> assertThat(w.machine()).as("hands are short here").isEqualTo(Optional.empty()));
        assertThat(run.wins())
                .allSatisfy(w -> assertThat(w.endS()).isLessThan(run.schedule().endS()));
        assertThat(run.machines()).extracting(Machine::kind).isSorted();
    }

    @Test
    void nothingToDoAndRings() {
        assertThat(Scheduler.of(List.of(), Means.ONE_PAIR).endS()).isZero();
        assertThat(Scheduler.of(List.of(task("a", TABLE, 5, 5, 0, "", "gone")), Means.ONE_PAIR)
                        .endS())
                .as("what is done already is not waited for")
                .isEqualTo(5);
        assertThatIllegalArgumentException()
                .isThrownBy(() -> Scheduler.of(
                        List.of(task("a", TABLE, 5, 5, 0, "", "b"), task("b", TABLE, 5, 5, 0, "", "a")),
                        Means.ONE_PAIR))
                .withMessageContaining("ring");
    }
}
