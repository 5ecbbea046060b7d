package jurren.app.trace;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Slider;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.art.Guide;
import jurren.core.art.PictureFile;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Source;
import jurren.core.art.TracedPicture;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import jurren.core.plan.LinePlan;
import jurren.core.trace.Straightening;
import jurren.core.trace.TraceSettings;
import jurren.core.trace.TraceSettings.Ink;
import jurren.core.trace.TraceSettings.Mode;
import jurren.core.trace.Traced;

/** Everything that can be set about the tracing of one picture. What is taken goes to whoever opened it. */
public final class TraceSheet {
    private static final double VIEW_WIDTH = 640;
    private static final double VIEW_HEIGHT = 600;
    private static final double FIELDS = 330;
    private static final double MM_PER_INCH = 25.4;
    private static final double GUIDE_STRENGTH = 0.45;
    private static final double FILLS = 0.8;
    private static final double SPECK_OF_SIDE = 150.0;

    private final Session session;
    private final LinePlan plan;
    private final PictureFile file;
    private final Consumer<Source> taken;
    private final Runnable close;
    private final TraceWork work;
    private final TraceView view = new TraceView(VIEW_WIDTH, VIEW_HEIGHT, this::click, this::cornersMoved);
    private final Label says = Controls.label("", "hint", "wrapped");
    private final Label lost = Controls.label("", "wrapped");
    private final VBox colours = new VBox(4);
    private final List<Runnable> fillers = new ArrayList<>();
    private final Map<Colour, Colour> shownAs;
    private Optional<Straightening> straightening;
    private TraceSettings settings;
    private double mmPerPx;
    /** What was stretched stays so when it is traced again. */
    private final double downPerAcross;

    private boolean straightens;
    private Optional<TraceWork.Result> latest = Optional.empty();

    private TraceSheet(Session session, LinePlan plan, TracedPicture begin, Consumer<Source> taken, Runnable close) {
        this.session = session;
        this.work = new TraceWork(session.desk(), Platform::runLater, this::show, this::failed);
        this.plan = plan;
        this.file = begin.file();
        this.taken = taken;
        this.close = close;
        this.straightening = begin.straightening();
        this.settings = begin.settings();
        this.mmPerPx = begin.mmPerPxAcross();
        this.downPerAcross = begin.mmPerPxDown() / begin.mmPerPxAcross();
        this.shownAs = new HashMap<>(begin.shownAs());
    }

    /** As it was traced before, or as it would be at first: at the size its file tells, or filling most of the area. */
    public static TracedPicture first(PictureFile file, OptionalDouble perInch, LinePlan plan) {
        double fills =
                plan.drawn().area().box().widthMm() * FILLS / file.picture().width();
        double mm = perInch.isPresent() ? MM_PER_INCH / perInch.getAsDouble() : fills;
        boolean fits = mm * file.picture().width() <= plan.drawn().area().box().widthMm() * 1.5;
        double size = fits ? mm : fills;
        double speck = Math.pow(Math.min(file.picture().width(), file.picture().height()) / SPECK_OF_SIDE, 2);
        return new TracedPicture(
                file,
                Optional.empty(),
                TraceSettings.USUAL.withSpeck(Math.max(TraceSettings.USUAL.speckPx2(), speck)),
                Map.of(),
                size,
                size);
    }

    /**
     * Makes the content of the sheet.
     *
     * @param perInch what the file says, for the choices of size
     * @param taken   told the traced picture, or the guide, when the person takes it
     */
    public static Open open(
            Session session,
            LinePlan plan,
            TracedPicture begin,
            OptionalDouble perInch,
            Consumer<Source> taken,
            Runnable close) {
        TraceSheet sheet = new TraceSheet(session, plan, begin, taken, close);
        return new Open(sheet.build(perInch), sheet.work::close);
    }

    /** @param closed to be run when the sheet is put away */
    public record Open(Node content, Runnable closed) {}

