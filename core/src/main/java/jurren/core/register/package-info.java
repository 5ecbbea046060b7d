/** What becomes of a stack when hands lay it a little out of register. */
package jurren.core.register;
