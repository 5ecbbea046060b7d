package jurren.app.cutter;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import jurren.app.theme.Texts;
import jurren.core.cut.CutRun;
import jurren.core.cut.PrintMarks;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.load.Connection;
import jurren.core.load.Dialect;
import jurren.core.load.Sensors;
import jurren.formats.hpgl.HpglWriter;

/**
 * Asks a cutter in HPGL what it finds out by itself: the size of the film by {@code OH}, each printed mark by {@code
 * DP}, whose answer {@code OS} announces and {@code OD} gives.
 */
final class Asking implements AutoCloseable {
    private static final int POINT_FOUND = 4;
    private static final int ERROR = 32;
    private static final long ANSWER_MS = 8_000;
    private static final long AGAIN_MS = 200;
    private static final long SEARCH_MS = 60_000;
    private static final String NUMBERS = "-?[0-9]+(,-?[0-9]+)*";
    private static final int CORNERS = 4;
    private static final String GONE = "";

    private final Wire wire;
    private final CutRun run;
    private final LinkedBlockingQueue<String> lines = new LinkedBlockingQueue<>();
    private volatile boolean gone;

    Asking(Connection reach, CutRun run) throws IOException {
        this.wire = Wire.to(reach);
        this.run = run;
        Thread.ofPlatform().daemon().name("cutter answers").start(this::listen);
    }

    private void listen() {
        try (BufferedReader in = new BufferedReader(new InputStreamReader(wire.in(), StandardCharsets.US_ASCII))) {
            for (String line = in.readLine(); line != null; line = in.readLine()) {
                if (line.strip().matches(NUMBERS)) {
                    lines.add(line.strip());
                }
            }
        } catch (IOException _) {
            // told below: a reset and a hang-up mean the same
        }
        gone = true;
        lines.add(GONE);
    }

    /** All that this cutter can tell. */
    Asked all() throws IOException, InterruptedException {
        Sensors senses = run.cutter().senses();
        say("IN;PA;SP0;\n");
        OptionalDouble width = senses.width() ? width() : OptionalDouble.empty();
        return new Asked(width, senses.marks() ? marks(PrintMarks.of(run.load())) : List.of());
    }

    private OptionalDouble width() throws IOException, InterruptedException {
        Optional<long[]> corners = ask("OH;\n", ANSWER_MS);
        if (corners.isEmpty() || corners.get().length != CORNERS) {
            return OptionalDouble.empty();
        }
        long[] c = corners.get();
        Dialect speech = run.cutter().speech();
        boolean acrossFirst = speech.start() == Dialect.Start.NEAR_LEFT || speech.start() == Dialect.Start.FAR_RIGHT;
        return OptionalDouble.of(Math.abs(acrossFirst ? c[2] - c[0] : c[3] - c[1]) * speech.unitMm());
    }

    /** Each looked for where the ones before it say that it must be. */
    private List<Point> marks(List<Point> printed) throws IOException, InterruptedException {
        List<Point> found = new ArrayList<>();
        for (Point mark : printed) {
            Optional<Point> at = find(expected(printed, found).apply(mark));
            if (at.isEmpty()) {
                break;
            }
            found.add(at.get());
        }
        return found;
    }

    /**
     * Nothing known: as printed. One: moved. Two and more: turned with the line between the first and the last found.
     */
    private static Placement expected(List<Point> printed, List<Point> found) {
        if (found.isEmpty()) {
            return Placement.HERE;
        }
        Point from = printed.getFirst();
        Point to = found.getFirst();
        Placement moved = Placement.moved(-from.xMm(), -from.yMm());
        if (found.size() > 1) {
            Point a = printed.get(found.size() - 1);
            Point b = found.getLast();
            double meant = Math.atan2(a.yMm() - from.yMm(), a.xMm() - from.xMm());
            double is = Math.atan2(b.yMm() - to.yMm(), b.xMm() - to.xMm());
            moved = moved.then(Placement.turned(Math.toDegrees(is - meant)));
        }
        return moved.then(Placement.moved(to.xMm(), to.yMm()));
    }

    private Optional<Point> find(Point near) throws IOException, InterruptedException {
        say(HpglWriter.at(run, near) + "DP;\n");
        long end = System.nanoTime() + TimeUnit.MILLISECONDS.toNanos(SEARCH_MS);
        while (System.nanoTime() < end) {
            Optional<long[]> status = ask("OS;\n", SEARCH_MS);
            if (status.isEmpty() || (status.get()[0] & ERROR) != 0) {
                return Optional.empty();
            }
            if ((status.get()[0] & POINT_FOUND) != 0) {
                return ask("OD;\n", ANSWER_MS).filter(n -> n.length >= 2).map(n -> HpglWriter.onLoad(run, n[0], n[1]));
            }
            TimeUnit.MILLISECONDS.sleep(AGAIN_MS);
        }
        return Optional.empty();
    }

    /** The head goes there with the knife up. */
    void moveTo(Point p) throws IOException {
        say(HpglWriter.at(run, p) + "\n");
    }

    private void say(String text) throws IOException {
        wire.out().write(text.getBytes(StandardCharsets.US_ASCII));
        wire.out().flush();
    }

    private Optional<long[]> ask(String question, long patienceMs) throws IOException, InterruptedException {
        lines.clear();
        if (gone) {
            // it may have hung up before it was asked
            throw new IOException(Texts.of("cut.gone"));
        }
        say(question);
        String line = lines.poll(patienceMs, TimeUnit.MILLISECONDS);
        if (GONE.equals(line)) {
            throw new IOException(Texts.of("cut.gone"));
        }
        return Optional.ofNullable(line)
                .map(l -> Arrays.stream(l.split(",")).mapToLong(Long::parseLong).toArray());
    }

    /** Whoever waits for an answer waits no longer. */
    void hangUp() {
        try {
            wire.close();
        } catch (IOException _) {
            // it is gone either way
        }
    }

    @Override
    public void close() throws IOException {
        wire.close();
    }
}
