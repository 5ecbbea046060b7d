package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;

/** Loose parts are bridged to their neighbours until all is one part; the bridges are in the lowest colour. */
public record Bridges(double widthMm, int each) implements Treatment {
    public Bridges {
        Limits.above("a bridge", widthMm, 0);
        Limits.within("bridges for each part", each, 1, 4);
    }

    @Override
    public boolean shouldChange() {
        return false;
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        Region bridges = Bridging.bridges(Paint.welded(paints), widthMm, each, false);
        if (bridges.isEmpty()) {
            return paints;
        }
        List<Paint> all = new ArrayList<>(paints);
        List<Region> lowest = new ArrayList<>(all.getFirst().parts());
        lowest.add(bridges);
        all.set(0, new Paint(all.getFirst().colour(), List.of(Region.weld(lowest))));
        return all;
    }
}
