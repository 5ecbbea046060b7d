package jurren.core.finish;

/** One thing that hands do to a layer before it is laid under the press, and how long it takes. */
public record Readying(StepKind kind, HandTime time) {}
