package jurren.core.art;

import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Curves;
import jurren.core.material.Colour;

/**
 * One painted shape of a drawing, closed, at the size the file says.
 *
 * @param ink    how it is painted when that is not its colour alone
 * @param groups what it is in, from the outermost
 */
public record DrawnShape(Curves curves, Colour colour, Optional<Ink> ink, List<DrawnGroup> groups) {
    public DrawnShape {
        groups = List.copyOf(groups);
    }

    public DrawnShape(Curves curves, Colour colour, Optional<Ink> ink) {
        this(curves, colour, ink, List.of());
    }

    public DrawnShape(Curves curves, Colour colour) {
        this(curves, colour, Optional.empty());
    }
}
