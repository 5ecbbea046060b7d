/**
 * Treatments, each a small value with its own rule: what it does to a motif's colours. All lengths are
 * millimetres around the motif's origin, y down. A treatment never throws on valid input; where it
 * leaves nothing, nothing comes out.
 */
package jurren.core.art.treat;
