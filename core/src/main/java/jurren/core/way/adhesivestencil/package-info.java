/** Adhesive stencil: a film with openings that sticks until it is lifted. */
package jurren.core.way.adhesivestencil;
