package jurren.app.sheet;

import java.util.ArrayDeque;
import java.util.Arrays;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jurren.app.theme.Controls;
import jurren.app.theme.SceneKeys;
import jurren.app.theme.Texts;
import jurren.app.theme.Typed;

/**
 * Sheets laid over the whole window. The one on top has the keyboard, and what lies behind is disabled: Tab stays
 * inside, Enter does what its plum button says, Escape or a click beside it puts it away, asking first when something
 * was typed that would be lost. The focus goes back to where it was.
 */
public final class Sheets {
    /** Text in a field with this property is a fact as it is typed, so nothing is lost with it. */
    private static final String KEPT = "jurren.kept";

    /** One of the answers to a question. */
    public record Answer(String id, String words, Runnable then) {}

    private static final class Sheet {
        private final VBox node;
        private final Runnable closed;
        private final Node focusBefore;
        private final Map<TextInputControl, String> texts = new HashMap<>();
        /** What a field said when Enter was last pressed in it. */
        private final Map<Node, String> entered = new HashMap<>();

        Sheet(VBox node, Runnable closed, Node focusBefore) {
            this.node = node;
            this.closed = closed;
            this.focusBefore = focusBefore;
        }

        /** Something was typed that is kept nowhere. */
        boolean wouldLose() {
            return fields(node).stream()
                    .anyMatch(f -> f instanceof Typed t
                            ? t.isPending()
                            : !f.getProperties().containsKey(KEPT)
                                    && f.isEditable()
                                    && !f.getText().equals(texts.getOrDefault(f, "")));
        }
    }

    /**
     * As high as it is at its own width, where sentences break into several lines; a scroll pane asks without a width.
     */
    private static final class Body extends VBox {
        Body(Node... content) {
            super(content);
        }

        @Override
        protected double computePrefHeight(double width) {
            return super.computePrefHeight(width < 0 ? prefWidth(-1) : width);
        }
    }

    private final StackPane layer = new StackPane();
    private final Node behind;
    private final Deque<Sheet> open = new ArrayDeque<>();

    /** @param behind what is covered */
    public Sheets(Node behind) {
        this.behind = behind;
        layer.getStyleClass().add("scrim");
        layer.setVisible(false);
        layer.setOnMousePressed(e -> {
            if (e.getTarget() == layer) {
                leave();
            }
        });
        SceneKeys.before(layer, this::key);
    }

    /** Nothing is lost with what is typed in there. */
    public static <T extends TextInputControl> T kept(T field) {
        field.getProperties().put(KEPT, true);
        return field;
    }

    public Node node() {
        return layer;
    }

    public boolean isOpen() {
        return layer.isVisible();
    }

    private static List<TextInputControl> fields(Parent of) {
        return of.lookupAll("*").stream()
                .filter(TextInputControl.class::isInstance)
                .map(TextInputControl.class::cast)
                .toList();
    }

    private void key(KeyEvent e) {
        if (open.isEmpty()) {
            return;
        }
        Node focus = layer.getScene().getFocusOwner();
        if (e.getCode() == KeyCode.ESCAPE) {
            Typed.pending(focus).ifPresentOrElse(Typed::restore, this::leave);
            e.consume();
        } else if (e.getCode() == KeyCode.ENTER && !(focus instanceof ButtonBase) && !(focus instanceof TextArea)) {
            Optional<Typed> typed = Typed.pending(focus);
            if (typed.isPresent()) {
                typed.get().commit();
                e.consume();
            } else if (!(focus instanceof TextField f && f.getOnAction() != null && !(f instanceof Typed))) {
                e.consume();
                enter(focus);
            }
        }
    }

    /** Of several fields, Enter first ends the one that was just typed in; the next Enter is for the sheet. */
    private void enter(Node focus) {
        Sheet top = open.peek();
        if (focus instanceof TextField f
                && !(f instanceof Typed)
                && fields(top.node).size() > 1
                && !f.getText().equals(top.entered.getOrDefault(f, top.texts.getOrDefault(f, "")))) {
            top.entered.put(f, f.getText());
            return;
        }
        primary().ifPresent(Button::fire);
    }

    /** The one thing the sheet is for. */
    private Optional<Button> primary() {
        return open.isEmpty()
                ? Optional.empty()
                : open.peek().node.lookupAll(".primary").stream()
                        .filter(Button.class::isInstance)
                        .map(Button.class::cast)
                        .filter(b -> !b.isDisabled() && b.isVisible())
                        .findFirst();
    }

