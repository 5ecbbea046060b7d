package jurren.app.bench.finish;

import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.job.Progress;
import jurren.core.load.CutItem;
import jurren.core.plan.Plan;
import jurren.core.run.Machine;
import jurren.core.run.Punctuality;
import jurren.core.run.RunTask;
import jurren.core.run.Schedule;
import jurren.core.run.WholeRun;
import jurren.formats.words.RunWords;
import jurren.formats.words.Words;

/**
 * The whole job as one run: what is left to do, in its order from now on. What is ticked off is gone from it, and the
 * rest is ordered anew.
 */
final class RunSide {
    private static final double CARD = 296;
    private static final double BETWEEN = 12;
    /** A day for film and vinyl to set. */
    private static final long WASH_S = 24 * 3600;
    /** How often it is looked whether something is late. */
    private static final double LOOK_S = 20;

    private final Session session;
    private final Lane lane;
    private final RunChart chart;
    private final Label whole = Controls.label("", "figure-text");
    private final VBox now = Controls.card();
    private final VBox why = Controls.card();
    private final VBox ready = Controls.card();
    private final Button done;
    private final Button open;
    private final Button wrong;
    private final Node node;
    private Plan of;
    private WholeRun run;
    private RunTask chosen;
    private Instant orderedAt = Instant.now();
    private final Timeline minutes;

    RunSide(Session session) {
        this.session = session;
        this.lane = session.desk().lane();
        this.chart = new RunChart(this::choose);
        this.done = Controls.button("run-done", "", this::tick, "primary");
        this.open = Controls.button("run-open", Texts.of("run.open"), this::open);
        this.wrong = Controls.button("run-wrong", Texts.of("run.wrong"), this::wrong);
        whole.setWrapText(true);
        whole.setMinWidth(0);
        whole.setMaxWidth(Double.MAX_VALUE);
        VBox top = Controls.card(whole, chart);
        // beside each other where there is room, below where there is not
        FlowPane lower = new FlowPane(BETWEEN, BETWEEN, now, why, ready);
        for (VBox card : List.of(now, why, ready)) {
            card.setPrefWidth(Theme.wide(CARD));
        }
        VBox all = new VBox(top, lower);
        all.getStyleClass().add("bench");
        this.node = FinishBench.scrolling(all);
        this.minutes = new Timeline(new KeyFrame(javafx.util.Duration.seconds(LOOK_S), _ -> show()));
        minutes.setCycleCount(Animation.INDEFINITE);
        minutes.play();
    }

    Node node() {
        return node;
    }

    void update() {
        session.plan().filter(p -> p != of).ifPresent(plan -> {
            of = plan;
            lane.want(new Order<>(
                    Texts.of("work.ordering"),
                    _ -> WholeRun.of(plan),
                    this::ordered,
                    e -> session.notices().trouble(Texts.of("work.failed", Texts.reason(e)))));
        });
        show();
    }

    private void ordered(WholeRun newRun) {
        run = newRun;
        orderedAt = Instant.now();
        chosen = null;
        show();
    }

    private void choose(RunTask task) {
        chosen = task;
        show();
    }

    /** What was chosen, or what hands do first. */
    private Optional<Schedule.Slot> slot() {
        List<Schedule.Slot> slots = run == null ? List.of() : run.schedule().slots();
        return slots.stream()
                .filter(s -> s.task().equals(chosen))
                .findFirst()
                .or(() -> slots.stream().filter(s -> s.task().handsS() > 0).findFirst())
                .or(() -> slots.stream().findFirst());
    }

    private void show() {
        if (run == null) {
            whole.setText(Texts.of("run.wait"));
            return;
        }
        RunWords words = new RunWords(session.settings().units());
        boolean nothing = run.tasks().isEmpty();
        whole.setText(nothing ? Texts.of("run.nothing") : RunWords.whole(run.schedule()));
        chart.show(run, slot().map(Schedule.Slot::task).orElse(null));
        Controls.refill(now, nothing ? List.of() : nowRows(words));
        why.getChildren().setAll(nothing ? List.of() : whyRows(words));
        Controls.refill(ready, nothing ? List.of() : readyRows());
    }

