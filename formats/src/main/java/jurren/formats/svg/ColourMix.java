package jurren.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.DoubleUnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jurren.core.trace.Oklab;

/**
 * {@code color-mix()} of two colours, as in CSS Color 5, section 3: in sRGB, in linear light and in Oklab. What mixes
 * hues round their circle, or in other spaces, is not known.
 */
final class ColourMix {
    private static final Pattern SHARE = Pattern.compile("^(?:([0-9.]+)%\\s+)?(.*?)(?:\\s+([0-9.]+)%)?$");

    private ColourMix() {}

    /** A colour as its three shares and how far it covers. */
    private record Light(double[] rgb, double opacity) {}

    static Optional<CssColour> of(String mix) {
        List<String> parts =
                parts(mix.substring(mix.indexOf('(') + 1, Math.max(mix.indexOf('(') + 1, mix.lastIndexOf(')'))));
        if (parts.size() != 3 || !parts.getFirst().startsWith("in ")) {
            return Optional.empty();
        }
        Matcher one = SHARE.matcher(parts.get(1));
        Matcher two = SHARE.matcher(parts.get(2));
        if (!one.matches() || !two.matches()) {
            return Optional.empty();
        }
        Optional<Light> a = light(one.group(2));
        Optional<Light> b = light(two.group(2));
        double p = share(one);
        double q = share(two);
        double ofA = !Double.isNaN(p) ? p : !Double.isNaN(q) ? 1 - q : 0.5;
        double ofB = !Double.isNaN(q) ? q : 1 - ofA;
        if (a.isEmpty() || b.isEmpty() || !(ofA + ofB > 0)) {
            return Optional.empty();
        }
        double covers = Math.min(1, ofA + ofB);
        return mixed(parts.getFirst().substring(3).strip(), a.get(), b.get(), ofA / (ofA + ofB))
                .map(l -> new CssColour(hex(l.rgb), l.opacity * covers));
    }

    private static double share(Matcher m) {
        String said = m.group(1) == null ? m.group(3) : m.group(1);
        return said == null ? Double.NaN : Double.parseDouble(said) / 100;
    }

    private static Optional<Light> mixed(String space, Light a, Light b, double ofA) {
        return switch (space) {
            case "srgb" -> Optional.of(blend(a, b, ofA));
            case "srgb-linear" ->
                Optional.of(each(blend(each(a, CssColour::light), each(b, CssColour::light), ofA), CssColour::shown));
            case "oklab" -> {
                Light mixed = blend(
                        new Light(Oklab.of(whole(a.rgb)), a.opacity),
                        new Light(Oklab.of(whole(b.rgb)), b.opacity),
                        ofA);
                yield Optional.of(new Light(CssColour.oklab(mixed.rgb[0], mixed.rgb[1], mixed.rgb[2]), mixed.opacity));
            }
            default -> Optional.empty();
        };
    }

    private static Light each(Light l, DoubleUnaryOperator change) {
        return new Light(
                new double[] {
                    change.applyAsDouble(l.rgb[0]), change.applyAsDouble(l.rgb[1]), change.applyAsDouble(l.rgb[2])
                },
                l.opacity);
    }

    /** What covers more counts for more. */
    private static Light blend(Light a, Light b, double ofA) {
        double opacity = a.opacity * ofA + b.opacity * (1 - ofA);
        double[] rgb = new double[3];
        for (int i = 0; i < 3; i++) {
            rgb[i] = opacity == 0 ? 0 : (a.rgb[i] * a.opacity * ofA + b.rgb[i] * b.opacity * (1 - ofA)) / opacity;
        }
        return new Light(rgb, opacity);
    }

    private static Optional<Light> light(String colour) {
        Optional<CssColour> known = CssColour.of(colour);
        if (known.isPresent()) {
            String plain = known.get().plain();
            return plain.equals("none")
                    ? Optional.of(new Light(new double[3], 0))
                    : Optional.of(new Light(
                            rgb(Integer.parseInt(plain.substring(1), 16)),
                            known.get().opacity()));
        }
        OptionalInt named = NamedColours.of(colour.strip());
        if (named.isPresent()) {
            return Optional.of(new Light(rgb(named.getAsInt()), 1));
        }
        String hex = colour.strip().replaceAll("^#([0-9a-f])([0-9a-f])([0-9a-f])$", "#$1$1$2$2$3$3");
        return hex.matches("#[0-9a-f]{6}")
                ? Optional.of(new Light(rgb(Integer.parseInt(hex.substring(1), 16)), 1))
                : Optional.empty();
    }

    private static double[] rgb(int of) {
        return new double[] {(of >> 16) / 255.0, (of >> 8 & 255) / 255.0, (of & 255) / 255.0};
    }

    private static int whole(double[] rgb) {
        return CssColour.byteOf(rgb[0]) << 16 | CssColour.byteOf(rgb[1]) << 8 | CssColour.byteOf(rgb[2]);
    }

    private static String hex(double[] rgb) {
        return String.format(
                Locale.ROOT,
                "#%02x%02x%02x",
                CssColour.byteOf(rgb[0]),
                CssColour.byteOf(rgb[1]),
                CssColour.byteOf(rgb[2]));
    }

    /** Of what stands between commas outside of brackets. */
    private static List<String> parts(String inside) {
        List<String> all = new ArrayList<>();
        int depth = 0;
        int from = 0;
        for (int i = 0; i < inside.length(); i++) {
            char c = inside.charAt(i);
            depth += c == '(' ? 1 : c == ')' ? -1 : 0;
            if (c == ',' && depth == 0) {
                all.add(inside.substring(from, i).strip());
                from = i + 1;
            }
        }
        all.add(inside.substring(from).strip());
        return all;
    }
}
