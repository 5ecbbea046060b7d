package jurren.formats.svg;

import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Outline;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** A load as SVG in millimetres, as seen from the knife's side, one closed path per cut. */
public final class LoadSvg {
    private LoadSvg() {
    }

    public static byte[] write(CutRun run) {
        double length = run.load().usedMm();
        double width = run.load().roll().widthMm();
        StringBuilder out = new StringBuilder(String.format(Locale.ROOT, """
                <?xml version="1.0" encoding="UTF-8"?>
                <svg xmlns="http://www.w3.org/2000/svg" width="%smm" height="%smm" viewBox="0 0 %s %s">
                <g fill="none" stroke="#23262B" stroke-width="0.1">
                """, number(length), number(width), number(length), number(width)));
        for (CutPath path : run.paths()) {
            out.append("<path class=\"").append(path.kind().name().toLowerCase(Locale.ROOT)).append("\" d=\"");
            append(out, path.outline(), width);
            out.append("\"/>\n");
        }
        return out.append("</g>\n</svg>\n").toString().getBytes(StandardCharsets.UTF_8);
    }

    private static void append(StringBuilder out, Outline o, double widthMm) {
        for (int i = 0; i < o.size(); i++) {
            out.append(i == 0 ? 'M' : 'L').append(number(o.xMm(i))).append(' ').append(number(widthMm - o.yMm(i)));
        }
        out.append('Z');
    }

    /** Micrometres are enough, and keep files small. */
    private static String number(double mm) {
        String text = String.format(Locale.ROOT, "%.3f", mm);
        return text.contains(".") ? text.replaceAll("0+$", "").replaceAll("\\.$", "") : text;
    }
}
