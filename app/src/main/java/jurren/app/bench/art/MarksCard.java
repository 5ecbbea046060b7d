package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.snag.CutMarks;

/** In words what the look "as cut" marks, and whether the art is one piece. */
final class MarksCard {
    private final Session session;
    private final MarksDesk desk;
    private final VBox rows = Controls.card();
    private final VBox node = new VBox(Controls.caption(Texts.of("marks.title")), rows);

    MarksCard(Session session, MarksDesk desk) {
        this.session = session;
        this.desk = desk;
        node.setId("marks-card");
        rows.setId("marks");
        node.getStyleClass().add("cards");
    }

    Node node() {
        return node;
    }

    void update(boolean shown) {
        node.setVisible(shown);
        node.setManaged(shown);
        if (shown) {
            Controls.refillWhenChanged(
                    rows,
                    lines(),
                    () -> lines().stream()
                            .map(l -> Controls.label(l, "wrapped"))
                            .toList());
        }
    }

    private List<String> lines() {
        if (!session.linePlan().map(p -> p.isCut()).orElse(true)) {
            return List.of(Texts.of("marks.printed"));
        }
        Optional<CutMarks> marks = desk.marks();
        if (marks.isEmpty()) {
            return List.of(Texts.of("marks.looking"));
        }
        List<String> lines = new ArrayList<>();
        for (CutMarks.Kind kind : CutMarks.Kind.values()) {
            long count = marks.get().count(kind);
            if (count > 0) {
                lines.add(Texts.of("marks.sign." + kind) + "  " + Texts.of("marks." + kind, count));
            }
        }
        if (lines.isEmpty()) {
            lines.add(Texts.of("marks.clean"));
        }
        desk.piece().map(MarksDesk.Pieces::piece).ifPresent(p -> {
            lines.add(
                    p.isOne()
                            ? Texts.of("marks.one-piece")
                            : p.parts() == 0 ? Texts.of("marks.no-parts") : Texts.of("marks.parts", p.parts()));
            p.neck()
                    .ifPresent(n -> lines.add(Texts.of("marks.sign.NECK") + "  "
                            + Texts.of("marks.neck", session.unit().fine(n.widthMm()))));
        });
        return lines;
    }
}
