package jurren.app.bench.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import jurren.app.desk.Order;
import jurren.app.face.FaceCanvas;
import jurren.app.face.Pen;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.app.theme.Typed;
import jurren.core.blank.Face;
import jurren.core.blank.Obstacle;
import jurren.core.blank.Photo;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.geometry.Warp;
import jurren.core.plan.FaceShapes;
import jurren.core.trace.AlikeArea;
import jurren.formats.words.Words;

/**
 * The face as it is measured so far with what art must keep clear of: boxes and circles by their measures, any outline
 * drawn corner by corner or traced where the photo is clicked.
 */
final class InTheWay {
    private static final double WIDTH = 660;
    private static final double HEIGHT = 250;
    private static final double MARGIN = 14;
    private static final double CLOSE_PX = 9;
    private static final double KIND_WIDTH = 104;
    private static final double SHAPE_WIDTH = 114;
    private static final double FIELD_WIDTH = 76;
    private static final double SEEN_THROUGH = 0.45;

    /** What a click on the picture does. */
    private enum Doing {
        NOTHING,
        DRAWING,
        TRACING
    }

    private final Session session;
    private final OwnDraft draft;
    private final PhotoScaler photo;
    private final FaceCanvas canvas;
    private final Label what = Controls.label("", "hint");
    private final Button draw = Controls.button("own-draw", Texts.of("measure.draw"), () -> begin(Doing.DRAWING));
    private final Button trace = Controls.button("own-trace", Texts.of("measure.trace"), () -> begin(Doing.TRACING));
    private final VBox list = new VBox();
    private final List<Runnable> figures = new ArrayList<>();
    private final List<Point> corners = new ArrayList<>();
    private final VBox node;
    private Doing doing = Doing.NOTHING;
    private String of = "";
    private double roomMm = 2;

    InTheWay(Session session, OwnDraft draft, PhotoScaler photo) {
        this.session = session;
        this.draft = draft;
        this.photo = photo;
        this.canvas = new FaceCanvas(Texts.of("measure.picture"), MARGIN, this::all, this::paint);
        canvas.setId("own-picture");
        canvas.setPrefSize(WIDTH, HEIGHT);
        canvas.addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
        canvas.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        list.getStyleClass().add("rows");
        what.setId("own-way-hint");
        MeasureField room = MeasureField.offset(Texts.of("measure.room"), session::unit, mm -> roomMm = mm);
        room.setId("own-room");
        room.setPrefWidth(FIELD_WIDTH);
        room.show(roomMm);
        HBox roomRow = new HBox(6, Controls.label(Texts.of("measure.room")), room);
        roomRow.setAlignment(Pos.CENTER_LEFT);
        this.node = new VBox(
                8,
                new DrawnOn(),
                Controls.caption(Texts.of("measure.spots")),
                Controls.flow(
                        Controls.button("own-add-spot", Texts.of("measure.add-spot"), this::add), draw, trace, roomRow),
                what,
                list);
    }

    Node node() {
        return node;
    }

    private Box all() {
        return draft.face().pictureBox();
    }

    void show() {
        if (!of.equals(draft.face().id())) {
            of = draft.face().id();
            doing = Doing.NOTHING;
            corners.clear();
        }
        trace.setDisable(traceable().isEmpty());
        what.setText(Texts.of(
                switch (doing) {
                    case DRAWING -> "measure.drawing";
                    case TRACING -> "measure.tracing";
                    case NOTHING -> traceable().isPresent() ? "measure.way" : "measure.way.no-photo";
                }));
        Controls.refillWhenChanged(
                list,
                List.of(
                        draft.face().id(),
                        draft.sizeId(),
                        draft.inTheWay().stream().map(o -> o.shape().getClass()).toList()),
                this::rows);
        figures.forEach(Runnable::run);
        canvas.redraw();
    }

    // ---- the picture

    /** The photo lies behind the usual face, where that is not bent. */
    private Optional<Photo> traceable() {
        return draft.isUsualFace() && draft.face().unrolling() == Warp.NONE ? photo.photo("photo") : Optional.empty();
    }

