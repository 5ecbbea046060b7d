package jurren.app.bench.finish;

import jurren.app.bench.BenchView;
import jurren.app.bench.SnagCards;
import jurren.app.face.FaceCanvas;
import jurren.app.face.Pen;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.finish.HeatTaken;
import jurren.core.finish.Step;
import jurren.core.geometry.Box;
import jurren.core.layer.Layer;
import jurren.core.plan.LinePlan;
import jurren.core.snag.Snag;
import jurren.formats.words.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jurren.core.geometry.Placement;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import javafx.util.Duration;

/** The steps at the press, one after the other, for each piece. */
public final class FinishBench implements BenchView {
    /** What the snags are about that are mended here. */
    public static final Set<Snag.Subject> MENDS = Set.of(Snag.Subject.HEAT);
    private static final double CARDS_HEIGHT = 152;

    private final Session session;
    private final HeatChart chart;
    private final HBox cards = new HBox();
    private final ScrollPane cardScroll;
    private final FaceCanvas canvas;
    private final StepTimer timer = new StepTimer(System::nanoTime);
    private final Timeline ticks = new Timeline(new KeyFrame(Duration.millis(100), _ -> tick()));
    private final Label which = Controls.caption("");
    private final Label clock = Controls.label("", "clock");
    private final Label how = Controls.figure("");
    private final Button start;
    private final Button next;
    private final VBox heat = new VBox();
    private final VBox snags = new VBox();
    private final Node node;
    private List<Step> steps = List.of();
    private int at;

    public FinishBench(Session session) {
        this.session = session;
        this.chart = new HeatChart(session);
        this.canvas = new FaceCanvas(Texts.of("finish.picture"), 6, this::bounds, this::draw);
        this.start = Controls.button("timer-start", Texts.of("finish.start"), this::startOrHold, "primary");
        this.next = Controls.button("timer-next", Texts.of("finish.next"), this::nextStep);
        ticks.setCycleCount(Animation.INDEFINITE);
        cards.getStyleClass().add("step-cards");
        heat.getStyleClass().add("rows");
        snags.getStyleClass().add("cards");
        cardScroll = new ScrollPane(cards);
        cardScroll.getStyleClass().add("column-scroll");
        cardScroll.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        cardScroll.setMinHeight(Theme.high(CARDS_HEIGHT));
        cardScroll.setMaxHeight(Theme.high(CARDS_HEIGHT));
        cardScroll.setFitToHeight(true);
        HBox buttons = new HBox(start, next);
        buttons.getStyleClass().addAll("buttons", "centred");
        VBox timerCard = Controls.card(which, clock, how, buttons);
        timerCard.getStyleClass().add("timer");
        VBox heatCard = Controls.card(heat, snags);
        heatCard.setMinWidth(Theme.wide(190));
        heatCard.setPrefWidth(Theme.wide(290));
        HBox lower = new HBox(canvas, timerCard, heatCard);
        lower.getStyleClass().add("finish-lower");
        HBox.setHgrow(canvas, Priority.ALWAYS);
        VBox.setVgrow(lower, Priority.ALWAYS);
        VBox all = new VBox(Controls.card(chart), cardScroll, lower);
        all.getStyleClass().add("bench");
        ScrollPane scroll = new ScrollPane(all);
        scroll.getStyleClass().add("column-scroll");
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        this.node = scroll;
    }

    private Box bounds() {
        return session.linePlan().map(p -> p.face().isRound() || !p.isPressed() ? p.face().pictureBox().grown(4)
                : p.platen().positions().stream().reduce(Box::joined).orElseThrow().grown(8))
                .orElse(Box.ofSize(-200, 0, 400, 400));
    }

    private Optional<Step> step() {
        return at < steps.size() ? Optional.of(steps.get(at)) : Optional.empty();
    }

    /** The layers that are down once the chosen step is done; the one it is about stands out. */
    private void draw(Pen pen) {
        session.linePlan().ifPresent(plan -> {
            Color cloth = Theme.paint(plan.blankColour().colour());
            Color guide = Theme.lineOn(plan.blankColour().colour());
            boolean onPlaten = !plan.face().isRound() && plan.isPressed();
            if (onPlaten) {
                pen.fillBox(bounds(), cloth);
            } else {
                pen.blank(plan.face().picture(), plan.blankColour().colour());
            }
            int down = step().map(Step::layer).orElse(0);
            for (Layer layer : plan.drawn().layers()) {
                if (layer.order() <= down) {
                    layer.paints().forEach(i -> {
                        if (layer.order() == down) {
                            pen.fill(i.region(), Placement.HERE, i.colour(), i.ink());
                        } else {
                            pen.fill(i.region(), Theme.paint(i.colour()).interpolate(cloth, 0.25));
                        }
                    });
                } else {
                    pen.fill(layer.region(), guide.interpolate(cloth, 0.82));
                }
            }
            if (onPlaten) {
                platen(pen, plan, guide);
            }
        });
    }

