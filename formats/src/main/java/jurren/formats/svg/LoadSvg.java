package jurren.formats.svg;

import java.nio.charset.StandardCharsets;
import java.util.Locale;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Box;
import jurren.core.load.Placed;

/**
 * A load as SVG in millimetres, as seen from the knife's side, one closed path per cut; each piece's name beside it,
 * which nothing cuts.
 */
public final class LoadSvg {
    private static final double NAME_BELOW_MM = 2.6;

    private LoadSvg() {}

    /** By which near-identical pieces are told apart: line, size, which of how many. */
    private static String name(Placed p) {
        String name = p.item().lineId() + " " + p.item().size() + " " + p.item().copy();
        return name.replace("&", "&amp;").replace("<", "&lt;");
    }

    public static byte[] write(CutRun run) {
        double length = run.load().usedMm();
        double width = run.load().stock().widthMm();
        StringBuilder out = new StringBuilder(String.format(
                Locale.ROOT, """
                <?xml version="1.0" encoding="UTF-8"?>
                <svg xmlns="http://www.w3.org/2000/svg" width="%smm" height="%smm" viewBox="0 0 %s %s">
                <g fill="none" stroke="#23262B" stroke-width="0.1">
                """, Mm.number(length), Mm.number(width), Mm.number(length), Mm.number(width)));
        for (CutPath path : run.paths()) {
            out.append("<path class=\"")
                    .append(path.kind().name().toLowerCase(Locale.ROOT))
                    .append("\" d=\"");
            Mm.append(out, path, width);
            out.append("\"/>\n");
        }
        out.append(
                "</g>\n<g class=\"names\" fill=\"#7C2E57\" stroke=\"none\" font-family=\"sans-serif\" font-size=\"3\">\n");
        for (Placed p : run.load().placed()) {
            Box box = p.box();
            out.append("<text x=\"")
                    .append(Mm.number(box.minXMm()))
                    .append("\" y=\"")
                    .append(Mm.number(width - box.minYMm() + NAME_BELOW_MM))
                    .append("\">")
                    .append(name(p))
                    .append("</text>\n");
        }
        return out.append("</g>\n</svg>\n").toString().getBytes(StandardCharsets.UTF_8);
    }
}
