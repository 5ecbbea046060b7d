package jurren.formats.out;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Region;

/** What the text formats have in common. */
final class Lines {
    private Lines() {
    }

    /** All edges of a region. */
    static List<Outline> outlines(Region region) {
        List<Outline> all = new ArrayList<>();
        region.pieces().forEach(p -> {
            all.add(p.outer());
            all.addAll(p.holes());
        });
        return all;
    }

    /** Four decimals without what says nothing. */
    static String number(double n) {
        String text = String.format(Locale.ROOT, "%.4f", n);
        text = text.replaceAll("0+$", "").replaceAll("\\.$", "");
        return text.equals("-0") ? "0" : text;
    }
}
