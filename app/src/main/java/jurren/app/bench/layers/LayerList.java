package jurren.app.bench.layers;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jurren.app.bench.MaterialChoice;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.layer.Edging;
import jurren.core.layer.Inked;
import jurren.core.layer.Join;
import jurren.core.layer.Layer;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.plan.LayerOrder;
import jurren.core.plan.LinePlan;
import jurren.formats.words.Words;

/** The layers from the top down, each with how it meets those under it. */
final class LayerList {
    /** The three kinds of join, with what a new one of the kind measures. */
    private enum Kind {
        LAID_OVER,
        KNOCKED_OUT,
        BUTTED;

        static Kind of(Join join) {
            return switch (join) {
                case Join.LaidOver _ -> LAID_OVER;
                case Join.KnockedOut _ -> KNOCKED_OUT;
                case Join.Butted _ -> BUTTED;
            };
        }

        Join fresh() {
            return switch (this) {
                case LAID_OVER -> Join.LAID_OVER;
                case KNOCKED_OUT -> new Join.KnockedOut(1);
                case BUTTED -> new Join.Butted(0.25);
            };
        }
    }

    private static final double MATERIAL_PX = 132;

    private final Session session;
    private final VBox rows = new VBox();
    private final VBox node;
    private final VBox why = new VBox();
    private final PanelsCard panels;
    private List<Object> shown = List.of();
    /** The card that keeps the keyboard when the cards are made anew. */
    private String focusNext = "";

    LayerList(Session session) {
        this.session = session;
        this.panels = new PanelsCard(session);
        rows.getStyleClass().add("layer-rows");
        this.node = new VBox(Controls.caption(Texts.of("layers.title")), rows);
        node.getStyleClass().add("cards");
    }

    Node node() {
        return node;
    }

    /** Why they are reversed, or not. */
    Node why() {
        return why;
    }

    void update() {
        session.linePlan()
                .ifPresent(plan -> session.sizePlan().ifPresent(size -> {
                    List<Object> now = List.of(
                            size.layers(),
                            session.unit(),
                            plan.materials(),
                            plan.line().edgings(),
                            plan.blank(),
                            plan.blankColour());
                    if (!now.equals(shown)) {
                        shown = now;
                        Controls.refill(rows, build(plan, size.layers()));
                        if (!focusNext.isEmpty()) {
                            Node next = rows.lookup("#" + focusNext);
                            focusNext = "";
                            if (next != null) {
                                next.requestFocus();
                            }
                        }
                    }
                }));
    }

    private List<Node> build(LinePlan plan, List<Layer> layers) {
        List<Node> nodes = new ArrayList<>();
        for (Layer layer : layers.reversed()) {
            nodes.add(card(plan, layer));
            nodes.add(
                    isPressedInto(plan, layer)
                            ? Controls.label(Texts.of("layers.pressed-into"), "join")
                            : layer.order() == 1
                                    ? Controls.label(
                                            Texts.of(
                                                    "layers.on-cloth",
                                                    plan.madeOf().name()),
                                            "join")
                                    : join(layer));
        }
        if (!layers.isEmpty()) {
            if (layers.stream().map(Layer::film).distinct().count() > 1) {
                nodes.add(Controls.label(Texts.of("layers.order"), "hint"));
            }
        }
        Controls.refill(
                why,
                layers.isEmpty()
                        ? List.of()
                        : List.of(Controls.card(
                                Controls.label(Texts.of("layers.why"), "card-title"),
                                Controls.label(String.join(
                                        " ",
                                        layers.reversed().stream()
                                                .map(Words::why)
                                                .distinct()
                                                .toList())))));
        return nodes;
    }

