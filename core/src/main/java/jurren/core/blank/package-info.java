/**
 * The undecorated things: their measures, the outline drawn from those, the area that may carry art.
 *
 * <p>Face coordinates: the origin is the lowest point of the collar's front on the middle line, x to
 * the right as the customer sees it, y down.
 */
package jurren.core.blank;
