package jurren.core.run;

import java.util.List;
import java.util.Set;
import jurren.core.material.Colour;

/**
 * One thing done in a run, without a break.
 *
 * @param id      the same as long as it is the same work
 * @param lines   whose it is
 * @param order   of the load or print, 0 for what is none
 * @param what    of a load its film's name, otherwise the place
 * @param colour  to show it in
 * @param seconds the machine is at it
 * @param handsS  of these a pair of hands is at it, from the beginning
 * @param celsius its press must be at; 0 for what needs no heat
 * @param film    that must be in the cutter; empty for what needs none
 * @param after   what must be done before
 */
public record RunTask(
        String id,
        Kind kind,
        Machine machine,
        Set<String> lines,
        int order,
        String what,
        Colour colour,
        int pieces,
        double seconds,
        double handsS,
        double celsius,
        String film,
        List<String> after) {
    /** What is done. */
    public enum Kind {
        CUT,
        PRINT,
        WEED,
        PRESS,
        PREPARE,
        BAKE,
        TAKE_OUT,
        LAY
    }

    /** The id of lifting the waste of a load, by the mark of its cut. */
    public static String weeding(String mark) {
        return "weed:" + mark;
    }

    public RunTask {
        lines = Set.copyOf(lines);
        after = List.copyOf(after);
        if (!(seconds >= 0 && handsS >= 0 && handsS <= seconds)) {
            throw new IllegalArgumentException(
                    id + " must not take less than nothing, nor hands longer than itself: " + seconds + ", " + handsS);
        }
    }
}
