/**
 * Plans told to people: sentences for snags, reasons, steps and refusals, and lengths in the units
 * they think in. All texts come from {@code words.properties}; the core knows no words.
 */
package jurren.formats.words;
