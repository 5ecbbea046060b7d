package jurren.core.geometry;

/** The narrowest place of a region: its width and the middle of it. */
public record Thinness(double widthMm, Point where) {}
