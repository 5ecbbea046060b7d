package jurren.core.geometry;

/** How a grown outline goes round an outward corner. */
public enum CornerStyle {
    ROUND,
    MITRED
}
