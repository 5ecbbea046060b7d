package jurren.app.cutter;

import java.io.IOException;
import java.net.InetAddress;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;
import jurren.app.keep.FaultLog;
import jurren.app.theme.Texts;
import jurren.core.cut.CutRun;
import jurren.core.cut.PrintMarks;
import jurren.core.geometry.Point;
import jurren.core.load.Connection;
import jurren.core.load.Dialect;
import jurren.formats.hpgl.HpglWriter;
import jurren.standins.cutter.Bed;
import jurren.standins.cutter.CutterLine;
import jurren.standins.cutter.CutterStatus;
import jurren.standins.cutter.Fault;
import jurren.standins.cutter.LoadedFilm;
import jurren.standins.cutter.MachineLine;
import jurren.standins.cutter.StandInCutter;

/**
 * One cut on the cutter in use, however it is reached, from sending to the last path. It runs beside the window; what
 * it knows is read, and its watcher told, on the window's thread.
 */
public final class CutTalk implements AutoCloseable {
    /** The phases of a talk by name. */
    public enum State {
        IDLE,
        EDGE,
        LOOKING,
        MOVING,
        SENT,
        CUTTING,
        PAUSED,
        LID_OPEN,
        IN_DOUBT,
        LINE_LOST,
        STOPPED,
        DONE;

        public boolean canGoOn() {
            return this == PAUSED || this == LID_OPEN || this == LINE_LOST || this == STOPPED;
        }
    }

    private static final int MARK_CHARACTERS = 6;
    private static final double BACK_MM = 0.1;

    private final List<Runnable> watchers = new ArrayList<>();
    private final ExecutorService sender = Executors.newSingleThreadExecutor(
            Thread.ofPlatform().daemon().name("cutter talk").factory());
    private StandInCutter cutter;
    private double speedUp = 10;
    private LoadedFilm.Care care = LoadedFilm.Care.USUAL;
    private Phase phase = new Phase.Idle();
    private Link link = new Link();
    /** The newest that was opened; on the sender's thread. */
    private Link opened = link;

    private int talks;

    public Phase phase() {
        return phase;
    }

    public State state() {
        return phase.state();
    }

    /** A load is in the cutter and not done with. */
    public boolean isBusy() {
        return phase.isBusy();
    }

    /** Which talk it is: going on after a stop is another. */
    int number() {
        return talks;
    }

    /** When the cut began. */
    public Optional<Instant> began() {
        return phase.load().map(Phase.Load::began);
    }

    public void watch(Runnable watcher) {
        watchers.add(watcher);
    }

    public void unwatch(Runnable watcher) {
        watchers.remove(watcher);
    }

    private void become(Phase next) {
        phase = next;
        List.copyOf(watchers).forEach(Runnable::run);
    }

    public Optional<CutRun> run() {
        return phase.run();
    }

    /** Paths that are cut for good: where a cut goes on after it was broken off. */
    public int finishedPaths() {
        return phase.load().map(Phase.Load::finished).orElse(0);
    }

    public Point head() {
        return phase.head();
    }

    public double speedUp() {
        return speedUp;
    }

    public Optional<String> trouble() {
        return phase.why();
    }

    /** The share of the knife's way that is done, 0 to 1. */
    public double share() {
        return phase.load().map(l -> l.share(0, l.finished())).orElse(0.0);
    }

    public double secondsLeft() {
        return run().map(r -> r.seconds()
                        * (1 - share())
                        / (r.cutter().reach().kind() == Connection.Kind.STAND_IN ? speedUp : 1))
                .orElse(0.0);
    }

    /** Takes effect with the next cut. */
    public void setSpeedUp(double newSpeedUp) {
        speedUp = newSpeedUp;
    }

    /** For trying out what happens when the cutter goes wrong. */
    public void goWrongAfter(int paths, Fault fault) {
        say(link, () -> standIn().failAfter(paths, fault));
    }

    /** How carefully film is put into the stand-in from now on. */
    public void feedWith(LoadedFilm.Care how) {
        care = how;
    }

    public LoadedFilm.Care care() {
        return care;
    }

    private LoadedFilm fed(CutRun ofRun) {
        return care.put(Bed.of(ofRun.cutter(), ofRun.load()), PrintMarks.of(ofRun.load()));
    }

    /** Where the marks of a printed sheet really are in the stand-in: what one sees who stands before it. */
    public List<Point> marksInSight(CutRun ofRun) {
        return ofRun.cutter().reach().kind() == Connection.Kind.STAND_IN
                ? fed(ofRun).marks()
                : List.of();
    }

