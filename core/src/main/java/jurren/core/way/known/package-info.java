/** Which material goes which way: the only place that knows all ways. */
package jurren.core.way.known;
