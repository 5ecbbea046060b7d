package jurren.core.cure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Films;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.art.Pose;
import jurren.core.art.Sizing;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Blunt;
import jurren.core.art.treat.Bridges;
import jurren.core.art.treat.CloseGaps;
import jurren.core.art.treat.DrawCloser;
import jurren.core.art.treat.DropCrumbs;
import jurren.core.art.treat.HoldIslands;
import jurren.core.art.treat.Recolour;
import jurren.core.art.treat.Thicken;
import jurren.core.art.treat.Treatments;
import jurren.core.finish.Limit;
import jurren.core.finish.Press;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.hold.Verdict;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.layer.Panels;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typefaces;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.plan.LayerOrder;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.Refit;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Flaws;
import jurren.core.snag.Snag;
import jurren.core.way.known.Ways;

/**
 * What might mend a snag, the mildest first: what each would do to the job, before anybody knows whether it does not
 * spoil something else. {@link Mender} tries them.
 */
final class Cures {
    private static final double OVERLAP_MM = 0.8;
    private static final double BRIDGE_MM = 2;
    /** A figure that just reaches its limit might miss it by rounding. */
    private static final double OVER = 1.01;

    private static final double MOST_LARGER = 1.6;
    private static final double LEAST_SMALLER = 0.4;
    private static final double CLEAR_MM = 1;

    private final Snag snag;
    private final Plan plan;
    private final LinePlan at;
    private final Line line;
    private final List<Cure> found = new ArrayList<>();

    private Cures(Snag snag, Plan plan, LinePlan at) {
        this.snag = snag;
        this.plan = plan;
        this.at = at;
        this.line = at.line();
    }

    static List<Cure> of(Snag snag, Plan plan) {
        return plan.line(snag).map(l -> new Cures(snag, plan, l).all()).orElse(List.of());
    }

    private List<Cure> all() {
        switch (snag) {
            case Snag.NotWelded s -> treat(Cure.Kind.WELD, 0, only(s.motifId()), new Treatment.Weld());
            case Snag.Crumbs s -> crumbs(s);
            case Snag.WillLift s -> lifts(s);
            case Snag.Spikes s ->
                treat(Cure.Kind.BLUNT, s.spikes(), has(r -> !Flaws.spikes(r).isEmpty()), new Blunt(bluntMm()));
            case Snag.ThinPart s -> thin(s);
            case Snag.DoubledLine _ ->
                treat(
                        Cure.Kind.CLOSE_GAP,
                        0,
                        has(r -> r.slit(Flaws.DOUBLED_MM, Flaws.DOUBLED_LONG_MM).isPresent()),
                        new CloseGaps(Flaws.DOUBLED_MM * OVER, 0));
            case Snag.HairlineGap _ -> nearGap();
            case Snag.LostCounters s -> without(s.motifId(), s.treatment());
            case Snag.SeveralPieces s -> pieces(s);
            case Snag.LooseIsland _ -> islands();
            case Snag.EmptyLettering s -> removeMotif(s.motifId(), s.motifName());
            case Snag.MissingGlyph s -> missing(s);
            case Snag.FontMissing s -> typeface(s.motifId());
            case Snag.NothingToFollow s -> withoutOrGone(s.motifId(), s.motifName(), s.treatment());
            case Snag.NothingLeft s -> without(s.motifId(), s.treatment());
            case Snag.TooMuch s -> without(s.motifId(), s.treatment());
            case Snag.TooLarge s -> ontoFace(s);
            case Snag.NoEffect s -> without(s.motifId(), s.treatment());
            case Snag.PictureNotCut s -> printed(s.motifId());
            case Snag.CutSolid s -> printed(s.motifId());
            case Snag.CoarsePicture s -> motifSmaller(s.motifId(), s.perInch() / s.leastPerInch());
            case Snag.BeyondBlank s -> inside(s.sizeId());
            case Snag.OutsideArea s -> inside(s.sizeId());
            case Snag.InTheWay s -> clear(s);
            case Snag.OverWrap s -> smaller(s.sizeId(), s.roundMm() / (s.roundMm() + s.overMm()));
            case Snag.SplitPress s -> press(s.sizeId());
            case Snag.BeyondPlaten s -> press(s.sizeId());
            case Snag.NotOnMat s -> {
                smaller(
                        s.sizeId(),
                        Math.min(
                                (s.alongMm() - s.frameMm()) / (s.lengthMm() - s.frameMm()),
                                (s.acrossMm() - s.frameMm()) / (s.widthMm() - s.frameMm())));
                split(s.layer(), s.acrossMm() - s.frameMm(), s.alongMm() - s.frameMm());
            }
            case Snag.NotOnRoll s -> {
                smaller(s.sizeId(), (s.usableMm() - s.frameMm()) / (s.acrossMm() - s.frameMm()));
                split(s.layer(), s.usableMm() - s.frameMm(), Double.POSITIVE_INFINITY);
            }
            case Snag.NotOnPaper s -> smaller(s.sizeId(), s.usableMm() / s.acrossMm());
            case Snag.DoesNotHold s -> holding(s.material());
            case Snag.TooManyFilms _ -> knockOut();
            case Snag.NothingHoldsOn s -> topOnly(s);
            case Snag.NotSold s -> sold(s);
            case Snag.PressClash s -> clash(s);
            case Snag.RollTooShort _ -> frames();
            case Snag.NoArt _,
                    Snag.OpenPath _,
                    Snag.NoRoom _,
                    Snag.NoPress _,
                    Snag.HoldsWithCare _,
                    Snag.NoSuchPlace _,
                    Snag.LaidAnew _,
                    Snag.HalfTransparent _,
                    Snag.FineInk _,
                    Snag.FineGap _ -> {}
        }
        return found;
    }

