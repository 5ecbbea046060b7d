package jurren.core.load;

import java.util.List;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.memo.Memo;
import jurren.core.nest.Bed;
import jurren.core.nest.Cutout;
import jurren.core.nest.Layout;
import jurren.core.nest.Nest;

/**
 * The best layouts found so far, known by what was to be laid: plans ask for them, and whoever has time looks for
 * better ones. Safe to use from several threads.
 */
public final class Nesting {
    private static final long SEED = 20_261_127;
    private static final long BYTES_A_LIE = 64;
    private static final int MOST_LARGE = 1;

    /** What is to be laid on what. */
    public record Request(List<Cutout> cutouts, List<Bed> beds, double gapMm) {
        public Request {
            cutouts = List.copyOf(cutouts);
            beds = List.copyOf(beds);
        }

        Nest nest() {
            return Nest.of(cutouts, beds, gapMm, SEED);
        }
    }

    private static final class Best {
        private volatile Layout layout;
        private volatile int steps;

        Best(Layout layout) {
            this.layout = layout;
        }
    }

    private final Memo<Request, Best> known =
            new Memo<>(MOST_LARGE, request -> new Best(request.nest().layout()), (request, best, scale) -> {
                request.cutouts.forEach(c -> c.shape().weigh(scale));
                scale.add(best, BYTES_A_LIE * request.cutouts.size());
            });
    private final Memo<Layer, CarrierShape> carriers =
            new Memo<>(MOST_LARGE, CarrierShape::of, (layer, carried, scale) -> {
                layer.weigh(scale);
                carried.weigh(scale);
            });

    CarrierShape carried(Layer layer) {
        return carriers.get(layer);
    }

    /** What a layer takes of the film, as it lies on the face. */
    public Region carrier(Layer layer) {
        return carried(layer)
                .carrier()
                .placed(new CutItem("", "", "", 0, layer).ontoFilm(0).inverse());
    }

    /** The best known; a first one at once where none is. */
    public Layout best(Request request) {
        return known.get(request).layout;
    }

    /** How many steps were looked for better ones. */
    public int steps(Request request) {
        return known.get(request).steps;
    }

    /** Looks for better layouts of one request, from the beginning on. */
    public Search search(Request request) {
        return new Search(request);
    }

    /** A search for better layouts; what it finds is known at once. */
    public final class Search {
        private final Best best;
        private final Nest nest;
        private int steps;

        private Search(Request request) {
            this.best = known.get(request);
            this.nest = request.nest();
        }

        /** True when the layout became better than any that was known. */
        public boolean step() {
            nest.improve(1);
            steps++;
            Layout found = nest.layout();
            boolean better = isBetter(found, best.layout);
            if (better) {
                best.layout = found;
            }
            best.steps = Math.max(best.steps, steps);
            return better;
        }

        private static boolean isBetter(Layout found, Layout known) {
            if (found.unlaid() != known.unlaid()) {
                return found.unlaid() < known.unlaid();
            }
            int last = found.usedMm().size() - 1;
            for (int bed = 0; bed < last; bed++) {
                if (found.on(bed) != known.on(bed)) {
                    return found.on(bed) > known.on(bed);
                }
            }
            return found.usedMm().get(last) < known.usedMm().get(last) - 1e-6;
        }
    }
}
