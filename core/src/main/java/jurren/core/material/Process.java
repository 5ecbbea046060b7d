package jurren.core.material;

/** How a material gets onto a blank. What follows from it, its way knows; here it is only a name. */
public enum Process {
    HEAT_FILM(true),
    PRINTED_HEAT_FILM(true),
    DYE_PRINT(true),
    DYE_OVER_BASE(true),
    ADHESIVE(false),
    ADHESIVE_BEHIND_GLASS(false),
    STICKER(false),
    RIGID_STENCIL(false),
    ADHESIVE_STENCIL(false),
    STONES(true),
    POWDER_PRINT(true);

    private final boolean hot;

    Process(boolean hot) {
        this.hot = hot;
    }

    /** Whether its materials need a recipe. */
    boolean isHot() {
        return hot;
    }
}
