package jurren.app.window;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import jurren.app.bench.BenchEntry;
import jurren.app.bench.BenchView;
import jurren.app.bench.PlaceSwitch;
import jurren.app.bench.art.ArtActions;
import jurren.app.bench.blank.BlankBench;
import jurren.app.bench.cut.BeforeCut;
import jurren.app.bench.cut.CutBench;
import jurren.app.cutter.CutRecorder;
import jurren.app.cutter.CutTalk;
import jurren.app.face.FaceCanvas;
import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.Objection;
import jurren.app.theme.SceneKeys;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.app.ticket.TicketView;
import jurren.formats.words.DecimalSign;
import jurren.formats.words.LengthUnit;

/** Ticket on the left, the open bench on the right under its header, sheets over both. */
public final class Shell {
    /** The controls of any bench beside each other, in ordinary letters. */
    private static final double ONE_ROW = 640;
    /** So much of the art is seen around a snag. */
    private static final double AROUND_MM = 90;

    private final Session session;
    private final CutTalk cutter = new CutTalk();
    private final CutRecorder recorder;
    private final List<BenchEntry> entries;
    private final Map<Bench, BenchView> benches = new EnumMap<>(Bench.class);
    private final HBox main = new HBox();
    private final Sheets sheets = new Sheets(main);
    private final WindowActions actions;
    private final TicketView ticket;
    /** Of how many jobs that were opened here the benches are. */
    private int opened;

    private final NoticeBar notices;
    private final WorkStrip work;
    private final PlaceSwitch places;
    private final Label heading = Controls.label("", "bench-heading");
    private final FlowPane benchControls = new FlowPane();
    private final Controls.Segments<LengthUnit> units;
    private final Label scale = Controls.figure("");
    private final HBox zoom;
    private final BorderPane place = new BorderPane();
    private final StackPane root;
    private final Runnable watcher = this::update;
    private Bench shown;
    private int textPx;
    private int pointings;

    public Shell(Session session, FileQuestions files) {
        this.session = session;
        ArtActions art = new ArtActions(session);
        this.recorder = new CutRecorder(session, cutter);
        BeforeCut before = new BeforeCut(session, cutter, recorder);
        this.entries = Benches.of(session, art, before);
        this.ticket = new TicketView(session, entries);
        this.notices = new NoticeBar(session);
        this.work = new WorkStrip(session, cutter);
        this.places = new PlaceSwitch(session);
        this.units = Controls.segments("unit", List.of(LengthUnit.values()), LengthUnit::mark, session::show);
        this.zoom = new HBox(
                Controls.sign("zoom-out", "−", Texts.of("zoom.out"), () -> canvas().ifPresent(FaceCanvas::zoomOut)),
                scale,
                Controls.sign("zoom-in", "+", Texts.of("zoom.in"), () -> canvas().ifPresent(FaceCanvas::zoomIn)));
        this.root = build();
        this.actions = new WindowActions(session, files, sheets, art, before, root::getScene);
        session.watch(watcher);
        update();
    }

    private StackPane build() {
        zoom.getStyleClass().add("zoom");
        zoom.setMaxHeight(javafx.scene.layout.Region.USE_PREF_SIZE);
        units.setAccessibleText(Texts.of("units.name"));
        benchControls.getStyleClass().add("bench-controls");
        // what fits in one row is not given the height of two
        benchControls.setPrefWrapLength(ONE_ROW);
        HBox.setHgrow(benchControls, Priority.ALWAYS);
        HBox header = new HBox(heading, places.node(), benchControls);
        header.getStyleClass().add("bench-header");
        heading.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        VBox bench = new VBox(header, place, work.cutting());
        VBox.setVgrow(place, Priority.ALWAYS);
        // laid over the foot of the bench: what comes and goes by itself moves nothing under a hand
        VBox told = new VBox(work.node(), notices.node());
        told.getStyleClass().add("told");
        told.setPickOnBounds(false);
        told.setMaxHeight(javafx.scene.layout.Region.USE_PREF_SIZE);
        StackPane right = new StackPane(bench, told);
        StackPane.setAlignment(told, Pos.BOTTOM_CENTER);
        HBox.setHgrow(right, Priority.ALWAYS);
        main.getChildren().setAll(ticket.node(), right);
        main.getStyleClass().add("behind");
        StackPane all = new StackPane(main, sheets.node());
        all.getStyleClass().add("shell");
        all.addEventHandler(AskFor.TYPE, e -> actions.give(e.what(), e.which()));
        all.addEventHandler(Objection.TYPE, e -> session.notices().trouble(e.sentence()));
        SceneKeys.after(all, this::key);
        SceneKeys.before(all, this::menuKey);
        all.setOnDragOver(e -> {
            if (e.getDragboard().hasFiles()) {
                e.acceptTransferModes(TransferMode.COPY);
            }
        });
        all.setOnDragDropped(e -> {
            Dragboard board = e.getDragboard();
            board.getFiles().forEach(f -> actions.dropped(f.toPath()));
            e.setDropCompleted(true);
        });
        return all;
    }

