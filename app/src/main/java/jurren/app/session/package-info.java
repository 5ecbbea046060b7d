/**
 * What the window is working on: the job with its history, the plan that follows it, what is chosen,
 * and the file behind it. Views read it and send edits to it; they do not talk to each other.
 */
package jurren.app.session;
