package jurren.formats.print;

import java.awt.Color;
import jurren.core.blank.BlankPart;

/** The tones in which a blank of one colour is drawn. */
public final class Shades {
    private Shades() {}

    public static Color of(Color cloth, BlankPart.Kind kind) {
        boolean dark = 0.3 * cloth.getRed() + 0.6 * cloth.getGreen() + 0.1 * cloth.getBlue() < 60;
        return switch (kind) {
            case BODY -> cloth;
            case INSIDE -> mixed(cloth, Color.BLACK, 0.4);
            case TRIM, SEAM -> dark ? mixed(cloth, Color.WHITE, 0.13) : mixed(cloth, Color.BLACK, 0.13);
        };
    }

    private static Color mixed(Color a, Color b, double share) {
        return new Color(
                (int) Math.round(a.getRed() + share * (b.getRed() - a.getRed())),
                (int) Math.round(a.getGreen() + share * (b.getGreen() - a.getGreen())),
                (int) Math.round(a.getBlue() + share * (b.getBlue() - a.getBlue())));
    }
}
