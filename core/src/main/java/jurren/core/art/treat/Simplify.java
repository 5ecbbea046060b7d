package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;

/** Points that stand off the line between their neighbours by less than a tolerance are left out. */
public record Simplify(double toleranceMm) implements Treatment {
    public Simplify {
        Limits.above("a tolerance", toleranceMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.each(paints, r -> r.simplified(toleranceMm).sound());
    }
}
