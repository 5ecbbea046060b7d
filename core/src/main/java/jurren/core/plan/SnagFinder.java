package jurren.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jurren.core.art.Art;
import jurren.core.art.Backing;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Chain;
import jurren.core.art.Drawing;
import jurren.core.art.Guide;
import jurren.core.art.Ink;
import jurren.core.art.Lettering;
import jurren.core.art.Mark;
import jurren.core.art.Motif;
import jurren.core.art.OnePiece;
import jurren.core.art.Painted;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Referring;
import jurren.core.art.Shape;
import jurren.core.art.Stroke;
import jurren.core.art.TracedPicture;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Bend;
import jurren.core.art.treat.DrawCloser;
import jurren.core.art.treat.DropCrumbs;
import jurren.core.art.treat.FillHoles;
import jurren.core.art.treat.FitBox;
import jurren.core.art.treat.InsideOut;
import jurren.core.art.treat.Interlock;
import jurren.core.art.treat.Lean;
import jurren.core.art.treat.Mirror;
import jurren.core.art.treat.OnePieceWanted;
import jurren.core.art.treat.OuterEdges;
import jurren.core.art.treat.RepeatGrid;
import jurren.core.art.treat.RepeatRound;
import jurren.core.art.treat.RepeatRow;
import jurren.core.art.treat.SplitBand;
import jurren.core.art.treat.Swell;
import jurren.core.art.treat.Taper;
import jurren.core.art.treat.Treatments;
import jurren.core.art.treat.Wave;
import jurren.core.blank.Face;
import jurren.core.blank.Obstacle;
import jurren.core.finish.Limit;
import jurren.core.finish.Press;
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Thinness;
import jurren.core.hold.Verdict;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.layer.Fabrication;
import jurren.core.layer.Layer;
import jurren.core.layer.Print;
import jurren.core.lettering.Typefaces;
import jurren.core.load.CutItem;
import jurren.core.load.KeptLayout;
import jurren.core.load.Load;
import jurren.core.load.Loading;
import jurren.core.material.Film;
import jurren.core.material.Material;
import jurren.core.material.Underlay;
import jurren.core.snag.Flaws;
import jurren.core.snag.Snag;
import jurren.core.stop.Stop;
import jurren.core.way.known.Ways;

/** Looks a worked-out job over for what would go wrong. */
final class SnagFinder {
    /** What is nearer to its limit reads the same in thousandths of an inch. */
    private static final double SHOWN_MM = 0.0254;
    /** General practice for smooth films on cloth. */
    private static final int MOST_FILMS = 3;
    /** Art may touch the edge of its area. */
    private static final double EDGE_SLACK_MM = 0.01;
    /** A wrap overlaps itself by so much at its seam. */
    private static final double SEAM_OVERLAP_MM = 3;
    /** Those that fill the insides of letters on purpose, or move letters so that they are elsewhere. */
    private static final Set<Class<? extends Treatment>> FILLS = Set.of(
            FillHoles.class,
            OuterEdges.class,
            InsideOut.class,
            DropCrumbs.class,
            Bend.class,
            Swell.class,
            Wave.class,
            Taper.class,
            Lean.class,
            FitBox.class,
            Mirror.class,
            SplitBand.class,
            RepeatGrid.class,
            RepeatRow.class,
            RepeatRound.class,
            DrawCloser.class,
            Interlock.class);
    /** Where it is the motif itself that follows another. */
    private static final String SOURCE = "source";

    private final Shop shop;
    private final Chain chain;
    private final Map<Snag, Integer> found = new LinkedHashMap<>();
    /** The place that is looked at. */
    private int at;

    SnagFinder(Shop shop, Chain chain) {
        this.shop = shop;
        this.chain = chain;
    }

    private void found(Snag snag) {
        found.putIfAbsent(snag, at);
    }

    /** Every snag with the place of its line. */
    Map<Snag, Integer> find(Job job, List<LinePlan> lines, Loading loading, List<PrintSheet> prints) {
        Stop stop = Stop.here();
        for (LinePlan line : lines) {
            stop.look();
            at = line.line().at();
            motifs(line);
            line.sizes().forEach(size -> fit(line, size));
            press(line);
            holds(line);
            stop.look();
            thinParts(line);
            islands(line);
            flaws(line);
            sold(line);
            stack(line);
            heat(line);
        }
        at = 0;
        missingPlaces(job);
        rolls(lines, loading, job.framed());
        laidAnew(loading);
        paper(prints);
        return found;
    }

