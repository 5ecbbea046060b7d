package jurren.app.bench.finish;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.finish.FinishSequence;
import jurren.core.finish.Step;
import jurren.core.finish.StepKind.Role;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import jurren.formats.words.Words;

/** When each layer and the cloth are under heat, from the first step to the last. */
final class HeatChart extends Pane {
    private static final double LEFT = 118;
    private static final double RIGHT = 18;
    private static final double TOP = 28;
    private static final double ROW = 25;
    private static final double LABEL = 10;
    private static final double BEFORE_S = 4;
    private static final double CHARACTER = 7.2;

    private final Session session;
    private final Canvas canvas = new Canvas();
    private SizePlan shown;

    HeatChart(Session session) {
        this.session = session;
        getChildren().add(canvas);
        getStyleClass().add("heat-chart");
        setAccessibleText(Texts.of("finish.chart"));
        widthProperty().addListener((_, _, w) -> {
            canvas.setWidth(w.doubleValue());
            draw(shown, -1);
        });
    }

    /**
     * @param size   whose pieces are shown; nothing where there is none
     * @param chosen the order of the step that is chosen, 0 for none
     */
    void draw(SizePlan size, int chosen) {
        shown = size;
        int layers = size == null ? 0 : size.layers().size();
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
        FinishSequence press = shown.finish();
        boolean hot = press.steps().stream().anyMatch(s -> s.kind().heats());
        List<Step> steps =
                press.steps().stream().filter(s -> s.kind().isAttended()).toList();
        // what hands do before the first heat is no part of the heat
        double from = hot
                ? Math.max(
                        0,
                        steps.stream()
                                        .filter(s -> s.kind().heats())
                                        .findFirst()
                                        .orElseThrow()
                                        .startS()
                                - BEFORE_S)
                : 0;
        double end = steps.stream().mapToDouble(Step::endS).max().orElse(1) - from;
        Time time = new Time(from, (canvas.getWidth() - LEFT - RIGHT) / end);
        List<Layer> layers = shown.layers();
        scaleLines(g, end, time.scale, TOP + (layers.size() + 2) * ROW);
        int first = hot ? 1 : 0;
        if (hot) {
            heatLine(g, press, time);
            label(g, Texts.of("finish.heat"), 0);
        }
        for (int i = 0; i < layers.size(); i++) {
            Layer layer = layers.get(layers.size() - 1 - i);
            label(g, layer.order() + " " + Words.layerName(plan, layer.order()), i + first);
            row(g, press, layer.order(), i + first, time, Theme.paint(layer.colour()), chosen);
        }
        label(g, plan.madeOf().name(), layers.size() + first);
        row(g, press, 0, layers.size() + first, time, Color.web("#C4C6CC"), chosen);
        peels(g, steps, time, TOP + (layers.size() + 2) * ROW + 12);
    }

    private static void peels(GraphicsContext g, List<Step> steps, Time time, double y) {
        g.setFont(Theme.measure(11.5));
        g.setFill(Theme.INK);
        g.setTextAlign(TextAlignment.LEFT);
        double free = 0;
        for (Step step : steps) {
            if (step.kind().does(Role.PEELS) && time.x(step.startS()) >= free) {
                String text = Texts.of("finish.peel." + step.peel());
                g.fillText(text, time.x(step.startS()), y);
                free = time.x(step.startS()) + text.length() * CHARACTER;
            }
        }
    }

    /** When things happen, as it is drawn. */
    private record Time(double fromS, double scale) {
        double x(double s) {
            return LEFT + (s - fromS) * scale;
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

    private static void heatLine(GraphicsContext g, FinishSequence press, Time time) {
        double high = TOP + 4;
        double low = TOP + ROW - 5;
        g.setStroke(Theme.PLUM);
        g.setLineWidth(2);
        g.beginPath();
        g.moveTo(LEFT, low);
        double last = LEFT;
        for (Step step : press.steps()) {
            if (step.kind().heats()) {
                g.lineTo(time.x(step.startS()), low);
                g.lineTo(time.x(step.startS()), high);
                g.lineTo(time.x(step.endS()), high);
                g.lineTo(time.x(step.endS()), low);
            }
            last = step.kind().isAttended() ? Math.max(last, time.x(step.endS())) : last;
        }
        g.lineTo(last, low);
        g.stroke();
    }

    /** Of a layer when it is heated, or, where nothing is, when hands are at it. */
    private static void row(
            GraphicsContext g, FinishSequence press, int layer, int row, Time time, Color colour, int chosen) {
        boolean hot = press.steps().stream()
                .anyMatch(s -> s.kind().heats() && (layer == 0 || s.down().contains(layer)));
        double y = TOP + row * ROW + 3;
        for (Step step : press.steps()) {
            boolean its = hot
                    ? step.kind().heats() && (layer == 0 || step.down().contains(layer))
                    : (step.layers().contains(layer)
                                    || layer == 0 && step.layers().isEmpty())
                            && step.kind().isAttended()
                            && step.startS() >= time.fromS;
            if (its) {
                bar(
                        g,
                        time.x(step.startS()),
                        y,
                        Math.max(3, step.seconds() * time.scale - (hot ? 0 : 2)),
                        colour,
                        Words.seconds(step.seconds()),
                        step.order() == chosen);
            }
        }
    }

    private static void bar(
            GraphicsContext g, double x, double y, double width, Color colour, String text, boolean chosen) {
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
