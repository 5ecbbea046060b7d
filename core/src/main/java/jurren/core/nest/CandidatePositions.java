package jurren.core.nest;

import java.util.Arrays;
import jurren.core.geometry.Box;

/**
 * Where one shape in one turn could lie on a bed so that it leans on what lies there: the corners of what keeps it away
 * from each, where those of two cross each other, and where they meet the sides of the bed. Kept up as the bed fills.
 */
final class CandidatePositions {
    private static final int MOST = 50;
    /** Nearer than this two spots are one. */
    private static final double SAME_MM = 1e-4;
    /** As far as a shape feels. */
    private static final double NEAR_MM = 3;

    final int item;
    final int turn;
    double[] x = new double[16];
    double[] y = new double[16];
    double[] touching = new double[16];
    int n;

    /** Room for edges, shared by all spots of one search. */
    static final class Room {
        private double[] own = new double[256];
        private double[] some = new double[256];
        private double[] other = new double[256];

        private static double[] of(double[] room, int edges) {
            return room.length < 4 * edges ? new double[8 * edges] : room;
        }
    }

    /** What is felt, and how much what is lost counts. */
    record Feeling(Contact contact, double[] feelers, double lossCounts) {
        double at(double x, double y) {
            return contact.share(feelers, x, y, lossCounts);
        }
    }

    CandidatePositions(int item, int turn) {
        this.item = item;
        this.turn = turn;
    }

    CandidatePositions copy() {
        CandidatePositions c = new CandidatePositions(item, turn);
        c.x = x.clone();
        c.y = y.clone();
        c.touching = touching.clone();
        c.n = n;
        return c;
    }

    /** On an empty bed: where it begins, in both its corners. */
    void begin(Board board, Feeling feeling) {
        offer(board, feeling, board.lowX(turn), board.lowY(turn), -1, -1);
        offer(board, feeling, board.lowX(turn), board.highY(turn), -1, -1);
    }

    /**
     * One more lies there: what it covers is gone, what is beside it is felt anew, and at its own edge there are new
     * spots.
     */
    void after(Board board, int laid, Feeling feeling, Room room) {
        Turned mine = board.shapes.turned(turn);
        Turned there = board.shapes.turned(board.turn[laid]);
        for (int k = n - 1; k >= 0; k--) {
            if (board.depth(turn, x[k], y[k], laid) > 0) {
                remove(k);
            } else if (isNear(mine.box(), x[k], y[k], there.box(), board.x[laid], board.y[laid])) {
                touching[k] = feeling.at(x[k], y[k]);
            }
        }
        room.own = Room.of(room.own, edgeCount(board, laid));
        int edges = edges(board, laid, room.own);
        corners(board, feeling, room.own, edges, laid);
        double[] within = new double[4];
        for (int j = 0; j < board.n; j++) {
            if (j != laid && reach(board, laid, j, within)) {
                room.other = Room.of(room.other, edgeCount(board, j));
                room.some = Room.of(room.some, edges);
                int others = within(room.other, edges(board, j, room.other), room.other, within);
                int some = within(room.own, edges, room.some, within);
                cross(board, feeling, room, some, others, laid, j);
                board.work += 2 + (edges + some * others) / 32;
            }
        }
    }

    private void corners(Board board, Feeling feeling, double[] e, int edges, int laid) {
        double lowX = board.lowX(turn);
        double lowY = board.lowY(turn);
        double highY = board.highY(turn);
        for (int k = 0; k < edges; k++) {
            double x0 = e[4 * k];
            double y0 = e[4 * k + 1];
            double x1 = e[4 * k + 2];
            double y1 = e[4 * k + 3];
            offer(board, feeling, x1, y1, laid, -1);
            if (x0 < lowX != x1 < lowX) {
                offer(board, feeling, lowX, y0 + (y1 - y0) * ((lowX - x0) / (x1 - x0)), laid, -1);
            }
            if (y0 < lowY != y1 < lowY) {
                offer(board, feeling, x0 + (x1 - x0) * ((lowY - y0) / (y1 - y0)), lowY, laid, -1);
            }
            if (y0 < highY != y1 < highY) {
                offer(board, feeling, x0 + (x1 - x0) * ((highY - y0) / (y1 - y0)), highY, laid, -1);
            }
        }
    }

    /** Where the edges of two cross. */
    private void cross(Board board, Feeling feeling, Room room, int edges, int others, int laid, int j) {
        double[] e = room.some;
        double[] f = room.other;
        for (int k = 0; k < edges; k++) {
            double ax = e[4 * k];
            double ay = e[4 * k + 1];
            double bx = e[4 * k + 2];
            double by = e[4 * k + 3];
            for (int m = 0; m < others; m++) {
                double cx = f[4 * m];
                double cy = f[4 * m + 1];
                double dx = f[4 * m + 2];
                double dy = f[4 * m + 3];
                if ((bx - ax) * (cy - ay) - (by - ay) * (cx - ax) < 0
                        == (bx - ax) * (dy - ay) - (by - ay) * (dx - ax) < 0) {
                    continue;
                }
                double a = (dx - cx) * (ay - cy) - (dy - cy) * (ax - cx);
                double b = (dx - cx) * (by - cy) - (dy - cy) * (bx - cx);
                if (a < 0 != b < 0) {
                    double t = a / (a - b);
                    offer(board, feeling, ax + t * (bx - ax), ay + t * (by - ay), laid, j);
                }
            }
        }
    }

