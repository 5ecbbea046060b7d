package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.art.Arranging;
import jurren.core.art.Backing;
import jurren.core.art.Drawing;
import jurren.core.art.Films;
import jurren.core.art.Guide;
import jurren.core.art.Lettering;
import jurren.core.art.Mark;
import jurren.core.art.Motif;
import jurren.core.art.Paint;
import jurren.core.art.Pose;
import jurren.core.art.PrintedPicture;
import jurren.core.art.References;
import jurren.core.art.Referring;
import jurren.core.art.Shape;
import jurren.core.art.Source;
import jurren.core.art.Standing;
import jurren.core.art.Stroke;
import jurren.core.art.TracedPicture;
import jurren.core.art.Treatment;
import jurren.core.art.treat.KeepInPart;
import jurren.core.art.treat.KnockOut;
import jurren.core.art.treat.TakenApart;
import jurren.core.art.treat.Treatments;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Point;
import jurren.core.job.NewJobs;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import jurren.core.plan.LinePlan;

/** What can be done to the motifs of the open line, from wherever it is asked for. */
public final class ArtActions {
    private static final double FIRST_CAPITAL_MM = 40;
    private static final double FIRST_SHAPE_MM = 60;
    private static final double FIRST_LINE_MM = 4;
    private static final double MARK_OFF_MM = 4;

    private final Session session;

    public ArtActions(Session session) {
        this.session = session;
    }

    /** Lettering in a film colour that shows on the cloth, in the upper middle of the area. */
    public void addLettering() {
        LinePlan plan = session.linePlan().orElse(null);
        if (plan != null) {
            String text = Texts.of("art.first-letters");
            Box area = plan.drawn().area().box();
            add(
                    text,
                    Lettering.of(text, ShippedTypeface.ANTON, FIRST_CAPITAL_MM, standsOut(plan)),
                    Pose.at(0, area.minYMm() + 2 * FIRST_CAPITAL_MM));
        }
    }

    /** A shape in the middle of the area. */
    public void addShape(Shape.Kind kind) {
        session.linePlan().ifPresent(plan -> {
            Box area = plan.drawn().area().box();
            double side = Math.min(FIRST_SHAPE_MM, Math.min(area.widthMm(), area.heightMm()) * 0.6);
            add(
                    Texts.of("shape." + kind),
                    Shape.of(kind, side, standsOut(plan)),
                    Pose.at(area.centre().xMm(), area.centre().yMm()));
        });
    }

    private void add(String name, Source source, Pose pose) {
        add(name, source, List.of(new Treatment.Weld()), pose);
    }

    private void add(String name, Source source, List<Treatment> treatments, Pose pose) {
        String id = session.line().freeMotifId();
        session.editLine(l -> {
            List<Motif> more = new ArrayList<>(l.motifs());
            more.add(new Motif(id, name, source, treatments, pose));
            return l.withMotifs(more);
        });
        session.choose(Optional.of(id));
    }

    private static Colour standsOut(LinePlan plan) {
        return plan.material().standingOut(plan.blankColour().colour());
    }

    /** A drawing in the middle of the area, with what is done to it at once. */
    public void addDrawing(Drawing drawing, List<Treatment> treatments) {
        List<Treatment> all = new ArrayList<>(List.of(new Treatment.Weld()));
        all.addAll(treatments);
        add(NewJobs.nameOf(drawing.file().name()), drawing, all, middle());
    }

    public void addTraced(TracedPicture traced) {
        add(NewJobs.nameOf(traced.file().name()), traced, List.of(), middle());
    }

    /** A picture to be printed as it is. */
    public void addPicture(PrintedPicture picture) {
        add(NewJobs.nameOf(picture.file().name()), picture, List.of(), middle());
    }

