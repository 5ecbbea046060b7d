package jurren.core.plan;

import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
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
import jurren.core.geometry.Box;
import jurren.core.geometry.FillRule;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.job.Line;
import jurren.core.layer.Layer;
import jurren.core.lettering.Typefaces;
import jurren.core.material.Film;
import jurren.core.material.Material;
import jurren.core.snag.Flaws;
import jurren.core.snag.Snag;
import jurren.core.way.known.Ways;

/** What would go wrong with the motifs of a place. */
final class ArtSnags {
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

    private final Consumer<Snag> found;
    private final Chain chain;

    ArtSnags(Chain chain, Consumer<Snag> found) {
        this.chain = chain;
        this.found = found;
    }

    private void found(Snag snag) {
        found.accept(snag);
    }

    void look(LinePlan plan) {
        motifs(plan);
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
        if (built.undone().contains(BuiltMotif.SOURCE)) {
            Box box = built.source().orElseThrow();
            double reach = Math.max(box.widthMm(), box.heightMm());
            found(new Snag.TooLarge(line, m.id(), m.name(), reach, BuiltMotif.MOST_MM));
        }
        for (int i = 0; i < m.treatments().size(); i++) {
            Treatment t = m.treatments().get(i);
            if (built.undone().contains(i)) {
                found(new Snag.TooMuch(line, m.id(), m.name(), Treatments.of(t).id()));
            } else if (built.pieces().get(i) > 0 && built.pieces().get(i + 1) == 0) {
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
}
