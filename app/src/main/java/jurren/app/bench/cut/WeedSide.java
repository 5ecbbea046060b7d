package jurren.app.bench.cut;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import jurren.app.desk.Order;
import jurren.app.face.Pen;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.cut.CutRun;
import jurren.core.finish.HandTimes;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.load.Load;
import jurren.core.load.Placed;
import jurren.core.run.RunTask;
import jurren.core.weed.WeedPlan;
import jurren.formats.words.Words;

/** A cut load on the table: what lifts and in which order, what to hold down meanwhile, and whether it is done. */
final class WeedSide {
    /** From the load to the picture, as it lies in the cutter. */
    private static final Placement ONTO = new Placement(0, -1, -1, 0, 0, 0);

    private static final Color PALE_CARRIER = Color.web("#EFEDE6");
    /** Below light film. */
    private static final Color GREY_CARRIER = Color.web("#C4C9CF");

    private static final double LIGHT = 0.6;
    private static final double WASTE = 0.45;
    private static final double REST = 0.2;
    /** More marks than this would hide what they are about. */
    private static final int MANY = 60;

    private static final double DOT = 4;
    private static final double MARGIN_MM = 6;
    private static final double WINDOW_MM = 420;

    private final Session session;
    private final Runnable changed;
    private Optional<WeedPlan> plan = Optional.empty();
    private String planned = "";
    private final Set<WeedPlan.Waste> lifted = new HashSet<>();

    WeedSide(Session session, Runnable changed) {
        this.session = session;
        this.changed = changed;
    }

    /** Worked out once for a cut, beside the window. */
    void show(CutRun run) {
        if (planned.equals(run.mark())) {
            return;
        }
        planned = run.mark();
        plan = Optional.empty();
        lifted.clear();
        String of = run.mark();
        HandTimes times = session.shop().prices().times();
        session.desk()
                .give(new Order<>(
                        Texts.of("weed.working"),
                        _ -> WeedPlan.of(run.load(), times),
                        p -> {
                            if (planned.equals(of)) {
                                plan = Optional.of(p);
                                changed.run();
                            }
                        },
                        why -> session.notices().trouble(Texts.of("weed.failed", Texts.reason(why)))));
    }

    private boolean isDone(CutRun run) {
        return session.job().made().done().contains(RunTask.weeding(run.mark()));
    }

    private boolean isUp(WeedPlan.Waste w, CutRun run) {
        return isDone(run) || lifted.contains(w);
    }

    /** The order alone, in words; nothing while it is worked out, and where nothing is lifted. */
    List<Node> summary() {
        List<Node> rows = new ArrayList<>();
        plan.ifPresent(p -> {
            for (WeedPlan.Kind kind : WeedPlan.Kind.values()) {
                List<WeedPlan.Waste> all = of(p, kind);
                if (!all.isEmpty()) {
                    rows.add(Controls.label(
                            words(rows.size() + 1, kind, all, p.around().size()), "wrapped"));
                }
            }
        });
        return rows;
    }

    private static List<WeedPlan.Waste> of(WeedPlan plan, WeedPlan.Kind kind) {
        return plan.wastes().stream().filter(w -> w.kind() == kind).toList();
    }

    private static String words(int number, WeedPlan.Kind kind, List<WeedPlan.Waste> all, int frames) {
        return Texts.of(
                "weed." + kind,
                number,
                all.size(),
                all.stream().filter(WeedPlan.Waste::isFine).count(),
                frames);
    }

    List<Node> rows(CutRun run) {
        if (plan.isEmpty()) {
            return List.of(Controls.label(Texts.of("weed.working"), "hint"));
        }
        WeedPlan p = plan.get();
        if (p.wastes().isEmpty()) {
            return List.of(Controls.label(Texts.of("weed.nothing"), "hint"));
        }
        boolean done = isDone(run);
        List<Node> order = new ArrayList<>(List.of(
                Controls.caption(Texts.of("cut.weed")),
                Controls.row(Texts.of("weed.time"), Controls.figure(Words.duration(p.seconds())))));
        int n = 0;
        for (WeedPlan.Kind kind : WeedPlan.Kind.values()) {
            List<WeedPlan.Waste> all = of(p, kind);
            if (!all.isEmpty()) {
                order.add(step(run, ++n, kind, all));
            }
        }
        Button weeded =
                Controls.button("weed-done", Texts.of(done ? "weed.not-done" : "weed.done"), () -> tick(run, !done));
        weeded.getStyleClass().add(done ? "quiet" : "primary");
        order.add(Controls.label(Texts.of(done ? "weed.is-done" : "weed.click"), "hint"));
        order.add(Controls.flow(weeded));
        List<Node> rows = new ArrayList<>(List.of(Controls.card(column(order))));
        if (!p.cares().isEmpty()) {
            List<Node> hold = new ArrayList<>(List.of(Controls.caption(Texts.of("weed.hold"))));
            for (WeedPlan.Why why : WeedPlan.Why.values()) {
                if (p.count(why) > 0) {
                    HBox row = new HBox(
                            8,
                            Controls.label(mark(why), "snag-number"),
                            Controls.label(Texts.of("weed.hold." + why, p.count(why))));
                    row.setAlignment(Pos.CENTER_LEFT);
                    hold.add(row);
                }
            }
            hold.add(Controls.label(Texts.of("weed.how"), "hint"));
            rows.add(Controls.card(column(hold)));
        }
        return rows;
    }

