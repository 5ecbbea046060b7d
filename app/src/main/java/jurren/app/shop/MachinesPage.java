package jurren.app.shop;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.cutter.LinkCheck;
import jurren.app.cutter.WatchedFolder;
import jurren.app.desk.Order;
import jurren.app.session.Session;
import jurren.app.session.ShopDesk;
import jurren.app.theme.Controls;
import jurren.app.theme.TextEntry;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.finish.Press;
import jurren.core.job.Figures;
import jurren.core.job.MyShop;
import jurren.core.load.Connection;
import jurren.core.load.Cutter;
import jurren.core.load.Dialect;
import jurren.core.load.Feed;
import jurren.core.load.Head;
import jurren.core.load.Printer;
import jurren.core.load.Sensors;
import jurren.core.load.SerialSettings;
import jurren.core.material.Material;
import jurren.formats.catalogue.BuiltInShop;

/** The cutters, presses and the printer that are really there. */
final class MachinesPage implements ShopPage {
    private static final double CARD = 280;
    /** Of no meaning to a cutter with mats. */
    private static final Set<String> OFF_A_ROLL = Set.of("narrowest", "rollers");

    private static final List<Double> UNITS_MM = List.of(0.01, Dialect.USUAL_UNIT_MM, 0.0254, 0.05, 0.1);

    private final Session session;
    private final Consumer<ShopDesk.State> then;
    private final VBox all = new VBox(8);
    private final Map<String, Connection.Kind> reached = new HashMap<>();
    private ShopDesk.State state;
    private FigureField fields;

    MachinesPage(Session session, Consumer<ShopDesk.State> then) {
        this.session = session;
        this.then = then;
        this.fields = new FigureField(session, "");
        all.getChildren().setAll(Controls.label(Texts.of("shop.reading"), "hint"));
    }

    @Override
    public Node node() {
        return all;
    }

    @Override
    public void show(ShopDesk.State now) {
        state = now;
        fields = new FigureField(session, now.mine().prices().currency());
        FlowPane cutters = new FlowPane(10, 10);
        now.mine().cutters().forEach(c -> cutters.getChildren().add(cutter(c)));
        FlowPane presses = new FlowPane(10, 10);
        now.mine().presses().forEach(p -> presses.getChildren().add(press(p)));
        FlowPane printers = new FlowPane(10, 10);
        now.mine().printers().forEach(p -> printers.getChildren().add(printer(p)));
        Controls.refill(
                all,
                List.of(
                        Controls.label(Texts.of("machines.cutters"), "hint"),
                        cutters,
                        Controls.label(Texts.of("machines.presses"), "hint"),
                        presses,
                        Controls.label(Texts.of("machines.printers"), "hint"),
                        printers));
    }

    private void change(java.util.function.UnaryOperator<MyShop> change, String key, String name) {
        session.myShop().change(change, Texts.of(key, name), then);
    }

    private static VBox card(List<Node> nodes) {
        VBox card = Controls.card(nodes.toArray(Node[]::new));
        card.setMinWidth(Theme.wide(CARD));
        card.setPrefWidth(Theme.wide(CARD));
        return card;
    }

    private Node name(String id, String name, Consumer<String> taken) {
        TextEntry entry = new TextEntry(id + "-name", Texts.of("machines.name"), text -> {
            if (!text.isBlank() && !text.strip().equals(name)) {
                taken.accept(text.strip());
            }
        });
        entry.getStyleClass().add("card-title");
        entry.show(name);
        return entry;
    }

