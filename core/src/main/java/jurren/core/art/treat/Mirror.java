package jurren.core.art.treat;

import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Placement;

/** Left and right exchanged about the middle, or up and down. */
public record Mirror(boolean upsideDown) implements Treatment {
    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.box(paints)
                .map(b -> {
                    Placement over = Placement.moved(
                                    -b.centre().xMm(), -b.centre().yMm())
                            .then(Placement.scaled(upsideDown ? 1 : -1, upsideDown ? -1 : 1))
                            .then(Placement.moved(b.centre().xMm(), b.centre().yMm()));
                    return Paint.placed(paints, over);
                })
                .orElse(paints);
    }
}
