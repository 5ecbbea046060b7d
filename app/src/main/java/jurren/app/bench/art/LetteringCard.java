package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.DoubleFunction;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.desk.Order;
import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.FindMenu;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.art.Colouring;
import jurren.core.art.Lettering;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.NamedTypeface;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typeface;
import jurren.core.lettering.Typefaces;
import jurren.core.lettering.Typesetting;

/** Lettering: its words, its typeface and size; folded away below, how it is set and what each letter is like. */
final class LetteringCard extends SourceCard<Lettering> {
    private static final double MOST_SPACING = 300;
    private static final double FIRST_RADIUS_MM = 120;

    /** How its size is given. */
    private enum By {
        HEIGHT,
        WIDTH
    }

    /** The kinds of line that letters stand on. */
    enum On {
        STRAIGHT,
        ARC,
        CIRCLE,
        FOOT,
        EDGE;

        static On of(Baseline b) {
            return switch (b) {
                case Baseline.Straight _ -> STRAIGHT;
                case Baseline.Arc _ -> ARC;
                case Baseline.Circle c -> c.foot() ? FOOT : CIRCLE;
                case Baseline.Edge _ -> EDGE;
            };
        }
    }

    private final Folds folds;
    private int letter;

    LetteringCard(Session session, ArtActions actions, Folds folds) {
        super(Lettering.class, session, actions);
        this.folds = folds;
    }

    @Override
    Node node() {
        return Controls.card(
                title("chain.lettering"),
                words(),
                typeface(),
                size(),
                colouring(),
                folds.fold("fold-setting", Texts.of("letters.setting"), setting()),
                folds.fold("fold-baseline", Texts.of("letters.baseline"), baseline()),
                folds.fold("fold-letter", Texts.of("letters.each"), letter()));
    }

    private void editSetting(UnaryOperator<Typesetting> change) {
        edit(l -> l.withSetting(change.apply(l.setting())));
    }