    private Node cutter(Cutter c) {
        boolean inUse = state.mine().cutters().getFirst().id().equals(c.id());
        String id = "cutter-" + c.id();
        Optional<Cutter> shipped = state.shipped().cutters().stream()
                .filter(x -> x.id().equals(c.id()))
                .findFirst();
        List<Node> rows = new ArrayList<>(List.of(name(id, c.name(), text -> put(c.named(c.id(), text)))));
        rows.add(
                inUse
                        ? Controls.label(Texts.of("machines.in-use"), "means")
                        : Controls.button(id + "-use", Texts.of("machines.use"), () -> use(c)));
        Figures.CUTTER.stream()
                .filter(f -> !c.isOnMats() || !OFF_A_ROLL.contains(f.id()))
                .forEach(f -> rows.add(fields.row(id, f, () -> c, shipped, this::put)));
        if (!c.isOnMats()) {
            rows.add(zones(id, c));
        }
        rows.addAll(reach(id, c));
        rows.addAll(speech(id, c));
        rows.add(tick(
                id + "-finds-marks",
                "machines.finds-marks",
                c.senses().marks(),
                on -> put(c.withSenses(new Sensors(on, c.senses().width())))));
        rows.add(tick(
                id + "-tells-width",
                "machines.tells-width",
                c.senses().width(),
                on -> put(c.withSenses(new Sensors(c.senses().marks(), on)))));
        Head h = c.head();
        rows.add(tick(id + "-swings", "machines.swings", h.swings(), on -> put(c.withHead(h.withSwings(on)))));
        rows.add(tick(
                id + "-takes-force",
                "machines.takes-force",
                h.takesForce(),
                on -> put(c.withHead(h.withTakesForce(on)))));
        rows.addAll(knives(id, c));
        rows.add(Controls.label(
                Texts.of(c.head().needsSwivel() ? "machines.file-swivels" : "machines.machine-swivels"), "hint"));
        rows.add(Controls.flow(
                Controls.button(
                        id + "-another",
                        Texts.of("machines.another"),
                        () -> change(s -> s.withCutters(with(s.cutters(), another(s, c))), "machines.added", c.name())),
                away(
                        id,
                        state.mine().cutters().size() > 1,
                        () -> change(
                                s -> s.withCutters(without(s.cutters(), x -> x.id().equals(c.id()))),
                                "machines.gone",
                                c.name()))));
        return card(rows);
    }

    /** The usual one and those that films have of their own. */
    private List<Node> knives(String id, Cutter c) {
        MyShop mine = state.mine();
        List<Node> rows = new ArrayList<>(List.of(knife(Texts.of("machines.knife"), c, c.id(), id + "-new-knife")));
        List<Material> films = session.shop().materials();
        List<String> own = mine.ownKnives(c.id());
        films.stream().filter(f -> own.contains(f.id())).forEach(f -> {
            rows.add(knife(f.name(), c, MyShop.pair(c.id(), f.id()), id + "-new-knife-" + f.id()));
            rows.add(Controls.flow(Controls.button(
                    id + "-usual-knife-" + f.id(),
                    Texts.of("machines.usual-knife", f.name()),
                    () -> change(s -> s.withoutKnife(MyShop.pair(c.id(), f.id())), "machines.knife-gone", f.name()),
                    "small")));
        });
        Controls.Choice<Material> more = new Controls.Choice<>(
                id + "-own-knife",
                Texts.of("machines.own-knife"),
                films.stream().filter(f -> !own.contains(f.id())).toList(),
                Material::name,
                f -> change(s -> s.withKnife(MyShop.pair(c.id(), f.id()), 0), "machines.knife-added", f.name()));
        more.setPromptText(Texts.of("machines.own-knife.choose"));
        rows.add(Controls.row(Texts.of("machines.own-knife"), more));
        return rows;
    }

    private Node knife(String name, Cutter c, String key, String button) {
        double went = state.mine().knifeMm(key);
        HBox knife = new HBox(
                6,
                Controls.figure(
                        went == 0
                                ? Texts.of("machines.knife-new")
                                : Texts.of("machines.knife-went", session.unit().far(went))));
        knife.setAlignment(Pos.CENTER_RIGHT);
        if (went > 0) {
            knife.getChildren()
                    .add(Controls.button(
                            button,
                            Texts.of("machines.new-knife"),
                            () -> change(s -> s.withKnife(key, 0), "machines.knife-changed", c.name()),
                            "small"));
        }
        return Controls.row(name, knife);
    }

    private static Node tick(String id, String key, boolean on, Consumer<Boolean> then) {
        CheckBox box = new CheckBox(Texts.of(key));
        box.setId(id);
        box.setWrapText(true);
        box.setSelected(on);
        box.setOnAction(_ -> then.accept(box.isSelected()));
        return box;
    }

    /** Where the movable roller may stand, as stretches across; nothing for anywhere. */
    private Node zones(String id, Cutter c) {
        String now = c.feed().zones().stream()
                .map(z ->
                        session.unit().number(z.fromMm()) + "-" + session.unit().number(z.toMm()))
                .collect(Collectors.joining(", "));
        TextEntry entry = new TextEntry(id + "-zones", Texts.of("machines.zones"), text -> {
            if (text.strip().equals(now)) {
                return;
            }
            try {
                put(c.withFeed(c.feed().withZones(zones(text))));
            } catch (IllegalArgumentException e) {
                session.notices()
                        .trouble(Texts.of(
                                "machines.zones.how",
                                text,
                                session.unit().number(0) + "-" + session.unit().number(95) + ", "
                                        + session.unit().number(240) + "-"
                                        + session.unit().number(330)));
                show(state);
            }
        });
        entry.show(now);
        entry.setPromptText(Texts.of("machines.zones.anywhere"));
        return Controls.row(Texts.of("machines.zones"), entry);
    }

