/**
 * Plane geometry of film: what is covered, where its edge runs, how it is moved.
 *
 * <p>Lengths are millimetres. A {@link jurren.core.geometry.Region} is always valid (rings do not
 * cross, holes lie in their piece) and flat (curves already turned into chords no further than
 * {@link jurren.core.geometry.Curves#FLATNESS_MM} from the true curve). This is the only package
 * that knows the geometry library underneath; everything that leaves it is one of our own values.
 *
 * <p>The y axis points down wherever a face is meant (as the eye reads) and up wherever a load is
 * meant (as a plotter counts). Only a {@link jurren.core.geometry.Placement} takes one to the other.
 */
package jurren.core.geometry;
