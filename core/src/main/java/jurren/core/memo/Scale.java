package jurren.core.memo;

/** What one remembered answer keeps alive, put on piece by piece. */
public interface Scale {
    /** Bytes that only this answer keeps. */
    void add(long bytes);

    /** An immutable part that others may keep too: it counts once, however many remember it. */
    void add(Object part, long bytes);
}
