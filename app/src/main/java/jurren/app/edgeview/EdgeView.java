package jurren.app.edgeview;

import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.session.EdgeLine;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.layer.CrossSection;
import jurren.core.layer.Layer;
import jurren.core.material.Colour;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import jurren.formats.words.Words;

/**
 * The edge of the piece, widths at scale, thickness magnified. One line is shared by the benches that
 * show it; with the focus here, the up and down keys move it. On a cone the piece is rolled back, so
 * that the line stays level on the thing.
 */
public final class EdgeView extends VBox {
    private static final double HEIGHT = 94;
    private static final double CAPTION = 24;
    private static final double LEFT = 14;
    private static final double LEGEND = 190;
    private static final double CLOTH_PX = 14;
    private static final double BOTTOM_PX = 10;
    private static final double MOST_FILM_PX = 13;
    /** Ink has no thickness; it is drawn as thin as can be seen. */
    private static final double PRINT_PX = 5;

    private static final double PRINT_MM = 0.01;
    private static final double STEP = 0.01;
    private static final double LARGE_STEP = 0.1;
    private static final double DEGREES_A_STEP = 150;

    private final Session session;
    private final Canvas canvas = new Canvas();
    private final Label caption = Controls.caption("");
    private final Lane lane;
    private CrossSection section = new CrossSection(1, List.of());
    /** The layers that the section was cut through. */
    private List<Layer> layers = List.of();

    private Object sectionOf = List.of();

    public EdgeView(Session session) {
        this.session = session;
        this.lane = session.desk().lane();
        getStyleClass().add("edge-view");
        Pane holder = new Pane(canvas);
        holder.setMinHeight(Theme.high(HEIGHT - CAPTION));
        holder.setPrefHeight(Theme.high(HEIGHT - CAPTION));
        holder.widthProperty().addListener((_, _, w) -> {
            canvas.setWidth(w.doubleValue());
            draw();
        });
        canvas.setHeight(Theme.high(HEIGHT - CAPTION));
        getChildren().addAll(caption, holder);
        setMinHeight(Theme.high(HEIGHT) + 6);
        setAccessibleText(Texts.of("edge.name"));
        setFocusTraversable(true);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        setOnMousePressed(_ -> requestFocus());
    }

    private void key(KeyEvent e) {
        double step = e.isShiftDown() ? LARGE_STEP : STEP;
        switch (e.getCode()) {
            case UP -> session.edgeLines().drag(session.edgeLines().now().moved(-step));
            case DOWN -> session.edgeLines().drag(session.edgeLines().now().moved(step));
            case LEFT -> session.edgeLines().drag(session.edgeLines().now().turned(-step * DEGREES_A_STEP));
            case RIGHT -> session.edgeLines().drag(session.edgeLines().now().turned(step * DEGREES_A_STEP));
            default -> {
                return;
            }
        }
        e.consume();
    }

    /** What is drawn now; empty before the first is worked out. */
    public CrossSection section() {
        return section;
    }

    /** The section of what there is now is worked out beside the window; until it comes, the one before stays. */
    private void want() {
        LinePlan plan = session.linePlan().orElse(null);
        SizePlan size = session.sizePlan().orElse(null);
        if (plan == null || size == null) {
            return;
        }
        List<Object> now = List.of(
                size.layers(),
                size.face(),
                session.edgeLines().now(),
                session.edgeLines().isPut());
        if (now.equals(sectionOf)) {
            return;
        }
        sectionOf = now;
        if (!session.edgeLines().isPut() && !size.layers().isEmpty()) {
            lane.want(new Order<>(
                    Texts.of("work.edge"),
                    _ -> CrossSection.busiest(
                            size.shapes().asWorn(), size.area().box()),
                    share -> session.edgeLines().drag(EdgeLine.level(share)),
                    why -> session.notices().trouble(Texts.of("work.failed", Texts.reason(why)))));
            return;
        }
        EdgeLine line = session.edgeLines().now();
        lane.want(new Order<>(
                Texts.of("work.edge"),
                _ -> CrossSection.of(
                        size.shapes().asWorn(),
                        line.from(size.area().box()),
                        line.to(size.area().box()),
                        Layer::thicknessMm),
                found -> {
                    section = found;
                    layers = size.layers();
                    show();
                },
                why -> session.notices().trouble(Texts.of("work.failed", Texts.reason(why)))));
    }

    /** It listens to nobody but its own nodes. */
    public void close() {
        lane.stop();
    }

