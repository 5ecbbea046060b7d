package jurren.core.finish;

/**
 * One thing that is done to a layer before it is laid under the press.
 *
 * @param celsius of a heat of its own; 0 for none
 */
public record Readying(StepKind kind, HandTime time, double celsius) {
    public Readying(StepKind kind, HandTime time) {
        this(kind, time, 0);
    }
}
