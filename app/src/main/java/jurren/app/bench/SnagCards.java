package jurren.app.bench;

import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.plan.Plan;
import jurren.core.snag.Snag;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;

/** The snags that belong to a bench, numbered as they are marked in its picture. */
public final class SnagCards {
    private SnagCards() {
    }

    /** Those of the open line at all its places; of the whole job where a bench is about the whole job. */
    public static List<Snag> ofLine(Session session, Set<Snag.Subject> mended) {
        return session.plan().map(Plan::snags).orElse(List.of()).stream().filter(s -> mended.contains(s.subject()))
                .filter(s -> s.subject() == Snag.Subject.STOCK || s.line().equals(session.line().id())).toList();
    }

    /** Those of the open place. */
    public static List<Snag> of(Session session, Set<Snag.Subject> mended) {
        int place = session.line().at();
        return ofLine(session, mended).stream().filter(s -> s.subject() == Snag.Subject.STOCK
                || session.plan().orElseThrow().found().getOrDefault(s, 0) == place).toList();
    }

    /** Fills a box with their cards, when they are not there already. */
    public static void show(Pane box, Session session, List<Snag> snags) {
        Controls.refillWhenChanged(box, List.of(snags, session.unit()), () -> cards(session, snags));
    }

    private static List<Node> cards(Session session, List<Snag> snags) {
        List<Node> cards = new ArrayList<>();
        for (int i = 0; i < snags.size(); i++) {
            Snag snag = snags.get(i);
            Label number = new Label(String.valueOf(i + 1));
            number.getStyleClass().add("snag-number");
            Label text = Controls.label(session.words().snag(snag, session.plan().orElseThrow()));
            HBox.setHgrow(text, Priority.ALWAYS);
            HBox card = new HBox(number, text);
            card.setAccessibleRole(javafx.scene.AccessibleRole.TEXT);
            card.setAccessibleText(Texts.of(snag.gravity() == Snag.Gravity.LOOK ? "snag.card" : "snag.card.stops", i + 1, text.getText()));
            card.getStyleClass().add("snag-card");
            if (snag.gravity() != Snag.Gravity.LOOK) {
                card.getStyleClass().add("stops");
            }
            cards.add(card);
        }
        return cards;
    }
}
