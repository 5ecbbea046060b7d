package jurren.core.trace;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The edges between colours, each once, and the rings that each colour makes of them.
 *
 * <p>A cell lies between the middles of four pixels. Where two sides of it lead from one colour to another
 * an edge passes through; where three or more do and three colours meet is a junction, at which edges end.
 * This is marching squares for any number of colours (W. Lorensen, H. Cline, "Marching Cubes", 1987, in the
 * plane), with the crossing on each side read from the levels.
 */
final class Boundaries {
    /** The sides of a cell, clockwise with y down. */
    private static final int TOP = 0;

    private static final int RIGHT = 1;
    private static final int BOTTOM = 2;
    private static final int LEFT = 3;
    private static final int[] STEP_X = {0, 1, 0, -1};
    private static final int[] STEP_Y = {-1, 0, 1, 0};

    private final Labels labels;
    private final int across;
    private final BitSet walkedTop;
    private final BitSet walkedLeft;
    private final List<Edge> edges = new ArrayList<>();
    /** Where an edge leaves a junction: the cell and the side, to the number of the edge, negative from its end. */
    private final Map<Long, Integer> leaving = new HashMap<>();

    private final List<long[]> ends = new ArrayList<>();
    private double[] line = new double[512];
    private int length;
    private final int[] steps = new int[101];

    private Boundaries(Labels labels) {
        this.labels = labels;
        this.across = labels.width() + 1;
        this.walkedTop = new BitSet(across * (labels.height() + 2));
        this.walkedLeft = new BitSet(across * (labels.height() + 2));
    }

    /** One edge on the way round a ring. */
    record Turn(int edge, boolean backwards) {}

    /** A closed line that a colour lies on the left of. */
    record Ring(int colour, List<Turn> turns) {}

    /** @param widthPx over how many pixels the colours usually pass into each other */
    record All(List<Edge> edges, List<Ring> rings, double widthPx) {}

    static All of(Labels labels) {
        Boundaries all = new Boundaries(labels);
        // one colour and none meet nowhere in a third
        if (labels.colours().size() > 1) {
            all.walkFromJunctions();
        }
        all.walkClosed();
        return new All(all.edges, all.rings(), all.usualWidth());
    }

    private double usualWidth() {
        int all = Arrays.stream(steps, 5, 101).sum();
        int sum = 0;
        for (int i = 5; i <= 100; i++) {
            sum += steps[i];
            if (sum * 2 >= all && all > 0) {
                return 100.0 / i;
            }
        }
        return 1;
    }

    // ---- cells: (cx, cy) has the pixels (cx-1, cy-1), (cx, cy-1), (cx, cy), (cx-1, cy), clockwise from the upper left

    private int corner(int cx, int cy, int k) {
        return labels.at(cx - (k == 0 || k == 3 ? 1 : 0), cy - (k < 2 ? 1 : 0));
    }

    /** Whether the colours at both ends of a side differ; side k lies between corners k and k+1. */
    private boolean differs(int cx, int cy, int side) {
        return corner(cx, cy, side) != corner(cx, cy, (side + 1) % 4);
    }

    private boolean isJunction(int cx, int cy) {
        int a = corner(cx, cy, 0);
        int b = corner(cx, cy, 1);
        int c = corner(cx, cy, 2);
        int d = corner(cx, cy, 3);
        int sides = (a != b ? 1 : 0) + (b != c ? 1 : 0) + (c != d ? 1 : 0) + (d != a ? 1 : 0);
        return sides == 3 || sides == 4 && a != c && b != d;
    }

    /** The side that an edge leaves by when it came in by another. */
    private int exit(int cx, int cy, int in) {
        int a = corner(cx, cy, 0);
        int b = corner(cx, cy, 1);
        int c = corner(cx, cy, 2);
        int d = corner(cx, cy, 3);
        if (a != b && b != c && c != d && d != a) {
            // one diagonal is joined: the colour rather than none, the earlier colour rather than the later
            boolean firstJoined = a == c && (b != d || b == 0 || a != 0 && a < b);
            int[] partner = firstJoined ? new int[] {RIGHT, TOP, LEFT, BOTTOM} : new int[] {LEFT, BOTTOM, RIGHT, TOP};
            return partner[in];
        }
        for (int k = 1; k < 4; k++) {
            if (differs(cx, cy, (in + k) % 4)) {
                return (in + k) % 4;
            }
        }
        throw new IllegalStateException("an edge cannot end within a cell");
    }

    private boolean walked(int cx, int cy, int side, boolean now) {
        BitSet set = side == TOP || side == BOTTOM ? walkedTop : walkedLeft;
        int at = (cy + (side == BOTTOM ? 1 : 0)) * across + cx + (side == RIGHT ? 1 : 0);
        boolean before = set.get(at);
        if (now) {
            set.set(at);
        }
        return before;
    }

    private void addCrossing(int cx, int cy, int side) {
        int x0 = side == RIGHT ? cx : cx - 1;
        int y0 = side == BOTTOM ? cy : cy - 1;
        boolean level = side == TOP || side == BOTTOM;
        int x1 = level ? x0 + 1 : x0;
        int y1 = level ? y0 : y0 + 1;
        double t = labels.edge(x0, y0, x1, y1);
        steps[(int) (100 * Math.clamp(labels.step(x0, y0, x1, y1), 0, 1))]++;
        add(x0 + 0.5 + (level ? t : 0), y0 + 0.5 + (level ? 0 : t));
    }

