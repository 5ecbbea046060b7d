package jurren.core.art.treat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;

/** Only some of the separate pieces are kept, counted from left to right over all colours, from 1. */
public record OnlyParts(int firstPart, int lastPart) implements Treatment {
    public OnlyParts {
        Limits.within("the first part", firstPart, 1, 100_000);
        Limits.within("the last part", lastPart, firstPart, 100_000);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        List<Region> all = SplitParts.split(Paint.all(paints));
        Set<Region> kept =
                new HashSet<>(all.subList(Math.min(firstPart - 1, all.size()), Math.min(lastPart, all.size())));
        return paints.stream()
                .map(p -> p.withParts(SplitParts.split(p.parts()).stream()
                        .filter(kept::contains)
                        .toList()))
                .filter(p -> !p.parts().isEmpty())
                .toList();
    }
}