    /**
     * Asks the cutter what it finds out by itself; told on the window's thread, unless something else was begun since.
     */
    public void look(CutRun ofRun, Consumer<Asked> then) {
        Link own = next(new Phase.Looking(ofRun));
        say(own, () -> {
            try {
                Asking asking = new Asking(wire(ofRun), ofRun);
                own.asksBy(asking);
                Asked asked = asking.all();
                own.hangUp();
                Platform.runLater(() -> {
                    if (own == link && phase instanceof Phase.Looking) {
                        become(new Phase.Idle());
                        then.accept(asked);
                        become(phase);
                    }
                });
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
            }
        });
    }

    /** What it found until then is of no use. */
    public void stopLooking() {
        if (phase instanceof Phase.Looking) {
            Link looking = link;
            link = new Link();
            Thread.ofVirtual().start(() -> looking.asking().ifPresent(Asking::hangUp));
            become(new Phase.Idle());
        }
    }

    /** Another talk begins: what comes from an older one is dropped. */
    private Link next(Phase first) {
        Link own = new Link();
        link = own;
        talks++;
        become(first);
        return own;
    }

    /** Where questions to it go; the stand-in answers at a port of its own. */
    private Connection wire(CutRun ofRun) throws IOException {
        if (ofRun.cutter().reach().kind() != Connection.Kind.STAND_IN) {
            return ofRun.cutter().reach();
        }
        standIn().feed(fed(ofRun));
        return new Connection(
                Connection.Kind.PORT,
                InetAddress.getLoopbackAddress().getHostAddress() + ":"
                        + standIn().port());
    }

    /** The head goes with the knife up to a place of the load, and stays there. */
    public void moveHead(CutRun ofRun, Point to) {
        if (phase instanceof Phase.HeadMoving) {
            become(new Phase.HeadMoving(ofRun, to));
        } else {
            next(new Phase.HeadMoving(ofRun, to));
        }
        Link own = link;
        say(own, () -> {
            if (own.asking().isEmpty()) {
                own.asksBy(new Asking(wire(ofRun), ofRun));
            }
            own.asking().orElseThrow().moveTo(to);
        });
    }

    /** Nobody moves the head any more. */
    public void leaveHead() {
        if (phase instanceof Phase.HeadMoving) {
            say(next(new Phase.Idle()), () -> {});
        }
    }

    public void start(CutRun run) {
        cut(Phase.Load.fresh(run));
    }

    private void cut(Phase.Load load) {
        CutRun run = load.run();
        int from = load.before();
        Link own = next(new Phase.Cutting(load));
        Consumer<Report> told = report -> Platform.runLater(() -> heard(own, report));
        say(own, () -> {
            switch (run.cutter().reach().kind()) {
                case STAND_IN -> near(own, run, told).send(HpglWriter.write(run, from));
                case PORT, SERIAL ->
                    own.cutsBy(new WireLine(
                            run.cutter().reach(),
                            run.cutter().speech().answers(),
                            HpglWriter.parts(run, from),
                            i -> run.seconds(from + i),
                            i -> run.paths().get(from + i).start(),
                            WireLine.Patience.USUAL,
                            told));
                case FOLDER -> {
                    Path folder = Path.of(run.cutter().reach().where());
                    if (!WatchedFolder.canBe(folder)) {
                        throw new IOException(Texts.of("cut.folder-gone", folder));
                    }
                    WatchedFolder.put(
                            folder,
                            "load-" + run.load().order() + "-" + run.mark().substring(0, MARK_CHARACTERS) + ".plt",
                            HpglWriter.write(run, from));
                    Platform.runLater(() -> {
                        if (own == link) {
                            become(new Phase.Sent(load));
                        }
                    });
                }
            }
        });
    }

    private CutterLine near(Link own, CutRun run, Consumer<Report> told) throws IOException {
        standIn().feed(fed(run));
        CutterLine near = new CutterLine(
                standIn().port(),
                status -> told.accept(status == null ? new Report.Lost(false) : new Report.At(status)));
        own.cutsBy(near);
        return near;
    }

    /**
     * Once round where a load will be.
     *
     * @param pen down, in the knife's place; otherwise the knife is up
     */
    public void goRound(CutRun ofRun, boolean pen) {
        Link own = next(new Phase.GoingRound(ofRun, Point.ORIGIN));
        byte[] bytes = HpglWriter.edge(ofRun, pen);
        Consumer<Report> told = report -> Platform.runLater(() -> wentRound(own, ofRun, report));
        say(own, () -> {
            if (ofRun.cutter().reach().isWire()) {
                own.cutsBy(new WireLine(
                        ofRun.cutter().reach(),
                        Dialect.Answers.NEVER,
                        new HpglWriter.Parts(bytes, List.of(), List.of(), new byte[0]),
                        _ -> 0,
                        _ -> Point.ORIGIN,
                        WireLine.Patience.USUAL,
                        told));
            } else {
                near(own, ofRun, told).send(bytes);
            }
        });
    }

