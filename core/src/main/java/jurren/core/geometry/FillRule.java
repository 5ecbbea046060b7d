package jurren.core.geometry;

/** Which parts between crossing lines count as covered (as the open drawing formats define them). */
public enum FillRule {
    NON_ZERO,
    EVEN_ODD;

    boolean covers(int winding) {
        return this == NON_ZERO ? winding != 0 : (winding & 1) != 0;
    }
}
