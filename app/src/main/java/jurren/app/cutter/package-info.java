/** The talk with a cutter: sending, progress, pause, stop, going on after trouble. It knows no bench. */
package jurren.app.cutter;