    private void paint(Pen pen) {
        Face face = draft.face();
        boolean behind = false;
        if (traceable().isPresent() && photo.image().isPresent()) {
            Photo p = traceable().get();
            Image image = photo.image().get();
            double scale = p.mmPerPx() * pen.view().pxPerMm();
            pen.graphics()
                    .drawImage(
                            image,
                            pen.view().x(p.xMm()),
                            pen.view().y(p.yMm()),
                            image.getWidth() * scale,
                            image.getHeight() * scale);
            behind = true;
        }
        pen.graphics().setGlobalAlpha(behind ? SEEN_THROUGH : 1);
        pen.blank(face.picture(), draft.blank().colours().getFirst().colour());
        pen.graphics().setGlobalAlpha(1);
        Color guide = behind
                ? Theme.PLUM
                : Theme.lineOn(draft.blank().colours().getFirst().colour());
        FaceShapes shapes = FaceShapes.of(face, List.of());
        for (Region region : shapes.obstacles().values()) {
            pen.fill(region, guide.deriveColor(0, 1, 1, 0.15));
            if (behind) {
                pen.outline(region, Placement.HERE, Color.WHITE, 3);
            }
            pen.outline(region, Placement.HERE, guide, 1.4);
        }
        pen.outline(shapes.area(), Placement.HERE, behind ? Color.WHITE : guide, 1.2, 2, 4);
        if (!corners.isEmpty()) {
            pen.lines(corners, Theme.MARIGOLD, 2);
            for (Point c : corners) {
                pen.fillBox(
                        Box.ofSize(c.xMm(), c.yMm(), 0, 0).grown(3 / pen.view().pxPerMm()), Theme.MARIGOLD);
            }
        }
    }

    private void begin(Doing now) {
        doing = now;
        corners.clear();
        canvas.requestFocus();
        Controls.reveal(canvas);
        show();
    }

    private void click(MouseEvent e) {
        if (doing == Doing.NOTHING || e.getButton() != MouseButton.PRIMARY || canvas.isPanning(e)) {
            return;
        }
        Point at = canvas.view().toMm(e.getX(), e.getY());
        if (doing == Doing.TRACING) {
            trace(at);
        } else if (corners.size() > 2
                && corners.getFirst().distanceMm(at) * canvas.view().pxPerMm() < CLOSE_PX) {
            close();
        } else {
            corners.add(at);
            show();
        }
    }

    private void key(KeyEvent e) {
        if (doing == Doing.DRAWING && e.getCode() == KeyCode.BACK_SPACE && !corners.isEmpty()) {
            corners.removeLast();
            show();
            e.consume();
        }
    }

    /** While something is drawn, Enter ends that and Escape leaves it, and not the sheet. */
    private final class DrawnOn extends StackPane implements Typed {
        DrawnOn() {
            super(canvas);
            // what scrolls it would take the focus
            setOnMousePressed(MouseEvent::consume);
        }

        @Override
        public boolean isPending() {
            return doing != Doing.NOTHING;
        }

        @Override
        public void commit() {
            if (doing == Doing.DRAWING) {
                close();
            }
        }

        @Override
        public void restore() {
            begin(Doing.NOTHING);
        }
    }

    private void close() {
        List<Point> drawn = corners.stream().map(draft.face()::rolled).toList();
        begin(Doing.NOTHING);
        try {
            put(Obstacle.around(Obstacle.Kind.OTHER, new Obstacle.Drawn(drawn).region(), roomMm));
        } catch (IllegalArgumentException e) {
            draft.object(e);
        }
    }

    private void trace(Point at) {
        Photo on = traceable().orElseThrow();
        double room = roomMm;
        String face = draft.face().id();
        photo.pixels()
                .ifPresent(picture -> session.desk()
                        .give(new Order<>(
                                Texts.of("work.tracing-part"),
                                _ -> AlikeArea.at(picture, on.pixelAt(at))
                                        .map(r -> Obstacle.around(Obstacle.Kind.CAMERA, r.placed(on.ontoFace()), room)),
                                found -> found.ifPresentOrElse(o -> traced(o, face), this::nothingTraced),
                                _ -> nothingTraced())));
    }

    private void nothingTraced() {
        what.setText(Texts.of("measure.trace.nothing"));
    }

    /** Of no use any more when another face is looked at by now. */
    private void traced(Obstacle o, String face) {
        if (face.equals(draft.face().id())) {
            doing = Doing.NOTHING;
            put(o);
        }
    }

    // ---- the list

    /** On every size; where it lies on each can be changed there. */
    private void put(Obstacle o) {
        draft.editFaceOfEverySize(f ->
                f.withFurther(Stream.concat(f.further().stream(), Stream.of(o)).toList()));
    }

