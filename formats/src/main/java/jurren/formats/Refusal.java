package jurren.formats;

/**
 * Why a file was not taken. {@code detail} is what the sentence names: a place in the file, a number,
 * the message of a parser; possibly empty.
 */
public record Refusal(Reason reason, String file, String detail) {
    /** What is wrong. */
    public enum Reason {
        UNREADABLE,
        EMPTY,
        NOT_XML,
        NOT_SVG,
        BROKEN_SVG,
        NOT_A_DRAWING,
        SOMETHING_ELSE,
        BROKEN_DRAWING,
        LOCKED,
        NO_SUCH_PAGE,
        NOT_A_PICTURE,
        IS_A_PICTURE,
        BROKEN_PICTURE,
        PICTURE_TOO_LARGE,
        EXTERNAL_ENTITY,
        EXTERNAL_REFERENCE,
        TOO_DEEP,
        TOO_LARGE,
        ABSURD_SIZE,
        ONLY_OPEN_LINES,
        ONLY_PICTURES,
        ONLY_TEXT,
        NOTHING_PAINTED,
        NOT_A_JOB,
        NEWER_JOB,
        DAMAGED_JOB,
        UNKNOWN_IN_JOB,
        TOO_MUCH_IN_JOB,
        BROKEN_BLANK,
        BROKEN_START,
        BROKEN_SHELF,
        BROKEN_SHOP
    }
}
