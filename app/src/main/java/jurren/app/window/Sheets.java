package jurren.app.window;

import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Sheets laid over the whole window, one at a time; Escape or a click beside them puts them away. */
final class Sheets {
    private final StackPane layer = new StackPane();
    private Node focusBefore;
    private Runnable closed = () -> { };

    Sheets() {
        layer.getStyleClass().add("scrim");
        layer.setVisible(false);
        layer.setOnMousePressed(e -> {
            if (e.getTarget() == layer) {
                close();
            }
        });
        layer.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close();
                e.consume();
            }
        });
    }

    Node node() {
        return layer;
    }

    boolean isOpen() {
        return layer.isVisible();
    }

    /** @param place where in the window */
    void open(String id, String title, Pos place, Node... content) {
        open(id, title, place, () -> { }, content);
    }

    /** @param newClosed run when it is put away, however that happens */
    void open(String id, String title, Pos place, Runnable newClosed, Node... content) {
        closed.run();
        closed = newClosed;
        if (!isOpen() && layer.getScene() != null) {
            focusBefore = layer.getScene().getFocusOwner();
        }
        HBox head = new HBox(Controls.label(title, "sheet-title"), Controls.spring(),
                Controls.sign("sheet-close", "×", Texts.of("sheet.close"), this::close));
        VBox body = new VBox(content);
        body.getStyleClass().add("sheet-body");
        ScrollPane scroll = new ScrollPane(body);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("column-scroll");
        VBox sheet = new VBox(head, scroll);
        sheet.setId(id);
        sheet.getStyleClass().add("sheet");
        sheet.setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        StackPane.setAlignment(sheet, place);
        layer.getChildren().setAll(sheet);
        layer.setVisible(true);
        focusFirst(body);
    }

    private void focusFirst(VBox body) {
        for (Node n : body.lookupAll("*")) {
            if (n.isFocusTraversable() && !n.isDisabled() && !(n instanceof ScrollPane)) {
                n.requestFocus();
                return;
            }
        }
        Node close = layer.lookup("#sheet-close");
        if (close != null) {
            close.requestFocus();
        }
    }

    /** A field that is being typed in takes what is there. */
    void commitTyping() {
        layer.requestFocus();
    }

    void close() {
        closed.run();
        closed = () -> { };
        layer.setVisible(false);
        layer.getChildren().clear();
        if (focusBefore != null) {
            focusBefore.requestFocus();
            focusBefore = null;
        }
    }
}
