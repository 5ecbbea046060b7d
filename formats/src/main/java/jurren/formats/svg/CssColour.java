package jurren.formats.svg;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * Colours of CSS level 3 and 4 in the words of level 2, with how far they cover: the library underneath knows no
 * others, and what it does not know becomes black.
 *
 * @param plain   {@code #rrggbb}, or {@code none} for what is not seen at all
 * @param opacity 0 to 1
 */
record CssColour(String plain, double opacity) {
    /** Whose numbers are a screen's own. */
    private static final Set<String> PLAIN_SPACES = Set.of("srgb");

    private static final double LAB_KAPPA = 24389.0 / 27;
    private static final Pattern FUNCTION = Pattern.compile("(rgba?|hsla?|hwb|lab|lch|oklab|oklch|color)\\(([^)]*)\\)");

    /** Empty for what every reader knows, and for what is no colour. */
    static Optional<CssColour> of(String value) {
        String v = value.strip().toLowerCase(Locale.ROOT);
        if (v.equals("transparent")) {
            return Optional.of(new CssColour("none", 0));
        }
        if (v.contains("icc-color(")) {
            v = v.substring(0, v.indexOf("icc-color(")).strip();
            Optional<CssColour> before = of(v);
            return before.isPresent() || v.isEmpty() ? before : Optional.of(new CssColour(v, 1));
        }
        if (v.startsWith("color-mix(")) {
            return ColourMix.of(v);
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
        String[] parts =
                Stream.of(inside.split("[\\s,/]+")).filter(s -> !s.isBlank()).toArray(String[]::new);
        if (name.equals("color")) {
            if (parts.length == 0 || !PLAIN_SPACES.contains(parts[0])) {
                return Optional.empty();
            }
            parts = Arrays.copyOfRange(parts, 1, parts.length);
        }
        if (parts.length < 3 || parts.length > 4) {
            return Optional.empty();
        }
        try {
            double opacity = parts.length == 4 ? Math.clamp(share(parts[3]), 0, 1) : 1;
            double[] rgb = switch (name) {
                case "rgb", "rgba" -> new double[] {channel(parts[0]), channel(parts[1]), channel(parts[2])};
                case "hsl", "hsla" -> hsl(degrees(parts[0]), share(parts[1]), share(parts[2]));
                case "hwb" -> hwb(degrees(parts[0]), share(parts[1]), share(parts[2]));
                case "lab" -> lab(of(parts[0], 100), of(parts[1], 125), of(parts[2], 125));
                case "lch" ->
                    lab(of(parts[0], 100), cos(parts[2]) * of(parts[1], 150), sin(parts[2]) * of(parts[1], 150));
                case "oklab" -> oklab(of(parts[0], 1), of(parts[1], 0.4), of(parts[2], 0.4));
                case "oklch" ->
                    oklab(of(parts[0], 1), cos(parts[2]) * of(parts[1], 0.4), sin(parts[2]) * of(parts[1], 0.4));
                default -> new double[] {share(parts[0]), share(parts[1]), share(parts[2])};
            };
            return Optional.of(new CssColour(
                    String.format(Locale.ROOT, "#%02x%02x%02x", byteOf(rgb[0]), byteOf(rgb[1]), byteOf(rgb[2])),
                    opacity));
        } catch (NumberFormatException _) {
            return Optional.empty();
        }
    }

    static int byteOf(double share) {
        return (int) Math.round(255 * Math.clamp(share, 0, 1));
    }

    private static double channel(String s) {
        return s.endsWith("%") ? share(s) : s.equals("none") ? 0 : Double.parseDouble(s) / 255;
    }

    private static double share(String s) {
        return s.equals("none")
                ? 0
                : s.endsWith("%") ? Double.parseDouble(s.substring(0, s.length() - 1)) / 100 : Double.parseDouble(s);
    }

    private static double degrees(String s) {
        return s.equals("none")
                ? 0
                : s.endsWith("deg")
                        ? Double.parseDouble(s.substring(0, s.length() - 3))
                        : s.endsWith("grad")
                                ? Double.parseDouble(s.substring(0, s.length() - 4)) * 0.9
                                : s.endsWith("rad")
                                        ? Math.toDegrees(Double.parseDouble(s.substring(0, s.length() - 3)))
                                        : s.endsWith("turn")
                                                ? 360 * Double.parseDouble(s.substring(0, s.length() - 4))
                                                : Double.parseDouble(s);
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

    /** A share of what is whole, or the number itself. */
    private static double of(String s, double whole) {
        return s.endsWith("%") ? share(s) * whole : share(s);
    }

    private static double cos(String hue) {
        return Math.cos(Math.toRadians(degrees(hue)));
    }

    private static double sin(String hue) {
        return Math.sin(Math.toRadians(degrees(hue)));
    }

    /** CIE Lab under D50, as in CSS Color 4, section 9.3, brought to D65 as its sample code does. */
    private static double[] lab(double l, double a, double b) {
        double fy = (l + 16) / 116;
        double x = 0.9642956764295677 * uncubed(fy + a / 500);
        double y = l > 8 ? fy * fy * fy : l / LAB_KAPPA;
        double z = 0.8251046025104602 * uncubed(fy - b / 200);
        return fromXyz(
                0.9554734527042182 * x - 0.023098536874261423 * y + 0.0632593086610217 * z,
                -0.028369706963208136 * x + 1.0099954580058226 * y + 0.021041398966943008 * z,
                0.012314001688319899 * x - 0.020507696433477912 * y + 1.3303659366080753 * z);
    }

    private static double uncubed(double f) {
        return f * f * f > 216.0 / 24389 ? f * f * f : (116 * f - 16) / LAB_KAPPA;
    }

    private static double[] fromXyz(double x, double y, double z) {
        return shown(
                3.2409699419045226 * x - 1.537383177570094 * y - 0.4986107602930034 * z,
                -0.9692436362808796 * x + 1.8759675015077202 * y + 0.04155505740717559 * z,
                0.05563007969699366 * x - 0.20397695888897652 * y + 1.0569715142428786 * z);
    }

    /** B. Ottosson, "A perceptual color space for image processing" (2020). */
    static double[] oklab(double lightness, double a, double b) {
        double l = Math.pow(lightness + 0.3963377773761749 * a + 0.2158037573099136 * b, 3);
        double m = Math.pow(lightness - 0.1055613458156586 * a - 0.0638541728258133 * b, 3);
        double s = Math.pow(lightness - 0.0894841775298119 * a - 1.2914855480194092 * b, 3);
        return shown(
                4.0767416621 * l - 3.3077115913 * m + 0.2309699292 * s,
                -1.2684380046 * l + 2.6097574011 * m - 0.3413193965 * s,
                -0.0041960863 * l - 0.7034186147 * m + 1.707614701 * s);
    }

    private static double[] shown(double... light) {
        return Arrays.stream(light).map(CssColour::shown).toArray();
    }

    /** From light to what a screen is sent. */
    static double shown(double light) {
        return light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055;
    }

    /** From what a screen is sent to light. */
    static double light(double shown) {
        return shown <= 0.04045 ? shown / 12.92 : Math.pow((shown + 0.055) / 1.055, 2.4);
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
