/**
 * The command line. Every command answers 0 when all was done, 1 when a snag stops the work, 2 on bad
 * input, with one clear line on standard error.
 */
package jurren.app.cli;
