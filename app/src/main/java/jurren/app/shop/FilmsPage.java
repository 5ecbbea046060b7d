package jurren.app.shop;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.session.ShopDesk;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.TextEntry;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.job.Figure;
import jurren.core.job.Figures;
import jurren.core.job.MyShop;
import jurren.core.material.Material;
import jurren.core.material.Peel;
import jurren.core.material.Pressure;
import jurren.core.material.Recipe;
import jurren.formats.words.Words;

/** Every figure of every film; what was tuned is marked and can go back, and a film of one's own begins as a copy. */
final class FilmsPage implements ShopPage {
    private static final double LIST = 228;
    private static final double LIST_HEIGHT = 500;
    private static final double CARD = 312;
    private static final List<String> CUT = List.of("force", "speed", "blade-out", "passes");
    private static final List<String> FILM = List.of("price", "thickness", "least-part");

    private final Session session;
    private final Consumer<ShopDesk.State> then;
    private final VBox list = new VBox(1);
    private final VBox cards = new VBox(10);
    private final HBox both;
    private final FilmColours colours;
    private String chosen;
    private ShopDesk.State state;

    FilmsPage(Session session, Consumer<ShopDesk.State> then) {
        this.session = session;
        this.then = then;
        this.chosen = session.line().materialId();
        this.colours = new FilmColours(session, this::change, () -> show(state));
        ScrollPane scroll = new ScrollPane(list);
        scroll.setFitToWidth(true);
        scroll.setMinWidth(Theme.wide(LIST));
        scroll.setPrefSize(Theme.wide(LIST), LIST_HEIGHT);
        scroll.getStyleClass().add("column-scroll");
        HBox.setHgrow(cards, Priority.ALWAYS);
        both = new HBox(14, scroll, cards);
        cards.getChildren().setAll(Controls.label(Texts.of("shop.reading"), "hint"));
    }

    @Override
    public Node node() {
        return both;
    }

    @Override
    public void show(ShopDesk.State now) {
        state = now;
        List<Material> all = films();
        Material film =
                all.stream().filter(m -> m.id().equals(chosen)).findFirst().orElse(all.getFirst());
        chosen = film.id();
        Map<String, List<Material>> byWay = new LinkedHashMap<>();
        all.forEach(m -> byWay.computeIfAbsent(Words.process(m.process()), _ -> new ArrayList<>())
                .add(m));
        List<Node> rows = new ArrayList<>();
        byWay.forEach((way, of) -> {
            rows.add(Controls.label(way, "caption"));
            of.forEach(m -> rows.add(entry(m)));
        });
        Controls.refill(list, rows);
        Controls.refill(cards, film(film));
    }

    private List<Material> films() {
        return state.shipped().with(state.mine().withoutForces()).materials();
    }

    private Optional<Material> shipped(Material m) {
        return state.shipped().material(m.id());
    }

    private boolean isTuned(Material m) {
        return shipped(m).filter(s -> !s.equals(m)).isPresent();
    }

    private Node entry(Material m) {
        Label name = Controls.label(m.name(), "name");
        name.setWrapText(false);
        HBox face = new HBox(6, name, Controls.spring());
        face.setAlignment(Pos.CENTER_LEFT);
        if (isTuned(m) || shipped(m).isEmpty()) {
            Label tag = Controls.label(Texts.of(shipped(m).isEmpty() ? "shop.own" : "figure.tuned"), "tag");
            tag.setWrapText(false);
            tag.setMinWidth(Region.USE_PREF_SIZE);
            face.getChildren().add(tag);
        }
        Button b = new Button();
        b.setId("film-" + m.id());
        b.setGraphic(face);
        b.setAccessibleText(m.name());
        b.getStyleClass().setAll("stock");
        if (m.id().equals(chosen)) {
            b.getStyleClass().add("chosen");
        }
        b.setMaxWidth(Double.MAX_VALUE);
        b.setOnAction(_ -> {
            chosen = m.id();
            show(state);
        });
        return b;
    }

    private List<Node> film(Material m) {
        List<Node> facts = new ArrayList<>(List.of(name(m), Controls.label(about(m), "hint")));
        facts.addAll(colours.of(m));
        List<Node> cut = new ArrayList<>(List.of(Controls.caption(Texts.of("shop.cut"))));
        List<Node> press = new ArrayList<>(List.of(Controls.caption(Texts.of("shop.press"))));
        FigureField fields = new FigureField(session, state.mine().prices().currency());
        for (Figure<Material> f : Figures.film(m)) {
            Node row = fields.row("film", f, () -> m, shipped(m), changed -> change(changed));
            (FILM.contains(f.id()) ? facts : CUT.contains(f.id()) ? cut : press).add(row);
        }
        m.recipe().ifPresent(r -> press.addAll(asked(m, r)));
        VBox left = new VBox(10, card(facts), card(cut));
        VBox right = new VBox(10);
        if (m.recipe().isPresent()) {
            right.getChildren().add(card(press));
        } else {
            right.getChildren()
                    .add(card(List.of(
                            Controls.caption(Texts.of("shop.press")),
                            Controls.label(Texts.of("shop.laid-cold"), "hint"))));
        }
        right.getChildren().add(card(note(m)));
        FlowPane columns = new FlowPane(10, 10, left, right);
        return List.of(columns, actions(m));
    }

    private static VBox card(List<Node> nodes) {
        VBox card = Controls.card(nodes.toArray(Node[]::new));
        card.setMinWidth(Theme.wide(CARD));
        card.setPrefWidth(Theme.wide(CARD));
        return card;
    }

