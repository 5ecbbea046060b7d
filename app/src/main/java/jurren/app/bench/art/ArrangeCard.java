package jurren.app.bench.art;

import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.art.Arranging;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.PrintedPicture;

/** What can be done with the motifs that are chosen, as things that stand on the face. */
final class ArrangeCard {
    private final Session session;
    private final ArtActions actions;
    private final ToggleButton lock = new ToggleButton(Texts.of("arrange.lock"));
    private final ToggleButton hide = new ToggleButton(Texts.of("arrange.hide"));
    private final VBox align = new VBox(6);
    private final HBox space;
    private final Node group;
    private final Node ungroup;
    private final Node mark;
    private final Node letters;
    private final javafx.scene.control.Label caption = Controls.caption("");
    private final VBox node;

    ArrangeCard(Session session, ArtActions actions) {
        this.session = session;
        lock.setId("arrange-lock");
        hide.setId("arrange-hide");
        this.actions = actions;
        lock.setOnAction(_ -> actions.lock());
        hide.setOnAction(_ -> actions.hide());
        group = Controls.button("arrange-group", Texts.of("arrange.group"), actions::group);
        ungroup = Controls.button("arrange-ungroup", Texts.of("arrange.ungroup"), actions::ungroup);
        mark = Controls.button("arrange-mark", Texts.of("arrange.mark"), actions::addMark);
        letters = Controls.button("arrange-letters", Texts.of("letters.fill"), actions::intoLetters);
        FlowPane first = new FlowPane(lock, hide, group, ungroup, mark, letters);
        align.getChildren()
                .addAll(
                        row("arrange.line-up-across", Arranging.Edge.LEFT, Arranging.Edge.MIDDLE, Arranging.Edge.RIGHT),
                        row("arrange.line-up-down", Arranging.Edge.TOP, Arranging.Edge.CENTRE, Arranging.Edge.FOOT));
        space = new HBox(
                4,
                Controls.label(Texts.of("arrange.even-gaps")),
                Controls.spring(),
                small("space-across", Texts.of("arrange.across"), () -> actions.space(true)),
                small("space-down", Texts.of("arrange.down"), () -> actions.space(false)));
        space.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        first.getStyleClass().add("flow");
        node = new VBox(caption, Controls.card(first, align, space));
        node.getStyleClass().add("cards");
    }

    private HBox row(String key, Arranging.Edge... edges) {
        HBox row = new HBox(4, Controls.label(Texts.of(key)), Controls.spring());
        for (Arranging.Edge edge : edges) {
            row.getChildren()
                    .add(small(
                            "align-" + edge.name().toLowerCase(java.util.Locale.ROOT),
                            Texts.of("align." + edge),
                            () -> actions.align(edge)));
        }
        row.setAlignment(javafx.geometry.Pos.CENTER_LEFT);
        return row;
    }

    private static Node small(String id, String text, Runnable action) {
        var button = Controls.button(id, text, action);
        button.getStyleClass().add("small");
        return button;
    }

    Node node() {
        return node;
    }

    void update() {
        List<Motif> chosen = session.chosen();
        show(node, !chosen.isEmpty());
        if (chosen.isEmpty()) {
            return;
        }
        caption.setText(chosen.size() == 1 ? Texts.of("arrange.title") : Texts.of("arrange.several", chosen.size()));
        lock.setSelected(chosen.stream().allMatch(m -> m.standing().locked()));
        hide.setSelected(chosen.stream().allMatch(Motif::isHidden));
        show(align, chosen.size() > 1);
        show(space, chosen.size() > 2);
        show(group, chosen.size() > 1);
        show(mark, chosen.size() == 1);
        show(
                letters,
                chosen.stream().filter(m -> m.source() instanceof Lettering).count() == 1
                        && chosen.stream().anyMatch(m -> m.source() instanceof PrintedPicture));
        show(ungroup, chosen.stream().anyMatch(m -> m.standing().group().isPresent()));
    }

    private static void show(Node n, boolean visible) {
        n.setVisible(visible);
        n.setManaged(visible);
    }
}