    private void add(Cure.Kind kind, double figure, String name, Job job) {
        if (!job.equals(plan.job())) {
            found.add(new Cure(snag, kind, figure, name, job));
        }
    }

    private void edit(Cure.Kind kind, double figure, String name, UnaryOperator<Line> change) {
        add(kind, figure, name, plan.job().withLine(line.id(), l -> change.apply(l.at(line.at()))));
    }

    // ---- one more treatment

    private void treat(Cure.Kind kind, double figure, Predicate<Motif> which, Treatment treatment) {
        edit(kind, figure, "", l -> treated(l, which, treatment));
    }

    private static Line treated(Line line, Predicate<Motif> which, Treatment treatment) {
        return line.withMotifs(line.motifs().stream()
                .map(m -> which.test(m) ? with(m, treatment) : m)
                .toList());
    }

    private static Motif with(Motif m, Treatment treatment) {
        List<Treatment> more = new ArrayList<>(m.treatments());
        more.add(treatment);
        return m.withTreatments(more);
    }

    private static Predicate<Motif> only(String motifId) {
        return m -> m.id().equals(motifId);
    }

    /** Motifs that show the snag's layer, of whose paints in it something is so. */
    private Predicate<Motif> has(Predicate<Region> what) {
        Optional<Layer> layer = layer();
        return m -> layer.isPresent() && paints(m).anyMatch(p -> isIn(m, p, layer.get()) && what.test(p.region()));
    }

    private Optional<Layer> layer() {
        return at.drawn().layers().stream()
                .filter(l -> l.order() == snag.layer())
                .findFirst();
    }

    private Stream<Painted> paints(Motif m) {
        BuiltMotif built = at.motifs().get(m.id());
        return built == null || m.isHidden() ? Stream.of() : built.paints().stream();
    }

    private boolean isIn(Motif m, Painted p, Layer layer) {
        return at.material(m, p.colour()).id().equals(layer.material().id())
                && layer.film().colour().map(p.colour()::equals).orElse(true);
    }

    private void thin(Snag.ThinPart s) {
        patterns();
        double factor = factor(s.sizeId());
        double wanted = s.leastMm() / factor;
        treat(
                Cure.Kind.THICKEN,
                s.leastMm(),
                has(r -> !r.isEmpty() && r.thinnest().widthMm() < wanted),
                new Thicken(wanted));
        double larger = s.leastMm() / s.widthMm() * OVER;
        if (larger < MOST_LARGER) {
            scaled(Cure.Kind.LARGER, line.drawnFor(), larger);
        }
    }

