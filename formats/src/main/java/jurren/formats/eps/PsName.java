package jurren.formats.eps;

/** A name; one that is executable is looked up when it is met. */
record PsName(String text, boolean executable) {
    static PsName literal(String text) {
        return new PsName(text, false);
    }
}
