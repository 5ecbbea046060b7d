package jurren.app.bench;

import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import jurren.app.face.FaceCanvas;
import jurren.core.geometry.Point;
import jurren.core.snag.Snag;

/**
 * One bench. It is made when it is first looked at, asked to update whenever something it may show has changed, and
 * closed with the window.
 */
public interface BenchView {
    Node node();

    /** What stands in the header between the bench's name and the units. */
    default List<Node> controls() {
        return List.of();
    }

    /** The picture that the header's scale is about. */
    default Optional<FaceCanvas> zoomable() {
        return Optional.empty();
    }

    /** Where a place of the art is in that picture. */
    default Point inPicture(Point ofArt, Snag of) {
        return ofArt;
    }

    void update();

    /** Nothing of it listens, ticks or works any more. */
    void close();
}
