/**
 * Films and how they get onto a blank: colours, recipes, what a process reverses and why. Numbers are
 * starting values; the maker's sheet always wins, and a shop edits every one.
 */
package jurren.core.material;
