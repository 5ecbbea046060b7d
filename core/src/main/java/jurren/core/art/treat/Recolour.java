package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.material.Colour;

/** One colour exchanged for another wherever it is. */
public record Recolour(Colour from, Colour to) implements Treatment {
    @Override
    public List<Paint> apply(List<Paint> paints) {
        return paints.stream()
                .map(p -> p.colour().equals(from) ? new Paint(to, p.parts()) : p)
                .toList();
    }
}
