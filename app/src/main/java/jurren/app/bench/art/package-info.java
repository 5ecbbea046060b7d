/** Motifs on the blank's own colour, how each is built, and the gestures that move, size and turn them. */
package jurren.app.bench.art;
