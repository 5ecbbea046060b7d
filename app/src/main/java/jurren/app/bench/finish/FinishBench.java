package jurren.app.bench.finish;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.layout.StackPane;
import jurren.app.bench.BenchView;
import jurren.app.face.FaceCanvas;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.snag.Snag;

/** The steps at press and table for each piece, and the whole job as one run. */
public final class FinishBench implements BenchView {
    /** What the snags are about that are mended here. */
    public static final Set<Snag.Subject> MENDS = Set.of(Snag.Subject.HEAT);

    /** Which of the two is looked at. */
    private enum Side {
        PIECE, RUN
    }

    private final PieceSide piece;
    private final RunSide run;
    private final Controls.Segments<Side> sides;
    private final StackPane node = new StackPane();
    private Side side = Side.PIECE;

    public FinishBench(Session session) {
        this.piece = new PieceSide(session);
        this.run = new RunSide(session);
        this.sides = Controls.segments("finish-side", List.of(Side.values()), s -> Texts.of("finish.side." + s), this::show);
        show(Side.PIECE);
    }

    private void show(Side newSide) {
        side = newSide;
        sides.show(side);
        node.getChildren().setAll(side == Side.PIECE ? piece.node() : run.node());
        update();
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public List<Node> controls() {
        return List.of(sides);
    }

    @Override
    public Optional<FaceCanvas> zoomable() {
        return Optional.of(piece.canvas());
    }

    @Override
    public void update() {
        if (side == Side.PIECE) {
            piece.update();
        } else {
            run.update();
        }
    }

    @Override
    public void close() {
        piece.close();
        run.close();
    }
}
