package jurren.formats.out;

import java.nio.charset.StandardCharsets;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.material.Colour;

/** Plain EPS in points. */
final class EpsArt {
    private static final double POINT_PER_MM = 72 / 25.4;

    private EpsArt() {
    }

    static byte[] write(ArtSheet given) {
        ArtSheet sheet = given.atOrigin();
        Box box = sheet.box().orElseThrow();
        double w = box.widthMm() * POINT_PER_MM;
        double h = box.heightMm() * POINT_PER_MM;
        StringBuilder out = new StringBuilder("%!PS-Adobe-3.0 EPSF-3.0\n%%BoundingBox: 0 0 ").append((long) Math.ceil(w)).append(' ')
                .append((long) Math.ceil(h)).append("\n%%HiResBoundingBox: 0 0 ").append(Lines.number(w)).append(' ').append(Lines.number(h))
                .append("\n%%EndComments\n/m {moveto} bind def /l {lineto} bind def /z {closepath} bind def\n");
        for (ArtSheet.Part part : sheet.parts()) {
            Colour c = part.colour();
            out.append("% ").append(part.name().replaceAll("[^ -~]", "?")).append('\n').append(Lines.number(c.red() / 255.0)).append(' ')
                    .append(Lines.number(c.green() / 255.0)).append(' ').append(Lines.number(c.blue() / 255.0)).append(" setrgbcolor newpath\n");
            for (Outline o : Lines.outlines(part.region())) {
                for (int i = 0; i < o.size(); i++) {
                    out.append(Lines.number(o.xMm(i) * POINT_PER_MM)).append(' ').append(Lines.number(h - o.yMm(i) * POINT_PER_MM)).append(i == 0 ? " m\n" : " l\n");
                }
                out.append("z\n");
            }
            out.append("eofill\n");
        }
        return out.append("showpage\n%%EOF\n").toString().getBytes(StandardCharsets.US_ASCII);
    }
}