    private void motifs(LinePlan plan) {
        String line = plan.line().id();
        if (plan.line().motifs().isEmpty()) {
            found(new Snag.NoArt(line));
        }
        for (Motif m : plan.line().motifs()) {
            switch (m.source()) {
                case Lettering l -> lettering(line, m, l);
                case Drawing d -> drawing(line, m, d);
                case Shape _, Stroke _, Backing _, TracedPicture _, PrintedPicture _, Guide _ -> {}
                case Mark mark -> {
                    if (mark.of().isEmpty()) {
                        found(new Snag.NothingToFollow(line, m.id(), m.name(), SOURCE));
                    }
                }
            }
            references(plan.line(), m);
            treatments(line, m, plan.motifs().get(m.id()));
            inks(plan, m);
            pieces(plan, m);
            counters(plan, m);
            BuiltMotif built = plan.motifs().get(m.id());
            built.paints().stream()
                    .filter(p -> !p.unwelded().isEmpty() && isFollowed(plan, m, p))
                    .findFirst()
                    .ifPresent(p -> found(new Snag.NotWelded(
                            line,
                            m.id(),
                            m.name(),
                            p.unwelded().size(),
                            overlap(p, m.pose().placement()))));
        }
    }

    /** What a printer would show and a knife cannot, and pictures that are too coarse on some size. */
    private void inks(LinePlan plan, Motif m) {
        if (m.isHidden()) {
            return;
        }
        String line = plan.line().id();
        for (Painted p : plan.motifs().get(m.id()).paints()) {
            Material material = plan.material(m, p.colour());
            if (p.ink().isEmpty()) {
                continue;
            }
            if (Ways.of(material).isOnePrint()) {
                coarse(plan, m, p);
                if (!Ways.of(material).showsSeeThrough() && p.ink().get().isHalfSeen()) {
                    found(new Snag.HalfTransparent(line, m.id(), m.name(), material.name()));
                }
            } else if (p.isOnlyInk() && isPicture(p)) {
                found(new Snag.PictureNotCut(line, m.id(), m.name(), material.name()));
            } else {
                found(new Snag.CutSolid(line, m.id(), m.name(), p.isOnlyInk()));
            }
        }
    }

    private static boolean isPicture(Painted p) {
        return p.ink().orElseThrow() instanceof Ink.OfPicture o && o.of().isPicture();
    }

    /** Told for the size on which it is coarsest. */
    private void coarse(LinePlan plan, Motif m, Painted p) {
        if (isPicture(p)) {
            plan.sizes().stream()
                    .min(Comparator.comparingDouble(size -> perInch(p, size)))
                    .filter(size -> perInch(p, size) < PrintedPicture.COARSE_PER_INCH)
                    .ifPresent(size -> found(new Snag.CoarsePicture(
                            plan.line().id(),
                            m.id(),
                            m.name(),
                            size.id(),
                            perInch(p, size),
                            PrintedPicture.COARSE_PER_INCH)));
        }
    }

    private static double perInch(Painted p, SizePlan size) {
        return ((Ink.OfPicture) p.ink().orElseThrow()).placed(size.fit()).perInch();
    }

    /** Whether a knife goes along the parts of a paint themselves. */
    private static boolean isFollowed(LinePlan plan, Motif m, Painted p) {
        String material = plan.material(m, p.colour()).id();
        return plan.drawn().layers().stream()
                .anyMatch(l -> l.role() == Layer.Role.FILM
                        && l.isCut()
                        && !l.unwelded().isEmpty()
                        && l.film().equals(Film.of(material, p.colour())));
    }

    /** A print that is wider than the paper both ways stands alone on a sheet that there is not. */
    private void paper(List<PrintSheet> prints) {
        prints.stream()
                .filter(p -> !p.isCut() && p.widthMm() > shop.printer().widthMm() + 1e-6)
                .flatMap(p -> p.slots().stream().limit(1))
                .forEach(s -> found(new Snag.NotOnPaper(
                        s.lineId(),
                        s.size(),
                        Math.min(s.box().widthMm(), s.box().heightMm()),
                        shop.printer().widthMm() - 2 * shop.printer().edgeMm())));
    }

