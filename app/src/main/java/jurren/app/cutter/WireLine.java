package jurren.app.cutter;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import java.util.function.IntToDoubleFunction;
import jurren.core.geometry.Point;
import jurren.core.load.Reach;
import jurren.formats.hpgl.HpglWriter;
import jurren.standins.cutter.CutterStatus;
import jurren.standins.cutter.MachineLine;

/**
 * A cutter at a raw network port. Paths are sent one by one, each with the question where the knife is ({@code OA}): when
 * that is answered the path is cut. A machine that answers nothing is given the time a path takes. So a pause or a stop
 * takes effect after the path under the knife, and after a lost line nothing that was answered is cut again.
 */
final class PortLine implements MachineLine {
    private static final int CONNECT_MS = 4_000;
    /** A path may take so much longer than was worked out before the line counts as silent. */
    private static final double PATIENCE_TIMES = 3;
    private static final double PATIENCE_S = 4;
    private static final byte[] WHERE = "OA;\n".getBytes(StandardCharsets.US_ASCII);

    private final Socket socket;
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
    PortLine(Reach reach, HpglWriter.Parts parts, IntToDoubleFunction seconds, IntFunction<Point> ends, Consumer<CutterStatus> told) throws IOException {
        this.socket = connected(reach);
        this.parts = parts;
        this.seconds = seconds;
        this.ends = ends;
        this.told = told;
        Thread.ofPlatform().daemon().name("cutter answers").start(this::listen);
        Thread.ofPlatform().daemon().name("cutter sender").start(this::cut);
    }

    private static Socket connected(Reach reach) throws IOException {
        Socket s = new Socket();
        try {
            s.connect(new InetSocketAddress(reach.host(), reach.port()), CONNECT_MS);
            s.setTcpNoDelay(true);
            return s;
        } catch (IOException e) {
            s.close();
            throw e;
        }
    }

    /** What something at an address says when it is asked what it is; empty when it says nothing. */
    static String ask(Reach reach) throws IOException {
        try (Socket s = connected(reach)) {
            s.setSoTimeout(CONNECT_MS / 2);
            s.getOutputStream().write("OI;\n".getBytes(StandardCharsets.US_ASCII));
            s.getOutputStream().flush();
            byte[] some = new byte[80];
            try {
                int n = s.getInputStream().read(some);
                return n <= 0 ? "" : new String(some, 0, n, StandardCharsets.US_ASCII).replaceAll("[^\\x20-\\x7e]+", " ").strip();
            } catch (java.net.SocketTimeoutException _) {
                return "";
            }
        }
    }

    private void listen() {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(socket.getInputStream(), StandardCharsets.US_ASCII))) {
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
            OutputStream out = socket.getOutputStream();
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
        socket.close();
    }
}
