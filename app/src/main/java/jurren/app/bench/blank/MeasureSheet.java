package jurren.app.bench.blank;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ColorPicker;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.BlankSize;
import jurren.core.blank.Face;
import jurren.core.blank.OwnBlank;
import jurren.core.blank.Substrate;
import jurren.core.material.Colour;
import jurren.formats.words.Numbers;

/**
 * A thing of one's own from measures taken with a ruler or a tape: what it is made of and bears, its colours, its
 * faces, what is in the way.
 */
final class MeasureSheet {
    private static final double MEASURES_WIDTH = 350;
    private static final double MOST_CELSIUS = 400;
    private static final double MOST_SECONDS = 7200;
    private static final Colour WHITE = Colour.of("#F4F4F1");

    private final Session session;
    private final Sheets sheets;
    private final BiConsumer<Blank, Optional<Path>> save;
    private final Optional<Blank> edited;
    private final OwnDraft draft;
    private final PhotoScaler photo;
    private final FaceRows faceRows;
    private final InTheWay inTheWay;
    private final TextField name = new TextField();
    private final Label objection = Controls.label("", "hint");
    private final VBox colours = new VBox();
    private final VBox faces = new VBox();
    private final List<Substrate> stuffs;
    private final Controls.Choice<Substrate> made;
    private final MeasureField hottest;
    private final MeasureField longest;

    /** @param edited what is measured anew; empty for a new thing */
    MeasureSheet(
            Session session,
            FileQuestions files,
            Sheets sheets,
            Optional<Blank> edited,
            BiConsumer<Blank, Optional<Path>> save) {
        this.session = session;
        this.sheets = sheets;
        this.save = save;
        this.edited = edited;
        this.stuffs =
                session.shop().blanks().stream().map(Blank::madeOf).distinct().toList();
        this.draft = new OwnDraft(edited.orElseGet(() -> OwnBlank.of(
                "own",
                "own",
                stuffs.getFirst(),
                new BlankColour("own", Texts.of("measure.own-colour"), WHITE),
                FaceRows.usual())));
        this.photo = new PhotoScaler(session, files);
        this.faceRows = new FaceRows(session, draft);
        this.inTheWay = new InTheWay(session, draft, photo);
        this.made = new Controls.Choice<>(
                "own-made-of",
                Texts.of("measure.made-of"),
                stuffs,
                Substrate::name,
                m -> draft.edit(b -> b.withMadeOf(m)));
        this.hottest = new MeasureField(
                Texts.of("measure.hottest"),
                c -> session.settings().units().heat().format(c),
                t -> session.settings().units().heat().parse(t),
                c -> c > 0 && c <= MOST_CELSIUS
                        ? Optional.empty()
                        : Optional.of(Texts.of(
                                "field.between",
                                session.settings().units().heat().format(1.0),
                                session.settings().units().heat().format(MOST_CELSIUS))),
                c -> draft.edit(
                        b -> b.withMadeOf(b.madeOf().bearing(c, b.madeOf().mostTotalS()))));
        this.longest = MeasureField.number(
                Texts.of("measure.longest"),
                " s",
                1,
                MOST_SECONDS,
                s -> draft.edit(b -> b.withMadeOf(b.madeOf().bearing(b.madeOf().mostCelsius(), s))));
    }

