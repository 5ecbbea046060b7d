package jurren.app.bench.loads;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import jurren.app.desk.Order;
import jurren.app.face.FaceCanvas;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.load.CutItem;
import jurren.core.load.Cutter;
import jurren.core.load.FilmPiece;
import jurren.core.load.LayoutChoices;
import jurren.core.load.Load;
import jurren.core.load.MatPiece;
import jurren.core.load.Offcut;
import jurren.core.load.Pin;
import jurren.core.load.Placed;
import jurren.core.load.Roll;
import jurren.core.load.WholeLayer;

/** A piece on a load, chosen, dragged, turned and pinned by hand; the rest lies around it. */
final class PieceInHand {
    private static final double STEP_MM = 1;
    private static final double LARGE_STEP_MM = 10;

    private final Session session;
    private final FaceCanvas canvas;
    private final LoadsPicture picture;
    private final Supplier<List<CutRun>> runs;
    private final BooleanSupplier shown;
    private CutItem chosen;
    private LoadsPicture.Held held;
    private Point from;

    PieceInHand(
            Session session,
            FaceCanvas canvas,
            LoadsPicture picture,
            Supplier<List<CutRun>> runs,
            BooleanSupplier shown) {
        this.session = session;
        this.canvas = canvas;
        this.picture = picture;
        this.runs = runs;
        this.shown = shown;
        canvas.setFocusTraversable(true);
        canvas.addEventHandler(MouseEvent.MOUSE_PRESSED, this::pressed);
        canvas.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::dragged);
        canvas.addEventHandler(MouseEvent.MOUSE_RELEASED, _ -> released());
        canvas.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    private Optional<Load> load() {
        return chosen().flatMap(p -> runs.get().stream()
                .map(CutRun::load)
                .filter(l -> l.placed().contains(p))
                .findFirst());
    }

    /** The chosen piece where it lies now. */
    Optional<Placed> chosen() {
        return chosen == null
                ? Optional.empty()
                : runs.get().stream()
                        .flatMap(r -> r.load().placed().stream())
                        .filter(p -> p.item().lineId().equals(chosen.lineId())
                                && p.item().place().equals(chosen.place())
                                && p.item().size().equals(chosen.size())
                                && p.item().copy() == chosen.copy()
                                && p.item().layer().order() == chosen.layer().order())
                        .findFirst();
    }

    Optional<LoadsPicture.Held> held() {
        return Optional.ofNullable(held);
    }

    private void pressed(MouseEvent e) {
        if (!shown.getAsBoolean() || canvas.isPanning(e) || !e.isPrimaryButtonDown()) {
            return;
        }
        canvas.requestFocus();
        Point at = canvas.view().toMm(e.getX(), e.getY());
        Optional<LoadsPicture.Hit> hit = picture.at(
                runs.get(), picture.scale(runs.get(), canvas.getWidth(), canvas.getHeight()), canvas.getWidth(), at);
        chosen = hit.map(h -> h.piece().item()).orElse(null);
        from = hit.map(_ -> at).orElse(null);
        session.nudge();
    }

    /** The piece there is the one that is meant. */
    void over(double sceneX, double sceneY) {
        CutItem there = at(sceneX, sceneY).map(h -> h.piece().item()).orElse(null);
        if (there != null && !there.equals(chosen)) {
            chosen = there;
            canvas.redraw();
        }
    }

    /** An offcut let go over a piece takes its whole layer. */
    void drop(Offcut offcut, double sceneX, double sceneY) {
        at(sceneX, sceneY).ifPresent(h -> {
            if (session.job().laying().isTaken(h.load().stock())) {
                session.notices().say(Texts.of("loads.piece.cut"));
            } else if (offcut.isOf(h.load().material(), h.load().colour())) {
                wholeLayer(h.piece().item(), offcut);
            } else {
                session.notices()
                        .say(Texts.of(
                                "loads.other-film", offcut.id(), session.shelf().name(offcut)));
            }
        });
    }

    private Optional<LoadsPicture.Hit> at(double sceneX, double sceneY) {
        var local = canvas.sceneToLocal(sceneX, sceneY);
        return !shown.getAsBoolean() || !canvas.getBoundsInLocal().contains(local)
                ? Optional.empty()
                : picture.at(
                        runs.get(),
                        picture.scale(runs.get(), canvas.getWidth(), canvas.getHeight()),
                        canvas.getWidth(),
                        canvas.view().toMm(local.getX(), local.getY()));
    }

    private void dragged(MouseEvent e) {
        if (from == null) {
            return;
        }
        Point at = canvas.view().toMm(e.getX(), e.getY());
        drag(at.xMm() - from.xMm(), from.yMm() - at.yMm());
        canvas.redraw();
    }

