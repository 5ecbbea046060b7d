package jurren.app.bench.art;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.art.Backing;
import jurren.core.art.Drawing;
import jurren.core.art.Mark;
import jurren.core.art.Shape;
import jurren.core.art.Stroke;
import jurren.core.geometry.CornerStyle;

/** The cards of the sources that have few fields. */
final class ShapeCards {
    private static final double MOST_MM = 1000;

    private ShapeCards() {}

    /** What it is, and the two figures that some shapes have. */
    static final class OfShape extends SourceCard<Shape> {
        OfShape(Session session, ArtActions actions) {
            super(Shape.class, session, actions);
        }

        @Override
        Node node() {
            Controls.Choice<Shape.Kind> kind = new Controls.Choice<>(
                    "shape-kind",
                    Texts.of("chain.shape"),
                    List.of(Shape.Kind.values()),
                    k -> Texts.of("shape." + k),
                    k -> edit(s -> s.withKind(k)));
            kind.setMaxWidth(Double.MAX_VALUE);
            MeasureField points = MeasureField.count(Texts.of("shape.points"), 3, 200, n -> edit(s -> s.withPoints(n)));
            points.setId("shape-points");
            MeasureField depth =
                    MeasureField.number(Texts.of("shape.depth"), " %", 0, 100, p -> edit(s -> s.withDepth(p / 100)));
            depth.setId("shape-depth");
            Node pointsRow = Controls.row(Texts.of("shape.points"), points);
            Node depthRow = Controls.row(Texts.of("shape.depth"), depth);
            fills(s -> {
                kind.show(s.kind());
                points.show(s.points());
                depth.show(s.depth() * 100);
                show(pointsRow, s.kind().hasPoints());
                show(depthRow, s.kind().hasDepth());
            });
            return Controls.card(
                    title("chain.shape"),
                    kind,
                    pointsRow,
                    depthRow,
                    colours("shape-colour", Shape::colour, c -> edit(s -> s.withColour(c))));
        }
    }

    /** A line: its widths at both ends, and how it goes. */
    static final class OfStroke extends SourceCard<Stroke> {
        OfStroke(Session session, ArtActions actions) {
            super(Stroke.class, session, actions);
        }

        @Override
        Node node() {
            MeasureField begin = width("stroke-begin", mm -> edit(s -> s.withWidths(mm, s.endWidthMm())));
            MeasureField end = width("stroke-end", mm -> edit(s -> s.withWidths(s.beginWidthMm(), mm)));
            CheckBox smooth = new CheckBox(Texts.of("stroke.smooth"));
            smooth.setId("stroke-smooth");
            smooth.setOnAction(_ -> edit(s -> s.route() instanceof Stroke.Through t
                    ? s.withRoute(new Stroke.Through(t.stops(), smooth.isSelected()))
                    : s));
            MeasureField turns = MeasureField.number(
                    Texts.of("stroke.turns"),
                    "",
                    0.1,
                    60,
                    n -> edit(s -> s.route() instanceof Stroke.Spiral r
                            ? s.withRoute(new Stroke.Spiral(n, r.acrossMm()))
                            : s));
            turns.setId("stroke-turns");
            Node turnsRow = Controls.row(Texts.of("stroke.turns"), turns);
            fills(s -> {
                begin.show(s.beginWidthMm());
                end.show(s.endWidthMm());
                show(smooth, s.route() instanceof Stroke.Through);
                show(turnsRow, s.route() instanceof Stroke.Spiral);
                switch (s.route()) {
                    case Stroke.Through t -> smooth.setSelected(t.smooth());
                    case Stroke.Spiral r -> turns.show(r.turns());
                }
            });
            return Controls.card(
                    title("stroke.name"),
                    Controls.row(Texts.of("stroke.begin"), begin),
                    Controls.row(Texts.of("stroke.end"), end),
                    turnsRow,
                    smooth,
                    colours("stroke-colour", Stroke::colour, c -> edit(s -> s.withColour(c))));
        }

        private MeasureField width(String id, java.util.function.Consumer<Double> taken) {
            MeasureField field = new MeasureField(
                    Texts.of("stroke.begin"),
                    mm -> session.unit().fine(mm),
                    text -> session.unit().parse(text),
                    MeasureField.within(session::unit, 0, MOST_MM),
                    taken);
            field.setId(id);
            return field;
        }
    }

    /** One more of another motif: of which. */
    static final class OfMark extends SourceCard<Mark> {
        OfMark(Session session, ArtActions actions) {
            super(Mark.class, session, actions);
        }

        @Override
        Node node() {
            OtherChoice of = new OtherChoice(
                    "mark-of",
                    session,
                    actions,
                    id -> now().ifPresent(m -> actions.changeSource(new Mark(id, m.widthFactor(), m.heightFactor()))));
            fills(m -> of.show(m.of()));
            return Controls.card(title("mark.title"), of);
        }
    }

    /** What stands round everything above it. */
    static final class OfBacking extends SourceCard<Backing> {
        OfBacking(Session session, ArtActions actions) {
            super(Backing.class, session, actions);
        }

        @Override
        Node node() {
            MeasureField distance = new MeasureField(
                    Texts.of("backing.distance"),
                    mm -> session.unit().fine(mm),
                    text -> session.unit().parse(text),
                    MeasureField.within(session::unit, 0, MOST_MM),
                    mm -> edit(b -> b.withDistance(mm)));
            distance.setId("backing-distance");
            Controls.Segments<CornerStyle> corners = Controls.segments(
                    "backing-corners",
                    List.of(CornerStyle.values()),
                    s -> Texts.of("outline.corners." + s),
                    s -> edit(b -> b.withCorners(s)));
            CheckBox filled = new CheckBox(Texts.of("backing.filled"));
            filled.setId("backing-filled");
            filled.setOnAction(_ -> edit(b -> b.withHolesFilled(filled.isSelected())));
            fills(b -> {
                distance.show(b.distanceMm());
                corners.show(b.corners());
                filled.setSelected(b.holesFilled());
            });
            return Controls.card(
                    title("backing.name"),
                    Controls.row(Texts.of("backing.distance"), distance),
                    new HBox(corners),
                    filled,
                    colours("backing-colour", Backing::colour, c -> edit(b -> b.withColour(c))));
        }
    }

    /** A drawing from a file: which, and how large. */
    static final class OfDrawing extends SourceCard<Drawing> {
        OfDrawing(Session session, ArtActions actions) {
            super(Drawing.class, session, actions);
        }

        @Override
        Node node() {
            Label file = Controls.label("");
            Label inks = Controls.label("", "hint");
            fills(d -> {
                file.setText(Texts.of("drawing.file", d.file().name(), Math.round(d.widthFactor() * 100)));
                inks.setText(Texts.of(
                        "drawing.inks",
                        String.join(", ", d.inks().values().stream().sorted().toList())));
                show(inks, !d.inks().isEmpty());
            });
            FlowPane apart = new FlowPane();
            for (ArtActions.Apart by : ArtActions.Apart.values()) {
                apart.getChildren()
                        .add(Controls.button(
                                "apart-" + by.name().toLowerCase(java.util.Locale.ROOT),
                                Texts.of("drawing.by." + by),
                                () -> actions.takeApart(by)));
            }
            apart.getStyleClass().add("flow");
            return Controls.card(
                    title("chain.drawing"), file, inks, Controls.label(Texts.of("drawing.apart"), "hint"), apart);
        }
    }
}
