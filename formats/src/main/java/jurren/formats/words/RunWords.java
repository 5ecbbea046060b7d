package jurren.formats.words;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import jurren.core.run.Machine;
import jurren.core.run.RunTask;
import jurren.core.run.Schedule;
import jurren.core.run.WholeRun;

/** What is said of a run. */
public final class RunWords {
    private static final double WORTH_TELLING_S = 30;

    private final Words words;

    public RunWords(Units units) {
        this.words = new Words(units);
    }

    public static String machine(Machine m) {
        return switch (m.kind()) {
            case WEEDING, TABLE -> Words.text("run.machine." + Words.key(m.kind()));
            default -> m.name();
        };
    }

    /** {@code Weed Tangerine}, {@code Press front}. */
    public static String task(RunTask t) {
        return Words.text("run.task." + Words.key(t.kind()), t.what(), t.order());
    }

    /** What is to be done there, with its lines and pieces. */
    public String detail(RunTask t) {
        return Words.text(
                "run.detail." + Words.key(t.kind()),
                lines(t),
                t.pieces(),
                t.celsius() > 0 ? words.degrees(t.celsius()) : "",
                Words.duration(t.seconds()));
    }

    public static String lines(RunTask t) {
        return String.join(", ", new TreeSet<>(t.lines()));
    }

    /** {@code 1:05} hours and minutes from the beginning. */
    public static String at(double s) {
        long minutes = Math.round(s / 60);
        return String.format(Locale.ROOT, "%d:%02d", minutes / 60, minutes % 60);
    }

    public static String whole(Schedule s) {
        return Words.text("run.whole", Words.duration(s.endS()), Words.duration(s.boundS()));
    }

    /** Why it goes in this order, in a few sentences. */
    public List<String> why(Schedule s) {
        List<String> all = new ArrayList<>();
        all.add(limit(s));
        heats(s).ifPresent(all::add);
        baked(s).ifPresent(all::add);
        if (s.filmChanges() > 1) {
            all.add(Words.text("run.why.films", s.filmChanges()));
        }
        return all;
    }

    private static String limit(Schedule s) {
        double hands = s.handsBusy(1);
        Machine busiest = null;
        for (Schedule.Slot slot : s.slots()) {
            Machine m = slot.task().machine();
            busiest = m.kind().isOne() && (busiest == null || taken(s, m) > taken(s, busiest)) ? m : busiest;
        }
        if (busiest == null || hands >= taken(s, busiest)) {
            return Words.text("run.why.hands", Math.round(100 * hands));
        }
        double warming = s.warmingS(busiest);
        return warming < WORTH_TELLING_S
                ? Words.text("run.why.machine", machine(busiest), Math.round(100 * s.busy(busiest)))
                : Words.text(
                        "run.why.warming",
                        machine(busiest),
                        Math.round(100 * s.busy(busiest)),
                        Words.duration(warming));
    }

    /** The share of the whole time in which a machine can do nothing else. */
    private static double taken(Schedule s, Machine m) {
        return s.busy(m) + (s.endS() == 0 ? 0 : s.warmingS(m) / s.endS());
    }

    private Optional<String> heats(Schedule s) {
        Map<Machine, List<Schedule.Slot>> byPress = new TreeMap<>(Comparator.comparing(Machine::id));
        s.slots().stream()
                .filter(x -> x.task().kind() == RunTask.Kind.PRESS)
                .forEach(x -> byPress.computeIfAbsent(x.task().machine(), _ -> new ArrayList<>())
                        .add(x));
        for (List<Schedule.Slot> of : byPress.values()) {
            List<String> runs = new ArrayList<>();
            double celsius = 0;
            for (Schedule.Slot x : of) {
                if (x.task().celsius() != celsius) {
                    celsius = x.task().celsius();
                    runs.add(words.degrees(celsius));
                }
            }
            if (runs.size() > 1) {
                return Optional.of(Words.text(
                        "run.why.heat", String.join(", ", runs.subList(0, runs.size() - 1)), runs.getLast()));
            }
        }
        return Optional.empty();
    }

    /** Hands at other work while something bakes. */
    private static Optional<String> baked(Schedule s) {
        double won = 0;
        TreeSet<String> lines = new TreeSet<>();
        for (Schedule.Slot bake : s.slots().stream()
                .filter(x -> x.task().kind() == RunTask.Kind.BAKE)
                .toList()) {
            double here = s.slots().stream()
                    .filter(x -> x.task().handsS() > 0)
                    .mapToDouble(x ->
                            Math.max(0, Math.min(bake.endS(), x.handsEndS()) - Math.max(bake.startS(), x.startS())))
                    .sum();
            won += here;
            if (here > 0) {
                lines.addAll(bake.task().lines());
            }
        }
        return won < WORTH_TELLING_S
                ? Optional.empty()
                : Optional.of(Words.text("run.why.oven", String.join(", ", lines), Words.duration(won)));
    }

    /** What another machine or pair of hands would make of it. */
    public static List<String[]> wins(WholeRun run) {
        return run.wins().stream()
                .map(w -> new String[] {
                    w.machine()
                            .map(m -> Words.text("run.win.machine", machine(m)))
                            .orElse(Words.text("run.win.hands")),
                    Words.duration(w.endS())
                })
                .collect(Collectors.toList());
    }
}
