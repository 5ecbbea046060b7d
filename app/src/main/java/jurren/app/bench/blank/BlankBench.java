package jurren.app.bench.blank;

import jurren.app.bench.BenchLayout;
import jurren.app.bench.BenchView;
import jurren.app.bench.SnagCards;
import jurren.app.edgeview.EdgeLine;
import jurren.app.edgeview.EdgeView;
import jurren.app.face.FaceCanvas;
import jurren.app.face.Pen;
import jurren.app.face.Viewport;
import jurren.app.session.Session;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.art.Painted;
import jurren.core.blank.AreaMeasures;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.job.Line;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** The garment drawn like a dimensioned drawing; each measure is edited where it stands. */
public final class BlankBench implements BenchView {
    private static final double COLUMN = 262;
    private static final double FIELD_WIDTH = 92;
    private static final double GAP_PX = 62;

    private final Session session;
    private final EdgeView edge;
    private final FaceCanvas canvas;
    private final MeasureField drop;
    private final MeasureField width;
    private final MeasureField height;
    private final SizeRunCard sizes;
    private final ClothCard cloth;
    private final VBox snags = new VBox();
    private final Node node;

    public BlankBench(Session session) {
        this.session = session;
        this.edge = new EdgeView(session);
        this.canvas = new FaceCanvas(Texts.of("blank.picture"), 18, this::garment, this::draw);
        this.drop = measure("blank-drop", "blank.drop", (a, mm) -> new AreaMeasures(a.widthMm(), a.heightMm(), mm));
        this.width = measure("blank-width", "blank.area-width", (a, mm) -> new AreaMeasures(mm, a.heightMm(), a.dropMm()));
        this.height = measure("blank-height", "blank.area-height", (a, mm) -> new AreaMeasures(a.widthMm(), mm, a.dropMm()));
        this.sizes = new SizeRunCard(session);
        this.cloth = new ClothCard(session);
        canvas.getChildren().addAll(drop, width, height);
        canvas.whenDrawn(this::placeFields);
        snags.getStyleClass().add("cards");
        this.node = BenchLayout.of(canvas, new VBox(sizes.node(), cloth.node(), snags), COLUMN, edge);
    }

    private MeasureField measure(String id, String name, BiFunction<AreaMeasures, Double, AreaMeasures> change) {
        MeasureField field = MeasureField.length(Texts.of(name), session::unit,
                mm -> session.sizePlan().ifPresent(s -> changeArea(s, change.apply(s.area(), mm))));
        field.setId(id);
        field.getStyleClass().add("on-drawing");
        field.setPrefWidth(FIELD_WIDTH);
        return field;
    }

    /** On the size the art is drawn for, the art keeps its distance from the collar's new place. */
    private void changeArea(SizePlan size, AreaMeasures area) {
        double down = area.dropMm() - size.area().dropMm();
        session.editLine(l -> {
            Line changed = l.withSize(size.size().id(), s -> s.withArea(Optional.of(area)));
            return size.size().id().equals(l.drawnFor())
                    ? changed.withMotifs(changed.motifs().stream()
                    .map(m -> m.withPose(m.pose().moved(0, down))).toList())
                    : changed;
        });
    }

    private Box garment() {
        return session.sizePlan().map(s -> s.size().measures().outline().enclosed().bounds())
                .orElse(Box.ofSize(-400, -100, 800, 800));
    }

    private void draw(Pen pen) {
        if (session.linePlan().isEmpty() || session.sizePlan().isEmpty()) {
            pen.text(Texts.of("planning"), 200, 60, Theme.text(14), Theme.SOFT, TextAlignment.CENTER);
            return;
        }
        LinePlan plan = session.linePlan().get();
        SizePlan size = session.sizePlan().get();
        pen.garment(size.size().measures().picture(), plan.blankColour().colour());
        for (Painted p : size.art().paints()) {
            pen.fill(p.region(), Theme.paint(p.colour()));
        }
        Color guide = Theme.lineOn(plan.blankColour().colour());
        Box area = size.area().box();
        pen.box(area, guide, 1.2, 2, 4);
        platen(pen, plan, guide);
        EdgeLine line = edge.line();
        pen.line(line.from(area), line.to(area), Theme.MARIGOLD, 1, 6, 4);
        dimensions(pen, area);
        List<Snag> found = SnagCards.of(session, Snag.Bench.BLANK);
        for (int i = 0; i < found.size(); i++) {
            int number = i + 1;
            if (found.get(i).size().map(size.size().id()::equals).orElse(true)) {
                found.get(i).where().ifPresent(p -> pen.snag(p, String.valueOf(number)));
            }
        }
    }

    private void platen(Pen pen, LinePlan plan, Color guide) {
        Color soft = guide.deriveColor(0, 1, 1, 0.75);
        Box platen = plan.platen();
        pen.box(platen, soft, 1, 9, 4, 2, 4);
        pen.text(Texts.of("blank.platen", session.unit().rough(platen.widthMm()), session.unit().rough(platen.heightMm())),
                pen.view().x(platen.minXMm()) + 8, pen.view().y(platen.minYMm()) + 11, Theme.measure(11.5), soft,
                TextAlignment.LEFT);
    }

    private static void dimensions(Pen pen, Box area) {
        double gap = GAP_PX / pen.view().pxPerMm();
        pen.dimension(new Point(0, 0), new Point(0, area.minYMm()), Theme.MARIGOLD);
        pen.dimension(new Point(area.minXMm(), area.maxYMm() + gap), new Point(area.maxXMm(), area.maxYMm() + gap),
                Theme.MARIGOLD);
        double x = area.maxXMm() + gap;
        pen.dimension(new Point(x, area.minYMm()), new Point(x, area.maxYMm()), Theme.MARIGOLD);
    }

    private void placeFields() {
        if (session.sizePlan().isEmpty()) {
            return;
        }
        Box area = session.sizePlan().get().area().box();
        Viewport v = canvas.view();
        double x = v.x(area.maxXMm()) + GAP_PX;
        put(drop, v.x(0) + 10, v.y(area.minYMm() / 2) - 14);
        put(width, v.x(0) - FIELD_WIDTH / 2, v.y(area.maxYMm()) + GAP_PX - 14);
        put(height, x - FIELD_WIDTH / 2, v.y(area.centre().yMm()) - 14);
    }

    private void put(Node field, double x, double y) {
        field.relocate(Math.clamp(x, 0, Math.max(0, canvas.getWidth() - FIELD_WIDTH)),
                Math.clamp(y, 0, Math.max(0, canvas.getHeight() - 28)));
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public Optional<FaceCanvas> zoomable() {
        return Optional.of(canvas);
    }

    @Override
    public void update() {
        session.sizePlan().ifPresent(s -> {
            drop.show(s.area().dropMm());
            width.show(s.area().widthMm());
            height.show(s.area().heightMm());
        });
        sizes.update();
        cloth.update();
        snags.getChildren().setAll(SnagCards.cards(session, SnagCards.of(session, Snag.Bench.BLANK)));
        edge.update();
        canvas.redraw();
    }
}
