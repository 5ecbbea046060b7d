/**
 * Motifs: what each is made from and what is done to it, and the evaluation of that chain to painted
 * regions at true size. A motif is built around its own origin; where it stands is a matter of its
 * {@link jurren.core.art.Pose} alone, so moving it evaluates nothing.
 */
package jurren.core.art;
