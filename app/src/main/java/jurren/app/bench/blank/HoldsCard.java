package jurren.app.bench.blank;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.hold.Verdict;
import jurren.core.hold.WhatHolds;
import jurren.core.material.Material;
import jurren.core.plan.LinePlan;
import jurren.formats.words.Words;

/** The material, and for every process whether it holds on this thing and why. */
final class HoldsCard {
    private final Session session;
    private final Controls.Choice<Material> material;
    private final Label holds = Controls.label("");
    private final Label title = Controls.caption("");
    private final VBox rows = new VBox();
    private final Node node;
    private List<Object> shown = List.of();

    HoldsCard(Session session) {
        this.session = session;
        this.material = new Controls.Choice<>(
                "film",
                Texts.of("film.name"),
                session.shop().materials().stream().toList(),
                Material::name,
                m -> session.editLine(l -> l.withMaterial(m.id())));
        material.setMaxWidth(Double.MAX_VALUE);
        rows.getStyleClass().add("verdicts");
        this.node = new VBox(
                Controls.card(Controls.caption(Texts.of("film.title")), material, holds), Controls.card(title, rows));
        node.getStyleClass().add("cards");
    }

    Node node() {
        return node;
    }

    void update() {
        session.linePlan().ifPresent(plan -> {
            material.show(plan.material());
            Verdict v = plan.holdsUsual();
            holds.setText(Texts.of(
                    "film.verdict", capital(Words.answer(v)), session.words().reason(v)));
            List<Object> now = List.of(plan.blank(), plan.blankColour(), plan.face(), session.unit());
            if (!now.equals(shown)) {
                shown = now;
                boolean own = plan.face().madeOf().isPresent();
                title.setText(Texts.of(
                        own ? "holds.title.face" : "holds.title",
                        own ? plan.face().name() : plan.blankColour().name(),
                        plan.madeOf().name()));
                rows.getChildren().setAll(verdicts(plan));
            }
        });
    }

    private static String capital(String text) {
        return text.substring(0, 1).toUpperCase(java.util.Locale.ROOT) + text.substring(1);
    }

    private List<Node> verdicts(LinePlan plan) {
        List<Node> nodes = new ArrayList<>();
        for (WhatHolds.Answered a :
                WhatHolds.byProcess(session.shop().materials(), plan.madeOf(), plan.blankColour(), plan.face())) {
            Text name = new Text(Words.process(a.material().process()) + ": " + Words.answer(a.verdict()) + ". ");
            Text why = new Text(session.words().reason(a.verdict()));
            String style = "verdict-"
                    + a.verdict()
                            .answer()
                            .name()
                            .toLowerCase(java.util.Locale.ROOT)
                            .replace('_', '-');
            name.getStyleClass().addAll("verdict-name", style);
            why.getStyleClass().addAll("verdict", style);
            TextFlow row = new TextFlow(name, why);
            row.setAccessibleText(name.getText() + why.getText());
            nodes.add(row);
        }
        return nodes;
    }
}