    /** Art on a face that the thing has not: kept, but not made. */
    private void missingPlaces(Job job) {
        for (Line line : job.lines()) {
            for (int i = 0; i < line.places().size(); i++) {
                if (line.places().size() > 1 && !Planner.isThere(line.at(i), shop)) {
                    found(new Snag.NoSuchPlace(line.id(), line.places().get(i).faceId()));
                }
            }
        }
    }

    private void references(Line line, Motif m) {
        if (m.source().others().stream().anyMatch(id -> line.motif(id).isEmpty())) {
            found(new Snag.NothingToFollow(line.id(), m.id(), m.name(), SOURCE));
        }
        for (Treatment t : m.treatments()) {
            if (t instanceof Referring r && line.motif(r.other()).isEmpty()) {
                found(new Snag.NothingToFollow(
                        line.id(), m.id(), m.name(), Treatments.of(t).id()));
            }
        }
    }

    /** The first treatment that left nothing, and those that had nothing to do. */
    private void treatments(String line, Motif m, BuiltMotif built) {
        for (int i = 0; i < m.treatments().size(); i++) {
            Treatment t = m.treatments().get(i);
            if (built.pieces().get(i) > 0 && built.pieces().get(i + 1) == 0) {
                found(new Snag.NothingLeft(
                        line, m.id(), m.name(), Treatments.of(t).id()));
            } else if (built.pieces().get(i) > 0 && built.idle().contains(i) && !(t instanceof Referring)) {
                found(new Snag.NoEffect(line, m.id(), m.name(), Treatments.of(t).id()));
            }
        }
    }

    private void lettering(String line, Motif m, Lettering l) {
        if (!Typefaces.isHere(l.typeface())) {
            found(new Snag.FontMissing(line, m.id(), m.name(), l.typeface().title()));
        }
        if (l.text().isBlank()) {
            found(new Snag.EmptyLettering(line, m.id(), m.name()));
        }
        Typefaces.firstMissing(l.text(), l.typeface())
                .ifPresent(c -> found(new Snag.MissingGlyph(
                        line, m.id(), Character.toString(c), l.typeface().title())));
    }

    private void drawing(String line, Motif m, Drawing d) {
        if (!d.openEnds().isEmpty()) {
            Point end = d.openEnds().getFirst();
            Point at = m.pose().placement().apply(new Point(end.xMm() * d.widthFactor(), end.yMm() * d.heightFactor()));
            found(new Snag.OpenPath(line, m.id(), m.name(), d.openEnds().size(), at));
        }
    }

    private static Point overlap(Painted p, Placement placement) {
        Region first = p.unwelded().getFirst();
        return p.unwelded().stream()
                .skip(1)
                .map(first::intersect)
                .filter(r -> !r.isEmpty())
                .findFirst()
                .orElse(first)
                .placed(placement)
                .inside();
    }

    private void fit(LinePlan plan, SizePlan size) {
        String line = plan.line().id();
        Face face = size.face();
        Box area = face.area().box();
        if (isCovered(area, face.obstacles())) {
            found(new Snag.NoRoom(line, size.id()));
        }
        if (size.artBounds().isEmpty()) {
            return;
        }
        Box art = size.artBounds().get();
        Box whole = face.whole();
        if (isBleed(size, art, whole)) {
            return;
        }
        boolean across = art.widthMm() > whole.widthMm() && !face.isRound();
        if (across || art.heightMm() > whole.heightMm()) {
            found(new Snag.BeyondBlank(
                    line,
                    size.id(),
                    across ? art.widthMm() : art.heightMm(),
                    across ? whole.widthMm() : whole.heightMm(),
                    across));
            return;
        }
        double once = whole.widthMm() + SEAM_OVERLAP_MM;
        if (face.isRound() && art.widthMm() > once) {
            found(new Snag.OverWrap(
                    line,
                    size.id(),
                    art.widthMm() - whole.widthMm(),
                    whole.widthMm(),
                    new Point(art.maxXMm(), art.centre().yMm())));
        }
        boolean blocked = obstacles(line, size, face, area);
        if (!blocked && !area.covers(art, EDGE_SLACK_MM)) {
            found(new Snag.OutsideArea(line, size.id(), over(area, art), furthestOut(size.art(), area)));
        }
        if (size.id().equals(plan.line().drawnFor()) && plan.isPressed()) {
            platen(plan, size, art);
        }
    }

