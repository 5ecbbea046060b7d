package jurren.core.material;

import java.util.Locale;
import java.util.regex.Pattern;

/** An opaque colour as eight-bit sRGB. */
public record Colour(int rgb) {
    private static final Pattern HEX = Pattern.compile("#[0-9a-fA-F]{6}");

    public Colour {
        if (rgb < 0 || rgb > 0xFFFFFF) {
            throw new IllegalArgumentException("a colour must be six hex digits but was " + Integer.toHexString(rgb));
        }
    }

    /** From {@code #RRGGBB}. */
    public static Colour of(String hex) {
        if (!HEX.matcher(hex).matches()) {
            throw new IllegalArgumentException("a colour must look like #1A2B3C but was \"" + hex + "\"");
        }
        return new Colour(Integer.parseInt(hex.substring(1), 16));
    }

    public String hex() {
        return String.format(java.util.Locale.ROOT, "#%06X", rgb).toUpperCase(Locale.ROOT);
    }

    public int red() {
        return rgb >> 16;
    }

    public int green() {
        return rgb >> 8 & 0xFF;
    }

    public int blue() {
        return rgb & 0xFF;
    }

    /** Relative luminance, 0 for black to 1 for white (the definition of sRGB, IEC 61966-2-1). */
    public double luminance() {
        return 0.2126 * linear(red()) + 0.7152 * linear(green()) + 0.0722 * linear(blue());
    }

    /**
     * How different two colours look, roughly: levels weighted by how much the eye sees of each; from 18 on, films can
     * be told apart.
     */
    public double differenceFrom(Colour other) {
        int r = red() - other.red();
        int g = green() - other.green();
        int b = blue() - other.blue();
        return Math.sqrt(0.9 * r * r + 1.77 * g * g + 0.33 * b * b);
    }

    private static double linear(int channel) {
        double c = channel / 255.0;
        return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
    }

    @Override
    public String toString() {
        return hex();
    }
}
