package jurren.core.finish;

/**
 * The heat one layer takes over all presses, at its spot that takes most; {@code layer} 0 is the thing.
 *
 * @param leastS what it needs, 0 for the thing
 * @param times  how often that spot is pressed in one closing over all positions
 */
public record HeatTaken(int layer, double totalS, double leastS, double mostS, int times) {
    public boolean tooMuch() {
        return totalS > mostS + 1e-9;
    }

    public boolean tooLittle() {
        return totalS < leastS - 1e-9;
    }

    HeatTaken with(double newTotalS) {
        return new HeatTaken(layer, newTotalS, leastS, mostS, times);
    }
}
