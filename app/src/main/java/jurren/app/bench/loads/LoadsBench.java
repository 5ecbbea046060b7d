package jurren.app.bench.loads;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.bench.BenchLayout;
import jurren.app.bench.BenchView;
import jurren.app.bench.SnagCards;
import jurren.app.face.FaceCanvas;
import jurren.app.face.Pen;
import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Box;
import jurren.core.layer.Inked;
import jurren.core.load.LayoutChoices;
import jurren.core.load.Load;
import jurren.core.load.Offcut;
import jurren.core.load.Stock;
import jurren.core.material.Material;
import jurren.core.plan.Plan;
import jurren.core.plan.PrintSheet;
import jurren.core.plan.TighterLayouts;
import jurren.core.snag.Snag;
import jurren.formats.words.DecimalSign;

/** What is cut from which roll, how much film that takes and how much it could take at the least. */
public final class LoadsBench implements BenchView {
    /** What the snags are about that are mended here. */
    public static final Set<Snag.Subject> MENDS = Set.of(Snag.Subject.STOCK);

    private static final double COLUMN = 236;

    /** What is looked at. */
    enum Shown {
        FILM,
        PRINTS
    }

    private static final double BETWEEN_MM = 30;
    private static final double OTHERS = 0.35;
    private static final Color CARRIER = Color.web("#D5DCE3");

    private final Session session;
    private final FaceCanvas canvas;
    private final LoadsPicture picture;
    private final PieceInHand hand;
    private final Controls.Segments<LayoutChoices.Wish> wishes;
    private final Label search = Controls.label("", "hint");
    private final Button stop;
    private final Button take;
    private final VBox piece = new VBox();
    private final Controls.Segments<Shown> shows;
    private Shown shown = Shown.FILM;
    private final VBox shelf = new VBox();
    private final VBox prints = new VBox();
    private final VBox snags = new VBox();
    private final CheckBox frames = new CheckBox(Texts.of("loads.frames"));
    private final CheckBox names = new CheckBox(Texts.of("loads.names"));
    private final Label used = Controls.label("", "sum");
    private final Label least = Controls.label("", "sum");
    private final Label back = Controls.label("", "sum");
    private final Label framed = Controls.label("", "sum");
    private final Label money = Controls.label("", "hint");
    private final Node node;

    public LoadsBench(Session session) {
        this.session = session;
        this.picture = new LoadsPicture(session);
        this.canvas = new FaceCanvas(Texts.of("loads.picture"), 14, this::bounds, this::draw);
        this.shows = Controls.segments("loads-show", List.of(Shown.values()), s -> Texts.of("loads.show." + s), s -> {
            shown = s;
            canvas.showAll();
            update();
        });
        this.hand = new PieceInHand(session, canvas, picture, this::runs, () -> !showsPrints());
        this.wishes = Controls.segments(
                "loads-wish",
                List.of(LayoutChoices.Wish.values()),
                w -> Texts.of("loads.wish." + w),
                w -> session.edit(
                        session.job().withLaying(session.job().laying().withWish(w))));
        this.stop = Controls.button("nest-stop", Texts.of("loads.search.stop"), this::stopOrGoOn);
        this.take = Controls.button("nest-take", "", session.nests()::take, "primary");
        search.setWrapText(true);
        frames.setId("frames");
        frames.setTooltip(new Tooltip(Texts.of("loads.frames.tip")));
        frames.setOnAction(_ -> session.edit(session.job().withFrames(frames.isSelected())));
        names.setId("names");
        names.setTooltip(new Tooltip(Texts.of("loads.names.tip")));
        names.setOnAction(_ ->
                session.edit(session.job().withLaying(session.job().laying().withNames(names.isSelected()))));
        shelf.getStyleClass().add("rows");
        snags.getStyleClass().add("cards");
        HBox looking = new HBox(8, take, stop, search);
        looking.setAlignment(Pos.CENTER_LEFT);
        FlowPane sums = new FlowPane(
                sum("loads.used", used),
                sum("loads.least", least),
                sum("loads.back", back),
                sum("loads.frame-count", framed),
                new VBox(4, new HBox(16, frames, names), money, looking));
        sums.getStyleClass().add("sums");
        prints.getStyleClass().add("cards");
        this.node = BenchLayout.of(
                canvas,
                new VBox(
                        8,
                        snags,
                        piece,
                        prints,
                        Controls.caption(Texts.of("loads.shelf")),
                        Controls.card(shelf),
                        Controls.button(
                                "open-shelf",
                                Texts.of("loads.open-shelf"),
                                () -> canvas.fireEvent(new AskFor(AskFor.What.SHELF)))),
                COLUMN,
                sums);
    }

