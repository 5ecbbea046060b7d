package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Placement;

/** Repeated in rows, with gaps between the boxes; the first stays where it is. */
public record RepeatGrid(int across, int down, double gapMm) implements Treatment {
    public RepeatGrid {
        Limits.within("copies across", across, 1, 200);
        Limits.within("copies down", down, 1, 200);
        Limits.within("a gap", gapMm, -1_000, 10_000);
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        return Paint.box(paints)
                .map(b -> {
                    List<Placement> places = new ArrayList<>();
                    for (int row = 0; row < down; row++) {
                        for (int column = 0; column < across; column++) {
                            places.add(Placement.moved(column * (b.widthMm() + gapMm), row * (b.heightMm() + gapMm)));
                        }
                    }
                    return Limits.repeated(paints, places);
                })
                .orElse(paints);
    }
}