    /** A print with no knife that covers the whole of a flat thing runs on beyond its edge, as it should. */
    private static boolean isBleed(SizePlan size, Box art, Box whole) {
        return !size.face().isRound()
                && size.layers().stream().allMatch(l -> l.isPrint() && !l.isCut())
                && art.covers(whole, EDGE_SLACK_MM)
                && whole.grown(2 * Print.BLEED_MM).covers(art, EDGE_SLACK_MM);
    }

    /** One snag for each kind of thing in the way; true when there was any. */
    private boolean obstacles(String line, SizePlan size, Face face, Box area) {
        Box bounds = size.artBounds().orElseThrow();
        List<Obstacle> near = face.obstacles().stream()
                .filter(o -> o.box().crossed(bounds).isPresent())
                .toList();
        if (near.isEmpty()) {
            return false;
        }
        Region art =
                Region.weld(size.art().paints().stream().map(Painted::region).toList());
        Map<Obstacle.Kind, Region> under = new EnumMap<>(Obstacle.Kind.class);
        for (Obstacle o : near) {
            Region common = art.intersect(o.region());
            if (!common.isEmpty()) {
                under.merge(o.kind(), common, Region::weld);
            }
        }
        under.forEach((kind, region) -> {
            Box b = region.bounds();
            found(new Snag.InTheWay(
                    line,
                    size.id(),
                    kind,
                    Math.min(b.widthMm(), b.heightMm()),
                    largest(region).inside()));
        });
        return !under.isEmpty();
    }

    /** Looked at closely only where the obstacles are large enough to do it. */
    private static boolean isCovered(Box area, List<Obstacle> obstacles) {
        double sum = obstacles.stream()
                .flatMap(o -> o.box().crossed(area).stream())
                .mapToDouble(Box::areaMm2)
                .sum();
        return sum >= area.areaMm2()
                && Region.of(area)
                        .minus(Region.weld(
                                obstacles.stream().map(Obstacle::region).toList()))
                        .isEmpty();
    }

    private static Region largest(Region region) {
        return region.pieces().stream()
                .map(p -> p.region())
                .max(Comparator.comparingDouble(Region::areaMm2))
                .orElse(region);
    }

    private void platen(LinePlan plan, SizePlan size, Box art) {
        String line = plan.line().id();
        int positions = plan.platen().positions().size();
        if (positions == 1 || plan.platen().twice().isEmpty()) {
            return;
        }
        Point where = plan.platen().twice().getFirst().centre();
        if (plan.platen().press().kind() == Press.Kind.FLAT) {
            Box strip = plan.platen().twice().getFirst();
            found(new Snag.SplitPress(line, size.id(), positions, Math.min(strip.widthMm(), strip.heightMm()), where));
        } else {
            Press press = plan.platen().press();
            found(new Snag.BeyondPlaten(
                    line,
                    size.id(),
                    Math.max(art.widthMm() - press.platenWidthMm(), art.heightMm() - press.platenHeightMm()),
                    where));
        }
    }

    /** A press that a person chose is meant. */
    private void press(LinePlan plan) {
        Press.Kind wanted = Shop.suits(plan.blank(), plan.face());
        Press.Kind has = plan.platen().press().kind();
        if (plan.isPressed() && has != wanted && plan.line().thing().pressId().isEmpty()) {
            found(new Snag.NoPress(plan.line().id(), wanted, has));
        }
    }

    private void holds(LinePlan plan) {
        plan.used().forEach(m -> {
            Verdict verdict = plan.holds().get(m.id());
            if (verdict.answer() == Verdict.Answer.DOES_NOT_HOLD) {
                found(new Snag.DoesNotHold(plan.line().id(), m.name(), verdict));
            } else if (verdict.answer() == Verdict.Answer.WITH_CONDITION
                    && !isMet(verdict, plan.platen().press().kind())) {
                found(new Snag.HoldsWithCare(plan.line().id(), m.name(), verdict));
            }
        });
    }

    /** What is done anyway needs nobody's mind. */
    private static boolean isMet(Verdict verdict, Press.Kind press) {
        return switch (verdict.reason()) {
            case TWO_PRESSES -> true;
            case NEEDS_MUG_PRESS -> press == Press.Kind.MUG;
            case NEEDS_OVEN_SLEEVE -> press == Press.Kind.OVEN_SLEEVE;
            case NEEDS_CAP_PRESS -> press == Press.Kind.CAP;
            default -> false;
        };
    }

