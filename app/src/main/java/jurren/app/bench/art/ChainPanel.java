package jurren.app.bench.art;

import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Swatches;
import jurren.app.theme.Texts;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Drawing;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
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
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** How the chosen motif is built: its source, then each treatment in turn. */
final class ChainPanel {
    /** What decides which fields there are; everything else only fills them. */
    private record Shape(Optional<String> motif, Class<?> source, List<Class<?>> treatments) {
    }

    private final Session session;
    private final ArtActions actions;
    private final Label caption = Controls.caption("");
    private final VBox cards = new VBox();
    private final VBox node = new VBox(caption, cards);
    private final List<Runnable> fillers = new ArrayList<>();
    private Shape shape;

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
        Shape now = new Shape(motif.map(Motif::id), motif.<Class<?>>map(m -> m.source().getClass()).orElse(null),
                motif.map(m -> m.treatments().stream().<Class<?>>map(Object::getClass).toList()).orElse(List.of()));
        if (!now.equals(shape)) {
            shape = now;
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
        });
        for (int i = 0; i < motif.treatments().size(); i++) {
            steps.add(switch (motif.treatments().get(i)) {
                case Treatment.Weld _ -> weld(i);
                case Treatment.Outlined _ -> outline(i);
            });
        }
        HBox add = new HBox(Controls.button("add-weld", Texts.of("chain.add-weld"), actions::addWeld),
                Controls.button("add-outline", Texts.of("chain.add-outline"), actions::addOutline));
        add.getStyleClass().add("buttons");
        steps.add(add);
        return steps;
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
        return Controls.card(title("chain.lettering", 0, false), text, face,
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

    private Node drawing() {
        Label file = Controls.label("");
        fillers.add(() -> session.motif().map(Motif::source).ifPresent(s -> {
            if (s instanceof Drawing d) {
                file.setText(Texts.of("drawing.file", d.file().name(), Math.round(d.widthFactor() * 100)));
            }
        }));
        return Controls.card(title("chain.drawing", 0, false), file);
    }

    private Node weld(int index) {
        Label pieces = Controls.figure("");
        fillers.add(() -> pieces.setText(pieces(index)));
        HBox title = title("chain.weld", index, true);
        title.getChildren().add(title.getChildren().size() - 1, pieces);
        return Controls.card(title);
    }

    /** {@code 9 → 1 piece}. */
    private String pieces(int index) {
        return session.motif().flatMap(m -> session.linePlan().map(p -> p.motifs().get(m.id())))
                .map(BuiltMotif::pieces).filter(p -> index + 1 < p.size())
                .map(p -> Texts.of("chain.pieces", p.get(index), p.get(index + 1))).orElse("");
    }

    private Optional<Treatment.Outlined> outlineAt(int index) {
        return session.motif().map(Motif::treatments).filter(t -> index < t.size()).map(t -> t.get(index))
                .filter(Treatment.Outlined.class::isInstance).map(Treatment.Outlined.class::cast);
    }

    private void editOutline(int index, UnaryOperator<Treatment.Outlined> change) {
        outlineAt(index).ifPresent(o -> actions.changeTreatment(index, change.apply(o)));
    }

    private Node outline(int index) {
        MeasureField distance = MeasureField.length(Texts.of("outline.distance"), session::unit,
                mm -> editOutline(index, o -> new Treatment.Outlined(mm, o.corners(), o.colour())));
        distance.setId("outline-distance-" + index);
        Controls.Segments<CornerStyle> corners = Controls.segments("outline-corners-" + index,
                List.of(CornerStyle.values()), c -> Texts.of("outline.corners." + c),
                c -> editOutline(index, o -> new Treatment.Outlined(o.distanceMm(), c, o.colour())));
        Swatches<FilmColour> colours = new Swatches<>("outline-colour-" + index, FilmColour::name, FilmColour::colour,
                c -> editOutline(index, o -> new Treatment.Outlined(o.distanceMm(), o.corners(), c.colour())));
        fillers.add(() -> outlineAt(index).ifPresent(o -> {
            distance.show(o.distanceMm());
            corners.show(o.corners());
            showColours(colours, o.colour());
        }));
        return Controls.card(title("chain.outline", index, true),
                Controls.row(Texts.of("outline.distance"), distance), corners, colours);
    }

    private HBox title(String key, int index, boolean removable) {
        HBox title = new HBox(Controls.label(Texts.of(key), "card-title"), Controls.spring());
        title.getStyleClass().add("row");
        if (removable) {
            title.getChildren().add(Controls.sign("treatment-remove-" + index, "×",
                    Texts.of("chain.remove", Texts.of(key)), () -> actions.removeTreatment(index)));
        }
        return title;
    }
}
