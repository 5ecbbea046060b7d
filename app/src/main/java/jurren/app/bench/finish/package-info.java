/** The press work: a timeline of heat, a card a step, a timer. */
package jurren.app.bench.finish;
