/**
 * The ways in which materials get onto things, one package each, behind one interface. A way decides what its
 * layers are, how each is made, whether it is reversed and how it is put on; nobody outside asks which way it is.
 */
package jurren.core.way;
