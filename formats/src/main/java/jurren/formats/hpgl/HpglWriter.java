package jurren.formats.hpgl;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.cut.SwivelKnife;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.load.Dialect;
import jurren.core.load.Offcut;

/**
 * A cut run as HPGL: initialise, moves as the machine wants them, pen 1 with its speed and, where the machine takes
 * one, its force, then one
 * {@code PU} and one {@code PD} a path. Points that fall on the same plotter unit are written once. For a machine that
 * does not allow for its trailing knife, the paths are those of its middle, and a short cut in the waste sets it first.
 */
public final class HpglWriter {
    private static final double CROSS_MM = 3;

    private final Dialect speech;
    private final String end;
    private final Placement toMachine;

    private HpglWriter(CutRun run) {
        this.speech = run.cutter().speech();
        this.end = ";" + speech.ending().signs();
        this.toMachine =
                speech.start().onto(run.load().usedMm(), run.load().stock().widthMm());
    }

    public static byte[] write(CutRun run) {
        return write(run, 0);
    }

    /**
     * A file in the pieces in which it can be sent.
     *
     * @param setup   what comes before any cut, the setting of a trailing knife included
     * @param strokes one for each path
     * @param ends    where the machine is after each
     * @param end     after the last
     */
    public record Parts(byte[] setup, List<byte[]> strokes, List<Units> ends, byte[] end) {
        public Parts {
            strokes = List.copyOf(strokes);
            ends = List.copyOf(ends);
        }
    }

    /** A place as the machine counts. */
    public record Units(long x, long y) {}

    /** @param fromPath the first path to cut, for going on after a stop */
    public static byte[] write(CutRun run, int fromPath) {
        Parts parts = parts(run, fromPath);
        ByteArrayOutputStream all = new ByteArrayOutputStream();
        all.writeBytes(parts.setup);
        parts.strokes.forEach(all::writeBytes);
        all.writeBytes(parts.end);
        return all.toByteArray();
    }

    public static Parts parts(CutRun run, int fromPath) {
        return new HpglWriter(run).partsOf(run, fromPath);
    }

    private Parts partsOf(CutRun run, int fromPath) {
        StringBuilder setup = new StringBuilder("IN;PA;SP1;");
        setup.append("VS")
                .append(Math.round(run.load().material().cutting().speedMmS() / 10))
                .append(';');
        boolean forced = run.cutter().head().takesForce();
        long force = Math.round(fromPath < run.paths().size() ? run.forceGf(fromPath) : run.forceGf());
        if (forced) {
            setup.append("FS").append(force).append(';');
        }
        setup.append(speech.ending().signs());
        Optional<SwivelKnife> swivel = run.cutter().head().needsSwivel()
                ? Optional.of(new SwivelKnife(run.cutter().head().offsetMm()))
                : Optional.empty();
        swivel.ifPresent(s -> append(setup, s.setting()));
        List<byte[]> strokes = new ArrayList<>();
        List<Units> ends = new ArrayList<>();
        for (int i = fromPath; i < run.paths().size(); i++) {
            StringBuilder out = new StringBuilder();
            long now = Math.round(run.forceGf(i));
            if (forced && now != force) {
                out.append("FS").append(now).append(end);
                force = now;
            }
            List<Point> tip = run.paths().get(i).knife(run.overcutMm());
            List<Point> way = swivel.map(s -> s.way(tip)).orElse(tip);
            append(out, way);
            strokes.add(bytes(out));
            ends.add(units(way.getLast()));
        }
        StringBuilder last = new StringBuilder();
        up(last, new Point(run.load().usedMm(), 0));
        return new Parts(bytes(setup), strokes, ends, bytes(last.append(";SP0").append(end)));
    }

    private static byte[] bytes(StringBuilder text) {
        return text.toString().getBytes(StandardCharsets.US_ASCII);
    }