    void open() {
        name.setId("own-name");
        name.setAccessibleText(Texts.of("measure.name"));
        name.setPromptText(Texts.of("measure.name.prompt"));
        edited.ifPresent(b -> {
            name.setText(b.name());
            b.photo().ifPresent(photo::keep);
        });
        hottest.setId("own-hottest");
        longest.setId("own-longest");
        made.setMaxWidth(Double.MAX_VALUE);
        colours.getStyleClass().add("rows");
        faces.getStyleClass().add("rows");
        draft.watch(this::show);
        photo.whenChanged(inTheWay::show);
        show();
        HBox buttons = new HBox(
                Controls.button("own-save", Texts.of("measure.save"), this::save, "primary"),
                Controls.button("own-leave", Texts.of("measure.leave"), sheets::close));
        buttons.getStyleClass().add("buttons");
        VBox left = new VBox(10, Controls.row(Texts.of("measure.name"), name), faces, faceRows.node());
        left.setMinWidth(Theme.wide(MEASURES_WIDTH));
        left.setPrefWidth(Theme.wide(MEASURES_WIDTH));
        VBox stuff = new VBox(
                6,
                Controls.caption(Texts.of("measure.made-of")),
                made,
                Controls.row(Texts.of("measure.hottest"), hottest),
                Controls.row(Texts.of("measure.longest"), longest));
        VBox sold = new VBox(6, Controls.caption(Texts.of("measure.colours")), colours);
        HBox.setHgrow(stuff, Priority.ALWAYS);
        HBox.setHgrow(sold, Priority.ALWAYS);
        VBox right = new VBox(
                10,
                inTheWay.node(),
                Controls.caption(Texts.of("measure.photo")),
                photo.node(),
                new HBox(22, stuff, sold));
        HBox.setHgrow(right, Priority.ALWAYS);
        sheets.open(
                "measure-sheet",
                Texts.of("blank.measure-own"),
                Pos.CENTER,
                new HBox(22, left, right),
                objection,
                buttons);
    }

    private void show() {
        objection.setText(draft.objection());
        Substrate now = draft.blank().madeOf();
        made.show(
                stuffs.contains(now)
                        ? now
                        : stuffs.stream()
                                .filter(m -> m.name().equals(now.name()))
                                .findFirst()
                                .orElse(now));
        hottest.show(now.mostCelsius());
        longest.show(now.mostTotalS());
        showColours();
        showFaces();
        faceRows.show();
        inTheWay.show();
    }

    private void showColours() {
        Controls.refillWhenChanged(
                colours, draft.blank().colours().stream().map(BlankColour::id).toList(), () -> {
                    List<Node> rows = new ArrayList<>();
                    draft.blank().colours().forEach(c -> rows.add(colour(c)));
                    rows.add(Controls.flow(
                            Controls.button("own-add-colour", Texts.of("measure.add-colour"), this::addColour)));
                    return rows;
                });
    }

