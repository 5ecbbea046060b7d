package jurren.app.bench.blank;

import jurren.app.sheet.FileQuestions;
import jurren.app.sheet.Sheets;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.MadeOf;
import jurren.core.blank.Obstacle;
import jurren.core.blank.OwnBlank;
import jurren.core.blank.OwnBlank.Spot;
import jurren.core.blank.Surface;
import jurren.core.material.Colour;
import jurren.formats.words.Words;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;

/** A blank from measures taken with a ruler or a tape. */
final class MeasureSheet {
    private static final double WIDTH = 640;

    /** What is measured. */
    enum Kind {
        FLAT, ROUND
    }

    /** How a round thing is measured across: with a tape round it, or with a ruler. */
    enum Across {
        ROUND, DIAMETER
    }

    /** How its height is measured. */
    enum Height {
        SIDE, UPRIGHT
    }

    private static final class OpenSpot {
        Obstacle.Kind what = Obstacle.Kind.OTHER;
        boolean round;
        double left = 10;
        double top = 10;
        double width = 20;
        double height = 20;
    }

    private final Session session;
    private final Sheets sheets;
    private final BiPredicate<OwnBlank, Optional<Path>> save;
    private final TextField name = new TextField();
    private final ColorPicker colour = new ColorPicker(Color.web("#F4F4F1"));
    private final Controls.Choice<MadeOf> made;
    private final VBox measures = new VBox();
    private final VBox spots = new VBox();
    private final Label objection = Controls.label("", "hint");
    private final PhotoScaler photo;
    private final List<OpenSpot> open = new ArrayList<>();
    private String id = "";
    private MadeOf madeOf;
    private Kind kind = Kind.FLAT;
    private Across across = Across.ROUND;
    private Height heightKind = Height.SIDE;
    private double width = 200;
    private double height = 150;
    private double top = 80;
    private double foot = 80;
    private double side = 100;
    private double inset = 10;

    MeasureSheet(Session session, FileQuestions files, Sheets sheets, BiPredicate<OwnBlank, Optional<Path>> save) {
        this.session = session;
        this.sheets = sheets;
        this.save = save;
        this.photo = new PhotoScaler(session, files);
        List<MadeOf> stuffs = session.shop().blanks().stream().map(Blank::madeOf).distinct().toList();
        this.madeOf = stuffs.getFirst();
        this.made = new Controls.Choice<>("own-made-of", Texts.of("measure.made-of"), stuffs, MadeOf::name, m -> madeOf = m);
    }

    void open(Optional<OwnBlank> edited) {
        edited.ifPresent(this::take);
        name.setId("own-name");
        name.setAccessibleText(Texts.of("measure.name"));
        name.setPromptText(Texts.of("measure.name.prompt"));
        made.show(madeOf);
        colour.setId("own-colour");
        colour.setAccessibleText(Texts.of("measure.colour"));
        measures.getStyleClass().add("rows");
        spots.getStyleClass().add("rows");
        Controls.Segments<Kind> kinds = Controls.segments("own-kind", List.of(Kind.values()), k -> Texts.of("measure.kind." + k), k -> {
            kind = k;
            build();
        });
        kinds.show(kind);
        build();
        HBox buttons = new HBox(Controls.button("own-save", Texts.of("measure.save"), this::save, "primary"),
                Controls.button("own-leave", Texts.of("measure.leave"), sheets::close));
        buttons.getStyleClass().add("buttons");
        VBox all = new VBox(10, Controls.row(Texts.of("measure.name"), name), new HBox(kinds), measures,
                Controls.row(Texts.of("measure.made-of"), made), Controls.row(Texts.of("measure.colour"), colour),
                Controls.caption(Texts.of("measure.spots")), spots,
                Controls.button("own-add-spot", Texts.of("measure.add-spot"), () -> {
                    open.add(new OpenSpot());
                    build();
                }), Controls.caption(Texts.of("measure.photo")), photo.node(), objection, buttons);
        all.setPrefWidth(WIDTH);
        sheets.open("measure-sheet", Texts.of("blank.measure-own"), Pos.CENTER, all);
    }

    private void take(OwnBlank own) {
        id = own.id();
        name.setText(own.name());
        madeOf = own.madeOf();
        inset = own.insetMm();
        colour.setValue(Color.web(own.colour().colour().hex()));
        switch (own.shape()) {
            case OwnBlank.Flat f -> {
                width = f.widthMm();
                height = f.heightMm();
            }
            case OwnBlank.Round r -> {
                kind = Kind.ROUND;
                top = r.topDiameterMm();
                foot = r.footDiameterMm();
                side = r.slantMm();
            }
        }
        for (Spot s : own.spots()) {
            OpenSpot spot = new OpenSpot();
            spot.what = s.kind();
            spot.round = s.round();
            spot.left = s.leftMm();
            spot.top = s.topMm();
            spot.width = s.widthMm();
            spot.height = s.heightMm();
            open.add(spot);
        }
        own.photo().ifPresent(photo::keep);
    }

