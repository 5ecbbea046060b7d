/** The thing at true size with its measures, colours and size run. */
package jurren.app.bench.blank;
