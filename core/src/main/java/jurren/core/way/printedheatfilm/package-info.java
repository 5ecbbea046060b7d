/** Printed heat film: printed on its face, cut around, pressed face up under a mask. */
package jurren.core.way.printedheatfilm;
