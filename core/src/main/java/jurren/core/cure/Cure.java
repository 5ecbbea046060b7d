package jurren.core.cure;

import jurren.core.job.Job;
import jurren.core.snag.Snag;

/**
 * One edit that mends a snag.
 *
 * @param figure a length in mm or a number, as the kind has it; 0 where it has none
 * @param name   of a material, a colour, a typeface, a press or a treatment, as the kind has it
 * @param job    as it becomes
 */
public record Cure(Snag snag, Kind kind, double figure, String name, Job job) {
    /** What is done. */
    public enum Kind {
        WELD,
        DROP_CRUMBS,
        DROP_SLIVERS,
        BLUNT,
        CLOSE_GAP,
        OVERLAP,
        THICKEN,
        LARGER,
        SMALLER,
        MOVE_IN,
        BRIDGE,
        DRAW_CLOSER,
        HOLD_UPRIGHT,
        HOLD_SHORTEST,
        MATERIAL,
        COLOUR,
        KNOCK_OUT,
        ON_TOP,
        PRESS,
        TWO_POSITIONS,
        REMOVE_MOTIF,
        REMOVE_TREATMENT,
        TYPEFACE,
        LEAVE_OUT,
        WISH_BACK,
        NO_FRAMES,
        SPLIT,
        SHIFT_PATTERN,
        SPACE_PATTERN;

        /** Whether it moves or spaces a pattern. */
        boolean isOfPattern() {
            return this == SHIFT_PATTERN || this == SPACE_PATTERN;
        }

        /** Whether its figure is a length. */
        public boolean isLength() {
            return switch (this) {
                case OVERLAP,
                        THICKEN,
                        LARGER,
                        SMALLER,
                        BRIDGE,
                        HOLD_UPRIGHT,
                        HOLD_SHORTEST,
                        MOVE_IN,
                        SHIFT_PATTERN,
                        SPACE_PATTERN -> true;
                default -> false;
            };
        }
    }
}
