package jurren.app.window;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.AccessibleRole;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import jurren.app.session.Notices;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;

/** What is said, over the foot of the bench, the latest on top, at most three at once; each is put away by itself. */
final class NoticeBar {
    private static final int MOST = 3;

    private final Session session;
    private final VBox node = new VBox();
    private List<Notices.Notice> shown = List.of();

    NoticeBar(Session session) {
        this.session = session;
        node.setId("notices");
        node.getStyleClass().add("notices");
        node.setPickOnBounds(false);
        node.setManaged(false);
    }

    Node node() {
        return node;
    }

    void update() {
        List<Notices.Notice> all = session.notices().all();
        if (all.equals(shown)) {
            return;
        }
        shown = all;
        List<Node> rows = new ArrayList<>();
        List<Notices.Notice> latest = all.reversed();
        for (int i = 0; i < Math.min(MOST, latest.size()); i++) {
            rows.add(row(latest.get(i), i));
        }
        if (latest.size() > MOST) {
            rows.add(Controls.label(Texts.of("notice.more", latest.size() - MOST), "hint", "notice"));
        }
        Controls.refill(node, rows);
        node.setVisible(!rows.isEmpty());
        node.setManaged(!rows.isEmpty());
        if (!latest.isEmpty()) {
            // read out by whoever listens to the window
            node.setAccessibleText(latest.getFirst().sentence());
            node.notifyAccessibleAttributeChanged(javafx.scene.AccessibleAttribute.TEXT);
        }
    }

    private HBox row(Notices.Notice notice, int number) {
        Label text = Controls.label((notice.isTrouble() ? "! " : "") + notice.sentence());
        text.setAccessibleRole(AccessibleRole.TEXT);
        HBox.setHgrow(text, Priority.ALWAYS);
        text.setMaxWidth(Double.MAX_VALUE);
        HBox row = new HBox(text);
        notice.action()
                .ifPresent(a -> row.getChildren()
                        .add(Controls.button(
                                "notice-action-" + number,
                                a.words(),
                                () -> {
                                    session.notices().putAway(notice);
                                    a.run().run();
                                },
                                "small")));
        row.getChildren()
                .add(Controls.sign(
                        number == 0 ? "notice-close" : "notice-close-" + number,
                        "×",
                        Texts.of("notice.close"),
                        () -> session.notices().putAway(notice)));
        row.getStyleClass().add("notice");
        if (notice.isTrouble()) {
            row.getStyleClass().add("trouble");
        }
        return row;
    }
}
