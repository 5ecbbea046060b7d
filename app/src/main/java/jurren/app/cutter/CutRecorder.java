package jurren.app.cutter;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import jurren.app.session.Session;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Point;
import jurren.core.job.Job;
import jurren.core.job.Ledger;
import jurren.core.job.Progress;
import jurren.core.load.Connection;
import jurren.core.load.Loading;
import jurren.core.material.CutSettings;
import jurren.core.plan.Plan;

/**
 * Writes into the ledger what the talk with the cutter says was cut, whatever is looked at meanwhile; and is the one
 * door by which a person says what was cut elsewhere, or was not. What follows from it for job, shelf and knife is done
 * here too, and by no undo taken back.
 */
public final class CutRecorder implements AutoCloseable {
    private final Session session;
    private final CutTalk talk;
    private final Runnable watcher = this::heard;
    /** Which talk was written down last, and how far it had got. */
    private int writtenTalk = -1;

    private int writtenPaths;

    public CutRecorder(Session session, CutTalk talk) {
        this.session = session;
        this.talk = talk;
        talk.watch(watcher);
    }

    /** Written when it is through, and when it was broken off; going on after that is another talk. */
    private void heard() {
        switch (talk.state()) {
            case DONE, STOPPED, LINE_LOST -> write();
            case IDLE, EDGE, LOOKING, MOVING, SENT, CUTTING, PAUSED, LID_OPEN, IN_DOUBT -> {}
        }
    }

    private void write() {
        Optional<Phase.Load> load = talk.phase().load();
        if (load.isEmpty() || load.get().finished() == 0) {
            return;
        }
        CutRun run = load.get().run();
        int paths = load.get().finished();
        boolean goesOn = talk.number() == writtenTalk;
        int from = goesOn ? writtenPaths : load.get().before();
        if (goesOn && paths == writtenPaths) {
            return;
        }
        writtenTalk = talk.number();
        writtenPaths = paths;
        Ledger.Entry entry = Ledger.Entry.of(run, paths, Instant.now());
        if (entry.isWhole() && !run.isTest()) {
            cut(run, entry, Optional.of(used(run)));
        } else {
            session.record(entry, job -> job);
        }
        if (!entry.practice()) {
            session.myShop()
                    .knifeWent(
                            run.cutter(),
                            run.load().material(),
                            run.cutMm() * load.get().share(from, paths));
        }
    }

    /** Somebody says that a load was cut, on another machine or from a watched folder. */
    public void said(CutRun run) {
        cut(run, Ledger.Entry.said(run, true, Instant.now()), Optional.empty());
        session.myShop().knifeWent(run.cutter(), run.load().material(), run.cutMm());
    }

    /** It was not, after all. The film that left the shelf for it is the person's to put back. */
    public void saidNot(CutRun run) {
        session.record(
                Ledger.Entry.said(run, false, Instant.now()),
                job -> job.withMade(job.made().without(run.mark()))
                        .withLaying(job.laying().notCut(run.load())));
    }

    private void cut(CutRun run, Ledger.Entry entry, Optional<Progress.Used> used) {
        Job job = session.job();
        boolean again = job.laying().isTaken(run.load().stock());
        Progress.Cut cut = new Progress.Cut(
                run.mark(),
                run.film(),
                again || entry.practice() ? run.load().order() : number(run, job),
                entry.at(),
                used,
                entry.practice(),
                run.pieces());
        boolean takes = !again && !entry.practice();
        double behind = takes && used.isPresent() ? behindMm(meant(run)) : 0;
        session.record(entry, j -> {
            Job known = j.withMade(j.made().with(cut));
            return takes ? known.withLaying(known.laying().cut(run.load())) : known;
        });
        if (takes) {
            session.shelf().cut(run.load(), behind);
        }
    }

    /** What is cut already of a film comes first among its loads from now on. */
    private int number(CutRun run, Job job) {
        int first = runs().stream()
                .filter(r -> r.film().equals(run.film()))
                .mapToInt(r -> r.load().order())
                .min()
                .orElse(run.load().order());
        return first
                + (int) job.laying().taken().stream()
                        .filter(t -> t.isOf(run.load().material(), run.load().colour()))
                        .count();
    }

    private List<CutRun> runs() {
        return session.plan().map(Plan::runs).orElse(List.of());
    }

    /** As it was laid, before it was moved to where the film lies. */
    private CutRun meant(CutRun run) {
        return runs().stream()
                .filter(r -> r.mark().equals(run.mark()))
                .findFirst()
                .orElse(run);
    }

    /** As the machine had it: its corner where the sheet was found, or where the film was said to begin. */
    private Progress.Used used(CutRun run) {
        Point was = run.paths().getFirst().start();
        Point meant = meant(run).paths().getFirst().start();
        CutSettings s = run.load().material().cutting();
        return new Progress.Used(
                run.cutter().name(),
                run.forceGf(),
                s.speedMmS(),
                s.passes(),
                was.xMm() - meant.xMm(),
                was.yMm() - meant.yMm());
    }

    /** How much further into the machine a load has to lie so that it begins behind what was tried on its film. */
    public double behindMm(CutRun run) {
        double taken = run.load().stock().comesOffRoll() && !isPractice(run)
                ? session.ledger().takenMm(run.load().shelved().id())
                : 0;
        double first = run.paths().stream()
                .flatMap(p -> p.corners().stream())
                .mapToDouble(Point::xMm)
                .min()
                .orElse(0);
        return taken == 0 ? 0 : Math.max(0, taken + Loading.GAP_MM - first);
    }

    private static boolean isPractice(CutRun run) {
        return run.cutter().reach().kind() == Connection.Kind.STAND_IN;
    }

    /** What was cut of a load that is still in the cutter stands in the ledger from now on. */
    @Override
    public void close() {
        if (talk.isBusy()) {
            write();
        }
        talk.unwatch(watcher);
    }
}
