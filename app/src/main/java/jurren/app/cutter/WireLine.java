package jurren.app.cutter;

import java.io.IOException;
import java.io.OutputStream;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.IntFunction;
import java.util.function.IntToDoubleFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jurren.core.geometry.Point;
import jurren.core.load.Connection;
import jurren.core.load.Dialect;
import jurren.formats.hpgl.HpglWriter;
import jurren.standins.cutter.CutterStatus;
import jurren.standins.cutter.MachineLine;

/**
 * A cutter at the end of a wire, at a network port or a serial one. Paths are sent one by one, each with the question
 * where the knife is ({@code OA}), and a path is cut when that is answered with where it ends, to two units. Whatever
 * else is said, or nothing, leaves it in doubt: then nothing more is sent until the machine says so after all or a
 * person has looked. So a pause or a stop takes effect after the path under the knife, none is counted that is missing
 * and none is cut twice without a question.
 */
final class WireLine implements MachineLine {
    private static final long ASK_MS = 2_000;

    /**
     * How long an answer is waited for.
     *
     * @param times  a path may take so much longer than was worked out
     * @param s      beyond that
     * @param shortS after it said that something is wrong, and after the question was put again
     */
    record Patience(double times, double s, double shortS) {
        static final Patience USUAL = new Patience(3, 4, 2);
    }

    /** How far from the end of a path an answer may be. */
    private static final long NEAR_UNITS = 2;

    private static final byte[] WHERE = Answers.bytes("OA;\n");
    private static final Pattern NUMBERS = Pattern.compile("(-?[0-9]+) *, *(-?[0-9]+)( *,.*)?");

    /** Whatever it means, nobody needs to wait for the end of the path. */
    private static final Pattern TROUBLE = Pattern.compile("(?i)\\b(E[0-9]+|ERR(OR)?|JAM|FAULT|ALARM)\\b");

    /** What became of a path that was sent. */
    private enum Fate {
        CUT,
        AGAIN,
        STOPPED,
        LOST
    }

    /** How far a person wants to hear of it. */
    private enum Wish {
        GO_ON,
        PAUSE,
        STOP
    }

    /** What a person saw who looked at a path in doubt. */
    private enum Seen {
        NOTHING_YET,
        CUT,
        NOT_CUT
    }

    private final Wire wire;
    private final Dialect.Answers how;
    private final HpglWriter.Parts parts;
    private final IntToDoubleFunction seconds;
    private final IntFunction<Point> ends;
    private final Patience patience;
    private final Consumer<Report> told;
    private final Answers answers = new Answers();
    private final Object gate = new Object();
    private Wish wish = Wish.GO_ON;
    private Seen seen = Seen.NOTHING_YET;
    private boolean closed;

    /**
     * Sends at once.
     *
     * @param seconds how long each path takes
     * @param ends    where the knife is after each
     * @param told    every finished path, every doubt, and once when the line is lost
     */
    WireLine(
            Connection reach,
            Dialect.Answers how,
            HpglWriter.Parts parts,
            IntToDoubleFunction seconds,
            IntFunction<Point> ends,
            Patience patience,
            Consumer<Report> told)
            throws IOException {
        this.wire = Wire.to(reach);
        this.how = how;
        this.parts = parts;
        this.seconds = seconds;
        this.ends = ends;
        this.patience = patience;
        this.told = told;
        Thread.ofPlatform().daemon().name("cutter answers").start(() -> answers.listen(wire));
        Thread.ofPlatform().daemon().name("cutter sender").start(this::cut);
    }

    /** What something at the end of a wire says when it is asked what it is; empty when it says nothing. */
    static String ask(Connection reach) throws IOException {
        try (Wire w = Wire.to(reach)) {
            w.out().write(Answers.bytes("OI;\n"));
            w.out().flush();
            Answers heard = new Answers();
            Thread.ofPlatform().daemon().name("cutter check").start(() -> heard.listen(w));
            long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(ASK_MS);
            Optional<String> answer = heard.next();
            while (answer.isEmpty() && !heard.isGone() && System.nanoTime() < end) {
                answer = heard.next();
            }
            return answer.orElse("");
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
            return "";
        }
    }

    private void cut() {
        int done = 0;
        boolean sent = false;
        try {
            OutputStream out = wire.out();
            out.write(parts.setup());
            while (done < parts.strokes().size()) {
                sent = false;
                if (!mayGoOn(done)) {
                    tell(CutterStatus.State.READY, done);
                    return;
                }
                if (answers.isGone()) {
                    told.accept(new Report.Lost(false));
                    return;
                }
                answers.forget();
                sent = true;
                out.write(parts.strokes().get(done));
                if (how != Dialect.Answers.NEVER) {
                    out.write(WHERE);
                }
                out.flush();
                Fate fate = fate(done);
                if (fate == Fate.LOST || fate == Fate.STOPPED) {
                    told.accept(new Report.Lost(true));
                    return;
                }
                if (fate == Fate.CUT) {
                    done++;
                    sent = false;
                }
                tell(CutterStatus.State.CUTTING, done);
            }
            out.write(parts.end());
            out.flush();
            tell(CutterStatus.State.READY, done);
        } catch (IOException _) {
            told.accept(new Report.Lost(sent));
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
        }
    }

