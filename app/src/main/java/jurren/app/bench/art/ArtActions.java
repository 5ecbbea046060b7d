package jurren.app.bench.art;

import jurren.app.NewJobs;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Source;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Treatments;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.lettering.Typeface;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import jurren.core.plan.LinePlan;
import jurren.formats.svg.SvgRead;
import jurren.formats.svg.SvgReader;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/** What can be done to the motifs of the open line, from wherever it is asked for. */
public final class ArtActions {
    private static final double FIRST_CAPITAL_MM = 40;
    private static final double FIRST_SHAPE_MM = 60;

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
            add(text, Lettering.of(text, Typeface.ANTON, FIRST_CAPITAL_MM, standsOut(plan)),
                    Pose.at(0, area.minYMm() + 2 * FIRST_CAPITAL_MM));
        }
    }

    /** A shape in the middle of the area. */
    public void addShape(Shape.Kind kind) {
        session.linePlan().ifPresent(plan -> {
            Box area = plan.drawn().area().box();
            double side = Math.min(FIRST_SHAPE_MM, Math.min(area.widthMm(), area.heightMm()) * 0.6);
            add(Texts.of("shape." + kind), Shape.of(kind, side, standsOut(plan)), Pose.at(area.centre().xMm(), area.centre().yMm()));
        });
    }

    private void add(String name, Source source, Pose pose) {
        String id = session.line().freeMotifId();
        session.editLine(l -> {
            List<Motif> more = new ArrayList<>(l.motifs());
            more.add(new Motif(id, name, source, List.of(new Treatment.Weld()), pose));
            return l.withMotifs(more);
        });
        session.choose(Optional.of(id));
    }

    /** The film colour that differs most from the cloth in lightness. */
    private static Colour standsOut(LinePlan plan) {
        double cloth = plan.blankColour().colour().luminance();
        return plan.material().colours().stream().map(FilmColour::colour)
                .max((a, b) -> Double.compare(Math.abs(a.luminance() - cloth), Math.abs(b.luminance() - cloth)))
                .orElse(new Colour(0xFFFFFF));
    }

    /** Takes a drawing file at its true size; what cannot be taken is said. */
    public void addDrawing(Path file) {
        byte[] content;
        try {
            content = Files.readAllBytes(file);
        } catch (IOException _) {
            session.say(Texts.of("file.unreadable", file.getFileName()));
            return;
        }
        switch (SvgReader.read(new DrawingFile(file.getFileName().toString(), content))) {
            case SvgRead.Refused r -> session.say(session.words().refusal(r.refusal()));
            case SvgRead.Taken t -> {
                take(t.drawing());
                session.say(t.notes().isEmpty() ? null
                        : t.notes().stream().sorted().map(session.words()::note).collect(Collectors.joining(" ")));
            }
        }
    }

    private void take(Drawing drawing) {
        Point middle = session.linePlan().map(p -> p.drawn().area().box().centre()).orElse(new Point(0, 200));
        add(NewJobs.nameOf(drawing), drawing, Pose.at(middle.xMm(), middle.yMm()));
    }

    public void remove() {
        session.motif().ifPresent(m -> session.editLine(l -> l.withMotifs(
                l.motifs().stream().filter(o -> !o.id().equals(m.id())).toList())));
    }

    /** Up in the stack is nearer to the eye. */
    public void shift(String motifId, int up) {
        session.editLine(l -> {
            List<Motif> motifs = new ArrayList<>(l.motifs());
            int at = motifs.indexOf(l.motif(motifId).orElseThrow());
            int to = at + up;
            if (to >= 0 && to < motifs.size()) {
                Collections.swap(motifs, at, to);
            }
            return l.withMotifs(motifs);
        });
    }

    public void chooseNext() {
        List<Motif> motifs = session.line().motifs();
        if (!motifs.isEmpty()) {
            int now = session.motif().map(motifs::indexOf).orElse(-1);
            session.choose(Optional.of(motifs.get((now + 1) % motifs.size()).id()));
        }
    }

    /** Puts the middle of the motif on the middle line. */
    public void centre() {
        session.motif().ifPresent(m -> bounds(m).ifPresent(b -> {
            double x = b.placed(m.pose().placement()).centre().xMm();
            session.editMotif(o -> o.withPose(o.pose().moved(-x, 0)));
        }));
    }

    private Optional<Box> bounds(Motif m) {
        return session.linePlan().map(p -> p.motifs().get(m.id())).flatMap(BuiltMotif::bounds);
    }

    public void addOutline() {
        Treatments.kind("outline").ifPresent(this::add);
    }

    /** One of a kind to begin with; its colour is one that is not in use on this motif yet. */
    public void add(Treatments.Kind kind) {
        session.motif().ifPresent(m -> session.linePlan().ifPresent(plan ->
                addTreatment(kind.fresh().apply(freeColour(plan, m)))));
    }

    private static Colour freeColour(LinePlan plan, Motif m) {
        List<Colour> used = plan.motifs().get(m.id()).paints().stream().map(p -> p.colour()).toList();
        return plan.material().colours().stream().map(FilmColour::colour)
                .filter(c -> !used.contains(c) && !c.equals(plan.blankColour().colour())
                        && Math.abs(c.luminance() - plan.blankColour().colour().luminance()) > 0.1)
                .findFirst().orElse(new Colour(0x808080));
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
        session.editMotif(m -> {
            List<Treatment> changed = new ArrayList<>(m.treatments());
            changed.set(index, t);
            return m.withTreatments(changed);
        });
    }
}