    /**
     * A pattern that leaves thin rests at the edges is moved a little; where that does not do, it is spaced a little
     * wider.
     */
    private void patterns() {
        for (Motif m : line.motifs()) {
            for (int i = 0; i < m.treatments().size(); i++) {
                int at = i;
                Phases.shifted(m.treatments().get(i))
                        .forEach((by, t) -> edit(Cure.Kind.SHIFT_PATTERN, by, "", l -> exchanged(l, m.id(), at, t)));
                Phases.spaced(m.treatments().get(i))
                        .forEach((to, t) -> edit(Cure.Kind.SPACE_PATTERN, to, "", l -> exchanged(l, m.id(), at, t)));
            }
        }
    }

    /** The job without each pattern that could be moved or spaced, one at a time. */
    static List<Job> withoutPatterns(Snag snag, Plan plan) {
        List<Job> jobs = new ArrayList<>();
        if (snag instanceof Snag.ThinPart) {
            plan.line(snag)
                    .ifPresent(at -> at.line()
                            .motifs()
                            .forEach(m -> m.treatments().stream()
                                    .filter(t -> !Phases.shifted(t).isEmpty())
                                    .forEach(t -> jobs.add(plan.job()
                                            .withLine(
                                                    at.line().id(),
                                                    l -> l.at(at.line().at())
                                                            .withMotif(
                                                                    m.id(),
                                                                    o -> o.withTreatments(o.treatments().stream()
                                                                            .filter(each -> each != t)
                                                                            .toList())))))));
        }
        return jobs;
    }

    private static Line exchanged(Line l, String motifId, int at, Treatment by) {
        return l.withMotif(motifId, m -> {
            List<Treatment> changed = new ArrayList<>(m.treatments());
            changed.set(at, by);
            return m.withTreatments(changed);
        });
    }

    /** How much larger the art is on a size than it is drawn. */
    private double factor(String sizeId) {
        return at.size(sizeId)
                .map(s -> Math.sqrt(Math.abs(s.fit().determinant())))
                .orElse(1.0);
    }

    /** As wide as the film needs, so that the end is no thin part. */
    private double bluntMm() {
        return Math.max(
                        Flaws.SPIKE_WIDE_MM,
                        layer().map(l -> l.material().leastStrokeMm()).orElse(0.0))
                * OVER
                * OVER;
    }

    /** A motif that is nothing but crumbs goes as a whole. */
    private void crumbs(Snag.Crumbs s) {
        Predicate<Motif> crumbed = has(r -> !Flaws.crumbs(r).isEmpty());
        DropCrumbs drop = new DropCrumbs(Flaws.CRUMB_MM2);
        edit(
                Cure.Kind.DROP_CRUMBS,
                s.crumbs(),
                "",
                l -> treated(
                        l.withMotifs(l.motifs().stream()
                                .filter(m -> !crumbed.test(m)
                                        || paints(m)
                                                .anyMatch(p -> !p.region()
                                                        .withoutCrumbs(Flaws.CRUMB_MM2)
                                                        .isEmpty()))
                                .toList()),
                        crumbed,
                        drop));
    }

    private void lifts(Snag.WillLift s) {
        treat(
                Cure.Kind.THICKEN,
                s.leastMm(),
                has(r -> !Flaws.lifting(r, s.leastMm()).isEmpty()),
                new Thicken(s.leastMm()));
        double largest = layer().map(l -> Flaws.lifting(l.region(), s.leastMm()).stream()
                        .mapToDouble(Region::areaMm2)
                        .max()
                        .orElse(0))
                .orElse(0.0);
        if (largest > 0) {
            treat(
                    Cure.Kind.DROP_SLIVERS,
                    s.parts(),
                    has(r -> !Flaws.lifting(r, s.leastMm()).isEmpty()),
                    new DropCrumbs(largest * OVER));
        }
    }

    private void nearGap() {
        treat(
                Cure.Kind.OVERLAP,
                OVERLAP_MM,
                m -> paints(m).count() > 1,
                new CloseGaps(Flaws.MEANT_TO_MEET_MM * OVER, OVERLAP_MM));
    }