    private void drag(double dxMm, double dyMm) {
        chosen().ifPresent(p -> load().filter(l -> !session.job().laying().isTaken(l.stock()))
                .ifPresent(l -> held = new LoadsPicture.Held(
                        p,
                        l,
                        dxMm,
                        dyMm,
                        l.isFree(
                                p,
                                dxMm,
                                dyMm,
                                session.shop().cutter(),
                                other ->
                                        session.job().laying().pin(other.item()).isPresent()))));
    }

    private void released() {
        from = null;
        LoadsPicture.Held h = held;
        held = null;
        if (h != null && Math.hypot(h.dxMm(), h.dyMm()) * canvas.view().pxPerMm() > 2) {
            if (h.free()) {
                pin(
                        h.piece(),
                        h.load().stock().id(),
                        h.piece().degrees(),
                        h.piece().onto().then(Placement.moved(h.dxMm(), h.dyMm())));
            } else {
                session.notices().say(Texts.of("loads.not-free"));
            }
        }
        canvas.redraw();
    }

    private void key(KeyEvent e) {
        double step = e.isShiftDown() ? LARGE_STEP_MM : STEP_MM;
        switch (e.getCode()) {
            case LEFT -> move(-step, 0, e);
            case RIGHT -> move(step, 0, e);
            case UP -> move(0, step, e);
            case DOWN -> move(0, -step, e);
            case TAB -> {}
            default -> {
                if (e.getCode() == KeyCode.SPACE && chosen().isEmpty()) {
                    next();
                    e.consume();
                }
            }
        }
    }

    private void next() {
        runs.get().stream().flatMap(r -> r.load().placed().stream()).findFirst().ifPresent(p -> chosen = p.item());
        session.nudge();
    }

    private void move(double dx, double dy, KeyEvent e) {
        if (chosen().isEmpty()) {
            return;
        }
        e.consume();
        drag(dx, dy);
        LoadsPicture.Held h = held;
        held = null;
        if (h != null && h.free()) {
            pin(
                    h.piece(),
                    h.load().stock().id(),
                    h.piece().degrees(),
                    h.piece().onto().then(Placement.moved(dx, dy)));
        } else {
            session.notices().say(Texts.of("loads.not-free"));
        }
    }

    private void pin(Placed p, String stock, double degrees, Placement onto) {
        CutItem i = p.item();
        LayoutChoices laying = session.job().laying();
        session.edit(session.job()
                .withLaying(laying.with(new Pin(
                        i.lineId(),
                        i.place(),
                        i.size(),
                        i.copy(),
                        i.layer().order(),
                        stock,
                        degrees,
                        new Point(onto.dxMm(), onto.dyMm())))));
    }

    /** A quarter about its own middle. */
    private void turn() {
        chosen().ifPresent(p -> load().ifPresent(l -> {
            double degrees = (p.degrees() + (p.item().layer().material().directed() ? 180 : 90)) % 360;
            Point middle = p.box().centre();
            Placement turned = p.item().ontoFilm(degrees);
            Point now = p.item().layer().region().bounds().placed(turned).centre();
            pin(
                    p,
                    l.stock().id(),
                    degrees,
                    turned.then(Placement.moved(middle.xMm() - now.xMm(), middle.yMm() - now.yMm())));
        }));
    }

    /** Onto another piece of the same film, where there is room: its lower corner. */
    private void send(Placed p, FilmPiece to) {
        Box usable = to.usable(session.shop().cutter()).bounds();
        Box box = p.item().layer().region().bounds().placed(p.item().ontoFilm(p.degrees()));
        pin(
                p,
                to.id(),
                p.degrees(),
                p.item()
                        .ontoFilm(p.degrees())
                        .then(Placement.moved(
                                usable.minXMm() - box.minXMm() + Load.PINNED_IN_MM,
                                usable.minYMm() - box.minYMm() + Load.PINNED_IN_MM)));
    }

    /** Every piece of a layer onto one piece of film, as many as that takes. */
    private void wholeLayer(CutItem of, Offcut stock) {
        List<CutItem> items = runs.get().stream()
                .map(CutRun::load)
                .filter(l -> !session.job().laying().isTaken(l.stock()))
                .flatMap(l -> l.placed().stream())
                .map(Placed::item)
                .filter(i -> i.lineId().equals(of.lineId())
                        && i.place().equals(of.place())
                        && i.layer().film().equals(of.layer().film()))
                .toList();
        Cutter cutter = session.shop().cutter();
        boolean framed = session.job().framed();
        session.desk()
                .give(new Order<>(
                        Texts.of("work.laying"),
                        _ -> WholeLayer.onto(items, stock, cutter, framed),
                        pins -> wholeLayer(of, stock, items.size(), pins),
                        why -> session.notices().trouble(Texts.of("work.failed", Texts.reason(why)))));
    }

