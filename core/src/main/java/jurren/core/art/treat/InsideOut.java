package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;

/** Turned inside out within a frame that reaches {@code marginMm} beyond the box; in the lowest colour. */
public record InsideOut(double marginMm) implements Treatment {
    public InsideOut {
        Limits.above("a margin", marginMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.box(paints)
                .map(b -> List.of(new Paint(
                        paints.getFirst().colour(),
                        List.of(Region.of(b.grown(marginMm)).minus(Paint.welded(paints))))))
                .orElse(paints);
    }
}