    private void pieces(Snag.SeveralPieces s) {
        treat(Cure.Kind.BRIDGE, BRIDGE_MM, only(s.motifId()), new Bridges(BRIDGE_MM, 1));
        if (line.motif(s.motifId()).filter(m -> m.source() instanceof Lettering).isPresent()) {
            edit(
                    Cure.Kind.DRAW_CLOSER,
                    0,
                    "",
                    l -> l.withMotif(s.motifId(), m -> {
                        List<Treatment> first = new ArrayList<>(List.of(new DrawCloser(0.5, 1000)));
                        first.addAll(m.treatments());
                        return m.withTreatments(first);
                    }));
        }
    }

    private void islands() {
        Predicate<Motif> holed = has(r -> r.holeCount() > 0);
        treat(Cure.Kind.HOLD_UPRIGHT, BRIDGE_MM, holed, new HoldIslands(BRIDGE_MM, 2, true));
        treat(Cure.Kind.HOLD_SHORTEST, BRIDGE_MM, holed, new HoldIslands(BRIDGE_MM, 2, false));
    }

    // ---- one thing less

    private void without(String motifId, String treatment) {
        edit(
                Cure.Kind.REMOVE_TREATMENT,
                0,
                treatment,
                l -> l.withMotif(motifId, m -> {
                    List<Treatment> fewer = new ArrayList<>(m.treatments());
                    fewer.stream()
                            .filter(t -> !(t instanceof Treatment.Off)
                                    && Treatments.of(t).id().equals(treatment))
                            .findFirst()
                            .ifPresent(fewer::remove);
                    return m.withTreatments(fewer);
                }));
    }

    private void withoutOrGone(String motifId, String motifName, String treatment) {
        if (Treatments.kind(treatment).isPresent()) {
            without(motifId, treatment);
        } else {
            removeMotif(motifId, motifName);
        }
    }

    private void removeMotif(String motifId, String motifName) {
        edit(
                Cure.Kind.REMOVE_MOTIF,
                0,
                motifName,
                l -> l.withMotifs(
                        l.motifs().stream().filter(m -> !m.id().equals(motifId)).toList()));
    }

    private void frames() {
        add(Cure.Kind.NO_FRAMES, 0, "", plan.job().withFrames(false));
    }

    // ---- letters

    private void missing(Snag.MissingGlyph s) {
        lettering(s.motifId())
                .ifPresent(l -> edit(
                        Cure.Kind.LEAVE_OUT,
                        0,
                        s.character(),
                        x -> x.withMotif(
                                s.motifId(),
                                m -> m.withSource(l.withText(l.text().replace(s.character(), ""))))));
        typeface(s.motifId());
    }

    /** The first of our own that has every character. */
    private void typeface(String motifId) {
        lettering(motifId)
                .ifPresent(l -> Stream.of(ShippedTypeface.values())
                        .filter(t -> Typefaces.firstMissing(l.text(), t).isEmpty())
                        .findFirst()
                        .ifPresent(t -> edit(
                                Cure.Kind.TYPEFACE,
                                0,
                                t.title(),
                                x -> x.withMotif(motifId, m -> m.withSource(l.withTypeface(t))))));
    }

    private Optional<Lettering> lettering(String motifId) {
        return line.motif(motifId).filter(m -> m.source() instanceof Lettering).map(m -> (Lettering) m.source());
    }

    // ---- materials and colours

    private void printed(String motifId) {
        plan.shop().materials().stream()
                .filter(m -> Ways.of(m).isOnePrint() && at.wouldHold(m))
                .min(Comparator.comparing((Material m) -> verdict(m).answer() != Verdict.Answer.HOLDS))
                .ifPresent(m -> edit(
                        Cure.Kind.MATERIAL,
                        0,
                        m.name(),
                        l -> l.withMotif(motifId, x -> x.withFilms(Films.allOf(m.id())))));
    }

    private Verdict verdict(Material m) {
        return WhatHolds.of(m, at.madeOf(), at.blankColour(), at.face());
    }