    private static VBox sum(String key, Label value) {
        Label caption = Controls.caption(Texts.of(key));
        VBox box = new VBox(caption, value);
        box.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        return box;
    }

    private List<CutRun> runs() {
        return session.plan().map(Plan::runs).orElse(List.of());
    }

    private List<PrintSheet> sheets() {
        return session.plan().map(Plan::prints).orElse(List.of());
    }

    /** Where there is only one of the two, that is it. */
    private boolean showsPrints() {
        return !sheets().isEmpty() && (shown == Shown.PRINTS || runs().isEmpty());
    }

    private Box bounds() {
        if (showsPrints()) {
            double width =
                    sheets().stream().mapToDouble(s -> s.widthMm() + BETWEEN_MM).sum() - BETWEEN_MM;
            double height =
                    sheets().stream().mapToDouble(PrintSheet::heightMm).max().orElse(1);
            // the titles stand over the sheets, as high in pixels whatever the scale
            double px = Math.max(
                    0.01,
                    Math.min(
                            (canvas.getWidth() - 28) / width,
                            (canvas.getHeight() - 28 - 2 * LoadsPicture.TITLE_PX) / height));
            return new Box(0, -2 * LoadsPicture.TITLE_PX / px, width, height);
        }
        double s = picture.scale(runs(), canvas.getWidth(), canvas.getHeight());
        return Box.ofSize(0, 0, Math.max(1, (canvas.getWidth() - 28) / s), Math.max(1, (canvas.getHeight() - 28) / s));
    }

    private void draw(Pen pen) {
        if (showsPrints()) {
            drawPrints(pen);
            return;
        }
        if (runs().isEmpty()) {
            pen.text(
                    Texts.of("loads.empty"),
                    canvas.getWidth() / 2,
                    canvas.getHeight() / 2,
                    Theme.text(15),
                    Theme.SOFT,
                    TextAlignment.CENTER);
            return;
        }
        picture.draw(
                pen,
                runs(),
                hand.chosen(),
                hand.held(),
                picture.scale(runs(), canvas.getWidth(), canvas.getHeight()),
                canvas.getWidth());
    }

    /** White ink is seen on a carrier, which is no paper. */
    private static boolean hasWhite(PrintSheet sheet) {
        return sheet.slots().stream().anyMatch(s -> !s.layer().print().white().isEmpty());
    }

