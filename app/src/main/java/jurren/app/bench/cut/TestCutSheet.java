package jurren.app.bench.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.shape.Polygon;
import javafx.scene.shape.Rectangle;
import jurren.app.cutter.CutTalk;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.cut.CutRun;
import jurren.core.cut.TestCut;
import jurren.core.load.Cutter;
import jurren.core.material.Material;

/**
 * A row of squares, each cut with more force: the one that lifts clean is picked, and its force is kept for this film
 * on this cutter.
 */
public final class TestCutSheet {
    private static final double SQUARE_PX = 46;
    private static final double TRIANGLE_IN = 11;
    private static final double SPREAD_GF = 30;
    private static final int USUAL = 7;
    private static final double LEAST_SHARE = 1;

    private final Session session;
    private final CutTalk talk;
    private final Sheets sheets;
    private final CutRun load;
    private static final double WRAP = 620;
    private final FlowPane row = new FlowPane(12, 10);
    private final ToggleGroup group = new ToggleGroup();
    private final Label says = Controls.label("", "means");
    private final Button cut;
    private final Button keep;
    private final Runnable watcher = this::heard;
    private double from;
    private double to;
    private int count = USUAL;
    private List<Double> forces = List.of();

    /** @param load what is to be cut from the film afterwards */
    public TestCutSheet(Session session, CutTalk talk, Sheets sheets, CutRun load) {
        this.session = session;
        this.talk = talk;
        this.sheets = sheets;
        this.load = load;
        this.from = cutter().head().forceGf(Math.max(1, load.forceGf() - SPREAD_GF));
        this.to = cutter().head().forceGf(load.forceGf() + SPREAD_GF);
        // no Enter in a field sets a knife in motion
        this.cut = Controls.button("test-cut", Texts.of("test.cut"), this::cut);
        this.keep = Controls.button("test-keep", Texts.of("test.keep-none"), this::keep, "primary");
    }

    private Cutter cutter() {
        return session.shop().cutter();
    }

    private Material film() {
        return load.load().material();
    }

    public void open() {
        MeasureField least = MeasureField.number(
                Texts.of("test.from"),
                " gf",
                cutter().head().leastGf(),
                cutter().head().mostGf(),
                v -> {
                    from = v;
                    to = Math.max(from, to);
                    show();
                });
        least.setId("test-from");
        least.show(from);
        MeasureField most = MeasureField.number(
                Texts.of("test.to"),
                " gf",
                cutter().head().leastGf(),
                cutter().head().mostGf(),
                v -> {
                    to = Math.max(from, v);
                    show();
                });
        most.setId("test-to");
        most.show(to);
        MeasureField squares = MeasureField.count(Texts.of("test.count"), 1, TestCut.MOST, n -> {
            count = n;
            show();
        });
        squares.setId("test-count");
        squares.show(count);
        group.selectedToggleProperty().addListener((_, _, _) -> showKeep());
        row.setPrefWrapLength(WRAP);
        talk.watch(watcher);
        show();
        heard();
        sheets.open(
                "test-cut-sheet",
                Texts.of("test.title", film().colourName(load.load().colour()), film().name()),
                Pos.CENTER,
                () -> talk.unwatch(watcher),
                Controls.label(Texts.of("test.how"), "hint"),
                Controls.flow(
                        Controls.row(Texts.of("test.from"), least),
                        Controls.row(Texts.of("test.to"), most),
                        Controls.row(Texts.of("test.count"), squares)),
                row,
                says,
                Controls.flow(cut, keep));
    }

    private void show() {
        forces = TestCut.forces(from, to, count, cutter());
        group.getToggles().clear();
        List<Node> squares = new ArrayList<>();
        for (double gf : forces) {
            ToggleButton b = new ToggleButton();
            b.setId("test-" + Math.round(gf));
            b.setAccessibleText(Texts.of("test.square", gf));
            b.setToggleGroup(group);
            b.getStyleClass().setAll("stock");
            VBox face = new VBox(4, square(), Controls.figure(Texts.of("cut.force-of", gf)));
            face.setAlignment(Pos.CENTER);
            b.setGraphic(face);
            b.selectedProperty().addListener((_, _, on) -> {
                b.getStyleClass().remove("chosen");
                if (on) {
                    b.getStyleClass().add("chosen");
                }
            });
            squares.add(b);
        }
        Controls.refill(row, squares);
        showKeep();
    }

    /** As it lies on the film: a square with a triangle in it. */
    private Node square() {
        Rectangle film =
                new Rectangle(SQUARE_PX, SQUARE_PX, Theme.paint(load.load().colour()));
        Color line = load.load().colour().luminance() < 0.22 ? Color.WHITE : Theme.INK;
        film.setStroke(line.equals(Color.WHITE) ? Theme.SOFT : line);
        Polygon triangle = new Polygon(
                TRIANGLE_IN,
                SQUARE_PX - TRIANGLE_IN,
                SQUARE_PX - TRIANGLE_IN,
                SQUARE_PX - TRIANGLE_IN,
                SQUARE_PX / 2,
                TRIANGLE_IN);
        triangle.setFill(Color.TRANSPARENT);
        triangle.setStroke(line);
        Pane pane = new Pane(film, triangle);
        pane.setMaxSize(SQUARE_PX, SQUARE_PX);
        return pane;
    }

    private Optional<Double> picked() {
        int at = group.getToggles().indexOf(group.getSelectedToggle());
        return at < 0 ? Optional.empty() : Optional.of(forces.get(at));
    }

    private void showKeep() {
        keep.setDisable(picked().isEmpty());
        keep.setText(picked().map(gf -> Texts.of("test.keep", gf)).orElse(Texts.of("test.keep-none")));
    }

    private void cut() {
        talk.start(TestCut.of(film(), load.load().colour(), load.load().stock(), cutter(), forces));
    }

    private void heard() {
        boolean mine = talk.run().filter(CutRun::isTest).isPresent();
        cut.setDisable(talk.isBusy());
        says.setText(
                talk.isBusy()
                        ? Texts.of(mine ? "test.cutting" : "test.busy", Math.round(talk.share() * 100))
                        : mine && talk.share() >= LEAST_SHARE
                                ? Texts.of("test.look")
                                : mine && talk.state() != CutTalk.State.IDLE
                                        ? Texts.of("cut.state." + talk.state())
                                        : Texts.of("test.ready", cutter().name()));
    }

    private void keep() {
        picked().ifPresent(gf -> {
            String cutterId = cutter().id();
            session.myShop()
                    .change(
                            s -> s.withForce(cutterId, film().id(), Optional.of(gf)),
                            Texts.of("test.kept", film().name(), gf, cutter().name()),
                            _ -> {});
            sheets.close();
        });
    }
}