    /**
     * Of a lettering and several pictures that are chosen: each picture over one letter, large enough for it, and kept
     * inside it. The lettering stays below, so that it shows where a picture ends.
     */
    public void intoLetters() {
        List<Motif> chosen = session.chosen();
        Optional<Motif> word =
                chosen.stream().filter(m -> m.source() instanceof Lettering).findFirst();
        List<Motif> pictures = session.line().motifs().stream()
                .filter(m -> chosen.contains(m) && m.source() instanceof PrintedPicture)
                .toList();
        session.linePlan()
                .filter(plan ->
                        word.isPresent() && plan.motifs().containsKey(word.get().id()))
                .ifPresent(plan -> {
                    List<Box> letters = KeepInPart.letters(
                                    plan.motifs().get(word.get().id()).paints().stream()
                                            .map(p -> new Paint(p.colour(), List.of(p.region())))
                                            .toList())
                            .stream()
                            .map(r -> r.placed(word.get().pose().placement()).bounds())
                            .toList();
                    Map<String, Motif> put = new LinkedHashMap<>();
                    for (int i = 0; i < Math.min(pictures.size(), letters.size()); i++) {
                        put.put(pictures.get(i).id(), over(pictures.get(i), word.get(), i + 1, letters.get(i)));
                    }
                    session.editLine(l -> {
                        List<Motif> all = new ArrayList<>(l.motifs().stream()
                                .filter(m -> !put.containsKey(m.id()))
                                .toList());
                        int above = all.stream()
                                        .map(Motif::id)
                                        .toList()
                                        .indexOf(word.get().id())
                                + 1;
                        all.addAll(above, put.values());
                        return l.withMotifs(all);
                    });
                    session.notices().say(Texts.of("letters.filled", put.size()));
                });
    }

    private static Motif over(Motif picture, Motif word, int letter, Box box) {
        List<Treatment> kept = new ArrayList<>(picture.treatments().stream()
                .filter(t -> !(t instanceof KeepInPart))
                .toList());
        kept.add(new KeepInPart(word.id(), letter, 0));
        return picture.withSource(((PrintedPicture) picture.source()).covering(box))
                .withTreatments(kept)
                .withPose(Pose.at(box.centre().xMm(), box.centre().yMm()));
    }

    /** How a drawing is taken apart. */
    public enum Apart {
        COLOUR,
        PART,
        GROUP
    }

    /**
     * The drawing that is chosen becomes several motifs, each of which can be moved, hidden or removed; one undo brings
     * it back.
     */
    public void takeApart(Apart by) {
        session.motif().filter(m -> m.source() instanceof Drawing).ifPresent(whole -> {
            List<String> taken = new ArrayList<>();
            Supplier<String> ids = () -> {
                String id = session.line().freeMotifId();
                for (int n = 2; taken.contains(id); n++) {
                    id = session.line().freeMotifId() + "-" + n;
                }
                taken.add(id);
                return id;
            };
            List<Motif> parts;
            try {
                parts = switch (by) {
                    case COLOUR -> TakenApart.byColour(whole, ids);
                    case PART -> TakenApart.byPart(whole, ids);
                    case GROUP -> TakenApart.byGroup(whole, ids);
                };
            } catch (IllegalArgumentException e) {
                session.notices().trouble(Texts.of("drawing.too-many", e.getMessage()));
                return;
            }
            if (parts.size() < 2) {
                session.notices().say(Texts.of("drawing.one." + by));
                return;
            }
            session.editLine(l -> {
                List<Motif> all = new ArrayList<>(l.motifs());
                int at = all.stream().map(Motif::id).toList().indexOf(whole.id());
                all.remove(at);
                all.addAll(at, parts);
                return l.withMotifs(all);
            });
            session.choose(Optional.empty());
            session.notices().say(Texts.of("drawing.taken-apart", parts.size()));
        });
    }

    /** A guide under everything else, locked, so that it stays while one draws over it. */
    public void addGuide(Guide guide) {
        Motif m = new Motif(
                session.line().freeMotifId(),
                Texts.of("guide.name", NewJobs.nameOf(guide.file().name())),
                guide,
                List.of(),
                middle(),
                Standing.FREE.locked(true),
                Films.USUAL);
        session.editLine(l -> {
            List<Motif> all = new ArrayList<>(List.of(m));
            all.addAll(l.motifs());
            return l.withMotifs(all);
        });
        session.choose(Optional.of(m.id()));
    }

    private Pose middle() {
        Point middle =
                session.linePlan().map(p -> p.drawn().area().box().centre()).orElse(new Point(0, 200));
        return Pose.at(middle.xMm(), middle.yMm());
    }