    private Node build(OptionalDouble perInch) {
        Controls.Segments<Mode> modes =
                Controls.segments("trace-mode", List.of(Mode.values()), m -> Texts.of("trace.mode." + m), m -> {
                    // the ink of one colour and a black that was found have one name and not one film
                    shownAs.clear();
                    change(s -> s.withMode(m));
                });
        fillers.add(() -> modes.show(settings.mode()));
        says.setMaxWidth(FIELDS);
        lost.setMaxWidth(FIELDS);
        lost.setId("trace-lost");
        says.setId("trace-says");
        VBox fields = new VBox(
                9,
                modes,
                ink(),
                colourFields(),
                slider(
                        "trace-speck",
                        "trace.speck",
                        0,
                        400,
                        () -> Math.sqrt(settings.speckPx2()) * 10,
                        v -> change(s -> s.withSpeck(v * v / 100))),
                slider(
                        "trace-smooth",
                        "trace.smooth",
                        0.5,
                        6,
                        () -> settings.smoothing(),
                        v -> change(s -> s.withSmoothing(v))),
                outer(),
                size(perInch),
                says,
                lost,
                buttons());
        fields.setPrefWidth(FIELDS);
        fields.setMinWidth(FIELDS);
        HBox body = new HBox(18, view, fields);
        body.setAlignment(Pos.TOP_LEFT);
        refresh();
        return body;
    }

    // ---- fields

    private Node ink() {
        Controls.Segments<Ink> ink = Controls.segments(
                "trace-ink", List.of(Ink.values()), i -> Texts.of("trace.ink." + i), i -> change(s -> s.withInk(i)));
        Node level = slider(
                "trace-level",
                "trace.level",
                0,
                1,
                () -> settings.level()
                        .orElse(latest.map(r -> r.traced().level()).orElse(0.5)),
                v -> change(s -> s.withLevel(OptionalDouble.of(v))));
        Button find = Controls.button(
                "trace-find", Texts.of("trace.find"), () -> change(s -> s.withLevel(OptionalDouble.empty())));
        CheckBox even = box("trace-even", "trace.even", v -> change(s -> s.withEvenLight(v)));
        VBox all = new VBox(7, Controls.row(Texts.of("trace.ink"), ink), level, new HBox(10, find, even));
        fillers.add(() -> {
            ink.show(settings.ink());
            even.setSelected(settings.evenLight());
            find.setDisable(settings.level().isEmpty());
            show(all, settings.mode() != Mode.SEVERAL_COLOURS);
        });
        return all;
    }

    private Node colourFields() {
        Node count =
                slider("trace-colours", "trace.colours", 2, TraceSettings.MOST_COLOURS, () -> settings.colours(), v -> {
                    if ((int) Math.round(v) != settings.colours()) {
                        change(s -> s.withColours((int) Math.round(v)));
                    }
                });
        VBox all = new VBox(6, count, colours);
        fillers.add(() -> show(all, settings.mode() == Mode.SEVERAL_COLOURS));
        return all;
    }

    private Node outer() {
        CheckBox outer = box("trace-outer", "trace.outer", v -> change(s -> s.withOuterOnly(v)));
        fillers.add(() -> {
            outer.setSelected(settings.outerOnly());
            show(outer, settings.mode() != Mode.MIDDLE_LINES);
        });
        return outer;
    }

    private Node size(OptionalDouble perInch) {
        MeasureField width = MeasureField.length(Texts.of("trace.width"), session::unit, mm -> {
            mmPerPx = mm / widthPx();
            refresh();
        });
        width.setId("trace-width");
        FlowPane choices = new FlowPane(6, 4);
        Map<String, Double> sizes = new LinkedHashMap<>();
        perInch.ifPresent(n -> sizes.put(Texts.of("trace.size.file", Math.round(n)), MM_PER_INCH / n));
        sizes.put(Texts.of("trace.size.fill"), plan.drawn().area().box().widthMm() * FILLS / widthPx());
        for (int n : new int[] {300, 96, 72}) {
            sizes.put(Texts.of("trace.size.per-inch", n), MM_PER_INCH / n);
        }
        sizes.forEach((name, mm) -> choices.getChildren()
                .add(Controls.button("trace-size-" + choices.getChildren().size(), name, () -> {
                    mmPerPx = mm;
                    refresh();
                })));
        fillers.add(() -> width.show(mmPerPx * widthPx()));
        return new VBox(5, Controls.row(Texts.of("trace.width"), width), choices);
    }

