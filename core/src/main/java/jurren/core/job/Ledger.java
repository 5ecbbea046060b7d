package jurren.core.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Point;
import jurren.core.load.Connection;
import jurren.core.material.CutSettings;

/** What really happened to film, oldest first. Nothing is ever taken out of it: what was said wrongly is said anew. */
public record Ledger(List<Entry> entries) {
    public static final Ledger NOTHING = new Ledger(List.of());
    private static final double MOST = 1e6;

    /** What was done. */
    public enum What {
        CUT,
        /** Squares over a range of force. */
        TRIED,
        /** A person cut it elsewhere. */
        SAID_CUT,
        /** A person took back that it was cut. */
        SAID_NOT_CUT
    }

    /**
     * One thing that happened.
     *
     * @param mark     of the cut: another mark is another cut
     * @param machine  the name of the cutter; empty where a person did it
     * @param stock    id of the piece of film
     * @param fromMm   where on the film it begins, along the feed from its leading edge
     * @param paths    cut of {@code ofPaths}: all, or where it was broken off
     * @param practice on a stand-in: no film was cut
     */
    public record Entry(
            What what,
            Instant at,
            String mark,
            int load,
            String machine,
            double forceGf,
            double speedMmS,
            int passes,
            String stock,
            String film,
            double fromMm,
            double toMm,
            int paths,
            int ofPaths,
            boolean practice) {
        public Entry {
            for (double d : new double[] {forceGf, speedMmS, fromMm, toMm}) {
                if (!(Math.abs(d) <= MOST)) {
                    throw new IllegalArgumentException("the ledger holds numbers up to " + MOST + " but was told " + d);
                }
            }
            if (paths < 0 || ofPaths < paths) {
                throw new IllegalArgumentException(paths + " of " + ofPaths + " paths cannot be cut");
            }
        }

        public boolean isWhole() {
            return paths == ofPaths;
        }

        /** Of a run as it lay in the machine, as far as it was cut. */
        public static Entry of(CutRun run, int paths, Instant at) {
            List<Point> reached = run.paths().subList(0, paths).stream()
                    .map(CutPath::corners)
                    .flatMap(List::stream)
                    .toList();
            CutSettings s = run.load().material().cutting();
            return new Entry(
                    run.isTest() ? What.TRIED : What.CUT,
                    at,
                    run.mark(),
                    run.load().order(),
                    run.cutter().name(),
                    run.forceGf(),
                    s.speedMmS(),
                    s.passes(),
                    run.load().shelved().id(),
                    run.film(),
                    reached.stream().mapToDouble(Point::xMm).min().orElse(0),
                    reached.stream().mapToDouble(Point::xMm).max().orElse(0),
                    paths,
                    run.paths().size(),
                    run.cutter().reach().kind() == Connection.Kind.STAND_IN);
        }

        /** A person says so. */
        public static Entry said(CutRun run, boolean cut, Instant at) {
            return new Entry(
                    cut ? What.SAID_CUT : What.SAID_NOT_CUT,
                    at,
                    run.mark(),
                    run.load().order(),
                    "",
                    0,
                    0,
                    0,
                    run.load().shelved().id(),
                    run.film(),
                    0,
                    cut ? run.load().usedMm() : 0,
                    0,
                    0,
                    false);
        }
    }

    public Ledger {
        entries = List.copyOf(entries);
    }

    public Ledger with(Entry entry) {
        List<Entry> all = new ArrayList<>(entries);
        all.add(entry);
        return new Ledger(all);
    }

    /**
     * How far from its leading edge a piece of film was tried or half cut since it was last cut whole: what comes next
     * begins behind that. 0 for a fresh one.
     */
    public double takenMm(String stock) {
        double taken = 0;
        for (Entry e : entries) {
            if (!e.stock.equals(stock) || e.practice) {
                continue;
            }
            taken = switch (e.what) {
                case TRIED -> Math.max(taken, e.toMm);
                case CUT -> e.isWhole() ? 0 : Math.max(taken, e.toMm);
                case SAID_CUT -> 0;
                case SAID_NOT_CUT -> taken;
            };
        }
        return taken;
    }
}
