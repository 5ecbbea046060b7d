/** How long work learns that nobody waits for it any more. */
package jurren.core.stop;
