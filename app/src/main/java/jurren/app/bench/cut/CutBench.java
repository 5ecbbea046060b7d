package jurren.app.bench.cut;

import java.time.Instant;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jurren.app.bench.BenchLayout;
import jurren.app.bench.BenchView;
import jurren.app.cutter.CutRecorder;
import jurren.app.cutter.CutTalk;
import jurren.app.face.FaceCanvas;
import jurren.app.face.Pen;
import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Point;
import jurren.core.job.MyShop;
import jurren.core.job.Progress;
import jurren.core.load.Connection;
import jurren.core.material.CutSettings;
import jurren.core.plan.Plan;
import jurren.formats.words.Words;
import jurren.standins.cutter.Fault;
import jurren.standins.cutter.LoadedFilm;

/** One load in the cutter: send it, watch it, stop it, go on after trouble. */
public final class CutBench implements BenchView {
    private static final double COLUMN = 296;

    /** Which of the two is looked at. */
    private enum Side {
        CUT,
        WEED
    }

    private static final int FAULT_AFTER = 3;
    private static final double MM_PER_M = 1000;
    private static final double NEARLY_DULL = 0.95;
    private static final DateTimeFormatter AT =
            DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT).withZone(ZoneId.systemDefault());

    private final Session session;
    private final BeforeCut before;
    private final CutTalk talk;
    private final CutRecorder recorder;
    private final FaceCanvas canvas;
    private final CutPicture picture = new CutPicture();
    private final WeedSide weed;
    private final Controls.Segments<Side> sides;
    private final VBox column = new VBox();
    private final List<Node> cutCards;
    private Side side = Side.CUT;
    private final Controls.Segments<Double> speeds;
    private final Controls.Choice<Integer> loads;
    private final ProgressBar progress = new ProgressBar(0);
    private final Label stateText = Controls.label("", "card-title");
    private final Label machine = Controls.label("", "hint");
    private final Label left = Controls.figure("");
    private final Label way = Controls.figure("");
    private final Label lifts = Controls.figure("");
    private final Button main;
    private final Button pause;
    private final Button stop;
    private final VBox settings = new VBox();
    private final VBox weeding = new VBox();
    private final VBox weedingCard = Controls.card(weeding);
    private final Controls.Choice<Fault> fault;
    private final Controls.Choice<LoadedFilm.Care> care;
    private final Label why = Controls.label("", "means");
    private final GoingOn goingOn;
    private final VBox marks = new VBox();
    private final VBox marksCard;
    private final Label asItWas = Controls.label("", "hint");
    private final Button byHand;
    private final Button guide;
    private final Runnable watcher = this::update;
    private final VBox troubles;
    private final Node node;
    private int load = 1;
    private boolean askedForKnives;

    public CutBench(Session session, BeforeCut before) {
        this.session = session;
        this.before = before;
        this.talk = before.talk();
        this.recorder = before.recorder();
        talk.watch(watcher);
        before.watch(watcher);
        this.canvas = new FaceCanvas(
                Texts.of("cut.picture"),
                4,
                () -> isWeeding() ? weed().view(shown().orElseThrow()) : picture.view(shown(), head()),
                this::draw);
        this.weed = new WeedSide(session, this::update);
        canvas.addEventHandler(MouseEvent.MOUSE_CLICKED, e -> {
            if (e.getButton() == MouseButton.PRIMARY && e.isStillSincePress()) {
                touch(canvas().view().toMm(e.getX(), e.getY()));
            }
        });
        this.sides =
                Controls.segments("cut-side", List.of(Side.values()), s -> Texts.of("cut.side." + s), this::showSide);
        sides.show(side);
        this.speeds =
                Controls.segments("speed", List.of(1.0, 10.0, 100.0), s -> Texts.of("cut.speed", s), this::setSpeed);
        this.loads = new Controls.Choice<>("load", Texts.of("cut.load"), List.of(), this::loadName, this::chooseLoad);
        this.fault = new Controls.Choice<>(
                "fault",
                Texts.of("cut.fault"),
                List.of(Fault.values()),
                f -> Texts.of("cut.fault." + f),
                f -> talk.goWrongAfter(FAULT_AFTER, f));
        this.goingOn = new GoingOn(session, talk);
        this.main = Controls.button("cut-main", "", this::mainAction, "primary");
        this.pause = Controls.button("cut-pause", Texts.of("cut.pause"), talk::pause);
        this.stop = Controls.button("cut-stop", Texts.of("cut.stop"), talk::stop);
        this.byHand = Controls.button("cut-by-hand", Texts.of("cut.by-hand"), this::byHand);
        Button save = Controls.button(
                "cut-save",
                Texts.of("cut.save"),
                () -> canvas.fireEvent(new AskFor(AskFor.What.CUT_FILE, String.valueOf(load))));
        Button saveAll = Controls.button(
                "cut-save-all", Texts.of("cut.save-all"), () -> canvas.fireEvent(new AskFor(AskFor.What.CUT_FILES)));
        this.guide = Controls.button(
                "cut-guide",
                Texts.of("cut.guide"),
                () -> canvas.fireEvent(new AskFor(AskFor.What.GUIDE, String.valueOf(load))));
        FlowPane files = new FlowPane(save, saveAll, guide, byHand);
        files.getStyleClass().add("flow");
        speeds.show(talk.speedUp());
        fault.show(Fault.NONE);
        loads.setMaxWidth(Double.MAX_VALUE);
        fault.setMaxWidth(Double.MAX_VALUE);
        progress.setMaxWidth(Double.MAX_VALUE);
        progress.setAccessibleText(Texts.of("cut.progress"));
        settings.getStyleClass().add("rows");
        weeding.getStyleClass().add("rows");
        marks.getStyleClass().add("rows");
        this.marksCard = Controls.card(marks);
        FlowPane running = new FlowPane(main, pause, stop);
        running.getStyleClass().add("flow");
        this.care = new Controls.Choice<>(
                "care",
                Texts.of("cut.care"),
                List.of(LoadedFilm.Care.values()),
                c -> Texts.of("cut.care." + c),
                talk::feedWith);
        care.show(talk.care());
        care.setMaxWidth(Double.MAX_VALUE);
        this.troubles = Controls.card(
                Controls.caption(Texts.of("cut.fault")), fault, Controls.label(Texts.of("cut.care"), "hint"), care);
        this.cutCards = List.of(
                Controls.card(
                        machine,
                        stateText,
                        why,
                        goingOn.node(),
                        progress,
                        Controls.row(Texts.of("cut.left"), left),
                        Controls.row(Texts.of("cut.way"), way),
                        Controls.row(Texts.of("cut.lifts"), lifts),
                        asItWas,
                        running,
                        files),
                marksCard,
                Controls.card(settings),
                weedingCard,
                troubles);
        this.node = BenchLayout.of(canvas, column, COLUMN);
    }

    private void touch(Point at) {
        if (isWeeding()) {
            weed.click(shown().orElseThrow(), at);
        } else if (isShown()) {
            goingOn.touch(CutPicture.onLoad(at));
        }
    }

    private WeedSide weed() {
        return weed;
    }

    private boolean isWeeding() {
        return side == Side.WEED && shown().isPresent();
    }

    private void showSide(Side which) {
        side = which;
        canvas.showAll();
        update();
    }

    private void draw(Pen pen) {
        if (isWeeding()) {
            weed.draw(pen, shown().orElseThrow());
        } else {
            picture.draw(
                    pen,
                    shown(),
                    isShown() ? talk.finishedPaths() : 0,
                    goingOn.marked(isShown()),
                    head(),
                    session.shop().cutter(),
                    session.unit(),
                    canvas,
                    shown().map(before::crosses).orElse(List.of()));
        }
    }

    private FaceCanvas canvas() {
        return canvas;
    }

    private void setSpeed(double times) {
        talk.setSpeedUp(times);
        update();
    }

    private List<CutRun> runs() {
        return session.plan().map(Plan::runs).orElse(List.of());
    }

    /** The load on show; while it is in the cutter as it went in, whatever has been edited since. */
    private Optional<CutRun> shown() {
        Optional<CutRun> inCutter =
                talk.run().filter(r -> talk.isBusy() && r.load().order() == load);
        return inCutter.isPresent()
                ? inCutter
                : runs().stream().filter(r -> r.load().order() == load).findFirst();
    }

    /** True when the load on show is the one the cutter has. */
    private boolean isShown() {
        return shown().isPresent() && talk.run().map(CutRun::mark).equals(shown().map(CutRun::mark));
    }

    private Point head() {
        return isShown() ? talk.head() : Point.ORIGIN;
    }

    private String loadName(int order) {
        return runs().stream()
                .filter(r -> r.load().order() == order)
                .findFirst()
                .map(r -> Texts.of(
                        "cut.load-name",
                        order,
                        r.load().material().colourName(r.load().colour()),
                        runs().size()))
                .orElse("");
    }

    private void chooseLoad(int order) {
        load = order;
        update();
    }

    /** Puts a load before the cutter, at a speed. */
    public void show(int order, double speedUp) {
        speeds.show(speedUp);
        talk.setSpeedUp(speedUp);
        chooseLoad(order);
    }

    private void mainAction() {
        if (isShown() && talk.state().canGoOn()) {
            talk.goOn();
        } else if (shown().filter(this::isCut).isPresent() && nextUncut().isPresent()) {
            chooseLoad(nextUncut().get());
        } else {
            shown().ifPresent(before::cut);
        }
    }

    private Optional<Integer> nextUncut() {
        return runs().stream().filter(r -> !isCut(r)).map(r -> r.load().order()).findFirst();
    }

    private boolean isCut(CutRun run) {
        return session.job().isCut(run) || session.job().made().cut(run.mark()).isPresent();
    }

    /** Cut on another machine, or not cut after all. */
    private void byHand() {
        shown().ifPresent(run -> {
            if (isCut(run)) {
                recorder.saidNot(run);
            } else {
                recorder.said(run);
            }
        });
    }

    private static String howItWas(Progress.Cut c) {
        String at = AT.format(c.at());
        return c.practice()
                ? Texts.of("cut.practised", at)
                : c.used()
                        .map(u -> Texts.of("cut.cut-with", at, u.cutter(), u.forceGf()))
                        .orElseGet(() -> Texts.of("cut.cut-at", at));
    }

    /** When it was cut, or that it was cut otherwise than it would be now. */
    private String asItWas(CutRun run) {
        Progress made = session.job().made();
        if (talk.isBusy() && isShown()) {
            boolean changed = runs().stream().noneMatch(r -> r.mark().equals(run.mark()));
            return changed ? Texts.of("cut.as-it-was", AT.format(talk.began().orElseGet(Instant::now))) : "";
        }
        return made.cut(run.mark())
                .map(CutBench::howItWas)
                .or(() -> made.cutOtherwise(run.mark(), run.film(), run.load().order())
                        .map(c -> Texts.of("cut.cut-otherwise", AT.format(c.at()))))
                .orElse("");
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public List<Node> controls() {
        return List.of(sides, speeds);
    }

    @Override
    public Optional<FaceCanvas> zoomable() {
        return Optional.of(canvas);
    }

    @Override
    public void update() {
        List<Integer> orders = runs().stream().map(r -> r.load().order()).toList();
        if (!loads.getItems().equals(orders)) {
            loads.show(null);
            loads.getItems().setAll(orders);
        }
        if (!orders.contains(load) && !orders.isEmpty()) {
            load = orders.getFirst();
        }
        loads.show(orders.contains(load) ? load : null);
        CutTalk.State state = isShown() ? talk.state() : CutTalk.State.IDLE;
        stateText.setText(Texts.of("cut.state." + state));
        boolean busy = talk.state() == CutTalk.State.CUTTING;
        Connection reach = session.shop().cutter().reach();
        boolean standIn = reach.kind() == Connection.Kind.STAND_IN;
        machine.setText(
                standIn
                        ? Texts.of("cut.on-stand-in", session.shop().cutter().name())
                        : Texts.of(
                                "cut.on." + reach.kind().name(),
                                session.shop().cutter().name(),
                                reach.where()));
        show(troubles, standIn);
        show(speeds, standIn && side == Side.CUT);
        boolean cut = shown().filter(this::isCut).isPresent();
        double share = isShown() && talk.isBusy() ? talk.share() : cut ? 1 : isShown() ? talk.share() : 0;
        progress.setProgress(share);
        shown().ifPresent(run -> {
            left.setText(
                    Words.duration(isShown() ? talk.secondsLeft() : run.seconds() / (standIn ? talk.speedUp() : 1)));
            way.setText(Texts.of(
                    "cut.way-of",
                    session.unit().far(run.cutMm() * share),
                    session.unit().far(run.cutMm())));
            lifts.setText(Texts.of(
                    "cut.lifts-of",
                    isShown() ? talk.finishedPaths() : 0,
                    run.paths().size()));
            asItWas.setText(asItWas(run));
            byHand.setText(Texts.of(cut ? "cut.not-cut" : "cut.by-hand"));
            settings.getChildren().setAll(settingRows(run));
            weeding.getChildren().setAll(weedingRows(run));
            show(weedingCard, !weeding.getChildren().isEmpty());
            Controls.refill(marks, before.rows(run, canvas));
        });
        show(guide, shown().filter(r -> !r.load().stock().comesOffRoll()).isPresent());
        show(marksCard, !marks.getChildren().isEmpty());
        why.setText(isShown() ? talk.trouble().map(t -> Texts.of("cut.why", t)).orElse("") : "");
        show(why, !why.getText().isEmpty());
        goingOn.update(isShown());
        main.setText(
                Texts.of(state.canGoOn() ? "cut.go-on" : cut && nextUncut().isPresent() ? "cut.next" : "cut.start"));
        main.setDisable(busy
                || isShown() && talk.phase().isInDoubt()
                || state == CutTalk.State.LOOKING
                || shown().isEmpty()
                || talk.isBusy() && !isShown());
        // these are about the cutter, whatever load is looked at
        pause.setDisable(talk.state() != CutTalk.State.CUTTING);
        stop.setDisable(!talk.isBusy() || talk.state() == CutTalk.State.LINE_LOST);
        byHand.setDisable(shown().isEmpty() || talk.isBusy() && isShown());
        asItWas.setVisible(!asItWas.getText().isEmpty());
        asItWas.setManaged(asItWas.isVisible());
        List<Node> cards = new ArrayList<>(List.of(loads));
        boolean nothing = runs().isEmpty() && shown().isEmpty();
        if (nothing) {
            cards.clear();
            cards.add(nothingToCut());
        } else if (isWeeding()) {
            weed.show(shown().orElseThrow());
            cards.addAll(weed.rows(shown().orElseThrow()));
        } else {
            cards.addAll(cutCards);
        }
        Controls.refill(column, cards);
        canvas.redraw();
    }

    /** Of a job that is only printed, the way to its sheets. */
    private Node nothingToCut() {
        boolean prints = session.plan().filter(p -> !p.prints().isEmpty()).isPresent();
        if (!prints) {
            return Controls.card(
                    Controls.label(Texts.of("cut.nothing"), "card-title"), Controls.label(Texts.of("cut.nothing-yet")));
        }
        return Controls.card(
                Controls.label(Texts.of("cut.only-printed"), "card-title"),
                Controls.label(Texts.of("cut.only-printed.text")),
                Controls.flow(Controls.button(
                        "cut-print",
                        Texts.of("cut.print-sheets"),
                        () -> canvas.fireEvent(new AskFor(AskFor.What.PRINTER, "PRINTS")),
                        "primary")));
    }

    private static void show(Node n, boolean isShown) {
        n.setVisible(isShown);
        n.setManaged(isShown);
    }

    private List<Node> settingRows(CutRun run) {
        CutSettings s = run.load().material().cutting();
        return List.of(
                Controls.caption(Texts.of("cut.settings", run.load().material().name())),
                Controls.row(Texts.of("cut.force"), Controls.figure(Texts.of("cut.force-of", run.forceGf()))),
                Controls.row(
                        Texts.of("cut.knife-speed"), Controls.figure(Texts.of("cut.knife-speed-of", s.speedMmS()))),
                Controls.row(Texts.of("cut.blade"), Controls.figure(Texts.of("cut.blade-of", s.bladeOutMm()))),
                Controls.row(Texts.of("cut.passes"), Controls.figure(Texts.of("cut.passes-of", s.passes()))),
                Controls.label(force(run), "hint"),
                knife(run),
                tries(run),
                begins(),
                HowItLies.of(run),
                Controls.label(Texts.of(
                        run.load().placed().stream().anyMatch(p -> p.item().turnedOver())
                                ? "cut.before.reversed"
                                : "cut.before")));
    }

    /** Where the force comes from, and whether the cutter can press so. */
    private String force(CutRun run) {
        double wanted = run.load().material().cutting().forceGf();
        if (wanted != run.forceGf()) {
            return Texts.of("cut.force-beyond", wanted, run.cutter().name(), run.forceGf());
        }
        return Texts.of(
                run.cutter().head().takesForce() ? "cut.force-sent" : "cut.force-by-hand",
                run.cutter().name());
    }

    /** Which knife, and how far it went of what it lasts; likely dull where that is all. */
    private Node knife(CutRun run) {
        if (session.myShop().mine().isEmpty()) {
            if (!askedForKnives) {
                askedForKnives = true;
                session.myShop().load(_ -> update());
            }
            return Controls.label("", "hint");
        }
        MyShop mine = session.myShop().mine().get();
        String key = mine.knife(run.cutter().id(), run.load().material().id());
        double went = mine.knifeMm(key);
        double lasts = run.cutter().head().lastsM() * MM_PER_M;
        String which = key.equals(run.cutter().id())
                ? Texts.of("knife.usual")
                : Texts.of("knife.own", run.load().material().name());
        Node row = Controls.row(
                which,
                Controls.figure(Texts.of(
                        "knife.went", session.unit().far(went), session.unit().far(lasts))));
        if (went < lasts * NEARLY_DULL) {
            return row;
        }
        Button fresh = Controls.button(
                "cut-new-knife",
                Texts.of("machines.new-knife"),
                () -> session.myShop()
                        .change(
                                s -> s.withKnife(key, 0),
                                Texts.of("machines.knife-changed", run.cutter().name()),
                                _ -> update()),
                "small");
        return new VBox(4, row, Controls.label(Texts.of("knife.likely-dull"), "wrong"), Controls.flow(fresh));
    }

    private Node begins() {
        Point begins = shown().map(before::begins).orElse(before.begins());
        // what is in the cutter lies where it lies
        boolean moved = !begins.equals(Point.ORIGIN)
                && !(isShown() && (talk.isBusy() || talk.state().canGoOn()));
        Label says = Controls.label(
                moved
                        ? Texts.of(
                                "cut.begins",
                                session.unit().format(begins.xMm()),
                                session.unit().format(begins.yMm()))
                        : "",
                "means");
        show(says, moved);
        return says;
    }

    private Node tries(CutRun run) {
        Button test = Controls.button(
                "cut-test",
                Texts.of("cut.test"),
                () -> canvas.fireEvent(new AskFor(
                        AskFor.What.TEST_CUT, String.valueOf(run.load().order()))),
                "small");
        Button round = Controls.button("cut-round", Texts.of("cut.round"), () -> talk.goRound(run, false), "small");
        Button pen =
                Controls.button("cut-round-pen", Texts.of("cut.round-pen"), () -> talk.goRound(run, true), "small");
        test.setDisable(talk.isBusy());
        round.setDisable(run.cutter().reach().kind() == Connection.Kind.FOLDER
                || talk.isBusy()
                || talk.state() == CutTalk.State.EDGE);
        Button corner = Controls.button(
                "cut-corner",
                Texts.of("cut.corner"),
                () -> canvas.fireEvent(new AskFor(
                        AskFor.What.FILM_CORNER, String.valueOf(run.load().order()))),
                "small");
        corner.setDisable(round.isDisable());
        pen.setDisable(round.isDisable());
        pen.setTooltip(new Tooltip(Texts.of("cut.round-pen.first")));
        return run.cutter().head().pen() > 0
                ? Controls.flow(test, round, pen, corner)
                : Controls.flow(test, round, corner);
    }

    private List<Node> weedingRows(CutRun run) {
        weed.show(run);
        List<Node> rows = new ArrayList<>(weed.summary());
        if (!rows.isEmpty()) {
            rows.addFirst(Controls.caption(Texts.of("cut.weed")));
        }
        return rows;
    }

    @Override
    public void close() {
        talk.unwatch(watcher);
        before.unwatch(watcher);
    }
}
