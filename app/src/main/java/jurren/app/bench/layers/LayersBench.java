package jurren.app.bench.layers;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.bench.BenchLayout;
import jurren.app.bench.BenchView;
import jurren.app.bench.SnagCards;
import jurren.app.edgeview.EdgeView;
import jurren.app.face.FaceCanvas;
import jurren.app.face.FaceScene;
import jurren.app.face.Pen;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.geometry.Box;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import jurren.formats.words.Words;

/** Each layer as a sheet, seen slantwise from above, or all together as they lie. */
public final class LayersBench implements BenchView {
    /** What the snags are about that are mended here. */
    public static final Set<Snag.Subject> MENDS = Set.of(Snag.Subject.LAYERS);

    private static final double COLUMN = 316;
    /** The slant: the face turned by 45 degrees and seen from 30 degrees above. */
    private static final Placement SLANTED = Placement.turned(-38).then(Placement.scaled(1, 0.5));

    private static final double GAP_SHARE = 0.44;

    /** How the layers are shown. */
    enum Spread {
        APART,
        TOGETHER
    }

    /** From a sheet's corner to its name, and what a letter of the name takes. */
    private static final double BESIDE_PX = 8;

    private static final double LETTER_PX = 7.3;
    private static final double NAMES_SHARE = 0.2;

    private final Session session;
    private final EdgeView edge;
    private final FaceCanvas canvas;
    private final Controls.Segments<Spread> spreads;
    private final LayerList list;
    private final HandsCard hands;
    private final VBox snags = new VBox();
    private final Node node;
    private Spread spread = Spread.APART;

    public LayersBench(Session session) {
        this.session = session;
        this.edge = new EdgeView(session);
        this.canvas = new FaceCanvas(Texts.of("layers.picture"), 16, this::bounds, this::draw);
        this.spreads = Controls.segments(
                "spread", List.of(Spread.values()), s -> Texts.of("layers.spread." + s), this::setSpread);
        this.list = new LayerList(session);
        this.hands = new HandsCard(session, this::showHands);
        spreads.show(spread);
        snags.getStyleClass().add("cards");
        canvas.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        this.node = BenchLayout.of(canvas, Controls.cards(snags, list.node(), hands.node(), list.why()), COLUMN, edge);
    }

    /** The worst try is seen from above only. */
    private void showHands() {
        if (hands.shown().isPresent() && spread == Spread.APART) {
            spreads.show(Spread.TOGETHER);
            setSpread(Spread.TOGETHER);
        }
        canvas.redraw();
    }

    private void setSpread(Spread newSpread) {
        spread = newSpread;
        canvas.showAll();
    }

    private void drag(MouseEvent e) {
        if (spread == Spread.TOGETHER && !canvas.isPanning(e)) {
            session.sizePlan().ifPresent(s -> {
                Point p = s.face().rolled(canvas.view().toMm(e.getX(), e.getY()));
                session.edgeLines()
                        .drag(
                                e.isShiftDown()
                                        ? session.edgeLines()
                                                .now()
                                                .towards(p, s.area().box())
                                        : session.edgeLines()
                                                .now()
                                                .through(p, s.area().box()));
            });
        }
    }

    private Placement sheet(Box area, int index) {
        Point middle = area.centre();
        Placement flat = Placement.moved(-middle.xMm(), -middle.yMm());
        return flat.then(SLANTED).then(Placement.moved(0, -index * area.heightMm() * GAP_SHARE));
    }

    private Box bounds() {
        if (session.sizePlan().isEmpty()) {
            return Box.ofSize(-200, -200, 400, 400);
        }
        SizePlan size = session.sizePlan().get();
        Box area = sheetBox(size);
        if (spread == Spread.TOGETHER) {
            return area.grown(8);
        }
        Box sheets = area.placed(sheet(area, 0))
                .joined(area.placed(sheet(area, size.layers().size())));
        // the names stand on the right
        return new Box(
                sheets.minXMm(), sheets.minYMm(), sheets.maxXMm() + NAMES_SHARE * sheets.widthMm(), sheets.maxYMm());
    }

    /** The area on the unrolled face. */
    private static Box sheetBox(SizePlan size) {
        return area(size).bounds();
    }

    private static Region area(SizePlan size) {
        return size.shapes().area();
    }

    private void draw(Pen pen) {
        if (session.linePlan().isEmpty() || session.sizePlan().isEmpty()) {
            return;
        }
        LinePlan plan = session.linePlan().get();
        SizePlan size = session.sizePlan().get();
        if (size.layers().isEmpty()) {
            pen.text(
                    Texts.of("layers.empty"),
                    canvas.getWidth() / 2,
                    canvas.getHeight() / 2,
                    Theme.text(15),
                    Theme.SOFT,
                    TextAlignment.CENTER);
        } else if (spread == Spread.APART) {
            apart(pen, plan, size);
        } else {
            together(pen, plan, size);
        }
        snags(pen, size);
    }

