/**
 * Where the knife goes: closed paths round every piece, in an order that cuts insides before
 * outsides and travels little, with the time it takes. Input is a load; output is in the load's own
 * coordinates.
 */
package jurren.core.cut;