    /** A line through points, straight or smooth, even in width. */
    public void addLine(List<Point> stops, boolean smooth) {
        session.linePlan().ifPresent(plan -> {
            Box box = stops.stream()
                    .map(p -> new Box(p.xMm(), p.yMm(), p.xMm(), p.yMm()))
                    .reduce(Box::joined)
                    .orElseThrow();
            Point middle = box.centre();
            List<Point> own = stops.stream()
                    .map(p -> p.plus(-middle.xMm(), -middle.yMm()))
                    .toList();
            add(
                    Texts.of("stroke.name"),
                    new Stroke(new Stroke.Through(own, smooth), FIRST_LINE_MM, FIRST_LINE_MM, standsOut(plan)),
                    Pose.at(middle.xMm(), middle.yMm()));
        });
    }

    public void addSpiral() {
        session.linePlan().ifPresent(plan -> {
            Point middle = plan.drawn().area().box().centre();
            add(
                    Texts.of("stroke.spiral"),
                    new Stroke(new Stroke.Spiral(3, FIRST_SHAPE_MM), 1, FIRST_LINE_MM, standsOut(plan)),
                    Pose.at(middle.xMm(), middle.yMm()));
        });
    }

    /** One more of the chosen motif that changes with it, below it. */
    public void addMark() {
        session.motif()
                .ifPresent(m -> session.linePlan()
                        .flatMap(p -> Handles.box(p, m))
                        .ifPresent(box -> add(
                                Texts.of("mark.name", m.name()),
                                Mark.of(m.id()),
                                m.pose().moved(0, box.heightMm() + MARK_OFF_MM))));
    }

    /** A backing around all there is, below it. */
    public void addBacking() {
        session.linePlan().ifPresent(plan -> {
            String id = session.line().freeMotifId();
            Motif backing = new Motif(
                    id,
                    Texts.of("backing.name"),
                    new Backing(FIRST_LINE_MM, CornerStyle.ROUND, true, standsOut(plan)),
                    List.of(),
                    Pose.at(0, 0));
            session.editLine(l -> {
                List<Motif> all = new ArrayList<>(List.of(backing));
                all.addAll(l.motifs());
                return l.withMotifs(all);
            });
            session.choose(Optional.of(id));
        });
    }

    /** A finished arrangement on top of what there is. */
    public void add(List<Motif> arrangement) {
        List<Motif> renamed = References.renamed(arrangement, session.line().takenMotifIds());
        List<Motif> all = new ArrayList<>(session.line().motifs());
        all.addAll(renamed);
        put(all);
        session.chooseAll(
                renamed.stream().filter(m -> !m.isHidden()).map(Motif::id).toList());
    }

    /** Motifs that follow each other in a ring are refused, and said which. */
    private void put(List<Motif> motifs) {
        Optional<List<Motif>> ring = References.loop(motifs);
        if (ring.isPresent()) {
            session.notices()
                    .say(Texts.of(
                            "chain.ring", ring.get().stream().map(Motif::name).collect(Collectors.joining(" → "))));
        } else {
            session.editLine(l -> l.withMotifs(motifs));
        }
    }

    public void remove() {
        List<Motif> gone = session.chosen();
        Set<String> ids = gone.stream().map(Motif::id).collect(Collectors.toSet());
        List<Motif> left = session.line().motifs().stream()
                .filter(m -> !ids.contains(m.id()))
                .toList();
        String followers = left.stream()
                .filter(m -> m.others().stream().anyMatch(ids::contains))
                .map(Motif::name)
                .collect(Collectors.joining(", "));
        session.editLine(l -> l.withMotifs(left));
        if (!followers.isEmpty()) {
            session.notices()
                    .say(Texts.of(
                            "art.followers",
                            gone.stream().map(Motif::name).collect(Collectors.joining(", ")),
                            followers));
        }
    }

    /** Up in the stack is nearer to the eye. */
    public void shift(String motifId, int up) {
        List<Motif> motifs = new ArrayList<>(session.line().motifs());
        int at = motifs.indexOf(session.line().motif(motifId).orElseThrow());
        int to = at + up;
        if (to >= 0 && to < motifs.size()) {
            Collections.swap(motifs, at, to);
            put(motifs);
        }
    }

