package jurren.formats.svg;

import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/** A load as SVG in millimetres, as seen from the knife's side, one closed path per cut. */
public final class LoadSvg {
    private LoadSvg() {
    }

    public static byte[] write(CutRun run) {
        double length = run.load().usedMm();
        double width = run.load().stock().widthMm();
        StringBuilder out = new StringBuilder(String.format(Locale.ROOT, """
                <?xml version="1.0" encoding="UTF-8"?>
                <svg xmlns="http://www.w3.org/2000/svg" width="%smm" height="%smm" viewBox="0 0 %s %s">
                <g fill="none" stroke="#23262B" stroke-width="0.1">
                """, Mm.number(length), Mm.number(width), Mm.number(length), Mm.number(width)));
        for (CutPath path : run.paths()) {
            out.append("<path class=\"").append(path.kind().name().toLowerCase(Locale.ROOT)).append("\" d=\"");
            Mm.append(out, path.outline(), width);
            out.append("\"/>\n");
        }
        return out.append("</g>\n</svg>\n").toString().getBytes(StandardCharsets.UTF_8);
    }
}
