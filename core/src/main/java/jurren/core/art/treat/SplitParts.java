package jurren.core.art.treat;

import java.util.Comparator;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;

/** Every separate piece becomes a part of its own, from left to right, so that what follows works on each. */
public record SplitParts() implements Treatment {
    static final Comparator<Region> LEFT_FIRST = Comparator.<Region>comparingDouble(
                    r -> r.bounds().minXMm())
            .thenComparingDouble(r -> r.bounds().minYMm());

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return paints.stream().map(p -> new Paint(p.colour(), split(p.parts()))).toList();
    }

    static List<Region> split(List<Region> parts) {
        return parts.stream()
                .flatMap(r -> r.pieces().stream())
                .map(Piece::region)
                .sorted(LEFT_FIRST)
                .toList();
    }
}
