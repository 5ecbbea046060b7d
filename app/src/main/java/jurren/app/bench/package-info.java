/** The benches on the right of the ticket. A bench shows a plan and turns gestures into edits; it computes nothing. */
package jurren.app.bench;
