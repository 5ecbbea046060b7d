/** The window itself: the ticket beside the open bench, sheets laid over both, keys and files. */
package jurren.app.window;
