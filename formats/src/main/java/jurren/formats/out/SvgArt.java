package jurren.formats.out;

import java.awt.geom.AffineTransform;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import jurren.core.geometry.Box;
import jurren.core.material.Colour;

/** One group for each colour, in millimetres, or in units of which a stated number make an inch. */
final class SvgArt {
    private static final double MM_PER_INCH = 25.4;

    private static final String[] WORDS = {"M", "L", "C", "Z"};

    private SvgArt() {}

    static byte[] write(ArtSheet given, double perInch) {
        ArtSheet sheet = given.atOrigin();
        Box box = sheet.box().orElseThrow();
        double unit = perInch / MM_PER_INCH;
        boolean mm = perInch == MM_PER_INCH;
        String w = Lines.number(box.widthMm() * unit);
        String h = Lines.number(box.heightMm() * unit);
        StringBuilder out = new StringBuilder(
                        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"")
                .append(w)
                .append(mm ? "mm" : "")
                .append("\" height=\"")
                .append(h)
                .append(mm ? "mm" : "")
                .append("\" viewBox=\"0 0 ")
                .append(w)
                .append(' ')
                .append(h)
                .append("\">\n<title>")
                .append(text(sheet.title()))
                .append("</title>\n");
        if (!mm) {
            out.append("<desc>").append(Lines.number(perInch)).append(" units to the inch</desc>\n");
        }
        // consecutive parts of one colour are one group, so that paint order stays
        String open = null;
        Map<String, Integer> used = new LinkedHashMap<>();
        for (ArtSheet.Part part : sheet.parts()) {
            String key = part.name() + part.colour().hex();
            if (!key.equals(open)) {
                out.append(open == null ? "" : "</g>\n").append(group(part.name(), part.colour(), used));
                open = key;
            }
            out.append("<path d=\"");
            Lines.draw(out, part.region(), AffineTransform.getScaleInstance(unit, unit), WORDS, false);
            out.append("\"/>\n");
        }
        return out.append("</g>\n</svg>\n").toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String group(String name, Colour colour, Map<String, Integer> used) {
        int times = used.merge(name, 1, Integer::sum);
        String id = name.replaceAll("[^\\p{L}\\p{N}]+", "-").replaceAll("^-|-$", "");
        return "<g id=\""
                + text((id.isEmpty() ? "layer" : Character.isDigit(id.charAt(0)) ? "c" + id : id)
                        + (times > 1 ? "-" + times : ""))
                + "\" fill=\"" + colour.hex() + "\" fill-rule=\"evenodd\">\n<title>" + text(name) + "</title>\n";
    }

    private static String text(String s) {
        return s.replace("&", "&amp;").replace("<", "&lt;").replace("\"", "&quot;");
    }
}
