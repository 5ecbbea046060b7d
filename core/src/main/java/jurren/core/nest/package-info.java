/**
 * Shapes laid on pieces of film so that little is left over.
 *
 * <p>Coordinates are those of the film as the knife sees it: x along the feed, y across. {@link jurren.core.nest.Nest}
 * is the one door: cutouts and beds in, a good layout at once, better ones for as long as one cares to wait; the same
 * for the same seed and number of steps.
 */
package jurren.core.nest;
