package jurren.app.bench.art;

import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Swatches;
import jurren.app.theme.Texts;
import jurren.core.art.Drawing;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Shape;
import jurren.core.art.treat.Treatments;
import jurren.core.lettering.Typeface;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** How the chosen motif is built: its source, then each treatment in turn. */
final class ChainPanel {
    /** What decides which fields there are; everything else only fills them. */
    private record Fields(Optional<String> motif, Class<?> source, List<Object> treatments) {
    }

    private final Session session;
    private final ArtActions actions;
    private final Label caption = Controls.caption("");
    private final VBox cards = new VBox();
    private final VBox node = new VBox(caption, cards);
    private final List<Runnable> fillers = new ArrayList<>();
    private Fields fields;

    ChainPanel(Session session, ArtActions actions) {
        this.session = session;
        this.actions = actions;
        cards.getStyleClass().add("chain");
        node.getStyleClass().add("cards");
    }

    Node node() {
        return node;
    }

    void update() {
        Optional<Motif> motif = session.motif();
        node.setVisible(motif.isPresent());
        node.setManaged(motif.isPresent());
        Fields now = new Fields(motif.map(Motif::id), motif.<Class<?>>map(m -> m.source().getClass()).orElse(null),
                motif.map(m -> m.treatments().stream().map(TreatmentCard::shapeOf).toList()).orElse(List.of()));
        if (!now.equals(fields)) {
            fields = now;
            fillers.clear();
            Controls.refill(cards, motif.map(this::build).orElse(List.of()));
        }
        motif.ifPresent(m -> caption.setText(Texts.of("chain.title", m.name())));
        fillers.forEach(Runnable::run);
    }

    private List<Node> build(Motif motif) {
        List<Node> steps = new ArrayList<>();
        steps.add(switch (motif.source()) {
            case Lettering _ -> lettering();
            case Drawing _ -> drawing();
            case Shape _ -> shape();
        });
        for (int i = 0; i < motif.treatments().size(); i++) {
            TreatmentCard card = new TreatmentCard(session, actions, i, motif.treatments().get(i));
            fillers.add(card::fill);
            steps.add(card.node());
        }
        HBox add = new HBox(Controls.button("add-outline", Texts.of("chain.add-outline"), actions::addOutline), addMenu());
        add.getStyleClass().add("buttons");
        steps.add(add);
        return steps;
    }

    /** Everything that can be done to a motif, by what a person wants. */
    private MenuButton addMenu() {
        MenuButton menu = new MenuButton(Texts.of("chain.add"));
        menu.setId("add-treatment");
        menu.getStyleClass().add("add-treatment");
        for (Treatments.Group group : Treatments.Group.values()) {
            Menu sub = new Menu(Texts.of("treat.group." + group));
            sub.setId("add-group-" + group.name().toLowerCase(java.util.Locale.ROOT));
            Treatments.kinds().stream().filter(k -> k.group() == group).forEach(k -> {
                MenuItem item = new MenuItem(Texts.of("treat." + k.id()));
                item.setId("treat-" + k.id());
                item.setOnAction(_ -> actions.add(k));
                sub.getItems().add(item);
            });
            menu.getItems().add(sub);
        }
        return menu;
    }

    private Optional<Lettering> letters() {
        return session.motif().map(Motif::source).filter(Lettering.class::isInstance).map(Lettering.class::cast);
    }

    private void editLetters(UnaryOperator<Lettering> change, Object gesture) {
        session.editMotif(m -> m.source() instanceof Lettering l ? m.withSource(change.apply(l)) : m, gesture);
    }

