/** The application: the window and the command line over one engine. */
package jurren.app;