    private void build() {
        List<Node> rows = new ArrayList<>();
        if (kind == Kind.FLAT) {
            rows.add(row("own-width", "measure.width", () -> width, mm -> width = mm));
            rows.add(row("own-height", "measure.height", () -> height, mm -> height = mm));
        } else {
            Controls.Segments<Across> how = Controls.segments("own-across", List.of(Across.values()),
                    a -> Texts.of("measure.across." + a), a -> {
                        across = a;
                        build();
                    });
            how.show(across);
            rows.add(new HBox(how));
            double each = across == Across.ROUND ? Math.PI : 1;
            rows.add(row("own-top", "measure.top." + across, () -> top * each, mm -> top = mm / each));
            rows.add(row("own-foot", "measure.foot." + across, () -> foot * each, mm -> foot = mm / each));
            Controls.Segments<Height> high = Controls.segments("own-high", List.of(Height.values()),
                    h -> Texts.of("measure.high." + h), h -> {
                        heightKind = h;
                        build();
                    });
            high.show(heightKind);
            rows.add(new HBox(high));
            rows.add(row("own-side", "measure.side." + heightKind, this::shownHeight, this::takeHeight));
        }
        rows.add(offsetRow("own-inset", "measure.inset", () -> inset, mm -> inset = mm));
        Controls.refill(measures, rows);
        List<Node> listed = new ArrayList<>();
        for (int i = 0; i < open.size(); i++) {
            listed.add(spotRow(open.get(i), i));
        }
        Controls.refill(spots, listed);
    }

    private double shownHeight() {
        double lean = (top - foot) / 2;
        return heightKind == Height.SIDE ? side : Math.sqrt(Math.max(0, side * side - lean * lean));
    }

    private void takeHeight(double mm) {
        side = heightKind == Height.SIDE ? mm : Surface.Round.ofHeight(top, foot, mm).slantMm();
    }

    private Node row(String fieldId, String key, DoubleSupplier now, DoubleConsumer taken) {
        return Controls.row(Texts.of(key), field(MeasureField.length(Texts.of(key), session::unit, guarded(taken)), fieldId, now));
    }

    private Node offsetRow(String fieldId, String key, DoubleSupplier now, DoubleConsumer taken) {
        return Controls.row(Texts.of(key), field(MeasureField.offset(Texts.of(key), session::unit, guarded(taken)), fieldId, now));
    }

    private java.util.function.Consumer<Double> guarded(DoubleConsumer taken) {
        return mm -> {
            try {
                taken.accept(mm);
                objection.setText("");
            } catch (IllegalArgumentException e) {
                objection.setText(Texts.of("measure.cannot-be", e.getMessage()));
            }
        };
    }

    private static MeasureField field(MeasureField field, String fieldId, DoubleSupplier now) {
        field.setId(fieldId);
        field.show(now.getAsDouble());
        return field;
    }

    private Node spotRow(OpenSpot s, int i) {
        Controls.Segments<Boolean> shape = Controls.segments("spot-shape-" + i, List.of(false, true),
                round -> Texts.of(round ? "measure.spot.disc" : "measure.spot.rect"), round -> {
                    s.round = round;
                    build();
                });
        shape.show(s.round);
        Controls.Choice<Obstacle.Kind> what = new Controls.Choice<>("spot-what-" + i, Texts.of("measure.spots"),
                List.of(Obstacle.Kind.values()), Words::obstacle, k -> s.what = k);
        what.show(s.what);
        what.setPrefWidth(104);
        HBox row = new HBox(6, what, shape, small("spot-left-" + i, "measure.spot.left", s.left, mm -> s.left = mm),
                small("spot-top-" + i, "measure.spot.top", s.top, mm -> s.top = mm),
                small("spot-width-" + i, "measure.spot.width", s.width, mm -> s.width = mm));
        if (!s.round) {
            row.getChildren().add(small("spot-height-" + i, "measure.spot.height", s.height, mm -> s.height = mm));
        }
        row.getChildren().add(Controls.sign("spot-remove-" + i, "×", Texts.of("measure.spot.remove"), () -> {
            open.remove(s);
            build();
        }));
        row.setAlignment(Pos.BOTTOM_LEFT);
        return row;
    }

    private Node small(String fieldId, String key, double now, DoubleConsumer taken) {
        MeasureField field = field(MeasureField.offset(Texts.of(key), session::unit, guarded(taken)), fieldId, () -> now);
        field.setPrefWidth(76);
        return new VBox(1, Controls.label(Texts.of(key), "hint"), field);
    }

    private void save() {
        sheets.commitTyping();
        try {
            String free = id.isEmpty() ? OwnBlank.freeId(name.getText(), i -> session.shop().blank(i).isPresent()) : id;
            Color c = colour.getValue();
            Colour paint = new Colour((int) Math.round(c.getRed() * 255) << 16 | (int) Math.round(c.getGreen() * 255) << 8
                    | (int) Math.round(c.getBlue() * 255));
            OwnBlank own = new OwnBlank(free, name.getText(), madeOf, new BlankColour("own", Texts.of("measure.own-colour"), paint),
                    kind == Kind.FLAT ? new OwnBlank.Flat(width, height) : new OwnBlank.Round(top, foot, side), inset,
                    open.stream().map(s -> new Spot(s.what, s.round, s.left, s.top, s.width, s.round ? s.width : s.height)).toList(),
                    photo.photo(free));
            own.blank();
            save.test(own, photo.file());
        } catch (IllegalArgumentException e) {
            objection.setText(Texts.of("measure.cannot-be", e.getMessage()));
        }
    }
}
