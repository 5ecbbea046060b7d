package jurren.core.finish;

/**
 * The table steps that put adhesive vinyl on, layer by layer from the lowest up: clean and dry once;
 * for each layer lay transfer tape on it and burnish, peel the backing flat, lay it (from the middle
 * on a curve, from one edge on the flat), burnish, peel the tape low and slow; wait once before use.
 *
 * <p>The wait is left out of the time per piece: nobody stands by it.
 */
public final class TableWork {
    private static final double CLEAN_S = 60;
    private static final double TAPE_S = 45;
    private static final double BACKING_S = 20;
    private static final double LAY_S = 60;
    private static final double BURNISH_S = 30;
    private static final double LIFT_S = 30;
    private static final double WAIT_S = 24 * 3600;

    private TableWork() {
    }

    public static FinishSequence of(int layers) {
        if (layers == 0) {
            return FinishSequence.NOTHING;
        }
        StepList steps = new StepList();
        steps.hand(Step.Kind.CLEAN, 0, CLEAN_S);
        for (int layer = 1; layer <= layers; layer++) {
            steps.hand(Step.Kind.TAPE, layer, TAPE_S);
            steps.hand(Step.Kind.BACKING, layer, BACKING_S);
            steps.hand(Step.Kind.LAY, layer, LAY_S);
            steps.hand(Step.Kind.BURNISH, layer, BURNISH_S);
            steps.hand(Step.Kind.LIFT, layer, LIFT_S);
        }
        double hands = steps.endS();
        steps.hand(Step.Kind.WAIT, layers, WAIT_S);
        return new FinishSequence(steps.steps(), java.util.List.of(), hands);
    }
}