    public Parent node() {
        return root;
    }

    public WindowActions actions() {
        return actions;
    }

    public CutTalk cutter() {
        return cutter;
    }

    /** Pixels for a millimetre in the open bench's picture. */
    double artScale() {
        return canvas().map(c -> c.view().pxPerMm()).orElse(1.0);
    }

    /** How far the cup on the Blank bench is turned. */
    double turnDegrees() {
        return ((BlankBench) bench(Bench.BLANK)).turnDegrees();
    }

    public CutBench cutBench() {
        return (CutBench) bench(Bench.CUT);
    }

    private Optional<FaceCanvas> canvas() {
        return bench(session.bench()).zoomable();
    }

    /** Made when it is first looked at, so that the window is there sooner. */
    private BenchView bench(Bench which) {
        BenchView known = benches.get(which);
        if (known == null) {
            known = entries.stream()
                    .filter(e -> e.id() == which)
                    .findFirst()
                    .orElseThrow()
                    .maker()
                    .get();
            known.zoomable().ifPresent(c -> c.viewProperty().addListener((_, _, _) -> showScale()));
            benches.put(which, known);
        }
        return known;
    }

    private void update() {
        showText();
        if (opened != session.opened()) {
            opened = session.opened();
            // what a bench shows and remembers is of the job before
            forgetBenches();
        }
        ticket.update();
        BenchView bench = bench(session.bench());
        if (shown != session.bench()) {
            shown = session.bench();
            heading.setText(Texts.of("bench." + shown));
            benchControls.getChildren().setAll(bench.controls());
            benchControls.getChildren().addAll(units, zoom);
            boolean hadKeyboard = hasKeyboard(place);
            place.setCenter(bench.node());
            if (hadKeyboard) {
                bench.zoomable().<Node>map(c -> c).orElseGet(this::first).requestFocus();
            }
        }
        places.update(shown != Bench.LOADS && shown != Bench.CUT);
        units.show(session.unit());
        bench.update();
        pointed();
        showScale();
        notices.update();
        work.update();
    }

    private boolean hasKeyboard(Node within) {
        Node owner = root.getScene() == null ? null : root.getScene().getFocusOwner();
        while (owner != null && owner != within) {
            owner = owner.getParent();
        }
        return owner != null;
    }

    private void showText() {
        if (textPx != session.settings().textPx() && root.getScene() != null) {
            boolean changed = textPx > 0;
            textPx = session.settings().textPx();
            Theme.apply(root.getScene(), textPx);
            if (changed) {
                // columns and canvases take their sizes when they are made
                forgetBenches();
            }
        }
    }

    private void forgetBenches() {
        benches.values().forEach(BenchView::close);
        benches.clear();
        shown = null;
    }

    /** The picture shows the snag that was pointed to. */
    private void pointed() {
        if (pointings != session.snags().times()) {
            pointings = session.snags().times();
            session.snags()
                    .pointed()
                    .ifPresent(snag -> snag.where()
                            .ifPresent(at -> canvas().ifPresent(c ->
                                    c.showAround(bench(session.bench()).inPicture(at, snag), AROUND_MM))));
        }
    }