    private void platen(Pen pen, LinePlan plan, Color guide) {
        List<Box> positions = plan.platen().positions();
        plan.platen().twice().forEach(b -> pen.fillBox(b, Theme.MARIGOLD.deriveColor(0, 1, 1, 0.25)));
        for (int i = 0; i < positions.size(); i++) {
            Box b = positions.get(i);
            pen.box(b, guide, 1, 9, 4, 2, 4);
            String text = positions.size() == 1 ? Texts.of("finish.platen", session.unit().rough(b.widthMm()),
                    session.unit().rough(b.heightMm())) : Texts.of("finish.position", i + 1, positions.size());
            pen.text(text, pen.view().x(b.minXMm()) + 8, pen.view().y(b.maxYMm()) - 11, Theme.measure(11.5), guide,
                    TextAlignment.LEFT);
        }
    }

    private void choose(int index) {
        at = index;
        timer.set(step().map(Step::seconds).orElse(0.0));
        ticks.stop();
        show();
    }

    private void startOrHold() {
        if (timer.isRunning()) {
            timer.hold();
            ticks.stop();
        } else {
            timer.start();
            ticks.play();
        }
        showTimer();
    }

    private void tick() {
        if (timer.isOver()) {
            ticks.stop();
            nextStep();
        }
        showTimer();
    }

    /** After the last step one more piece is done and the next begins at the first. */
    private void nextStep() {
        if (at + 1 >= steps.size()) {
            String line = session.line().id();
            session.editMade(m -> m.withPressed(line, m.pressed(line) + 1));
            choose(0);
        } else {
            choose(at + 1);
        }
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
        session.linePlan().ifPresent(plan -> {
            if (!plan.finish().steps().equals(steps)) {
                steps = plan.finish().steps();
                at = 0;
                timer.set(step().map(Step::seconds).orElse(0.0));
                ticks.stop();
            }
            heat.getChildren().setAll(heatRows(plan));
        });
        SnagCards.show(snags, session, SnagCards.of(session, MENDS));
        show();
    }

    private void show() {
        session.linePlan().ifPresent(plan -> {
            List<Node> shown = new ArrayList<>();
            for (int i = 0; i < steps.size(); i++) {
                shown.add(card(plan, i));
            }
            if (shown.isEmpty()) {
                shown.add(Controls.label(Texts.of("finish.empty"), "hint"));
            }
            Controls.refill(cards, shown);
        });
        cardScroll.setHvalue(steps.size() < 2 ? 0 : (double) at / (steps.size() - 1));
        chart.draw(step().map(Step::order).orElse(0));
        showTimer();
        canvas.redraw();
    }

    private Node card(LinePlan plan, int index) {
        Step step = steps.get(index);
        Words words = session.words();
        Label number = Controls.label(String.valueOf(step.order()), "step-number");
        HBox head = new HBox(number, Controls.spring(), Controls.figure(step.kind().heats() ? words.heat(step)
                : Words.seconds(step.seconds())));
        Label title = Controls.label(words.stepTitle(step, plan), "card-title");
        Label text = Controls.label(words.stepText(step, plan));
        VBox content = new VBox(head, title, text);
        content.setSpacing(4);
        ToggleButton card = new ToggleButton();
        card.setId("step-" + step.order());
        card.getStyleClass().add("step-card");
        card.setGraphic(content);
        card.setAccessibleText(step.order() + " " + words.stepTitle(step, plan));
        card.setSelected(index == at);
        card.setOnAction(_ -> choose(index));
        content.prefWidthProperty().bind(card.widthProperty().subtract(24));
        return card;
    }

    private void showTimer() {
        int copies = session.line().copies();
        int piece = Math.min(copies, session.job().made().pressed(session.line().id()) + 1);
        which.setText(Texts.of("finish.step-of", at + 1, piece, copies));
        long left = (long) Math.ceil(timer.leftS() - 1e-6);
        clock.setText(String.format(java.util.Locale.ROOT, "%d:%02d", left / 60, left % 60));
        how.setText(step().map(s -> s.kind().heats()
                ? session.words().degrees(s.celsius()) + " · " + session.words().pressure(s)
                : Texts.of(session.linePlan().map(p -> p.isPressed()).orElse(true)
                ? "finish.open-press" : "finish.table")).orElse(""));
        start.setText(Texts.of(timer.isRunning() ? "finish.hold" : "finish.start"));
        start.setDisable(steps.isEmpty());
        next.setDisable(steps.isEmpty());
    }

    private List<Node> heatRows(LinePlan plan) {
        List<Node> rows = new ArrayList<>();
        if (!plan.finish().heat().isEmpty()) {
            rows.add(Controls.caption(Texts.of("finish.heat-taken")));
        }
        for (HeatTaken taken : plan.finish().heat()) {
            Label figure = figure(taken.layer() == 0
                    ? Texts.of("finish.cloth-takes", taken.totalS(), taken.mostS())
                    : Texts.of("finish.layer-takes", taken.totalS(), taken.leastS(), taken.mostS()));
            rows.add(Controls.row(Words.layerName(plan, taken.layer()), figure));
        }
        rows.add(Controls.caption(Texts.of("finish.run")));
        rows.add(Controls.row(Texts.of(plan.isPressed() ? "finish.pieces" : "finish.pieces.table", plan.line().copies()),
                figure(Words.duration(plan.finishSeconds()))));
        rows.add(Controls.row(Texts.of("finish.done"), figure(String.valueOf(session.job().made().pressed(session.line().id())))));
        return rows;
    }

    /** Wraps where there is no room beside its name. */
    private static Label figure(String text) {
        return Controls.label(text, "figure-text");
    }

    @Override
    public void close() {
        ticks.stop();
    }
}
