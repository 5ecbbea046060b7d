package jurren.formats.svg;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Colours of CSS level 3 and 4 in the words of level 2, with how far they cover: the library underneath knows no others,
 * and what it does not know becomes black.
 *
 * @param plain   {@code #rrggbb}, or {@code none} for what is not seen at all
 * @param opacity 0 to 1
 */
record CssColour(String plain, double opacity) {
    private static final Pattern FUNCTION = Pattern.compile("(rgba?|hsla?|hwb)\\(([^)]*)\\)");

    /** Empty for what every reader knows, and for what is no colour. */
    static Optional<CssColour> of(String value) {
        String v = value.strip().toLowerCase(Locale.ROOT);
        if (v.equals("transparent")) {
            return Optional.of(new CssColour("none", 0));
        }
        if (v.equals("rebeccapurple")) {
            return Optional.of(new CssColour("#663399", 1));
        }
        if (v.matches("#[0-9a-f]{4}")) {
            StringBuilder twice = new StringBuilder("#");
            v.substring(1).chars().forEach(c -> twice.append((char) c).append((char) c));
            v = twice.toString();
        }
        if (v.matches("#[0-9a-f]{8}")) {
            return Optional.of(new CssColour(v.substring(0, 7), Integer.parseInt(v.substring(7), 16) / 255.0));
        }
        Matcher m = FUNCTION.matcher(v);
        return m.matches() ? function(m.group(1), m.group(2)) : Optional.empty();
    }

    private static Optional<CssColour> function(String name, String inside) {
        String[] parts = Stream.of(inside.split("[\\s,/]+")).filter(s -> !s.isBlank()).toArray(String[]::new);
        if (parts.length < 3 || parts.length > 4) {
            return Optional.empty();
        }
        try {
            double opacity = parts.length == 4 ? Math.clamp(share(parts[3]), 0, 1) : 1;
            double[] rgb = switch (name) {
                case "rgb", "rgba" -> new double[] {channel(parts[0]), channel(parts[1]), channel(parts[2])};
                case "hsl", "hsla" -> hsl(degrees(parts[0]), share(parts[1]), share(parts[2]));
                default -> hwb(degrees(parts[0]), share(parts[1]), share(parts[2]));
            };
            return Optional.of(new CssColour(String.format(Locale.ROOT, "#%02x%02x%02x", byteOf(rgb[0]), byteOf(rgb[1]), byteOf(rgb[2])), opacity));
        } catch (NumberFormatException _) {
            return Optional.empty();
        }
    }

    private static int byteOf(double share) {
        return (int) Math.round(255 * Math.clamp(share, 0, 1));
    }

    private static double channel(String s) {
        return s.endsWith("%") ? share(s) : s.equals("none") ? 0 : Double.parseDouble(s) / 255;
    }

    private static double share(String s) {
        return s.equals("none") ? 0 : s.endsWith("%") ? Double.parseDouble(s.substring(0, s.length() - 1)) / 100 : Double.parseDouble(s);
    }

    private static double degrees(String s) {
        return s.equals("none") ? 0 : s.endsWith("deg") ? Double.parseDouble(s.substring(0, s.length() - 3))
                : s.endsWith("grad") ? Double.parseDouble(s.substring(0, s.length() - 4)) * 0.9
                : s.endsWith("rad") ? Math.toDegrees(Double.parseDouble(s.substring(0, s.length() - 3)))
                : s.endsWith("turn") ? 360 * Double.parseDouble(s.substring(0, s.length() - 4)) : Double.parseDouble(s);
    }

    /** As in CSS Color 4, section 7. */
    private static double[] hsl(double hue, double saturation, double lightness) {
        double[] rgb = new double[3];
        double a = saturation * Math.min(lightness, 1 - lightness);
        double[] shift = {0, 8, 4};
        for (int i = 0; i < 3; i++) {
            double k = (((shift[i] + hue / 30) % 12) + 12) % 12;
            rgb[i] = lightness - a * Math.max(-1, Math.min(Math.min(k - 3, 9 - k), 1));
        }
        return rgb;
    }

    private static double[] hwb(double hue, double white, double black) {
        double sum = white + black;
        if (sum >= 1) {
            return new double[] {white / sum, white / sum, white / sum};
        }
        double[] rgb = hsl(hue, 1, 0.5);
        for (int i = 0; i < 3; i++) {
            rgb[i] = rgb[i] * (1 - sum) + white;
        }
        return rgb;
    }
}
