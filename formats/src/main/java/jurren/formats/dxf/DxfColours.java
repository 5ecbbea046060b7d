package jurren.formats.dxf;

import java.awt.Color;
import jurren.core.material.Colour;

/** The colours that numbers stand for: nine by name, then 24 hues in ten shades each, then greys. */
final class DxfColours {
    private static final int[] NAMED = {
        0x000000, 0xFF0000, 0xFFFF00, 0x00FF00, 0x00FFFF, 0x0000FF, 0xFF00FF, 0x23262B, 0x808080, 0xC0C0C0
    };
    private static final float[] BRIGHT = {1, 1, 0.65f, 0.65f, 0.5f, 0.5f, 0.3f, 0.3f, 0.15f, 0.15f};
    private static final int[] GREY = {0x333333, 0x505050, 0x696969, 0x828282, 0xBEBEBE, 0xFFFFFF};

    private DxfColours() {}

    static Colour of(int index) {
        if (index < NAMED.length) {
            return new Colour(NAMED[Math.max(0, index)]);
        }
        if (index >= 250) {
            return new Colour(GREY[Math.min(index, 255) - 250]);
        }
        int shade = index % 10;
        return new Colour(Color.HSBtoRGB((index / 10 - 1) / 24f, shade % 2 == 0 ? 1 : 0.5f, BRIGHT[shade]) & 0xFFFFFF);
    }
}