    private List<Node> nowRows(RunWords words) {
        List<Node> rows = new ArrayList<>();
        slot().ifPresent(s -> {
            RunTask t = s.task();
            boolean first = s.startS() - s.setupS() < 1;
            rows.add(Controls.caption(first ? Texts.of("run.now") : Texts.of("run.at", RunWords.at(s.startS()))));
            rows.add(Controls.label(RunWords.task(t), "card-title"));
            rows.add(Controls.label(words.detail(t)));
            run.schedule().slots().stream()
                    .filter(o -> o.task().machine().kind().isOne()
                            && !o.task().equals(t)
                            && o.startS() <= s.startS() + 1
                            && o.endS() > s.startS() + 1)
                    .findFirst()
                    .ifPresent(o -> rows.add(Controls.label(
                            Texts.of("run.meanwhile", RunWords.machine(o.task().machine()), RunWords.task(o.task())),
                            "hint")));
            punctuality().filter(_ -> first).flatMap(Punctuality::overdue).ifPresent(d -> {
                Label overdue = Controls.label(Texts.of("run.overdue", Words.duration(d.toSeconds())), "late");
                overdue.setId("run-overdue");
                rows.add(overdue);
            });
            if (s.setupS() > 0) {
                rows.add(Controls.label(
                        Texts.of(
                                t.celsius() > 0 ? "run.warm-first" : "run.film-first",
                                Words.duration(s.setupS()),
                                session.words().degrees(t.celsius())),
                        "hint"));
            }
            boolean cut = t.kind() == RunTask.Kind.CUT;
            done.setText(Texts.of("run.done." + t.kind()));
            HBox buttons = new HBox(done);
            if (!cut && t.kind() != RunTask.Kind.PRINT) {
                buttons.getChildren().add(wrong);
            }
            buttons.getChildren().add(open);
            buttons.getStyleClass().add("buttons");
            rows.add(buttons);
        });
        return rows;
    }

    private List<Node> whyRows(RunWords words) {
        List<Node> rows = new ArrayList<>(List.of(Controls.caption(Texts.of("run.why"))));
        words.why(run.schedule()).forEach(w -> rows.add(Controls.label(w)));
        List<String[]> wins = RunWords.wins(run);
        if (!wins.isEmpty()) {
            rows.add(Controls.caption(Texts.of("run.if-you-had")));
            wins.forEach(w -> rows.add(Controls.row(w[0], Controls.figure(w[1]))));
        }
        return rows;
    }

    private List<Node> readyRows() {
        Schedule s = run.schedule();
        Optional<Punctuality> begun = punctuality();
        LocalDateTime readyAt = begun.map(p -> clock(p.ready()))
                .orElseGet(() -> LocalDateTime.now().plusSeconds(Math.round(s.endS())));
        List<Node> rows = new ArrayList<>(
                List.of(Controls.caption(Texts.of("run.ready")), Controls.label(Words.clock(readyAt), "ready-at")));
        begun.ifPresentOrElse(p -> rows.add(stands(p)), () -> {
            rows.add(Controls.label(Texts.of("run.if-you-begin-now"), "hint"));
            rows.add(Controls.button("run-begin", Texts.of("run.begin"), () -> session.editMade(this::begun)));
        });
        if (run.tasks().stream().anyMatch(t -> t.kind() == RunTask.Kind.PRESS || t.kind() == RunTask.Kind.LAY)) {
            rows.add(Controls.row(
                    Texts.of("run.first-wash"), Controls.figure(Words.clock(readyAt.plusSeconds(WASH_S)))));
        }
        for (Machine m : run.machines()) {
            if (m.kind().isOne()) {
                rows.add(Controls.row(
                        Texts.of("run.busy", RunWords.machine(m)),
                        Controls.figure(Math.round(100 * s.busy(m)) + " %")));
            }
        }
        rows.add(Controls.row(
                Texts.of("run.busy", Texts.of("run.hands")), Controls.figure(Math.round(100 * s.handsBusy(1)) + " %")));
        rows.add(Controls.row(Texts.of("run.heat-ups"), Controls.figure(String.valueOf(s.heatUps()))));
        rows.add(Controls.row(Texts.of("run.film-changes"), Controls.figure(String.valueOf(s.filmChanges()))));
        rows.add(Controls.button(
                "run-print", Texts.of("run.print"), () -> whole.fireEvent(new AskFor(AskFor.What.RUN))));
        return rows;
    }

