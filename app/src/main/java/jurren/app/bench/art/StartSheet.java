package jurren.app.bench.art;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.face.Pen;
import jurren.app.face.Viewport;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.Swatches;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.art.Art;
import jurren.core.art.Chain;
import jurren.core.art.Motif;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typeface;
import jurren.core.material.Colour;
import jurren.core.material.FilmColour;
import jurren.core.plan.LinePlan;
import jurren.formats.start.Ground;
import jurren.formats.start.Start;
import jurren.formats.start.StartField;
import jurren.formats.start.StartMaker;
import jurren.formats.start.Started;

/** The entries of a start beside what they make, on the cloth of the open line. */
final class StartSheet {
    private static final double PICTURE = 430;
    private static final double FIELDS = 320;

    private final Session session;
    private final Sheets sheets;
    private final Start start;
    private final LinePlan plan;
    private final Ground ground;
    private final Consumer<List<Motif>> taken;
    private final Map<String, String> entries = new LinkedHashMap<>();
    private final Canvas canvas = new Canvas(PICTURE, PICTURE);
    private final Label says = Controls.label("", "hint", "wrapped");
    private final Button take;
    private final Lane lane;
    private List<Motif> made = List.of();

    private StartSheet(Session session, Sheets sheets, Start start, LinePlan plan, Consumer<List<Motif>> taken) {
        this.session = session;
        this.sheets = sheets;
        this.start = start;
        this.plan = plan;
        this.ground = Ground.of(plan.face(), plan.material(), plan.blankColour(), session.shop());
        this.taken = taken;
        this.lane = session.desk().lane();
        this.take = Controls.button("start-take", Texts.of("start.take"), this::take, "primary");
    }

    /** @param taken told the motifs when the person takes them */
    static void open(Session session, Sheets sheets, Start start, LinePlan plan, Consumer<List<Motif>> taken) {
        new StartSheet(session, sheets, start, plan, taken).open();
    }

    private void open() {
        VBox fields = new VBox(8);
        fields.setPrefWidth(FIELDS);
        fields.getChildren().add(Controls.label(start.about(), "hint", "wrapped"));
        start.fields().forEach(f -> fields.getChildren().add(field(f)));
        fields.getChildren().addAll(says, take);
        says.setId("start-says");
        says.setMaxWidth(FIELDS);
        canvas.setAccessibleText(Texts.of("start.picture"));
        canvas.setFocusTraversable(false);
        HBox body = new HBox(20, fields, canvas);
        body.setAlignment(Pos.TOP_LEFT);
        sheets.open("start-sheet", start.name(), Pos.CENTER, lane::stop, body);
        make();
    }

    private Node field(StartField f) {
        String id = "entry-" + f.id();
        return switch (f.kind()) {
            case COLOUR -> named(f, colour(f, id));
            case COLOURS -> named(f, colours(f, id));
            case TYPEFACE -> Controls.row(f.name(), typeface(f, id));
            case CHOICE -> Controls.row(f.name(), choice(f, id));
            case TEXT, WORDS, LENGTH, COUNT, PERCENT -> Controls.row(f.name(), text(f, id));
        };
    }

    private static Node named(StartField f, Node field) {
        return new VBox(4, Controls.label(f.name()), field);
    }

    private TextField text(StartField f, String id) {
        boolean length = f.kind() == StartField.Kind.LENGTH;
        TextField field = new TextField(
                length
                        ? session.unit()
                                .parse(f.value())
                                .map(session.unit()::fine)
                                .orElse(f.value())
                        : f.value());
        field.setId(id);
        field.setAccessibleText(f.name());
        field.setPromptText(f.id().equals(Start.SIZE) ? Texts.of("start.as-suggested") : "");
        field.textProperty()
                .addListener((_, _, now) -> enter(
                        f,
                        length ? session.unit().parse(now).map(mm -> mm + "mm").orElse(now) : now));
        return field;
    }

