package jurren.core.load;

import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.material.Colour;
import jurren.core.memo.Memo;
import jurren.core.memo.Scale;
import jurren.core.nest.Bed;
import jurren.core.nest.Cutout;
import jurren.core.nest.Layout;
import jurren.core.nest.Nest;

/**
 * Lays what is to be laid: as a layout that was kept says, otherwise anew, which gives the same everywhere. It remembers
 * answers only to be quick. Safe to use from several threads.
 */
public final class Nesting {
    static final long SEED = 20_261_127;
    private static final long BYTES_A_POSITION = 64;
    private static final int MOST_LARGE = 1;

    /**
     * What is to be laid on what.
     *
     * @param stock ids of the pieces of film that the beds are
     */
    public record Request(
            String materialId, Colour colour, List<Cutout> cutouts, List<Bed> beds, List<String> stock, double gapMm) {
        public Request {
            cutouts = List.copyOf(cutouts);
            beds = List.copyOf(beds);
            stock = List.copyOf(stock);
        }

        Nest nest() {
            return Nest.of(cutouts, beds, gapMm, SEED);
        }

        /** The shapes by value, to the micrometre. */
        String pieces() {
            return LayoutDigest.ofPieces(cutouts);
        }

        String bedsKey() {
            return LayoutDigest.ofBeds(beds, gapMm);
        }

        private KeptLayout keeping(Layout layout, int steps, double sparedMm) {
            return new KeptLayout(materialId, colour, pieces(), bedsKey(), stock, SEED, steps, sparedMm, layout);
        }
    }

    private record Checked(Request request, Layout layout) {}

    private final Memo<Request, Layout> first =
            new Memo<>(MOST_LARGE, request -> request.nest().layout(), (request, _, scale) -> weigh(request, scale));
    private final Memo<Checked, Boolean> sound = new Memo<>(
            MOST_LARGE,
            checked -> new LayoutCheck(checked.request, checked.layout).isSound(),
            (checked, _, scale) -> weigh(checked.request, scale));
    private final Memo<Layer, CarrierShape> carriers =
            new Memo<>(MOST_LARGE, CarrierShape::of, (layer, carried, scale) -> {
                layer.weigh(scale);
                carried.weigh(scale);
            });

    private static void weigh(Request request, Scale scale) {
        request.cutouts.forEach(c -> c.shape().weigh(scale));
        scale.add(request, BYTES_A_POSITION * request.cutouts.size());
    }

    CarrierShape carried(Layer layer) {
        return carriers.get(layer);
    }

    /** What a layer takes of the film, as it lies on the face. */
    public Region carrier(Layer layer) {
        return carried(layer)
                .carrier()
                .placed(new CutItem("", "", "", 0, layer).ontoFilm(0).inverse());
    }

    /** Found at once; the same everywhere. */
    public Layout first(Request request) {
        return first.get(request);
    }

    /** As it was kept, where that can be cut; otherwise the first that is found. */
    Layout layout(Request request, Layouts kept) {
        return keptOf(request, kept).map(KeptLayout::layout).orElseGet(() -> first(request));
    }

    /** What is kept of the same pieces and cannot be cut from what is here. */
    Optional<KeptLayout> displaced(Request request, Layouts kept) {
        return kept.isEmpty() || keptOf(request, kept).isPresent() ? Optional.empty() : kept.ofPieces(request);
    }

    private Optional<KeptLayout> keptOf(Request request, Layouts kept) {
        return kept.of(request).filter(k -> sound.get(new Checked(request, k.layout())));
    }

    /** Looks for better layouts of one request than what is kept of it, from the beginning on. */
    public Search search(Request request, Layouts kept) {
        return new Search(request, keptOf(request, kept));
    }

    /**
     * A search for better layouts. Work is counted in steps, so that so many of them find the same everywhere. For one
     * thread at a time.
     */
    public final class Search {
        private final Request request;
        private final Nest nest;
        private final int keptSteps;
        private Layout best;
        private int foundAt;
        private int steps;

        private Search(Request request, Optional<KeptLayout> kept) {
            this.request = request;
            this.nest = request.nest();
            this.keptSteps = kept.map(KeptLayout::steps).orElse(0);
            this.foundAt = keptSteps;
            this.best = kept.map(KeptLayout::layout).orElseGet(nest::layout);
        }

        public Request request() {
            return request;
        }

        /** How many steps it has gone; those of a layout that was kept need not be gone again to be told. */
        public int steps() {
            return Math.max(steps, keptSteps);
        }

        /** True when the layout became better than any before. */
        public boolean step() {
            nest.improve(1);
            steps++;
            Layout found = nest.layout();
            boolean better = found.isBetterThan(best);
            if (better) {
                best = found;
                foundAt = steps;
            }
            return better;
        }

        /** What is better than what would be cut. */
        public Optional<KeptLayout> found(Layouts now) {
            Layout before = layout(request, now);
            return best.isBetterThan(before)
                    ? Optional.of(request.keeping(best, foundAt, before.lastUsedMm() - best.lastUsedMm()))
                    : Optional.empty();
        }
    }
}
