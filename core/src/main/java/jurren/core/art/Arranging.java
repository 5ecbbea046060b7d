package jurren.core.art;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;

/** Several things brought into line, or spaced evenly, by their boxes. Answers how far each moves. */
public final class Arranging {
    /** What is brought to one line. */
    public enum Edge {
        LEFT,
        MIDDLE,
        RIGHT,
        TOP,
        CENTRE,
        FOOT;

        boolean isAcross() {
            return this == LEFT || this == MIDDLE || this == RIGHT;
        }
    }

    private Arranging() {}

    /** All to the same edge or middle of the box around them all. */
    public static <K> Map<K, Point> aligned(Map<K, Box> boxes, Edge edge) {
        Box all = boxes.values().stream()
                .reduce(Box::joined)
                .orElseThrow(() -> new IllegalArgumentException("nothing to align"));
        Map<K, Point> moves = new LinkedHashMap<>();
        boxes.forEach((key, box) -> {
            double by = at(all, edge) - at(box, edge);
            moves.put(key, edge.isAcross() ? new Point(by, 0) : new Point(0, by));
        });
        return moves;
    }

    private static double at(Box b, Edge edge) {
        return switch (edge) {
            case LEFT -> b.minXMm();
            case MIDDLE -> b.centre().xMm();
            case RIGHT -> b.maxXMm();
            case TOP -> b.minYMm();
            case CENTRE -> b.centre().yMm();
            case FOOT -> b.maxYMm();
        };
    }

    /**
     * The same room between neighbours; the outermost two stay. The room may be below zero where there is
     * too little.
     */
    public static <K> Map<K, Point> spaced(Map<K, Box> boxes, boolean across) {
        ToDoubleFunction<Box> from = across ? Box::minXMm : Box::minYMm;
        ToDoubleFunction<Box> size = across ? Box::widthMm : Box::heightMm;
        List<Map.Entry<K, Box>> order = new ArrayList<>(boxes.entrySet());
        order.sort(Comparator.comparingDouble(e ->
                across ? e.getValue().centre().xMm() : e.getValue().centre().yMm()));
        Map<K, Point> moves = new LinkedHashMap<>();
        if (order.size() < 3) {
            order.forEach(e -> moves.put(e.getKey(), new Point(0, 0)));
            return moves;
        }
        Box first = order.getFirst().getValue();
        Box last = order.getLast().getValue();
        double whole = from.applyAsDouble(last) + size.applyAsDouble(last) - from.applyAsDouble(first);
        double room = (whole - boxes.values().stream().mapToDouble(size).sum()) / (order.size() - 1);
        double at = from.applyAsDouble(first);
        for (Map.Entry<K, Box> e : order) {
            double by = at - from.applyAsDouble(e.getValue());
            moves.put(e.getKey(), across ? new Point(by, 0) : new Point(0, by));
            at += size.applyAsDouble(e.getValue()) + room;
        }
        return moves;
    }
}
