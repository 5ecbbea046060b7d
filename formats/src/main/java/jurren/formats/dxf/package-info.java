/**
 * DXF in and out, in its text form: lines, arcs, circles, ellipses, splines, polylines with bulges, hatches'
 * outlines, blocks, layers and units.
 *
 * <p>References: Autodesk, "DXF Reference" (the published description of the exchange format).
 */
package jurren.formats.dxf;