    private Node lettering() {
        TextField text = new TextField();
        text.setId("letters");
        text.setAccessibleText(Texts.of("letters.text"));
        text.setPromptText(Texts.of("letters.prompt"));
        Object typing = new Object();
        text.textProperty().addListener((_, _, now) -> {
            if (text.isFocused()) {
                session.editMotif(m -> m.source() instanceof Lettering l
                        ? m.withSource(l.withText(now)).withName(now) : m, typing);
            }
        });
        Controls.Choice<Typeface> face = new Controls.Choice<>("typeface", Texts.of("letters.typeface"),
                List.of(Typeface.values()), t -> t.title() + " · " + Texts.of("typeface." + t.kind()),
                t -> editLetters(l -> l.withTypeface(t), null));
        face.setMaxWidth(Double.MAX_VALUE);
        MeasureField capital = MeasureField.length(Texts.of("letters.capital"), session::unit,
                mm -> editLetters(l -> l.withCapHeight(mm), null));
        capital.setId("capital");
        MeasureField spacing = MeasureField.number(Texts.of("letters.spacing"), " %", -60, 300,
                percent -> editLetters(l -> l.withLetterSpacing(percent / 100), null));
        spacing.setId("spacing");
        Swatches<FilmColour> colours = new Swatches<>("letters-colour", FilmColour::name, FilmColour::colour,
                c -> editLetters(l -> l.withColour(c.colour()), null));
        fillers.add(() -> letters().ifPresent(l -> {
            if (!text.isFocused() || !Objects.equals(text.getText(), l.text()) && session.isSettled()) {
                fillText(text, l.text());
            }
            face.show(l.typeface());
            capital.show(l.capHeightMm());
            spacing.show(l.letterSpacing() * 100);
            showColours(colours, l.colour());
        }));
        return Controls.card(title("chain.lettering"), text, face,
                Controls.row(Texts.of("letters.capital"), capital),
                Controls.row(Texts.of("letters.spacing"), spacing), colours);
    }

    private static void fillText(TextField field, String text) {
        if (!field.getText().equals(text)) {
            int caret = field.getCaretPosition();
            field.setText(text);
            field.positionCaret(Math.min(caret, text.length()));
        }
    }

    private void showColours(Swatches<FilmColour> swatches, Colour now) {
        session.linePlan().ifPresent(p -> swatches.show(p.material().colours(), p.material().sold(now).orElse(null)));
    }

    private Optional<Shape> shapeSource() {
        return session.motif().map(Motif::source).filter(Shape.class::isInstance).map(Shape.class::cast);
    }

    private void editShape(UnaryOperator<Shape> change) {
        session.editMotif(m -> m.source() instanceof Shape s ? m.withSource(change.apply(s)) : m);
    }

    /** What it is, and the two figures that some shapes have. */
    private Node shape() {
        Controls.Choice<Shape.Kind> kind = new Controls.Choice<>("shape-kind", Texts.of("chain.shape"), List.of(Shape.Kind.values()),
                k -> Texts.of("shape." + k), k -> editShape(s -> s.withKind(k)));
        kind.setMaxWidth(Double.MAX_VALUE);
        MeasureField points = MeasureField.number(Texts.of("shape.points"), "", 3, 200,
                n -> editShape(s -> s.withPoints((int) Math.round(n))));
        points.setId("shape-points");
        MeasureField depth = MeasureField.number(Texts.of("shape.depth"), " %", 0, 100, p -> editShape(s -> s.withDepth(p / 100)));
        depth.setId("shape-depth");
        Node pointsRow = Controls.row(Texts.of("shape.points"), points);
        Node depthRow = Controls.row(Texts.of("shape.depth"), depth);
        Swatches<FilmColour> colours = new Swatches<>("shape-colour", FilmColour::name, FilmColour::colour,
                c -> editShape(s -> s.withColour(c.colour())));
        fillers.add(() -> shapeSource().ifPresent(s -> {
            kind.show(s.kind());
            points.show(s.points());
            depth.show(s.depth() * 100);
            show(pointsRow, s.kind().hasPoints());
            show(depthRow, s.kind().hasDepth());
            showColours(colours, s.colour());
        }));
        return Controls.card(title("chain.shape"), kind, pointsRow, depthRow, colours);
    }

    private static void show(Node n, boolean visible) {
        n.setVisible(visible);
        n.setManaged(visible);
    }

    private Node drawing() {
        Label file = Controls.label("");
        fillers.add(() -> session.motif().map(Motif::source).ifPresent(s -> {
            if (s instanceof Drawing d) {
                file.setText(Texts.of("drawing.file", d.file().name(), Math.round(d.widthFactor() * 100)));
            }
        }));
        return Controls.card(title("chain.drawing"), file);
    }

    private static HBox title(String key) {
        HBox title = new HBox(Controls.label(Texts.of(key), "card-title"), Controls.spring());
        title.getStyleClass().add("row");
        return title;
    }
}
