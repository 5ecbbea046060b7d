package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Others;
import jurren.core.art.Paint;
import jurren.core.art.Referring;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Region;

/** Only what lies inside another motif is kept, {@code marginMm} away from its edge. */
public record KeepInside(String other, double marginMm) implements Referring {
    public KeepInside {
        Limits.within("a margin", marginMm, 0, 1000);
    }

    @Override
    public KeepInside withOther(String newOther) {
        return new KeepInside(newOther, marginMm);
    }

    @Override
    public List<Paint> apply(List<Paint> paints, Others others) {
        return others.region(other)
                .map(r -> marginMm > 0 ? r.grown(-marginMm, CornerStyle.ROUND) : r)
                .map((Region in) -> Paint.each(paints, r -> r.intersect(in)))
                .orElse(paints);
    }
}
