package jurren.core.finish;

import jurren.core.material.Peel;

/**
 * How long a pressed piece lies before its carrier comes off. Newton's law of cooling: a film on cloth comes down to a
 * temperature T after τ ln((pressed − room) / (T − room)); τ grows with what keeps it warm.
 *
 * <p>Example: smooth film (0.09 mm) pressed at 155 °C: τ = 8 + 40 · 0.09 = 11.6 s; hand-warm (50 °C) after 18 s, cold
 * (28 °C) after 36 s. Flock (0.4 mm) at 160 °C is cold after 75 s.
 */
public final class Cooling {
    private static final double ROOM_C = 22;
    private static final double WARM_C = 50;
    private static final double COLD_C = 28;
    private static final double TAU_S = 8;
    private static final double TAU_S_A_MM = 40;

    private Cooling() {}

    /** Rounded up to whole seconds; none for what is peeled hot. */
    public static double untilPeeled(Pressed p, double celsius) {
        return p.recipe().peel() == Peel.HOT
                ? 0
                : seconds(p.thickMm(), celsius, p.recipe().peel() == Peel.WARM ? WARM_C : COLD_C);
    }

    /** Until a piece with so much on it can be turned over or folded. */
    public static double untilCold(double thickMm, double celsius) {
        return seconds(thickMm, celsius, COLD_C);
    }

    private static double seconds(double thickMm, double fromC, double toC) {
        return fromC <= toC
                ? 0
                : Math.ceil((TAU_S + TAU_S_A_MM * thickMm) * Math.log((fromC - ROOM_C) / (toC - ROOM_C)));
    }
}
