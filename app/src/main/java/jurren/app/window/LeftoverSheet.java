package jurren.app.window;

import java.nio.file.Path;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.keep.Leftover;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.formats.jobfile.JobRead;

/** Unsaved work that windows left behind, each with where it came from and when; nothing is thrown away unasked. */
final class LeftoverSheet {
    private static final DateTimeFormatter WHEN =
            DateTimeFormatter.ofPattern("EEE d MMM HH:mm", Locale.ENGLISH).withZone(ZoneId.systemDefault());

    private final Session session;
    private final WindowActions actions;
    private final Sheets sheets;
    private final List<Leftover> left;

    LeftoverSheet(Session session, WindowActions actions, Sheets sheets, List<Leftover> left) {
        this.session = session;
        this.actions = actions;
        this.sheets = sheets;
        this.left = new ArrayList<>(left);
    }

    void open() {
        if (left.isEmpty()) {
            sheets.close();
            return;
        }
        List<Node> content = new ArrayList<>();
        content.add(Controls.label(Texts.of("leftover.about"), "hint"));
        for (int i = 0; i < left.size(); i++) {
            content.add(row(left.get(i), i));
        }
        sheets.open(
                "leftover-sheet", Texts.of("leftover.title", left.size()), Pos.CENTER, content.toArray(Node[]::new));
    }

    private Node row(Leftover l, int number) {
        String source = l.source().map(Path::toString).orElseGet(() -> Texts.of("leftover.never-saved"));
        HBox buttons = new HBox();
        buttons.getStyleClass().add("buttons");
        String name = switch (l.read()) {
            case JobRead.Opened o -> {
                buttons.getChildren()
                        .add(Controls.button(
                                "leftover-take-" + number,
                                Texts.of("leftover.take"),
                                () -> actions.afterUnsaved(() -> {
                                    sheets.closeAll();
                                    session.files().bringBack(l, o.document());
                                    session.notices().say(Texts.of("window.brought-back"));
                                }),
                                number == 0 ? "primary" : "secondary"));
                yield o.document().job().name();
            }
            case JobRead.Refused r -> session.words().refusal(r.refusal());
        };
        buttons.getChildren()
                .add(Controls.button(
                        "leftover-drop-" + number,
                        Texts.of("leftover.drop"),
                        () -> sheets.askRemove(name, () -> {
                            session.files().recovery().throwAway(l);
                            left.remove(l);
                            open();
                        })));
        return Controls.card(
                new VBox(
                        4,
                        Controls.label(name, "card-title"),
                        Controls.label(source),
                        Controls.figure(WHEN.format(l.at()))),
                buttons);
    }
}