    /** The next snag, wherever it is, with what mends it. */
    private void toSnag(int step) {
        session.snags()
                .next(step)
                .ifPresentOrElse(
                        snag -> {
                            entries.stream()
                                    .filter(e -> e.mends().contains(snag.subject()))
                                    .findFirst()
                                    .ifPresent(e -> session.show(e.id()));
                            session.snags().point(snag);
                        },
                        () -> session.notices().say(Texts.of("snag.none")));
    }

    private void showScale() {
        canvas().ifPresentOrElse(
                        c -> {
                            double ratio = c.view().ratio();
                            scale.setText(
                                    ratio >= 1
                                            ? String.format(DecimalSign.locale(), "1 : %.1f", ratio)
                                            : String.format(DecimalSign.locale(), "%.1f : 1", 1 / ratio));
                            zoom.setVisible(true);
                            zoom.setManaged(true);
                        },
                        () -> {
                            zoom.setVisible(false);
                            zoom.setManaged(false);
                        });
    }

    private boolean isTyping() {
        return hasKeyboard(root) && root.getScene().getFocusOwner() instanceof TextInputControl;
    }

    /** Keys that work everywhere, even while typing; over a sheet only undo and redo. */
    private void menuKey(KeyEvent e) {
        if (e.getCode() == KeyCode.F8 && !sheets.isOpen()) {
            toSnag(e.isShiftDown() ? -1 : 1);
            e.consume();
            return;
        }
        if (!e.isShortcutDown()
                || e.isAltDown()
                || sheets.isOpen() && e.getCode() != KeyCode.Z && e.getCode() != KeyCode.Y) {
            return;
        }
        if (switch (e.getCode()) {
            case Z -> done(e.isShiftDown() ? actions::redo : actions::undo);
            case Y -> done(actions::redo);
            case S -> done(e.isShiftDown() ? () -> actions.saveAs(_ -> {}) : actions::save);
            case O -> done(actions::open);
            case N -> done(actions::newJob);
            case P -> done(() -> actions.give(e.isShiftDown() ? AskFor.What.PRINT : AskFor.What.PRINTER, ""));
            case E -> done(() -> actions.give(AskFor.What.EXPORT, ""));
            case C, X, V, D, A -> !isTyping() && motifs(e.getCode());
            default -> false;
        }) {
            e.consume();
        }
    }

    private boolean motifs(KeyCode key) {
        return switch (key) {
            case C -> done(actions.clipboard()::copy);
            case X -> done(actions.clipboard()::cut);
            case V -> done(actions::paste);
            case D -> done(actions.clipboard()::duplicate);
            case A ->
                done(() -> session.chooseAll(
                        session.line().motifs().stream().map(m -> m.id()).toList()));
            default -> false;
        };
    }

    private static boolean done(Runnable action) {
        action.run();
        return true;
    }

    private void key(KeyEvent e) {
        if (isTyping() || sheets.isOpen() || e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        if ("?".equals(e.getText()) || e.getCode() == KeyCode.F1) {
            actions.give(AskFor.What.SHORTCUTS, "");
            e.consume();
            return;
        }
        int digit = e.getText().length() == 1 ? "123456".indexOf(e.getText()) : -1;
        if (digit >= 0) {
            session.show(Bench.values()[digit]);
            e.consume();
        } else if ("+".equals(e.getText())) {
            canvas().ifPresent(FaceCanvas::zoomIn);
        } else if ("-".equals(e.getText())) {
            canvas().ifPresent(FaceCanvas::zoomOut);
        } else if ("0".equals(e.getText())) {
            canvas().ifPresent(FaceCanvas::showAll);
        }
    }

    /** The node that has the keyboard first. */
    Node first() {
        return root.lookup("#bench-" + session.bench().name().toLowerCase(Locale.ROOT));
    }

    Sheets sheets() {
        return sheets;
    }

    public void close() {
        sheets.closeAll();
        session.unwatch(watcher);
        benches.values().forEach(BenchView::close);
        work.close();
        recorder.close();
        cutter.close();
    }
}
