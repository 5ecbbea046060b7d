package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.art.Shape;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;

/** The motifs on this face, from the top down, and how to add one. */
final class MotifList {
    private final Session session;
    private final ArtActions actions;
    private final DrawnLine drawn;
    private final Runnable beginsDrawing;
    private final VBox rows = new VBox();
    /** The row is being pressed to choose it as well. */
    private boolean more;

    private final VBox node;

    MotifList(Session session, ArtActions actions, DrawnLine drawn, Runnable beginsDrawing) {
        this.beginsDrawing = beginsDrawing;
        this.drawn = drawn;
        this.session = session;
        this.actions = actions;
        rows.getStyleClass().add("motif-rows");
        FlowPane add = new FlowPane(
                Controls.button("add-lettering", Texts.of("art.add-lettering"), actions::addLettering),
                Controls.button(
                        "add-drawing",
                        Texts.of("art.add-drawing"),
                        () -> rows.fireEvent(new AskFor(AskFor.What.DRAWING))));
        MenuButton shapes = new MenuButton(Texts.of("art.add-shape"));
        shapes.setId("add-shape");
        shapes.getStyleClass().add("add-treatment");
        for (Shape.Kind kind : Shape.Kind.values()) {
            MenuItem item = new MenuItem(Texts.of("shape." + kind));
            item.setId("shape-" + kind.name().toLowerCase(java.util.Locale.ROOT));
            item.setOnAction(_ -> actions.addShape(kind));
            shapes.getItems().add(item);
        }
        shapes.getItems()
                .addAll(
                        new SeparatorMenuItem(),
                        item("shape-line", "stroke.draw-line", () -> draw(false)),
                        item("shape-path", "stroke.draw-smooth", () -> draw(true)),
                        item("shape-spiral", "stroke.spiral", actions::addSpiral),
                        item("shape-backing", "backing.name", actions::addBacking));
        add.getChildren().add(shapes);
        add.getStyleClass().add("flow");
        this.node = new VBox(Controls.caption(Texts.of("art.on-this-face")), Controls.card(rows, add));
        node.getStyleClass().add("cards");
    }

    /** From the middle of the area; the picture has the keyboard, so that points can be put by keys. */
    private void draw(boolean smooth) {
        drawn.begin(
                smooth,
                session.linePlan().map(p -> p.drawn().area().box().centre()).orElse(new Point(0, 0)));
        session.notices().say(Texts.of("stroke.how"));
        beginsDrawing.run();
    }

    private static MenuItem item(String id, String key, Runnable action) {
        MenuItem item = new MenuItem(Texts.of(key));
        item.setId(id);
        item.setOnAction(_ -> action.run());
        return item;
    }

    Node node() {
        return node;
    }

    void update() {
        List<Motif> motifs = session.line().motifs();
        Controls.refillWhenChanged(
                rows,
                List.of(
                        motifs.stream()
                                .map(m -> List.of(m.id(), m.name(), m.standing(), colours(m)))
                                .toList(),
                        session.chosen().stream().map(Motif::id).toList()),
                () -> rows(motifs));
    }

    private List<Colour> colours(Motif m) {
        return session.linePlan().map(p -> p.motifs().get(m.id())).map(BuiltMotif::paints).orElse(List.of()).stream()
                .map(Painted::colour)
                .distinct()
                .toList();
    }

    private List<Node> rows(List<Motif> motifs) {
        List<Node> shown = new ArrayList<>();
        for (Motif m : motifs.reversed()) {
            shown.add(row(m, session.chosen().contains(m)));
        }
        if (shown.isEmpty()) {
            shown.add(Controls.label(Texts.of("art.none"), "hint"));
        }
        return shown;
    }

    private Node row(Motif m, boolean chosen) {
        HBox dots = new HBox(2);
        dots.setAlignment(Pos.CENTER_RIGHT);
        colours(m).forEach(c -> {
            Circle dot = new Circle(6, Theme.paint(c));
            dot.setStroke(Theme.SOFT);
            dots.getChildren().add(dot);
        });
        ToggleButton name = new ToggleButton(m.name().isBlank() ? Texts.of("art.nameless") : m.name());
        name.setId("motif-" + m.id());
        name.getStyleClass().add("motif-button");
        name.setSelected(chosen);
        name.setGraphic(dots);
        name.setMaxWidth(Double.MAX_VALUE);
        name.setMinWidth(0);
        name.setWrapText(true);
        name.setMinHeight(javafx.scene.layout.Region.USE_PREF_SIZE);
        name.setAccessibleText(Texts.of("art.motif", m.name()));
        String standing = (m.isHidden() ? " · " + Texts.of("arrange.hidden") : "")
                + (m.standing().locked() ? " · " + Texts.of("arrange.locked") : "");
        name.setText(name.getText() + standing);
        name.addEventFilter(KeyEvent.KEY_PRESSED, e -> more = e.getCode() == KeyCode.SPACE && e.isShiftDown());
        name.setOnMousePressed(e -> more = e.isShiftDown() || e.isShortcutDown());
        name.setOnAction(_ -> {
            session.chooseAll(actions.chosenWith(m, more, true));
            more = false;
        });
        HBox.setHgrow(name, Priority.ALWAYS);
        HBox row = new HBox(name);
        if (chosen && session.chosen().size() == 1) {
            row.getChildren()
                    .addAll(
                            Controls.sign("motif-up", "↑", Texts.of("art.up"), () -> actions.shift(m.id(), 1)),
                            Controls.sign("motif-down", "↓", Texts.of("art.down"), () -> actions.shift(m.id(), -1)),
                            Controls.sign("motif-remove", "×", Texts.of("art.remove"), actions::remove));
        }
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }
}
