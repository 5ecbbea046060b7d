package jurren.core.finish;

/**
 * The heat one layer takes over all presses; {@code layer} 0 is the cloth.
 *
 * @param leastS what it needs, 0 for the cloth
 */
public record HeatTaken(int layer, double totalS, double leastS, double mostS) {
    public boolean tooMuch() {
        return totalS > mostS;
    }

    public boolean tooLittle() {
        return totalS < leastS;
    }

    /** What a spot takes that several positions of the platen reach. */
    public HeatTaken times(int presses) {
        return new HeatTaken(layer, totalS * presses, leastS, mostS);
    }
}
