package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;

/** Separate pieces smaller than {@code leastMm2} are dropped, and holes smaller than that filled. */
public record DropCrumbs(double leastMm2) implements Treatment {
    public DropCrumbs {
        Limits.above("a crumb", leastMm2, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.each(paints, r -> r.withoutCrumbs(leastMm2));
    }
}
