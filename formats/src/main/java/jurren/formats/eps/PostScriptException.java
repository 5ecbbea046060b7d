package jurren.formats.eps;

/** The program did something that cannot be; it may catch that itself. */
final class PostScriptException extends Exception {
    private static final long serialVersionUID = 1L;
    private final String error;

    /** @param error the language's own name of it */
    PostScriptException(String error, String message) {
        super(message, null, false, false);
        this.error = error;
    }

    String error() {
        return error;
    }
}
