package jurren.core.cut;

import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.ArrayList;
import java.util.HexFormat;
import java.util.List;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.load.Cutter;
import jurren.core.load.Dialect;
import jurren.core.load.Load;
import jurren.core.load.Placed;
import jurren.core.material.CutSettings;
import jurren.core.memo.Memo;

/**
 * All cuts of one load, in order; a path comes as often as the material needs passes.
 *
 * @param forces   of each path, where they differ; empty where the film has one
 * @param cutMm    knife down, overcuts included
 * @param travelMm knife up
 * @param seconds  how long the cutter needs
 * @param mark     of exactly these cuts from this film: another cut has another mark
 * @param pieces   of what comes out of the film and where on it, whichever cutter cuts it
 */
public record CutRun(
        Load load,
        List<CutPath> paths,
        List<Double> forces,
        Cutter cutter,
        double cutMm,
        double travelMm,
        double seconds,
        String mark,
        String pieces) {
    /** A corner sharper than this makes the knife stop and turn. */
    private static final double SHARP_COSINE = Math.cos(Math.toRadians(30));

    private static final double MARK_STEPS = 1e4;
    private static final int MARK_BYTES = 12;
    /** Half of what the usual cutter counts in: a curve needs no more corners than that. */
    private static final double TOLD_APART_MM = Dialect.USUAL_UNIT_MM / 2;

    private static final double ROUNDING_MM = 0.02;
    private static final Point START_CORNER = Point.ORIGIN;

    /** Of which nobody asks what comes out of it. */
    public CutRun(
            Load load,
            List<CutPath> paths,
            List<Double> forces,
            Cutter cutter,
            double cutMm,
            double travelMm,
            double seconds,
            String mark) {
        this(load, paths, forces, cutter, cutMm, travelMm, seconds, mark, "");
    }

    public CutRun {
        paths = List.copyOf(paths);
        forces = List.copyOf(forces);
    }

    /** The outlines of a layer as they lie on the film, cut in order; equal layers are worked out once. */
    public static final class Orders {
        private static final int MOST_LARGE = 6;

        private record Key(Layer layer, Placement linear) {}

        private final Memo<Key, List<ClosedCut>> known = new Memo<>(MOST_LARGE, Orders::order, (key, paths, scale) -> {
            key.layer.region().weigh(scale);
            paths.forEach(p -> scale.add(
                    p, ClosedCut.BYTES + Outline.BYTES_A_CORNER * p.outline().size()));
        });

        List<ClosedCut> of(Placed placed) {
            Placement p = placed.onto();
            Placement linear = new Placement(p.xx(), p.yx(), p.xy(), p.yy(), 0, 0);
            Placement rest = Placement.moved(p.dxMm(), p.dyMm());
            return known.get(new Key(placed.item().layer(), linear)).stream()
                    .map(c -> c.placed(rest, 0))
                    .toList();
        }

        private static List<ClosedCut> order(Key key) {
            List<Piece> pieces = key.layer.cutPieces().stream()
                    .map(p -> new Piece(
                            p.outer().placed(key.linear),
                            p.holes().stream().map(h -> h.placed(key.linear)).toList()))
                    .toList();
            Box box = key.layer.region().bounds().placed(key.linear);
            return CutOrder.of(pieces, new Point(box.minXMm(), box.minYMm())).stream()
                    .map(p -> new ClosedCut(p.kind(), Thinned.of(p.outline(), TOLD_APART_MM), p.item()))
                    .toList();
        }
    }

    /** Items in the order of the feed, a frame after the last of what lies in it. */
    public static CutRun of(Load load, Cutter cutter, Orders orders) {
        List<CutPath> paths = new ArrayList<>();
        for (int i = 0; i < load.placed().size(); i++) {
            Placed placed = load.placed().get(i);
            for (CutPath path : orders.of(placed)) {
                for (int pass = 0; pass < load.material().cutting().passes(); pass++) {
                    paths.add(path.placed(Placement.HERE, i));
                }
            }
            for (Load.Frame frame : load.frames()) {
                if (frame.last() == i) {
                    for (Load.Name name : frame.names()) {
                        for (List<Point> stroke : name.strokes()) {
                            paths.add(new OpenCut(CutPath.Kind.NAME, stroke, i));
                        }
                    }
                    for (Load.Relief relief : frame.reliefs()) {
                        paths.add(new OpenCut(CutPath.Kind.RELIEF, List.of(relief.from(), relief.to()), i));
                    }
                    paths.add(new ClosedCut(CutPath.Kind.FRAME, frame.outline(), i));
                }
            }
        }
        return timed(load, cutter, paths, List.of());
    }

    static CutRun timed(Load load, Cutter cutter, List<CutPath> paths, List<Double> forces) {
        CutSettings settings = load.material().cutting();
        double cut = 0;
        double travel = 0;
        int corners = 0;
        Point at = START_CORNER;
        for (CutPath path : paths) {
            travel += at.distanceMm(path.start());
            at = path.end();
            cut += knifeMm(path, cutter);
            corners += sharpCorners(path);
        }
        double seconds = cut / settings.speedMmS()
                + corners * cutter.cornerS()
                + travel / cutter.travelMmS()
                + 2 * paths.size() * cutter.liftS();
        return new CutRun(load, paths, forces, cutter, cut, travel, seconds, mark(load, paths), pieces(load));
    }

    private static double knifeMm(CutPath path, Cutter cutter) {
        return path.lengthMm() + (path instanceof ClosedCut ? Math.min(cutter.overcutMm(), path.lengthMm() / 2) : 0);
    }

    /** The same cut elsewhere on the bed, still known by its mark. */
    public CutRun placed(Placement onto) {
        return new CutRun(
                load,
                paths.stream().map(p -> p.placed(onto, p.item())).toList(),
                forces,
                cutter,
                cutMm,
                travelMm,
                seconds,
                mark,
                pieces);
    }

    /** How far a cut goes beyond what the head has to reach anyway, which is the printed marks; 0 where none does. */
    public double beyondMm() {
        // an offcut lies anywhere on its mat, and the rollers run on that
        boolean onMat = !load.stock().comesOffRoll();
        double width = onMat ? cutter.widthMm() : load.stock().widthMm();
        double least = onMat ? 0 : Math.min(PrintMarks.IN_MM, cutter.rollerMm());
        double beyond = 0;
        for (CutPath path : paths) {
            Box box = path.bounds();
            beyond = Math.max(
                    beyond, Math.max(Math.max(-box.minXMm(), least - box.minYMm()), box.maxYMm() - (width - least)));
        }
        return beyond > ROUNDING_MM ? beyond : 0;
    }

    /** What the knife presses with on one path. */
    public double forceGf(int path) {
        return forces.isEmpty() ? forceGf() : cutter.head().forceGf(forces.get(path));
    }

    /** How long the knife needs for one path, from where the one before it ended. */
    public double seconds(int path) {
        CutPath p = paths.get(path);
        Point from = path == 0 ? START_CORNER : paths.get(path - 1).end();
        return knifeMm(p, cutter) / load.material().cutting().speedMmS()
                + sharpCorners(p) * cutter.cornerS()
                + from.distanceMm(p.start()) / cutter.travelMmS()
                + 2 * cutter.liftS();
    }

    /** Whether it only tries the film. */
    public boolean isTest() {
        return load.order() == 0;
    }

    public double overcutMm() {
        return cutter.overcutMm();
    }

    /** What the knife presses with: what the film wants, as far as the cutter can. */
    public double forceGf() {
        return cutter.head().forceGf(load.material().cutting().forceGf());
    }

    /** The material and colour it is cut from, by which a load is known from one plan to the next. */
    public String film() {
        return film(load);
    }

    private static String film(Load load) {
        return load.material().id() + " " + load.colour().hex();
    }

    /** To a tenth of a micrometre, so that the last digits of a sum decide nothing. */
    private static String pieces(Load load) {
        MessageDigest digest = sha256();
        digest.update(film(load).getBytes(StandardCharsets.UTF_8));
        for (Placed p : load.placed()) {
            Region piece = p.item().layer().weeded().placed(p.onto());
            Box box = piece.bounds();
            digest.update(ByteBuffer.allocate(5 * Long.BYTES)
                    .putLong(Math.round(box.minXMm() * MARK_STEPS))
                    .putLong(Math.round(box.minYMm() * MARK_STEPS))
                    .putLong(Math.round(piece.areaMm2() * MARK_STEPS))
                    .putLong(Math.round(piece.outlineLengthMm() * MARK_STEPS))
                    .putLong(piece.holeCount())
                    .flip());
        }
        return HexFormat.of().formatHex(digest.digest(), 0, MARK_BYTES);
    }

    private static String mark(Load load, List<CutPath> paths) {
        MessageDigest digest = sha256();
        digest.update(film(load).getBytes(StandardCharsets.UTF_8));
        for (CutPath path : paths) {
            List<Point> way = path.corners();
            ByteBuffer corners = ByteBuffer.allocate(8 * way.size() + 4).putInt(way.size());
            for (Point p : way) {
                corners.putInt((int) Math.round(p.xMm() * MARK_STEPS)).putInt((int) Math.round(p.yMm() * MARK_STEPS));
            }
            digest.update(corners.flip());
        }
        return HexFormat.of().formatHex(digest.digest(), 0, MARK_BYTES);
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    private static int sharpCorners(CutPath path) {
        if (!(path instanceof ClosedCut(CutPath.Kind _, Outline o, int _))) {
            return 0;
        }
        int sharp = 0;
        for (int i = 0, n = o.size(); i < n; i++) {
            double ax = o.xMm((i + 1) % n) - o.xMm(i);
            double ay = o.yMm((i + 1) % n) - o.yMm(i);
            double bx = o.xMm((i + 2) % n) - o.xMm((i + 1) % n);
            double by = o.yMm((i + 2) % n) - o.yMm((i + 1) % n);
            if (ax * bx + ay * by < SHARP_COSINE * Math.sqrt((ax * ax + ay * ay) * (bx * bx + by * by))) {
                sharp++;
            }
        }
        return sharp;
    }
}