    private List<Feed.Zone> zones(String text) {
        return text.isBlank()
                ? List.of()
                : Stream.of(text.split("[,;]\\s+|;"))
                        .map(part -> {
                            String[] ends = part.strip().split("\\s*[-\u2013]\\s*", 2);
                            if (ends.length < 2) {
                                throw new IllegalArgumentException(part);
                            }
                            // what is said of the end is meant of the beginning too
                            String unit = ends[1].replaceFirst("^[0-9.,/ ]*", "");
                            return new Feed.Zone(
                                    session.unit()
                                            .parse(ends[0].matches("[0-9.,/ ]*") ? ends[0] + unit : ends[0])
                                            .orElseThrow(() -> new IllegalArgumentException(part)),
                                    session.unit()
                                            .parse(ends[1])
                                            .orElseThrow(() -> new IllegalArgumentException(part)));
                        })
                        .toList();
    }

    /** How it wants its files told. */
    private List<Node> speech(String id, Cutter c) {
        Dialect now = c.speech();
        List<Double> counts = UNITS_MM.contains(now.unitMm()) ? UNITS_MM : with(UNITS_MM, now.unitMm());
        Controls.Choice<Double> unit = new Controls.Choice<>(
                id + "-unit",
                Texts.of("machines.unit"),
                counts,
                mm -> Texts.of("machines.unit-of", mm),
                v -> put(c.withSpeech(now.withUnit(v))));
        unit.show(now.unitMm());
        return List.of(
                oneOf(
                        id + "-start",
                        Texts.of("machines.speech"),
                        v -> Texts.of("machines.start." + v),
                        Dialect.Start.values(),
                        now.start(),
                        v -> put(c.withSpeech(now.withStart(v)))),
                Controls.row(Texts.of("machines.unit"), unit),
                oneOf(
                        id + "-moves",
                        Texts.of("machines.moves"),
                        v -> Texts.of("machines.moves." + v),
                        Dialect.Moves.values(),
                        now.moves(),
                        v -> put(c.withSpeech(now.withMoves(v)))),
                oneOf(
                        id + "-ending",
                        Texts.of("machines.ending"),
                        v -> Texts.of("machines.ending." + v),
                        Dialect.Ending.values(),
                        now.ending(),
                        v -> put(c.withSpeech(now.withEnding(v)))),
                oneOf(
                        id + "-answers",
                        Texts.of("machines.asked"),
                        v -> Texts.of("machines.asked." + v),
                        Dialect.Answers.values(),
                        now.answers(),
                        v -> put(c.withSpeech(now.withAnswers(v)))),
                tick(id + "-arcs", "machines.arcs", now.arcs(), on -> put(c.withSpeech(now.withArcs(on)))));
    }

    private static <T> Node oneOf(
            String id, String name, Function<T, String> words, T[] all, T now, Consumer<T> chosen) {
        Controls.Choice<T> choice = new Controls.Choice<>(id, name, List.of(all), words, chosen);
        choice.show(now);
        return Controls.row(name, choice);
    }

    /** How files get to it; the way counts once it says where. */
    private List<Node> reach(String id, Cutter c) {
        Connection.Kind kind = reached.getOrDefault(c.id(), c.reach().kind());
        Controls.Choice<Connection.Kind> kinds = new Controls.Choice<>(
                id + "-reach",
                Texts.of("machines.reach"),
                List.of(Connection.Kind.values()),
                k -> Texts.of("machines.reach." + k.name()),
                k -> {
                    reached.put(c.id(), k);
                    if (k == Connection.Kind.STAND_IN) {
                        put(c.withReach(Connection.STAND_IN));
                    } else {
                        show(state);
                    }
                });
        kinds.show(kind);
        List<Node> rows = new ArrayList<>(List.of(Controls.row(Texts.of("machines.reach"), kinds)));
        if (kind != Connection.Kind.STAND_IN) {
            Label says = Controls.label(
                    Texts.of(kind == c.reach().kind() ? "machines.reached" : "machines.where." + kind.name()), "hint");
            TextEntry where = new TextEntry(
                    id + "-where", Texts.of("machines.where"), text -> where(c, kind, text.strip(), says));
            where.show(
                    kind != c.reach().kind()
                            ? ""
                            : kind == Connection.Kind.SERIAL
                                    ? c.reach().serial().port()
                                    : c.reach().where());
            where.setPromptText(Texts.of("machines.where.hint." + kind.name()));
            rows.add(where);
            if (kind == Connection.Kind.SERIAL) {
                rows.addAll(serial(id, c, says));
            }
            if (c.reach().isWire() && c.reach().kind() == kind) {
                rows.add(Controls.button(id + "-check", Texts.of("machines.check"), () -> check(c, says), "small"));
            }
            rows.add(says);
        }
        return rows;
    }