    /** Side by side as they come out of the printer, the open line's pieces stronger. */
    private void drawPrints(Pen pen) {
        double left = 0;
        for (PrintSheet sheet : sheets()) {
            Pen own = pen.moved(left, 0);
            Box paper = Box.ofSize(0, 0, sheet.widthMm(), sheet.heightMm());
            own.fillBox(paper, hasWhite(sheet) ? CARRIER : Color.WHITE);
            own.box(paper, Color.web("#23262B", 0.35), 1);
            for (PrintSheet.Slot slot : sheet.slots()) {
                double strength = slot.lineId().equals(session.line().id()) ? 1 : OTHERS;
                own.graphics().setGlobalAlpha(strength);
                for (Inked ink : slot.layer().print().inks()) {
                    own.fill(ink.region(), slot.onto(), ink.colour(), ink.ink());
                }
                own.graphics().setGlobalAlpha(1);
                if (sheet.isCut()) {
                    own.outline(slot.layer().region(), slot.onto(), Theme.PLUM, 0.8);
                } else if (!sheet.isGanged()) {
                    own.box(slot.box(), Theme.SOFT.deriveColor(0, 1, 1, 0.6), 0.8, 3, 3);
                }
            }
            double x = own.view().x(0);
            double y = own.view().y(0);
            own.text(
                    Texts.of(sheet.times() > 1 ? "loads.sheet.times" : "loads.sheet", sheet.order(), sheet.times()),
                    x,
                    y - 1.4 * LoadsPicture.TITLE_PX,
                    Theme.heading(15),
                    Theme.INK,
                    TextAlignment.LEFT);
            own.text(
                    sheet.material().name(),
                    x,
                    y - 0.8 * LoadsPicture.TITLE_PX,
                    Theme.text(12),
                    Theme.INK,
                    TextAlignment.LEFT);
            own.text(
                    Texts.of(
                            sheet.isCut()
                                    ? "loads.sheet.cut"
                                    : sheet.reversed() ? "loads.sheet.reversed" : "loads.sheet.seen",
                            sheet.load()),
                    x,
                    y - 0.3 * LoadsPicture.TITLE_PX,
                    Theme.measure(12),
                    Theme.SOFT,
                    TextAlignment.LEFT);
            left += sheet.widthMm() + BETWEEN_MM;
        }
    }