    private void wholeLayer(CutItem of, Offcut stock, int pieces, List<Pin> pins) {
        if (pins.isEmpty()) {
            Box b = of.layer().region().bounds();
            session.notices()
                    .say(Texts.of(
                            "loads.none-fits",
                            stock.id(),
                            session.unit().number(b.widthMm()),
                            session.unit().format(b.heightMm())));
            return;
        }
        LayoutChoices laying = session.job().laying();
        for (Pin pin : pins) {
            laying = laying.with(pin);
        }
        session.edit(session.job().withLaying(laying));
        session.notices().say(Texts.of("loads.layer-lies", pins.size(), pieces, stock.id()));
    }

    /** On mats it goes to another piece of a roll, not to the roll. */
    private List<FilmPiece> others(Load load) {
        if (!session.shop().cutter().isOnMats()) {
            return List.copyOf(session.shop().shelf());
        }
        Stream<FilmPiece> mats = runs.get().stream().map(r -> r.load().stock()).filter(MatPiece.class::isInstance);
        return Stream.concat(
                        session.shop().shelf().stream()
                                .filter(Offcut.class::isInstance)
                                .map(FilmPiece.class::cast),
                        mats)
                .toList();
    }

    private static String to(FilmPiece other) {
        return switch (other) {
            case Roll r -> Texts.of("loads.to-roll", r.id());
            case MatPiece m -> Texts.of("loads.to-mat", m.number());
            case Offcut o -> Texts.of("loads.to-offcut", o.id());
        };
    }

    /** What can be done with the chosen piece; how to choose one when none is. */
    List<Node> card() {
        Optional<Placed> piece = chosen();
        Optional<Load> load = load();
        LayoutChoices laying = session.job().laying();
        if (!shown.getAsBoolean() || runs.get().isEmpty()) {
            return List.of();
        }
        if (piece.isEmpty() || load.isEmpty()) {
            long pins = laying.pins().stream()
                    .filter(p -> laying.taken().stream().noneMatch(t -> t.id().equals(p.stock())))
                    .count();
            return pins == 0
                    ? List.of(Controls.label(Texts.of("loads.by-hand"), "hint"))
                    : List.of(Controls.card(
                            Controls.label(Texts.of("loads.pins", pins), "hint"),
                            Controls.button(
                                    "pins-off",
                                    Texts.of("loads.pins-off"),
                                    () -> session.edit(session.job()
                                            .withLaying(laying.without(p -> laying.taken().stream()
                                                    .noneMatch(t -> t.id().equals(p.stock()))))))));
        }
        Placed p = piece.get();
        CutItem i = p.item();
        List<Node> rows = new ArrayList<>(List.of(
                Controls.label(Texts.of("loads.piece", i.lineId(), i.size(), i.copy()), "card-title"),
                Controls.label(
                        Texts.of(
                                "loads.piece.lies",
                                session.unit().format(p.box().minXMm()),
                                session.unit().format(p.box().minYMm()),
                                Math.round(p.degrees())),
                        "hint")));
        if (laying.isTaken(load.get().stock())) {
            rows.add(Controls.label(Texts.of("loads.piece.cut"), "hint"));
        } else {
            rows.add(Controls.button("piece-turn", Texts.of("loads.turn"), this::turn));
            if (laying.pin(i).isPresent()) {
                rows.add(Controls.button(
                        "piece-free",
                        Texts.of("loads.let-go"),
                        () -> session.edit(session.job().withLaying(laying.without(x -> x.isOf(i))))));
            } else {
                rows.add(Controls.button(
                        "piece-pin",
                        Texts.of("loads.pin"),
                        () -> pin(p, load.get().stock().id(), p.degrees(), p.onto())));
            }
            for (FilmPiece other : others(load.get())) {
                boolean fits = other.isOf(load.get().material(), load.get().colour())
                        && !other.equals(load.get().stock())
                        && !other.usable(session.shop().cutter()).isEmpty();
                if (fits) {
                    rows.add(Controls.button(
                            "piece-to-" + other.id().replace('/', '-'), to(other), () -> send(p, other)));
                    if (other instanceof Offcut offcut) {
                        rows.add(Controls.button(
                                "layer-to-" + other.id().replaceAll("[^A-Za-z0-9]+", "-"),
                                Texts.of("loads.layer-to", other.id()),
                                () -> wholeLayer(i, offcut)));
                    }
                }
            }
        }
        return List.of(Controls.card(rows.toArray(Node[]::new)));
    }
}