    public void shiftChosen(int up) {
        session.motif().ifPresent(m -> shift(m.id(), up));
    }

    public void chooseNext(boolean backwards) {
        List<Motif> motifs = session.line().motifs();
        if (!motifs.isEmpty()) {
            int now = session.chosen().isEmpty()
                    ? (backwards ? 0 : -1)
                    : motifs.indexOf(session.chosen().getFirst());
            session.choose(Optional.of(motifs.get(Math.floorMod(now + (backwards ? -1 : 1), motifs.size()))
                    .id()));
        }
    }

    // ---- several at once

    /**
     * What is chosen after a press on a motif: its whole group, unless it alone is wanted; with more, what was chosen
     * stays.
     */
    List<String> chosenWith(Motif hit, boolean more, boolean alone) {
        List<String> group = hit.standing().group().isEmpty() || alone
                ? List.of(hit.id())
                : session.line().motifs().stream()
                        .filter(m -> m.standing().group().equals(hit.standing().group()))
                        .map(Motif::id)
                        .toList();
        List<String> now = session.chosen().stream().map(Motif::id).toList();
        if (!more) {
            return !alone && now.contains(hit.id()) ? now : group;
        }
        List<String> changed = new ArrayList<>(now);
        if (now.containsAll(group)) {
            changed.removeAll(group);
        } else {
            group.stream().filter(id -> !changed.contains(id)).forEach(changed::add);
        }
        return changed;
    }

    void chooseInside(LinePlan plan, Box frame, boolean more) {
        List<String> chosen =
                new ArrayList<>(more ? session.chosen().stream().map(Motif::id).toList() : List.of());
        session.line().motifs().stream()
                .filter(m -> !m.isHidden()
                        && !chosen.contains(m.id())
                        && Handles.box(plan, m).map(b -> frame.covers(b, 0)).orElse(false))
                .forEach(m -> chosen.add(m.id()));
        session.chooseAll(chosen);
    }

    public void group() {
        List<Motif> chosen = session.chosen();
        if (chosen.size() > 1) {
            String name = "group-" + chosen.getFirst().id();
            session.editChosen(m -> m.withStanding(m.standing().inGroup(Optional.of(name))), null);
        }
    }

    public void ungroup() {
        session.editChosen(m -> m.withStanding(m.standing().inGroup(Optional.empty())), null);
    }

    /** Locks what is chosen, or unlocks it when all of it is. */
    public void lock() {
        boolean all = session.chosen().stream().allMatch(m -> m.standing().locked());
        session.editChosen(m -> m.withStanding(m.standing().locked(!all)), null);
    }

    public void hide() {
        boolean all = session.chosen().stream().allMatch(Motif::isHidden);
        List<String> ids = session.chosen().stream().map(Motif::id).toList();
        put(session.line().motifs().stream()
                .map(m -> ids.contains(m.id()) ? m.withStanding(m.standing().hidden(!all)) : m)
                .toList());
    }

    public void align(Arranging.Edge edge) {
        arrange(boxes -> Arranging.aligned(boxes, edge));
    }

    public void space(boolean across) {
        arrange(boxes -> Arranging.spaced(boxes, across));
    }

    private void arrange(Function<Map<String, Box>, Map<String, Point>> rule) {
        session.linePlan().ifPresent(plan -> {
            Map<String, Box> boxes = new LinkedHashMap<>();
            session.chosen().stream()
                    .filter(m -> !m.standing().locked())
                    .forEach(m -> Handles.box(plan, m).ifPresent(b -> boxes.put(m.id(), b)));
            if (boxes.size() > 1) {
                Map<String, Point> moves = rule.apply(boxes);
                session.editChosen(
                        m -> Optional.ofNullable(moves.get(m.id()))
                                .map(p -> m.withPose(m.pose().moved(p.xMm(), p.yMm())))
                                .orElse(m),
                        null);
            }
        });
    }

    // ---- following other motifs

