/** Powder print: printed on a carrier with white behind the colours, powdered, cured, pressed; nothing is cut. */
package jurren.core.way.powderprint;
