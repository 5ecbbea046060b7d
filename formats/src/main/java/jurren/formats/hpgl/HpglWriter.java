package jurren.formats.hpgl;

import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Point;
import java.nio.charset.StandardCharsets;
import java.util.List;

/**
 * A cut run as HPGL: initialise, absolute moves, pen 1 with its speed, then one {@code PU} and one
 * {@code PD} a path. Points that fall on the same plotter unit are written once.
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
        out.append("VS").append(Math.round(run.load().material().cutting().speedMmS() / 10)).append(";\n");
        for (CutPath path : run.paths().subList(fromPath, run.paths().size())) {
            append(out, path.knife(run.overcutMm()));
        }
        out.append("PU").append(units(run.load().usedMm())).append(",0;SP0;\n");
        return out.toString().getBytes(StandardCharsets.US_ASCII);
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