    private void apart(Pen pen, LinePlan plan, SizePlan size) {
        Box area = sheetBox(size);
        Region sheet = area(size);
        Color cloth = Theme.paint(plan.blankColour().colour());
        Placement ground = sheet(area, 0);
        pen.fill(sheet, ground, cloth);
        for (Layer layer : size.layers()) {
            layer.paints()
                    .forEach(i ->
                            pen.fill(i.region(), ground, Theme.paint(i.colour()).interpolate(cloth, 0.72)));
        }
        for (int i = 0; i < size.layers().size(); i++) {
            Layer layer = size.layers().get(i);
            Placement placed = sheet(area, i + 1);
            pen.fill(sheet, placed, Color.web("#FFFFFF", 0.22));
            pen.outline(outer(sheet), placed, Theme.SOFT.deriveColor(0, 1, 1, 0.6), 1, 3, 3);
            pen.fill(layer.region(), placed.then(Placement.moved(1.6, 3)), Color.web("#23262B", 0.35));
            layer.paints().forEach(p -> pen.fill(p.region(), placed, p.colour(), p.ink()));
            Point label = placed.apply(new Point(area.maxXMm(), area.maxYMm()));
            String name = layer.order() + " " + Words.layerName(plan, layer.order());
            double most = canvas.getWidth() - 2 - name.length() * Theme.high(LETTER_PX);
            pen.text(
                    name,
                    Math.min(pen.view().x(label.xMm()) + BESIDE_PX, most),
                    pen.view().y(label.yMm()) + 4,
                    Theme.measure(12),
                    Theme.INK,
                    TextAlignment.LEFT);
        }
        plumbLines(pen, size, area);
    }

    private static Outline outer(Region region) {
        return region.pieces().getFirst().outer();
    }

    /** From the art's outermost points straight down to the cloth. */
    private void plumbLines(Pen pen, SizePlan size, Box area) {
        Box art = size.laid().bounds().orElse(area);
        int top = size.layers().size();
        for (Point p : List.of(
                new Point(art.minXMm(), art.centre().yMm()),
                new Point(art.maxXMm(), art.centre().yMm()))) {
            pen.line(sheet(area, 0).apply(p), sheet(area, top).apply(p), Theme.PLUM, 1.2, 3, 4);
        }
    }

    private void together(Pen pen, LinePlan plan, SizePlan size) {
        pen.fill(size.shapes().sheet(), Theme.paint(plan.blankColour().colour()));
        List<Layer> layers = size.layers();
        for (int i = 0; i < layers.size(); i++) {
            Placement lies = hands.lies(i);
            layers.get(i).paints().forEach(p -> pen.fill(p.region(), lies, p.colour(), p.ink()));
            pen.outline(layers.get(i).weeded(), lies, Color.web("#23262B", 0.5), 0.8);
        }
        hands.shown().ifPresent(t -> {
            t.gapAt()
                    .ifPresent(at -> around(
                            pen,
                            plan,
                            at,
                            Texts.of("hands.sign.gap", session.unit().fine(t.gapMm()))));
            t.rimAt()
                    .ifPresent(at -> around(
                            pen,
                            plan,
                            at,
                            Texts.of("hands.sign.rim", session.unit().fine(t.rimMm()))));
        });
        FaceScene.edgeLine(pen, size, session.edgeLines().now());
    }

    private static void around(Pen pen, LinePlan plan, Point at, String says) {
        double x = pen.view().x(at.xMm());
        double y = pen.view().y(at.yMm());
        pen.graphics().setStroke(Theme.MARIGOLD);
        pen.graphics().setLineWidth(2);
        pen.graphics().strokeOval(x - 14, y - 14, 28, 28);
        pen.text(
                says,
                x + 20,
                y,
                Theme.measure(12),
                Theme.lineOn(plan.blankColour().colour()),
                TextAlignment.LEFT);
    }

    private void snags(Pen pen, SizePlan size) {
        int top = spread == Spread.TOGETHER ? 0 : size.layers().size();
        FaceScene.change(pen, session.snags().change(), top == 0 ? Placement.HERE : sheet(sheetBox(size), top));
        List<Snag> found = SnagCards.of(session, MENDS);
        for (int i = 0; i < found.size(); i++) {
            Snag snag = found.get(i);
            int number = i + 1;
            Placement onto = spread == Spread.TOGETHER ? Placement.HERE : sheet(sheetBox(size), snag.layer());
            snag.where()
                    .map(size.face().unrolling()::apply)
                    .ifPresent(p -> pen.snag(onto.apply(p), String.valueOf(number)));
        }
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public List<Node> controls() {
        return List.of(spreads);
    }

    @Override
    public Optional<FaceCanvas> zoomable() {
        return Optional.of(canvas);
    }

    @Override
    public Point inPicture(Point ofArt, Snag of) {
        return session.sizePlan()
                .map(size -> (spread == Spread.TOGETHER ? Placement.HERE : sheet(sheetBox(size), of.layer()))
                        .apply(size.face().unrolling().apply(ofArt)))
                .orElse(ofArt);
    }

    @Override
    public void update() {
        list.update();
        hands.update();
        SnagCards.show(snags, session, SnagCards.of(session, MENDS));
        edge.update();
        canvas.redraw();
    }

    @Override
    public void close() {
        edge.close();
        hands.close();
    }
}
