package jurren.core.dryrun;

import java.util.List;

/**
 * How the pieces of one size came out from under the press.
 *
 * @param faults what went wrong; none where everything holds
 */
public record PressedPiece(String lineId, String place, String size, List<Fault> faults) {
    /** What can go wrong. */
    public enum Outcome {
        /**
         * Its glue never had the heat, time and pressure it needs, or it lies on a carrier or on what takes nothing.
         */
        NOT_BONDED,
        /** Hotter or longer than it bears. */
        SCORCHED,
        /** The edge of a carrier was pressed over it. */
        MARKED,
        /** It had risen and was pressed again, or too hard. */
        SQUASHED,
        /** The dye of the cloth came through. */
        DYE_MOVED,
        /** Its carrier came off too warm and took it along. */
        LIFTED
    }

    /**
     * One of them.
     *
     * @param layer  0 for the thing itself
     * @param figure seconds or degrees, as the kind has it; 0 where it has none
     */
    public record Fault(int layer, Outcome came, double figure) {}

    public PressedPiece {
        faults = List.copyOf(faults);
    }
}
