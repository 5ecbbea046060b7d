package jurren.core.job;

/** What the shop charges by; film has its own price by the metre. */
public record Prices(String currency, double pressHour) {
}
