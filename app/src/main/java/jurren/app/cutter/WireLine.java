package jurren.app.cutter;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import java.util.function.IntToDoubleFunction;
import jurren.core.geometry.Point;
import jurren.core.load.Connection;
import jurren.formats.hpgl.HpglWriter;
import jurren.standins.cutter.CutterStatus;
import jurren.standins.cutter.MachineLine;

/**
 * A cutter at the end of a wire, at a network port or a serial one. Paths are sent one by one, each with the question
 * where the knife is ({@code OA}): when
 * that is answered the path is cut. A machine that answers nothing is given the time a path takes. So a pause or a stop
 * takes effect after the path under the knife, and after a lost line nothing that was answered is cut again.
 */
final class WireLine implements MachineLine {
    private static final int ASK_MS = 2_000;
    private static final int LONGEST_ANSWER = 80;
    /** A path may take so much longer than was worked out before the line counts as silent. */
    private static final double PATIENCE_TIMES = 3;

    private static final double PATIENCE_S = 4;
    private static final byte[] WHERE = "OA;\n".getBytes(StandardCharsets.US_ASCII);

    private final Wire wire;
    private final HpglWriter.Parts parts;
    private final IntToDoubleFunction seconds;
    private final IntFunction<Point> ends;
    private final Consumer<CutterStatus> told;
    private final LinkedBlockingQueue<String> answers = new LinkedBlockingQueue<>();
    private final Object gate = new Object();
    private boolean paused;
    private boolean stopped;
    private boolean gone;
    private boolean answersAtAll = true;

    /**
     * Sends at once.
     *
     * @param seconds how long each path takes
     * @param ends    where the knife is after each
     * @param told    every finished path; {@code null} once when the line is lost
     */
    WireLine(
            Connection reach,
            HpglWriter.Parts parts,
            IntToDoubleFunction seconds,
            IntFunction<Point> ends,
            Consumer<CutterStatus> told)
            throws IOException {
        this.wire = Wire.to(reach);
        this.parts = parts;
        this.seconds = seconds;
        this.ends = ends;
        this.told = told;
        Thread.ofPlatform().daemon().name("cutter answers").start(this::listen);
        Thread.ofPlatform().daemon().name("cutter sender").start(this::cut);
    }

    /** What something at the end of a wire says when it is asked what it is; empty when it says nothing. */
    static String ask(Connection reach) throws IOException {
        try (Wire w = Wire.to(reach)) {
            w.out().write("OI;\n".getBytes(StandardCharsets.US_ASCII));
            w.out().flush();
            StringBuffer heard = new StringBuffer();
            Thread ear = Thread.ofPlatform().daemon().name("cutter check").start(() -> hear(w, heard));
            ear.join(ASK_MS);
            return heard.toString().replaceAll("[^\\x20-\\x7e]+", " ").strip();
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
            return "";
        }
    }

    /** One line, or as much of it as comes. */
    private static void hear(Wire w, StringBuffer heard) {
        try {
            InputStream in = w.in();
            for (int b = in.read(); b >= 0 && b != '\n' && heard.length() < LONGEST_ANSWER; b = in.read()) {
                heard.append((char) b);
            }
        } catch (IOException _) {
            // what was heard until then was all
        }
    }

    private void listen() {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(wire.in(), StandardCharsets.US_ASCII))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                answers.add(line);
            }
        } catch (IOException _) {
            // told below: a reset and a hang-up mean the same
        }
        synchronized (gate) {
            gone = true;
            gate.notifyAll();
        }
        answers.add("");
    }

    private void cut() {
        int done = 0;
        try {
            OutputStream out = wire.out();
            out.write(parts.setup());
            for (int i = 0; i < parts.strokes().size(); i++) {
                if (!mayGoOn(done)) {
                    tell(CutterStatus.State.READY, done);
                    return;
                }
                out.write(parts.strokes().get(i));
                out.write(WHERE);
                out.flush();
                if (!isCut(i)) {
                    told.accept(null);
                    return;
                }
                done++;
                tell(CutterStatus.State.CUTTING, done);
            }
            out.write(parts.end());
            out.flush();
            tell(CutterStatus.State.READY, done);
        } catch (IOException _) {
            told.accept(null);
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }

    /** False when it was stopped. */
    private boolean mayGoOn(int done) throws InterruptedException {
        synchronized (gate) {
            if (paused && !stopped) {
                tell(CutterStatus.State.PAUSED, done);
            }
            while (paused && !stopped && !gone) {
                gate.wait();
            }
            return !stopped;
        }
    }

    /** Waits for the answer that a path is cut, or for as long as it takes; false when the line was lost before. */
    private boolean isCut(int path) throws InterruptedException {
        double takes = seconds.applyAsDouble(path);
        long patienceMs = (long) (1000 * (answersAtAll ? takes * PATIENCE_TIMES + PATIENCE_S : takes));
        String answer = answers.poll(patienceMs, TimeUnit.MILLISECONDS);
        if (answer == null) {
            answersAtAll = false;
            return true;
        }
        return !answer.isEmpty();
    }

    private void tell(CutterStatus.State state, int done) {
        told.accept(new CutterStatus(state, done, 0, done == 0 ? Point.ORIGIN : ends.apply(done - 1)));
    }

    @Override
    public void pause() {
        set(true, stopped);
    }

    @Override
    public void carryOn() {
        set(false, stopped);
    }

    @Override
    public void stop() {
        set(paused, true);
    }

    private void set(boolean nowPaused, boolean nowStopped) {
        synchronized (gate) {
            paused = nowPaused;
            stopped = nowStopped;
            gate.notifyAll();
        }
    }

    @Override
    public void close() throws IOException {
        set(false, true);
        wire.close();
    }
}