    private Optional<Punctuality> punctuality() {
        return session.job().made().begun().map(b -> Punctuality.of(b, run, orderedAt, Instant.now()));
    }

    private Node stands(Punctuality p) {
        String was =
                Words.clock(clock(session.job().made().begun().orElseThrow().ready()));
        String by = Words.duration(Math.abs(p.late().toSeconds()));
        Label label = Controls.label(
                p.isLate()
                        ? Texts.of("run.late", was, by)
                        : p.isAhead() ? Texts.of("run.ahead", was, by) : Texts.of("run.as-meant", was),
                p.isLate() ? "late" : "hint");
        label.setId("run-stands");
        return label;
    }

    private static LocalDateTime clock(Instant at) {
        return LocalDateTime.ofInstant(at, ZoneId.systemDefault());
    }

    /** It is begun, to be ready when it is thought to be now. */
    private Progress begun(Progress made) {
        Instant now = Instant.now();
        return made.withBegun(now, now.plusMillis(Math.round(run.schedule().endS() * 1000)));
    }

    // ---- as it goes

    private void tick() {
        slot().map(Schedule.Slot::task).ifPresent(t -> {
            switch (t.kind()) {
                case CUT -> open();
                case PRESS, LAY, TAKE_OUT ->
                    session.editMade(
                            m -> lastOf(t) ? finished(going(m).withDone(t.id()), t) : going(m).withDone(t.id()));
                default -> session.editMade(m -> going(m).withDone(t.id()));
            }
        });
    }

    /** What is ticked off first begins it. */
    private Progress going(Progress made) {
        return made.begun().isPresent() ? made : begun(made);
    }

    /** Whether nothing of the line is left in the run after it. */
    private boolean lastOf(RunTask t) {
        return run.tasks().stream().noneMatch(o -> o.after().contains(t.id()));
    }

    private Progress finished(Progress made, RunTask t) {
        Progress all = made;
        for (String line : t.lines()) {
            all = all.withPressed(
                    line, session.job().line(line).map(l -> l.copies()).orElse(0));
        }
        return all;
    }

    private void open() {
        slot().map(Schedule.Slot::task).ifPresent(t -> {
            session.openLine(t.lines().stream()
                    .sorted()
                    .findFirst()
                    .orElse(session.line().id()));
            session.show(t.kind() == RunTask.Kind.CUT || t.kind() == RunTask.Kind.WEED ? Bench.CUT : Bench.FINISH);
        });
    }

    /** One came out wrong: it is cut again, in the size that was laid last. */
    private void wrong() {
        slot().map(Schedule.Slot::task).ifPresent(t -> {
            Optional<CutItem> laid = of.runs().stream()
                    .filter(r -> r.load().order() == t.order())
                    .flatMap(r -> r.load().placed().stream().map(p -> p.item()))
                    .reduce((_, later) -> later);
            String line = laid.map(CutItem::lineId)
                    .orElse(t.lines().stream()
                            .sorted()
                            .findFirst()
                            .orElse(session.line().id()));
            String size = laid.map(CutItem::size)
                    .or(() -> of.line(line)
                            .map(l -> l.sizeOfPiece(session.job().made().pressed(line))
                                    .id()))
                    .orElse("");
            session.editMade(m -> m.withSpoiled(line, size));
        });
    }

    void close() {
        lane.stop();
        minutes.stop();
    }
}
