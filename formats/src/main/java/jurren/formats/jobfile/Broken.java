package jurren.formats.jobfile;

import jurren.formats.Refusal.Reason;

/** Something in a file that cannot be read, with its place. */
public final class Broken extends Exception {
    private static final long serialVersionUID = 1L;
    private final Reason reason;

    Broken(Reason reason, String what) {
        super(what);
        this.reason = reason;
    }

    public Reason reason() {
        return reason;
    }
}
