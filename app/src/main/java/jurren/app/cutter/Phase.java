package jurren.app.cutter;

import java.time.Instant;
import java.util.Optional;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Point;

/** How the talk with the cutter stands; each holds what is known while it does, and nothing else. */
public sealed interface Phase {
    /** Nothing is in the cutter. */
    record Idle() implements Phase {}

    /** A question to it, or a way without a cut, came to nothing. */
    record Unanswered(CutRun of, Optional<String> why) implements Phase {}

    record GoingRound(CutRun of, Point head) implements Phase {}

    record Looking(CutRun of) implements Phase {}

    record HeadMoving(CutRun of, Point head) implements Phase {}

    /** Its file was written into a watched folder, which tells nothing. */
    record Sent(Load in) implements Phase {}

    record Cutting(Load in) implements Phase {}

    record Paused(Load in) implements Phase {}

    record LidOpen(Load in) implements Phase {}

    /** The cutter does not say that the next path is cut; it may be. Nothing more is sent until that is known. */
    record InDoubt(Load in, String said) implements Phase {}

    /** @param inDoubt nobody knows whether the next path is cut */
    record LineLost(Load in, boolean inDoubt, Optional<String> why) implements Phase {}

    record Stopped(Load in, boolean inDoubt, Optional<String> why) implements Phase {}

    record Done(Load in) implements Phase {}

    /**
     * A load in the cutter.
     *
     * @param before   paths that were cut when this talk began
     * @param finished paths that are cut
     * @param next     the path it goes on with where it was broken off
     */
    record Load(CutRun run, Instant began, int before, int finished, int next, Point head) {
        static Load fresh(CutRun run) {
            return new Load(run, Instant.now(), 0, 0, 0, Point.ORIGIN);
        }

        Load at(int nowFinished, Point nowHead) {
            return new Load(run, began, before, nowFinished, nowFinished, nowHead);
        }

        /** @param path any of it: what lies before is cut, or is let be */
        Load goingOnWith(int path) {
            return new Load(
                    run,
                    began,
                    before,
                    finished,
                    Math.clamp(path, 0, run.paths().size() - 1),
                    head);
        }

        /** What another talk begins with. */
        Load again() {
            return new Load(run, began, next, next, next, head);
        }

        /** The path in doubt is cut. */
        Load oneMore() {
            return at(Math.min(finished + 1, run.paths().size()), head);
        }

        boolean isThrough() {
            return finished == run.paths().size();
        }

        /** The share of the knife's way from one path to another, 0 to 1. */
        double share(int from, int to) {
            double all = run.paths().stream().mapToDouble(CutPath::lengthMm).sum();
            double some = run.paths().subList(from, Math.max(from, to)).stream()
                    .mapToDouble(CutPath::lengthMm)
                    .sum();
            return all > 0 ? some / all : 0;
        }
    }

    /** The load that the cutter has, or had. */
    default Optional<Load> load() {
        return switch (this) {
            case Idle _, Unanswered _, GoingRound _, Looking _, HeadMoving _ -> Optional.empty();
            case Sent s -> Optional.of(s.in);
            case Cutting c -> Optional.of(c.in);
            case Paused p -> Optional.of(p.in);
            case LidOpen l -> Optional.of(l.in);
            case InDoubt d -> Optional.of(d.in);
            case LineLost l -> Optional.of(l.in);
            case Stopped s -> Optional.of(s.in);
            case Done d -> Optional.of(d.in);
        };
    }

    /** What is asked of the cutter, or was. */
    default Optional<CutRun> run() {
        return switch (this) {
            case Idle _ -> Optional.empty();
            case Unanswered u -> Optional.of(u.of);
            case GoingRound g -> Optional.of(g.of);
            case Looking l -> Optional.of(l.of);
            case HeadMoving h -> Optional.of(h.of);
            default -> load().map(Load::run);
        };
    }

    default Point head() {
        return switch (this) {
            case GoingRound g -> g.head;
            case HeadMoving h -> h.head;
            default -> load().map(Load::head).orElse(Point.ORIGIN);
        };
    }

    default Optional<String> why() {
        return switch (this) {
            case Unanswered u -> u.why;
            case LineLost l -> l.why;
            case Stopped s -> s.why;
            default -> Optional.empty();
        };
    }

    /** Whether nobody knows if the next path is cut. */
    default boolean isInDoubt() {
        return switch (this) {
            case InDoubt _ -> true;
            case LineLost l -> l.inDoubt;
            case Stopped s -> s.inDoubt;
            default -> false;
        };
    }

    /** A load is in the cutter and not done with. */
    default boolean isBusy() {
        return switch (this) {
            case Cutting _, Paused _, LidOpen _, InDoubt _, LineLost _ -> true;
            default -> false;
        };
    }

    /** In one word. */
    default CutTalk.State state() {
        return switch (this) {
            case Idle _, Unanswered _ -> CutTalk.State.IDLE;
            case GoingRound _ -> CutTalk.State.EDGE;
            case Looking _ -> CutTalk.State.LOOKING;
            case HeadMoving _ -> CutTalk.State.MOVING;
            case Sent _ -> CutTalk.State.SENT;
            case Cutting _ -> CutTalk.State.CUTTING;
            case Paused _ -> CutTalk.State.PAUSED;
            case LidOpen _ -> CutTalk.State.LID_OPEN;
            case InDoubt _ -> CutTalk.State.IN_DOUBT;
            case LineLost _ -> CutTalk.State.LINE_LOST;
            case Stopped _ -> CutTalk.State.STOPPED;
            case Done _ -> CutTalk.State.DONE;
        };
    }
}
