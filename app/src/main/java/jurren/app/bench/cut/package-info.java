/** The film in the cutter as the operator stands before it, and the talk with the cutter. */
package jurren.app.bench.cut;
