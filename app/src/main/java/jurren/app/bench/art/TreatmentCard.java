package jurren.app.bench.art;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Swatches;
import jurren.app.theme.TextEntry;
import jurren.app.theme.Texts;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Motif;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Treatments;
import jurren.core.geometry.CornerStyle;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;
import jurren.formats.words.Words;

/**
 * One treatment of the chosen motif: its name, what it did to the number of pieces, a switch, its place
 * in the chain, and a field for each of its figures, which follow from the record.
 */
final class TreatmentCard {
    private static final int MOST = 100_000;
    private static final double SMALL_MM = 2;
    private static final double MOST_MM = 10_000;

    private final Session session;
    private final ArtActions actions;
    private final int index;
    private final List<Runnable> fillers = new ArrayList<>();
    private final Label pieces = Controls.figure("");
    private final Node node;

    TreatmentCard(Session session, ArtActions actions, int index, Treatment treatment) {
        this.session = session;
        this.actions = actions;
        this.index = index;
        VBox card = Controls.card(title(Treatments.of(treatment)), pieces);
        if (!(treatment instanceof Treatment.Off)) {
            for (RecordComponent c : treatment.getClass().getRecordComponents()) {
                card.getChildren().add(field(Treatments.of(treatment), c));
            }
        }
        this.node = card;
    }

    /** What decides which fields there are. */
    static Object shapeOf(Treatment t) {
        return List.of(t instanceof Treatment.Off, Treatments.of(t).id());
    }

    Node node() {
        return node;
    }

    void fill() {
        fillers.forEach(Runnable::run);
    }

    private Optional<Treatment> now() {
        return session.motif()
                .map(m -> m.treatments())
                .filter(t -> index < t.size())
                .map(t -> t.get(index));
    }

    private HBox title(Treatments.Kind kind) {
        String name = Words.treatment(kind.id());
        pieces.setId("treatment-pieces-" + index);
        CheckBox on = new CheckBox(name);
        on.setId("treatment-on-" + index);
        on.getStyleClass().add("card-title");
        on.setAccessibleText(Texts.of("chain.on", name));
        on.setOnAction(_ -> actions.switchTreatment(index, on.isSelected()));
        fillers.add(() -> {
            on.setSelected(!now().map(Treatment.Off.class::isInstance).orElse(false));
            pieces.setText(pieces());
            SourceCard.show(pieces, !pieces.getText().isEmpty());
        });
        HBox title = new HBox(
                on,
                Controls.spring(),
                Controls.sign(
                        "treatment-up-" + index,
                        "↑",
                        Texts.of("chain.earlier", name),
                        () -> actions.moveTreatment(index, -1)),
                copyMenu(name),
                Controls.sign(
                        "treatment-remove-" + index,
                        "×",
                        Texts.of("chain.remove", name),
                        () -> actions.removeTreatment(index)));
        title.getStyleClass().add("row");
        title.setSpacing(2);
        return title;
    }

    /** The other motifs, to give one of them the same treatment. */
    private MenuButton copyMenu(String name) {
        MenuButton menu = new MenuButton();
        menu.setId("treatment-copy-" + index);
        menu.getStyleClass().add("copy-menu");
        menu.setText("»");
        menu.setAccessibleText(Texts.of("chain.copy", name));
        menu.setTooltip(new Tooltip(Texts.of("chain.copy", name)));
        menu.setOnShowing(_ -> menu.getItems()
                .setAll(session.line().motifs().stream()
                        .filter(m -> !session.motif().map(Motif::id).equals(Optional.of(m.id())))
                        .map(m -> {
                            MenuItem item = new MenuItem(m.name().isBlank() ? Texts.of("art.nameless") : m.name());
                            item.setId("copy-to-" + m.id());
                            item.setOnAction(_ -> actions.copyTreatment(index, m.id()));
                            return item;
                        })
                        .toList()));
        menu.getItems().add(new MenuItem(""));
        return menu;
    }

    /** {@code 9 → 1}; nothing where it stays the same. */
    private String pieces() {
        return session.motif()
                .flatMap(m -> session.linePlan().map(p -> p.motifs().get(m.id())))
                .map(BuiltMotif::pieces)
                .filter(p -> index + 1 < p.size())
                .filter(p -> !p.get(index).equals(p.get(index + 1)))
                .map(p -> Texts.of("chain.pieces", p.get(index), p.get(index + 1)))
                .orElse("");
    }

