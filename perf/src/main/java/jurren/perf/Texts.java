package jurren.perf;

import java.awt.Shape;
import java.util.ArrayList;
import java.util.List;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.lettering.LetteringLayout;
import jurren.core.lettering.ShippedTypeface;

/** Overlapping lettering, 20 mm letters in rows, until there are about so many vertices. */
final class Texts {
    private static final String PANGRAM = "Sphinx of black quartz judge my vow";
    private static final double ROW_MM = 14;

    private Texts() {}

    static List<Region> letters(int vertices) {
        List<Region> letters = new ArrayList<>();
        int count = 0;
        for (int row = 0; count < vertices; row++) {
            ShippedTypeface face = ShippedTypeface.values()[row % ShippedTypeface.values().length];
            Placement place = Placement.moved(3 * (row % 4), row * ROW_MM);
            for (LetteringLayout.Letter glyph :
                    LetteringLayout.of(PANGRAM, face, 14, -0.12).glyphs()) {
                Region region = glyph.outline().placed(place).enclosed();
                count += region.vertexCount();
                letters.add(region);
                if (count >= vertices) {
                    break;
                }
            }
        }
        return letters;
    }

    /** One letter's own curves. */
    static Shape letter(String letter, ShippedTypeface face) {
        return LetteringLayout.of(letter, face, 14, 0)
                .glyphs()
                .getFirst()
                .outline()
                .toAwt();
    }
}
