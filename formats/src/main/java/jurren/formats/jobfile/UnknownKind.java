package jurren.formats.jobfile;

/** A file names something that this edition does not know; leaving it out would change what is made. */
final class UnknownKind extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    private UnknownKind(String message, boolean told) {
        super(told ? message : "\"" + message + "\"");
    }

    UnknownKind(String name) {
        this(name, false);
    }

    /** @param what a whole phrase */
    static UnknownKind told(String what) {
        return new UnknownKind(what, true);
    }
}
