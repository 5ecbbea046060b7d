/** The running docket of the open line, always on screen. */
package jurren.app.ticket;