    /** The box in which both keep this shape away and it can stand; false when there is none. */
    private boolean reach(Board board, int one, int two, double[] within) {
        Box mine = board.shapes.turned(turn).box();
        Box a = board.shapes.turned(board.turn[one]).box();
        Box b = board.shapes.turned(board.turn[two]).box();
        within[0] = Math.max(
                board.lowX(turn), Math.max(board.x[one] + a.minXMm(), board.x[two] + b.minXMm()) - mine.maxXMm());
        within[1] = Math.min(
                board.highX(turn), Math.min(board.x[one] + a.maxXMm(), board.x[two] + b.maxXMm()) - mine.minXMm());
        within[2] = Math.max(
                board.lowY(turn), Math.max(board.y[one] + a.minYMm(), board.y[two] + b.minYMm()) - mine.maxYMm());
        within[3] = Math.min(
                board.highY(turn), Math.min(board.y[one] + a.maxYMm(), board.y[two] + b.maxYMm()) - mine.minYMm());
        return within[0] <= within[1] && within[2] <= within[3];
    }

    private static int within(double[] from, int edges, double[] into, double[] box) {
        int n = 0;
        for (int k = 0; k < 4 * edges; k += 4) {
            double x0 = from[k];
            double y0 = from[k + 1];
            double x1 = from[k + 2];
            double y1 = from[k + 3];
            if (Math.max(x0, x1) >= box[0]
                    && Math.min(x0, x1) <= box[1]
                    && Math.max(y0, y1) >= box[2]
                    && Math.min(y0, y1) <= box[3]) {
                into[n++] = x0;
                into[n++] = y0;
                into[n++] = x1;
                into[n++] = y1;
            }
        }
        return n / 4;
    }

    private Clearance clearance(Board board, int j) {
        int there = board.turn[j];
        return there > turn ? board.shapes.between(turn, there) : board.shapes.between(there, turn);
    }

    private int edgeCount(Board board, int j) {
        return clearance(board, j).corners();
    }

    private int edges(Board board, int j, double[] into) {
        Clearance c = clearance(board, j);
        c.edges(board.turn[j] > turn, board.x[j], board.y[j], into);
        return c.corners();
    }

    /** @param one at whose edge it is, as at that of {@code two}: both are not looked at again */
    private void offer(Board board, Feeling feeling, double px, double py, int one, int two) {
        if (px < board.lowX(turn) - Clearance.TOUCHING_MM
                || px > board.highX(turn) + Clearance.TOUCHING_MM
                || py < board.lowY(turn) - Clearance.TOUCHING_MM
                || py > board.highY(turn) + Clearance.TOUCHING_MM
                || has(px, py)) {
            return;
        }
        for (int j = board.n - 1; j >= 0; j--) {
            if (j != one && j != two && board.depth(turn, px, py, j) > 0) {
                return;
            }
        }
        board.work += 4;
        add(px, py, feeling.at(px, py));
    }

    private boolean has(double px, double py) {
        for (int k = 0; k < n; k++) {
            if (Math.abs(x[k] - px) < SAME_MM && Math.abs(y[k] - py) < SAME_MM) {
                return true;
            }
        }
        return false;
    }

    /** Where there are too many, what touches least goes. */
    private void add(double px, double py, double share) {
        if (n == MOST) {
            int least = 0;
            for (int k = 1; k < n; k++) {
                least = touching[k] < touching[least] ? k : least;
            }
            if (touching[least] >= share) {
                return;
            }
            remove(least);
        }
        if (n == x.length) {
            x = Arrays.copyOf(x, 2 * n);
            y = Arrays.copyOf(y, 2 * n);
            touching = Arrays.copyOf(touching, 2 * n);
        }
        x[n] = px;
        y[n] = py;
        touching[n++] = share;
    }

    private void remove(int k) {
        n--;
        x[k] = x[n];
        y[k] = y[n];
        touching[k] = touching[n];
    }

    private static boolean isNear(Box a, double ax, double ay, Box b, double bx, double by) {
        return ax + a.minXMm() < bx + b.maxXMm() + NEAR_MM
                && bx + b.minXMm() < ax + a.maxXMm() + NEAR_MM
                && ay + a.minYMm() < by + b.maxYMm() + NEAR_MM
                && by + b.minYMm() < ay + a.maxYMm() + NEAR_MM;
    }
}
