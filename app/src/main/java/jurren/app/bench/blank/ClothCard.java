package jurren.app.bench.blank;

import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Swatches;
import jurren.app.theme.Texts;
import jurren.core.blank.BlankColour;
import jurren.core.material.Material;
import jurren.core.plan.LinePlan;
import javafx.scene.Node;
import javafx.scene.control.Label;

/** The garment's colour, and the film it is decorated with. */
final class ClothCard {
    private final Session session;
    private final Label name = Controls.label("", "card-title");
    private final Swatches<BlankColour> colours;
    private final Controls.Choice<Material> film;
    private final Label holds = Controls.label("");
    private final Node node;

    ClothCard(Session session) {
        this.session = session;
        this.colours = new Swatches<>("cloth", BlankColour::name, BlankColour::colour,
                c -> session.editLine(l -> l.withBlankColour(c.id())));
        this.film = new Controls.Choice<>("film", Texts.of("film.name"), session.shop().materials(), Material::name,
                m -> session.editLine(l -> l.withMaterial(m.id())));
        film.setMaxWidth(Double.MAX_VALUE);
        this.node = Controls.card(name, colours, Controls.caption(Texts.of("film.title")), film, holds);
    }

    Node node() {
        return node;
    }

    void update() {
        session.linePlan().ifPresent(plan -> {
            name.setText(session.words().blankLine(plan));
            colours.show(plan.blank().colours(), plan.blankColour());
            film.show(plan.material());
            holds.setText(holds(plan));
        });
    }

    private String holds(LinePlan plan) {
        double needs = plan.material().recipe().celsius();
        double bears = plan.blank().cloth().mostCelsius();
        return Texts.of(needs <= bears ? "film.holds" : "film.too-hot", session.words().degrees(needs),
                plan.blank().cloth().name(), session.words().degrees(bears));
    }
}
