package jurren.app.bench.finish;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
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
        PIECE,
        RUN
    }

    private final PieceSide piece;
    private final RunSide run;
    private final Controls.Segments<Side> sides;
    private final StackPane side = new StackPane();
    private final VBox node;
    private Side shown = Side.PIECE;

    public FinishBench(Session session) {
        this.piece = new PieceSide(session);
        this.run = new RunSide(session);
        this.sides =
                Controls.segments("finish-side", List.of(Side.values()), s -> Texts.of("finish.side." + s), this::show);
        HBox top = new HBox(sides);
        top.getStyleClass().add("finish-sides");
        VBox.setVgrow(side, Priority.ALWAYS);
        this.node = new VBox(top, side);
        show(Side.PIECE);
    }

    /** As high as the bench where it fits, and scrolled where it does not. */
    static Node scrolling(VBox all) {
        ScrollPane scroll = new ScrollPane(all);
        scroll.getStyleClass().add("column-scroll");
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        return scroll;
    }

    private void show(Side newSide) {
        shown = newSide;
        sides.show(shown);
        side.getChildren().setAll(shown == Side.PIECE ? piece.node() : run.node());
        update();
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public Optional<FaceCanvas> zoomable() {
        return Optional.of(piece.canvas());
    }

    @Override
    public void update() {
        if (shown == Side.PIECE) {
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