    private Node buttons() {
        Button straighten = Controls.button("trace-straighten", Texts.of("trace.straighten"), this::toggleStraighten);
        Button turn = Controls.button("trace-turn", Texts.of("trace.turn"), this::quarterTurn);
        Button take = Controls.button("trace-take", Texts.of("trace.take"), this::take, "primary");
        Button guide = Controls.button("trace-guide", Texts.of("trace.guide"), this::guide);
        fillers.add(() -> {
            straighten.setText(Texts.of(straightens ? "trace.straightened" : "trace.straighten"));
            take.setDisable(straightens || latest.map(r -> r.curves().isEmpty()).orElse(true));
            guide.setDisable(straightens);
        });
        Button print = Controls.button("trace-print", Texts.of("trace.print"), this::print);
        fillers.add(() -> print.setDisable(straightens || straightening.isPresent()));
        return new VBox(8, new HBox(8, straighten, turn), new HBox(8, take, guide), print);
    }

    private interface Figure {
        double now();
    }

    private Node slider(String id, String key, double least, double most, Figure now, Consumer<Double> taken) {
        Slider slider = new Slider(least, most, now.now());
        slider.setId(id);
        slider.setAccessibleText(Texts.of(key));
        slider.setPrefWidth(170);
        boolean[] quiet = {false};
        slider.valueProperty().addListener((_, _, v) -> {
            if (!quiet[0]) {
                taken.accept(v.doubleValue());
            }
        });
        fillers.add(() -> {
            if (!slider.isValueChanging()) {
                quiet[0] = true;
                slider.setValue(now.now());
                quiet[0] = false;
            }
        });
        return Controls.row(Texts.of(key), slider);
    }

    private static CheckBox box(String id, String key, Consumer<Boolean> taken) {
        CheckBox box = new CheckBox(Texts.of(key));
        box.setId(id);
        box.setOnAction(_ -> taken.accept(box.isSelected()));
        return box;
    }

    private static void show(Node n, boolean visible) {
        n.setVisible(visible);
        n.setManaged(visible);
    }

    // ---- changes

    private interface Change {
        TraceSettings of(TraceSettings s);
    }

    private void change(Change change) {
        settings = change.of(settings);
        refresh();
    }

    private void refresh() {
        fillers.forEach(Runnable::run);
        if (!straightens) {
            work.ask(new TraceRequest(
                    file, straightening, settings, mmPerPx, plan.material().leastStrokeMm()));
        }
    }

    private double widthPx() {
        return straightening
                .map(Straightening::width)
                .orElseGet(() -> file.picture().width());
    }

    /** The part there goes, or comes back. */
    private void click(Point at) {
        latest.ifPresent(r -> work.toggle(
                r.picture(), settings, at, toggled -> change(s -> s.withSpots(toggled.dropped(), toggled.kept()))));
    }

    private void cornersMoved(List<Point> corners) {
        try {
            straightening = Optional.of(new Straightening(corners));
            says.setText(Texts.of("trace.corners"));
        } catch (IllegalArgumentException _) {
            says.setText(Texts.of("trace.corners-crossed"));
        }
    }

    private void toggleStraighten() {
        straightens = !straightens;
        latest = Optional.empty();
        if (straightens) {
            Straightening now = straightening.orElseGet(() ->
                    Straightening.whole(file.picture().width(), file.picture().height()));
            view.straighten(file.picture(), Optional.of(now.corners()));
            says.setText(Texts.of("trace.corners"));
            lost.setText("");
        } else {
            settings = settings.withSpots(List.of(), List.of());
            view.straighten(file.picture(), Optional.empty());
        }
        refresh();
    }

    private void quarterTurn() {
        straightening = Optional.of(straightening
                .orElseGet(() -> Straightening.whole(
                        file.picture().width(), file.picture().height()))
                .quarterTurned());
        settings = settings.withSpots(List.of(), List.of());
        if (straightens) {
            view.straighten(file.picture(), Optional.of(straightening.get().corners()));
        }
        refresh();
    }

    // ---- results

