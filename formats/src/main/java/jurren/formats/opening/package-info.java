/** One door for every drawing file, whatever its format. */
package jurren.formats.opening;
