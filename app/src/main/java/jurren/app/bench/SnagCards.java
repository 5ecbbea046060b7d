package jurren.app.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.cure.Cure;
import jurren.core.plan.Plan;
import jurren.core.snag.Snag;

/** The snags that belong to a bench, numbered as they are marked in its picture, each with what mends it. */
public final class SnagCards {
    /** The pointing that a box has given the keyboard for. */
    private static final String HEEDED = "snag-heeded";

    private SnagCards() {}

    /** Those of the open line at all its places; of the whole job where a bench is about the whole job. */
    public static List<Snag> ofLine(Session session, Set<Snag.Subject> mended) {
        return session.plan().map(Plan::snags).orElse(List.of()).stream()
                .filter(s -> mended.contains(s.subject()))
                .filter(s -> s.subject() == Snag.Subject.STOCK
                        || s.line().equals(session.line().id()))
                .toList();
    }

    /** Those of the open place. */
    public static List<Snag> of(Session session, Set<Snag.Subject> mended) {
        int place = session.line().at();
        return ofLine(session, mended).stream()
                .filter(s -> s.subject() == Snag.Subject.STOCK
                        || session.plan().orElseThrow().found().getOrDefault(s, 0) == place)
                .toList();
    }

    /** Fills a box with their cards, when they are not there already. */
    public static void show(Pane box, Session session, List<Snag> snags) {
        List<List<Cure>> cures = snags.stream().map(session.snags()::cures).toList();
        Controls.refillWhenChanged(box, List.of(snags, cures, session.unit()), () -> cards(session, snags));
        // an empty box would still take the gap to what follows
        box.setManaged(!snags.isEmpty());
        box.setVisible(!snags.isEmpty());
        heed(box, session, snags);
    }

    /** The snag that was pointed to has the keyboard: its first cure, or its card while there is none. */
    private static void heed(Pane box, Session session, List<Snag> snags) {
        int at = session.snags().pointed().map(snags::indexOf).orElse(-1);
        if (at < 0 || at >= box.getChildren().size()) {
            return;
        }
        Node card = box.getChildren().get(at);
        Node cure = card.lookup(".cure");
        boolean heeded = Integer.valueOf(session.snags().times())
                .equals(box.getProperties().get(HEEDED));
        // when another plan comes the cures go for a moment, and the card keeps the keyboard for them
        if (heeded && !(card.isFocused() && cure != null)) {
            return;
        }
        if (cure != null) {
            box.getProperties().put(HEEDED, session.snags().times());
        }
        Node wanted = cure == null ? card : cure;
        javafx.application.Platform.runLater(wanted::requestFocus);
    }

    private static List<Node> cards(Session session, List<Snag> snags) {
        List<Node> cards = new ArrayList<>();
        for (int i = 0; i < snags.size(); i++) {
            cards.add(card(session, snags.get(i), i + 1, sameKind(snags, snags.get(i)) > 1 && isFirst(snags, i)));
        }
        return cards;
    }

    private static long sameKind(List<Snag> snags, Snag snag) {
        return snags.stream().filter(s -> s.getClass() == snag.getClass()).count();
    }

    private static boolean isFirst(List<Snag> snags, int at) {
        return snags.subList(0, at).stream()
                .noneMatch(s -> s.getClass() == snags.get(at).getClass());
    }

    private static Node card(Session session, Snag snag, int number, boolean offersAll) {
        Label sign = new Label(String.valueOf(number));
        sign.getStyleClass().add("snag-number");
        Label text = Controls.label(session.words()
                .snag(snag, session.plan().orElseThrow(), session.snags().remedies()));
        VBox right = new VBox(text);
        right.getStyleClass().add("snag-right");
        HBox.setHgrow(right, Priority.ALWAYS);
        List<Cure> cures = session.snags().cures(snag);
        if (!cures.isEmpty()) {
            FlowPane buttons = new FlowPane();
            buttons.getStyleClass().add("cures");
            for (int i = 0; i < cures.size(); i++) {
                buttons.getChildren().add(button(session, cures.get(i), "cure-" + number + "-" + (i + 1)));
            }
            if (offersAll) {
                Button all = Controls.button(
                        "cure-all-" + number,
                        Texts.of("snag.all"),
                        () -> session.snags().takeAll(snag.getClass()),
                        "quiet");
                all.setAccessibleText(Texts.of("snag.all.about"));
                all.setTooltip(new javafx.scene.control.Tooltip(Texts.of("snag.all.about")));
                buttons.getChildren().add(all);
            }
            right.getChildren().add(buttons);
        }
        HBox card = new HBox(sign, right);
        card.setId("snag-" + number);
        card.setFocusTraversable(true);
        card.setAccessibleRole(AccessibleRole.TEXT);
        card.setAccessibleText(Texts.of(
                snag.gravity() == Snag.Gravity.LOOK ? "snag.card" : "snag.card.stops", number, text.getText()));
        card.getStyleClass().add("snag-card");
        if (snag.gravity() != Snag.Gravity.LOOK) {
            card.getStyleClass().add("stops");
        }
        card.setOnMouseClicked(_ -> session.snags().point(snag));
        card.setOnKeyPressed(e -> {
            if (e.getCode() == KeyCode.ENTER && e.getTarget() == card) {
                session.snags().point(snag);
                e.consume();
            }
        });
        return card;
    }

    private static Button button(Session session, Cure cure, String id) {
        Button button = Controls.button(
                id, session.words().cure(cure), () -> session.snags().take(cure), "cure");
        button.hoverProperty().addListener((_, _, over) -> shown(session, button, cure, over || button.isFocused()));
        button.focusedProperty()
                .addListener((_, _, focused) -> shown(session, button, cure, focused || button.isHover()));
        return button;
    }

    private static void shown(Session session, Button by, Cure cure, boolean shown) {
        if (shown) {
            session.snags().show(by, cure);
        } else {
            session.snags().hide(by);
        }
    }
}
