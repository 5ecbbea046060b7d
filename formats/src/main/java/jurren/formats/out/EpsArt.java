package jurren.formats.out;

import java.awt.geom.AffineTransform;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import java.util.Optional;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/** Plain EPS in points. With a cut colour, the outline of all of it as a hairline in a spot colour of that name. */
final class EpsArt {
    private static final double POINT_PER_MM = 72 / 25.4;

    private static final Colour CUT = new Colour(0x7C2E57);

    private static final String[] WORDS = {" m\n", " l\n", " c\n", "z\n"};

    private EpsArt() {}

    static byte[] write(ArtSheet given, Optional<String> cutColour) {
        ArtSheet sheet = given.atOrigin();
        Box box = sheet.box().orElseThrow();
        double w = box.widthMm() * POINT_PER_MM;
        double h = box.heightMm() * POINT_PER_MM;
        StringBuilder out = new StringBuilder("%!PS-Adobe-3.0 EPSF-3.0\n%%BoundingBox: 0 0 ")
                .append((long) Math.ceil(w))
                .append(' ')
                .append((long) Math.ceil(h))
                .append("\n%%HiResBoundingBox: 0 0 ")
                .append(Lines.number(w))
                .append(' ')
                .append(Lines.number(h))
                .append(
                        "\n%%EndComments\n/m {moveto} bind def /l {lineto} bind def /c {curveto} bind def /z {closepath} bind def\n");
        for (ArtSheet.Part part : sheet.parts()) {
            Colour c = part.colour();
            out.append("% ").append(part.name().replaceAll("[^ -~]", "?")).append('\n');
            part.spot()
                    .ifPresentOrElse(
                            name -> out.append(separation(name, c)).append(" setcolorspace 1 setcolor newpath\n"),
                            () -> out.append(Lines.number(c.red() / 255.0))
                                    .append(' ')
                                    .append(Lines.number(c.green() / 255.0))
                                    .append(' ')
                                    .append(Lines.number(c.blue() / 255.0))
                                    .append(" setrgbcolor newpath\n"));
            path(out, part.region(), h);
            out.append("eofill\n");
        }
        cutColour.ifPresent(name -> {
            out.append(separation(name, CUT)).append(" setcolorspace 1 setcolor 0.1 setlinewidth newpath\n");
            path(out, sheet.whole(), h);
            out.append("stroke\n");
        });
        return out.append("showpage\n%%EOF\n").toString().getBytes(StandardCharsets.US_ASCII);
    }

    /** An ink by its name; where there is no such ink, a tint of it looks like a mix of white and its colour. */
    private static String separation(String name, Colour c) {
        return "[/Separation (" + name.replaceAll("[^ -~]|[()\\\\]", "?") + ") /DeviceRGB {dup " + less(c.red())
                + " mul 1 add exch dup " + less(c.green()) + " mul 1 add exch " + less(c.blue()) + " mul 1 add}]";
    }

    private static String less(int part) {
        return String.format(Locale.ROOT, "%.6f", part / 255.0 - 1);
    }

    private static void path(StringBuilder out, Region region, double height) {
        Lines.draw(out, region, new AffineTransform(POINT_PER_MM, 0, 0, -POINT_PER_MM, 0, height), WORDS, true);
    }
}
