/** Printed sticker: printed, cut around, stuck on. */
package jurren.core.way.sticker;
