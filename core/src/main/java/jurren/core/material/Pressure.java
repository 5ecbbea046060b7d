package jurren.core.material;

/** How hard the press closes. */
public enum Pressure {
    LIGHT,
    MEDIUM,
    FIRM
}
