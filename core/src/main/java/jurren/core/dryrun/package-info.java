/**
 * The whole job made on paper: pieces taken from what the cutter was told, put on the blank as the
 * process would, and compared with the art. It trusts the written cut files, not the plan's layers;
 * of the plan it takes only what a person at the table would know: which slot holds what, how it was
 * turned, where its middle belongs.
 */
package jurren.core.dryrun;
