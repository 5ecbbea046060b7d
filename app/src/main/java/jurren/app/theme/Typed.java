package jurren.app.theme;

import javafx.scene.Node;
import javafx.scene.Scene;

/** A field whose text becomes a fact only when it is done: by Enter, by leaving it, or before something that needs it. */
public interface Typed {
    /** Something is typed that is not a fact yet. */
    boolean isPending();

    void commit();

    /** Back to the last good value. */
    void restore();

    /** What is being typed becomes a fact; for before a save, a print, an undo, the end. */
    static void commitIn(Scene scene) {
        if (scene != null && scene.getFocusOwner() instanceof Typed t && t.isPending()) {
            t.commit();
        }
    }

    /** The field that is being typed in, when its text is no fact yet. */
    static boolean isPending(Node focus) {
        return focus instanceof Typed t && t.isPending();
    }
}
