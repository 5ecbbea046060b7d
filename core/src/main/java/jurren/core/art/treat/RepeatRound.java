package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Placement;

/** Repeated round a centre that lies below the middle, each copy turned to face outwards. */
public record RepeatRound(int count, double radiusMm) implements Treatment {
    public RepeatRound {
        Limits.within("copies", count, 1, 360);
        Limits.above("a radius", radiusMm, 0);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.box(paints)
                .map(b -> {
                    double x = b.centre().xMm();
                    double y = b.centre().yMm() + radiusMm;
                    List<Placement> places = new ArrayList<>();
                    for (int i = 0; i < count; i++) {
                        places.add(Placement.moved(-x, -y)
                                .then(Placement.turned(360.0 * i / count))
                                .then(Placement.moved(x, y)));
                    }
                    return Limits.repeated(paints, places);
                })
                .orElse(paints);
    }
}
