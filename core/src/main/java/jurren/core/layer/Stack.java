package jurren.core.layer;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jurren.core.geometry.Region;

/** How high layers come to lie on each other. */
public final class Stack {
    private static final double STEPS_A_MM = 1e5;

    private Stack() {
    }

    /** The height at the highest place; plates are taken off again and add nothing. */
    public static double thickestMm(List<Layer> layers) {
        // by height, where the stack is at least as high
        TreeMap<Long, Region> levels = new TreeMap<>();
        for (Layer layer : layers) {
            long adds = Math.round(layer.thicknessMm() * STEPS_A_MM);
            if (layer.role() == Layer.Role.PLATE || adds == 0) {
                continue;
            }
            TreeMap<Long, Region> higher = new TreeMap<>(Map.of(adds, layer.region()));
            levels.forEach((top, region) -> {
                if (region.bounds().crossed(layer.region().bounds()).isPresent()) {
                    Region common = region.intersect(layer.region());
                    if (!common.isEmpty()) {
                        higher.merge(top + adds, common, Region::weld);
                    }
                }
            });
            higher.forEach((top, region) -> levels.merge(top, region, Region::weld));
        }
        return levels.isEmpty() ? 0 : levels.lastKey() / STEPS_A_MM;
    }
}
