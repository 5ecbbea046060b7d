package jurren.formats.out;

import java.awt.geom.PathIterator;
import java.nio.charset.StandardCharsets;
import jurren.core.art.TracedPicture;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Placement;
import jurren.core.trace.Traced;

/** A traced picture as SVG in millimetres with its curves as curves: one group a colour, middle lines as strokes. */
public final class TracedSvg {
    private TracedSvg() {}

    public static byte[] write(TracedPicture traced) {
        Traced t = traced.traced();
        Placement toMm = Placement.scaled(traced.mmPerPxAcross(), traced.mmPerPxDown());
        String w = Lines.number(t.width() * traced.mmPerPxAcross());
        String h = Lines.number(t.height() * traced.mmPerPxDown());
        StringBuilder out = new StringBuilder(
                        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"")
                .append(w)
                .append("mm\" height=\"")
                .append(h)
                .append("mm\" viewBox=\"0 0 ")
                .append(w)
                .append(' ')
                .append(h)
                .append("\">\n");
        if (!t.lines().isEmpty()) {
            out.append("<g fill=\"none\" stroke=\"")
                    .append(traced.shown(t.flats().getFirst().colour()).hex())
                    .append("\" stroke-linecap=\"round\" stroke-linejoin=\"round\">\n");
            t.lines()
                    .forEach(l -> out.append("<path stroke-width=\"")
                            .append(Lines.number(l.widthPx() * traced.mmPerPxAcross()))
                            .append("\" d=\"")
                            .append(path(l.curves().placed(toMm)))
                            .append("\"/>\n"));
            out.append("</g>\n");
            return end(out);
        }
        for (Traced.Flat f : t.flats()) {
            String colour = traced.shown(f.colour()).hex();
            out.append("<g id=\"c")
                    .append(colour, 1, 7)
                    .append("\" fill=\"")
                    .append(colour)
                    .append("\" fill-rule=\"evenodd\">\n<path d=\"")
                    .append(path(f.curves().placed(toMm)))
                    .append("\"/>\n</g>\n");
        }
        return end(out);
    }

    private static byte[] end(StringBuilder out) {
        return out.append("</svg>\n").toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String path(Curves curves) {
        StringBuilder d = new StringBuilder();
        double[] c = new double[6];
        for (PathIterator it = curves.toAwt().getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            int numbers = switch (kind) {
                case PathIterator.SEG_MOVETO, PathIterator.SEG_LINETO -> 2;
                case PathIterator.SEG_QUADTO -> 4;
                case PathIterator.SEG_CUBICTO -> 6;
                default -> 0;
            };
            d.append("MLQCZ".charAt(kind));
            for (int i = 0; i < numbers; i++) {
                d.append(i == 0 ? "" : " ").append(Lines.number(c[i]));
            }
        }
        return d.toString();
    }
}