    private void show(TraceWork.Result r) {
        latest = Optional.of(r);
        r.traced().flats().forEach(f -> shownAs.computeIfAbsent(f.colour(), this::nearestFilm));
        view.show(r, (c, _) -> settings.mode() == Mode.SEVERAL_COLOURS ? c : shownAs.getOrDefault(c, c));
        Traced t = r.traced();
        says.setText(
                t.flats().isEmpty()
                        ? Texts.of("trace.nothing")
                        : Texts.of(
                                        "trace.found",
                                        t.flats().size(),
                                        r.parts(),
                                        t.nodes(),
                                        session.unit().format(mmPerPx * t.width()),
                                        session.unit().format(mmPerPx * downPerAcross * t.height()))
                                + (t.speckPx2() > settings.speckPx2()
                                        ? " " + Texts.of("trace.restless", t.speckPx2())
                                        : ""));
        boolean any = !r.lost().isEmpty();
        lost.setText(
                !r.judged()
                        ? ""
                        : any
                                ? Texts.of(
                                        "trace.lost",
                                        r.lost().size(),
                                        session.unit().fine(plan.material().leastStrokeMm()),
                                        plan.material().name())
                                : Texts.of("trace.holds", plan.material().name()));
        lost.getStyleClass().setAll("label", any ? "trace-lost" : "hint");
        Controls.refillWhenChanged(
                colours,
                List.of(t.found(), settings.merged(), settings.without(), settings.keepGround(), t.ground()),
                () -> colourRows(t));
        fillers.forEach(Runnable::run);
    }

    private void failed(String why) {
        says.setText(Texts.of("work.failed", why));
    }

    /** One row a found colour: take it or not, and drag it onto another to make them one. */
    private List<Node> colourRows(Traced t) {
        List<Node> rows = new ArrayList<>();
        for (Colour c : t.found()) {
            boolean ground = t.ground().filter(c::equals).isPresent();
            rows.add(new FoundColour(
                    c,
                    settings,
                    ground,
                    this::takeColour,
                    (from, to) -> change(s -> s.withMerged(FoundColour.merged(s.merged(), from, to)))));
        }
        CheckBox keep = box("trace-keep-ground", "trace.keep-ground", v -> change(s -> s.withKeepGround(v)));
        keep.setSelected(settings.keepGround());
        rows.add(keep);
        if (!settings.merged().isEmpty()) {
            rows.add(Controls.button(
                    "trace-unmerge", Texts.of("trace.unmerge"), () -> change(s -> s.withMerged(Map.of()))));
        }
        return rows;
    }

    private void takeColour(Colour c, boolean take) {
        List<Colour> without = new ArrayList<>(settings.without());
        if (take) {
            without.remove(c);
        } else {
            without.add(c);
        }
        change(s -> s.withWithout(without));
    }

    /** Ink becomes what stands out on the cloth, a colour the film that looks most like it. */
    private Colour nearestFilm(Colour c) {
        return settings.mode() == Mode.SEVERAL_COLOURS
                ? plan.material().nearest(c)
                : plan.material().standingOut(plan.blankColour().colour());
    }

    private void take() {
        Map<Colour, Colour> used = new HashMap<>();
        latest.ifPresent(r ->
                r.traced().flats().forEach(f -> used.put(f.colour(), shownAs.getOrDefault(f.colour(), f.colour()))));
        finish(new TracedPicture(file, straightening, settings, used, mmPerPx, mmPerPx * downPerAcross));
    }

    private void print() {
        finish(asItIs(new TracedPicture(file, Optional.empty(), settings, Map.of(), mmPerPx, mmPerPx * downPerAcross)));
    }

    /** The picture of a tracing, printed instead, as large as it is. */
    public static PrintedPicture asItIs(TracedPicture t) {
        return new PrintedPicture(t.file(), PrintedPicture.Crop.NONE, 1, t.mmPerPxAcross(), t.mmPerPxDown());
    }

    private void guide() {
        finish(new Guide(file, straightening, mmPerPx, GUIDE_STRENGTH));
    }

    private void finish(Source source) {
        work.close();
        close.run();
        taken.accept(source);
    }
}
