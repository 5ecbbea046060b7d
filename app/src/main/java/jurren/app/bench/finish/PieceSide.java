package jurren.app.bench.finish;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jurren.app.bench.SnagCards;
import jurren.app.face.FaceCanvas;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.finish.HeatTaken;
import jurren.core.finish.Step;
import jurren.core.finish.StepKind.Role;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import jurren.formats.words.Words;

/**
 * The steps of one piece after the other: what lies there, what comes next, a timer, what everything has taken so far.
 */
final class PieceSide {
    private static final double CARDS_HEIGHT = 152;
    /** A peel that waits so long leaves time for another piece. */
    private static final double IN_TURN_S = 25;

    private final Session session;
    private final HeatChart chart;
    private final HBox cards = new HBox();
    private final ScrollPane cardScroll;
    private final PressPicture picture;
    private final StepTimer timer = new StepTimer(System::nanoTime);
    private final Timeline ticks = new Timeline(new KeyFrame(javafx.util.Duration.millis(100), _ -> tick()));
    private final Label which = Controls.caption("");
    private final Label clock = Controls.label("", "clock");
    private final Label how = Controls.figure("");
    private final Label meanwhile = Controls.label("", "hint");
    private final Button start;
    private final Button next;
    private final Button spoiled;
    private final PressWishes wishes;
    private final VBox heat = new VBox();
    private final CheckBox trimmed = new CheckBox(Texts.of("finish.trimmed"));
    private final VBox snags = new VBox();
    private final Node node;
    private SizePlan size;
    private List<Step> steps = List.of();
    private int at;

    PieceSide(Session session) {
        this.session = session;
        this.chart = new HeatChart(session);
        this.picture = new PressPicture(session);
        this.wishes = new PressWishes(session);
        this.start = Controls.button("timer-start", Texts.of("finish.start"), this::startOrHold, "primary");
        this.next = Controls.button("timer-next", Texts.of("finish.next"), this::nextStep);
        this.spoiled = Controls.button("piece-spoiled", Texts.of("finish.spoiled"), this::spoil);
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
        VBox timerCard = Controls.card(which, clock, how, buttons, meanwhile, wishes.node(), spoiled);
        timerCard.getStyleClass().add("timer");
        trimmed.setId("press-trimmed");
        trimmed.setWrapText(true);
        trimmed.setOnAction(_ -> session.editLine(l -> l.withTrimmed(trimmed.isSelected())));
        VBox heatCard = Controls.card(heat, trimmed, snags);
        heatCard.setMinWidth(Theme.wide(190));
        heatCard.setPrefWidth(Theme.wide(300));
        HBox lower = new HBox(picture.canvas(), timerCard, heatCard);
        lower.getStyleClass().add("finish-lower");
        HBox.setHgrow(picture.canvas(), Priority.ALWAYS);
        VBox.setVgrow(lower, Priority.ALWAYS);
        VBox all = new VBox(Controls.card(chart), cardScroll, lower);
        all.getStyleClass().add("bench");
        all.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        this.node = FinishBench.scrolling(all);
    }

    Node node() {
        return node;
    }

    FaceCanvas canvas() {
        return picture.canvas();
    }

    private Optional<Step> step() {
        return at < steps.size() ? Optional.of(steps.get(at)) : Optional.empty();
    }

