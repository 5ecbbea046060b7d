package jurren.app.bench.art;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.formats.start.Start;

/** The starts there are, each opening its sheet, and how to make one more. */
final class StartList {
    private final Session session;
    private final VBox starts = new VBox(2);
    private final VBox node;
    private List<String> shown = List.of();

    StartList(Session session) {
        this.session = session;
        FlowPane own = new FlowPane(Controls.button(
                "save-start", Texts.of("start.save-own"), () -> starts.fireEvent(new AskFor(AskFor.What.SAVE_START))));
        own.getStyleClass().add("flow");
        node = new VBox(Controls.caption(Texts.of("start.from")), Controls.card(starts, own));
        node.getStyleClass().add("cards");
        refresh();
    }

    Node node() {
        return node;
    }

    /** Read again when one was saved or removed. */
    void refresh() {
        List<Start> all = session.own().starts();
        List<String> names = all.stream().map(Start::name).toList();
        if (names.equals(shown)) {
            return;
        }
        shown = names;
        starts.getChildren()
                .setAll(all.stream()
                        .map(s -> {
                            var button = Controls.button(
                                    "start-" + s.id(),
                                    s.name(),
                                    () -> starts.fireEvent(new AskFor(AskFor.What.START, s.id())));
                            button.getStyleClass().add("start-button");
                            button.setTooltip(new Tooltip(s.about()));
                            return button;
                        })
                        .toList());
    }
}