    private void add(double x, double y) {
        if (length + 2 > line.length) {
            line = Arrays.copyOf(line, line.length * 2);
        }
        line[length++] = x;
        line[length++] = y;
    }

    /**
     * The middle of the crossings around a junction; on the picture's border, where the inner edge runs out onto it.
     */
    private void addJunction(int cx, int cy) {
        boolean topOrBottom = cy == 0 || cy == labels.height();
        boolean leftOrRight = cx == 0 || cx == labels.width();
        int inner = topOrBottom ? cy == 0 ? BOTTOM : TOP : cx == 0 ? RIGHT : LEFT;
        if (topOrBottom != leftOrRight && differs(cx, cy, inner)) {
            addCrossing(cx, cy, inner);
            if (topOrBottom) {
                line[length - 1] = cy;
            } else {
                line[length - 2] = cx;
            }
            return;
        }
        double x = 0;
        double y = 0;
        int n = 0;
        int from = length;
        for (int side = 0; side < 4; side++) {
            if (differs(cx, cy, side)) {
                addCrossing(cx, cy, side);
                x += line[length - 2];
                y += line[length - 1];
                length = from;
                n++;
            }
        }
        add(x / n, y / n);
    }

    private static long key(int cx, int cy, int side, int across) {
        return ((long) cy * across + cx) * 4 + side;
    }

    private void walkFromJunctions() {
        for (int cy = 0; cy <= labels.height(); cy++) {
            for (int cx = 0; cx <= labels.width(); cx++) {
                if (corner(cx, cy, 0) != corner(cx, cy, 1) || corner(cx, cy, 3) != corner(cx, cy, 2)) {
                    if (isJunction(cx, cy)) {
                        leave(cx, cy);
                    }
                }
            }
        }
    }

    private void leave(int cx, int cy) {
        for (int side = 0; side < 4; side++) {
            if (differs(cx, cy, side) && !walked(cx, cy, side, false)) {
                length = 0;
                addJunction(cx, cy);
                walk(cx, cy, side);
            }
        }
    }

    /** From a cell out by a side, to the next junction or back to the start. */
    private void walk(int fromX, int fromY, int firstSide) {
        int left = corner(fromX, fromY, firstSide);
        int right = corner(fromX, fromY, (firstSide + 1) % 4);
        int cx = fromX;
        int cy = fromY;
        int side = firstSide;
        boolean closed = false;
        while (true) {
            walked(cx, cy, side, true);
            addCrossing(cx, cy, side);
            cx += STEP_X[side];
            cy += STEP_Y[side];
            int in = (side + 2) % 4;
            if (isJunction(cx, cy)) {
                addJunction(cx, cy);
                leaving.put(key(fromX, fromY, firstSide, across), edges.size());
                leaving.put(key(cx, cy, in, across), -1 - edges.size());
                break;
            }
            side = exit(cx, cy, in);
            if (walked(cx, cy, side, false)) {
                closed = true;
                break;
            }
        }
        edges.add(new Edge(left, right, closed, Arrays.copyOf(line, length)));
        ends.add(closed ? null : new long[] {cx, cy, (side + 2) % 4, fromX, fromY, firstSide});
    }

    private void walkClosed() {
        int w = labels.width();
        for (int y = 0; y < labels.height(); y++) {
            int before = 0;
            for (int x = 0; x <= w; x++) {
                int here = x == w ? 0 : labels.of()[y * w + x];
                if (here != before && !walked(x, y + 1, TOP, false)) {
                    length = 0;
                    // up through the side between the two pixels
                    walk(x, y + 1, TOP);
                }
                before = here;
            }
        }
    }

    // ---- rings

    private List<Ring> rings() {
        List<Ring> rings = new ArrayList<>();
        boolean[][] taken = new boolean[edges.size()][2];
        for (int i = 0; i < edges.size(); i++) {
            Edge e = edges.get(i);
            for (int way = 0; way < 2; way++) {
                int colour = way == 0 ? e.left() : e.right();
                if (colour != 0 && !taken[i][way]) {
                    rings.add(
                            new Ring(colour, e.closed() ? List.of(new Turn(i, way == 1)) : round(i, way == 1, taken)));
                }
            }
        }
        return rings;
    }

    private List<Turn> round(int first, boolean firstBackwards, boolean[][] taken) {
        List<Turn> turns = new ArrayList<>();
        int i = first;
        boolean backwards = firstBackwards;
        do {
            taken[i][backwards ? 1 : 0] = true;
            turns.add(new Turn(i, backwards));
            long[] end = ends.get(i);
            int at = backwards ? 3 : 0;
            int cx = (int) end[at];
            int cy = (int) end[at + 1];
            int in = (int) end[at + 2];
            // the colour on the left is met first when going round clockwise from the side it came in by
            int out = -1;
            for (int k = 1; k < 4 && out < 0; k++) {
                out = differs(cx, cy, (in + k) % 4) ? (in + k) % 4 : -1;
            }
            int next = leaving.get(key(cx, cy, out, across));
            i = next < 0 ? -1 - next : next;
            backwards = next < 0;
        } while (i != first || backwards != firstBackwards);
        return turns;
    }
}