    private Node field(Treatments.Kind kind, RecordComponent c) {
        String name = Texts.of("treat.figure." + c.getName());
        String id =
                kind.id() + "-" + c.getName().replaceAll("Mm2?$", "").toLowerCase(java.util.Locale.ROOT) + "-" + index;
        Class<?> type = c.getType();
        if (type == Colour.class) {
            return colour(id, name, c);
        }
        if (type == List.class) {
            ColoursInTurn colours = new ColoursInTurn(id, session, cs -> change(c, cs));
            fillers.add(() -> value(c).ifPresent(v ->
                    colours.show(((List<?>) v).stream().map(Colour.class::cast).toList(), true)));
            return colours;
        }
        if (type == String.class && !c.getName().equals("other")) {
            TextEntry text = new TextEntry(id, name, typed -> change(c, typed));
            fillers.add(() -> value(c).ifPresent(v -> text.show((String) v)));
            return Controls.row(name, text);
        }
        if (type == String.class) {
            OtherChoice other = new OtherChoice(id, session, actions, motif -> change(c, motif));
            fillers.add(() -> value(c).ifPresent(v -> other.show((String) v)));
            return other;
        }
        if (type == boolean.class) {
            CheckBox box = new CheckBox(name);
            box.setId(id);
            box.setOnAction(_ -> change(c, box.isSelected()));
            fillers.add(() -> value(c).ifPresent(v -> box.setSelected((Boolean) v)));
            return box;
        }
        if (type == CornerStyle.class) {
            Controls.Segments<CornerStyle> corners = Controls.segments(
                    id, List.of(CornerStyle.values()), s -> Texts.of("outline.corners." + s), s -> change(c, s));
            fillers.add(() -> value(c).ifPresent(v -> corners.show((CornerStyle) v)));
            return new HBox(corners);
        }
        MeasureField field = number(name, c, type);
        field.setId(id);
        fillers.add(() -> value(c).ifPresent(v -> field.show(((Number) v).doubleValue())));
        return Controls.row(name, field);
    }

    /** Lengths in the unit on show; angles, shares, counts and areas as plain numbers. */
    private MeasureField number(String name, RecordComponent c, Class<?> type) {
        if (type == int.class) {
            return MeasureField.count(name, 1, MOST, v -> change(c, v));
        }
        if (c.getName().equals("degrees")
                || c.getName().toLowerCase(java.util.Locale.ROOT).endsWith("percent")) {
            return MeasureField.number(name, c.getName().equals("degrees") ? "°" : " %", -360, 360, v -> change(c, v));
        }
        return c.getName().endsWith("Mm2")
                ? MeasureField.number(name, " mm²", 0, MOST, v -> change(c, v))
                : new MeasureField(
                        name,
                        this::length,
                        text -> session.unit().parse(text),
                        MeasureField.within(session::unit, -MOST_MM, MOST_MM),
                        v -> change(c, v));
    }

    /** Small figures with a digit more. */
    private String length(double mm) {
        return Math.abs(mm) < SMALL_MM
                ? session.unit().fine(mm)
                : session.unit().format(mm);
    }

    private Node colour(String id, String name, RecordComponent c) {
        Swatches<FilmColour> swatches =
                new Swatches<>(id, FilmColour::name, FilmColour::colour, f -> change(c, f.colour()));
        swatches.setAccessibleText(name);
        fillers.add(() -> value(c).ifPresent(v -> session.linePlan().ifPresent(p -> {
            Material film = session.motif().map(m -> p.material(m, (Colour) v)).orElse(p.material());
            swatches.show(film.colours(), film.sold((Colour) v).orElse(null));
        })));
        return swatches;
    }

    private Optional<Object> value(RecordComponent c) {
        return now().filter(t -> t.getClass() == c.getDeclaringRecord()).map(t -> get(t, c));
    }

    private static Object get(Treatment t, RecordComponent c) {
        try {
            return c.getAccessor().invoke(t);
        } catch (IllegalAccessException | InvocationTargetException e) {
            throw new IllegalStateException(e);
        }
    }

    /** A figure that the treatment does not take is said, and the last good one stays. */
    private void change(RecordComponent changed, Object value) {
        now().ifPresent(t -> {
            RecordComponent[] all = t.getClass().getRecordComponents();
            Object[] values = Arrays.stream(all)
                    .map(c -> c.getName().equals(changed.getName()) ? value : get(t, c))
                    .toArray();
            try {
                actions.changeTreatment(
                        index,
                        t.getClass()
                                .getDeclaredConstructor(Arrays.stream(all)
                                        .map(RecordComponent::getType)
                                        .toArray(Class[]::new))
                                .newInstance(values));
            } catch (InvocationTargetException e) {
                session.notices().say(Texts.of("measure.cannot-be", e.getCause().getMessage()));
            } catch (ReflectiveOperationException e) {
                throw new IllegalStateException(e);
            }
        });
    }
}
