package jurren.core.art;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.GeometryException;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.core.geometry.Track;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.LetteringLayout;
import jurren.core.lettering.Typefaces;
import jurren.core.memo.Memo;
import jurren.core.memo.Scale;
import jurren.core.trace.Traced;

/**
 * Evaluates motifs. Every prefix of a chain is remembered by value, so that a change of the last
 * treatment costs only itself and a motif that did not change costs nothing. What a chain takes from
 * another motif is part of that value: how the other is built, and where it stands as seen from here.
 */
public final class Chain {
    /** A key's own fields and each of its treatments. */
    private static final long KEY_BYTES = 160;

    private static final long TREATMENT_BYTES = 48;
    private static final int MOST_PAINTS = 60;

    /** What decides a stage. Hashed once: keys of long chains are asked for often. */
    private static final class Key {
        private final Source source;
        private final List<Treatment> treatments;
        private final Map<String, Seen> seen;
        /** What stands above a backing. */
        private final Set<String> above;
        /** A font that is opened later makes another thing of the same words. */
        private final boolean fontIsHere;

        private final int hash;

        Key(Source source, List<Treatment> treatments, Map<String, Seen> seen, Set<String> above) {
            this.source = source;
            this.treatments = treatments;
            this.seen = seen;
            this.above = above;
            this.fontIsHere = !(source instanceof Lettering l) || Typefaces.isHere(l.typeface());
            this.hash = 31 * (31 * source.hashCode() + treatments.hashCode()) + seen.hashCode();
        }

        void weigh(Scale scale) {
            scale.add(KEY_BYTES + TREATMENT_BYTES * treatments.size());
            source.weigh(scale);
            seen.values().forEach(s -> s.key.weigh(scale));
        }

        @Override
        public boolean equals(Object o) {
            return this == o
                    || o instanceof Key k
                            && hash == k.hash
                            && source.equals(k.source)
                            && treatments.equals(k.treatments)
                            && seen.equals(k.seen)
                            && above.equals(k.above)
                            && fontIsHere == k.fontIsHere;
        }

        @Override
        public int hashCode() {
            return hash;
        }
    }

    /** Another motif as a chain sees it. */
    private record Seen(Key key, Placement fromHere) {}

    /**
     * How far a chain is.
     *
     * @param idle   treatments that found nothing to do
     * @param undone those that would be too much, and are left out
     */
    private record Stage(
            List<Paint> paints, List<Integer> pieces, Optional<Box> source, Set<Integer> idle, Set<Integer> undone) {}

    private final Memo<Key, Stage> stages = new Memo<>(this::stage, (key, stage, scale) -> {
        key.weigh(scale);
        Paint.all(stage.paints).forEach(r -> r.weigh(scale));
    });
    private final Memo<Key, BuiltMotif> built = new Memo<>(this::finish, (key, motif, scale) -> {
        key.weigh(scale);
        motif.paints().forEach(p -> p.weigh(scale));
        motif.halo().weigh(scale);
    });
    private final Memo<Key, Region> whole =
            new Memo<>(key -> Paint.welded(stages.get(key).paints), (key, region, scale) -> {
                key.weigh(scale);
                region.weigh(scale);
            });

    /** A motif that follows no other. */
    public BuiltMotif build(Motif motif) {
        return build(motif, List.of(motif));
    }

    /** @param face all motifs of its face, which must not follow each other in a ring */
    public BuiltMotif build(Motif motif, List<Motif> face) {
        return built.get(key(motif, face));
    }

    /** Everything on a face that is not hidden, from the bottom up, with the gaps that halos cut into what is below. */
    public Art art(List<Motif> face, Placement onto) {
        List<Painted> paints = new ArrayList<>();
        for (Motif m : face) {
            if (m.isHidden()) {
                continue;
            }
            Placement placed = m.pose().placement().then(onto);
            BuiltMotif motif = build(m, face);
            if (!motif.halo().isEmpty()) {
                Region halo = motif.halo().placed(placed);
                paints.replaceAll(p -> p.without(halo));
            }
            motif.paints().forEach(p -> paints.add(p.placed(placed).of(m.films().of(p.colour()))));
        }
        return new Art(paints);
    }

    /** How many chain stages were worked out so far; for watching that nothing is done twice. */
    public long stagesComputed() {
        return stages.computed();
    }

    private static Key key(Motif motif, List<Motif> face) {
        Set<String> above = above(motif, face);
        Set<String> others = new TreeSet<>(motif.others());
        others.addAll(above);
        Map<String, Seen> seen = new LinkedHashMap<>();
        if (!others.isEmpty()) {
            Placement back = motif.pose().placement().inverse();
            for (String id : others) {
                face.stream()
                        .filter(m -> m.id().equals(id))
                        .findFirst()
                        .ifPresent(m -> seen.put(
                                id, new Seen(key(m, face), m.pose().placement().then(back))));
            }
        }
        return new Key(motif.source(), motif.treatments(), seen, above);
    }