    /** Another material that holds, of the same kind where there is one, in the colours it is sold in. */
    private void holding(String name) {
        at.used().stream()
                .filter(m -> m.name().equals(name))
                .findFirst()
                .ifPresent(from -> plan.shop().materials().stream()
                        .filter(m -> !m.id().equals(from.id()) && at.wouldHold(m))
                        .sorted(Comparator.comparing((Material m) -> m.process() != from.process())
                                .thenComparing(m -> verdict(m).answer() != Verdict.Answer.HOLDS)
                                .thenComparing(Material::leastStrokeMm))
                        .limit(4)
                        .forEach(to -> edit(Cure.Kind.MATERIAL, 0, to.name(), l -> remade(l, from, to))));
    }

    private Line remade(Line l, Material from, Material to) {
        Line other = l.materialId().equals(from.id()) ? l.withMaterial(to.id()) : l;
        return other.withMotifs(other.motifs().stream()
                .map(m -> {
                    Films films = m.films();
                    Films changed = films.all().filter(from.id()::equals).isPresent()
                            ? films.withAll(Optional.of(to.id()))
                            : films;
                    List<Treatment> treatments = new ArrayList<>(m.treatments());
                    for (Colour c : paints(m).map(Painted::colour).distinct().toList()) {
                        if (at.material(m, c).id().equals(from.id())) {
                            changed = films.ofColour().containsKey(c) ? changed.with(c, Optional.of(to.id())) : changed;
                            if (to.sold(c).isEmpty() && !to.colours().isEmpty()) {
                                treatments.add(new Recolour(c, to.nearest(c)));
                            }
                        }
                    }
                    return m.withFilms(changed).withTreatments(treatments);
                })
                .toList());
    }

    private void sold(Snag.NotSold s) {
        layer().ifPresent(layer -> {
            Colour from = layer.stock();
            Colour to = layer.material().nearest(from);
            edit(
                    Cure.Kind.COLOUR,
                    0,
                    s.nearest(),
                    l -> l.withMotifs(l.motifs().stream()
                            .map(m -> paints(m).anyMatch(p -> p.colour().equals(from) && isIn(m, p, layer))
                                    ? with(m, new Recolour(from, to))
                                            .withFilms(
                                                    m.films().ofColour().containsKey(from)
                                                            ? m.films()
                                                                    .with(
                                                                            to,
                                                                            m.films()
                                                                                    .of(from))
                                                            : m.films())
                                    : m)
                            .toList()));
        });
    }

    // ---- what lies on what

    private void knockOut() {
        List<Layer> layers = at.drawn().layers();
        for (Layer layer :
                layers.subList(Math.min(1, layers.size()), layers.size()).reversed()) {
            edit(
                    Cure.Kind.KNOCK_OUT,
                    OVERLAP_MM,
                    at.material().colourName(layer.colour()),
                    l -> l.withJoin(layer.film(), new Join.KnockedOut(OVERLAP_MM)));
        }
    }

    private void topOnly(Snag.NothingHoldsOn s) {
        layer().ifPresent(layer -> {
            if (LayerOrder.moved(at, line, layer, true) instanceof LayerOrder.Moved moved) {
                edit(Cure.Kind.ON_TOP, 0, s.material(), _ -> moved.line());
            }
            edit(
                    Cure.Kind.KNOCK_OUT,
                    0,
                    s.material(),
                    l -> at.drawn().layers().stream()
                            .filter(x -> x.order() > layer.order())
                            .reduce(l, (a, x) -> a.withJoin(x.film(), new Join.KnockedOut(0)), (_, b) -> b));
        });
    }

    // ---- how large, and where

    private void scaled(Cure.Kind kind, String sizeId, double by) {
        at.size(sizeId)
                .flatMap(SizePlan::artBounds)
                .filter(_ -> by > LEAST_SMALLER)
                .ifPresent(art -> {
                    double width = art.widthMm() * by;
                    if (sizeId.equals(line.drawnFor())) {
                        Point hang = new Point(art.centre().xMm(), art.minYMm());
                        Placement smaller = Placement.moved(-hang.xMm(), -hang.yMm())
                                .then(Placement.scaled(by))
                                .then(Placement.moved(hang.xMm(), hang.yMm()));
                        edit(kind, width, sizeId, l -> new Refit().placed(l, smaller));
                    } else {
                        edit(kind, width, sizeId, l -> l.withSize(sizeId, e -> e.withArtWidth(Optional.of(width))));
                    }
                });
    }

