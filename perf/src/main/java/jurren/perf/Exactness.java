package jurren.perf;

import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import jurren.core.blank.Surface;
import jurren.core.blank.Unrolling;
import jurren.core.blank.Vessel;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/** Unrolled faces against the closed formulas, and points there and back. Prints a table; checks nothing. */
public final class Exactness {
    private static final int POINTS = 200_000;

    private Exactness() {}

    public static void main(String[] args) {
        System.out.println(
                "| top mm | foot mm | side mm | edge length off by, mm | area off by, % | there and back, worst mm |");
        System.out.println("|---|---|---|---|---|---|");
        double[][] things = {
            {87, 66, 165},
            {66, 87, 165},
            {102, 72, 190},
            {100, 50, 100},
            {80, 79.99, 150},
            {80, 80, 150},
            {88, 60, 148},
            {60, 20, 60}
        };
        for (double[] t : things) {
            row(new Surface.Round(t[0], t[1], t[2]));
        }
    }

    private static void row(Surface.Round r) {
        Region face = new Vessel(
                        Vessel.Profile.CUP, r.topDiameterMm(), r.footDiameterMm(), r.slantMm(), 0, 0, Optional.empty())
                .picture()
                .getFirst()
                .curves()
                .enclosed();
        double length = Math.PI * (r.topDiameterMm() + r.footDiameterMm()) + 2 * r.slantMm();
        double area = Math.PI * (r.topDiameterMm() + r.footDiameterMm()) / 2 * r.slantMm();
        Unrolling u = Unrolling.of(r, r.slantMm() / 2);
        Random random = new Random(1);
        double worst = 0;
        for (int i = 0; i < POINTS; i++) {
            Point p = new Point(
                    (random.nextDouble() - 0.5) * r.roundAtMm(r.slantMm() / 2), random.nextDouble() * r.slantMm());
            worst = Math.max(worst, u.rolled(u.apply(p)).distanceMm(p));
        }
        System.out.printf(
                Locale.ROOT,
                "| %s | %s | %s | %.5f | %.5f | %.1e |%n",
                r.topDiameterMm(),
                r.footDiameterMm(),
                r.slantMm(),
                face.outlineLengthMm() - length,
                100 * (face.areaMm2() - area) / area,
                worst);
    }
}
