package jurren.formats.out;

import java.awt.geom.PathIterator;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import jurren.core.geometry.Arcs;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;

/**
 * Closed polylines in millimetres whose bends are arcs, a layer for each colour, in the oldest form of DXF that
 * everything reads. That form has no curves; an arc is told by its bulge, the tangent of a quarter of what it turns.
 */
final class DxfArt {
    private static final double FLAT_MM = 0.001;
    /** With what an edge lies beside its smooth curve ({@link Lines#SMOOTH_MM}), this stays within 0.005 mm. */
    private static final double ARC_MM = 0.003;
    /** Arcs here end at their corners: nothing is counted. */
    private static final double UNCOUNTED_MM = 1e-9;

    private DxfArt() {}

    static byte[] write(ArtSheet given) {
        ArtSheet sheet = given.atOrigin();
        Box box = sheet.box().orElseThrow();
        Map<String, Colour> layers = new LinkedHashMap<>();
        sheet.parts().forEach(p -> layers.putIfAbsent(layer(p), p.colour()));
        StringBuilder out = new StringBuilder();
        group(out, 0, "SECTION", 2, "HEADER", 9, "$ACADVER", 1, "AC1009", 9, "$INSUNITS", 70, "4", 0, "ENDSEC");
        group(out, 0, "SECTION", 2, "TABLES", 0, "TABLE", 2, "LAYER", 70, String.valueOf(layers.size()));
        layers.forEach((name, colour) ->
                group(out, 0, "LAYER", 2, name, 70, "0", 62, "7", 420, String.valueOf(colour.rgb()), 6, "CONTINUOUS"));
        group(out, 0, "ENDTAB", 0, "ENDSEC", 0, "SECTION", 2, "ENTITIES");
        for (ArtSheet.Part part : sheet.parts()) {
            for (List<Point> edge : edges(part, box.heightMm())) {
                group(out, 0, "POLYLINE", 8, layer(part), 66, "1", 10, "0", 20, "0", 30, "0", 70, "1");
                int at = 0;
                for (Arcs.Stretch s : Arcs.of(edge, UNCOUNTED_MM, ARC_MM)) {
                    group(
                            out,
                            0,
                            "VERTEX",
                            8,
                            layer(part),
                            10,
                            Lines.number(edge.get(at).xMm()),
                            20,
                            Lines.number(edge.get(at).yMm()),
                            30,
                            "0");
                    if (s.centre().isPresent()) {
                        group(out, 42, Lines.fine(Math.tan(Math.toRadians(s.degrees()) / 4)));
                    }
                    at = s.to();
                }
                group(out, 0, "SEQEND", 8, layer(part));
            }
        }
        group(out, 0, "ENDSEC", 0, "EOF");
        return out.toString().getBytes(StandardCharsets.US_ASCII);
    }

    /** With y up, each ending where it began. */
    private static List<List<Point>> edges(ArtSheet.Part part, double heightMm) {
        List<List<Point>> all = new ArrayList<>();
        double[] c = new double[6];
        for (PathIterator it = part.region().smooth(Lines.SMOOTH_MM).toAwt().getPathIterator(null, FLAT_MM);
                !it.isDone();
                it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> all.add(new ArrayList<>(List.of(new Point(c[0], heightMm - c[1]))));
                case PathIterator.SEG_LINETO -> all.getLast().add(new Point(c[0], heightMm - c[1]));
                default -> {
                    List<Point> edge = all.getLast();
                    if (edge.getLast().distanceMm(edge.getFirst()) < UNCOUNTED_MM) {
                        edge.removeLast();
                    }
                    edge.add(edge.getFirst());
                }
            }
        }
        return all;
    }

    private static String layer(ArtSheet.Part part) {
        String name = part.name().replaceAll("[^A-Za-z0-9]+", "_").replaceAll("^_|_$", "");
        return (name.isEmpty() ? "layer" : name) + "_" + part.colour().hex().substring(1);
    }

    private static void group(StringBuilder out, Object... codesAndValues) {
        for (Object o : codesAndValues) {
            out.append(o).append('\n');
        }
    }
}