    /**
     * With a pen in the knife's place, on paper stuck where the film will be: the outline of the offcut, in which it
     * then belongs, what will be cut
     * from it, and a cross at three of its corners. For a machine that holds a pen.
     */
    public static byte[] guide(CutRun run, Offcut offcut) {
        HpglWriter w = new HpglWriter(run);
        StringBuilder out =
                new StringBuilder("IN;PA;SP").append(run.cutter().head().pen()).append(w.end);
        Box box = offcut.outline().bounds();
        Stream<Outline> outlines = Stream.concat(
                        offcut.outline().pieces().stream(),
                        run.load().placed().stream()
                                .flatMap(p -> p.item().layer().region().placed(p.onto()).pieces().stream()))
                .flatMap(p -> Stream.concat(Stream.of(p.outer()), p.holes().stream()));
        outlines.forEach(o -> w.append(out, closed(o)));
        for (Point p : List.of(
                new Point(box.minXMm(), box.minYMm()),
                new Point(box.maxXMm(), box.minYMm()),
                new Point(box.minXMm(), box.maxYMm()))) {
            w.append(out, List.of(p.plus(-CROSS_MM, 0), p.plus(CROSS_MM, 0)));
            w.append(out, List.of(p.plus(0, -CROSS_MM), p.plus(0, CROSS_MM)));
        }
        return bytes(out.append("PU0,0;SP0").append(w.end));
    }

    private static List<Point> closed(Outline o) {
        List<Point> way = new ArrayList<>(o.points());
        way.add(way.getFirst());
        return way;
    }

    /**
     * Once round what will be cut, and back to the start corner.
     *
     * @param pen down on the way round, in the knife's place; otherwise the knife is up
     */
    public static byte[] edge(CutRun run, boolean pen) {
        Box box = run.paths().stream().map(CutPath::bounds).reduce(Box::joined).orElse(Box.ofSize(0, 0, 1, 1));
        List<Point> round = List.of(
                new Point(box.minXMm(), box.minYMm()),
                new Point(box.maxXMm(), box.minYMm()),
                new Point(box.maxXMm(), box.maxYMm()),
                new Point(box.minXMm(), box.maxYMm()),
                new Point(box.minXMm(), box.minYMm()));
        if (!pen) {
            return raised(
                    run, Stream.concat(round.stream(), Stream.of(Point.ORIGIN)).toList());
        }
        HpglWriter w = new HpglWriter(run);
        StringBuilder out =
                new StringBuilder("IN;PA;SP").append(run.cutter().head().pen()).append(w.end);
        w.append(out, round);
        w.up(out, Point.ORIGIN);
        return bytes(out.append(";SP0").append(w.end));
    }

    /** With the knife up from point to point of a load. */
    public static byte[] raised(CutRun run, List<Point> way) {
        HpglWriter w = new HpglWriter(run);
        StringBuilder out = new StringBuilder("IN;PA;PU").append(w.end);
        for (Point p : way) {
            w.up(out, p);
            out.append(w.end);
        }
        return bytes(out.append("SP0").append(w.end));
    }

    /** Where the head shall stand, as it is told. */
    public static String at(CutRun run, Point p) {
        StringBuilder out = new StringBuilder();
        new HpglWriter(run).up(out, p);
        return out.append(';').toString();
    }

    /** A place of the machine's own counting as one of the load. */
    public static Point onLoad(CutRun run, long x, long y) {
        HpglWriter w = new HpglWriter(run);
        return w.toMachine.inverse().apply(new Point(x * w.speech.unitMm(), y * w.speech.unitMm()));
    }

    /** How many strokes of a file come before its first path. */
    public static int strokesBefore(CutRun run) {
        return run.cutter().head().needsSwivel() ? 1 : 0;
    }

    private Units units(Point p) {
        Point m = toMachine.apply(p);
        return new Units(units(m.xMm()), units(m.yMm()));
    }

    private void up(StringBuilder out, Point p) {
        Point m = toMachine.apply(p);
        out.append("PU").append(units(m.xMm())).append(',').append(units(m.yMm()));
    }

    private void append(StringBuilder out, List<Point> way) {
        new StrokeText(speech, out).write(way.stream().map(toMachine::apply).toList());
        out.append(end);
    }

    private long units(double mm) {
        return Math.round(mm / speech.unitMm());
    }
}
