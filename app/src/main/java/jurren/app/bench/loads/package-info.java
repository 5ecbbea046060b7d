/** Rolls at one scale with the layers of all lines laid out on them. */
package jurren.app.bench.loads;
