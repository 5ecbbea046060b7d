package jurren.core.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

/**
 * What of a job is made already, as a person or a machine reported it. What was cut is taken back by no undo.
 *
 * @param cuts    the loads that were cut, in the order in which they were
 * @param pressed pieces finished, by line
 * @param spoiled pieces that went wrong and are made again, by line and size
 * @param done    what else of the run was ticked off, by its id
 * @param begun   when its run was begun, and when it was to be ready then
 */
public record Progress(
        List<Cut> cuts,
        Map<String, Integer> pressed,
        Map<OfSize, Integer> spoiled,
        Set<String> done,
        Optional<Begun> begun) {
    public static final Progress NOTHING = new Progress(List.of(), Map.of(), Map.of(), Set.of(), Optional.empty());

    /** When a run was begun, and when it was to be ready. */
    public record Begun(Instant at, Instant ready) {
        public Begun {
            if (ready.isBefore(at)) {
                throw new IllegalArgumentException("a run cannot be ready before it is begun");
            }
        }
    }

    /** The pieces of one size of a line. */
    public record OfSize(String line, String size) {}

    /**
     * One load that was cut.
     *
     * @param mark   of the cut itself: another mark is another cut
     * @param film   the material and colour it was cut from, to find it again when its cut has changed since
     * @param load   its number at the time
     * @param used   how it was cut; empty where a person cut it elsewhere
     * @param practice on a stand-in: no film was cut
     * @param pieces what came out of the film and where on it; empty where nobody kept it
     */
    public record Cut(
            String mark, String film, int load, Instant at, Optional<Used> used, boolean practice, String pieces) {
        public Cut(String mark, String film, int load, Instant at) {
            this(mark, film, load, at, Optional.empty());
        }

        public Cut(String mark, String film, int load, Instant at, Optional<Used> used) {
            this(mark, film, load, at, used, false, "");
        }

        public Cut {
            if (mark.isBlank()) {
                throw new IllegalArgumentException("a cut needs a mark");
            }
        }
    }

    /**
     * What a load was cut with.
     *
     * @param alongMm  how far its start corner lay further into the machine than it was laid
     * @param acrossMm and across it
     */
    public record Used(String cutter, double forceGf, double speedMmS, int passes, double alongMm, double acrossMm) {
        private static final double MOST = 100_000;

        public Used {
            for (double d : new double[] {forceGf, speedMmS, passes, alongMm, acrossMm}) {
                if (!(Math.abs(d) <= MOST)) {
                    throw new IllegalArgumentException(
                            "what a load was cut with is told in numbers up to " + MOST + " but was " + d);
                }
            }
        }
    }

    public Progress {
        cuts = List.copyOf(cuts);
        pressed = Map.copyOf(new TreeMap<>(pressed));
        spoiled = Map.copyOf(spoiled);
        done = Set.copyOf(done);
        spoiled.forEach((of, pieces) -> {
            if (pieces < 1) {
                throw new IllegalArgumentException(
                        "spoiled pieces of line " + of.line + " must be above zero but were " + pieces);
            }
        });
        pressed.forEach((line, pieces) -> {
            if (pieces < 0) {
                throw new IllegalArgumentException(
                        "pieces made of line " + line + " must not be negative but were " + pieces);
            }
        });
    }

    /** Cut exactly so. */
    public Optional<Cut> cut(String mark) {
        return cuts.stream().filter(c -> c.mark.equals(mark)).reduce((_, later) -> later);
    }

    /** Cut from film, and not only for practice. */
    public boolean isCut(String mark) {
        return cut(mark).filter(c -> !c.practice).isPresent();
    }

    /** Cut from this film under this number, but not as it would be cut now. */
    public Optional<Cut> cutOtherwise(String mark, String film, int load) {
        return cut(mark).isPresent()
                ? Optional.empty()
                : cuts.stream()
                        .filter(c -> c.film.equals(film) && c.load == load)
                        .reduce((_, later) -> later);
    }

    /** The same load cut once more takes the place of what was known of it. */
    public Progress with(Cut cut) {
        List<Cut> all = new ArrayList<>(cuts.stream()
                .filter(c -> !c.mark.equals(cut.mark) && !(c.film.equals(cut.film) && c.load == cut.load))
                .toList());
        all.add(cut);
        return new Progress(all, pressed, spoiled, done, begun);
    }

    public Progress without(String mark) {
        return new Progress(cuts.stream().filter(c -> !c.mark.equals(mark)).toList(), pressed, spoiled, done, begun);
    }

    public int pressed(String line) {
        return pressed.getOrDefault(line, 0);
    }

    public Progress withPressed(String line, int pieces) {
        Map<String, Integer> all = new TreeMap<>(pressed);
        all.put(line, pieces);
        return new Progress(cuts, all, spoiled, done, begun);
    }

    public int spoiled(String line, String size) {
        return spoiled.getOrDefault(new OfSize(line, size), 0);
    }

    /** Something of the run is done. */
    public Progress withDone(String task) {
        Set<String> all = new HashSet<>(done);
        all.add(task);
        return new Progress(cuts, pressed, spoiled, all, begun);
    }

    /** It was not, after all. */
    public Progress withoutDone(String task) {
        Set<String> all = new HashSet<>(done);
        all.remove(task);
        return new Progress(cuts, pressed, spoiled, all, begun);
    }

    /** The run is begun; begun once more, what was to be is forgotten. */
    public Progress withBegun(Instant at, Instant ready) {
        return new Progress(cuts, pressed, spoiled, done, Optional.of(new Begun(at, ready)));
    }

    /** One more piece went wrong. */
    public Progress withSpoiled(String line, String size) {
        Map<OfSize, Integer> all = new HashMap<>(spoiled);
        all.merge(new OfSize(line, size), 1, Integer::sum);
        return new Progress(cuts, pressed, all, done, begun);
    }
}
