/** Adhesive vinyl: cut from its face, laid by hand. */
package jurren.core.way.adhesive;
