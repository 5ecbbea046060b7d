package jurren.core.material;

/** How far a film must have cooled before its carrier comes off. */
public enum Peel {
    HOT,
    WARM,
    COLD
}
