/**
 * From a picture's pixels to clean edges.
 *
 * <ol>
 *   <li>The picture is straightened ({@link jurren.core.trace.Straightening}).
 *   <li>Every pixel is given to one colour: ink or ground by its level ({@code OneColour}), or one of a
 *       few flat colours found by clustering ({@code SeveralColours}).
 *   <li>Parts that are too small, or that a person dropped, go to what surrounds them ({@code Parts}).
 *   <li>The edges between the colours are followed once each, at sub-pixel positions read from the levels on
 *       both sides ({@code Boundaries}), so that neighbours share them.
 *   <li>Lines, circles and few curves are fitted to each edge, with its corners kept sharp ({@code EdgeFit}).
 * </ol>
 *
 * <p>Lengths here are pixels, x to the right and y down; pixel (0, 0) covers the square from (0, 0) to (1, 1).
 */
package jurren.core.trace;
