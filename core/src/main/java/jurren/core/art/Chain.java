package jurren.core.art;

import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.lettering.LetteringLayout;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Evaluates motifs. Every prefix of a chain is remembered by value, so that a change of the last
 * treatment costs only itself and a motif that did not change costs nothing.
 */
public final class Chain {
    private static final int REMEMBERED = 400;

    private record Key(Source source, List<Treatment> treatments) {
    }

    private record Stage(List<Paint> paints, List<Integer> pieces, Optional<Box> source) {
    }

    private final Memo<Key, Stage> stages = new Memo<>(REMEMBERED, this::stage);
    private final Memo<Key, BuiltMotif> built = new Memo<>(REMEMBERED, this::finish);

    public BuiltMotif build(Motif motif) {
        return built.get(new Key(motif.source(), motif.treatments()));
    }

    /** How many chain stages were worked out so far; for watching that nothing is done twice. */
    public long stagesComputed() {
        return stages.computed();
    }

    private BuiltMotif finish(Key key) {
        Stage stage = stages.get(key);
        return new BuiltMotif(stage.paints.stream().map(p -> Painted.ofParts(p.colour(), p.parts())).toList(),
                stage.pieces, stage.source);
    }

    private Stage stage(Key key) {
        if (key.treatments.isEmpty()) {
            return begin(key.source);
        }
        int last = key.treatments.size() - 1;
        Stage before = stages.get(new Key(key.source, key.treatments.subList(0, last)));
        List<Paint> after = key.treatments.get(last).apply(before.paints);
        List<Integer> pieces = new ArrayList<>(before.pieces);
        pieces.add(pieces(after));
        return new Stage(after, pieces, before.source);
    }

    private static Stage begin(Source source) {
        List<Paint> paints = switch (source) {
            case Lettering l -> lettering(l);
            case Drawing d -> drawing(d);
            case Shape s -> List.of(new Paint(s.colour(), List.of(s.region())));
        };
        Optional<Box> box = paints.stream().flatMap(p -> p.parts().stream()).map(Region::bounds).reduce(Box::joined);
        return new Stage(paints, List.of(pieces(paints)), box);
    }

    private static List<Paint> lettering(Lettering l) {
        Placement stretch = Placement.scaled(l.stretch(), 1);
        List<Region> glyphs = LetteringLayout.of(l.text(), l.typeface(), l.capHeightMm(), l.letterSpacing())
                .glyphs().stream().map(g -> g.placed(stretch).enclosed()).filter(r -> !r.isEmpty()).toList();
        return glyphs.isEmpty() ? List.of() : List.of(new Paint(l.colour(), glyphs));
    }

    /** Shapes that follow each other in one colour are one paint; a colour may come again higher up. */
    private static List<Paint> drawing(Drawing d) {
        Placement size = Placement.scaled(d.widthFactor(), d.heightFactor());
        List<Paint> paints = new ArrayList<>();
        for (DrawnShape shape : d.shapes()) {
            Region region = shape.curves().placed(size).enclosed();
            if (region.isEmpty()) {
                continue;
            }
            List<Region> parts = new ArrayList<>();
            if (!paints.isEmpty() && paints.getLast().colour().equals(shape.colour())) {
                parts.addAll(paints.removeLast().parts());
            }
            parts.add(region);
            paints.add(new Paint(shape.colour(), parts));
        }
        return paints;
    }

    private static int pieces(List<Paint> paints) {
        return paints.stream().flatMap(p -> p.parts().stream()).mapToInt(Region::pieceCount).sum();
    }
}
