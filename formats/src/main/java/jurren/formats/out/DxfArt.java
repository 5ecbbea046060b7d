package jurren.formats.out;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.material.Colour;

/** Closed polylines in millimetres, a layer for each colour, in the oldest form of DXF that everything reads. */
final class DxfArt {
    private DxfArt() {
    }

    static byte[] write(ArtSheet given) {
        ArtSheet sheet = given.atOrigin();
        Box box = sheet.box().orElseThrow();
        Map<String, Colour> layers = new LinkedHashMap<>();
        sheet.parts().forEach(p -> layers.putIfAbsent(layer(p), p.colour()));
        StringBuilder out = new StringBuilder();
        group(out, 0, "SECTION", 2, "HEADER", 9, "$ACADVER", 1, "AC1009", 9, "$INSUNITS", 70, "4", 0, "ENDSEC");
        group(out, 0, "SECTION", 2, "TABLES", 0, "TABLE", 2, "LAYER", 70, String.valueOf(layers.size()));
        layers.forEach((name, colour) -> group(out, 0, "LAYER", 2, name, 70, "0", 62, "7", 420, String.valueOf(colour.rgb()), 6, "CONTINUOUS"));
        group(out, 0, "ENDTAB", 0, "ENDSEC", 0, "SECTION", 2, "ENTITIES");
        for (ArtSheet.Part part : sheet.parts()) {
            for (Outline o : Lines.outlines(part.region())) {
                group(out, 0, "POLYLINE", 8, layer(part), 66, "1", 10, "0", 20, "0", 30, "0", 70, "1");
                for (int i = 0; i < o.size(); i++) {
                    group(out, 0, "VERTEX", 8, layer(part), 10, Lines.number(o.xMm(i)), 20, Lines.number(box.heightMm() - o.yMm(i)), 30, "0");
                }
                group(out, 0, "SEQEND", 8, layer(part));
            }
        }
        group(out, 0, "ENDSEC", 0, "EOF");
        return out.toString().getBytes(StandardCharsets.US_ASCII);
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
