package jurren.core.job;

import jurren.core.finish.HandTimes;

/**
 * Who works in the shop and what is charged; film has its own price by the metre.
 *
 * @param pressHour   of one pair of hands
 * @param hands       pairs of them
 * @param wasteShare  film and paper that is spoiled, of what is needed: 0.1 for a tenth
 * @param thing       of one thing to decorate, where the shop brings it
 * @param inkPerM2    of what is printed
 * @param marginShare on top of all costs
 * @param times       how long everything takes
 */
public record Prices(
        String currency,
        double pressHour,
        int hands,
        double wasteShare,
        double thing,
        double inkPerM2,
        double marginShare,
        HandTimes times) {
    private static final int MOST_HANDS = 20;
    private static final double MOST_SHARE = 10;

    public Prices {
        if (!(pressHour >= 0
                && thing >= 0
                && inkPerM2 >= 0
                && hands >= 1
                && hands <= MOST_HANDS
                && wasteShare >= 0
                && wasteShare <= 1
                && marginShare >= 0
                && marginShare <= MOST_SHARE)) {
            throw new IllegalArgumentException(
                    "prices must not be below zero, waste at most all again, hands from 1 to " + MOST_HANDS);
        }
        if (currency.isBlank() || currency.length() > 5) {
            throw new IllegalArgumentException("a currency has a sign of 1 to 5 characters");
        }
    }

    /** Everything takes as long as usual. */
    public Prices(
            String currency,
            double pressHour,
            int hands,
            double wasteShare,
            double thing,
            double inkPerM2,
            double marginShare) {
        this(currency, pressHour, hands, wasteShare, thing, inkPerM2, marginShare, HandTimes.USUAL);
    }

    public Prices withTimes(HandTimes newTimes) {
        return new Prices(currency, pressHour, hands, wasteShare, thing, inkPerM2, marginShare, newTimes);
    }

    /** One pair of hands, and nothing else counted. */
    public Prices(String currency, double pressHour) {
        this(currency, pressHour, 1, 0, 0, 0, 0, HandTimes.USUAL);
    }
}
