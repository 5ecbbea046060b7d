package jurren.core.load;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The layouts that were found and taken: facts of the job. What is not among them is laid anew, everywhere the same. */
public record Layouts(List<KeptLayout> kept) {
    public static final Layouts NONE = new Layouts(List.of());

    public Layouts {
        kept = List.copyOf(kept);
    }

    public boolean isEmpty() {
        return kept.isEmpty();
    }

    /** It takes the place of what was kept of the same pieces. */
    public Layouts with(KeptLayout layout) {
        List<KeptLayout> all =
                new ArrayList<>(kept.stream().filter(k -> !k.isOfSame(layout)).toList());
        all.add(layout);
        return new Layouts(all);
    }

    /** The one for exactly this. */
    Optional<KeptLayout> of(Nesting.Request request) {
        return ofPieces(request).filter(k -> k.beds().equals(request.bedsKey()));
    }

    /** The one for the same pieces, on whatever film. */
    Optional<KeptLayout> ofPieces(Nesting.Request request) {
        return kept.stream().filter(k -> k.pieces().equals(request.pieces())).findFirst();
    }

    /** Only those that one of these asks for. */
    public Layouts usedBy(List<Nesting.Request> requests) {
        return isEmpty()
                ? this
                : new Layouts(kept.stream()
                        .filter(k -> requests.stream()
                                .anyMatch(r -> of(r).filter(k::equals).isPresent()))
                        .toList());
    }
}
