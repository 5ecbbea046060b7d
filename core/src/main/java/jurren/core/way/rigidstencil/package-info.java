/** Rigid stencil: the plate less the shapes, painted through. */
package jurren.core.way.rigidstencil;
