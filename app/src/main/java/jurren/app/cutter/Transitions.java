package jurren.app.cutter;

import java.util.Optional;
import jurren.core.cut.CutRun;
import jurren.core.load.Connection;
import jurren.formats.hpgl.HpglWriter;
import jurren.standins.cutter.CutterStatus;

/** From one phase of a talk to the next. */
final class Transitions {
    private Transitions() {}

    /** What a status says; a cutter that was told to stop is through when it is ready again. */
    static Phase at(Phase.Load was, CutterStatus status, boolean isToldToStop) {
        CutRun run = was.run();
        boolean standIn = run.cutter().reach().kind() == Connection.Kind.STAND_IN;
        int finished = Math.clamp(
                was.before() + status.finishedPaths() - (standIn ? HpglWriter.strokesBefore(run) : 0),
                was.before(),
                run.paths().size());
        Phase.Load load = was.at(finished, status.head());
        if (load.isThrough()) {
            return new Phase.Done(load);
        }
        return switch (status.state()) {
            case PAUSED -> new Phase.Paused(load);
            case LID_OPEN -> new Phase.LidOpen(load);
            case CUTTING -> new Phase.Cutting(load);
            case READY -> isToldToStop ? new Phase.Stopped(load, false, Optional.empty()) : new Phase.Cutting(load);
        };
    }

    /**
     * The path in doubt was looked at.
     *
     * @param notCut what the talk becomes where it is not cut
     */
    static Phase looked(Phase.Load load, boolean isCut, Phase notCut) {
        if (!isCut) {
            return notCut;
        }
        Phase.Load more = load.oneMore();
        return more.isThrough()
                ? new Phase.Done(more)
                : notCut instanceof Phase.LineLost l
                        ? new Phase.LineLost(more, false, l.why())
                        : new Phase.Stopped(more, false, notCut.why());
    }

    /** What was said to the machine did not get there. */
    static Phase failed(Phase phase, Optional<String> why) {
        return switch (phase) {
            // a question that got no answer leaves nothing to go on with
            case Phase.Looking l -> new Phase.Unanswered(l.of(), why);
            case Phase.HeadMoving h -> new Phase.Unanswered(h.of(), why);
            case Phase.GoingRound g -> new Phase.Unanswered(g.of(), why);
            case Phase.Idle i -> i;
            case Phase.Unanswered u -> u;
            case Phase.Done d -> d;
            case Phase.Stopped s -> s;
            case Phase.Sent(Phase.Load in) -> new Phase.Stopped(in, false, why);
            case Phase.InDoubt(Phase.Load in, String _) -> new Phase.LineLost(in, true, why);
            case Phase.LineLost(Phase.Load in, boolean inDoubt, Optional<String> _) ->
                new Phase.LineLost(in, inDoubt, why);
            case Phase.Cutting(Phase.Load in) -> broken(in, why);
            case Phase.Paused(Phase.Load in) -> broken(in, why);
            case Phase.LidOpen(Phase.Load in) -> broken(in, why);
        };
    }

    private static Phase broken(Phase.Load load, Optional<String> why) {
        return load.run().cutter().reach().kind() == Connection.Kind.FOLDER
                ? new Phase.Stopped(load, false, why)
                : new Phase.LineLost(load, false, why);
    }
}
