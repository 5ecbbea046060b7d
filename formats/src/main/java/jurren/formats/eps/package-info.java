/**
 * EPS in: an interpreter of the PostScript language with all its operators but those for files and devices. A program
 * may do anything to its own stacks, dictionaries, strings and paths; it reads only itself, has no way out, and is
 * stopped when it takes too many steps or too much room. Fonts that it brings along (Type 1, 3 and 42) are read, others
 * are set in a plain one.
 *
 * <p>References: Adobe Systems, "PostScript Language Reference" (3rd edition, 1999); "Adobe Type 1 Font Format" (1990).
 */
package jurren.formats.eps;
