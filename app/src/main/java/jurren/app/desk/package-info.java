/**
 * Everything that is worked out beside the window: plans, traces, dry runs, papers, reading and writing. A request
 * is frozen before it leaves the window's thread; what comes of it arrives there, unless it was stopped or the window
 * is closed.
 */
package jurren.app.desk;