    private void add() {
        Box whole = draft.face().form().whole();
        put(Obstacle.rect(Obstacle.Kind.OTHER, Box.ofSize(whole.minXMm() + 10, whole.minYMm() + 10, 20, 20)));
    }

    private List<Node> rows() {
        figures.clear();
        List<Node> rows = new ArrayList<>();
        for (int i = 0; i < draft.inTheWay().size(); i++) {
            rows.add(row(i));
        }
        return rows;
    }

    private Obstacle now(int i) {
        return draft.inTheWay().get(i);
    }

    private void change(int i, Obstacle to) {
        draft.obstacles(all -> {
            all.set(i, to);
            return all;
        });
    }

    private Node row(int i) {
        Controls.Choice<Obstacle.Kind> kind = new Controls.Choice<>(
                "spot-what-" + i,
                Texts.of("measure.spots"),
                List.of(Obstacle.Kind.values()),
                Words::obstacle,
                k -> change(i, new Obstacle(k, now(i).shape())));
        kind.setPrefWidth(KIND_WIDTH);
        figures.add(() -> kind.show(now(i).kind()));
        HBox row = new HBox(
                6,
                kind,
                shape(i),
                number(
                        "left",
                        i,
                        o -> o.box().minXMm() - whole().minXMm(),
                        (b, mm) -> Box.ofSize(whole().minXMm() + mm, b.minYMm(), b.widthMm(), b.heightMm())),
                number(
                        "top",
                        i,
                        o -> o.box().minYMm() - whole().minYMm(),
                        (b, mm) -> Box.ofSize(b.minXMm(), whole().minYMm() + mm, b.widthMm(), b.heightMm())));
        boolean round = now(i).shape() instanceof Obstacle.Disc;
        row.getChildren()
                .add(number(
                        "width",
                        i,
                        o -> o.box().widthMm(),
                        (b, mm) -> Box.ofSize(b.minXMm(), b.minYMm(), mm, round ? mm : b.heightMm())));
        if (!round) {
            row.getChildren()
                    .add(number(
                            "height",
                            i,
                            o -> o.box().heightMm(),
                            (b, mm) -> Box.ofSize(b.minXMm(), b.minYMm(), b.widthMm(), mm)));
        }
        row.getChildren()
                .add(Controls.sign(
                        "spot-remove-" + i,
                        "×",
                        Texts.of("measure.spot.remove"),
                        () -> draft.obstacles(all -> {
                            all.remove(i);
                            return all;
                        })));
        row.setAlignment(Pos.BOTTOM_LEFT);
        return row;
    }

    private Box whole() {
        return draft.face().form().whole();
    }

    private Node shape(int i) {
        if (now(i).shape() instanceof Obstacle.Drawn d) {
            Label corners =
                    Controls.label(Texts.of("measure.spot.drawn", d.corners().size()), "hint");
            corners.setPrefWidth(SHAPE_WIDTH);
            corners.setMinWidth(SHAPE_WIDTH);
            return corners;
        }
        Controls.Segments<Boolean> shape = Controls.segments(
                "spot-shape-" + i,
                List.of(false, true),
                r -> Texts.of(r ? "measure.spot.disc" : "measure.spot.rect"),
                r -> {
                    Box b = now(i).box();
                    change(
                            i,
                            new Obstacle(
                                    now(i).kind(),
                                    r
                                            ? new Obstacle.Disc(
                                                    b.minXMm() + b.widthMm() / 2,
                                                    b.minYMm() + b.widthMm() / 2,
                                                    b.widthMm())
                                            : Obstacle.Rect.of(b)));
                });
        shape.show(now(i).shape() instanceof Obstacle.Disc);
        return shape;
    }

    /** A box with one of its figures changed. */
    @FunctionalInterface
    private interface Boxed {
        Box with(Box box, double mm);
    }

    private Node number(String name, int i, ToDoubleFunction<Obstacle> now, Boxed changed) {
        String words = Texts.of("measure.spot." + name);
        MeasureField field = MeasureField.offset(words, session::unit, mm -> {
            try {
                change(i, now(i).in(changed.with(now(i).box(), mm)));
            } catch (IllegalArgumentException e) {
                draft.object(e);
            }
        });
        field.setId("spot-" + name.toLowerCase(Locale.ROOT) + "-" + i);
        field.setPrefWidth(FIELD_WIDTH);
        figures.add(() -> field.show(now.applyAsDouble(now(i))));
        return new VBox(1, Controls.label(words, "hint"), field);
    }
}
