/** Dye over a base: a base cut from its face, and a print pressed into it. */
package jurren.core.way.dyeoverbase;
