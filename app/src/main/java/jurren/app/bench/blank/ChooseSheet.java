package jurren.app.bench.blank;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.face.Pen;
import jurren.app.face.Viewport;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.blank.AsHeld;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankPart;
import jurren.core.blank.Face;
import jurren.core.blank.Family;
import jurren.core.blank.Surface;
import jurren.core.blank.Vessel;
import jurren.core.geometry.Box;
import jurren.formats.words.Words;

/** Every blank of the catalogue and of the shop as a tile, drawn from its own measures. */
final class ChooseSheet {
    private static final double ICON = 58;
    private static final double WIDTH = 940;

    private final Session session;
    private final BlankActions actions;
    private final Sheets sheets;

    ChooseSheet(Session session, BlankActions actions, Sheets sheets) {
        this.session = session;
        this.actions = actions;
        this.sheets = sheets;
    }

    /** @param chosen told which; the sheet is put away before */
    void open(String title, Consumer<Blank> chosen) {
        VBox found = new VBox(8);
        TextField search = Sheets.kept(new TextField());
        search.setId("choose-search");
        search.setPromptText(Texts.of("choose.search"));
        search.setAccessibleText(Texts.of("choose.search"));
        search.textProperty().addListener((_, _, now) -> found.getChildren().setAll(tiles(title, chosen, now)));
        found.getChildren().setAll(tiles(title, chosen, ""));
        HBox own = new HBox(
                Controls.button(
                        "choose-measure", Texts.of("blank.measure-own"), () -> actions.measure(Optional.empty())),
                Controls.button("choose-import", Texts.of("choose.import"), () -> {
                    sheets.close();
                    actions.importBlank();
                }));
        own.getStyleClass().add("buttons");
        sheets.open("choose-sheet", title, Pos.CENTER, search, found, own);
    }

    /** The things of which every word that was typed is in the name or the family. */
    private List<Node> tiles(String title, Consumer<Blank> chosen, String typed) {
        List<Node> content = new ArrayList<>();
        List<String> words = Arrays.stream(typed.toLowerCase(Locale.ROOT).split("\\s+"))
                .filter(w -> !w.isBlank())
                .toList();
        for (Family family : Family.values()) {
            List<Blank> of = session.shop().blanks().stream()
                    .filter(b -> b.family() == family)
                    .filter(b -> {
                        String text = (b.name() + " " + Words.family(family)).toLowerCase(Locale.ROOT);
                        return words.stream().allMatch(text::contains);
                    })
                    .toList();
            if (of.isEmpty() && (family != Family.OWN || !words.isEmpty())) {
                continue;
            }
            FlowPane tiles = new FlowPane();
            tiles.getStyleClass().add("tiles");
            tiles.setPrefWrapLength(WIDTH);
            for (Blank b : of) {
                tiles.getChildren()
                        .add(
                                family == Family.OWN
                                        ? new VBox(2, tile(b, chosen), ownActions(b, title, chosen))
                                        : tile(b, chosen));
            }
            content.add(Controls.caption(Words.family(family) + " · " + of.size()));
            content.add(of.isEmpty() ? Controls.label(Texts.of("choose.no-own"), "hint") : tiles);
        }
        if (content.isEmpty()) {
            content.add(Controls.label(Texts.of("choose.nothing", typed), "hint"));
        }
        return content;
    }

    private Button tile(Blank b, Consumer<Blank> chosen) {
        Button tile = new Button(b.name(), icon(b));
        tile.setId("blank-" + b.id());
        tile.getStyleClass().add("tile");
        tile.setContentDisplay(javafx.scene.control.ContentDisplay.TOP);
        tile.setWrapText(true);
        tile.setAccessibleText(b.name());
        if (session.line().blankId().equals(b.id())) {
            tile.getStyleClass().add("tile-open");
        }
        tile.setOnAction(_ -> {
            sheets.close();
            chosen.accept(b);
        });
        return tile;
    }

    private Node ownActions(Blank b, String title, Consumer<Blank> chosen) {
        HBox row = new HBox(
                Controls.sign(
                        "own-edit-" + b.id(),
                        "✎",
                        Texts.of("choose.edit", b.name()),
                        () -> actions.measure(Optional.of(b))),
                Controls.sign("own-copy-" + b.id(), "+", Texts.of("choose.copy", b.name()), () -> {
                    actions.copy(b);
                    open(title, chosen);
                }),
                Controls.sign(
                        "own-export-" + b.id(), "↧", Texts.of("choose.export", b.name()), () -> actions.export(b)),
                Controls.sign("own-remove-" + b.id(), "×", Texts.of("choose.remove", b.name()), () -> {
                    actions.remove(b, () -> open(title, chosen));
                }));
        row.setAlignment(Pos.CENTER);
        return row;
    }

    /** The thing itself, small, in one tone. */
    private static Canvas icon(Blank b) {
        Canvas canvas = new Canvas(ICON, ICON);
        Face face = b.reference().faces().getFirst();
        jurren.core.material.Colour tone = jurren.core.material.Colour.of("#6F747D");
        if (face.surface() instanceof Surface.Round r) {
            AsHeld held = new AsHeld(r, face.trueAtMm(), 0);
            Vessel v = (Vessel) face.form();
            Box box = v.above().map(a -> held.bounds().joined(a.bounds())).orElse(held.bounds());
            double reach = v.handle().map(Vessel.Handle::reachMm).orElse(0.0);
            Box all = new Box(box.minXMm(), box.minYMm(), box.maxXMm() + reach, box.maxYMm());
            Pen pen = new Pen(canvas.getGraphicsContext2D(), Viewport.showing(all, ICON, ICON, 3));
            pen.blank(List.of(new BlankPart(BlankPart.Kind.BODY, held.body())), tone);
            v.above()
                    .ifPresentOrElse(
                            a -> pen.blank(List.of(new BlankPart(BlankPart.Kind.TRIM, a)), tone),
                            () -> pen.blank(List.of(new BlankPart(BlankPart.Kind.INSIDE, held.lip())), tone));
            v.handle().ifPresent(h -> handle(pen, r, h));
        } else {
            Pen pen = new Pen(canvas.getGraphicsContext2D(), Viewport.showing(face.pictureBox(), ICON, ICON, 3));
            pen.blank(face.picture(), tone);
        }
        return canvas;
    }

    private static void handle(Pen pen, Surface.Round r, Vessel.Handle h) {
        var g = pen.graphics();
        double x = pen.view().x(r.topDiameterMm() / 2);
        double y = pen.view().y(r.slantMm() * 0.22);
        g.setStroke(javafx.scene.paint.Color.web("#6F747D"));
        g.setLineWidth(4);
        g.strokeArc(
                x - h.reachMm() * pen.view().pxPerMm(),
                y,
                1.8 * h.reachMm() * pen.view().pxPerMm(),
                r.slantMm() * 0.55 * pen.view().pxPerMm(),
                -90,
                180,
                javafx.scene.shape.ArcType.OPEN);
    }
}
