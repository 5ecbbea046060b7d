/** PDF in: what a page paints, with its spot colours by name. */
package jurren.formats.pdf;
