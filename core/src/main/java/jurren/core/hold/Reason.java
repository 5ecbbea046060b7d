package jurren.core.hold;

import jurren.core.hold.Verdict.Answer;

/** Every reason there is, with the answer it leads to. */
public enum Reason {
    GRIPS_CLOTH(Answer.HOLDS),
    TAKES_DYE(Answer.HOLDS),
    STICKS(Answer.HOLDS),
    SEEN_THROUGH(Answer.HOLDS),
    LIES_FLAT(Answer.HOLDS),

    FADES_TO_SHARE(Answer.WITH_CONDITION),
    NEEDS_MUG_PRESS(Answer.WITH_CONDITION),
    NEEDS_OVEN_SLEEVE(Answer.WITH_CONDITION),
    NEEDS_CAP_PRESS(Answer.WITH_CONDITION),
    TWO_PRESSES(Answer.WITH_CONDITION),
    HAND_WASH(Answer.WITH_CONDITION),
    MOVES_THE_DYE(Answer.WITH_CONDITION),
    PAINT_FOR_CLOTH(Answer.WITH_CONDITION),
    BORDERLINE_LIGHT(Answer.WITH_CONDITION),

    NO_POLYESTER(Answer.DOES_NOT_HOLD),
    NO_COATING(Answer.DOES_NOT_HOLD),
    DARK_GROUND(Answer.DOES_NOT_HOLD),
    LIFTS_FROM_CLOTH(Answer.DOES_NOT_HOLD),
    NO_FLAT_PRESS_ON_A_CURVE(Answer.DOES_NOT_HOLD),
    TOO_HOT(Answer.DOES_NOT_HOLD),
    NO_FIBRES(Answer.DOES_NOT_HOLD),
    NOT_SEE_THROUGH(Answer.DOES_NOT_HOLD),
    LIFTS_FROM_NYLON(Answer.DOES_NOT_HOLD),
    RIGID_ON_A_CURVE(Answer.DOES_NOT_HOLD);

    private final Answer answer;

    Reason(Answer answer) {
        this.answer = answer;
    }

    public Answer answer() {
        return answer;
    }
}
