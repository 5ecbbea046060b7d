package jurren.formats.hpgl;

import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.cut.SwivelKnife;
import jurren.core.geometry.Point;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;

/**
 * A cut run as HPGL: initialise, absolute moves, pen 1 with its speed and, where the machine takes one, its force, then one
 * {@code PU} and one {@code PD} a path. Points that fall on the same plotter unit are written once. For a machine that does
 * not allow for its trailing knife, the paths are those of its middle, and a short cut in the waste sets it first.
 */
public final class HpglWriter {
    public static final double UNIT_MM = 0.025;

    private HpglWriter() {
    }

    public static byte[] write(CutRun run) {
        return write(run, 0);
    }

    /** @param fromPath the first path to cut, for going on after a stop */
    public static byte[] write(CutRun run, int fromPath) {
        StringBuilder out = new StringBuilder("IN;PA;SP1;");
        out.append("VS").append(Math.round(run.load().material().cutting().speedMmS() / 10)).append(';');
        if (run.cutter().head().takesForce()) {
            out.append("FS").append(Math.round(run.forceGf())).append(';');
        }
        out.append('\n');
        Optional<SwivelKnife> swivel = run.cutter().head().needsSwivel() ? Optional.of(new SwivelKnife(run.cutter().head().offsetMm())) : Optional.empty();
        swivel.ifPresent(s -> append(out, s.setting()));
        for (CutPath path : run.paths().subList(fromPath, run.paths().size())) {
            List<Point> tip = path.knife(run.overcutMm());
            append(out, swivel.map(s -> s.way(tip)).orElse(tip));
        }
        out.append("PU").append(units(run.load().usedMm())).append(",0;SP0;\n");
        return out.toString().getBytes(StandardCharsets.US_ASCII);
    }

    /** How many strokes of a file come before its first path. */
    public static int strokesBefore(CutRun run) {
        return run.cutter().head().needsSwivel() ? 1 : 0;
    }

    private static void append(StringBuilder out, List<Point> way) {
        long x = units(way.getFirst().xMm());
        long y = units(way.getFirst().yMm());
        out.append("PU").append(x).append(',').append(y).append(";PD");
        String separator = "";
        for (Point p : way.subList(1, way.size())) {
            long nextX = units(p.xMm());
            long nextY = units(p.yMm());
            if (nextX != x || nextY != y) {
                out.append(separator).append(nextX).append(',').append(nextY);
                separator = ",";
                x = nextX;
                y = nextY;
            }
        }
        out.append(";\n");
    }

    private static long units(double mm) {
        return Math.round(mm / UNIT_MM);
    }
}