    @Override
    public List<Node> controls() {
        return List.of(shows, wishes);
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public Optional<FaceCanvas> zoomable() {
        return Optional.of(canvas);
    }

    @Override
    public void update() {
        frames.setSelected(session.job().framed());
        names.setSelected(session.job().laying().named());
        names.setDisable(!session.job().framed());
        shows.show(showsPrints() ? Shown.PRINTS : Shown.FILM);
        shows.setDisable(sheets().isEmpty() || runs().isEmpty());
        session.plan().ifPresent(plan -> {
            used.setText(session.unit().film(plan.filmUsedMm()));
            least.setText(session.unit()
                    .film(plan.runs().stream()
                            .filter(r -> r.load().roll().isPresent())
                            .mapToDouble(r -> r.load().leastMm())
                            .sum()));
            back.setText(session.unit()
                    .film(Load.offRolls(plan.runs().stream().map(CutRun::load).toList()).entrySet().stream()
                            .mapToDouble(e -> Math.max(0, e.getKey().lengthMm() - e.getValue()))
                            .sum()));
            String sign = session.shop().prices().currency();
            String film = sign + String.format(DecimalSign.locale(), "%.2f", plan.filmMoney());
            money.setText(
                    plan.sparedMoney() < 0.005
                            ? Texts.of("loads.money", film)
                            : Texts.of(
                                    "loads.money-spared",
                                    film,
                                    sign + String.format(DecimalSign.locale(), "%.2f", plan.sparedMoney())));
            int frames =
                    plan.runs().stream().mapToInt(r -> r.load().frames().size()).sum();
            int reliefs =
                    plan.runs().stream().mapToInt(r -> r.load().reliefCount()).sum();
            framed.setText(reliefs == 0 ? String.valueOf(frames) : Texts.of("loads.frames-relieved", frames, reliefs));
        });
        wishes.show(session.job().laying().wish());
        boolean looked =
                !runs().isEmpty() && !showsPrints() && session.job().laying().wish() == LayoutChoices.Wish.LEAST_FILM;
        int done = session.nests().done();
        int all = session.nests().all();
        stop.setVisible(looked && all > 0 && done < all);
        stop.setManaged(stop.isVisible());
        stop.setText(Texts.of(session.nests().isStopped() ? "loads.search.on" : "loads.search.stop"));
        search.setText(
                !looked || all == 0
                        ? ""
                        : Texts.of(
                                done >= all
                                        ? "loads.search.done"
                                        : session.nests().isStopped() ? "loads.search.stopped" : "loads.search",
                                Math.round(100.0 * done / all)));
        showOffer(looked);
        session.nests().want(session.bench() == Bench.LOADS && looked);
        piece.getChildren().setAll(hand.card());
        prints.getChildren().setAll(session.plan().map(this::printCards).orElse(List.of()));
        Controls.refillWhenChanged(shelf, List.of(session.shop().shelf(), session.unit()), this::shelfRows);
        SnagCards.show(snags, session, SnagCards.of(session, MENDS));
        canvas.redraw();
    }

    /** What would be less with the layouts that were found, and the one touch that takes them. */
    private void showOffer(boolean looked) {
        Optional<TighterLayouts> offer = looked ? session.nests().offer() : Optional.empty();
        take.setVisible(offer.isPresent());
        take.setManaged(offer.isPresent());
        offer.ifPresent(o -> take.setText(Texts.of(
                o.filmMm() < 0 ? "loads.take.money" : "loads.take",
                session.unit().film(o.filmMm()),
                session.shop().prices().currency() + String.format(DecimalSign.locale(), "%.2f", o.money()))));
    }

    private void stopOrGoOn() {
        if (session.nests().isStopped()) {
            session.nests().goOn();
        } else {
            session.nests().stop();
        }
        update();
    }

    @Override
    public void close() {
        session.nests().want(false);
        shelf.getChildren().clear();
    }

    private List<Node> printCards(Plan plan) {
        if (plan.prints().isEmpty()) {
            return List.of();
        }
        VBox rows = new VBox();
        rows.getStyleClass().add("rows");
        for (PrintSheet p : plan.prints()) {
            rows.getChildren()
                    .add(Controls.label(
                            Texts.of("loads.print", p.order(), p.material().name()), "card-title"));
            rows.getChildren()
                    .add(Controls.label(Texts.of(
                            "loads.print.size",
                            session.unit().number(p.widthMm()),
                            session.unit().format(p.heightMm()),
                            p.times(),
                            p.slots().size())));
        }
        return List.of(Controls.caption(Texts.of("loads.prints")), Controls.card(rows));
    }

    /** The rolls under the name of their material. */
    private List<Node> shelfRows() {
        List<Node> rows = new ArrayList<>();
        String material = "";
        for (Stock roll : session.shop().shelf()) {
            if (!roll.materialId().equals(material)) {
                material = roll.materialId();
                rows.add(Controls.label(
                        session.shop().material(material).map(Material::name).orElse(material), "card-title"));
            }
            rows.add(shelfRow(roll));
        }
        return rows;
    }

    /** Drawn onto a piece in the picture, an offcut takes that piece's whole layer, as much of it as it holds. */
    private void dropped(HBox row, Offcut o) {
        row.setId("shelf-" + o.id().replaceAll("[^A-Za-z0-9]+", "-"));
        row.setCursor(Cursor.OPEN_HAND);
        row.addEventHandler(MouseEvent.MOUSE_DRAGGED, e -> {
            row.getScene().setCursor(Cursor.CLOSED_HAND);
            hand.over(e.getSceneX(), e.getSceneY());
        });
        row.addEventHandler(MouseEvent.MOUSE_RELEASED, e -> {
            row.getScene().setCursor(Cursor.DEFAULT);
            hand.drop(o, e.getSceneX(), e.getSceneY());
        });
    }

    private Node shelfRow(Stock roll) {
        String colour = session.shop()
                .material(roll.materialId())
                .map(m -> m.colourName(roll.colour()))
                .orElse("");
        String name = roll instanceof Offcut o
                ? Texts.of(o.whole() ? "loads.shelf.sheet" : "loads.shelf.offcut", colour, o.id())
                : colour;
        HBox row = Controls.row(
                name,
                Controls.figure(
                        !roll.comesOffRoll()
                                ? Texts.of(
                                        "loads.shelf.size",
                                        session.unit().number(roll.lengthMm()),
                                        session.unit().format(roll.widthMm()))
                                : session.unit().film(roll.lengthMm())));
        javafx.scene.shape.Rectangle chip = new javafx.scene.shape.Rectangle(12, 12, Theme.paint(roll.colour()));
        chip.setStroke(Theme.SOFT);
        row.getChildren().addFirst(chip);
        if (roll instanceof Offcut o) {
            dropped(row, o);
        }
        return row;
    }
}
