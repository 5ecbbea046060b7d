/**
 * Plotter files. One plotter unit is 0.025 mm; x along the feed, y across the material from the start
 * corner, seen from the knife's side. Only moves with the pen down cut.
 */
package jurren.formats.hpgl;
