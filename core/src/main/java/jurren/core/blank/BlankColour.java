package jurren.core.blank;

import jurren.core.material.Colour;

/** A colour a blank is sold in. */
public record BlankColour(String id, String name, Colour colour) {}