    private static double over(Box inner, Box art) {
        return Math.max(
                Math.max(inner.minXMm() - art.minXMm(), art.maxXMm() - inner.maxXMm()),
                Math.max(inner.minYMm() - art.minYMm(), art.maxYMm() - inner.maxYMm()));
    }

    private static Point furthestOut(Art art, Box area) {
        return art.paints().stream()
                .map(Painted::region)
                .filter(r -> !area.covers(r.bounds(), 0))
                .map(r -> r.minus(Region.of(area)))
                .filter(r -> !r.isEmpty())
                .map(SnagFinder::largest)
                .max(Comparator.comparingDouble(Region::areaMm2))
                .map(Region::inside)
                .orElseGet(area::centre);
    }

    /** What hangs on nothing falls out of a plate. */
    private void islands(LinePlan plan) {
        for (Layer layer : plan.drawn().layers()) {
            if (Ways.of(layer.material()).losesIslands() && layer.region().pieceCount() > 1) {
                Region plate = layer.region().largest().region();
                Region island = layer.region().pieces().stream()
                        .map(p -> p.region())
                        .filter(r -> !r.equals(plate))
                        .findFirst()
                        .orElseThrow();
                found(new Snag.LooseIsland(
                        plan.line().id(),
                        layer.order(),
                        layer.region().pieceCount() - 1,
                        plan.face().rolled(island.inside())));
            }
        }
    }

    /** One snag a layer, on the size where it is worst. */
    private void thinParts(LinePlan plan) {
        for (int i = 0; i < plan.drawn().layers().size(); i++) {
            int layer = i;
            plan.sizes().stream()
                    .filter(size -> layer < size.layers().size()
                            && isThin(size, size.layers().get(layer)))
                    .min(Comparator.comparingDouble(
                            size -> thinnest(size, layer).widthMm()))
                    .ifPresent(size -> found(thinPart(plan, size, size.layers().get(layer))));
        }
    }

    private static Thinness thinnest(SizePlan size, int layer) {
        return size.flaws().thinnest(size.layers().get(layer).order());
    }

    private static boolean isThin(SizePlan size, Layer layer) {
        return !Ways.of(layer.material()).held(layer).isEmpty()
                && size.flaws().thinnest(layer.order()).widthMm()
                        < layer.material().leastStrokeMm() - SHOWN_MM;
    }

    private static Snag thinPart(LinePlan plan, SizePlan size, Layer layer) {
        Thinness thinnest = size.flaws().thinnest(layer.order());
        String line = plan.line().id();
        double least = layer.material().leastStrokeMm();
        Point at = size.face().rolled(thinnest.where());
        return layer.isCut()
                ? new Snag.ThinPart(
                        line,
                        layer.order(),
                        size.id(),
                        thinnest.widthMm(),
                        least,
                        size.flaws().isNeck(layer.order()),
                        at)
                : new Snag.FineInk(line, layer.order(), size.id(), thinnest.widthMm(), least, at);
    }

    /** What the knife would make a mess of on the size it is drawn for, and between layers. */
    private void flaws(LinePlan plan) {
        String line = plan.line().id();
        for (Flaws.Flaw f : plan.drawn().flaws().found()) {
            Point at = plan.face().rolled(f.at());
            Optional<Layer> ink = plan.drawn().layers().stream()
                    .filter(l -> l.order() == f.layer() && !l.isCut())
                    .findFirst();
            if (ink.isPresent()) {
                inkFlaw(line, f, ink.get(), at);
                continue;
            }
            switch (f.kind()) {
                case CRUMBS -> found(new Snag.Crumbs(line, f.layer(), f.count(), at));
                case LIFTS -> found(new Snag.WillLift(line, f.layer(), f.count(), f.mm(), at));
                case SPIKES -> found(new Snag.Spikes(line, f.layer(), f.count(), at));
                case DOUBLED -> found(new Snag.DoubledLine(line, f.layer(), f.mm(), at));
                case GAP -> found(new Snag.HairlineGap(line, f.mm(), at));
                case NECK -> {}
            }
        }
    }

    /** Nothing weeds ink: what is too small is told as a fine part, and only gaps are left to tell. */
    private void inkFlaw(String line, Flaws.Flaw f, Layer ink, Point at) {
        switch (f.kind()) {
            case DOUBLED ->
                found(new Snag.FineGap(
                        line,
                        f.layer(),
                        f.mm(),
                        ink.material().underlay().map(Underlay::leastGapMm).orElse(f.mm()),
                        at));
            case CRUMBS, LIFTS, SPIKES, GAP, NECK -> {}
        }
    }

