package jurren.app.theme;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;

/**
 * A field whose text, or a picture on which what is drawn, becomes a fact only when it is done: by Enter, by leaving
 * it, or before something that needs it.
 */
public interface Typed {
    /** Something is typed that is not a fact yet. */
    boolean isPending();

    void commit();

    /** Back to the last good value. */
    void restore();

    /** What is being typed becomes a fact; for before a save, a print, an undo, the end. */
    static void commitIn(Scene scene) {
        if (scene != null) {
            pending(scene.getFocusOwner()).ifPresent(Typed::commit);
        }
    }

    /** What is being typed or drawn where the focus is, when that is no fact yet. */
    static Optional<Typed> pending(Node focus) {
        for (Node n = focus; n != null; n = n.getParent()) {
            if (n instanceof Typed t) {
                return t.isPending() ? Optional.of(t) : Optional.empty();
            }
        }
        return Optional.empty();
    }
}