    /** @param place where in the window */
    public void open(String id, String title, Pos place, Node... content) {
        open(id, title, place, () -> {}, content);
    }

    /**
     * In place of every other.
     *
     * @param closed run when it is put away, however that happens
     */
    public void open(String id, String title, Pos place, Runnable closed, Node... content) {
        Node before = open.isEmpty() ? focusOwner() : open.peekLast().focusBefore;
        while (!open.isEmpty()) {
            open.pop().closed.run();
        }
        push(id, title, place, closed, before, content);
    }

    /** A question over whatever is open; each answer puts it away first. */
    public void ask(String id, String title, String text, Answer first, Answer... others) {
        HBox buttons = new HBox(answer(first, "primary"));
        Arrays.stream(others).forEach(a -> buttons.getChildren().add(answer(a)));
        buttons.getStyleClass().add("buttons");
        push(id, title, Pos.CENTER, () -> {}, focusOwner(), Controls.label(text, "question"), buttons);
    }

    private Button answer(Answer a, String... styles) {
        return Controls.button(
                a.id,
                a.words,
                () -> {
                    close();
                    a.then.run();
                },
                styles);
    }

    /** Before something of a person's own is removed. */
    public void askRemove(String what, Runnable remove) {
        ask(
                "remove-sheet",
                Texts.of("remove.title", what),
                Texts.of("remove.text"),
                new Answer("remove-yes", Texts.of("remove.yes"), remove),
                new Answer("remove-no", Texts.of("remove.no"), () -> {}));
    }

    private Node focusOwner() {
        return layer.getScene() == null ? null : layer.getScene().getFocusOwner();
    }

    private void push(String id, String title, Pos place, Runnable closed, Node focusBefore, Node... content) {
        HBox head = new HBox(
                Controls.label(title, "sheet-title"),
                Controls.spring(),
                Controls.sign("sheet-close", "×", Texts.of("sheet.close"), this::leave));
        VBox body = new Body(content);
        body.getStyleClass().add("sheet-body");
        ScrollPane scroll = new ScrollPane(body);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("column-scroll");
        VBox node = new VBox(head, scroll);
        node.setId(id);
        node.getStyleClass().add("sheet");
        node.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        node.setAccessibleRole(javafx.scene.AccessibleRole.DIALOG);
        node.setAccessibleText(title);
        StackPane.setAlignment(node, place);
        Sheet sheet = new Sheet(node, closed, focusBefore);
        open.push(sheet);
        show();
        fields(node).forEach(f -> sheet.texts.put(f, f.getText()));
        focusFirst(body);
    }

    /** The one on top, what lies behind it disabled. */
    private void show() {
        layer.getChildren().setAll(open.reversed().stream().map(s -> s.node).toList());
        open.forEach(s -> s.node.setDisable(s != open.peek()));
        layer.setVisible(!open.isEmpty());
        behind.setDisable(!open.isEmpty());
    }

    private void focusFirst(VBox body) {
        layer.applyCss();
        layer.layout();
        for (Node n : body.lookupAll("*")) {
            if (n.isFocusTraversable() && !n.isDisabled() && !(n instanceof ScrollPane)) {
                n.requestFocus();
                return;
            }
        }
        Node close = open.peek().node.lookup("#sheet-close");
        if (close != null) {
            close.requestFocus();
        }
    }

    /** A field that is being typed in takes what is there. */
    public void commitTyping() {
        Typed.commitIn(layer.getScene());
    }

    /** A person puts the top one away. */
    public void leave() {
        if (open.isEmpty()) {
            return;
        }
        if (open.peek().wouldLose()) {
            ask(
                    "typed-sheet",
                    Texts.of("typed.title"),
                    Texts.of("typed.text"),
                    new Answer("typed-stay", Texts.of("typed.stay"), () -> {}),
                    new Answer("typed-drop", Texts.of("typed.drop"), this::close));
        } else {
            close();
        }
    }

    /** Puts the top one away; what was typed in it is done with. */
    public void close() {
        if (open.isEmpty()) {
            return;
        }
        Sheet gone = open.pop();
        show();
        if (gone.focusBefore != null && gone.focusBefore.getScene() != null) {
            gone.focusBefore.requestFocus();
        }
        gone.closed.run();
    }

    /** Puts all of them away, for the end of the window. */
    public void closeAll() {
        while (!open.isEmpty()) {
            close();
        }
    }
}
