package jurren.core.plan;

/**
 * What the work costs.
 *
 * @param film      and paper, what is spoiled included
 * @param pressTime of hands
 * @param things    that are decorated, where the shop brings them
 * @param margin    on top of all that
 */
public record Quote(double film, double pressTime, double things, double ink, double margin, String currency) {
    public double total() {
        return film + pressTime + things + ink + margin;
    }
}