    private Node colour(BlankColour c) {
        TextField named = new TextField(c.name());
        named.setId("own-colour-name-" + c.id());
        named.setAccessibleText(Texts.of("measure.colour"));
        HBox.setHgrow(named, Priority.ALWAYS);
        ColorPicker picker = new ColorPicker(Color.web(c.colour().hex()));
        picker.setId("own-colour-" + c.id());
        picker.setAccessibleText(Texts.of("measure.colour"));
        picker.setPrefWidth(120);
        named.textProperty().addListener((_, _, text) -> changeColour(c.id(), text, picker.getValue()));
        picker.setOnAction(_ -> changeColour(c.id(), named.getText(), picker.getValue()));
        Button away = Controls.sign(
                "own-colour-remove-" + c.id(),
                "×",
                Texts.of("measure.spot.remove"),
                () -> draft.edit(b -> b.withColours(
                        b.colours().stream().filter(o -> !o.id().equals(c.id())).toList())));
        away.setDisable(draft.blank().colours().size() == 1);
        HBox row = new HBox(6, named, picker, away);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void changeColour(String id, String called, Color c) {
        Colour paint = new Colour((int) Math.round(c.getRed() * 255) << 16
                | (int) Math.round(c.getGreen() * 255) << 8
                | (int) Math.round(c.getBlue() * 255));
        draft.edit(b -> b.withColours(b.colours().stream()
                .map(o -> o.id().equals(id) ? new BlankColour(id, called, paint) : o)
                .toList()));
    }

    private void addColour() {
        List<BlankColour> all = draft.blank().colours();
        String id = free("colour", all.stream().map(BlankColour::id).toList());
        draft.edit(b -> b.withColours(
                Stream.concat(all.stream(), Stream.of(new BlankColour(id, Texts.of("measure.colour.new"), WHITE)))
                        .toList()));
    }

    private static String free(String word, List<String> taken) {
        int n = 2;
        while (taken.contains(word + "-" + n)) {
            n++;
        }
        return word + "-" + n;
    }

    private void showFaces() {
        List<Face> all = draft.blank().reference().faces();
        Controls.refillWhenChanged(
                faces,
                List.of(
                        all.stream().map(f -> List.of(f.id(), f.name())).toList(),
                        draft.face().id(),
                        draft.sizeId()),
                () -> {
                    List<Node> rows = new ArrayList<>();
                    List<String> sizes =
                            draft.blank().sizes().stream().map(BlankSize::id).toList();
                    if (sizes.size() > 1) {
                        Controls.Segments<String> size = Controls.segments(
                                "own-size",
                                sizes,
                                s -> s,
                                s -> draft.open(Optional.of(s), draft.face().id()));
                        size.show(draft.sizeId());
                        rows.add(Controls.caption(Texts.of("measure.sizes")));
                        rows.add(new FlowPane(size));
                    }
                    Controls.Segments<String> face = Controls.segments(
                            "own-face",
                            all.stream().map(Face::id).toList(),
                            id -> all.stream()
                                    .filter(f -> f.id().equals(id))
                                    .findFirst()
                                    .orElseThrow()
                                    .name(),
                            id -> draft.open(Optional.empty(), id));
                    face.show(draft.face().id());
                    rows.add(new FlowPane(face));
                    rows.add(Controls.row(Texts.of("measure.face.name"), faceName()));
                    Button away = Controls.button(
                            "own-face-remove", Texts.of("measure.face.remove"), this::removeFace, "small");
                    away.setDisable(all.size() == 1);
                    rows.add(Controls.flow(
                            Controls.button("own-face-add", Texts.of("measure.face.add"), this::addFace, "small"),
                            away));
                    return rows;
                });
    }

    private TextField faceName() {
        TextField field = new TextField(draft.face().name());
        field.setId("own-face-name");
        field.setAccessibleText(Texts.of("measure.face.name"));
        Runnable take = () -> {
            String text = field.getText().strip();
            if (!text.isEmpty() && !text.equals(draft.face().name())) {
                draft.editFaceOfEverySize(f -> f.named(text));
            }
        };
        field.setOnAction(_ -> take.run());
        field.focusedProperty().addListener((_, _, has) -> {
            if (!has) {
                take.run();
            }
        });
        return field;
    }

    private void addFace() {
        List<Face> all = draft.blank().reference().faces();
        String id = free("face", all.stream().map(Face::id).toList());
        Face usual = FaceRows.usual();
        draft.edit(b -> b.withFaceAdded(OwnBlank.face(
                id,
                Texts.of("measure.face.new", Numbers.format(all.size() + 1.0)),
                usual.form(),
                OwnBlank.insetMm(usual))));
        draft.open(Optional.empty(), id);
    }

    private void removeFace() {
        String gone = draft.face().id();
        draft.edit(b -> b.withoutFace(gone));
        draft.open(
                Optional.empty(), draft.blank().reference().faces().getFirst().id());
    }

    private void save() {
        String known = draft.objection();
        sheets.commitTyping();
        // what was refused just now is still to be read; what was refused before left the last good value
        if (!draft.objection().isEmpty() && !draft.objection().equals(known)) {
            return;
        }
        if (name.getText().isBlank()) {
            objection.setText(Texts.of("measure.needs-name"));
            name.requestFocus();
            return;
        }
        String id = edited.map(Blank::id)
                .orElseGet(() -> OwnBlank.freeId(
                        name.getText(), i -> session.shop().blank(i).isPresent()));
        try {
            save.accept(draft.blank().copied(id, name.getText().strip()).withPhoto(photo.photo(id)), photo.file());
        } catch (IllegalArgumentException e) {
            objection.setText(Texts.of("measure.cannot-be", e.getMessage()));
        }
    }
}
