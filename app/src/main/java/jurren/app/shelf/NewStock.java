package jurren.app.shelf;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.session.ShelfDesk;
import jurren.app.sheet.FileQuestions;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.geometry.Region;
import jurren.core.load.Offcut;
import jurren.core.load.Roll;
import jurren.core.load.Stock;
import jurren.core.material.FilmColour;
import jurren.core.material.Material;

/**
 * Something new for the shelf: a roll, a sheet, or an offcut measured with a ruler, one corner of which may be missing.
 */
final class NewStock {
    private static final double ROLL_MM = 305;
    private static final double LONG_MM = 5000;
    private static final double SHEET_MM = 300;

    /** What it is. */
    enum Kind {
        ROLL,
        SHEET,
        OFFCUT,
        PHOTO
    }

    private final Session session;
    private final OffcutPhoto photo;
    private final VBox rows = new VBox(6);
    private Kind kind = Kind.OFFCUT;
    private Material material;
    private FilmColour colour;
    private double width = SHEET_MM;
    private double length = SHEET_MM;
    private Offcut.Corner corner = Offcut.Corner.NONE;
    private double missingWidth = 50;
    private double missingLength = 50;

    NewStock(Session session, FileQuestions files) {
        this.session = session;
        this.photo = new OffcutPhoto(session, files, this::photographed);
        this.material = materials().getFirst();
        this.colour = material.colours().getFirst();
    }

    private List<Material> materials() {
        return session.shop().materials().stream()
                .filter(m -> !m.colours().isEmpty())
                .toList();
    }

    Node card() {
        build();
        return Controls.card(rows);
    }

    private void build() {
        Controls.Segments<Kind> kinds =
                Controls.segments("stock-kind", List.of(Kind.values()), k -> Texts.of("shelf.kind." + k), k -> {
                    kind = k;
                    width = k == Kind.ROLL ? ROLL_MM : SHEET_MM;
                    length = k == Kind.ROLL ? LONG_MM : SHEET_MM;
                    build();
                });
        kinds.show(kind);
        Controls.Choice<Material> films =
                new Controls.Choice<>("stock-material", Texts.of("shelf.film"), materials(), Material::name, m -> {
                    material = m;
                    colour = m.colours().getFirst();
                    build();
                });
        films.show(material);
        Controls.Choice<FilmColour> colours = new Controls.Choice<>(
                "stock-colour", Texts.of("shelf.colour"), material.colours(), FilmColour::name, c -> colour = c);
        colours.show(colour);
        List<Node> all =
                new ArrayList<>(List.of(Controls.label(Texts.of("shelf.add"), "card-title"), kinds, films, colours));
        if (kind == Kind.PHOTO) {
            all.add(photo.node());
            rows.getChildren().setAll(all);
            return;
        }
        all.addAll(List.of(
                Controls.row(Texts.of("shelf.width"), field("new-width", width, mm -> width = mm)),
                Controls.row(Texts.of("shelf.length"), field("new-length", length, mm -> length = mm))));
        if (kind == Kind.OFFCUT) {
            Controls.Choice<Offcut.Corner> corners = new Controls.Choice<>(
                    "new-corner",
                    Texts.of("shelf.missing"),
                    List.of(Offcut.Corner.values()),
                    c -> Texts.of("shelf.corner." + c),
                    c -> {
                        corner = c;
                        build();
                    });
            corners.show(corner);
            all.add(corners);
            if (corner != Offcut.Corner.NONE) {
                all.add(Controls.row(
                        Texts.of("shelf.missing-width"),
                        field("missing-width", missingWidth, mm -> missingWidth = mm)));
                all.add(Controls.row(
                        Texts.of("shelf.missing-length"),
                        field("missing-length", missingLength, mm -> missingLength = mm)));
            }
        }
        Label objection = Controls.label("", "hint");
        all.add(objection);
        all.add(Controls.button("stock-add", Texts.of("shelf.add." + kind), () -> add(objection), "primary"));
        rows.getChildren().setAll(all);
    }

    private void photographed(Region outline) {
        session.shelf()
                .keep(new Offcut(
                        session.shelf().freeName(), material.id(), colour.colour(), outline, false, ShelfDesk.today()));
    }

    private MeasureField field(String id, double mm, Consumer<Double> taken) {
        MeasureField field = MeasureField.length(Texts.of("shelf." + id), session::unit, taken);
        field.setId(id);
        field.show(mm);
        return field;
    }

    private void add(Label objection) {
        try {
            Stock made = made();
            session.shelf()
                    .put(
                            Optional.empty(),
                            Optional.of(made),
                            Texts.of("shelf.added", session.shelf().name(made)));
        } catch (IllegalArgumentException _) {
            objection.setText(Texts.of(
                    kind == Kind.OFFCUT && corner != Offcut.Corner.NONE ? "shelf.no-corner" : "shelf.no-measure"));
        }
    }

    private Stock made() {
        if (kind == Kind.ROLL) {
            return new Roll(
                    "roll-" + Math.round(width), material.id(), colour.colour(), width, length, ShelfDesk.today());
        }
        Region outline = Offcut.measured(
                length, width, kind == Kind.OFFCUT ? corner : Offcut.Corner.NONE, missingLength, missingWidth);
        return new Offcut(
                session.shelf().freeName(),
                material.id(),
                colour.colour(),
                outline,
                kind == Kind.SHEET,
                ShelfDesk.today());
    }
}