    /** The ports that are there, one touch each; speed and flow once there is a port. */
    private List<Node> serial(String id, Cutter c, Label says) {
        List<Node> rows = new ArrayList<>();
        List<String> ports = LinkCheck.serialPorts();
        if (!ports.isEmpty()) {
            rows.add(Controls.flow(ports.stream()
                    .map(port -> Controls.button(
                            id + "-port-" + port.replaceAll("[^A-Za-z0-9]+", ""),
                            port,
                            () -> where(c, Connection.Kind.SERIAL, port, says),
                            "small"))
                    .toArray(Node[]::new)));
        }
        if (c.reach().kind() == Connection.Kind.SERIAL) {
            SerialSettings now = c.reach().serial();
            Controls.Choice<Integer> speed = new Controls.Choice<>(
                    id + "-speed",
                    Texts.of("machines.serial-speed"),
                    SerialSettings.SPEEDS,
                    String::valueOf,
                    v -> put(c.withReach(new Connection(
                            Connection.Kind.SERIAL, new SerialSettings(now.port(), v, now.flow()).text()))));
            speed.show(now.bitsPerS());
            Controls.Choice<SerialSettings.Flow> flow = new Controls.Choice<>(
                    id + "-flow",
                    Texts.of("machines.serial-flow"),
                    List.of(SerialSettings.Flow.values()),
                    f -> Texts.of("machines.serial-flow." + f.name()),
                    f -> put(c.withReach(new Connection(
                            Connection.Kind.SERIAL, new SerialSettings(now.port(), now.bitsPerS(), f).text()))));
            flow.show(now.flow());
            rows.add(Controls.row(Texts.of("machines.serial-speed"), speed));
            rows.add(Controls.row(Texts.of("machines.serial-flow"), flow));
        }
        return rows;
    }

    private void where(Cutter c, Connection.Kind kind, String text, Label says) {
        if (text.isEmpty()) {
            return;
        }
        try {
            if (kind == Connection.Kind.FOLDER && !WatchedFolder.canBe(Path.of(text))) {
                says.setText(Texts.of("machines.no-folder", text));
                return;
            }
            put(c.withReach(new Connection(kind, text)));
        } catch (IllegalArgumentException e) {
            says.setText(Texts.of("figure.cannot-be", e.getMessage()));
        }
    }

    /** Found out by trying. */
    private void check(Cutter c, Label says) {
        says.setText(Texts.of("machines.checking"));
        session.desk()
                .give(new Order<>(
                                Texts.of("machines.checking"),
                                _ -> LinkCheck.ask(c.reach()),
                                answer -> says.setText(
                                        answer.isEmpty()
                                                ? Texts.of(
                                                        "machines.silent",
                                                        c.reach().where())
                                                : Texts.of("machines.answers", answer)),
                                why -> says.setText(
                                        Texts.of("machines.no-answer", c.reach().where(), Texts.reason(why))))
                        .finishing());
    }

    private static Node away(String id, boolean can, Runnable then) {
        var away = Controls.button(id + "-away", Texts.of("machines.away"), then);
        away.setDisable(!can);
        return away;
    }

    private void put(Cutter c) {
        change(
                s -> s.withCutters(s.cutters().stream()
                        .map(x -> x.id().equals(c.id()) ? c : x)
                        .toList()),
                "machines.changed",
                c.name());
    }

    private void use(Cutter c) {
        change(
                s -> {
                    List<Cutter> order = new ArrayList<>(without(s.cutters(), x -> x.id().equals(c.id())));
                    order.addFirst(c);
                    return s.withCutters(order);
                },
                "machines.now-in-use",
                c.name());
    }

    private static Cutter another(MyShop s, Cutter c) {
        return c.named(
                freeId(c.id(), id -> s.cutters().stream().noneMatch(x -> x.id().equals(id))),
                Texts.of("machines.another-name", c.name()));
    }

