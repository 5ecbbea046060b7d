/** Sheets laid over the window, questions asked on them, and how a person is asked for a file. */
package jurren.app.sheet;
