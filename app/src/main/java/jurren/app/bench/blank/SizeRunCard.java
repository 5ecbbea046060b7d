package jurren.app.bench.blank;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankSize;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.job.Job;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Refit;
import jurren.core.plan.SizePlan;

/** How many of each size, and the art's width on each; a size's letter shows it on the drawing. */
final class SizeRunCard {
    private static final int MOST = Job.Limit.PIECES.most();

    private record Row(ToggleButton show, MeasureField count, MeasureField width) {}

    private final Session session;
    private final GridPane grid = new GridPane();
    private final Node node;
    private final Map<String, Row> rows = new LinkedHashMap<>();
    private Blank shown;

    SizeRunCard(Session session) {
        this.session = session;
        grid.getStyleClass().add("size-grid");
        this.node = Controls.card(Controls.caption(Texts.of("sizes.title")), grid);
    }

    Node node() {
        return node;
    }

    void update() {
        session.linePlan().ifPresent(plan -> {
            build(plan.blank());
            for (BlankSize size : plan.blank().sizes()) {
                Row row = rows.get(size.id());
                row.count.show(session.line().entry(size.id()).count());
                Optional<SizePlan> worked = plan.size(size.id());
                row.width.show(
                        worked.flatMap(SizePlan::artBounds).map(Box::widthMm).orElse(Double.NaN));
                row.width.setDisable(worked.isEmpty());
                row.show.setDisable(worked.isEmpty());
                row.show.setSelected(
                        session.sizePlan().map(s -> s.id().equals(size.id())).orElse(false));
            }
        });
    }

    private void build(Blank blank) {
        if (blank.equals(shown)) {
            return;
        }
        shown = blank;
        rows.clear();
        grid.getChildren().clear();
        grid.addRow(
                0,
                Controls.label(Texts.of("sizes.size"), "hint"),
                Controls.label(Texts.of("sizes.count"), "hint"),
                Controls.label(Texts.of("sizes.width"), "hint"));
        for (BlankSize size : blank.sizes()) {
            Row row = row(size.id());
            rows.put(size.id(), row);
            grid.addRow(rows.size(), row.show, row.count, row.width);
        }
    }

    private Row row(String size) {
        ToggleButton show = new ToggleButton(size.length() > 5 ? Texts.of("sizes.all") : size);
        show.setId("size-" + size.replace(' ', '-'));
        show.getStyleClass().add("size-button");
        show.setAccessibleText(Texts.of("sizes.show", size));
        show.setOnAction(_ -> session.showSize(size));
        MeasureField count = MeasureField.count(
                Texts.of("sizes.count-of", size),
                0,
                MOST,
                n -> session.editLine(l -> l.withSize(size, s -> s.withCount(n))));
        count.setId("count-" + size.replace(' ', '-'));
        MeasureField width =
                MeasureField.length(Texts.of("sizes.width-of", size), session::unit, mm -> setWidth(size, mm));
        width.setId("width-" + size.replace(' ', '-'));
        return new Row(show, count, width);
    }

    /** On the size the art is drawn for the art itself is resized; on others the size gets its own width. */
    private void setWidth(String size, double mm) {
        LinePlan plan = session.linePlan().orElseThrow();
        if (!size.equals(session.line().drawnFor())) {
            session.editLine(l -> l.withSize(size, s -> s.withArtWidth(Optional.of(mm))));
            return;
        }
        plan.drawn()
                .artBounds()
                .ifPresent(box -> session.editLine(l -> new Refit()
                        .placed(
                                l,
                                Placement.scaledAbout(
                                        new Point(box.centre().xMm(), box.minYMm()), mm / box.widthMm()))));
    }
}
