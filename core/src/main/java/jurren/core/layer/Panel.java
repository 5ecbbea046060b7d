package jurren.core.layer;

/**
 * Which panel of a film a layer is.
 *
 * @param number from the left or from the top, from 1
 */
public record Panel(int number, int of) {}
