package jurren.core.finish;

import java.util.Locale;

/**
 * A time that hands take, or that something takes by itself at the table: a figure of the shop, in seconds, with what is
 * general practice.
 */
public enum HandTime {
    /** Opening the press, laying the film and closing it, before each press. */
    HANDLING(Group.PRESS, 10),
    /** Pulling one carrier. */
    PEELING(Group.PRESS, 5),
    /** Empty press, to drive damp out of cloth. */
    WARM(Group.PRESS, 4),
    PILLOW(Group.PRESS, 10),
    WAY_UP(Group.PRESS, 5),
    TURN_OVER(Group.PRESS, 15),
    MASK(Group.PRESS, 20),
    SET_STONES(Group.PRESS, 90),
    /** What a printed sheet goes onto. */
    SHEET_CLEAN(Group.SHEETS, 20),
    SHEET_LINT(Group.SHEETS, 15),
    /** Empty press before dye goes onto cloth. */
    SHEET_DRY(Group.SHEETS, 8),
    SHEET_TAPE(Group.SHEETS, 60),
    SLEEVE(Group.SHEETS, 40),
    /** Until what came out of an oven can be taken hold of. */
    COOL(Group.SHEETS, 600),
    /** What is laid by hand goes onto. */
    CLEAN(Group.VINYL, 60),
    LINT(Group.VINYL, 15),
    VINYL_TAPE(Group.VINYL, 45),
    /** For each layer more in one tape. */
    VINYL_TAPE_MORE(Group.VINYL, 25),
    VINYL_HINGE(Group.VINYL, 20),
    VINYL_BACKING(Group.VINYL, 20),
    VINYL_LAY(Group.VINYL, 60),
    VINYL_BURNISH(Group.VINYL, 30),
    VINYL_LIFT(Group.VINYL, 30),
    /** Until it is used. */
    VINYL_HOLDS(Group.VINYL, 86400),
    STICKER_BACKING(Group.STICKERS, 10),
    STICKER_LAY(Group.STICKERS, 20),
    STICKER_BURNISH(Group.STICKERS, 10),
    STICKER_HOLDS(Group.STICKERS, 86400),
    PLATE_PUSH_OUT(Group.STENCILS, 45),
    PLATE_FIX(Group.STENCILS, 40),
    PLATE_PAINT(Group.STENCILS, 120),
    PLATE_LIFT(Group.STENCILS, 15),
    PLATE_DRY(Group.STENCILS, 7200),
    STENCIL_PAINT(Group.STENCILS, 120),
    STENCIL_LIFT(Group.STENCILS, 20),
    STENCIL_DRY(Group.STENCILS, 7200),
    POWDER(Group.POWDER, 30),
    /** Until the powder looks like orange peel. */
    CURE(Group.POWDER, 150),
    /** The frame, with what lies between. */
    WEED_FRAME(Group.WEEDING, 5),
    /** Along a metre of edge. */
    WEED_METRE(Group.WEEDING, 10),
    /** For each inside. */
    WEED_INSIDE(Group.WEEDING, 2),
    /** More for each part so small that it takes tweezers. */
    WEED_TWEEZERS(Group.WEEDING, 3),
    LOAD_CUTTER(Group.MACHINES, 20),
    LOAD_PRINTER(Group.MACHINES, 30),
    /** Another film into the cutter. */
    CHANGE_FILM(Group.MACHINES, 40);

    /** What it belongs to, as the shop shows it. */
    public enum Group {
        PRESS,
        SHEETS,
        POWDER,
        VINYL,
        STICKERS,
        STENCILS,
        WEEDING,
        MACHINES
    }

    private final Group group;
    private final double usualS;

    HandTime(Group group, double usualS) {
        this.group = group;
        this.usualS = usualS;
    }

    public Group group() {
        return group;
    }

    public double usualS() {
        return usualS;
    }

    /** As files and texts name it. */
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