    private Node typeface(StartField f, String id) {
        Controls.Choice<Typeface> face = new Controls.Choice<>(
                id, f.name(), List.of(ShippedTypeface.values()), Typeface::title, t -> enter(f, t.id()));
        Arrays.stream(ShippedTypeface.values())
                .filter(t -> t.id().equals(f.value()))
                .findFirst()
                .ifPresent(face::show);
        return face;
    }

    private Node choice(StartField f, String id) {
        Controls.Choice<String> choice =
                new Controls.Choice<>(id, f.name(), List.copyOf(f.choices().keySet()), c -> c, c -> enter(f, c));
        choice.show(f.value());
        return choice;
    }

    private Node colour(StartField f, String id) {
        Swatches<FilmColour> swatches = new Swatches<>(
                id,
                FilmColour::name,
                FilmColour::colour,
                c -> enter(f, c.colour().hex()));
        entries.put(f.id(), ground.named(f.value()).map(Colour::hex).orElse(f.value()));
        fillers.add(() -> swatches.show(
                plan.material().colours(),
                plan.material().sold(Colour.of(entries.get(f.id()))).orElse(null)));
        fillers.getLast().run();
        return swatches;
    }

    private Node colours(StartField f, String id) {
        List<Colour> now = new ArrayList<>(Arrays.stream(f.value().split(","))
                .flatMap(c -> ground.named(c).stream())
                .toList());
        ColoursInTurn turn = new ColoursInTurn(
                id,
                session,
                cs -> enter(f, String.join(",", cs.stream().map(Colour::hex).toList())));
        entries.put(f.id(), String.join(",", now.stream().map(Colour::hex).toList()));
        fillers.add(() -> turn.show(
                Arrays.stream(entries.get(f.id()).split(",")).map(Colour::of).toList(), true));
        fillers.getLast().run();
        return turn;
    }

    private final List<Runnable> fillers = new ArrayList<>();

    private void enter(StartField f, String value) {
        entries.put(f.id(), value);
        fillers.forEach(Runnable::run);
        make();
    }

    /** Made beside the window's thread; only the newest entries count. */
    private void make() {
        Map<String, String> typed = Map.copyOf(entries);
        lane.want(new Order<>(
                Texts.of("work.start"),
                _ -> made(typed),
                m -> show(m.started, m.art),
                why -> says.setText(Texts.of("work.failed", Texts.reason(why)))));
    }

    private record Filled(Started started, Art art) {}

    private Filled made(Map<String, String> typed) {
        Started started = StartMaker.make(start, typed, ground);
        return new Filled(
                started,
                started instanceof Started.Filled m ? new Chain().art(m.motifs(), Placement.HERE) : new Art(List.of()));
    }

    private void show(Started started, Art art) {
        switch (started) {
            case Started.Filled m -> {
                made = m.motifs();
                says.setText(art.bounds()
                        .map(b -> Texts.of(
                                "start.measures",
                                session.unit().format(b.widthMm()),
                                session.unit().format(b.heightMm()),
                                art.seen().size()))
                        .orElse(Texts.of("start.nothing")));
            }
            case Started.Refused r -> {
                made = List.of();
                says.setText(r.words(start));
            }
        }
        take.setDisable(made.isEmpty() || art.isEmpty());
        draw(art);
    }

    private void draw(Art art) {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.setFill(Theme.paint(ground.cloth()));
        g.fillRoundRect(0, 0, PICTURE, PICTURE, 10, 10);
        Box all = art.bounds().map(b -> b.joined(ground.area())).orElse(ground.area());
        Pen pen = new Pen(g, Viewport.showing(all, PICTURE, PICTURE, 18));
        pen.box(ground.area(), Theme.lineOn(ground.cloth()), 1, 2, 4);
        art.paints().forEach(p -> pen.fill(p.region(), Placement.HERE, p.colour(), p.ink()));
    }

    private void take() {
        if (!made.isEmpty()) {
            sheets.close();
            taken.accept(made);
        }
    }
}
