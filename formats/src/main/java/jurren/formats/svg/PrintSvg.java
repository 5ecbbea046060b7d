package jurren.formats.svg;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.plan.PrintSheet;
import java.util.Locale;
import java.nio.charset.StandardCharsets;

/** A sheet to be printed, as SVG in millimetres, reversed where the process wants it, one path a colour, with its bleed. */
public final class PrintSvg {
    private static final double MARGIN_MM = 10;

    private PrintSvg() {
    }

    public static byte[] write(PrintSheet print) {
        Box box = print.layer().print().values().stream().map(Region::bounds).reduce(Box::joined).orElseThrow();
        Placement turn = print.reversed() ? Placement.flipped() : Placement.HERE;
        Box turned = box.placed(turn).grown(MARGIN_MM);
        Placement toSheet = turn.then(Placement.moved(-turned.minXMm(), -turned.minYMm()));
        String w = Mm.number(turned.widthMm());
        String h = Mm.number(turned.heightMm());
        StringBuilder out = new StringBuilder(String.format(Locale.ROOT, """
                <?xml version="1.0" encoding="UTF-8"?>
                <svg xmlns="http://www.w3.org/2000/svg" width="%smm" height="%smm" viewBox="0 0 %s %s">
                """, w, h, w, h));
        print.layer().print().forEach((colour, region) -> out.append("<path fill=\"").append(colour.hex())
                .append("\" fill-rule=\"evenodd\" d=\"").append(Mm.path(region.placed(toSheet))).append("\"/>\n"));
        return out.append("</svg>\n").toString().getBytes(StandardCharsets.UTF_8);
    }
}
