package jurren.app.shop;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jurren.app.session.AskFor;
import jurren.app.session.Offered;
import jurren.app.session.OwnDesk;
import jurren.app.session.Session;
import jurren.app.session.ShopDesk;
import jurren.app.sheet.FileQuestions;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.blank.Blank;
import jurren.formats.start.Start;

/** What a person measured and arranged of their own; how to make one more where there is none. */
final class ThingsPage implements ShopPage {
    private static final double CARD = 400;

    private final Session session;
    private final FileQuestions files;
    private final Consumer<Offered> ask;
    private final FlowPane all = new FlowPane(14, 14);

    /** @param ask shows what a file would bring */
    ThingsPage(Session session, FileQuestions files, Consumer<Offered> ask) {
        this.session = session;
        this.files = files;
        this.ask = ask;
        all.getChildren().setAll(Controls.label(Texts.of("shop.reading"), "hint"));
    }

    @Override
    public Node node() {
        return all;
    }

    /** With films and machines, things and starts may have changed as well. */
    @Override
    public void show(ShopDesk.State state) {
        session.own().load(this::stands);
    }

    private void stands(OwnDesk.State state) {
        List<Node> things = new ArrayList<>(List.of(Controls.label(Texts.of("things.things"), "card-title")));
        state.things().forEach(t -> things.add(thing(t)));
        if (state.things().isEmpty()) {
            things.add(Controls.label(Texts.of("things.none"), "hint"));
        }
        things.add(Controls.flow(
                Controls.button(
                        "things-measure",
                        Texts.of("things.measure"),
                        () -> all.fireEvent(new AskFor(AskFor.What.MEASURE_OWN))),
                takeIn("things-take")));
        List<Node> starts = new ArrayList<>(List.of(Controls.label(Texts.of("things.starts"), "card-title")));
        state.starts().forEach(s -> starts.add(start(s)));
        if (state.starts().isEmpty()) {
            starts.add(Controls.label(Texts.of("things.no-starts"), "hint"));
        }
        starts.add(Controls.flow(takeIn("starts-take")));
        Controls.refill(all, List.of(card(things), card(starts)));
    }

    private Node takeIn(String id) {
        return Controls.button(
                id,
                Texts.of("things.take"),
                () -> files.toOpen(FileQuestions.Kind.BLANK)
                        .ifPresent(f -> session.own().takeIn(f, ask, this::stands)));
    }

    private Node thing(Blank b) {
        return row(
                "thing-" + b.id(),
                b.name(),
                Texts.of("things.about", b.sizes().size(), b.reference().faces().size()),
                () -> files.toSave(FileQuestions.Kind.BLANK, b.id() + ".json")
                        .ifPresent(f -> session.own().giveAway(f, b)),
                () -> session.own().remove(b, this::stands));
    }

    private Node start(Start s) {
        return row(
                "own-start-" + s.id(),
                s.name(),
                s.about(),
                () -> files.toSave(FileQuestions.Kind.BLANK, s.id() + ".json")
                        .ifPresent(f -> session.own().giveAway(f, s)),
                () -> session.own().remove(s, this::stands));
    }

    private static Node row(String id, String name, String about, Runnable give, Runnable away) {
        VBox row = new VBox(3, Controls.label(name, "name"));
        if (!about.isBlank()) {
            row.getChildren().add(Controls.label(about, "hint"));
        }
        row.getChildren()
                .add(Controls.flow(
                        Controls.button(id + "-give", Texts.of("things.give"), give, "small"),
                        Controls.button(id + "-away", Texts.of("things.away"), away, "small")));
        return row;
    }

    private static VBox card(List<Node> nodes) {
        VBox card = Controls.card(nodes.toArray(Node[]::new));
        card.setMinWidth(Theme.wide(CARD));
        card.setPrefWidth(Theme.wide(CARD));
        return card;
    }
}
