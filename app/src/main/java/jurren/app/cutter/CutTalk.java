package jurren.app.cutter;

import jurren.core.cut.CutRun;
import jurren.core.geometry.Point;
import jurren.core.load.Reach;
import jurren.formats.files.SafeFiles;
import jurren.formats.hpgl.HpglWriter;
import jurren.standins.cutter.CutterLine;
import jurren.standins.cutter.MachineLine;
import jurren.standins.cutter.CutterStatus;
import jurren.standins.cutter.Fault;
import jurren.standins.cutter.StandInCutter;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;
import javafx.application.Platform;

/**
 * One cut on the cutter in use, however it is reached, from sending to the last path. It runs beside the window; what it
 * knows is read, and its watcher told, on the window's thread.
 */
public final class CutTalk implements AutoCloseable {
    /** How a cut stands. */
    public enum State {
        IDLE, EDGE, SENT, CUTTING, PAUSED, LID_OPEN, LINE_LOST, STOPPED, DONE;

        public boolean canGoOn() {
            return this == PAUSED || this == LID_OPEN || this == LINE_LOST || this == STOPPED;
        }
    }

    private static final int MARK_CHARACTERS = 6;

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

    public State state() {
        return state;
    }

    /** A load is in the cutter and not done with. */
    public boolean isBusy() {
        return state == State.CUTTING || state == State.PAUSED || state == State.LID_OPEN || state == State.LINE_LOST;
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

    /** The share of the knife's way that is done, 0 to 1. */
    public double share() {
        if (run == null || run.paths().isEmpty()) {
            return 0;
        }
        double done = run.paths().subList(0, finished).stream().mapToDouble(p -> p.outline().lengthMm()).sum();
        return done / run.paths().stream().mapToDouble(p -> p.outline().lengthMm()).sum();
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
                    CutterLine near = new CutterLine(standIn().port(), told);
                    line = near;
                    near.send(HpglWriter.write(now, from));
                }
                case PORT -> line = new PortLine(now.cutter().reach(), HpglWriter.parts(now, from), i -> now.seconds(from + i), i -> now.paths().get(from + i).start(), told);
                case FOLDER -> {
                    SafeFiles.write(Path.of(now.cutter().reach().where()).resolve("load-" + now.load().order() + "-" + now.mark().substring(0, MARK_CHARACTERS) + ".plt"),
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
        return run == null || run.cutter().reach().kind() == Reach.Kind.STAND_IN;
    }

    /** With the knife up once round where a load will be. */
    public void goRound(CutRun ofRun) {
        run = ofRun;
        finished = 0;
        before = 0;
        state = State.EDGE;
        trouble = Optional.empty();
        byte[] bytes = HpglWriter.edge(ofRun);
        int own = ++talk;
        wanted(() -> {
            hangUp();
            Consumer<CutterStatus> told = status -> Platform.runLater(() -> wentRound(own, status));
            if (ofRun.cutter().reach().kind() == Reach.Kind.PORT) {
                line = new PortLine(ofRun.cutter().reach(), new HpglWriter.Parts(bytes, List.of(), new byte[0]), _ -> 0, _ -> Point.ORIGIN, told);
            } else {
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
                state = status.state() == CutterStatus.State.READY ? State.IDLE : State.EDGE;
            }
            tell();
        }
    }

    /** From the last finished path: by the cutter itself where it only waits, by sending the rest where it does not. */
    public void goOn() {
        switch (state) {
            case PAUSED -> wanted(() -> line.carryOn());
            case LID_OPEN -> wanted(() -> {
                standIn().closeLid();
                line.carryOn();
            });
            case LINE_LOST, STOPPED -> begin();
            default -> { }
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
            finished = Math.clamp(before + status.finishedPaths() - (isStandIn() ? HpglWriter.strokesBefore(run) : 0), before, run.paths().size());
            head = status.head();
            if (stopping && status.state() == CutterStatus.State.READY && finished < run.paths().size()) {
                stopping = false;
                state = State.STOPPED;
                tell();
                return;
            }
            state = finished == run.paths().size() ? State.DONE : switch (status.state()) {
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
            } catch (IOException e) {
                Platform.runLater(() -> {
                    trouble = Optional.ofNullable(e.getMessage());
                    state = State.LINE_LOST;
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