    private static Set<String> above(Motif motif, List<Motif> face) {
        int at = face.indexOf(motif);
        Set<String> above = new TreeSet<>();
        if (motif.source() instanceof Backing && at >= 0) {
            face.subList(at + 1, face.size()).stream()
                    .filter(m -> !m.isHidden())
                    .map(Motif::id)
                    .forEach(above::add);
        }
        return above;
    }

    /** The key without the last treatment, and without what only that looks at. */
    private static Key before(Key key) {
        List<Treatment> fewer = key.treatments.subList(0, key.treatments.size() - 1);
        Map<String, Seen> needed = new LinkedHashMap<>(key.seen);
        needed.keySet()
                .removeIf(id -> !key.source.others().contains(id)
                        && !key.above.contains(id)
                        && fewer.stream().noneMatch(t -> t.others().contains(id)));
        return new Key(key.source, fewer, needed, key.above);
    }

    private BuiltMotif finish(Key key) {
        Stage stage = stages.get(key);
        double gap = key.treatments.stream()
                .mapToDouble(t -> t instanceof Treatment.Halo h ? h.gapMm() : 0)
                .max()
                .orElse(0);
        Region halo = gap > 0 ? whole.get(key).grown(gap, CornerStyle.ROUND) : Region.EMPTY;
        return new BuiltMotif(
                stage.paints.stream().map(Painted::ofParts).toList(),
                stage.pieces,
                stage.source,
                halo,
                stage.idle,
                stage.undone);
    }

    private Stage stage(Key key) {
        if (key.treatments.isEmpty()) {
            return begin(key.source, key.source instanceof Backing b ? backing(b, key) : List.of(), others(key));
        }
        Stage before = stages.get(before(key));
        Treatment last = key.treatments.getLast();
        int at = key.treatments.size() - 1;
        Set<Integer> undone = new TreeSet<>(before.undone);
        List<Paint> after;
        try {
            after = last instanceof Referring r ? r.apply(before.paints, others(key)) : last.apply(before.paints);
            if (Paint.box(after).filter(Chain::isTooLarge).isPresent()) {
                throw new TooMuch("that would reach further than " + BuiltMotif.MOST_MM + " mm");
            }
            long corners = corners(after);
            if (corners > BuiltMotif.MOST_CORNERS && corners > corners(before.paints)) {
                throw new TooMuch("that would be more than " + BuiltMotif.MOST_CORNERS + " corners to cut");
            }
        } catch (TooMuch | GeometryException _) {
            undone.add(at);
            after = before.paints;
        }
        List<Integer> pieces = new ArrayList<>(before.pieces);
        pieces.add(pieces(after));
        Set<Integer> idle = new TreeSet<>(before.idle);
        if (after == before.paints && last.shouldChange() && !undone.contains(at)) {
            idle.add(at);
        }
        return new Stage(after, pieces, before.source, idle, undone);
    }

    private static long corners(List<Paint> paints) {
        return Paint.all(paints).stream().mapToLong(Region::vertexCount).sum();
    }

    private Others others(Key key) {
        return key.seen.isEmpty()
                ? Others.NONE
                : new Others() {
                    @Override
                    public Optional<Region> region(String id) {
                        return Optional.ofNullable(key.seen.get(id))
                                .map(s -> whole.get(s.key).placed(s.fromHere).sound());
                    }

                    @Override
                    public Optional<Track> track(String id) {
                        Seen other = key.seen.get(id);
                        if (other != null && other.key.source instanceof Stroke s && !bends(other.key.treatments)) {
                            return Optional.of(Track.open(s.route().points().stream()
                                    .map(other.fromHere::apply)
                                    .toList()));
                        }
                        return region(id)
                                .filter(r -> !r.isEmpty())
                                .map(r -> Track.round(r.largest().outer()));
                    }

                    @Override
                    public Optional<List<Paint>> asBuilt(String id) {
                        return Optional.ofNullable(key.seen.get(id)).map(s -> stages.get(s.key).paints);
                    }

                    @Override
                    public List<Paint> paintsHere(String id) {
                        return Optional.ofNullable(key.seen.get(id))
                                .map(s -> Paint.placed(stages.get(s.key).paints, s.fromHere))
                                .orElse(List.of());
                    }
                };
    }

    private static Stage begin(Source source, List<Paint> backing, Others others) {
        List<Paint> paints = switch (source) {
            case Lettering l -> lettering(l, others);
            case Drawing d -> drawing(d);
            case TracedPicture t -> traced(t);
            case Guide _ -> List.of();
            case Shape s -> List.of(new Paint(s.colour(), List.of(s.region())));
            case Stroke s -> List.of(new Paint(s.colour(), List.of(s.region())));
            case Mark m ->
                others.asBuilt(m.of())
                        .map(p -> Paint.placed(p, Placement.scaled(m.widthFactor(), m.heightFactor())))
                        .orElse(List.of());
            case PrintedPicture p -> p.paints();
            case Backing _ -> backing;
        };
        Optional<Box> box = paints.stream()
                .flatMap(p -> p.parts().stream())
                .map(Region::bounds)
                .reduce(Box::joined);
        if (box.filter(Chain::isTooLarge).isPresent()) {
            return new Stage(List.of(), List.of(0), box, Set.of(), Set.of(BuiltMotif.SOURCE));
        }
        return new Stage(paints, List.of(pieces(paints)), box, Set.of(), Set.of());
    }

