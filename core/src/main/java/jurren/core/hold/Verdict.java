package jurren.core.hold;

/**
 * Whether something holds, and the one reason that decides it.
 *
 * @param first  what the sentence of the reason needs: a temperature in °C or a share, otherwise 0
 * @param second likewise
 */
public record Verdict(Answer answer, Reason reason, double first, double second) {
    /** The three answers. */
    public enum Answer {
        HOLDS,
        WITH_CONDITION,
        DOES_NOT_HOLD
    }

    static Verdict of(Reason reason) {
        return new Verdict(reason.answer(), reason, 0, 0);
    }

    static Verdict of(Reason reason, double first, double second) {
        return new Verdict(reason.answer(), reason, first, second);
    }
}
