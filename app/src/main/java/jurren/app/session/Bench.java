package jurren.app.session;

/** The six benches in the order of the work. */
public enum Bench {
    BLANK,
    ART,
    LAYERS,
    LOADS,
    CUT,
    FINISH
}
