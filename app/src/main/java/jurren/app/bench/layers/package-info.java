/** The layers apart in space over the blank, and as a list with the joins between them. */
package jurren.app.bench.layers;
