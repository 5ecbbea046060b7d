package jurren.formats.eps;

/** The program cannot go on; the message says at what. */
final class PostScriptException extends Exception {
    private static final long serialVersionUID = 1L;

    PostScriptException(String message) {
        super(message);
    }
}
