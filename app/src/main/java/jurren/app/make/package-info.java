/** Whole jobs made on the stand-ins. */
package jurren.app.make;