    private void smaller(String sizeId, double by) {
        if (by < 1) {
            scaled(Cure.Kind.SMALLER, sizeId, by / OVER);
        }
    }

    /** A film in panels, as few as lie on its roll or mat on the largest of the sizes. */
    private void split(int order, double acrossMm, double alongMm) {
        at.drawn().layers().stream()
                .filter(l -> l.order() == order && l.role() == Layer.Role.FILM && l.isCut())
                .findFirst()
                .ifPresent(layer -> {
                    double overlap = Panels.usualOverlapMm(
                            Ways.of(layer.material()).byHand().isPresent());
                    at.sizes().stream()
                            .map(s -> s.of(layer.film()))
                            .max(Comparator.comparingDouble(r -> r.bounds().areaMm2()))
                            .flatMap(film -> Panels.fitting(film, acrossMm, alongMm, overlap))
                            .ifPresent(p -> edit(
                                    Cure.Kind.SPLIT,
                                    p.at().size() + 1,
                                    "",
                                    l -> l.withPanels(layer.film(), Optional.of(p))));
                });
    }

    private void motifSmaller(String motifId, double by) {
        BuiltMotif built = at.motifs().get(motifId);
        built.bounds()
                .ifPresent(b -> edit(
                        Cure.Kind.SMALLER,
                        b.widthMm() * by / OVER,
                        "",
                        l -> l.withMotif(
                                motifId,
                                m -> m.withSource(Sizing.toWidth(m.source(), built, b.widthMm() * by / OVER, true)))));
    }

    /** Half as large as its area, in the middle of it: where it stood says nothing of where it should. */
    private void ontoFace(Snag.TooLarge s) {
        Box area = at.size(line.drawnFor()).orElseThrow().area().box();
        double by = Math.min(area.widthMm(), area.heightMm()) / 2 / s.reachMm();
        Box own = at.motifs().get(s.motifId()).source().orElseThrow();
        Point middle = new Point(own.centre().xMm() * by, own.centre().yMm() * by);
        edit(
                Cure.Kind.SMALLER,
                own.widthMm() * by,
                "",
                l -> l.withMotif(s.motifId(), m -> {
                    Point off = Placement.turned(m.pose().degrees()).apply(middle);
                    return m.withSource(m.source().resized(by, by))
                            .withPose(new Pose(
                                    area.centre().xMm() - off.xMm(),
                                    area.centre().yMm() - off.yMm(),
                                    m.pose().degrees()));
                }));
    }

    private void inside(String sizeId) {
        SizePlan size = at.size(sizeId).orElseThrow();
        Box area = size.area().box();
        Box art = size.artBounds().orElseThrow();
        double by = Math.min(area.widthMm() / art.widthMm(), area.heightMm() / art.heightMm());
        if (by >= 1 && sizeId.equals(line.drawnFor())) {
            double dx = Math.max(0, area.minXMm() - art.minXMm()) - Math.max(0, art.maxXMm() - area.maxXMm());
            double dy = Math.max(0, area.minYMm() - art.minYMm()) - Math.max(0, art.maxYMm() - area.maxYMm());
            edit(Cure.Kind.MOVE_IN, Math.hypot(dx, dy), "", l -> new Refit().placed(l, Placement.moved(dx, dy)));
        } else if (sizeId.equals(line.drawnFor())) {
            double f = by / OVER;
            Point to = area.centre();
            Placement in = Placement.moved(-art.centre().xMm(), -art.centre().yMm())
                    .then(Placement.scaled(f))
                    .then(Placement.moved(to.xMm(), to.yMm()));
            edit(Cure.Kind.SMALLER, art.widthMm() * f, sizeId, l -> new Refit().placed(l, in));
        } else {
            List.of(0.98, 0.95, 0.9, 0.8, 0.7).forEach(f -> scaled(Cure.Kind.SMALLER, sizeId, f));
        }
    }

