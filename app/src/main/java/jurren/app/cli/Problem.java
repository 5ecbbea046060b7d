package jurren.app.cli;

/** Bad input, told in one sentence; ends a command with exit code 2. */
final class Problem extends RuntimeException {
    private static final long serialVersionUID = 1L;

    Problem(String sentence) {
        super(sentence);
    }
}