    private static boolean isTooLarge(Box box) {
        return !(Math.max(box.widthMm(), box.heightMm()) <= BuiltMotif.MOST_MM);
    }

    private List<Paint> backing(Backing b, Key key) {
        Others others = others(key);
        Region all = Region.weld(
                key.above.stream().flatMap(id -> others.region(id).stream()).toList());
        if (all.isEmpty()) {
            return List.of();
        }
        Region around = b.distanceMm() > 0 ? all.grown(b.distanceMm(), b.corners()) : all;
        return List.of(new Paint(b.colour(), List.of(b.holesFilled() ? around.filled() : around)));
    }

    private static List<Paint> lettering(Lettering l, Others others) {
        Optional<Track> edge =
                l.setting().baseline() instanceof Baseline.Edge e ? others.track(e.other()) : Optional.empty();
        double capital = l.keptWidthMm()
                .map(w -> {
                    double unit = LetteringLayout.straightWidthMm(l.text(), l.typeface(), 1, l.setting());
                    return unit > 0 ? w / (unit * l.stretch()) : l.capHeightMm();
                })
                .orElse(l.capHeightMm());
        Placement stretch = Placement.scaled(l.stretch(), 1);
        Map<Integer, List<Region>> parts = new TreeMap<>();
        int letters = 0;
        List<LetteringLayout.Letter> laid = LetteringLayout.of(l.text(), l.typeface(), capital, l.setting(), edge)
                .glyphs();
        for (LetteringLayout.Letter letter : laid) {
            Region region = letter.outline().placed(stretch).enclosed();
            if (!region.isEmpty()) {
                parts.computeIfAbsent(number(l.colouring(), letter, letters++, laid.getLast()), _ -> new ArrayList<>())
                        .add(region);
            }
        }
        return parts.entrySet().stream()
                .map(e -> new Paint(l.colouring().of(e.getKey()), e.getValue()))
                .toList();
    }

    /**
     * Words and lines are paints of their own, so that what comes later can tell them apart, unless they
     * are very many; letters go with their colour.
     */
    private static int number(
            Colouring colouring, LetteringLayout.Letter letter, int before, LetteringLayout.Letter last) {
        int colours = colouring.colours().size();
        return switch (colouring.by()) {
            case WHOLE -> 0;
            case LETTER -> before % colours;
            case WORD -> last.word() < MOST_PAINTS ? letter.word() : letter.word() % colours;
            case LINE -> last.line() < MOST_PAINTS ? letter.line() : letter.line() % colours;
        };
    }

    /**
     * A drawing before anything is done to it: its shapes as parts, in the order in which they are painted; neighbours
     * of one colour are one paint.
     */
    public static List<Paint> drawing(Drawing d) {
        Placement size = Placement.scaled(d.widthFactor(), d.heightFactor());
        List<Paint> paints = new ArrayList<>();
        for (DrawnShape shape : d.shapes()) {
            Region region = shape.curves().placed(size).enclosed();
            if (region.isEmpty()) {
                continue;
            }
            List<Region> parts = new ArrayList<>();
            if (!paints.isEmpty()
                    && shape.ink().isEmpty()
                    && paints.getLast().ink().isEmpty()
                    && paints.getLast().colour().equals(shape.colour())) {
                parts.addAll(paints.removeLast().parts());
            }
            parts.add(region);
            paints.add(new Paint(shape.colour(), shape.ink().map(i -> i.placed(size)), parts));
        }
        return paints;
    }

    private static List<Paint> traced(TracedPicture t) {
        Traced traced = t.traced();
        Placement toMotif = t.toMotif(traced.width(), traced.height());
        return traced.flats().stream()
                .map(f -> new Paint(
                        t.shown(f.colour()), List.of(f.curves().placed(toMotif).enclosed())))
                .filter(p -> !p.parts().getFirst().isEmpty())
                .toList();
    }

    /** A weld leaves a line where it is drawn; other treatments may not. */
    private static boolean bends(List<Treatment> treatments) {
        return treatments.stream()
                .anyMatch(t ->
                        !(t instanceof Treatment.Weld || t instanceof Treatment.Off || t instanceof Treatment.Halo));
    }

    private static int pieces(List<Paint> paints) {
        return paints.stream()
                .flatMap(p -> p.parts().stream())
                .mapToInt(Region::pieceCount)
                .sum();
    }
}
