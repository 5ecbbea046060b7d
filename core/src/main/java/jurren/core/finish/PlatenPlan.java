package jurren.core.finish;

import jurren.core.geometry.Box;
import java.util.ArrayList;
import java.util.List;

/**
 * Where a press closes to reach the whole art.
 *
 * <p>Art larger than the platen takes the fewest positions that cover it with {@link #SHARED_MM}
 * heated by both of two neighbours: along each way n = ⌈(art − shared) / (platen − shared)⌉, set one
 * beside the other about the art's middle. What two neighbours share is heated twice, what lies at a
 * crossing of four, four times.
 *
 * <p>Example: art 500 × 300 on a platen of 381 × 381 takes ⌈485 / 366⌉ = 2 by 1 positions, which
 * share a strip of 15 mm down the art's middle and reach 123.5 mm beyond it at each side.
 *
 * @param positions in the order they are pressed, left to right and top to bottom
 * @param twice     what more than one position heats
 * @param mostTimes how often the most heated spot is pressed
 */
public record PlatenPlan(Press press, List<Box> positions, List<Box> twice, int mostTimes) {
    public static final double SHARED_MM = 15;
    /** No press is closed oftener in a row: what is larger is a mistake, and told as such. */
    private static final int MOST_IN_A_ROW = 12;

    public PlatenPlan {
        positions = List.copyOf(positions);
        twice = List.copyOf(twice);
    }

    /** @param usual where one position is centred if it covers the art from there */
    public static PlatenPlan of(Press press, Box art, Box usual) {
        Box middle = around(usual, press);
        if (middle.covers(art, 0.01)) {
            return new PlatenPlan(press, List.of(middle), List.of(), 1);
        }
        List<Double> across = middles(art.minXMm(), art.maxXMm(), press.platenWidthMm());
        List<Double> down = middles(art.minYMm(), art.maxYMm(), press.platenHeightMm());
        List<Box> positions = new ArrayList<>();
        for (double y : down) {
            for (double x : across) {
                positions.add(Box.ofSize(x - press.platenWidthMm() / 2, y - press.platenHeightMm() / 2,
                        press.platenWidthMm(), press.platenHeightMm()));
            }
        }
        return new PlatenPlan(press, positions, shared(positions, art), times(across.size()) * times(down.size()));
    }

    private static Box around(Box box, Press press) {
        return Box.ofSize(box.centre().xMm() - press.platenWidthMm() / 2, box.centre().yMm() - press.platenHeightMm() / 2,
                press.platenWidthMm(), press.platenHeightMm());
    }

    private static int times(int positions) {
        return Math.min(positions, 2);
    }

    private static List<Double> middles(double from, double to, double platen) {
        double length = to - from;
        int n = (int) Math.clamp(Math.ceil((length - SHARED_MM) / (platen - SHARED_MM) - 1e-9), 1, MOST_IN_A_ROW);
        List<Double> middles = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            middles.add((from + to) / 2 + (i - (n - 1) / 2.0) * (platen - SHARED_MM));
        }
        return middles;
    }

    private static List<Box> shared(List<Box> positions, Box art) {
        List<Box> shared = new ArrayList<>();
        for (int i = 0; i < positions.size(); i++) {
            for (int j = i + 1; j < positions.size(); j++) {
                positions.get(i).crossed(positions.get(j)).flatMap(art::crossed).ifPresent(shared::add);
            }
        }
        return shared;
    }
}