    private void pieces(LinePlan plan, Motif m) {
        if (m.isHidden() || m.treatments().stream().noneMatch(OnePieceWanted.class::isInstance)) {
            return;
        }
        OnePiece piece = OnePiece.parts(plan.motifs().get(m.id()).region());
        if (piece.parts() > 1) {
            found(new Snag.SeveralPieces(
                    plan.line().id(),
                    m.id(),
                    m.name(),
                    piece.parts(),
                    piece.loose().getFirst().placed(m.pose().placement()).inside()));
        }
    }

    /** The insides of letters that what is done to them fills, although nothing was asked to. */
    private void counters(LinePlan plan, Motif m) {
        if (!(m.source() instanceof Lettering l)
                || m.isHidden()
                || m.others().stream().anyMatch(_ -> true)) {
            return;
        }
        List<Motif> face = plan.line().motifs();
        if (own(m, l, face).holeCount()
                >= own(m.withTreatments(List.of()), l, face).holeCount()) {
            return;
        }
        for (int i = 0; i < m.treatments().size(); i++) {
            Treatment t = m.treatments().get(i);
            List<Region> lost =
                    FILLS.contains(t.getClass()) || t instanceof Treatment.Off ? List.of() : lost(m, i, l, face);
            if (!lost.isEmpty()) {
                found(new Snag.LostCounters(
                        plan.line().id(),
                        m.id(),
                        m.name(),
                        lost.size(),
                        Treatments.of(t).id(),
                        lost.getFirst().placed(m.pose().placement()).inside()));
                return;
            }
        }
    }

    /** What a treatment fills, where the shape stays where it was. */
    private List<Region> lost(Motif m, int treatment, Lettering l, List<Motif> face) {
        List<Region> were = counters(m.withTreatments(m.treatments().subList(0, treatment)), l, face);
        if (were.isEmpty()) {
            return List.of();
        }
        Region now = own(m.withTreatments(m.treatments().subList(0, treatment + 1)), l, face);
        return were.stream().filter(c -> c.minus(now).isEmpty()).toList();
    }

    private List<Region> counters(Motif m, Lettering l, List<Motif> face) {
        return own(m, l, face).pieces().stream()
                .flatMap(p -> p.holes().stream())
                .filter(h -> Math.abs(h.signedAreaMm2()) >= Flaws.CRUMB_MM2)
                .map(h -> Region.enclosedBy(List.of(h), FillRule.EVEN_ODD))
                .toList();
    }

    /** What it shows in the colours of its letters. */
    private Region own(Motif m, Lettering l, List<Motif> face) {
        List<Region> own = chain.build(m, face).paints().stream()
                .filter(p -> l.colouring().colours().contains(p.colour()))
                .map(Painted::region)
                .toList();
        return own.size() == 1 ? own.getFirst() : Region.weld(own);
    }

    private void sold(LinePlan plan) {
        for (Layer layer : plan.drawn().layers()) {
            Material m = layer.material();
            if (layer.role() == Layer.Role.FILM
                    && m.sold(layer.stock()).isEmpty()
                    && !m.colours().isEmpty()) {
                found(new Snag.NotSold(
                        plan.line().id(),
                        layer.order(),
                        m.name(),
                        layer.stock().hex(),
                        m.colourName(m.nearest(layer.stock()))));
            }
        }
    }

    private void stack(LinePlan plan) {
        List<Layer> layers = plan.drawn().layers().stream()
                .filter(l -> l.role() != Layer.Role.PLATE)
                .toList();
        List<Layer> pressed = plan.drawn().layers().stream()
                .filter(l -> l.role() != Layer.Role.PLATE || l.material().isPressed())
                .toList();
        for (Layer layer : pressed.stream().filter(l -> l.material().topOnly()).toList()) {
            boolean covered = pressed.stream()
                    .filter(l -> l.order() > layer.order() && !l.film().equals(layer.film()))
                    .anyMatch(l -> !l.laid().intersect(layer.laid()).isEmpty());
            if (covered) {
                found(new Snag.NothingHoldsOn(
                        plan.line().id(), layer.order(), layer.material().name()));
            }
        }
        List<Layer> thick = layers.stream().filter(l -> l.thicknessMm() > 0).toList();
        if (thick.size() > MOST_FILMS) {
            Region tooThick = atLeastDeep(thick, MOST_FILMS + 1);
            int films = MOST_FILMS + 1;
            for (Region more = tooThick; films < thick.size() && !more.isEmpty(); ) {
                more = atLeastDeep(thick, films + 1);
                if (!more.isEmpty()) {
                    tooThick = more;
                    films++;
                }
            }
            if (!tooThick.isEmpty()) {
                found(new Snag.TooManyFilms(
                        plan.line().id(), films, MOST_FILMS, plan.face().rolled(tooThick.inside())));
            }
        }
    }

