/**
 * Plain EPS in: an interpreter for the part of the PostScript language that drawings are written in. It has
 * no files, no devices and no way out; what takes too many steps is stopped.
 *
 * <p>References: Adobe Systems, "PostScript Language Reference" (3rd edition, 1999).
 */
package jurren.formats.eps;