    /** False when it was stopped. */
    private boolean mayGoOn(int done) throws InterruptedException {
        synchronized (gate) {
            if (wish == Wish.PAUSE) {
                tell(CutterStatus.State.PAUSED, done);
            }
            while (wish == Wish.PAUSE && !answers.isGone()) {
                gate.wait(ASK_MS);
            }
            return wish != Wish.STOP;
        }
    }

    /** What becomes of a path that was sent. */
    private Fate fate(int path) throws InterruptedException, IOException {
        double takes = seconds.applyAsDouble(path);
        switch (how) {
            case NEVER -> {
                return pass(takes) ? Fate.CUT : Fate.LOST;
            }
            case AT_ONCE -> {
                // it says that it has heard, which is not that it has cut
                Optional<Fate> heard = await(path, patience.s, false);
                return heard.isPresent() ? heard.get() : pass(takes) ? Fate.CUT : Fate.LOST;
            }
            case WHEN_THERE -> {}
        }
        return await(path, takes * patience.times + patience.s, true).orElse(Fate.CUT);
    }

    /** False when the line was lost before so much time was over. */
    private boolean pass(double s) throws InterruptedException {
        long end = after(s);
        while (System.nanoTime() < end) {
            answers.next();
            if (answers.isGone() || isClosed()) {
                return false;
            }
        }
        return true;
    }

    /**
     * Waits for the answer to the question, which is put again once.
     *
     * @param there whether only where the path ends is an answer
     * @return empty once it is answered
     */
    private Optional<Fate> await(int path, double waitS, boolean there) throws InterruptedException, IOException {
        long end = after(waitS);
        boolean again = false;
        boolean doubted = false;
        String said = "";
        look();
        while (true) {
            Optional<String> line = answers.next();
            if (line.filter(l -> isAnswer(l, path, there)).isPresent()) {
                return Optional.empty();
            }
            Seen now = look();
            if (now != Seen.NOTHING_YET) {
                return Optional.of(now == Seen.CUT ? Fate.CUT : Fate.AGAIN);
            }
            if (answers.isGone() || isClosed()) {
                return Optional.of(answers.isGone() ? Fate.LOST : Fate.STOPPED);
            }
            if (line.isPresent()) {
                said = line.get();
                end = TROUBLE.matcher(said).find() ? Math.min(end, after(patience.shortS)) : end;
            }
            if (System.nanoTime() >= end && !again) {
                again = true;
                end = after(patience.shortS);
                wire.out().write(WHERE);
                wire.out().flush();
            } else if (System.nanoTime() >= end && !doubted) {
                doubted = true;
                told.accept(new Report.InDoubt(path, said));
            }
        }
    }

    private boolean isAnswer(String line, int path, boolean there) {
        Matcher m = NUMBERS.matcher(line);
        if (!m.matches()) {
            return false;
        }
        try {
            HpglWriter.Units end = parts.ends().get(path);
            return !there
                    || Math.abs(Long.parseLong(m.group(1)) - end.x()) <= NEAR_UNITS
                            && Math.abs(Long.parseLong(m.group(2)) - end.y()) <= NEAR_UNITS;
        } catch (NumberFormatException _) {
            return false; // more digits than any place has
        }
    }

    private static long after(double s) {
        return System.nanoTime() + (long) (s * TimeUnit.SECONDS.toNanos(1));
    }

    /** What was seen since, once. */
    private Seen look() {
        synchronized (gate) {
            Seen now = seen;
            seen = Seen.NOTHING_YET;
            return now;
        }
    }

    private boolean isClosed() {
        synchronized (gate) {
            return closed;
        }
    }

    private void tell(CutterStatus.State state, int done) {
        told.accept(new Report.At(new CutterStatus(state, done, 0, done == 0 ? Point.ORIGIN : ends.apply(done - 1))));
    }

    /** A person has looked at the path that is in doubt. */
    void looked(boolean isCut) {
        synchronized (gate) {
            seen = isCut ? Seen.CUT : Seen.NOT_CUT;
        }
    }

    @Override
    public void pause() {
        set(Wish.PAUSE);
    }

    @Override
    public void carryOn() {
        set(Wish.GO_ON);
    }

    @Override
    public void stop() {
        set(Wish.STOP);
    }

    private void set(Wish now) {
        synchronized (gate) {
            wish = now;
            gate.notifyAll();
        }
    }

    @Override
    public void close() throws IOException {
        synchronized (gate) {
            closed = true;
        }
        set(Wish.STOP);
        wire.close();
    }
}
