/** Dye print: a reversed sheet laid face down. */
package jurren.core.way.dyeprint;
