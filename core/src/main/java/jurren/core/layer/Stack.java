package jurren.core.layer;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import jurren.core.geometry.Region;

/** How high layers come to lie on each other. */
public final class Stack {
    private static final double STEPS_A_MM = 1e5;

    private Stack() {}

    /** The height at the highest place; plates are taken off again and add nothing. */
    public static double thickestMm(List<Layer> layers) {
        List<Layer> adding = layers.stream()
                .filter(l -> l.role() != Layer.Role.PLATE && adds(l) > 0)
                .toList();
        if (adding.isEmpty()) {
            return 0;
        }
        // by height, where the stack is at least as high
        TreeMap<Long, Region> levels = new TreeMap<>();
        for (Layer layer : adding.subList(0, adding.size() - 1)) {
            TreeMap<Long, Region> higher = new TreeMap<>(Map.of(adds(layer), layer.region()));
            levels.forEach((top, region) -> {
                Region common = common(region, layer);
                if (!common.isEmpty()) {
                    higher.merge(top + adds(layer), common, Region::weld);
                }
            });
            higher.forEach((top, region) -> levels.merge(top, region, Region::weld));
        }
        // of the last only matters how high what it lies on is
        Layer last = adding.getLast();
        long under = levels.descendingMap().entrySet().stream()
                .filter(e -> !common(e.getValue(), last).isEmpty())
                .findFirst()
                .map(Map.Entry::getKey)
                .orElse(0L);
        return Math.max(under + adds(last), levels.isEmpty() ? 0 : levels.lastKey()) / STEPS_A_MM;
    }

    private static long adds(Layer layer) {
        return Math.round(layer.thicknessMm() * STEPS_A_MM);
    }

    private static Region common(Region region, Layer layer) {
        return region.bounds().crossed(layer.region().bounds()).isPresent()
                ? region.intersect(layer.region())
                : Region.EMPTY;
    }
}