    private Node card(LinePlan plan, Layer layer) {
        Region swatch = new Region();
        swatch.getStyleClass().add("layer-swatch");
        swatch.setStyle("-fx-background-color: rgba(35,38,43,0.4), " + swatchPaint(layer) + ";");
        HBox title = new HBox(
                8,
                Controls.label(layer.order() + "  " + Words.layerName(plan, layer.order()), "card-title"),
                Controls.spring(),
                material(plan, layer));
        title.setAlignment(Pos.BASELINE_LEFT);
        VBox text = new VBox(
                title,
                Controls.label(Texts.of(
                        "layers.made", Words.made(layer), layer.region().pieceCount())),
                Controls.label(
                        !layer.isCut()
                                ? Texts.of(
                                        "layers.colours", layer.print().inks().size())
                                : Texts.of(
                                        "layers.thinnest",
                                        session.unit()
                                                .fine(plan.drawn()
                                                        .flaws()
                                                        .thinnest(layer.order())
                                                        .widthMm())),
                        "hint"));
        if (layer.material().topOnly() && layer.role() != Layer.Role.BASE) {
            text.getChildren().add(Controls.label(Texts.of("layers.top-only"), "means"));
        }
        if (layer.isCut() && layer.role() != Layer.Role.FILM && layer.role() != Layer.Role.PLATE) {
            text.getChildren().add(edging(plan, layer));
        }
        panels.of(plan, layer).ifPresent(text.getChildren()::add);
        panels.lineUp(plan, layer).ifPresent(text.getChildren()::add);
        HBox.setHgrow(text, Priority.ALWAYS);
        HBox row = new HBox(swatch, text);
        moves(row, plan, layer);
        row.getStyleClass().add("layer-row");
        return Controls.card(row);
    }

    private static boolean isPressedInto(LinePlan plan, Layer layer) {
        return layer.isPrint()
                && !layer.isCut()
                && plan.drawn().layers().stream()
                        .anyMatch(l -> l.role() == Layer.Role.BASE && l.film().equals(layer.film()));
    }

    /** Of what it is made; a base and its print are made of one material, told once. */
    private Node material(LinePlan plan, Layer layer) {
        if (isPressedInto(plan, layer)) {
            return Controls.label("");
        }
        Node choice = MaterialChoice.of(
                "layer-material-" + layer.order(),
                Texts.of("layers.material", layer.order()),
                session,
                plan,
                layer.material(),
                to -> session.editLine(l -> plan.remade(l, layer, to.id())));
        ((Region) choice).setPrefWidth(Theme.wide(MATERIAL_PX));
        return choice;
    }

    /** Where the cut line of a print or a base lies. */
    private Node edging(LinePlan plan, Layer layer) {
        Edging now = plan.edging(layer.material());
        String id = layer.material().id();
        MeasureField out = new MeasureField(
                Texts.of("edging.out"),
                mm -> session.unit().fine(mm),
                text -> session.unit().parse(text),
                MeasureField.within(session::unit, -Edging.MOST_MM, Edging.MOST_MM),
                mm -> session.editLine(
                        l -> l.withEdging(id, plan.edging(layer.material()).withOut(mm))));
        out.setId("edging-out-" + layer.order());
        out.show(now.outMm());
        out.setPrefWidth(Theme.wide(82));
        CheckBox holes = new CheckBox(Texts.of("edging.holes"));
        holes.setId("edging-holes-" + layer.order());
        holes.setSelected(now.holesKept());
        holes.setOnAction(_ -> session.editLine(l -> l.withEdging(id, now.withHolesKept(holes.isSelected()))));
        FlowPane row = new FlowPane(8, 4, Controls.figure(Texts.of("edging.out")), out, holes);
        if (layer.isPrint()) {
            CheckBox through = new CheckBox(Texts.of("edging.through"));
            through.setId("edging-through-" + layer.order());
            through.setSelected(now.through());
            through.setOnAction(_ -> session.editLine(l -> l.withEdging(id, now.withThrough(through.isSelected()))));
            row.getChildren().add(through);
        }
        return row;
    }

