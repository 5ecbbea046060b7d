package jurren.app.cutter;

import jurren.standins.cutter.CutterStatus;

/** What comes back from a cutter while it cuts. */
sealed interface Report {
    /** How far it is. */
    record At(CutterStatus status) implements Report {}

    /**
     * It does not say that a path is cut, which may be or not. Nothing is sent until it says so after all, or a person
     * has looked.
     *
     * @param path as it was sent, from 0
     * @param said what it said instead; empty when it said nothing
     */
    record InDoubt(int path, String said) implements Report {}

    /** @param inDoubt the path under the knife was sent, and nobody knows whether it is cut */
    record Lost(boolean inDoubt) implements Report {}
}
