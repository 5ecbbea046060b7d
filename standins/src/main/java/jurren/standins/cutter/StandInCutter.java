package jurren.standins.cutter;

import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import jurren.core.geometry.Point;

/**
 * The cutter itself: one connection at a time, a thread that reads and a thread that cuts. What it has
 * cut stays on its bed until {@link #clearBed()}.
 */
public final class StandInCutter implements AutoCloseable {
    private static final double TRAVEL_MM_S = 400;
    private static final double LIFT_S = 0.06;
    private static final char ESCAPE = 27;
    /** How far round itself the head sees a mark. */
    private static final double SIGHT_MM = 12;

    private static final double LOOK_S = 1;
    /** Of the status: a point was found and waits to be asked for. */
    private static final int POINT_FOUND = 4;

    private static final int ERROR = 32;

    private final ServerSocket server;
    private volatile double speedUp;
    private final Thread door;
    private final List<List<Point>> cut = new ArrayList<>();
    private volatile Session session;
    private volatile Fault fault = Fault.NONE;
    private volatile int faultAfterPaths;
    private volatile LoadedFilm fed = new LoadedFilm(Bed.PLAIN, List.of(), 0);

    /**
     * @param port    a loopback port, 0 for any free one
     * @param speedUp how many times faster than a real cutter; infinite takes no time
     */
    public StandInCutter(int port, double speedUp) throws IOException {
        this.server = new ServerSocket();
        this.server.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 1);
        this.speedUp = speedUp;
        this.door = Thread.ofPlatform().daemon().name("stand-in cutter").start(this::welcome);
    }

    public int port() {
        return server.getLocalPort();
    }

    public void setSpeedUp(double times) {
        if (!(times > 0)) {
            throw new IllegalArgumentException("the speed-up must be above zero but was " + times);
        }
        speedUp = times;
    }

    /** Goes wrong once, after so many more finished paths. */
    public void failAfter(int paths, Fault what) {
        faultAfterPaths = paths;
        fault = what;
    }

    /** Someone puts film in; whoever calls next finds it there. */
    public void feed(LoadedFilm film) {
        fed = film;
    }

    /** Someone closes the lid; cutting goes on only when it is told to. */
    public void closeLid() {
        Session s = session;
        if (s != null) {
            s.closeLid();
        }
    }

    /** Every finished stroke, in order. */
    public List<List<Point>> bed() {
        synchronized (cut) {
            return List.copyOf(cut);
        }
    }

    public void clearBed() {
        synchronized (cut) {
            cut.clear();
        }
    }

    @Override
    public void close() throws IOException {
        server.close();
        Session s = session;
        if (s != null) {
            s.hangUp();
        }
        door.interrupt();
    }

    private void welcome() {
        while (!server.isClosed()) {
            try {
                Session s = new Session(server.accept());
                session = s;
                s.serve();
            } catch (IOException _) {
                // the door was closed, or the caller left; the next one may come
            }
        }
    }

    private final class Session {
        private final Socket socket;
        /** What was asked for in one round; stopping begins a new round and so drops the rest of the old. */
        private record Task(int round, HpglInterpreter.Action action) {}

        private final BlockingQueue<Task> work = new LinkedBlockingQueue<>();
        private final Object gate = new Object();
        private CutterStatus.State state = CutterStatus.State.READY;
        private boolean paused;
        private int round;
        private int finished;
        private double cutMm;
        private double mmPerS = 300;
        private Point head = Point.ORIGIN;
        private Optional<Point> mark = Optional.empty();
        private boolean looked;

        Session(Socket socket) {
            this.socket = socket;
        }

        void serve() throws IOException {
            Thread knife = Thread.ofPlatform().daemon().name("stand-in knife").start(this::cutAll);
            try (socket;
                    InputStream in = socket.getInputStream()) {
                read(in);
            } finally {
                knife.interrupt();
            }
        }

        private void read(InputStream in) throws IOException {
            HpglInterpreter reader = new HpglInterpreter(fed.bed());
            byte[] some = new byte[4096];
            StringBuilder escape = null;
            for (int n = in.read(some); n >= 0; n = in.read(some)) {
                for (int i = 0; i < n; i++) {
                    if (some[i] == ESCAPE) {
                        escape = new StringBuilder();
                    } else if (escape == null) {
                        reader.take(some[i]);
                    } else if (some[i] == ':') {
                        obey(escape.toString());
                        escape = null;
                    } else {
                        escape.append((char) some[i]);
                    }
                }
                for (HpglInterpreter.Action action : reader.drain()) {
                    work.add(new Task(currentRound(), action));
                }
            }
        }

        private void obey(String command) throws IOException {
            synchronized (gate) {
                switch (command) {
                    case ".A" -> say("JURREN STAND-IN,1\n");
                    case ".K" -> {
                        work.clear();
                        round++;
                        paused = false;
                        state = state == CutterStatus.State.CUTTING ? state : CutterStatus.State.READY;
                    }
                    case ".P" -> paused = true;
                    case ".C" -> paused = false;
                    default -> {}
                }
                gate.notifyAll();
            }
            if (!".A".equals(command)) {
                report();
            }
        }

        void closeLid() {
            synchronized (gate) {
                if (state == CutterStatus.State.LID_OPEN) {
                    state = CutterStatus.State.PAUSED;
                    paused = true;
                    gate.notifyAll();
                }
            }
        }

        private void cutAll() {
            try {
                while (!Thread.currentThread().isInterrupted()) {
                    if (work.isEmpty() && setState(CutterStatus.State.READY)) {
                        report();
                    }
                    Task next = work.take();
                    waitForGo(next.round);
                    if (next.round != currentRound()) {
                        continue;
                    }
                    switch (next.action) {
                        case HpglInterpreter.Action.Speed s -> mmPerS = s.mmPerS();
                        case HpglInterpreter.Action.Travel t -> {
                            setState(CutterStatus.State.CUTTING);
                            spend(head.distanceMm(t.to()) / TRAVEL_MM_S);
                            head = t.to();
                            report();
                        }
                        case HpglInterpreter.Action.Stroke s -> cut(s);
                        case HpglInterpreter.Action.Look _ -> look();
                        case HpglInterpreter.Action.TellStatus _ ->
                            tell(String.valueOf(mark.isPresent() ? POINT_FOUND : looked ? ERROR : 0));
                        case HpglInterpreter.Action.TellPlace p ->
                            tell(p.first() + "," + p.second() + "," + (p.down() ? 1 : 0));
                        case HpglInterpreter.Action.TellMark _ ->
                            tell(counts(fed.bed().counts(mark.orElse(head))) + ",0");
                        case HpglInterpreter.Action.TellSize _ ->
                            tell("0,0,"
                                    + counts(fed.bed().across(fed.realWidthMm()).size()));
                    }
                }
            } catch (InterruptedException _) {
                Thread.currentThread().interrupt();
            } catch (IOException _) {
                // the caller is gone; what is cut stays cut
            }
        }

        private void look() throws InterruptedException {
            spend(LOOK_S);
            looked = true;
            Point at = head;
            mark = fed.marks().stream()
                    .filter(m -> m.distanceMm(at) <= SIGHT_MM)
                    .min(Comparator.comparingDouble(m -> m.distanceMm(at)));
        }

        private static String counts(long[] two) {
            return two[0] + "," + two[1];
        }

        private void tell(String line) throws IOException {
            synchronized (gate) {
                say(line + "\n");
            }
        }

        private void cut(HpglInterpreter.Action.Stroke stroke) throws InterruptedException, IOException {
            setState(CutterStatus.State.CUTTING);
            spend(2 * LIFT_S);
            for (Point p : stroke.points()) {
                double mm = head.distanceMm(p);
                spend(mm / mmPerS);
                cutMm += mm;
                head = p;
            }
            synchronized (cut) {
                cut.add(stroke.points());
            }
            finished++;
            report();
            if (fault != Fault.NONE && --faultAfterPaths <= 0) {
                goWrong();
            }
        }

        private void goWrong() throws IOException {
            Fault what = fault;
            fault = Fault.NONE;
            if (what == Fault.CONNECTION_LOST) {
                work.clear();
                socket.close();
            } else {
                setState(CutterStatus.State.LID_OPEN);
                report();
            }
        }

        /** Waits while someone has told it to, or while the lid is open, and says so. */
        private void waitForGo(int ofRound) throws InterruptedException, IOException {
            boolean waited = false;
            synchronized (gate) {
                while (ofRound == round && (paused || state == CutterStatus.State.LID_OPEN)) {
                    if (!waited && state != CutterStatus.State.LID_OPEN) {
                        state = CutterStatus.State.PAUSED;
                        report();
                    }
                    waited = true;
                    gate.wait();
                }
            }
            if (waited && ofRound == currentRound()) {
                setState(CutterStatus.State.CUTTING);
                report();
            }
        }

        private int currentRound() {
            synchronized (gate) {
                return round;
            }
        }

        /** True when that is a change. */
        private boolean setState(CutterStatus.State next) {
            synchronized (gate) {
                boolean changed = state != next;
                state = next;
                return changed;
            }
        }

        /** Debts below a millisecond are saved up, or short moves would all take one. */
        private double owedS;

        private void spend(double seconds) throws InterruptedException {
            owedS += seconds / speedUp;
            if (owedS > 0.001) {
                long millis = (long) (owedS * 1000);
                owedS -= millis / 1000.0;
                Thread.sleep(millis);
            }
        }

        private void report() throws IOException {
            synchronized (gate) {
                say(new CutterStatus(state, finished, cutMm, head).line());
            }
        }

        private void say(String text) throws IOException {
            socket.getOutputStream().write(text.getBytes(StandardCharsets.US_ASCII));
            socket.getOutputStream().flush();
        }

        void hangUp() throws IOException {
            socket.close();
        }
    }
}
