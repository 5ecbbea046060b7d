package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Others;
import jurren.core.art.Paint;
import jurren.core.art.Referring;
import jurren.core.geometry.CornerStyle;

/** Another motif is knocked out of this one, with {@code gapMm} around it. */
public record KnockOut(String other, double gapMm) implements Referring {
    public KnockOut {
        Limits.within("a gap", gapMm, 0, 1000);
    }

    @Override
    public KnockOut withOther(String newOther) {
        return new KnockOut(newOther, gapMm);
    }

    @Override
    public List<Paint> apply(List<Paint> paints, Others others) {
        return others.region(other)
                .filter(r -> !r.isEmpty())
                .map(r -> gapMm > 0 ? r.grown(gapMm, CornerStyle.ROUND) : r)
                .map(out -> Paint.each(paints, r -> r.minus(out)))
                .orElse(paints);
    }
}
