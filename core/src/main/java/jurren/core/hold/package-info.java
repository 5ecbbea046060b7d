/**
 * What holds on what: rules of the trade over what a thing is made of, its colour, its coating, its
 * curve and the heat it bears. Input is a blank in one colour, one face, and a material (or a process
 * alone); the answer is whether it holds, and one reason.
 */
package jurren.core.hold;
