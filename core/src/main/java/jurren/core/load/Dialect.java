package jurren.core.load;

import jurren.core.geometry.Placement;

/**
 * How a cutter wants its files told.
 *
 * @param start  the corner of the film that it counts from
 * @param unitMm what it counts in
 * @param ending what ends a line
 * @param moves  what straight cuts are counted from
 * @param arcs   whether it takes arcs; everything is straight cuts otherwise
 * @param answers when it says where it is
 */
public record Dialect(Start start, double unitMm, Ending ending, Moves moves, boolean arcs, Answers answers) {
    /** When a machine that is asked where it is says so. */
    public enum Answers {
        /** Once it has done all that it was told before. */
        WHEN_THERE,
        /** As soon as it has heard the question, whatever it is still to do: a path is given the time it takes. */
        AT_ONCE,
        /** It cannot: a path is given the time it takes. */
        NEVER
    }

    /** What straight cuts are counted from. */
    public enum Moves {
        FROM_START,
        FROM_HERE
    }

    /**
     * The corner that is counted from, seen by someone before the machine; its two axes always make a right hand's
     * corner, so a cut is turned and never mirrored.
     */
    public enum Start {
        /** The first axis goes into the machine. */
        NEAR_RIGHT,
        /** The first axis goes across. */
        NEAR_LEFT,
        /** The first axis comes out of the machine. */
        FAR_LEFT,
        /** The first axis goes across. */
        FAR_RIGHT;

        /** From a load, x along its feed and y across from the right, to what the machine is told. */
        public Placement onto(double lengthMm, double widthMm) {
            return switch (this) {
                case NEAR_RIGHT -> Placement.HERE;
                case NEAR_LEFT -> new Placement(0, 1, -1, 0, widthMm, 0);
                case FAR_LEFT -> new Placement(-1, 0, 0, -1, lengthMm, widthMm);
                case FAR_RIGHT -> new Placement(0, -1, 1, 0, 0, lengthMm);
            };
        }
    }

    /** What stands between lines. */
    public enum Ending {
        LF("\n"),
        CR("\r"),
        CR_LF("\r\n"),
        NONE("");

        private final String signs;

        Ending(String signs) {
            this.signs = signs;
        }

        public String signs() {
            return signs;
        }
    }

    public static final double USUAL_UNIT_MM = 0.025;
    public static final Dialect USUAL =
            new Dialect(Start.NEAR_RIGHT, USUAL_UNIT_MM, Ending.LF, Moves.FROM_START, false, Answers.WHEN_THERE);
    /** How far a cut may lie beside what was meant: half of what is usually counted in. */
    private static final double TOLERANCE_MM = USUAL_UNIT_MM / 2;

    private static final double LEAST_UNIT_MM = 0.001;
    private static final double MOST_UNIT_MM = 0.1;

    public Dialect {
        if (!(unitMm >= LEAST_UNIT_MM && unitMm <= MOST_UNIT_MM)) {
            throw new IllegalArgumentException("a cutter counts in units of " + LEAST_UNIT_MM + " to " + MOST_UNIT_MM
                    + " mm but was told " + unitMm);
        }
    }

    public Dialect(Start start, double unitMm, Ending ending) {
        this(start, unitMm, ending, Moves.FROM_START, false, Answers.WHEN_THERE);
    }

    /** How far an arc may lie beside the corners of what it stands for; never finer than the machine counts. */
    public double toleranceMm() {
        return Math.max(TOLERANCE_MM, unitMm);
    }

    public Dialect withStart(Start other) {
        return new Dialect(other, unitMm, ending, moves, arcs, answers);
    }

    public Dialect withUnit(double mm) {
        return new Dialect(start, mm, ending, moves, arcs, answers);
    }

    public Dialect withEnding(Ending other) {
        return new Dialect(start, unitMm, other, moves, arcs, answers);
    }

    public Dialect withMoves(Moves other) {
        return new Dialect(start, unitMm, ending, other, arcs, answers);
    }

    public Dialect withArcs(boolean taken) {
        return new Dialect(start, unitMm, ending, moves, taken, answers);
    }

    public Dialect withAnswers(Answers other) {
        return new Dialect(start, unitMm, ending, moves, arcs, other);
    }
}
