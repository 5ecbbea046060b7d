/**
 * Layers laid out on pieces of stock, ready for the cutter.
 *
 * <p>Load coordinates are those of the film as the knife sees it: x from its leading edge along the
 * feed, y across it from the start corner, right-handed (y up). Reversal and turning happen here,
 * once, on the way from the face to the film.
 */
package jurren.core.load;
