/**
 * The art taken apart into one region per film colour, from the bottom up, and how each meets what
 * lies under it; and the cross-section through the stack.
 *
 * <p>Input is {@link jurren.core.art.Art}; the layers that come out show exactly what the eye sees of
 * it, except that butted layers leave their gap bare.
 */
package jurren.core.layer;
