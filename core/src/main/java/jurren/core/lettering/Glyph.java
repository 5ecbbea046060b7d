package jurren.core.lettering;

import jurren.core.geometry.Curves;

/**
 * One glyph of a line, with the capital height as unit.
 *
 * @param at      the character of the line it stands for; of a ligature the first
 * @param x       where its origin is along the baseline
 * @param advance how far it moves the next one on
 * @param outline around its own origin, y down; empty for a space
 */
public record Glyph(int at, double x, double advance, Curves outline) {}
