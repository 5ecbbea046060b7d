package jurren.app.shelf;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.paint.CycleMethod;
import javafx.scene.paint.LinearGradient;
import javafx.scene.paint.Stop;
import javafx.scene.shape.ClosePath;
import javafx.scene.shape.FillRule;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import javafx.scene.shape.Rectangle;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.load.Offcut;
import jurren.core.load.Promise;
import jurren.core.load.Roll;
import jurren.core.load.Stock;
import jurren.core.material.Material;
import jurren.core.plan.Shopping;
import jurren.formats.words.DecimalSign;
import jurren.formats.words.Numbers;

/**
 * The shelf: rolls as bars at one scale, with what open jobs promise of them hatched; sheets and offcuts as they are.
 */
public final class ShelfPage implements AutoCloseable {
    private static final double WIDTH = 884;
    private static final double BAR_PX = 290;
    private static final double BAR_HIGH = 14;
    private static final double PINNED_PX = 90;
    private static final double CARD = 290;
    private static final double HATCH_PX = 5;

    private final Session session;
    private final NewStock fresh;
    private final VBox all = new VBox(3);
    private final VBox card = new VBox(8);
    private final Runnable refresh = this::show;
    private List<Object> shown;
    private Stock chosen;

    public ShelfPage(Session session, FileQuestions files) {
        this.session = session;
        this.fresh = new NewStock(session, files);
    }

    public Node node() {
        all.setMinWidth(WIDTH - CARD - 20);
        card.setMinWidth(CARD);
        card.setPrefWidth(CARD);
        HBox both = new HBox(16, all, card);
        HBox.setHgrow(all, Priority.ALWAYS);
        session.watch(refresh);
        session.shelf().lookAgain();
        show();
        return both;
    }

    @Override
    public void close() {
        session.unwatch(refresh);
    }

    private void show() {
        List<Object> now = List.of(
                session.shelf().stock(),
                session.unit(),
                session.shelf().stock().stream()
                        .map(session.shelf()::promisedMm)
                        .toList(),
                Optional.ofNullable(chosen));
        if (now.equals(shown)) {
            return;
        }
        shown = now;
        if (chosen != null && !session.shelf().stock().contains(chosen)) {
            chosen = null;
        }
        List<Stock> stock = session.shelf().stock();
        List<Roll> rolls = stock.stream()
                .filter(Roll.class::isInstance)
                .map(Roll.class::cast)
                .toList();
        List<Offcut> pieces = stock.stream()
                .filter(Offcut.class::isInstance)
                .map(Offcut.class::cast)
                .toList();
        List<Node> rows = new ArrayList<>();
        rows.add(Controls.label(Texts.of(pieces.isEmpty() ? "shelf.no-offcuts" : "shelf.offcuts"), "hint"));
        double largest = pieces.stream()
                .mapToDouble(o -> Math.max(o.lengthMm(), o.widthMm()))
                .max()
                .orElse(1);
        FlowPane pinned = new FlowPane(12, 10);
        pieces.forEach(o -> pinned.getChildren().add(pinned(o, PINNED_PX / largest)));
        rows.add(pinned);
        rows.add(Controls.label(Texts.of(rolls.isEmpty() ? "shelf.no-rolls" : "shelf.rolls"), "hint"));
        Map<String, List<Roll>> byMaterial = new LinkedHashMap<>();
        rolls.forEach(r -> byMaterial
                .computeIfAbsent(r.materialId(), _ -> new ArrayList<>())
                .add(r));
        double longest = rolls.stream().mapToDouble(Roll::lengthMm).max().orElse(1);
        byMaterial.forEach((material, of) -> {
            rows.add(Controls.label(
                    session.shop().material(material).map(Material::name).orElse(material), "card-title"));
            of.forEach(r -> rows.add(row(r, BAR_PX / longest)));
        });
        all.getChildren().setAll(rows);
        List<Node> side = new ArrayList<>();
        if (chosen != null) {
            side.add(chosenCard(chosen));
        }
        side.add(fresh.card());
        session.plan()
                .map(p -> Shopping.of(p, this::elsewhereMm))
                .filter(s -> !s.needs().isEmpty())
                .ifPresent(s -> side.add(shopping(s)));
        card.getChildren().setAll(side);
    }

