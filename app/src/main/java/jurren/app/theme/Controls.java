package jurren.app.theme;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Supplier;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.util.StringConverter;

/** Small pieces of interface, each with its style class and accessible name. */
public final class Controls {
    private static final double REVEALED_BELOW = 12;
    /** A name wraps before what stands beside it is cut short. */
    private static final double LEAST_NAME = 50;

    private static final String SHOWS = "jurren.shows";

    private Controls() {}

    public static Label label(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }

    /** A line of figures: never wrapped, never cut short. */
    public static Label figure(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("figure");
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    public static Label caption(String text) {
        return label(text, "caption");
    }

    public static Button button(String id, String text, Runnable action, String... styles) {
        Button b = new Button(text);
        b.setId(id);
        b.getStyleClass().addAll(styles);
        b.setOnAction(_ -> action.run());
        b.setMinWidth(Region.USE_PREF_SIZE);
        return b;
    }

    /** A small button whose face is a sign; its name is for those who do not see it. */
    public static Button sign(String id, String sign, String name, Runnable action) {
        Button b = button(id, sign, action, "sign");
        b.setAccessibleText(name);
        b.setTooltip(new javafx.scene.control.Tooltip(name));
        return b;
    }

    public static VBox card(Node... content) {
        VBox card = new VBox(content);
        card.getStyleClass().add("card");
        return card;
    }

    /** Cards below each other. */
    public static VBox cards(Node... cards) {
        VBox all = new VBox(cards);
        all.getStyleClass().add("cards");
        return all;
    }

    /** A name on the left and something on the right. */
    public static HBox row(String name, Node value) {
        Label label = label(name, "row-name");
        label.setMinWidth(LEAST_NAME);
        HBox row = new HBox(label, spring(), value);
        row.getStyleClass().add("row");
        if (value instanceof Label) {
            return row;
        }
        label.setLabelFor(value);
        return row;
    }

    public static Region spring() {
        Region r = new Region();
        HBox.setHgrow(r, Priority.ALWAYS);
        VBox.setVgrow(r, Priority.ALWAYS);
        return r;
    }

    /** What goes on in the next line where the line ends. */
    public static FlowPane flow(Node... content) {
        FlowPane flow = new FlowPane(content);
        flow.getStyleClass().add("flow");
        return flow;
    }

    /** Scrolls what a node lies in until it is seen. */
    public static void reveal(Node node) {
        for (Parent p = node.getParent(); p != null; p = p.getParent()) {
            if (p instanceof ScrollPane scroll && scroll.getContent() != null) {
                double y = scroll.getContent()
                        .sceneToLocal(node.localToScene(0, 0))
                        .getY();
                double room = scroll.getContent().getBoundsInLocal().getHeight()
                        - scroll.getViewportBounds().getHeight();
                double from = scroll.getVvalue() * room;
                if (room > 0
                        && (y < from
                                || y + node.getBoundsInLocal().getHeight()
                                        > from + scroll.getViewportBounds().getHeight())) {
                    scroll.setVvalue(Math.clamp((y - REVEALED_BELOW) / room, 0, 1));
                }
            }
        }
    }

    /** A row of choices of which one holds. */
    public static <T> Segments<T> segments(String id, List<T> choices, Function<T, String> name, Consumer<T> chosen) {
        return new Segments<>(id, choices, name, chosen);
    }

    /**
     * A row of joined buttons; click or arrow key, what is shown is chosen. Setting the choice from outside tells
     * nobody.
     */
    public static final class Segments<T> extends HBox {
        private final List<T> choices;
        private final List<ToggleButton> buttons = new ArrayList<>();
        private final ToggleGroup group = new ToggleGroup();
        private boolean quiet;

        private Segments(String id, List<T> choices, Function<T, String> name, Consumer<T> chosen) {
            this.choices = List.copyOf(choices);
            setId(id);
            getStyleClass().add("segments");
            setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
            setAccessibleRole(AccessibleRole.RADIO_BUTTON);
            group.selectedToggleProperty().addListener((_, before, now) -> {
                if (quiet) {
                    return;
                }
                if (now == null) {
                    quietly(() -> before.setSelected(true));
                } else {
                    chosen.accept(this.choices.get(buttons.indexOf((ToggleButton) now)));
                }
            });
            for (T choice : choices) {
                ToggleButton b = new ToggleButton(name.apply(choice));
                b.setId(id + "-"
                        + choice.toString().toLowerCase(java.util.Locale.ROOT).replace('.', '-'));
                b.setToggleGroup(group);
                b.setMinWidth(Region.USE_PREF_SIZE);
                buttons.add(b);
            }
            getChildren().setAll(buttons);
        }

        public void show(T choice) {
            quietly(() -> {
                for (int i = 0; i < choices.size(); i++) {
                    buttons.get(i).setSelected(Objects.equals(choices.get(i), choice));
                }
            });
        }

        private void quietly(Runnable change) {
            boolean before = quiet;
            quiet = true;
            change.run();
            quiet = before;
        }
    }

    /** A list of choices that opens; showing a choice from outside tells nobody. */
    public static final class Choice<T> extends ComboBox<T> {
        private boolean quiet;

        public Choice(String id, String name, List<T> items, Function<T, String> words, Consumer<T> chosen) {
            setId(id);
            setAccessibleText(name);
            getItems().setAll(items);
            setConverter(new StringConverter<>() {
                @Override
                public String toString(T t) {
                    return t == null ? "" : words.apply(t);
                }

                @Override
                public T fromString(String s) {
                    return null;
                }
            });
            valueProperty().addListener((_, _, now) -> {
                if (!quiet && now != null) {
                    chosen.accept(now);
                }
            });
        }

        public void show(T value) {
            quiet = true;
            setValue(value);
            quiet = false;
        }
    }

    /**
     * New children when what they show is not what it was, so that a drag does not rebuild what stays.
     *
     * @param shows everything that the children are made from, as a value
     */
    public static void refillWhenChanged(Pane pane, Object shows, Supplier<? extends List<? extends Node>> children) {
        if (!shows.equals(pane.getProperties().put(SHOWS, shows))) {
            refill(pane, children.get());
        }
    }

    /** New children; what had the focus keeps it, found again by its id; where it is gone, its neighbour has it. */
    public static void refill(Pane pane, List<? extends Node> children) {
        Node focus = pane.getScene() == null ? null : pane.getScene().getFocusOwner();
        int at = -1;
        for (Node n = focus; n != null && n != pane; n = n.getParent()) {
            if (n.getParent() == pane) {
                at = pane.getChildren().indexOf(n);
            }
        }
        pane.getChildren().setAll(children);
        if (at >= 0) {
            Node again = focus.getId() == null ? null : pane.lookup("#" + focus.getId());
            if (again == null) {
                again = beside(pane, at);
            }
            if (again != null) {
                again.requestFocus();
            }
        }
    }

    /** The first thing that takes the focus in the child that took a place, or in the one before it. */
    private static Node beside(Pane pane, int at) {
        for (int i = Math.min(at, pane.getChildren().size() - 1); i >= 0; i--) {
            Node found = focusable(pane.getChildren().get(i));
            if (found != null) {
                return found;
            }
        }
        return null;
    }

    private static Node focusable(Node n) {
        if (n.isFocusTraversable() && n.isVisible() && !n.isDisabled()) {
            return n;
        }
        if (n instanceof javafx.scene.Parent p) {
            for (Node child : p.getChildrenUnmodifiable()) {
                Node found = focusable(child);
                if (found != null) {
                    return found;
                }
            }
        }
        return null;
    }
}
