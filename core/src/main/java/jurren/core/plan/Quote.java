package jurren.core.plan;

/** What the work costs the shop. */
public record Quote(double film, double pressTime, String currency) {
    public double total() {
        return film + pressTime;
    }
}
