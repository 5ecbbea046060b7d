/**
 * Art written for other programs: SVG, PDF, EPS, DXF and PNG, at true size. What is written and read again is the
 * same within 0.01 mm.
 */
package jurren.formats.out;
