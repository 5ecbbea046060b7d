package jurren.app.bench.art;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jurren.app.bench.MaterialChoice;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.art.Films;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.plan.LinePlan;

/** What the chosen motif is made of, colour by colour. */
final class FilmsCard {
    private static final double LEAST_CHOICE_PX = 96;

    private final Session session;
    private final VBox rows = new VBox();
    private final VBox node;

    FilmsCard(Session session) {
        this.session = session;
        rows.getStyleClass().add("rows");
        node = Controls.card(Controls.label(Texts.of("films.title"), "card-title"), rows);
    }

    Node node() {
        return node;
    }

    void update() {
        Optional<Motif> motif = session.motif();
        Optional<LinePlan> plan = session.linePlan();
        List<Colour> colours = motif.flatMap(m -> plan.map(p -> p.motifs().get(m.id())))
                .map(built ->
                        built.paints().stream().map(Painted::colour).distinct().toList())
                .orElse(List.of());
        SourceCard.show(node, !colours.isEmpty());
        if (!colours.isEmpty()) {
            Motif m = motif.orElseThrow();
            LinePlan p = plan.orElseThrow();
            Controls.refillWhenChanged(
                    rows,
                    List.of(m.id(), m.films(), colours, p.materials(), p.blank(), p.blankColour(), p.face()),
                    () -> colours.stream().map(c -> row(p, m, c, colours)).toList());
        }
    }

    private Node row(LinePlan plan, Motif motif, Colour colour, List<Colour> all) {
        Material now = plan.material(motif, colour);
        Region swatch = new Region();
        swatch.getStyleClass().add("film-swatch");
        swatch.setStyle("-fx-background-color: rgba(35,38,43,0.4), " + colour.hex() + ";");
        boolean picture = plan.motifs().get(motif.id()).paints().stream()
                .anyMatch(p -> p.colour().equals(colour) && p.isOnlyInk());
        String name = picture ? Texts.of("films.picture") : now.colourName(colour);
        Label label = Controls.label(name);
        label.setWrapText(false);
        label.setMinWidth(Region.USE_PREF_SIZE);
        swatch.setMaxHeight(Region.USE_PREF_SIZE);
        Region choice = MaterialChoice.of(
                "film-" + all.indexOf(colour),
                Texts.of("films.of", name),
                session,
                plan,
                now,
                to -> make(motif, colour, all, to));
        choice.setMinWidth(Theme.wide(LEAST_CHOICE_PX));
        choice.setPrefWidth(Theme.wide(LEAST_CHOICE_PX));
        HBox.setHgrow(choice, Priority.ALWAYS);
        choice.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(8, swatch, label, choice);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void make(Motif of, Colour colour, List<Colour> all, Material to) {
        session.editLine(line -> line.withMotif(of.id(), m -> {
            Films said = all.size() == 1 ? Films.allOf(to.id()) : m.films().with(colour, Optional.of(to.id()));
            return m.withFilms(said.plain(line.materialId()));
        }));
    }
}
