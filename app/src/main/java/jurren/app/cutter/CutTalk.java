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
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.cut.PrintMarks;
import jurren.core.geometry.Point;
import jurren.core.load.Connection;
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
    /** How a cut stands. */
    public enum State {
        IDLE,
        EDGE,
        LOOKING,
        MOVING,
        SENT,
        CUTTING,
        PAUSED,
        LID_OPEN,
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
            Thread.ofPlatform().daemon().name("cut sender").factory());
    private StandInCutter cutter;
    private MachineLine line;
    private double speedUp = 10;
    private CutRun run;
    private Instant began;
    private State state = State.IDLE;
    private boolean stopping;
    private int talk;
    private int before;
    private int finished;
    private Point head = Point.ORIGIN;
    private Optional<String> trouble = Optional.empty();
    private LoadedFilm.Care care = LoadedFilm.Care.USUAL;
    private Asking mover;
    private volatile Asking asker;

    public State state() {
        return state;
    }

    /** A load is in the cutter and not done with. */
    public boolean isBusy() {
        return state == State.CUTTING || state == State.PAUSED || state == State.LID_OPEN || state == State.LINE_LOST;
    }

    /** Which talk it is: going on after a stop is another. */
    int number() {
        return talk;
    }

    /** When the cut began. */
    public Optional<Instant> began() {
        return Optional.ofNullable(began);
    }

    public void watch(Runnable watcher) {
        watchers.add(watcher);
    }

    public void unwatch(Runnable watcher) {
        watchers.remove(watcher);
    }

    private void tell() {
        List.copyOf(watchers).forEach(Runnable::run);
    }

    public Optional<CutRun> run() {
        return Optional.ofNullable(run);
    }

    /** Paths that are cut for good: where a cut goes on after it was broken off. */
    public int finishedPaths() {
        return finished;
    }

    public Point head() {
        return head;
    }

    public double speedUp() {
        return speedUp;
    }

    public Optional<String> trouble() {
        return trouble;
    }

    /** The same of what this talk cut: what was cut before a break is told by the one before. */
    double shareOfTalk() {
        if (run == null || run.paths().isEmpty()) {
            return 0;
        }
        double own = run.paths().subList(before, Math.max(before, finished)).stream()
                .mapToDouble(CutPath::lengthMm)
                .sum();
        return own / run.paths().stream().mapToDouble(CutPath::lengthMm).sum();
    }

    /** The share of the knife's way that is done, 0 to 1. */
    public double share() {
        if (run == null || run.paths().isEmpty()) {
            return 0;
        }
        double done = run.paths().subList(0, finished).stream()
                .mapToDouble(CutPath::lengthMm)
                .sum();
        return done / run.paths().stream().mapToDouble(CutPath::lengthMm).sum();
    }

    public double secondsLeft() {
        return run == null ? 0 : run.seconds() * (1 - share()) / (isStandIn() ? speedUp : 1);
    }

    /** Takes effect with the next cut. */
    public void setSpeedUp(double newSpeedUp) {
        speedUp = newSpeedUp;
    }

    /** For trying out what happens when the cutter goes wrong. */
    public void goWrongAfter(int paths, Fault fault) {
        wanted(() -> standIn().failAfter(paths, fault));
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
        int own = begin(ofRun, State.LOOKING);
        wanted(() -> {
            hangUp();
            try (Asking asking = new Asking(wire(ofRun), ofRun)) {
                asker = asking;
                Asked asked = asking.all();
                Platform.runLater(() -> looked(own, asked, then));
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
            }
        });
        tell();
    }

    private void looked(int ofTalk, Asked asked, Consumer<Asked> then) {
        if (ofTalk == talk && state == State.LOOKING) {
            state = State.IDLE;
            then.accept(asked);
            tell();
        }
    }

    /** What it found until then is of no use. */
    public void stopLooking() {
        if (state == State.LOOKING) {
            state = State.IDLE;
            talk++;
            Asking now = asker;
            if (now != null) {
                Thread.ofVirtual().start(now::hangUp);
            }
            tell();
        }
    }

    private int begin(CutRun ofRun, State now) {
        run = ofRun;
        finished = 0;
        before = 0;
        state = now;
        trouble = Optional.empty();
        return ++talk;
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
        if (state != State.MOVING) {
            begin(ofRun, State.MOVING);
        }
        head = to;
        wanted(() -> {
            if (mover == null) {
                hangUp();
                mover = new Asking(wire(ofRun), ofRun);
            }
            mover.moveTo(to);
        });
        tell();
    }

    /** Nobody moves the head any more. */
    public void leaveHead() {
        if (state == State.MOVING) {
            state = State.IDLE;
            talk++;
            wanted(this::hangUp);
            tell();
        }
    }

    public void start(CutRun newRun) {
        run = newRun;
        began = Instant.now();
        finished = 0;
        begin();
    }

    private void begin() {
        state = State.CUTTING;
        before = finished;
        stopping = false;
        trouble = Optional.empty();
        CutRun now = run;
        int from = before;
        int own = ++talk;
        Consumer<CutterStatus> told = status -> Platform.runLater(() -> heard(own, status));
        wanted(() -> {
            hangUp();
            switch (now.cutter().reach().kind()) {
                case STAND_IN -> {
                    standIn().feed(fed(now));
                    CutterLine near = new CutterLine(standIn().port(), told);
                    line = near;
                    near.send(HpglWriter.write(now, from));
                }
                case PORT, SERIAL ->
                    line = new WireLine(
                            now.cutter().reach(),
                            HpglWriter.parts(now, from),
                            i -> now.seconds(from + i),
                            i -> now.paths().get(from + i).start(),
                            told);
                case FOLDER -> {
                    Path folder = Path.of(now.cutter().reach().where());
                    if (!WatchedFolder.canBe(folder)) {
                        throw new IOException(Texts.of("cut.folder-gone", folder));
                    }
                    WatchedFolder.put(
                            folder,
                            "load-" + now.load().order() + "-" + now.mark().substring(0, MARK_CHARACTERS) + ".plt",
                            HpglWriter.write(now, from));
                    Platform.runLater(() -> sent(own));
                }
            }
        });
        tell();
    }

    /** A watched folder tells nothing: what is cut from it a person says. */
    private void sent(int ofTalk) {
        if (ofTalk == talk) {
            state = State.SENT;
            tell();
        }
    }

    private boolean isStandIn() {
        return run == null || run.cutter().reach().kind() == Connection.Kind.STAND_IN;
    }

    /**
     * Once round where a load will be.
     *
     * @param pen down, in the knife's place; otherwise the knife is up
     */
    public void goRound(CutRun ofRun, boolean pen) {
        int own = begin(ofRun, State.EDGE);
        byte[] bytes = HpglWriter.edge(ofRun, pen);
        wanted(() -> {
            hangUp();
            Consumer<CutterStatus> told = status -> Platform.runLater(() -> wentRound(own, status));
            if (ofRun.cutter().reach().isWire()) {
                line = new WireLine(
                        ofRun.cutter().reach(),
                        new HpglWriter.Parts(bytes, List.of(), new byte[0]),
                        _ -> 0,
                        _ -> Point.ORIGIN,
                        told);
            } else {
                standIn().feed(fed(ofRun));
                CutterLine near = new CutterLine(standIn().port(), told);
                line = near;
                near.send(bytes);
            }
        });
        tell();
    }

    private void wentRound(int ofTalk, CutterStatus status) {
        if (ofTalk == talk && state == State.EDGE) {
            if (status == null) {
                state = State.LINE_LOST;
            } else {
                head = status.head();
                // a machine that has done what it heard so far is ready too: it is round when it is back
                boolean back = head.distanceMm(Point.ORIGIN) < BACK_MM;
                state = status.state() == CutterStatus.State.READY && back ? State.IDLE : State.EDGE;
            }
            tell();
        }
    }

    /** From the last finished path: by the cutter itself where it only waits, by sending the rest where it does not. */
    public void goOn() {
        switch (state) {
            case PAUSED -> wanted(() -> line.carryOn());
            case LID_OPEN ->
                wanted(() -> {
                    standIn().closeLid();
                    line.carryOn();
                });
            case LINE_LOST, STOPPED -> begin();
            default -> {}
        }
    }

    public void pause() {
        wanted(() -> line.pause());
    }

    /** A load that is not going on any more is put out of mind. */
    public void giveUp() {
        if (state != State.CUTTING) {
            state = State.STOPPED;
            talk++;
            tell();
        }
    }

    /** The path under the knife is finished first, so that it is known what is cut and what is not. */
    public void stop() {
        stopping = true;
        wanted(() -> line.stop());
    }

    /** An old line may still have something to say, if only that it ended. */
    private void heard(int ofTalk, CutterStatus status) {
        if (ofTalk != talk || state == State.STOPPED || state == State.DONE || state == State.LINE_LOST) {
            return;
        }
        if (status == null) {
            state = State.LINE_LOST;
        } else {
            finished = Math.clamp(
                    before + status.finishedPaths() - (isStandIn() ? HpglWriter.strokesBefore(run) : 0),
                    before,
                    run.paths().size());
            head = status.head();
            if (stopping
                    && status.state() == CutterStatus.State.READY
                    && finished < run.paths().size()) {
                stopping = false;
                state = State.STOPPED;
                tell();
                return;
            }
            state = finished == run.paths().size()
                    ? State.DONE
                    : switch (status.state()) {
                        case PAUSED -> State.PAUSED;
                        case LID_OPEN -> State.LID_OPEN;
                        default -> State.CUTTING;
                    };
        }
        tell();
    }

    /** What has been cut on the stand-in's bed, stroke by stroke. */
    public StandInCutter standIn() throws IOException {
        if (cutter == null) {
            cutter = new StandInCutter(0, speedUp);
        }
        cutter.setSpeedUp(speedUp);
        return cutter;
    }

    private interface Talk {
        void say() throws IOException;
    }

    private void wanted(Talk talk) {
        sender.execute(() -> {
            try {
                talk.say();
            } catch (IOException | RuntimeException e) {
                FaultLog.caught("talking with the cutter", e);
                // whatever went wrong on the way to a machine, nobody waits for it for ever
                Platform.runLater(() -> {
                    trouble = Optional.ofNullable(e.getMessage());
                    // a question that got no answer leaves nothing to go on with
                    state = state == State.LOOKING
                                    || state == State.MOVING
                                    || state == State.EDGE
                                    || state == State.IDLE
                            ? State.IDLE
                            : run.cutter().reach().kind() == Connection.Kind.FOLDER ? State.STOPPED : State.LINE_LOST;
                    tell();
                });
            }
        });
    }

    private void hangUp() throws IOException {
        if (line != null) {
            line.close();
            line = null;
        }
        if (mover != null) {
            mover.close();
            mover = null;
        }
    }

    @Override
    public void close() {
        sender.shutdownNow();
        try {
            hangUp();
            if (cutter != null) {
                cutter.close();
            }
        } catch (IOException _) {
            // the window is closing; there is nobody left to tell
        }
    }
}