    private static VBox column(List<Node> nodes) {
        VBox box = new VBox(nodes.toArray(Node[]::new));
        box.getStyleClass().add("rows");
        return box;
    }

    private Node step(CutRun run, int number, WeedPlan.Kind kind, List<WeedPlan.Waste> all) {
        long up = all.stream().filter(w -> isUp(w, run)).count();
        String words = words(number, kind, all, plan.map(p -> p.around().size()).orElse(0));
        CheckBox box = new CheckBox(up == 0 || up == all.size() ? words : Texts.of("weed.part", words, up));
        box.setId("weed-" + kind.name().toLowerCase(java.util.Locale.ROOT));
        box.setWrapText(true);
        box.setSelected(up == all.size());
        box.setDisable(isDone(run));
        box.setOnAction(_ -> {
            if (box.isSelected()) {
                lifted.addAll(all);
            } else {
                all.forEach(lifted::remove);
            }
            all(run);
        });
        return box;
    }

    /** Once all of it is up it is weeded. */
    private void all(CutRun run) {
        if (plan.filter(p -> lifted.containsAll(p.wastes())).isPresent() && !isDone(run)) {
            tick(run, true);
        }
        changed.run();
    }

    private void tick(CutRun run, boolean done) {
        if (!done) {
            lifted.clear();
        }
        session.editMade(
                m -> done ? m.withDone(RunTask.weeding(run.mark())) : m.withoutDone(RunTask.weeding(run.mark())));
    }

    private static String mark(WeedPlan.Why why) {
        return String.valueOf(why.ordinal() + 1);
    }

    /** What lies under the pointer is lifted, or laid back. */
    void click(CutRun run, Point onPicture) {
        if (plan.isEmpty() || isDone(run)) {
            return;
        }
        plan.get().at(ONTO.inverse().apply(onPicture)).ifPresent(w -> {
            if (!lifted.remove(w)) {
                lifted.add(w);
            }
            all(run);
        });
    }

    /** As long a stretch as can be seen well, from where there is something to lift. */
    Box view(CutRun run) {
        double used = run.load().usedMm();
        double third = WINDOW_MM / 3;
        double first = next(run).map(w -> w.region().bounds().minXMm()).orElse(0.0);
        double start = Math.clamp(Math.floor(first / third) * third, 0, Math.max(0, used - WINDOW_MM));
        return new Box(-run.load().stock().widthMm(), -Math.min(used, start + WINDOW_MM), 0, -start).grown(MARGIN_MM);
    }

    private Optional<WeedPlan.Waste> next(CutRun run) {
        return plan.flatMap(p -> p.wastes().stream().filter(w -> !isUp(w, run)).findFirst());
    }

    void draw(Pen pen, CutRun run) {
        Load load = run.load();
        Color film = Theme.paint(load.colour());
        Color carrier = load.colour().luminance() > LIGHT ? GREY_CARRIER : PALE_CARRIER;
        // what lies outside the frames is not lifted; within them the carrier is left
        Color rest = load.framed() ? carrier.interpolate(film, REST) : carrier;
        Optional<Region> own = load.stock().ownOutline();
        if (own.isPresent()) {
            pen.fill(own.get(), ONTO, rest);
        } else {
            pen.fillBox(new Box(-load.stock().widthMm(), -load.usedMm(), 0, 0), rest);
        }
        plan.ifPresent(p -> p.around().forEach(f -> pen.fill(f, ONTO, carrier)));
        Color edge = load.colour().luminance() < 0.22 ? Color.web("#F4F5F6") : Theme.INK;
        Optional<WeedPlan.Kind> next = next(run).map(WeedPlan.Waste::kind);
        Color waste = carrier.interpolate(film, WASTE);
        plan.ifPresent(
                p -> p.wastes().stream().filter(w -> !isUp(w, run)).forEach(w -> pen.fill(w.region(), ONTO, waste)));
        load.frames().stream()
                .flatMap(f -> f.reliefs().stream())
                .forEach(r -> pen.line(ONTO.apply(r.from()), ONTO.apply(r.to()), edge, 1));
        for (Placed piece : load.placed()) {
            Placement onto = piece.onto().then(ONTO);
            pen.fill(piece.item().layer().region(), onto, film);
            pen.outline(piece.item().layer().region(), onto, edge.equals(Theme.INK) ? Theme.INK : Theme.SOFT, 0.8);
        }
        plan.ifPresent(p -> p.wastes().stream()
                .filter(w -> !isUp(w, run) && next.filter(k -> k == w.kind()).isPresent())
                .forEach(w -> {
                    pen.outline(w.region(), ONTO, Color.WHITE, 3.4);
                    pen.outline(w.region(), ONTO, Theme.PLUM, 1.8);
                }));
        if (!isDone(run)) {
            plan.ifPresent(p -> p.cares().forEach(c -> care(pen, c, p.cares().size() > MANY)));
        }
    }

    private static void care(Pen pen, WeedPlan.Care care, boolean small) {
        Point at = ONTO.apply(care.at());
        if (!small) {
            pen.snag(at, mark(care.why()));
            return;
        }
        var g = pen.graphics();
        double x = pen.view().x(at.xMm());
        double y = pen.view().y(at.yMm());
        g.setFill(Theme.MARIGOLD_PALE);
        g.fillOval(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
        g.setStroke(Theme.INK);
        g.setLineWidth(1);
        g.strokeOval(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
    }
}