    /** Away from what stands in its way, the shortest way first; or smaller. */
    private void clear(Snag.InTheWay s) {
        double by = s.overMm() + CLEAR_MM;
        if (s.sizeId().equals(line.drawnFor())) {
            for (double[] way : new double[][] {{0, by}, {0, -by}, {by, 0}, {-by, 0}}) {
                edit(Cure.Kind.MOVE_IN, by, "", l -> new Refit().placed(l, Placement.moved(way[0], way[1])));
            }
        }
        List.of(0.95, 0.9, 0.8, 0.7).forEach(f -> scaled(Cure.Kind.SMALLER, s.sizeId(), f));
    }

    // ---- presses

    private void press(String sizeId) {
        Box art = at.size(sizeId).flatMap(SizePlan::artBounds).orElseThrow();
        Press now = at.platen().press();
        plan.shop().presses().stream()
                .filter(p -> p.kind() == now.kind()
                        && p.platenWidthMm() * p.platenHeightMm() > now.platenWidthMm() * now.platenHeightMm())
                .findFirst()
                .ifPresent(p -> usePress(Cure.Kind.PRESS, p));
        if (now.kind() != Press.Kind.FLAT && !at.face().isRound()) {
            plan.shop().presses().stream()
                    .filter(p -> p.kind() == Press.Kind.FLAT)
                    .findFirst()
                    .ifPresent(p -> usePress(Cure.Kind.TWO_POSITIONS, p));
        }
        smaller(sizeId, Math.min(now.platenWidthMm() / art.widthMm(), now.platenHeightMm() / art.heightMm()));
    }

    private void usePress(Cure.Kind kind, Press press) {
        edit(kind, 0, press.name(), l -> l.withThing(l.thing().withPress(Optional.of(press.id()))));
    }

    /** A wish taken back, a hotter press, a film knocked out under another, another film in its colour. */
    private void clash(Snag.PressClash s) {
        List<Layer> layers = at.drawn().layers();
        for (Limit l : s.limits()) {
            Optional<Layer> its =
                    layers.stream().filter(x -> x.order() == l.layer()).findFirst();
            if (l.isWish()) {
                its.ifPresent(x -> edit(
                        Cure.Kind.WISH_BACK,
                        0,
                        at.material().colourName(x.colour()),
                        a -> a.withPressWish(
                                l.kind() == Limit.Kind.WISHED_SECONDS
                                        ? a.pressWish(x.film()).lasting(Optional.empty())
                                        : a.pressWish(x.film()).after(Optional.empty()))));
            }
            if (l.kind() == Limit.Kind.PRESS_CELSIUS) {
                Press now = at.platen().press();
                plan.shop().presses().stream()
                        .filter(p -> p.kind() == now.kind() && p.mostCelsius() > now.mostCelsius())
                        .max(Comparator.comparingDouble(Press::mostCelsius))
                        .ifPresent(p -> usePress(Cure.Kind.PRESS, p));
            }
        }
        if (s.gravity() == Snag.Gravity.STOPS) {
            s.limits().stream()
                    .filter(l -> l.layer() > 0)
                    .findFirst()
                    .flatMap(l ->
                            layers.stream().filter(x -> x.order() == l.layer()).findFirst())
                    .ifPresent(low -> edit(
                            Cure.Kind.KNOCK_OUT,
                            0,
                            at.material().colourName(low.colour()),
                            l -> layers.stream()
                                    .filter(x -> x.order() > low.order())
                                    .reduce(l, (a, x) -> a.withJoin(x.film(), new Join.KnockedOut(0)), (_, b) -> b)));
        }
        for (Limit l : s.limits()) {
            layers.stream()
                    .filter(x -> x.order() == l.layer())
                    .findFirst()
                    .ifPresent(x -> plan.shop().materials().stream()
                            .filter(m -> m.process() == x.material().process()
                                    && !m.id().equals(x.material().id())
                                    && at.wouldHold(m))
                            .forEach(m -> edit(Cure.Kind.MATERIAL, 0, m.name(), now -> at.remade(now, x, m.id()))));
        }
    }
}
