package jurren.core.art;

import jurren.core.geometry.Curves;
import jurren.core.material.Colour;

/** One painted shape of a drawing, closed, at the size the file says. */
public record DrawnShape(Curves curves, Colour colour) {
}
