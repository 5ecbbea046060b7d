package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;

/**
 * Everything is taken as one shape, whose separate pieces get colours in turn from left to right.
 *
 * <p>Example: two colours on three pieces colour the first and the third alike.
 */
public record ColourParts(List<Colour> colours) implements Treatment {
    public ColourParts {
        colours = List.copyOf(colours);
        Limits.within("colours in turn", colours.size(), 1, 12);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        List<Region> pieces = SplitParts.split(List.of(Paint.welded(paints)));
        List<Paint> all = new ArrayList<>();
        for (int c = 0; c < colours.size(); c++) {
            List<Region> own = new ArrayList<>();
            for (int i = c; i < pieces.size(); i += colours.size()) {
                own.add(pieces.get(i));
            }
            if (!own.isEmpty()) {
                all.add(new Paint(colours.get(c), own));
            }
        }
        return all;
    }
}
