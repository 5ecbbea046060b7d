package jurren.app.bench.finish;

import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.finish.FinishSequence;
import jurren.core.finish.Step;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.formats.words.Words;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** When each layer and the cloth are under heat, from the first step to the last. */
final class HeatChart extends Pane {
    private static final double LEFT = 118;
    private static final double RIGHT = 18;
    private static final double TOP = 28;
    private static final double ROW = 25;
    private static final double LABEL = 10;

    private final Session session;
    private final Canvas canvas = new Canvas();

    HeatChart(Session session) {
        this.session = session;
        getChildren().add(canvas);
        getStyleClass().add("heat-chart");
        setAccessibleText(Texts.of("finish.chart"));
        widthProperty().addListener((_, _, w) -> {
            canvas.setWidth(w.doubleValue());
            draw(-1);
        });
    }

    /** @param chosen the order of the step that is chosen, 0 for none */
    void draw(int chosen) {
        int layers = session.linePlan().map(p -> p.drawn().layers().size()).orElse(0);
        double height = TOP + (layers + 2) * ROW + 30;
        setMinHeight(height);
        setPrefHeight(height);
        canvas.setHeight(height);
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), height);
        g.setTextBaseline(VPos.CENTER);
        if (layers > 0 && canvas.getWidth() > LEFT + RIGHT) {
            draw(g, session.linePlan().orElseThrow(), chosen);
        }
    }

    private void draw(GraphicsContext g, LinePlan plan, int chosen) {
        FinishSequence press = plan.finish();
        boolean hot = plan.isPressed();
        double end = press.steps().stream().filter(s -> s.kind() != Step.Kind.WAIT).mapToDouble(Step::endS).max().orElse(1);
        double scale = (canvas.getWidth() - LEFT - RIGHT) / end;
        List<Layer> layers = plan.drawn().layers();
        scaleLines(g, end, scale, TOP + (layers.size() + 2) * ROW);
        if (hot) {
            heatLine(g, press, scale);
        }
        int first = hot ? 1 : 0;
        if (hot) {
            label(g, Texts.of("finish.heat"), 0);
        }
        for (int i = 0; i < layers.size(); i++) {
            Layer layer = layers.get(layers.size() - 1 - i);
            label(g, layer.order() + " " + Words.layerName(plan, layer.order()), i + first);
            if (hot) {
                bars(g, press, layer.order(), i + first, scale, Theme.paint(layer.colour()), chosen);
            } else {
                hands(g, press, layer.order(), i + first, scale, Theme.paint(layer.colour()), chosen);
            }
        }
        label(g, plan.blank().madeOf().name(), layers.size() + first);
        if (hot) {
            bars(g, press, 0, layers.size() + first, scale, Color.web("#C4C6CC"), chosen);
        } else {
            hands(g, press, 0, layers.size() + first, scale, Color.web("#C4C6CC"), chosen);
        }
        for (Step step : press.steps()) {
            if (step.kind() == Step.Kind.PEEL) {
                g.setFont(Theme.measure(11.5));
                g.setFill(Theme.INK);
                g.setTextAlign(TextAlignment.LEFT);
                g.fillText(Texts.of("finish.peel." + step.peel()), LEFT + step.startS() * scale,
                        TOP + (layers.size() + 2) * ROW + 12);
            }
        }
    }

    private static void scaleLines(GraphicsContext g, double end, double scale, double bottom) {
        double every = end > 300 ? 60 : end > 120 ? 30 : end > 50 ? 15 : 5;
        g.setFont(Theme.measure(11.5));
        for (double s = 0; s <= end; s += every) {
            double x = Math.floor(LEFT + s * scale) + 0.5;
            g.setStroke(Color.web("#C9CBCF"));
            g.setLineWidth(1);
            g.strokeLine(x, TOP - 6, x, bottom);
            g.setFill(Theme.SOFT);
            g.setTextAlign(TextAlignment.CENTER);
            g.fillText(Math.round(s) + " s", x, 12);
        }
    }

    private static void label(GraphicsContext g, String text, int row) {
        g.setFont(Theme.measure(12));
        g.setFill(Theme.INK);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(text, LABEL, TOP + row * ROW + ROW / 2, LEFT - LABEL - 6);
    }

    private static void heatLine(GraphicsContext g, FinishSequence press, double scale) {
        double high = TOP + 4;
        double low = TOP + ROW - 5;
        g.setStroke(Theme.PLUM);
        g.setLineWidth(2);
        g.beginPath();
        g.moveTo(LEFT, low);
        for (Step step : press.steps()) {
            if (step.kind().heats()) {
                g.lineTo(LEFT + step.startS() * scale, low);
                g.lineTo(LEFT + step.startS() * scale, high);
                g.lineTo(LEFT + step.endS() * scale, high);
                g.lineTo(LEFT + step.endS() * scale, low);
            }
        }
        g.lineTo(LEFT + press.steps().getLast().endS() * scale, low);
        g.stroke();
    }

    /** The steps at the table that are about one layer; the wait at the end is left out. */
    private static void hands(GraphicsContext g, FinishSequence work, int layer, int row, double scale, Color colour,
                              int chosen) {
        double y = TOP + row * ROW + 3;
        for (Step step : work.steps()) {
            if (step.layer() == layer && step.kind() != Step.Kind.WAIT) {
                bar(g, LEFT + step.startS() * scale, y, Math.max(3, step.seconds() * scale - 2), colour,
                        Words.seconds(step.seconds()), step.order() == chosen);
            }
        }
    }

    private static void bars(GraphicsContext g, FinishSequence press, int layer, int row, double scale, Color colour,
                             int chosen) {
        double y = TOP + row * ROW + 3;
        for (Step step : press.steps()) {
            if (!step.kind().heats() || step.layer() < layer) {
                continue;
            }
            bar(g, LEFT + step.startS() * scale, y, Math.max(3, step.seconds() * scale), colour,
                    Words.seconds(step.seconds()), step.order() == chosen);
        }
    }

    private static void bar(GraphicsContext g, double x, double y, double width, Color colour, String text, boolean chosen) {
        g.setFill(colour);
        g.fillRoundRect(x, y, width, ROW - 6, 4, 4);
        g.setStroke(chosen ? Theme.PLUM : Color.web("#23262B", 0.35));
        g.setLineWidth(chosen ? 2 : 0.8);
        g.strokeRoundRect(x, y, width, ROW - 6, 4, 4);
        if (width > text.length() * 7.5 + 4) {
            g.setFill(colour.getBrightness() < 0.55 ? Color.WHITE : Theme.INK);
            g.setFont(Theme.measure(11.5));
            g.setTextAlign(TextAlignment.CENTER);
            g.fillText(text, x + width / 2, y + (ROW - 6) / 2);
        }
    }
}