    /** One colour, or the colours of a print in stripes. */
    private static String swatchPaint(Layer layer) {
        List<Colour> colours =
                layer.paints().stream().map(Inked::colour).distinct().toList();
        if (colours.size() == 1) {
            return colours.getFirst().hex();
        }
        StringBuilder stops = new StringBuilder("linear-gradient(to bottom");
        for (int i = 0; i < colours.size(); i++) {
            stops.append(", ")
                    .append(colours.get(i).hex())
                    .append(' ')
                    .append(100 * i / colours.size())
                    .append("%, ")
                    .append(colours.get(i).hex())
                    .append(' ')
                    .append(100 * (i + 1) / colours.size())
                    .append('%');
        }
        return stops.append(")").toString();
    }

    /** By the arrow keys with Alt, or dragged over its neighbour. */
    private void moves(HBox card, LinePlan plan, Layer layer) {
        card.setId("layer-" + layer.order());
        card.setFocusTraversable(true);
        card.setAccessibleText(Texts.of("layers.card", layer.order(), Words.layerName(plan, layer.order())));
        card.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.isAltDown() && (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN)) {
                e.consume();
                move(
                        layer,
                        e.getCode() == KeyCode.UP,
                        "layer-" + (layer.order() + (e.getCode() == KeyCode.UP ? 1 : -1)));
            }
        });
        double[] from = {0};
        card.setOnMousePressed(e -> {
            card.requestFocus();
            from[0] = e.getSceneY();
        });
        card.setOnMouseDragged(e -> card.setTranslateY(e.getSceneY() - from[0]));
        card.setOnMouseReleased(e -> {
            double by = e.getSceneY() - from[0];
            card.setTranslateY(0);
            if (Math.abs(by) > card.getHeight() / 2) {
                move(layer, by < 0, "");
            }
        });
    }

    private void move(Layer layer, boolean up, String focus) {
        session.linePlan().ifPresent(plan -> {
            switch (LayerOrder.moved(plan, session.line(), layer, up)) {
                case LayerOrder.Moved m -> {
                    focusNext = focus;
                    session.editLine(_ -> m.line());
                }
                case LayerOrder.Stays s ->
                    session.notices()
                            .say(Texts.of(
                                    "layers.stays." + s.why(),
                                    Words.layerName(plan, layer.order()),
                                    s.other() == 0 ? "" : Words.layerName(plan, s.other())));
            }
        });
    }

    private Node join(Layer layer) {
        Film film = layer.film();
        Controls.Choice<Kind> kind = new Controls.Choice<>(
                "join-" + layer.order(),
                Texts.of("join.of", layer.order()),
                List.of(Kind.values()),
                k -> Texts.of("join." + k),
                k -> session.editLine(l -> l.withJoin(film, k.fresh())));
        kind.show(Kind.of(layer.join()));
        FlowPane row = new FlowPane(kind);
        switch (layer.join()) {
            case Join.LaidOver _ -> {}
            case Join.KnockedOut k ->
                row.getChildren()
                        .addAll(Controls.figure(Texts.of("join.overlap")), field(layer, "join.overlap", k.overlapMm()));
            case Join.Butted b ->
                row.getChildren().addAll(Controls.figure(Texts.of("join.gap")), field(layer, "join.gap", b.gapMm()));
        }
        row.getStyleClass().add("join");
        return row;
    }

    private MeasureField field(Layer layer, String name, double now) {
        MeasureField field = new MeasureField(
                Texts.of(name),
                mm -> session.unit().fine(mm),
                text -> session.unit().parse(text),
                mm -> mm >= 0 && mm <= 10
                        ? java.util.Optional.empty()
                        : java.util.Optional.of(
                                Texts.of("join.limits", session.unit().fine(10))),
                mm -> session.editLine(l -> l.withJoin(
                        layer.film(),
                        layer.join() instanceof Join.Butted ? new Join.Butted(mm) : new Join.KnockedOut(mm))));
        field.setId("join-measure-" + layer.order());
        field.show(now);
        field.setPrefWidth(Theme.wide(82));
        return field;
    }
}
