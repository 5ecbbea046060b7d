/**
 * The press work of one piece: steps in order, when each happens, and how much heat every layer and
 * the cloth take in all. Input is the recipes of the layers from the bottom up.
 */
package jurren.core.finish;