    /** The motifs that one may follow without going round in a ring. */
    List<Motif> canFollow(Motif m) {
        return session.line().motifs().stream()
                .filter(o -> !o.id().equals(m.id()))
                .filter(o -> {
                    Motif trying = m.withTreatments(List.of(new KnockOut(o.id(), 0)));
                    return References.loop(session.line().motifs().stream()
                                    .map(e -> e.id().equals(m.id()) ? trying : e)
                                    .toList())
                            .isEmpty();
                })
                .toList();
    }

    /** The motif's treatment at the end of another's chain; one that follows that other is refused. */
    public void copyTreatment(int index, String toMotif) {
        session.motif()
                .ifPresent(m -> put(session.line().motifs().stream()
                        .map(o -> {
                            if (!o.id().equals(toMotif)) {
                                return o;
                            }
                            List<Treatment> more = new ArrayList<>(o.treatments());
                            more.add(m.treatments().get(index));
                            return o.withTreatments(more);
                        })
                        .toList()));
    }

    /** Puts the middle of the motif on the middle line. */
    public void centre() {
        session.linePlan()
                .ifPresent(plan -> Handles.around(plan, session.chosen())
                        .ifPresent(b -> session.editChosen(
                                m -> m.withPose(m.pose().moved(-b.centre().xMm(), 0)), null)));
    }

    public void addOutline() {
        Treatments.kind("outline").ifPresent(this::add);
    }

    /** One of a kind to begin with; its colour is one that is not in use on this motif yet. */
    public void add(Treatments.Kind kind) {
        session.motif()
                .ifPresent(m -> session.linePlan()
                        .ifPresent(plan ->
                                addTreatment(following(m, kind.fresh().apply(freeColour(plan, m))))));
    }

    /** One that follows another motif begins with the topmost that it can follow. */
    private Treatment following(Motif m, Treatment t) {
        return t instanceof Referring r && !canFollow(m).isEmpty()
                ? r.withOther(canFollow(m).getLast().id())
                : t;
    }

    static Colour freeColour(LinePlan plan, Motif m) {
        List<Colour> used =
                plan.motifs().get(m.id()).paints().stream().map(p -> p.colour()).toList();
        return plan.material().colours().stream()
                .map(FilmColour::colour)
                .filter(c -> !used.contains(c)
                        && !c.equals(plan.blankColour().colour())
                        && Math.abs(c.luminance() - plan.blankColour().colour().luminance()) > 0.1)
                .findFirst()
                .orElse(new Colour(0x808080));
    }

    /** Switched off, a treatment keeps its figures. */
    public void switchTreatment(int index, boolean on) {
        session.motif().map(m -> m.treatments().get(index)).ifPresent(t -> {
            Treatment plain = t instanceof Treatment.Off off ? off.of() : t;
            changeTreatment(index, on ? plain : new Treatment.Off(plain));
        });
    }

    /** Earlier or later in the chain, as far as there is any place. */
    public void moveTreatment(int index, int by) {
        session.editMotif(m -> {
            List<Treatment> moved = new ArrayList<>(m.treatments());
            int to = Math.clamp(index + by, 0, moved.size() - 1);
            moved.add(to, moved.remove(index));
            return m.withTreatments(moved);
        });
    }

    private void addTreatment(Treatment t) {
        session.editMotif(m -> {
            List<Treatment> more = new ArrayList<>(m.treatments());
            more.add(t);
            return m.withTreatments(more);
        });
    }

    public void removeTreatment(int index) {
        session.editMotif(m -> {
            List<Treatment> fewer = new ArrayList<>(m.treatments());
            fewer.remove(index);
            return m.withTreatments(fewer);
        });
    }

    public void changeTreatment(int index, Treatment t) {
        session.motif().ifPresent(m -> {
            List<Treatment> changed = new ArrayList<>(m.treatments());
            changed.set(index, t);
            put(session.line().motifs().stream()
                    .map(o -> o.id().equals(m.id()) ? o.withTreatments(changed) : o)
                    .toList());
        });
    }

    /** Another source for the chosen motif; one that goes round in a ring is refused. */
    void changeSource(Source source) {
        session.motif()
                .ifPresent(m -> put(session.line().motifs().stream()
                        .map(o -> o.id().equals(m.id()) ? o.withSource(source) : o)
                        .toList()));
    }
}
