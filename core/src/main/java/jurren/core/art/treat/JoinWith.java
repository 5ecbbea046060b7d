package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Others;
import jurren.core.art.Paint;
import jurren.core.art.Referring;
import jurren.core.geometry.Region;

/** Another motif is welded to this one, in this one's lowest colour. */
public record JoinWith(String other) implements Referring {
    @Override
    public JoinWith withOther(String newOther) {
        return new JoinWith(newOther);
    }

    @Override
    public List<Paint> apply(List<Paint> paints, Others others) {
        if (paints.isEmpty()) {
            return paints;
        }
        return others.region(other)
                .filter(r -> !r.isEmpty())
                .<List<Paint>>map(joined -> {
                    List<Paint> all = new ArrayList<>(paints);
                    List<Region> lowest = new ArrayList<>(all.getFirst().parts());
                    lowest.add(joined);
                    all.set(0, new Paint(all.getFirst().colour(), List.of(Region.weld(lowest))));
                    return all;
                })
                .orElse(paints);
    }
}
