package jurren.core.blank;

/** Where a blank is looked for. */
public enum Family {
    SHIRTS,
    CLOTH_GOODS,
    DRINKWARE,
    JARS,
    DEVICES,
    HARD_GOODS,
    OWN
}
