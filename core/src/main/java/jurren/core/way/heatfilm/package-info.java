/** Heat film: cut from its back, turned over, pressed. */
package jurren.core.way.heatfilm;
