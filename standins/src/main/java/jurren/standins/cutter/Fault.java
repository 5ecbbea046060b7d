package jurren.standins.cutter;

/** What the stand-in can be told to do wrong. */
public enum Fault {
    NONE,
    /** It stops where it is and says so. */
    LID_OPENED,
    /** The line goes dead without a word. */
    CONNECTION_LOST
}
