package jurren.core.material;

/** How a material gets onto a blank; this alone decides what is reversed. */
public enum Process {
    /** Cut from its back with the carrier down, then turned over onto the cloth under heat. */
    HEAT_FILM(true, Means.HEAT, Make.CUT),
    /** Printed on its face and cut around; goes on face up under a mask. */
    PRINTED_HEAT_FILM(false, Means.HEAT, Make.PRINT_AND_CUT),
    /** Printed on a sheet that lies face down on the thing. */
    DYE_PRINT(true, Means.HEAT, Make.PRINT),
    /** A flock base cut from its face, and a dye print face down on it: two presses. */
    DYE_OVER_BASE(false, Means.HEAT, Make.PRINT_AND_CUT),
    /** Vinyl cut from its face and laid by hand. */
    ADHESIVE(false, Means.HAND, Make.CUT),
    /** Vinyl stuck behind glass and seen through it. */
    ADHESIVE_BEHIND_GLASS(true, Means.HAND, Make.CUT),
    /** Printed, with a cut line around. */
    STICKER(false, Means.HAND, Make.PRINT_AND_CUT),
    /** A plate cut through, taped or clamped on. */
    RIGID_STENCIL(false, Means.HAND, Make.CUT),
    /** A film stuck on, painted or etched through, and lifted. */
    ADHESIVE_STENCIL(false, Means.HAND, Make.CUT),
    /** Stones set face up through a template. */
    STONES(false, Means.HEAT, Make.CUT);

    /** What puts it on. */
    public enum Means {
        HEAT, HAND
    }

    /** What makes it. */
    public enum Make {
        CUT, PRINT, PRINT_AND_CUT
    }

    private final boolean turnedOver;
    private final Means means;
    private final Make make;

    Process(boolean turnedOver, Means means, Make make) {
        this.turnedOver = turnedOver;
        this.means = means;
        this.make = make;
    }

    /** True when the piece is turned over on its way to the blank, so that it must be made reversed. */
    public boolean turnedOver() {
        return turnedOver;
    }

    public boolean isHot() {
        return means == Means.HEAT;
    }

    public Make make() {
        return make;
    }

    /** True when colours lie side by side in one print and not in one layer each. */
    public boolean isPrinted() {
        return make == Make.PRINT;
    }

    /** True for what lines can be made of so far; the others are known only for what holds where. */
    public boolean isWorked() {
        return this == HEAT_FILM || this == DYE_PRINT || this == ADHESIVE || this == RIGID_STENCIL;
    }
}
