/**
 * What would go wrong, found before it does, each with its place. Only what is so; how it is said to a
 * person is not decided here.
 */
package jurren.core.snag;
