/** Stones: the template they are set into; where each stone stands is not decided here. */
package jurren.core.way.stones;