    private void wentRound(Link of, CutRun run, Report report) {
        if (of != link || !(phase instanceof Phase.GoingRound)) {
            return;
        }
        switch (report) {
            case Report.At(CutterStatus status) -> {
                // a machine that has done what it heard so far is ready too: it is round when it is back
                boolean back = status.head().distanceMm(Point.ORIGIN) < BACK_MM;
                become(
                        status.state() == CutterStatus.State.READY && back
                                ? new Phase.Idle()
                                : new Phase.GoingRound(run, status.head()));
            }
            case Report.Lost _, Report.InDoubt _ ->
                become(new Phase.Unanswered(run, Optional.of(Texts.of("cut.gone"))));
        }
    }

    /** By the cutter itself where it only waits, by sending the rest where it does not. */
    public void goOn() {
        switch (phase) {
            case Phase.Paused _ -> toLine(MachineLine::carryOn);
            case Phase.LidOpen _ -> {
                say(link, () -> standIn().closeLid());
                toLine(MachineLine::carryOn);
            }
            case Phase.LineLost l -> cut(l.in().again());
            case Phase.Stopped s -> cut(s.in().again());
            default -> {}
        }
    }

    /** A load that was broken off will go on with any of its paths. */
    public void goOnWith(int path) {
        switch (phase) {
            case Phase.LineLost l -> become(new Phase.LineLost(l.in().goingOnWith(path), l.inDoubt(), l.why()));
            case Phase.Stopped s -> become(new Phase.Stopped(s.in().goingOnWith(path), s.inDoubt(), s.why()));
            default -> {}
        }
    }

    /** A person has looked at the path in doubt. */
    public void looked(boolean isCut) {
        switch (phase) {
            case Phase.InDoubt d -> {
                become(new Phase.Cutting(d.in()));
                Link own = link;
                say(
                        own,
                        () -> own.line()
                                .filter(WireLine.class::isInstance)
                                .ifPresent(line -> ((WireLine) line).looked(isCut)));
            }
            case Phase.LineLost l ->
                become(Transitions.looked(l.in(), isCut, new Phase.LineLost(l.in(), false, l.why())));
            case Phase.Stopped s ->
                become(Transitions.looked(s.in(), isCut, new Phase.Stopped(s.in(), false, s.why())));
            default -> {}
        }
    }

    public void pause() {
        toLine(MachineLine::pause);
    }

    /** A load that is not going on any more is put out of mind. */
    public void giveUp() {
        if (!(phase instanceof Phase.Cutting)) {
            phase.load().ifPresent(l -> {
                link = new Link();
                become(new Phase.Stopped(l, phase.isInDoubt(), phase.why()));
            });
        }
    }

    /** The path under the knife is finished first, so that it is known what is cut and what is not. */
    public void stop() {
        if (phase instanceof Phase.InDoubt d) {
            say(next(new Phase.Stopped(d.in(), true, Optional.empty())), () -> {});
        } else {
            link.isToStop();
            toLine(MachineLine::stop);
        }
    }

    private interface ToLine {
        void say(MachineLine line) throws IOException;
    }

    private void toLine(ToLine what) {
        Link own = link;
        say(own, () -> {
            if (own.line().isPresent()) {
                what.say(own.line().get());
            }
        });
    }

    private void heard(Link of, Report report) {
        if (of != link || !phase.isBusy() || phase instanceof Phase.LineLost) {
            return;
        }
        Phase.Load load = phase.load().orElseThrow();
        become(
                switch (report) {
                    case Report.Lost l -> new Phase.LineLost(load, l.inDoubt(), Optional.empty());
                    case Report.InDoubt d -> new Phase.InDoubt(load, d.said());
                    case Report.At(CutterStatus status) -> Transitions.at(load, status, link.isToldToStop());
                });
    }

    /** What has been cut on the stand-in's bed, stroke by stroke. */
    public StandInCutter standIn() throws IOException {
        if (cutter == null) {
            cutter = new StandInCutter(0, speedUp);
        }
        cutter.setSpeedUp(speedUp);
        return cutter;
    }

    private interface Saying {
        void say() throws IOException;
    }

    /** On the sender's thread, once what an older link had open is closed. */
    private void say(Link own, Saying what) {
        sender.execute(() -> {
            try {
                if (opened != own) {
                    opened.hangUp();
                    opened = own;
                }
                what.say();
            } catch (IOException | RuntimeException e) {
                FaultLog.caught("talking with the cutter", e);
                // whatever went wrong on the way to a machine, nobody waits for it for ever
                Platform.runLater(() -> failed(own, Optional.ofNullable(e.getMessage())));
            }
        });
    }

    private void failed(Link of, Optional<String> why) {
        if (of != link) {
            return;
        }
        become(Transitions.failed(phase, why));
    }

    @Override
    public void close() {
        sender.shutdownNow();
        try {
            opened.hangUp();
            if (cutter != null) {
                cutter.close();
            }
        } catch (IOException _) {
            // the window is closing; there is nobody left to tell
        }
    }
}