    private static String freeId(String id, Predicate<String> free) {
        int n = 2;
        while (!free.test(id + "-" + n)) {
            n++;
        }
        return id + "-" + n;
    }

    private static <T> List<T> with(List<T> all, T more) {
        List<T> longer = new ArrayList<>(all);
        longer.add(more);
        return longer;
    }

    /** Never the last. */
    private static <T> List<T> without(List<T> all, Predicate<T> gone) {
        List<T> left = all.stream().filter(gone.negate()).toList();
        return left.isEmpty() ? all : left;
    }

    private Node press(Press p) {
        String id = "press-" + p.id();
        Optional<Press> shipped = state.shipped().presses().stream()
                .filter(x -> x.id().equals(p.id()))
                .findFirst();
        List<Node> rows = new ArrayList<>(List.of(
                name(id, p.name(), text -> put(p.named(p.id(), text))),
                Controls.label(Texts.of("machines.press." + p.kind().name()), "hint")));
        Figures.PRESS.forEach(f -> rows.add(fields.row(id, f, () -> p, shipped, this::put)));
        boolean used = session.job().lines().stream()
                .flatMap(l -> l.places().stream())
                .anyMatch(place -> place.pressId().filter(p.id()::equals).isPresent());
        rows.add(Controls.flow(
                Controls.button(
                        id + "-another",
                        Texts.of("machines.another"),
                        () -> change(
                                s -> s.withPresses(with(
                                        s.presses(),
                                        p.named(
                                                freeId(
                                                        p.id(),
                                                        x -> s.presses().stream()
                                                                .noneMatch(o -> o.id().equals(x))),
                                                Texts.of("machines.another-name", p.name())))),
                                "machines.added",
                                p.name())),
                away(
                        id,
                        !used && state.mine().presses().size() > 1,
                        () -> change(
                                s -> s.withPresses(without(s.presses(), x -> x.id().equals(p.id()))),
                                "machines.gone",
                                p.name()))));
        return card(rows);
    }

    private void put(Press p) {
        change(
                s -> s.withPresses(s.presses().stream()
                        .map(x -> x.id().equals(p.id()) ? p : x)
                        .toList()),
                "machines.changed",
                p.name());
    }

    private Node printer(Printer p) {
        String id = "printer-" + p.id();
        boolean inUse = state.mine().printers().getFirst().id().equals(p.id());
        Optional<Printer> shipped = BuiltInShop.printers().stream()
                .filter(x -> x.id().equals(p.id()))
                .findFirst();
        List<Node> rows = new ArrayList<>(List.of(
                name(id, p.name(), text -> put(p.named(p.id(), text))),
                Controls.label(Texts.of("machines.printer"), "hint"),
                inUse
                        ? Controls.label(Texts.of("machines.in-use"), "means")
                        : Controls.button(id + "-use", Texts.of("machines.use"), () -> use(p))));
        Controls.Segments<Boolean> paper = Controls.segments(
                id + "-paper", List.of(false, true), b -> Texts.of("machines.paper." + b), b -> put(p.inSheets(b)));
        paper.setAccessibleText(Texts.of("machines.paper"));
        paper.show(p.sheets());
        rows.add(Controls.row(Texts.of("machines.paper"), paper));
        Figures.PRINTER.forEach(f -> rows.add(fields.row(id, f, () -> p, shipped, this::put)));
        rows.add(Controls.flow(
                Controls.button(
                        id + "-another",
                        Texts.of("machines.another"),
                        () -> change(
                                s -> s.withPrinters(with(
                                        s.printers(),
                                        p.named(
                                                freeId(
                                                        p.id(),
                                                        x -> s.printers().stream()
                                                                .noneMatch(o -> o.id().equals(x))),
                                                Texts.of("machines.another-name", p.name())))),
                                "machines.added",
                                p.name())),
                away(
                        id,
                        state.mine().printers().size() > 1,
                        () -> change(
                                s -> s.withPrinters(without(s.printers(), x -> x.id().equals(p.id()))),
                                "machines.gone",
                                p.name()))));
        return card(rows);
    }

    private void put(Printer p) {
        change(
                s -> s.withPrinters(s.printers().stream()
                        .map(x -> x.id().equals(p.id()) ? p : x)
                        .toList()),
                "machines.changed",
                p.name());
    }

    private void use(Printer p) {
        change(
                s -> {
                    List<Printer> order = new ArrayList<>(without(s.printers(), x -> x.id().equals(p.id())));
                    order.addFirst(p);
                    return s.withPrinters(order);
                },
                "machines.prints-now",
                p.name());
    }
}