    private Node name(Material m) {
        if (shipped(m).isPresent()) {
            return Controls.label(m.name(), "card-title");
        }
        TextEntry name = new TextEntry("film-name", Texts.of("shop.film-name"), text -> {
            if (!text.isBlank()) {
                change(m.named(m.id(), text.strip()));
            }
        });
        name.show(m.name());
        return name;
    }

    private String about(Material m) {
        return shipped(m).isEmpty()
                ? Texts.of("shop.is-own", Words.process(m.process()))
                : isTuned(m)
                        ? Texts.of(
                                "shop.is-tuned",
                                Figures.tuned(shipped(m).get(), m).size())
                        : Texts.of("shop.is-shipped");
    }

    /** What has no number: how firmly, when the carrier comes off, and whether anything may be pressed after it. */
    private List<Node> asked(Material m, Recipe r) {
        Controls.Choice<Pressure> pressure = new Controls.Choice<>(
                "film-pressure",
                Texts.of("shop.pressure"),
                List.of(Pressure.values()),
                p -> Texts.of("shop.pressure." + p.name()),
                p -> change(
                        m,
                        new Recipe(
                                r.celsius(),
                                r.leastCelsius(),
                                r.mostCelsius(),
                                r.leastS(),
                                r.mostS(),
                                r.mostTotalS(),
                                r.tackS(),
                                r.againS(),
                                p,
                                r.peel(),
                                r.once())));
        pressure.show(r.pressure());
        Controls.Choice<Peel> peel = new Controls.Choice<>(
                "film-peel",
                Texts.of("shop.peel"),
                List.of(Peel.values()),
                p -> Texts.of("shop.peel." + p.name()),
                p -> change(
                        m,
                        new Recipe(
                                r.celsius(),
                                r.leastCelsius(),
                                r.mostCelsius(),
                                r.leastS(),
                                r.mostS(),
                                r.mostTotalS(),
                                r.tackS(),
                                r.againS(),
                                r.pressure(),
                                p,
                                r.once())));
        peel.show(r.peel());
        return List.of(Controls.row(Texts.of("shop.pressure"), pressure), Controls.row(Texts.of("shop.peel"), peel));
    }

    private void change(Material m, Recipe r) {
        change(m.with(m.thicknessMm(), m.leastStrokeMm(), Optional.of(r), m.cutting(), m.pricePerMetre()));
    }

    private List<Node> note(Material m) {
        TextArea text = Sheets.kept(new TextArea(state.mine().notes().getOrDefault(m.id(), "")));
        text.setId("film-note");
        text.setAccessibleText(Texts.of("shop.note"));
        text.setPromptText(Texts.of("shop.note.hint"));
        text.setPrefRowCount(3);
        text.setWrapText(true);
        text.focusedProperty().addListener((_, _, focused) -> {
            if (!focused && !text.getText().strip().equals(state.mine().notes().getOrDefault(m.id(), ""))) {
                session.myShop()
                        .change(
                                s -> s.withNote(m.id(), text.getText().strip()),
                                Texts.of("shop.noted", m.name()),
                                then);
            }
        });
        return List.of(Controls.caption(Texts.of("shop.note")), text);
    }

    private Node actions(Material m) {
        List<Node> all =
                new ArrayList<>(List.of(Controls.button("film-copy", Texts.of("shop.film-copy"), () -> copy(m))));
        if (isTuned(m)) {
            all.add(Controls.button(
                    "film-as-shipped",
                    Texts.of("shop.as-shipped"),
                    () -> session.myShop()
                            .change(s -> s.withoutFilm(m.id()), Texts.of("shop.back-as-shipped", m.name()), then)));
        } else if (shipped(m).isEmpty()) {
            Button away = Controls.button(
                    "film-away",
                    Texts.of("shop.film-away"),
                    () -> session.myShop()
                            .change(s -> s.withoutFilm(m.id()), Texts.of("shop.film-gone", m.name()), then));
            boolean used = session.job().lines().stream()
                    .anyMatch(
                            l -> java.util.stream.IntStream.range(0, l.places().size())
                                    .anyMatch(i -> l.at(i).materials().contains(m.id())));
            away.setDisable(used);
            all.add(away);
            if (used) {
                all.add(Controls.label(Texts.of("shop.film-used"), "hint"));
            }
        }
        return Controls.flow(all.toArray(Node[]::new));
    }

    private void copy(Material m) {
        List<Material> all = films();
        String id = m.id();
        String name = m.name();
        for (int n = 2; ; n++) {
            String nextId = m.id().replaceFirst("-own(-\\d+)?$", "") + "-own" + (n == 2 ? "" : "-" + n);
            String nextName = Texts.of("shop.copy-of", m.name(), n);
            if (all.stream().noneMatch(x -> x.id().equals(nextId) || x.name().equals(nextName))) {
                id = nextId;
                name = nextName;
                break;
            }
        }
        Material own = m.named(id, name);
        chosen = own.id();
        session.myShop().change(s -> s.withFilm(own), Texts.of("shop.film-made", name), then);
    }

    private void change(Material m) {
        session.myShop().change(s -> tuned(s, m), Texts.of("shop.film-changed", m.name()), then);
    }

    /** A film that is as it was shipped again needs no entry of its own. */
    private MyShop tuned(MyShop s, Material m) {
        return shipped(m).filter(m::equals).isPresent() ? s.withoutFilm(m.id()) : s.withFilm(m);
    }
}
