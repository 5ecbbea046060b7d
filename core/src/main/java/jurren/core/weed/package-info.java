/** Weeding: what is lifted off a load that was cut, in which order, and what must be held down. */
package jurren.core.weed;
