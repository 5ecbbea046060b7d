package jurren.formats.print;

import java.awt.Shape;
import java.awt.geom.PathIterator;
import java.nio.charset.StandardCharsets;
import java.util.Locale;
import jurren.core.blank.Face;
import jurren.core.geometry.Box;
import jurren.formats.words.TemplateWords;

/** A template as SVG in millimetres at 1:1. */
public final class TemplateSvg {
    private TemplateSvg() {}

    public static byte[] write(String title, Face face) {
        Template t = Template.of(title, face);
        Box b = t.box();
        StringBuilder out = new StringBuilder(String.format(
                Locale.ROOT,
                """
                <?xml version="1.0" encoding="UTF-8"?>
                <svg xmlns="http://www.w3.org/2000/svg" width="%.3fmm" height="%.3fmm" viewBox="%.3f %.3f %.3f %.3f">
                <title>%s</title>
                """,
                b.widthMm(),
                b.heightMm(),
                b.minXMm(),
                b.minYMm(),
                b.widthMm(),
                b.heightMm(),
                escaped(t.title())));
        for (Template.Stroke s : t.strokes()) {
            out.append("<path class=\"")
                    .append(s.style().name().toLowerCase(Locale.ROOT))
                    .append("\" fill=\"none\" ")
                    .append(style(s.style()))
                    .append(" d=\"")
                    .append(path(s.shape()))
                    .append("\"/>\n");
        }
        for (Template.Label l : t.labels()) {
            text(out, l.text(), l.at().xMm(), l.at().yMm(), "start");
        }
        out.append(String.format(
                Locale.ROOT,
                "<path class=\"bar\" fill=\"none\" stroke=\"#23262B\" stroke-width=\"0.3\" d=\"M%.3f %.3fv4m0 -2h%.3fm0 -2v4\"/>%n",
                t.barMm().xMm(),
                t.barMm().yMm() - 2,
                Template.BAR_MM));
        text(out, TemplateWords.text("template.bar"), t.barMm().xMm(), t.barMm().yMm() + 6, "start");
        text(out, t.title(), t.barMm().xMm(), t.barMm().yMm() - 4, "start");
        return out.append("</svg>\n").toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String style(Template.Style style) {
        return switch (style) {
            case EDGE -> "stroke=\"#23262B\" stroke-width=\"0.25\"";
            case AREA -> "stroke=\"#7C2E57\" stroke-width=\"0.25\" stroke-dasharray=\"2 1.5\"";
            case MIDDLE -> "stroke=\"#23262B\" stroke-width=\"0.15\" stroke-dasharray=\"6 1.5 1 1.5\"";
            case OBSTACLE -> "stroke=\"#8A8E94\" stroke-width=\"0.25\" stroke-dasharray=\"0.8 0.8\"";
        };
    }

    private static void text(StringBuilder out, String text, double x, double y, String anchor) {
        out.append(String.format(
                Locale.ROOT,
                "<text x=\"%.3f\" y=\"%.3f\" font-family=\"sans-serif\" font-size=\"3.2\" text-anchor=\"%s\" fill=\"#23262B\">%s</text>%n",
                x,
                y,
                anchor,
                escaped(text)));
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }

    private static String path(Shape shape) {
        StringBuilder out = new StringBuilder();
        double[] c = new double[6];
        for (PathIterator it = shape.getPathIterator(null); !it.isDone(); it.next()) {
            int kind = it.currentSegment(c);
            out.append("MLQCZ".charAt(kind));
            int numbers = new int[] {2, 2, 4, 6, 0}[kind];
            for (int i = 0; i < numbers; i++) {
                out.append(i == 0 ? "" : " ").append(String.format(Locale.ROOT, "%.4f", c[i]));
            }
        }
        return out.toString();
    }
}
