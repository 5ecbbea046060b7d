package jurren.core.trace;

/**
 * Colours by how different they look: equal distances look equally different.
 *
 * <p>References: B. Ottosson, "A perceptual color space for image processing" (2020).
 */
public final class Oklab {
    private static final double[] LINEAR = new double[256];

    static {
        for (int i = 0; i < 256; i++) {
            double c = i / 255.0;
            LINEAR[i] = c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
        }
    }

    private Oklab() {}

    /** Lightness and the two axes of colour. */
    public static double[] of(int rgb) {
        double r = LINEAR[rgb >> 16 & 0xFF];
        double g = LINEAR[rgb >> 8 & 0xFF];
        double b = LINEAR[rgb & 0xFF];
        double l = Math.cbrt(0.4122214708 * r + 0.5363325363 * g + 0.0514459929 * b);
        double m = Math.cbrt(0.2119034982 * r + 0.6806995451 * g + 0.1073969566 * b);
        double s = Math.cbrt(0.0883024619 * r + 0.2817188376 * g + 0.6299787005 * b);
        return new double[] {
            0.2104542553 * l + 0.7936177850 * m - 0.0040720468 * s,
            1.9779984951 * l - 2.4285922050 * m + 0.4505937099 * s,
            0.0259040371 * l + 0.7827717662 * m - 0.8086757660 * s
        };
    }

    static double squaredDistance(double[] a, double[] b) {
        double l = a[0] - b[0];
        double x = a[1] - b[1];
        double y = a[2] - b[2];
        return l * l + x * x + y * y;
    }
}
