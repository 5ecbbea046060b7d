package jurren.app.bench.art;

import java.util.HashSet;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.VBox;

/** Parts of a card that open and close; which are open stays while the window does. */
final class Folds {
    private final Set<String> open = new HashSet<>();

    Node fold(String id, String title, Node content) {
        ToggleButton head = new ToggleButton();
        head.setId(id);
        head.getStyleClass().add("fold");
        head.setMaxWidth(Double.MAX_VALUE);
        head.setSelected(open.contains(id));
        show(head, title, content);
        head.setOnAction(_ -> {
            if (head.isSelected()) {
                open.add(id);
            } else {
                open.remove(id);
            }
            show(head, title, content);
        });
        return new VBox(4, head, content);
    }

    private static void show(ToggleButton head, String title, Node content) {
        head.setText((head.isSelected() ? "▾ " : "▸ ") + title);
        content.setVisible(head.isSelected());
        content.setManaged(head.isSelected());
    }
}