    private double elsewhereMm(Stock s) {
        return session.shelf().promisedElsewhere(s).stream()
                .mapToDouble(p -> p.ofMm(s))
                .sum();
    }

    private Node shopping(Shopping list) {
        List<Node> rows = new ArrayList<>(List.of(Controls.label(Texts.of("shelf.buy"), "card-title")));
        for (Shopping.Need n : list.needs()) {
            String what = n.colour()
                    .map(c -> n.material().colourName(c) + ", " + n.material().name())
                    .orElse(n.material().name());
            rows.add(Controls.row(
                    Texts.of("shelf.buy." + n.kind(), what),
                    Controls.figure(session.unit().film(n.lengthMm()))));
        }
        return Controls.card(rows.toArray(Node[]::new));
    }

    private Node row(Roll r, double pxPerMm) {
        double promised = session.shelf().promisedMm(r);
        Pane bar = new Pane();
        bar.setMinSize(BAR_PX + 14, BAR_HIGH + 6);
        bar.setMaxSize(BAR_PX + 14, BAR_HIGH + 6);
        Rectangle core = new Rectangle(0, 0, 10, BAR_HIGH + 6);
        core.setFill(Color.web("#8E939A"));
        core.setArcWidth(5);
        core.setArcHeight(5);
        Rectangle film = new Rectangle(10, 3, Math.max(1, r.lengthMm() * pxPerMm), BAR_HIGH);
        film.setFill(Theme.paint(r.colour()));
        film.setStroke(Theme.SOFT);
        Rectangle hatched = new Rectangle(10, 3, Math.min(r.lengthMm(), promised) * pxPerMm, BAR_HIGH);
        Color dark = r.colour().luminance() > 0.22 ? Color.web("#23262B", 0.55) : Color.web("#FFFFFF", 0.6);
        hatched.setFill(new LinearGradient(
                0,
                0,
                HATCH_PX,
                HATCH_PX,
                false,
                CycleMethod.REPEAT,
                new Stop(0, dark),
                new Stop(0.25, dark),
                new Stop(0.25, Color.TRANSPARENT),
                new Stop(1, Color.TRANSPARENT)));
        bar.getChildren().addAll(core, film, hatched);
        boolean out = promised > 0 && promised >= r.lengthMm() * 0.8;
        Label name = unwrapped(
                session.shop()
                        .material(r.materialId())
                        .map(m -> m.colourName(r.colour()))
                        .orElse(r.colour().hex()),
                "name");
        HBox row = new HBox(8, bar, name, Controls.spring());
        row.setAlignment(Pos.CENTER_LEFT);
        if (out) {
            row.getChildren().add(unwrapped(Texts.of("shelf.runs-out"), "tag"));
        }
        row.getChildren()
                .add(Controls.figure(Texts.of(
                        "shelf.amount",
                        session.unit().film(r.lengthMm()),
                        session.unit().rough(r.widthMm()))));
        return choosing(
                "roll-" + r.id() + "-" + r.colour().hex(), session.shelf().name(r), row, r);
    }

    private Node pinned(Offcut o, double pxPerMm) {
        Path path = new Path();
        for (Piece p : o.outline().pieces()) {
            ring(path, p.outer(), o, pxPerMm);
            p.holes().forEach(h -> ring(path, h, o, pxPerMm));
        }
        path.setFillRule(FillRule.EVEN_ODD);
        path.setFill(Theme.paint(o.colour()));
        path.setStroke(Theme.SOFT);
        VBox box = new VBox(
                3,
                path,
                unwrapped(o.id(), "card-title"),
                unwrapped(
                        Texts.of(
                                "loads.shelf.size",
                                session.unit().number(o.lengthMm()),
                                session.unit().format(o.widthMm())),
                        "hint"));
        box.setAlignment(Pos.BOTTOM_LEFT);
        return choosing("offcut-" + o.id(), session.shelf().name(o) + ", " + o.id(), box, o);
    }

