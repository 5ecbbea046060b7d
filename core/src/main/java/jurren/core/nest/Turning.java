package jurren.core.nest;

import java.util.List;
import java.util.stream.IntStream;

/** How a cutout may be turned as it lies. It is never turned over. */
public enum Turning {
    NONE(360, 1),
    HALF(180, 2),
    /** As it stands or a quarter turn clockwise, never on its head: what is printed can be read. */
    ACROSS(270, 2),
    QUARTER(90, 4),
    FREE(30, 12);

    private final int step;
    private final int times;

    Turning(int step, int times) {
        this.step = step;
        this.times = times;
    }

    /** From 0 on, counter-clockwise as the knife sees it. */
    public List<Integer> degrees() {
        return IntStream.range(0, times).mapToObj(i -> i * step).toList();
    }
}
