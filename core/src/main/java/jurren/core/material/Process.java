package jurren.core.material;

/** How a material gets onto a blank; this alone decides what is reversed. */
public enum Process {
    /** Cut from its back with the carrier down, then turned over onto the cloth under heat. */
    HEAT_FILM(true);

    private final boolean turnedOver;

    Process(boolean turnedOver) {
        this.turnedOver = turnedOver;
    }

    /** True when the piece is turned over on its way to the blank, so that it must be cut reversed. */
    public boolean turnedOver() {
        return turnedOver;
    }
}