    private static Region atLeastDeep(List<Layer> layers, int depth) {
        List<Region> deep = new ArrayList<>();
        for (int i = 0; i < depth; i++) {
            deep.add(Region.EMPTY);
        }
        for (Layer layer : layers) {
            for (int d = depth - 1; d > 0; d--) {
                deep.set(d, deep.get(d).weld(deep.get(d - 1).intersect(layer.region())));
            }
            deep.set(0, deep.getFirst().weld(layer.region()));
        }
        return deep.getLast();
    }

    private void heat(LinePlan plan) {
        Set<Set<Limit>> told = new HashSet<>();
        for (SizePlan size : plan.sizes()) {
            for (Set<Limit> clash : size.finish().solved().clashes()) {
                if (told.add(clash) && clash.stream().noneMatch(l -> l.kind() == Limit.Kind.TOP_ONLY)) {
                    List<Limit> limits = clash.stream()
                            .sorted(Comparator.comparing(Limit::layer).thenComparing(Limit::kind))
                            .toList();
                    found(new Snag.PressClash(plan.line().id(), limits.getLast().layer(), limits));
                }
            }
        }
    }

    private void rolls(List<LinePlan> lines, Loading loading, boolean framed) {
        for (CutItem item : loading.unlaid()) {
            at = placeOf(lines, item);
            Box b = item.layer().region().bounds();
            double width = shop.cutter().usableMm(shop.cutter().widthMm());
            double frame = Loading.frameMm(framed && item.layer().making().cut() == Fabrication.Cut.KISS);
            double along = shop.cutter().usableAlongMm();
            double longer = Math.max(b.widthMm(), b.heightMm()) + frame;
            double shorter = Math.min(b.widthMm(), b.heightMm()) + frame;
            found(
                    shop.cutter().isOnMats()
                            ? new Snag.NotOnMat(
                                    item.lineId(),
                                    item.layer().order(),
                                    item.size(),
                                    longer,
                                    shorter,
                                    Math.max(along, width),
                                    Math.min(along, width),
                                    frame)
                            : new Snag.NotOnRoll(
                                    item.lineId(), item.layer().order(), item.size(), shorter, width, frame));
        }
        Load.offRolls(loading.loads()).forEach((roll, mm) -> {
            if (mm > roll.lengthMm()) {
                Load load = loading.loads().stream()
                        .filter(l -> l.roll().filter(roll::equals).isPresent())
                        .findFirst()
                        .orElseThrow();
                found(new Snag.RollTooShort(
                        load.placed().getFirst().item().lineId(),
                        load.order(),
                        load.material().colourName(load.colour()),
                        mm,
                        roll.lengthMm()));
            }
        });
    }

    /** A tighter layout that was taken lay on other film. */
    private void laidAnew(Loading loading) {
        for (KeptLayout kept : loading.displaced()) {
            Load load = loading.loads().stream()
                    .filter(l -> l.material().id().equals(kept.materialId())
                            && l.colour().equals(kept.colour()))
                    .findFirst()
                    .orElse(null);
            if (load != null) {
                List<String> gone = kept.stock().stream()
                        .filter(id -> shop.shelf().stream().noneMatch(s -> s.id().equals(id)))
                        .toList();
                found(new Snag.LaidAnew(
                        load.placed().getFirst().item().lineId(),
                        load.material().colourName(load.colour()),
                        gone));
            }
        }
    }

    private static int placeOf(List<LinePlan> lines, CutItem item) {
        return lines.stream()
                .filter(l -> l.line().id().equals(item.lineId()) && l.place().equals(item.place()))
                .mapToInt(l -> l.line().at())
                .findFirst()
                .orElse(0);
    }
}
