package jurren.app.theme;

import javafx.event.EventHandler;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;

/**
 * The keys pressed anywhere in the scene that a node is in. While nothing there has the keyboard (what had it was
 * taken away a moment ago), keys go to the scene itself and never pass its root.
 */
public final class SceneKeys {
    private SceneKeys() {}

    /** Before what has the keyboard sees them. */
    public static void before(Node node, EventHandler<KeyEvent> key) {
        node.sceneProperty().addListener((_, was, now) -> {
            if (was != null) {
                was.removeEventFilter(KeyEvent.KEY_PRESSED, key);
            }
            if (now != null) {
                now.addEventFilter(KeyEvent.KEY_PRESSED, key);
            }
        });
    }

    /** Those that nothing took. */
    public static void after(Node node, EventHandler<KeyEvent> key) {
        node.sceneProperty().addListener((_, was, now) -> {
            if (was != null) {
                was.removeEventHandler(KeyEvent.KEY_PRESSED, key);
            }
            if (now != null) {
                now.addEventHandler(KeyEvent.KEY_PRESSED, key);
            }
        });
    }
}
