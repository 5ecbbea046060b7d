/**
 * The whole job as one run: every load, print, weeding, pressing and table work ordered over the shop's machines and
 * pairs of hands.
 */
package jurren.core.run;
