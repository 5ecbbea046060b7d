package jurren.core.run;

import java.util.List;

/**
 * A run in its order.
 *
 * @param slots  by their start
 * @param endS   when all is done
 * @param boundS no order is done before that
 */
public record Schedule(List<Slot> slots, double endS, double boundS) {
    /**
     * One task in its place.
     *
     * @param unit   which of several machines of a kind, from 0
     * @param hands  which pair, from 0; -1 where none is needed
     * @param setupS before it, the machine warms or cools, or its film is changed
     */
    public record Slot(RunTask task, double startS, int unit, int hands, double setupS) {
        public double endS() {
            return startS + task.seconds();
        }

        public double handsEndS() {
            return startS + task.handsS();
        }

        /** Warming or cooling to its heat, which a machine does by itself. */
        public double warmingS() {
            return task.celsius() > 0 ? setupS : 0;
        }

        /** The film's change, which hands do. */
        public double changeS() {
            return setupS - warmingS();
        }
    }

    public Schedule {
        slots = List.copyOf(slots);
    }

    /** The share of the whole time in which a machine is at work. */
    public double busy(Machine machine) {
        return endS == 0
                ? 0
                : slots.stream()
                                .filter(s -> s.task().machine().equals(machine))
                                .mapToDouble(s -> s.task().seconds())
                                .sum()
                        / endS;
    }

    /** How long a machine warms or cools, in all. */
    public double warmingS(Machine machine) {
        return slots.stream()
                .filter(s -> s.task().machine().equals(machine))
                .mapToDouble(Slot::warmingS)
                .sum();
    }

    /** The share of the whole time in which hands are at work, films changed by them as well. */
    public double handsBusy(int pairs) {
        return endS == 0
                ? 0
                : slots.stream()
                                .mapToDouble(s -> s.task().handsS() + s.changeS())
                                .sum()
                        / endS
                        / pairs;
    }

    /** How often a press is brought to another heat. */
    public long heatUps() {
        return slots.stream()
                .filter(s -> s.task().celsius() > 0 && s.setupS() > 0)
                .count();
    }

    public long filmChanges() {
        return slots.stream()
                .filter(s -> !s.task().film().isEmpty() && s.setupS() > 0)
                .count();
    }
}
