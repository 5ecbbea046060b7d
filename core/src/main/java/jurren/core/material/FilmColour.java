package jurren.core.material;

/** A colour that a film is sold in, by its name on the shelf. */
public record FilmColour(String name, Colour colour) {}
