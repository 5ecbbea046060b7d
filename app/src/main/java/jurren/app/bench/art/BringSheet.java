package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.CheckBox;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.face.Pen;
import jurren.app.face.Viewport;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.DrawnShape;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Recolour;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.material.Colour;
import jurren.core.plan.LinePlan;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.drawing.FileUnit;
import jurren.formats.drawing.NearColours;

/**
 * What a drawing's file leaves open: which page, how large, which colours are one. Beside the area at the same scale.
 */
final class BringSheet {
    private static final double PICTURE = 460;
    private static final double FIELDS = 330;
    private static final double NO_LARGER = 1.1;

    private final Session session;
    private final Sheets sheets;
    private final LinePlan plan;
    private final DrawingRead.Taken taken;
    private final ArtActions art;
    private final Consumer<DrawingFile> otherPage;
    private final Canvas canvas = new Canvas(PICTURE, PICTURE);
    private final Map<Colour, Colour> near;
    private double factor = 1;
    private boolean merges;

    private BringSheet(
            Session session,
            Sheets sheets,
            LinePlan plan,
            DrawingRead.Taken taken,
            ArtActions art,
            Consumer<DrawingFile> otherPage) {
        this.session = session;
        this.sheets = sheets;
        this.plan = plan;
        this.taken = taken;
        this.art = art;
        this.otherPage = otherPage;
        this.near = NearColours.of(taken.drawing());
        this.merges = !near.isEmpty();
    }

    static boolean asks(DrawingRead.Taken t) {
        return t.guessed().isPresent()
                || t.pages().size() > 1
                || !NearColours.of(t.drawing()).isEmpty();
    }

    static void open(
            Session session,
            Sheets sheets,
            LinePlan plan,
            DrawingRead.Taken taken,
            ArtActions art,
            Consumer<DrawingFile> otherPage) {
        new BringSheet(session, sheets, plan, taken, art, otherPage).open();
    }

    private void open() {
        VBox fields = new VBox(10);
        fields.setPrefWidth(FIELDS);
        if (taken.pages().size() > 1) {
            fields.getChildren().add(pages());
        }
        taken.guessed().ifPresent(unit -> fields.getChildren().add(sizes(unit)));
        if (!near.isEmpty()) {
            fields.getChildren().add(colours());
        }
        if (!taken.drawing().inks().isEmpty()) {
            fields.getChildren()
                    .add(Controls.label(
                            Texts.of(
                                    "bring.inks",
                                    String.join(
                                            ", ",
                                            taken.drawing().inks().values().stream()
                                                    .sorted()
                                                    .toList())),
                            "hint",
                            "wrapped"));
        }
        fields.getChildren().add(Controls.button("bring-take", Texts.of("bring.take"), this::take, "primary"));
        canvas.setAccessibleText(Texts.of("bring.picture"));
        HBox body = new HBox(20, fields, canvas);
        body.setAlignment(Pos.TOP_LEFT);
        sheets.open(
                "bring-sheet", Texts.of("bring.title", taken.drawing().file().name()), Pos.CENTER, body);
        draw();
    }

    private Node pages() {
        List<String> names = taken.pages();
        Controls.Choice<String> pages = new Controls.Choice<>(
                "bring-page", Texts.of("bring.page"), names, p -> Texts.of("bring.page-of", p, names.size()), p -> {
                    sheets.close();
                    otherPage.accept(taken.drawing().file().onPage(names.indexOf(p) + 1));
                });
        pages.show(names.get(taken.drawing().file().page() - 1));
        return Controls.row(Texts.of("bring.page"), pages);
    }

    /** The sensible one first: what the format usually means, unless only another fits the area. */
    private Node sizes(FileUnit assumed) {
        List<FileUnit> units = new ArrayList<>(List.of(FileUnit.values()));
        units.remove(assumed);
        units.addFirst(assumed);
        Box area = plan.drawn().area().box();
        Box own = box(1);
        boolean fits = own.widthMm() <= area.widthMm() * NO_LARGER && own.heightMm() <= area.heightMm() * NO_LARGER;
        if (!fits) {
            units.sort((a, b) -> Boolean.compare(!fits(a, assumed, area), !fits(b, assumed, area)));
        }
        ToggleGroup group = new ToggleGroup();
        VBox all = new VBox(5, Controls.label(Texts.of("bring.no-size"), "wrapped"));
        for (FileUnit u : units) {
            Box box = box(u.mm() / assumed.mm());
            RadioButton b = new RadioButton(Texts.of(
                    "bring.unit." + u,
                    session.unit().number(box.widthMm()) + " × "
                            + session.unit().format(box.heightMm())));
            b.setId("unit-" + u.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
            b.setToggleGroup(group);
            b.setOnAction(_ -> {
                factor = u.mm() / assumed.mm();
                draw();
            });
            all.getChildren().add(b);
        }
        group.selectToggle(group.getToggles().getFirst());
        factor = units.getFirst().mm() / assumed.mm();
        return all;
    }

    private boolean fits(FileUnit u, FileUnit assumed, Box area) {
        Box box = box(u.mm() / assumed.mm());
        return box.widthMm() <= area.widthMm() && box.heightMm() <= area.heightMm();
    }

    private Node colours() {
        CheckBox one = new CheckBox(Texts.of(
                "bring.near-colours",
                near.size(),
                near.values().stream().distinct().count()));
        one.setId("bring-near");
        one.setWrapText(true);
        one.setSelected(merges);
        one.setOnAction(_ -> {
            merges = one.isSelected();
            draw();
        });
        return one;
    }

    private Box box(double by) {
        return taken.drawing().shapes().stream()
                .map(s -> s.curves().bounds())
                .reduce(Box::joined)
                .orElseThrow()
                .placed(Placement.scaled(by));
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setFill(Theme.paint(plan.blankColour().colour()));
        g.fillRoundRect(0, 0, PICTURE, PICTURE, 8, 8);
        Box area = plan.drawn().area().box();
        Box drawn = box(factor)
                .placed(Placement.moved(area.centre().xMm(), area.centre().yMm()));
        Pen pen = new Pen(g, Viewport.showing(area.joined(drawn), PICTURE, PICTURE, 16));
        pen.box(area, Theme.lineOn(plan.blankColour().colour()), 1.2, 2, 4);
        Placement place = Placement.scaled(factor)
                .then(Placement.moved(area.centre().xMm(), area.centre().yMm()));
        for (DrawnShape s : taken.drawing().shapes()) {
            Colour c = merges ? near.getOrDefault(s.colour(), s.colour()) : s.colour();
            pen.fill(s.curves().placed(place), Theme.paint(c));
        }
        pen.box(drawn, Theme.MARIGOLD, 1);
    }

    private void take() {
        Drawing drawing = taken.drawing().resized(factor, factor);
        List<Treatment> recolours = new ArrayList<>();
        if (merges) {
            near.forEach((from, to) -> recolours.add(new Recolour(from, to)));
        }
        sheets.close();
        art.addDrawing(drawing, recolours);
    }
}