    /** One key each, as hands are full: N goes on, T starts and holds the timer. */
    private void key(KeyEvent e) {
        if (e.getTarget() instanceof TextInputControl || e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        if (e.getCode() == KeyCode.N && !steps.isEmpty()) {
            nextStep();
            e.consume();
        } else if (e.getCode() == KeyCode.T && !steps.isEmpty()) {
            startOrHold();
            e.consume();
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
            Bell.ring();
            nextStep();
        }
        showTimer();
    }

    /** After the last step at one place comes the next place; after the last place one more piece is done. */
    private void nextStep() {
        if (at + 1 < steps.size()) {
            choose(at + 1);
            return;
        }
        List<LinePlan> order =
                session.plan().map(p -> p.pressingOrder(session.line().id())).orElse(List.of());
        int here = order.stream()
                .map(l -> l.line().at())
                .toList()
                .indexOf(session.line().at());
        if (here >= 0 && here + 1 < order.size()) {
            session.openPlace(order.get(here + 1).line().at());
        } else {
            String line = session.line().id();
            session.editMade(m -> m.withPressed(line, m.pressed(line) + 1));
            if (order.size() > 1) {
                session.openPlace(order.getFirst().line().at());
            }
        }
        choose(0);
    }

    /** It is made again: its film is cut once more, beside what is still to be cut. */
    private void spoil() {
        String line = session.line().id();
        if (size != null) {
            String its = size.id();
            session.editMade(m -> m.withSpoiled(line, its));
            choose(0);
        }
    }

    void update() {
        session.linePlan().ifPresent(plan -> {
            SizePlan now =
                    plan.sizeOfPiece(session.job().made().pressed(session.line().id()));
            if (size == null || !now.finish().steps().equals(steps)) {
                Optional<Step> was = step();
                steps = now.finish().steps();
                at = was.flatMap(this::alike).map(steps::indexOf).orElse(0);
                timer.set(step().map(Step::seconds).orElse(0.0));
                ticks.stop();
            }
            size = now;
        });
        SnagCards.show(snags, session, SnagCards.of(session, FinishBench.MENDS));
        show();
    }

    /** The same in a sequence that was solved anew. */
    private Optional<Step> alike(Step was) {
        return steps.stream()
                .filter(s ->
                        s.kind() == was.kind() && s.layers().equals(was.layers()) && s.position() == was.position())
                .findFirst();
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
            heat.getChildren().setAll(heatRows(plan));
            // only what lies beside other films on carriers cares
            boolean matters = size != null
                    && size.layers().stream()
                                    .filter(l -> l.material().isPressed() && l.isCut())
                                    .count()
                            > 1;
            trimmed.setVisible(matters);
            trimmed.setManaged(matters);
            trimmed.setSelected(plan.line().trimmed());
            wishes.show(plan, size, step());
        });
        cardScroll.setHvalue(steps.size() < 2 ? 0 : (double) at / (steps.size() - 1));
        chart.draw(size, step().map(Step::order).orElse(0));
        showTimer();
        picture.show(size, steps, at);
    }

    private Node card(LinePlan plan, int index) {
        Step step = steps.get(index);
        Words words = session.words();
        Label number = Controls.label(String.valueOf(step.order()), "step-number");
        HBox head = new HBox(
                number,
                Controls.spring(),
                figure(step.kind().heats() ? words.heat(step) : Words.seconds(step.seconds())));
        Label title = Controls.label(words.stepTitle(step, plan), "card-title");
        Label text = Controls.label(words.stepText(step, plan, size));
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
        if (PressWishes.isLaying(step)) {
            dragged(card, step);
        }
        return card;
    }

    /**
     * A closing that lays a film is drawn over another, to come before or after it. By filters: a button keeps what is
     * pressed and released to itself.
     */
    private void dragged(ToggleButton card, Step step) {
        double[] from = {0};
        int[] over = {-1};
        card.addEventFilter(MouseEvent.MOUSE_PRESSED, e -> {
            from[0] = e.getSceneX();
            over[0] = -1;
        });
        card.addEventFilter(MouseEvent.MOUSE_DRAGGED, e -> {
            card.setTranslateX(e.getSceneX() - from[0]);
            card.setViewOrder(-1);
            over[0] = -1;
            for (int i = 0; i < cards.getChildren().size(); i++) {
                Node other = cards.getChildren().get(i);
                Bounds there = other.localToScene(other.getBoundsInLocal());
                if (other != card && e.getSceneX() >= there.getMinX() && e.getSceneX() <= there.getMaxX()) {
                    over[0] = i;
                }
            }
        });
        card.addEventFilter(MouseEvent.MOUSE_RELEASED, _ -> {
            card.setTranslateX(0);
            card.setViewOrder(0);
            if (over[0] >= 0 && over[0] < steps.size()) {
                wishes.move(step, steps.get(over[0]));
            }
        });
    }

    private void showTimer() {
        int copies = session.line().copies();
        int piece = Math.min(copies, session.job().made().pressed(session.line().id()) + 1);
        which.setText(Texts.of("finish.step-of", at + 1, piece, copies)
                + (size == null
                                || session.linePlan()
                                        .filter(p -> p.blank().sizes().size() > 1)
                                        .isEmpty()
                        ? ""
                        : " · " + size.id()));
        boolean waits = step().filter(s -> s.kind().does(Role.WAITS)).isPresent();
        long left = (long) Math.ceil(timer.leftS() - 1e-6);
        // nobody counts a day down: the hour at which it is over is told
        clock.setText(
                waits
                        ? Words.clock(LocalDateTime.now().plus(Duration.ofSeconds(left)))
                        : String.format(Locale.ROOT, "%d:%02d", left / 60, left % 60));
        how.setText(step().map(s -> s.kind().heats()
                        ? session.words().degrees(s.celsius()) + " · "
                                + session.words().pressure(s)
                        : waits
                                ? Texts.of("finish.not-before")
                                : Texts.of(
                                        steps.stream().anyMatch(x -> x.kind().heats())
                                                ? "finish.open-press"
                                                : "finish.table"))
                .orElse(""));
        start.setText(Texts.of(timer.isRunning() ? "finish.hold" : "finish.start"));
        start.setDisable(steps.isEmpty() || waits);
        next.setDisable(steps.isEmpty());
        spoiled.setDisable(steps.isEmpty());
        boolean inTurn = copies > piece
                && step().filter(s -> s.kind().does(Role.PEELS) && s.seconds() >= IN_TURN_S
                                || s.kind().does(Role.COOLS, Role.CURES))
                        .isPresent();
        meanwhile.setText(inTurn ? Texts.of("finish.in-turn", piece + 1) : "");
        meanwhile.setManaged(inTurn);
    }

    private List<Node> heatRows(LinePlan plan) {
        List<Node> rows = new ArrayList<>();
        List<HeatTaken> all = size == null ? List.of() : size.finish().heat();
        if (!all.isEmpty()) {
            rows.add(Controls.caption(Texts.of("finish.heat-taken")));
            List<HeatTaken> now = size.finish().heatAfter(at + 1);
            for (int i = 0; i < all.size(); i++) {
                HeatTaken whole = all.get(i);
                rows.add(Controls.row(
                        Words.layerName(plan, whole.layer()),
                        figure(Texts.of(
                                whole.layer() == 0 ? "finish.cloth-takes" : "finish.layer-takes",
                                now.get(i).totalS(),
                                whole.totalS(),
                                whole.leastS(),
                                whole.mostS()))));
            }
            if (!size.finish().solved().closings().isEmpty()) {
                rows.add(Controls.label(Words.proof(size.finish().solved()), "hint"));
            }
        }
        rows.add(Controls.caption(Texts.of("finish.run")));
        rows.add(Controls.row(
                Texts.of(
                        plan.isPressed() ? "finish.pieces" : "finish.pieces.table",
                        plan.line().copies()),
                figure(Words.duration(plan.finishSeconds()))));
        rows.add(Controls.row(
                Texts.of("finish.done"),
                figure(String.valueOf(
                        session.job().made().pressed(session.line().id())))));
        int lost = plan.sizes().stream().mapToInt(SizePlan::again).sum();
        if (lost > 0) {
            rows.add(Controls.row(Texts.of("finish.lost"), figure(String.valueOf(lost))));
        }
        return rows;
    }

    /** Wraps where there is no room beside its name. */
    private static Label figure(String text) {
        return Controls.label(text, "figure-text");
    }

    void close() {
        ticks.stop();
    }
}
