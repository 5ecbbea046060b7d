package jurren.core.blank;

/** The true shape of a face: what a sheet laid on it has to follow. */
public sealed interface Surface {
    /** A flat face. */
    record Flat() implements Surface {}

    Flat FLAT = new Flat();

    /**
     * A surface round an axis: a cylinder where both diameters are equal, otherwise a cone, tapering
     * either way. Unrolled, a cone is a sector of a ring: with top diameter D, foot d and slant s its
     * lip has the radius R = s·D/(D−d), its foot R − s, and it spans the angle π·(D−d)/s.
     *
     * <p>Example: D 87, d 66, s 165 mm: R 683.6, foot radius 518.6, angle 22.9°; 273.3 mm round the
     * lip, 207.3 round the foot, 39 654.8 mm² in all, π·(D+d)/2·s.
     *
     * @param slantMm measured along the side, from lip to foot
     */
    record Round(double topDiameterMm, double footDiameterMm, double slantMm) implements Surface {
        /** Diameters closer than a tape can tell are called a cylinder; nothing is computed otherwise for it. */
        private static final double SAME_MM = 0.05;

        private static final double MOST_MM = 2000;

        public Round {
            Measures.within("the top diameter", topDiameterMm, MOST_MM);
            Measures.within("the foot diameter", footDiameterMm, MOST_MM);
            Measures.within("the slant", slantMm, MOST_MM);
            if (slantMm <= Math.abs(topDiameterMm - footDiameterMm) / 2) {
                throw new IllegalArgumentException("a side of " + slantMm + " mm is too short to reach from "
                        + topDiameterMm + " to " + footDiameterMm + " mm across");
            }
        }

        /** From a height measured upright. */
        public static Round ofHeight(double topDiameterMm, double footDiameterMm, double heightMm) {
            return new Round(topDiameterMm, footDiameterMm, Math.hypot(heightMm, (topDiameterMm - footDiameterMm) / 2));
        }

        public boolean isCylinder() {
            return Math.abs(topDiameterMm - footDiameterMm) < SAME_MM;
        }

        public double heightMm() {
            double lean = (topDiameterMm - footDiameterMm) / 2;
            return Math.sqrt(slantMm * slantMm - lean * lean);
        }

        /** @param yMm from the lip along the side */
        public double diameterAtMm(double yMm) {
            return topDiameterMm + (footDiameterMm - topDiameterMm) * yMm / slantMm;
        }

        /** Once round the thing. */
        public double roundAtMm(double yMm) {
            return Math.PI * diameterAtMm(yMm);
        }

        /** The lip's curvature when unrolled, 1/R; negative where the foot is wider, zero for a cylinder. */
        public double curvaturePerMm() {
            return (topDiameterMm - footDiameterMm) / (slantMm * topDiameterMm);
        }

        /** The angle of the whole unrolled face, in radians. */
        public double angle() {
            return Math.abs(Math.PI * (topDiameterMm - footDiameterMm) / slantMm);
        }
    }

    /** As files say it. */
    default String kind() {
        return switch (this) {
            case Flat _ -> "flat";
            case Round r -> r.isCylinder() ? "cylinder" : "cone";
        };
    }
}