    private Node words() {
        TextArea text = new TextArea();
        text.setId("letters");
        text.getStyleClass().add("letters");
        text.setAccessibleText(Texts.of("letters.text"));
        text.setPromptText(Texts.of("letters.prompt"));
        text.setPrefRowCount(1);
        text.setWrapText(false);
        Object typing = new Object();
        text.textProperty().addListener((_, _, now) -> {
            text.setPrefRowCount(Math.clamp(now.lines().count() + (now.endsWith("\n") ? 1 : 0), 1, 4));
            if (text.isFocused()) {
                type(now, typing);
            }
        });
        text.addEventFilter(javafx.scene.input.KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == javafx.scene.input.KeyCode.TAB && !e.isControlDown()) {
                ((Node) e.getSource())
                        .requestFocusTraversal(
                                e.isShiftDown()
                                        ? javafx.scene.TraversalDirection.PREVIOUS
                                        : javafx.scene.TraversalDirection.NEXT);
                e.consume();
            }
        });
        fills(l -> {
            if (!text.isFocused() || !Objects.equals(text.getText(), l.text()) && session.isSettled()) {
                fillText(text, l.text());
            }
        });
        return text;
    }

    private void type(String now, Object typing) {
        if (now.length() > Lettering.MOST_CHARACTERS) {
            session.notices().say(Texts.of("letters.too-many", Lettering.MOST_CHARACTERS));
            return;
        }
        session.editMotif(
                m -> m.source() instanceof Lettering l
                        ? m.withSource(l.withText(now)).withName(now.replace('\n', ' '))
                        : m,
                typing);
    }

    private static void fillText(TextArea field, String text) {
        if (!field.getText().equals(text)) {
            int caret = field.getCaretPosition();
            field.setText(text);
            field.positionCaret(Math.min(caret, text.length()));
        }
    }

    private Node typeface() {
        List<Typeface> all = new ArrayList<>(List.of(ShippedTypeface.values()));
        Controls.Choice<Typeface> face = new Controls.Choice<>(
                "typeface", Texts.of("letters.typeface"), all, LetteringCard::name, t -> edit(l -> l.withTypeface(t)));
        face.setMaxWidth(Double.MAX_VALUE);
        face.setOnShowing(_ -> addMachineFonts(face));
        FindMenu<Typeface> find = new FindMenu<>(
                "find-typeface",
                Texts.of("letters.search"),
                face::getItems,
                LetteringCard::name,
                t -> edit(l -> l.withTypeface(t)));
        Button finds = Controls.sign("find-typeface", "⌕", Texts.of("letters.search"), () -> {});
        finds.setOnAction(_ -> {
            addMachineFonts(face);
            find.open(finds);
        });
        HBox row = new HBox(
                2,
                face,
                finds,
                Controls.sign(
                        "open-font",
                        "…",
                        Texts.of("letters.open-font"),
                        () -> face.fireEvent(new AskFor(AskFor.What.FONT))));
        HBox.setHgrow(face, javafx.scene.layout.Priority.ALWAYS);
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        fills(l -> {
            if (!face.getItems().contains(l.typeface())) {
                face.getItems().add(l.typeface());
            }
            face.show(l.typeface());
        });
        return row;
    }

    private static String name(Typeface t) {
        return switch (t) {
            case ShippedTypeface s -> s.title() + " · " + Texts.of("typeface." + s.kind());
            case NamedTypeface n -> n.title();
        };
    }

    /**
     * Opened fonts and the machine's own come below the shipped ones when the list opens; the first time that takes a
     * moment.
     */
    private void addMachineFonts(Controls.Choice<Typeface> face) {
        List<String> known = face.getItems().stream().map(Typeface::title).toList();
        face.getItems().addAll(named(Typefaces.opened(), known));
        session.desk()
                .give(new Order<>(
                        Texts.of("work.fonts"),
                        _ -> Typefaces.ofMachine(),
                        all -> face.getItems()
                                .addAll(named(
                                        all,
                                        face.getItems().stream()
                                                .map(Typeface::title)
                                                .toList())),
                        why -> session.notices().trouble(Texts.of("work.failed", Texts.reason(why)))));
    }

    private static List<NamedTypeface> named(List<String> names, List<String> known) {
        return names.stream()
                .filter(n -> !known.contains(n))
                .map(NamedTypeface::of)
                .toList();
    }

    private Node size() {
        MeasureField height =
                MeasureField.length(Texts.of("letters.capital"), session::unit, mm -> edit(l -> l.withCapHeight(mm)));
        height.setId("capital");
        MeasureField width = MeasureField.length(
                Texts.of("letters.kept-width"), session::unit, mm -> edit(l -> l.withKeptWidth(Optional.of(mm))));
        width.setId("kept-width");
        Controls.Segments<By> by =
                Controls.segments("size-by", List.of(By.values()), b -> Texts.of("letters.by." + b), this::sizeBy);
        fills(l -> {
            by.show(l.keptWidthMm().isPresent() ? By.WIDTH : By.HEIGHT);
            show(height, l.keptWidthMm().isEmpty());
            show(width, l.keptWidthMm().isPresent());
            height.show(l.capHeightMm());
            width.show(l.keptWidthMm().orElse(0.0));
        });
        HBox row = new HBox(6, by, Controls.spring(), height, width);
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        row.getStyleClass().add("row");
        return row;
    }

    /** The size stays as it is; only what is kept when the words change is another. */
    private void sizeBy(By by) {
        session.motif()
                .flatMap(m -> session.linePlan().map(p -> p.motifs().get(m.id())))
                .flatMap(b -> b.source())
                .ifPresent(box -> edit(l ->
                        by == By.WIDTH ? l.withKeptWidth(Optional.of(box.widthMm())) : l.withCapHeight(capitalOf(l))));
    }

    private static double capitalOf(Lettering l) {
        double unit = jurren.core.lettering.LetteringLayout.straightWidthMm(l.text(), l.typeface(), 1, l.setting());
        return unit > 0 && l.keptWidthMm().isPresent() ? l.keptWidthMm().get() / (unit * l.stretch()) : l.capHeightMm();
    }

    private Node colouring() {
        ColoursInTurn colours = new ColoursInTurn(
                "letters-colour",
                session,
                cs -> edit(l -> l.withColouring(new Colouring(l.colouring().by(), cs))));
        Controls.Segments<Colouring.By> by = Controls.segments(
                "colour-by",
                List.of(Colouring.By.values()),
                b -> Texts.of("letters.colour-by." + b),
                b -> edit(l -> l.withColouring(turning(l.colouring(), b))));
        fills(l -> {
            by.show(l.colouring().by());
            colours.show(l.colouring().colours(), l.colouring().by() != Colouring.By.WHOLE);
        });
        by.setMaxWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        return new VBox(6, by, colours);
    }

    /** Colours in turn begin with two. */
    private Colouring turning(Colouring c, Colouring.By by) {
        if (by == Colouring.By.WHOLE || c.colours().size() > 1) {
            return new Colouring(by, c.colours());
        }
        List<jurren.core.material.Colour> two = new ArrayList<>(c.colours());
        session.motif()
                .flatMap(m -> session.linePlan().map(p -> ArtActions.freeColour(p, m)))
                .ifPresent(two::add);
        return new Colouring(by, two);
    }

    private Node setting() {
        VBox rows = new VBox(6);
        rows.getChildren()
                .addAll(
                        percent(
                                "spacing",
                                "letters.spacing",
                                Typesetting::letterSpacing,
                                (s, v) -> s.withLetterSpacing(v),
                                -60),
                        percent(
                                "word-spacing",
                                "letters.word-spacing",
                                Typesetting::wordSpacing,
                                (s, v) -> s.withWordSpacing(v),
                                -60),
                        percent(
                                "line-gap",
                                "letters.line-gap",
                                Typesetting::lineGap,
                                (s, v) -> s.withLineGap(v),
                                -150));
        Controls.Choice<Typesetting.Align> align = new Controls.Choice<>(
                "align",
                Texts.of("letters.align"),
                List.of(Typesetting.Align.values()),
                a -> Texts.of("letters.align." + a),
                a -> editSetting(s -> s.withAlign(a)));
        align.setMaxWidth(Double.MAX_VALUE);
        fills(l -> align.show(l.setting().align()));
        rows.getChildren().add(align);
        return rows;
    }

    private interface Change {
        Typesetting apply(Typesetting s, double value);
    }

    private Node percent(
            String id, String key, java.util.function.ToDoubleFunction<Typesetting> now, Change change, double least) {
        MeasureField field = MeasureField.number(
                Texts.of(key), " %", least, MOST_SPACING, p -> editSetting(s -> change.apply(s, p / 100)));
        field.setId(id);
        fills(l -> field.show(now.applyAsDouble(l.setting()) * 100));
        return Controls.row(Texts.of(key), field);
    }

    private Node baseline() {
        Controls.Choice<On> on = new Controls.Choice<>(
                "baseline",
                Texts.of("letters.baseline"),
                List.of(On.values()),
                o -> Texts.of("letters.on." + o),
                this::standOn);
        on.setMaxWidth(Double.MAX_VALUE);
        OtherChoice other = new OtherChoice(
                "baseline-other",
                session,
                actions,
                id -> now().ifPresent(l -> {
                    if (l.setting().baseline() instanceof Baseline.Edge e) {
                        actions.changeSource(l.withSetting(
                                l.setting().withBaseline(new Baseline.Edge(id, e.start(), e.distanceMm()))));
                    }
                }));
        VBox rows = new VBox(6, on, other);
        fills(l -> {
            on.show(On.of(l.setting().baseline()));
            show(other, l.setting().baseline() instanceof Baseline.Edge);
            if (l.setting().baseline() instanceof Baseline.Edge e) {
                other.show(e.other());
            }
        });
        rows.getChildren()
                .add(length(
                        "baseline-radius",
                        "letters.radius",
                        b -> switch (b) {
                            case Baseline.Arc a -> Optional.of(a.radiusMm());
                            case Baseline.Circle c -> Optional.of(c.radiusMm());
                            default -> Optional.empty();
                        },
                        mm -> b -> switch (b) {
                            case Baseline.Arc _ -> new Baseline.Arc(mm);
                            case Baseline.Circle c ->
                                new Baseline.Circle(mm, c.startDegrees(), c.mostDegrees(), c.foot());
                            default -> b;
                        }));
        rows.getChildren()
                .add(length(
                        "baseline-distance",
                        "letters.distance",
                        b -> b instanceof Baseline.Edge e ? Optional.of(e.distanceMm()) : Optional.empty(),
                        mm -> b -> b instanceof Baseline.Edge e ? new Baseline.Edge(e.other(), e.start(), mm) : b));
        rows.getChildren()
                .add(number(
                        "baseline-start",
                        "letters.start",
                        "°",
                        -360,
                        b -> switch (b) {
                            case Baseline.Circle c -> Optional.of(c.startDegrees());
                            case Baseline.Edge e -> Optional.of(e.start() * 360);
                            default -> Optional.empty();
                        },
                        v -> b -> switch (b) {
                            case Baseline.Circle c -> new Baseline.Circle(c.radiusMm(), v, c.mostDegrees(), c.foot());
                            case Baseline.Edge e -> new Baseline.Edge(e.other(), v / 360, e.distanceMm());
                            default -> b;
                        }));
        rows.getChildren()
                .add(number(
                        "baseline-most",
                        "letters.most",
                        "°",
                        1,
                        b -> b instanceof Baseline.Circle c ? Optional.of(c.mostDegrees()) : Optional.empty(),
                        v -> b -> b instanceof Baseline.Circle c
                                ? new Baseline.Circle(c.radiusMm(), c.startDegrees(), v, c.foot())
                                : b));
        return rows;
    }

    private void standOn(On on) {
        now().ifPresent(l -> {
            Baseline b = switch (on) {
                case STRAIGHT -> new Baseline.Straight();
                case ARC -> new Baseline.Arc(FIRST_RADIUS_MM);
                case CIRCLE -> new Baseline.Circle(FIRST_RADIUS_MM, 0, 180, false);
                case FOOT -> new Baseline.Circle(FIRST_RADIUS_MM, 0, 180, true);
                case EDGE ->
                    new Baseline.Edge(
                            session.motif()
                                    .map(actions::canFollow)
                                    .filter(c -> !c.isEmpty())
                                    .map(c -> c.getLast().id())
                                    .orElse(""),
                            0,
                            2);
            };
            actions.changeSource(l.withSetting(l.setting().withBaseline(b)));
        });
    }

    private Node length(
            String id,
            String key,
            java.util.function.Function<Baseline, Optional<Double>> now,
            DoubleFunction<UnaryOperator<Baseline>> change) {
        MeasureField field = MeasureField.offset(
                Texts.of(key),
                session::unit,
                mm -> editSetting(s -> s.withBaseline(change.apply(mm).apply(s.baseline()))));
        return shownWhenThere(id, key, field, now);
    }

    private Node number(
            String id,
            String key,
            String unit,
            double least,
            java.util.function.Function<Baseline, Optional<Double>> now,
            DoubleFunction<UnaryOperator<Baseline>> change) {
        MeasureField field = MeasureField.number(
                Texts.of(key),
                unit,
                least,
                360,
                v -> editSetting(s -> s.withBaseline(change.apply(v).apply(s.baseline()))));
        return shownWhenThere(id, key, field, now);
    }

    private Node shownWhenThere(
            String id, String key, MeasureField field, java.util.function.Function<Baseline, Optional<Double>> now) {
        field.setId(id);
        Node row = Controls.row(Texts.of(key), field);
        fills(l -> {
            Optional<Double> value = now.apply(l.setting().baseline());
            show(row, value.isPresent());
            value.ifPresent(field::show);
        });
        return row;
    }

    /** One letter at a time: moved, turned, and in another of the font's forms. */
    private Node letter() {
        Label which = Controls.figure("");
        which.setId("letter-which");
        HBox step = new HBox(
                6,
                Controls.sign("letter-before", "‹", Texts.of("letters.before"), () -> stepLetter(-1)),
                which,
                Controls.sign("letter-after", "›", Texts.of("letters.after"), () -> stepLetter(1)));
        step.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        VBox rows = new VBox(
                6,
                step,
                shift(
                        "letter-right",
                        "letters.right",
                        " %",
                        s -> s.right() * 100,
                        v -> s -> new Typesetting.Shift(v / 100, s.down(), s.degrees())),
                shift(
                        "letter-down",
                        "letters.down",
                        " %",
                        s -> s.down() * 100,
                        v -> s -> new Typesetting.Shift(s.right(), v / 100, s.degrees())),
                shift(
                        "letter-turn",
                        "letters.turn",
                        "°",
                        Typesetting.Shift::degrees,
                        v -> s -> new Typesetting.Shift(s.right(), s.down(), v)));
        Controls.Choice<Integer> form = new Controls.Choice<>(
                "letter-form",
                Texts.of("letters.form"),
                List.of(0),
                n -> n == 0 ? Texts.of("letters.form.own") : Texts.of("letters.form.other", n),
                n -> editSetting(s -> s.withForm(letter, n)));
        form.setMaxWidth(Double.MAX_VALUE);
        rows.getChildren().add(form);
        fills(l -> {
            letter = Math.clamp(letter, 0, Math.max(0, l.text().length() - 1));
            int character = l.text().isEmpty() ? ' ' : l.text().charAt(letter);
            which.setText(Texts.of(
                    "letters.which",
                    Character.toString(character),
                    letter + 1,
                    l.text().length()));
            int forms = Typefaces.otherForms(l.typeface(), character);
            List<Integer> all =
                    java.util.stream.IntStream.rangeClosed(0, forms).boxed().toList();
            if (!form.getItems().equals(all)) {
                form.getItems().setAll(all);
            }
            form.setDisable(forms == 0);
            form.show(Math.min(l.setting().form(letter), forms));
        });
        return rows;
    }

    private void stepLetter(int by) {
        now().ifPresent(l -> {
            int at = letter + by;
            while (at > 0
                    && at < l.text().length() - 1
                    && Character.isWhitespace(l.text().charAt(at))) {
                at += by;
            }
            letter = Math.clamp(at, 0, Math.max(0, l.text().length() - 1));
            fill();
        });
    }

    private Node shift(
            String id,
            String key,
            String unit,
            java.util.function.ToDoubleFunction<Typesetting.Shift> now,
            DoubleFunction<UnaryOperator<Typesetting.Shift>> change) {
        MeasureField field = MeasureField.number(
                Texts.of(key), unit, -360, 360, v -> editSetting(s -> s.withShift(letter, change.apply(v))));
        field.setId(id);
        fills(l -> field.show(now.applyAsDouble(l.setting().shift(letter))));
        return Controls.row(Texts.of(key), field);
    }
}
