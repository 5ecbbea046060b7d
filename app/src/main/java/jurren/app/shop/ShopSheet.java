package jurren.app.shop;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import jurren.app.session.Offered;
import jurren.app.session.Session;
import jurren.app.session.ShopDesk;
import jurren.app.sheet.FileQuestions;
import jurren.app.sheet.Sheets;
import jurren.app.shelf.ShelfPage;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;

/** My shop: the shelf, the films, the machines, and what hands and things cost. */
public final class ShopSheet {
    /** What can be looked at. */
    public enum Page {
        SHELF,
        FILMS,
        MACHINES,
        THINGS,
        HANDS
    }

    private static final double WIDTH = 880;
    private static final double ROOM_TO_SCROLL = 14;
    private static final double LEAST_HEIGHT = 520;

    private final Session session;
    private final Sheets sheets;
    private final FileQuestions files;
    private final StackPane holder = new StackPane();
    private final FilmsPage films;
    private final MachinesPage machines;
    private final HandsPage hands;
    private final ThingsPage things;
    private final Runnable refresh = this::refresh;
    private Optional<ShelfPage> shelf = Optional.empty();
    private Optional<ShopDesk.State> state = Optional.empty();
    private Optional<ShopPage> shown = Optional.empty();
    private final HBox last = new HBox(8);
    private Object seen = "";

    public ShopSheet(Session session, Sheets sheets, FileQuestions files) {
        this.session = session;
        this.sheets = sheets;
        this.files = files;
        this.films = new FilmsPage(session, this::stands);
        this.machines = new MachinesPage(session, this::stands);
        this.hands = new HandsPage(session, this::stands);
        this.things = new ThingsPage(session, files, this::ask);
    }

    public void open(Page first) {
        holder.setPrefWidth(WIDTH + ROOM_TO_SCROLL);
        holder.setMinHeight(LEAST_HEIGHT);
        holder.setAlignment(Pos.TOP_LEFT);
        Controls.Segments<Page> pages = Controls.segments(
                "shop-page", List.of(Page.values()), p -> Texts.of("shop.page." + p.name()), this::turnTo);
        pages.setAccessibleText(Texts.of("shop.title"));
        pages.show(first);
        FlowPane head = Controls.flow(
                pages,
                Controls.button(
                        "shop-give",
                        Texts.of("shop.give"),
                        () -> files.toSave(FileQuestions.Kind.SHOP, "my-shop.json")
                                .ifPresent(session.myShop()::giveAway)),
                Controls.button(
                        "shop-take",
                        Texts.of("shop.take"),
                        () -> files.toOpen(FileQuestions.Kind.SHOP)
                                .ifPresent(f -> session.myShop().takeIn(f, this::ask, this::stands))));
        session.watch(refresh);
        turnTo(first);
        last.setAlignment(Pos.CENTER_LEFT);
        sheets.open("shop-sheet", Texts.of("shop.title"), Pos.CENTER, this::close, head, last, holder);
        session.myShop().load(this::stands);
    }

    private void ask(Offered offered) {
        sheets.ask(
                "offer-sheet",
                Texts.of("offer.title", offered.file().getFileName()),
                offered.text(),
                new Sheets.Answer("offer-take", Texts.of("offer.take"), offered.take()),
                new Sheets.Answer("offer-leave", Texts.of("offer.leave"), () -> {}));
    }

    private void close() {
        session.unwatch(refresh);
        shelf.ifPresent(ShelfPage::close);
    }

    private void turnTo(Page page) {
        shelf.ifPresent(ShelfPage::close);
        shelf = Optional.empty();
        shown = switch (page) {
            case SHELF -> Optional.empty();
            case FILMS -> Optional.of(films);
            case MACHINES -> Optional.of(machines);
            case HANDS -> Optional.of(hands);
            case THINGS -> Optional.of(things);
        };
        Node node = shown.map(ShopPage::node).orElseGet(() -> {
            ShelfPage opened = new ShelfPage(session, files);
            shelf = Optional.of(opened);
            return opened.node();
        });
        holder.getChildren().setAll(node);
        showState();
    }

    private void stands(ShopDesk.State now) {
        state = Optional.of(now);
        now.refused().stream()
                .findFirst()
                .filter(_ -> seen.equals(""))
                .ifPresent(r -> session.notices().trouble(session.words().refusal(r)));
        showState();
    }

    /** The unit of lengths or degrees may have changed, and with a new plan what things cost. */
    private void refresh() {
        Object now = List.of(
                session.unit(),
                session.settings().units().heat(),
                session.shop().blanks().size(),
                session.own().starts().size(),
                session.plan().map(p -> (Object) p.quote()).orElse(""));
        if (!now.equals(seen)) {
            seen = now;
            showState();
        }
    }

    private void showState() {
        state.ifPresent(s -> shown.ifPresent(p -> p.show(s)));
        last.getChildren()
                .setAll(session.myShop()
                        .last()
                        .filter(_ -> shown.isPresent())
                        .map(l -> List.<Node>of(
                                Controls.label(l.sentence(), "means"),
                                Controls.spring(),
                                Controls.button("shop-put-back", Texts.of("shop.back"), l.back(), "small")))
                        .orElse(List.of()));
    }
}
