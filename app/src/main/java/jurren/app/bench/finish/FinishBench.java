package jurren.app.bench.finish;

import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import jurren.app.bench.BenchView;
import jurren.app.face.FaceCanvas;
import jurren.app.session.Session;
import jurren.core.snag.Snag;

/** The steps at press and table for each piece, and the whole job as one run. */
public final class FinishBench implements BenchView {
    /** What the snags are about that are mended here. */
    public static final Set<Snag.Subject> MENDS = Set.of(Snag.Subject.HEAT);

    private final PieceSide piece;

    public FinishBench(Session session) {
        this.piece = new PieceSide(session);
    }

    @Override
    public Node node() {
        return piece.node();
    }

    @Override
    public Optional<FaceCanvas> zoomable() {
        return Optional.of(piece.canvas());
    }

    @Override
    public void update() {
        piece.update();
    }

    @Override
    public void close() {
        piece.close();
    }
}