    public void update() {
        want();
        show();
    }

    private void show() {
        session.sizePlan()
                .ifPresent(s -> caption.setText(Texts.of(
                        "edge.caption",
                        session.unit()
                                .format(session.edgeLines().now().yMm(s.area().box())),
                        session.edgeLines().now().degrees() == 0
                                ? ""
                                : Texts.of(
                                        "edge.turned",
                                        Math.round(session.edgeLines().now().degrees())),
                        session.linePlan()
                                .filter(_ -> section.thickestMm() > 0)
                                .map(_ ->
                                        Texts.of("edge.thickest", session.unit().thin(section.thickestMm())))
                                .orElse(""))));
        draw();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        double w = canvas.getWidth();
        double h = canvas.getHeight();
        g.clearRect(0, 0, w, h);
        if (w < 1 || session.linePlan().isEmpty()) {
            return;
        }
        LinePlan plan = session.linePlan().get();
        double scale = (w - LEFT - Theme.high(LEGEND)) / section.lengthMm();
        double clothTop = h - BOTTOM_PX - CLOTH_PX;
        cloth(g, plan, section.lengthMm() * scale, clothTop);
        double thinnest = layers.stream()
                .mapToDouble(Layer::thicknessMm)
                .filter(t -> t > 0)
                .min()
                .orElse(PRINT_MM);
        double pxPerMm = Math.min(MOST_FILM_PX / thinnest, (clothTop - 4) / Math.max(thinnest, section.thickestMm()));
        for (CrossSection.Film film : section.films()) {
            double x = LEFT + film.along().fromMm() * scale;
            double y = clothTop - film.topMm() * pxPerMm;
            double width = Math.max(1, film.along().lengthMm() * scale);
            double filmPx = Math.max(PRINT_PX, (film.topMm() - film.bottomMm()) * pxPerMm);
            g.setFill(Theme.paint(colourAt(layers.get(film.layer() - 1), film, plan)));
            g.fillRect(x, y, width, filmPx);
            g.setStroke(Color.web("#23262B", 0.35));
            g.setLineWidth(0.75);
            g.strokeRect(x, y, width, filmPx);
        }
        legend(g, plan, session.sizePlan().orElseThrow().layers(), w - Theme.high(LEGEND) + 18, h);
    }

    /** A print has several colours side by side; the one in the middle of the stretch stands for it. */
    private Colour colourAt(Layer layer, CrossSection.Film film, LinePlan plan) {
        if (!layer.isPrint()) {
            return layer.stock();
        }
        Box area = session.sizePlan().orElseThrow().area().box();
        Point from = session.edgeLines().now().from(area);
        double share = (film.along().fromMm() + film.along().toMm()) / 2 / Math.max(1e-9, section.lengthMm());
        Point at = session.sizePlan()
                .orElseThrow()
                .face()
                .unrolling()
                .apply(from.towards(session.edgeLines().now().to(area), share));
        return layer.print().at(at).orElse(layer.colour());
    }

    private static void cloth(GraphicsContext g, LinePlan plan, double width, double top) {
        g.setFill(Theme.paint(plan.blankColour().colour()));
        g.fillRect(LEFT, top, width, CLOTH_PX);
        g.setStroke(Theme.lineOn(plan.blankColour().colour()).deriveColor(0, 1, 1, 0.35));
        g.setLineWidth(0.6);
        g.strokeRect(LEFT, top, width, CLOTH_PX);
        for (double x = LEFT; x < LEFT + width - CLOTH_PX / 2; x += 7) {
            g.strokeLine(x, top + CLOTH_PX, x + CLOTH_PX / 2, top);
        }
    }

    private void legend(GraphicsContext g, LinePlan plan, List<Layer> layers, double x, double h) {
        double y = h - BOTTOM_PX - CLOTH_PX / 2;
        double step = Math.min(Theme.high(15), (h - 14) / (layers.size() + 1));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(javafx.geometry.VPos.CENTER);
        g.setFont(Theme.measure(Math.min(11.5, step / Theme.high(1))));
        g.setFill(Theme.INK);
        g.fillText(plan.madeOf().name(), x, y);
        for (Layer layer : layers) {
            y -= step;
            g.fillText(
                    Words.layerName(plan, layer.order())
                            + (layer.thicknessMm() == 0
                                    ? ""
                                    : " " + session.unit().thin(layer.thicknessMm())),
                    x,
                    y);
        }
    }
}
