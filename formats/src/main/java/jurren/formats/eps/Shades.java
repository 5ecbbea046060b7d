package jurren.formats.eps;

import java.util.Optional;
import jurren.core.material.Colour;

/** Colours of the device's own spaces, and of a shading the one in its middle. */
final class Shades {
    private Shades() {
    }

    static Colour device(String space, double[] n) {
        return switch (space) {
            case "DeviceRGB" -> new Colour(level(n[0]) << 16 | level(n[1]) << 8 | level(n[2]));
            case "DeviceCMYK" -> new Colour(level((1 - clamp(n[0])) * (1 - clamp(n[3]))) << 16 | level((1 - clamp(n[1])) * (1 - clamp(n[3]))) << 8
                    | level((1 - clamp(n[2])) * (1 - clamp(n[3]))));
            default -> new Colour(level(n[0]) * 0x010101);
        };
    }

    private static double clamp(double share) {
        return Math.clamp(share, 0, 1);
    }

    private static int level(double share) {
        return (int) Math.round(255 * clamp(share));
    }

    /** Where its function is told by its two ends. */
    static Optional<Colour> middle(PsDict shading) throws PostScriptException {
        Object f = shading.get("Function");
        if (f instanceof PsArray several && several.length > 0) {
            f = several.get(0);
        }
        for (int i = 0; i < 8 && f instanceof PsDict d; i++) {
            if (d.get("Functions") instanceof PsArray parts && parts.length > 0) {
                f = parts.get(parts.length / 2);
            } else if (d.get("C0") instanceof PsArray from && d.get("C1") instanceof PsArray to && from.length == to.length) {
                double[] a = from.numbers();
                double[] b = to.numbers();
                double[] middle = new double[a.length];
                for (int k = 0; k < a.length; k++) {
                    middle[k] = (a[k] + b[k]) / 2;
                }
                return Optional.of(device(middle.length == 4 ? "DeviceCMYK" : middle.length == 3 ? "DeviceRGB" : "DeviceGray", middle));
            } else {
                break;
            }
        }
        return Optional.empty();
    }
}
