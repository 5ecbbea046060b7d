package jurren.core.layer;

/**
 * Where what is printed or what carries it ends.
 *
 * @param outMm      from the art's edge outwards to the cut; below zero it is set back
 * @param holesKept  whether the art's own holes are cut too
 * @param through    whether the cut goes through the backing
 */
public record Edging(double outMm, boolean holesKept, boolean through) {
    public Edging {
        if (!(Math.abs(outMm) <= MOST_MM)) {
            throw new IllegalArgumentException("a cut line lies at most " + MOST_MM + " mm from the art, not " + outMm);
        }
    }

    public static final double MOST_MM = 50;

    public Edging withOut(double newOutMm) {
        return new Edging(newOutMm, holesKept, through);
    }

    public Edging withHolesKept(boolean newHolesKept) {
        return new Edging(outMm, newHolesKept, through);
    }

    public Edging withThrough(boolean newThrough) {
        return new Edging(outMm, holesKept, newThrough);
    }
}