    private static Label unwrapped(String text, String style) {
        Label label = Controls.label(text, style);
        label.setWrapText(false);
        return label;
    }

    private static void ring(Path path, Outline o, Offcut of, double px) {
        for (int i = 0; i < o.size(); i++) {
            double x = o.xMm(i) * px;
            double y = (of.widthMm() - o.yMm(i)) * px;
            path.getElements().add(i == 0 ? new MoveTo(x, y) : new LineTo(x, y));
        }
        path.getElements().add(new ClosePath());
    }

    private Node choosing(String id, String name, Node face, Stock stock) {
        Button b = new Button();
        b.setId(id);
        b.setGraphic(face);
        b.setAccessibleText(name);
        b.getStyleClass().setAll("stock");
        if (stock.equals(chosen)) {
            b.getStyleClass().add("chosen");
        }
        b.setMaxWidth(Double.MAX_VALUE);
        b.setOnAction(_ -> {
            chosen = stock.equals(chosen) ? null : stock;
            show();
        });
        return b;
    }

    private Node chosenCard(Stock s) {
        List<Node> rows = new ArrayList<>(List.of(
                Controls.label(session.shelf().name(s), "card-title"),
                Controls.label(s.since().isEmpty() ? s.id() : Texts.of("shelf.since", s.id(), s.since()), "hint")));
        switch (s) {
            case Roll r -> {
                MeasureField left =
                        MeasureField.length(Texts.of("shelf.length"), session::unit, mm -> change(r, r.withLength(mm)));
                left.setId("stock-left");
                left.show(r.lengthMm());
                MeasureField width =
                        MeasureField.length(Texts.of("shelf.width"), session::unit, mm -> change(r, r.withWidth(mm)));
                width.setId("stock-width");
                width.show(r.widthMm());
                rows.add(Controls.row(Texts.of("shelf.length"), left));
                rows.add(Controls.row(Texts.of("shelf.width"), width));
                rows.add(Controls.row(
                        Texts.of("shelf.promised"),
                        Controls.figure(session.unit().film(session.shelf().promisedHereMm(r)))));
                for (Promise p : session.shelf().promisedElsewhere(r)) {
                    rows.add(Controls.row(
                            Texts.of("shelf.promised-to", p.job()),
                            Controls.figure(session.unit().film(p.ofMm(r)))));
                }
            }
            case Offcut o ->
                rows.add(Controls.label(
                        o.usable(session.shop().cutter()).isEmpty()
                                ? Texts.of("shelf.too-wide")
                                : Texts.of("shelf.used-first"),
                        "hint"));
        }
        if (s instanceof Roll || s instanceof Offcut o && o.whole()) {
            String currency = session.shop().prices().currency();
            MeasureField price = new MeasureField(
                    Texts.of("shelf.price"),
                    v -> currency + String.format(DecimalSign.locale(), "%.2f", v),
                    text -> Numbers.parse(text.replace(currency, "")),
                    v -> v >= 0 ? Optional.empty() : Optional.of(Texts.of("shelf.no-price")),
                    v -> change(s, s.withPrice(Optional.of(v))));
            price.setId("stock-price");
            price.show(s.price()
                    .orElseGet(() -> s instanceof Roll
                            ? session.shop()
                                    .material(s.materialId())
                                    .map(Material::pricePerMetre)
                                    .orElse(0.0)
                            : 0.0));
            rows.add(Controls.row(Texts.of(s instanceof Roll ? "shelf.price" : "shelf.price.sheet"), price));
        }
        rows.add(Controls.button(
                "stock-away",
                Texts.of("shelf.away"),
                () -> session.shelf()
                        .put(
                                Optional.of(s),
                                Optional.empty(),
                                Texts.of("shelf.thrown", session.shelf().name(s)))));
        return Controls.card(rows.toArray(Node[]::new));
    }

    private void change(Stock was, Stock is) {
        chosen = is;
        session.shelf()
                .put(
                        Optional.of(was),
                        Optional.of(is),
                        Texts.of("shelf.changed", session.shelf().name(is)));
    }
}
