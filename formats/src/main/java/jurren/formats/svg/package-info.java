/**
 * SVG in, at true size, and cut loads out. Reading touches nothing but the bytes it is given: no
 * network, no other file, no script.
 */
package jurren.formats.svg;
