package jurren.app.bench.blank;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jurren.app.bench.BenchLayout;
import jurren.app.bench.BenchView;
import jurren.app.bench.SnagCards;
import jurren.app.edgeview.EdgeView;
import jurren.app.face.FaceCanvas;
import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.blank.Garment;
import jurren.core.geometry.Point;
import jurren.core.snag.Snag;

/**
 * The thing drawn like a dimensioned drawing; each measure is edited where it stands. A round thing is
 * shown as it is held, beside its unrolled face.
 */
public final class BlankBench implements BenchView {
    /** What the snags are about that are mended here. */
    public static final Set<Snag.Subject> MENDS = Set.of(Snag.Subject.THING);

    private static final double COLUMN = 276;
    private static final double HELD_WIDTH = 232;

    private final Session session;
    private final EdgeView edge;
    private final FacePicture face;
    private final HeldPicture held;
    private final VBox heldBox;
    private final ThingCard thing;
    private final TapeCard tape;
    private final SizeRunCard sizes;
    private final FitCard fit;
    private final HoldsCard holds;
    private final PressCard press;
    private final VBox snags = new VBox();
    private final ToggleButton all = new ToggleButton(Texts.of("blank.all-sizes"));
    private final ToggleButton every = new ToggleButton(Texts.of("blank.every-measure"));
    private final Node template = Controls.button("template", Texts.of("blank.template"), this::askForTemplate);
    private final Node node;

    public BlankBench(Session session) {
        this.session = session;
        this.edge = new EdgeView(session);
        this.face = new FacePicture(session);
        this.held = new HeldPicture(session);
        this.thing = new ThingCard(session);
        this.tape = new TapeCard(session);
        this.sizes = new SizeRunCard(session);
        this.fit = new FitCard(session);
        this.holds = new HoldsCard(session);
        this.press = new PressCard(session);
        this.heldBox = new VBox(Controls.caption(Texts.of("blank.held.title")), held.canvas());
        heldBox.setMinWidth(HELD_WIDTH);
        heldBox.setPrefWidth(HELD_WIDTH);
        VBox.setVgrow(held.canvas(), Priority.ALWAYS);
        HBox pictures = new HBox(heldBox, face.canvas());
        HBox.setHgrow(face.canvas(), Priority.ALWAYS);
        snags.getStyleClass().add("cards");
        all.setId("all-sizes");
        all.getStyleClass().add("plain-toggle");
        all.setOnAction(_ -> {
            face.showAllSizes(all.isSelected());
            update();
        });
        every.setId("every-measure");
        every.getStyleClass().add("plain-toggle");
        every.setOnAction(_ -> face.showEveryMeasure(every.isSelected()));
        this.node = BenchLayout.of(
                pictures,
                new VBox(thing.node(), snags, sizes.node(), tape.node(), holds.node(), fit.node(), press.node()),
                COLUMN,
                edge);
    }

    /** How far the thing as it is held is turned. */
    public double turnDegrees() {
        return held.turnDegrees();
    }

    private void askForTemplate() {
        node.fireEvent(new AskFor(AskFor.What.TEMPLATE));
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public List<Node> controls() {
        return List.of(every, all, template);
    }

    @Override
    public Optional<FaceCanvas> zoomable() {
        return Optional.of(face.canvas());
    }

    @Override
    public Point inPicture(Point ofArt, Snag of) {
        return session.sizePlan()
                .map(size -> size.face().unrolling().apply(ofArt))
                .orElse(ofArt);
    }

    @Override
    public void update() {
        boolean sized =
                session.linePlan().map(p -> p.blank().sizes().size() > 1).orElse(true);
        all.setVisible(sized);
        all.setManaged(sized);
        boolean tailored =
                session.sizePlan().map(s -> s.face().form() instanceof Garment).orElse(false);
        every.setVisible(tailored && !all.isSelected());
        every.setManaged(every.isVisible());
        boolean round = session.sizePlan().map(s -> s.face().isRound()).orElse(false);
        if (!sized && all.isSelected()) {
            all.setSelected(false);
            face.showAllSizes(false);
        }
        heldBox.setVisible(round && !all.isSelected());
        heldBox.setManaged(heldBox.isVisible());
        thing.update();
        tape.update();
        sizes.update();
        fit.update();
        holds.update();
        press.update();
        SnagCards.show(snags, session, SnagCards.of(session, MENDS));
        edge.update();
        face.canvas().redraw();
        held.update();
    }

    @Override
    public void close() {
        held.close();
        edge.close();
    }
}
