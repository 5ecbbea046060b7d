package jurren.app.window;

import jurren.app.bench.BenchView;
import jurren.app.bench.art.ArtActions;
import jurren.app.bench.art.ArtBench;
import jurren.app.bench.blank.BlankBench;
import jurren.app.bench.cut.CutBench;
import jurren.app.bench.finish.FinishBench;
import jurren.app.bench.layers.LayersBench;
import jurren.app.bench.loads.LoadsBench;
import jurren.app.face.FaceCanvas;
import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Objection;
import jurren.app.theme.Texts;
import jurren.app.ticket.TicketView;
import jurren.formats.words.LengthUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.Dragboard;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** Ticket on the left, the open bench on the right under its header, sheets over both. */
public final class Shell {
    private final Session session;
    private final Sheets sheets = new Sheets();
    private final WindowActions actions;
    private final TicketView ticket;
    private final Map<Bench, Supplier<BenchView>> makers = new EnumMap<>(Bench.class);
    private final Map<Bench, BenchView> benches = new EnumMap<>(Bench.class);
    private final CutBench cutBench;
    private final FinishBench finishBench;
    private final Label heading = Controls.label("", "bench-heading");
    private final HBox benchControls = new HBox();
    private final Controls.Segments<LengthUnit> units;
    private final Label scale = Controls.figure("");
    private final HBox zoom;
    private final HBox notice = new HBox();
    private final Label noticeText = Controls.label("");
    private final BorderPane place = new BorderPane();
    private final StackPane root;
    private final Runnable watcher = this::update;
    private Bench shown;

    public Shell(Session session, Files files) {
        this.session = session;
        this.ticket = new TicketView(session);
        this.cutBench = new CutBench(session);
        this.finishBench = new FinishBench(session);
        ArtActions art = new ArtActions(session);
        this.actions = new WindowActions(session, files, sheets, art, cutBench);
        makers.put(Bench.BLANK, () -> new BlankBench(session));
        makers.put(Bench.ART, () -> new ArtBench(session, art));
        makers.put(Bench.LAYERS, () -> new LayersBench(session));
        makers.put(Bench.LOADS, () -> new LoadsBench(session));
        makers.put(Bench.CUT, () -> cutBench);
        makers.put(Bench.FINISH, () -> finishBench);
        this.units = Controls.segments("unit", List.of(LengthUnit.values()), LengthUnit::mark, session::show);
        this.zoom = new HBox(Controls.sign("zoom-out", "−", Texts.of("zoom.out"), () -> canvas().ifPresent(FaceCanvas::zoomOut)),
                scale, Controls.sign("zoom-in", "+", Texts.of("zoom.in"), () -> canvas().ifPresent(FaceCanvas::zoomIn)));
        this.root = build();
        session.watch(watcher);
        update();
    }

    private StackPane build() {
        zoom.getStyleClass().add("zoom");
        benchControls.getStyleClass().add("bench-controls");
        HBox header = new HBox(heading, Controls.spring(), benchControls, units, zoom);
        header.getStyleClass().add("bench-header");
        notice.getChildren().setAll(noticeText, Controls.spring(),
                Controls.sign("notice-close", "×", Texts.of("notice.close"), () -> session.say(null)));
        notice.getStyleClass().add("notice");
        HBox.setHgrow(noticeText, Priority.ALWAYS);
        VBox right = new VBox(header, notice, place);
        VBox.setVgrow(place, Priority.ALWAYS);
        HBox.setHgrow(right, Priority.ALWAYS);
        HBox main = new HBox(ticket.node(), right);
        StackPane all = new StackPane(main, sheets.node());
        all.getStyleClass().add("shell");
        all.addEventHandler(AskFor.TYPE, e -> actions.give(e.what(), e.which()));
        all.addEventHandler(Objection.TYPE, e -> session.say(e.sentence()));
        all.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        all.addEventFilter(KeyEvent.KEY_PRESSED, this::menuKey);
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

    /** Pixels for a millimetre in the open bench's picture. */
    double artScale() {
        return canvas().map(c -> c.view().pxPerMm()).orElse(1.0);
    }

    /** How far the cup on the Blank bench is turned. */
    double turnDegrees() {
        return ((BlankBench) bench(Bench.BLANK)).turnDegrees();
    }

    public CutBench cutBench() {
        return cutBench;
    }

    private Optional<FaceCanvas> canvas() {
        return bench(session.bench()).zoomable();
    }

    /** Made when it is first looked at, so that the window is there sooner. */
    private BenchView bench(Bench which) {
        BenchView known = benches.get(which);
        if (known == null) {
            known = makers.get(which).get();
            known.zoomable().ifPresent(c -> c.viewProperty().addListener((_, _, _) -> showScale()));
            benches.put(which, known);
        }
        return known;
    }

    private void update() {
        ticket.update();
        BenchView bench = bench(session.bench());
        if (shown != session.bench()) {
            shown = session.bench();
            heading.setText(Texts.of("bench." + shown));
            benchControls.getChildren().setAll(bench.controls());
            place.setCenter(bench.node());
        }
        units.show(session.unit());
        bench.update();
        showScale();
        notice.setVisible(session.notice().isPresent());
        notice.setManaged(session.notice().isPresent());
        noticeText.setText(session.notice().orElse(""));
    }

    private void showScale() {
        canvas().ifPresentOrElse(c -> {
            double ratio = c.view().ratio();
            scale.setText(ratio >= 1 ? String.format(Locale.ROOT, "1 : %.1f", ratio)
                    : String.format(Locale.ROOT, "%.1f : 1", 1 / ratio));
            zoom.setVisible(true);
        }, () -> zoom.setVisible(false));
    }

    /** Keys that work everywhere, even while typing. */
    private void menuKey(KeyEvent e) {
        if (!e.isShortcutDown() || sheets.isOpen() && !"zZyY".contains(e.getText())) {
            return;
        }
        boolean taken = true;
        switch (e.getCode()) {
            case Z -> {
                if (e.isShiftDown()) {
                    session.redo();
                } else {
                    session.undo();
                }
            }
            case Y -> session.redo();
            case S -> {
                if (e.isShiftDown()) {
                    actions.saveAs();
                } else {
                    actions.save();
                }
            }
            case O -> actions.open();
            case N -> actions.newJob();
            case P -> actions.give(AskFor.What.PRINT, "");
            case E -> actions.give(AskFor.What.EXPORT, "");
            case V -> taken = !(root.getScene().getFocusOwner() instanceof TextInputControl) && paste();
            default -> taken = false;
        }
        if (taken) {
            e.consume();
        }
    }

    private boolean paste() {
        actions.paste();
        return true;
    }

    private void key(KeyEvent e) {
        boolean typing = root.getScene() != null && root.getScene().getFocusOwner() instanceof TextInputControl;
        if (typing || sheets.isOpen() || e.isShortcutDown() || e.isAltDown()) {
            return;
        }
        if ("?".equals(e.getText()) || e.getCode() == javafx.scene.input.KeyCode.F1) {
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

    public void close() {
        session.unwatch(watcher);
        cutBench.talk().close();
        finishBench.close();
        actions.close();
    }
}
