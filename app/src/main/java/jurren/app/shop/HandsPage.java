package jurren.app.shop;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.session.ShopDesk;
import jurren.app.theme.Controls;
import jurren.app.theme.TextEntry;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.finish.HandTime;
import jurren.core.job.Figures;
import jurren.core.job.Prices;
import jurren.core.plan.Quote;
import jurren.formats.words.Words;

/** Who works here and what is charged, with what the open job comes to. */
final class HandsPage implements ShopPage {
    private static final double CARD = 330;
    private static final int LONGEST_SIGN = 5;

    private final Session session;
    private final Consumer<ShopDesk.State> then;
    private final FlowPane all = new FlowPane(14, 14);

    HandsPage(Session session, Consumer<ShopDesk.State> then) {
        this.session = session;
        this.then = then;
        all.getChildren().setAll(Controls.label(Texts.of("shop.reading"), "hint"));
    }

    @Override
    public Node node() {
        return all;
    }

    @Override
    public void show(ShopDesk.State state) {
        Prices p = state.mine().prices();
        FigureField fields = new FigureField(session, p.currency());
        List<Node> rows = new ArrayList<>(List.of(
                Controls.label(Texts.of("hands.page"), "card-title"), Controls.label(Texts.of("hands.hint"), "hint")));
        TextEntry sign = new TextEntry("prices-currency", Texts.of("hands.currency"), text -> {
            String is = text.strip();
            if (!is.isEmpty() && is.length() <= LONGEST_SIGN && !is.equals(p.currency())) {
                put(new Prices(
                        is,
                        p.pressHour(),
                        p.hands(),
                        p.wasteShare(),
                        p.thing(),
                        p.inkPerM2(),
                        p.marginShare(),
                        p.times()));
            }
        });
        sign.show(p.currency());
        sign.setMaxWidth(70);
        rows.add(Controls.row(Texts.of("hands.currency"), sign));
        Figures.PRICES.forEach(f -> rows.add(
                fields.row("prices", f, () -> p, Optional.of(state.shipped().prices()), this::put)));
        VBox card = Controls.card(rows.toArray(Node[]::new));
        card.setMinWidth(Theme.wide(CARD));
        Controls.refill(all, List.of(card, job(), times(state, fields)));
    }

    /** How long everything takes in this shop, by what it belongs to. */
    private Node times(ShopDesk.State state, FigureField fields) {
        Prices p = state.mine().prices();
        List<Node> rows = new ArrayList<>(List.of(
                Controls.label(Texts.of("hands.times"), "card-title"),
                Controls.label(Texts.of("hands.times.hint"), "hint")));
        for (HandTime.Group group : HandTime.Group.values()) {
            rows.add(Controls.caption(Texts.of("hands.times." + group)));
            Arrays.stream(HandTime.values())
                    .filter(t -> t.group() == group)
                    .forEach(t -> rows.add(fields.row(
                            "prices",
                            Figures.time(t),
                            () -> p,
                            Optional.of(state.shipped().prices()),
                            this::put)));
        }
        VBox card = Controls.card(rows.toArray(Node[]::new));
        card.setMinWidth(Theme.wide(CARD));
        return card;
    }

    private Node job() {
        List<Node> rows = new ArrayList<>(
                List.of(Controls.label(Texts.of("hands.job", session.job().name()), "card-title")));
        session.plan().map(p -> p.quote()).ifPresent(q -> {
            rows.add(sum("film", q.film(), q));
            rows.add(sum("work", q.pressTime(), q));
            rows.add(sum("things", q.things(), q));
            rows.add(sum("ink", q.ink(), q));
            rows.add(sum("margin", q.margin(), q));
            rows.add(sum("all", q.total(), q));
        });
        VBox card = Controls.card(rows.toArray(Node[]::new));
        card.setMinWidth(Theme.wide(CARD));
        card.setId("hands-job");
        return card;
    }

    private static Node sum(String key, double amount, Quote q) {
        Node figure = Controls.figure(Words.money(amount, q.currency()));
        figure.setId("hands-" + key);
        return Controls.row(Texts.of("hands.sum." + key), figure);
    }

    private void put(Prices p) {
        session.myShop().change(s -> s.withPrices(p), Texts.of("hands.changed"), then);
    }
}
