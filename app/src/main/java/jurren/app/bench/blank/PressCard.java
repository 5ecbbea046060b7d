package jurren.app.bench.blank;

import java.util.Comparator;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.finish.PlatenPlan;
import jurren.core.finish.Press;
import jurren.core.plan.LinePlan;
import jurren.formats.words.Words;

/** What presses it, in how many positions, and what is heated twice. */
final class PressCard {
    private final Session session;
    private final Controls.Choice<Press> press;
    private final Label positions = Controls.label("");
    private final VBox node;

    PressCard(Session session) {
        this.session = session;
        this.press = new Controls.Choice<>(
                "press",
                Texts.of("press.name"),
                session.shop().presses(),
                Press::name,
                p -> session.editLine(l -> l.withThing(l.thing().withPress(Optional.of(p.id())))));
        press.setMaxWidth(Double.MAX_VALUE);
        this.node = Controls.card(Controls.caption(Texts.of("press.title")), press, positions);
    }

    /** What the spot that is pressed most often takes, of the layer that comes nearest to its limit. */
    private static String dwell(LinePlan plan) {
        return plan.finish().heat().stream()
                .max(Comparator.comparingDouble(h -> h.totalS() / h.mostS()))
                .map(h -> Texts.of("press.dwell", Words.layerName(plan, h.layer()), h.totalS(), h.mostS()))
                .orElse("");
    }

    Node node() {
        return node;
    }

    void update() {
        session.linePlan().ifPresent(plan -> {
            boolean hot = plan.isPressed();
            node.setVisible(hot);
            node.setManaged(hot);
            PlatenPlan platen = plan.platen();
            press.show(platen.press());
            positions.setText(
                    platen.positions().size() == 1
                            ? Texts.of("press.once")
                            : Texts.of(
                                            "press.several",
                                            platen.positions().size(),
                                            session.unit().format(PlatenPlan.SHARED_MM),
                                            platen.mostTimes())
                                    + " " + dwell(plan));
        });
    }
}
