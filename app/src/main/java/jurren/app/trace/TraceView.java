package jurren.app.trace;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Consumer;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.WritableImage;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.face.Pen;
import jurren.app.face.PictureImage;
import jurren.app.face.Viewport;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.trace.Picture;

/**
 * The picture on the left of the wipe, what it is traced to over the dimmed picture on its right. While it
 * is being straightened, the picture as it came with its four corners.
 */
final class TraceView extends Canvas {
    private static final double GRAB_PX = 12;
    private static final double STEP = 0.05;
    private static final double CORNER_PX = 6;
    private static final double LARGE_CORNER_STEP = 10;

    private final Consumer<Point> clicked;
    private final Consumer<List<Point>> cornersMoved;
    private BiFunction<Colour, Integer, Colour> shownAs = (c, _) -> c;
    private Optional<TraceWork.Result> result = Optional.empty();
    private double wipe = 0.38;
    private boolean wiping;
    private int part;
    private Optional<Point> marked = Optional.empty();
    private boolean moved;
    private Optional<List<Point>> corners = Optional.empty();
    private int corner = -1;
    private Picture original;

    /** @param clicked told the place in the straightened picture */
    TraceView(double width, double height, Consumer<Point> clicked, Consumer<List<Point>> cornersMoved) {
        super(width, height);
        this.clicked = clicked;
        this.cornersMoved = cornersMoved;
        setId("trace-view");
        setAccessibleText(Texts.of("trace.view"));
        setFocusTraversable(true);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventHandler(MouseEvent.MOUSE_RELEASED, this::release);
        addEventHandler(MouseEvent.MOUSE_MOVED, this::hover);
        addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        focusedProperty().addListener((_, _, _) -> draw());
    }

    /** @param as in which colour each found colour is shown */
    void show(TraceWork.Result newResult, BiFunction<Colour, Integer, Colour> as) {
        result = Optional.of(newResult);
        shownAs = as;
        draw();
    }

    /** Corners in the picture as it came; empty to leave straightening. */
    void straighten(Picture picture, Optional<List<Point>> now) {
        original = picture;
        corners = now.map(ArrayList::new);
        draw();
    }

    private Viewport viewport() {
        Picture p = corners.isPresent()
                ? original
                : result.map(TraceWork.Result::picture).orElse(original);
        return p == null
                ? Viewport.showing(new Box(0, 0, 1, 1), getWidth(), getHeight(), 12)
                : Viewport.showing(new Box(0, 0, p.width(), p.height()), getWidth(), getHeight(), 14);
    }

    private void draw() {
        GraphicsContext g = getGraphicsContext2D();
        g.setFill(Theme.BENCH);
        g.fillRoundRect(0, 0, getWidth(), getHeight(), 8, 8);
        if (corners.isPresent()) {
            picture(g, original, 1);
            corners(g);
        } else {
            result.ifPresentOrElse(
                    r -> traced(g, r),
                    () -> new Pen(g, viewport())
                            .text(
                                    Texts.of("trace.working"),
                                    getWidth() / 2,
                                    getHeight() / 2,
                                    Theme.text(15),
                                    Theme.SOFT,
                                    TextAlignment.CENTER));
        }
        if (isFocused()) {
            g.setStroke(Theme.INK);
            g.setLineWidth(1);
            g.setLineDashes(2, 2);
            g.strokeRect(1.5, 1.5, getWidth() - 3, getHeight() - 3);
            g.setLineDashes();
        }
    }

    /** The next part from top to bottom, marked by a ring. */
    private void nextPart(int by) {
        List<Point> all = result.map(TraceWork.Result::insides).orElse(List.of());
        if (!all.isEmpty()) {
            part = marked.isEmpty() ? (by > 0 ? 0 : all.size() - 1) : Math.floorMod(part + by, all.size());
            marked = Optional.of(all.get(part));
            draw();
        }
    }

    private void ring(GraphicsContext g, Point at) {
        double x = viewport().x(at.xMm());
        double y = viewport().y(at.yMm());
        g.setLineWidth(4);
        g.setStroke(Color.WHITE);
        g.strokeOval(x - GRAB_PX, y - GRAB_PX, 2 * GRAB_PX, 2 * GRAB_PX);
        g.setLineWidth(2);
        g.setStroke(Theme.PLUM);
        g.strokeOval(x - GRAB_PX, y - GRAB_PX, 2 * GRAB_PX, 2 * GRAB_PX);
    }

    private void picture(GraphicsContext g, Picture p, double strength) {
        Viewport v = viewport();
        g.setGlobalAlpha(strength);
        g.drawImage(PictureImage.of(p), v.x(0), v.y(0), p.width() * v.pxPerMm(), p.height() * v.pxPerMm());
        g.setGlobalAlpha(1);
    }

    private void traced(GraphicsContext g, TraceWork.Result r) {
        Viewport v = viewport();
        Pen pen = new Pen(g, v);
        double left = v.x(0);
        double width = r.picture().width() * v.pxPerMm();
        double height = r.picture().height() * v.pxPerMm();
        double at = left + wipe * width;
        chequer(g, left, v.y(0), width, height);
        picture(g, r.picture(), 0.14);
        for (int i = 0; i < r.curves().size(); i++) {
            TraceWork.Result.Shown s = r.curves().get(i);
            pen.fill(s.curves(), Theme.paint(shownAs.apply(s.colour(), i)));
            pen.outline(s.curves(), Theme.INK.deriveColor(0, 1, 1, 0.45), 0.7);
        }
        // what lies left of the wipe is painted over with the picture itself
        WritableImage image = PictureImage.of(r.picture());
        if (at > left + 1) {
            g.setFill(Color.web("#F7F7F5"));
            g.fillRect(left, v.y(0), at - left, height);
            g.drawImage(image, 0, 0, wipe * image.getWidth(), image.getHeight(), left, v.y(0), at - left, height);
        }
        for (Region lost : r.lost()) {
            pen.fill(lost, Theme.MARIGOLD);
            pen.outline(lost, Placement.HERE, Theme.INK, 1);
        }
        wipeLine(g, at, v.y(0), height);
        marked.ifPresent(p -> ring(g, p));
    }

    /** The ground shows whether the traced colours are light or dark. */
    private static void chequer(GraphicsContext g, double x, double y, double w, double h) {
        g.setFill(Color.web("#F7F7F5"));
        g.fillRect(x, y, w, h);
        g.setStroke(Theme.SOFT.deriveColor(0, 1, 1, 0.6));
        g.setLineWidth(1);
        g.strokeRect(Math.floor(x) - 0.5, Math.floor(y) - 0.5, w + 1, h + 1);
    }

    private void wipeLine(GraphicsContext g, double x, double y, double h) {
        g.setStroke(Theme.PLUM);
        g.setLineWidth(2);
        g.strokeLine(x, y, x, y + h);
        g.setFill(Theme.PLUM);
        g.fillOval(x - 11, y + h / 2 - 11, 22, 22);
        new Pen(g, viewport()).text("↔", x, y + h / 2, Theme.text(14), Color.WHITE, TextAlignment.CENTER);
    }

    private void corners(GraphicsContext g) {
        Pen pen = new Pen(g, viewport());
        List<Point> c = corners.orElseThrow();
        List<Point> round = new ArrayList<>(c);
        round.add(c.getFirst());
        pen.lines(round, Color.WHITE, 3);
        pen.lines(round, Theme.PLUM, 1.5, 6, 4);
        for (int i = 0; i < 4; i++) {
            double x = pen.view().x(c.get(i).xMm());
            double y = pen.view().y(c.get(i).yMm());
            g.setFill(i == corner ? Theme.PLUM : Color.WHITE);
            g.fillOval(x - CORNER_PX, y - CORNER_PX, 2 * CORNER_PX, 2 * CORNER_PX);
            g.setStroke(Theme.PLUM);
            g.setLineWidth(2);
            g.strokeOval(x - CORNER_PX, y - CORNER_PX, 2 * CORNER_PX, 2 * CORNER_PX);
        }
    }

    // ---- pointer and keys

    private void press(MouseEvent e) {
        requestFocus();
        moved = false;
        wiping = false;
        if (corners.isPresent()) {
            corner = nearest(e.getX(), e.getY());
            draw();
        } else if (result.isPresent()) {
            wiping = Math.abs(e.getX() - wipeX()) < GRAB_PX;
        }
        // what the view scrolls in would take the focus
        e.consume();
    }

    private double wipeX() {
        Viewport v = viewport();
        return v.x(wipe * result.orElseThrow().picture().width());
    }

    private int nearest(double x, double y) {
        Viewport v = viewport();
        List<Point> c = corners.orElseThrow();
        int best = -1;
        double nearest = 2 * GRAB_PX;
        for (int i = 0; i < 4; i++) {
            double d = Math.hypot(v.x(c.get(i).xMm()) - x, v.y(c.get(i).yMm()) - y);
            if (d < nearest) {
                nearest = d;
                best = i;
            }
        }
        return best;
    }

    private void drag(MouseEvent e) {
        moved = true;
        if (corners.isPresent() && corner >= 0) {
            moveCorner(viewport().toMm(e.getX(), e.getY()));
        } else if (wiping) {
            wipeTo(viewport().toMm(e.getX(), e.getY()).xMm()
                    / result.orElseThrow().picture().width());
        }
    }

    private void moveCorner(Point to) {
        Point inside = new Point(Math.clamp(to.xMm(), 0, original.width()), Math.clamp(to.yMm(), 0, original.height()));
        List<Point> now = new ArrayList<>(corners.orElseThrow());
        now.set(corner, inside);
        corners = Optional.of(now);
        draw();
        cornersMoved.accept(List.copyOf(now));
    }

    private void wipeTo(double share) {
        wipe = Math.clamp(share, 0, 1);
        draw();
    }

    private void release(MouseEvent e) {
        if (!moved && !wiping && corners.isEmpty() && result.isPresent()) {
            clicked.accept(viewport().toMm(e.getX(), e.getY()));
        }
        wiping = false;
    }

    private void hover(MouseEvent e) {
        boolean overWipe = corners.isEmpty() && result.isPresent() && Math.abs(e.getX() - wipeX()) < GRAB_PX;
        setCursor(
                overWipe
                        ? Cursor.H_RESIZE
                        : corners.isPresent() && nearest(e.getX(), e.getY()) >= 0 ? Cursor.MOVE : Cursor.HAND);
    }

    private void key(KeyEvent e) {
        boolean taken = true;
        if (corners.isPresent()) {
            double step = e.isShiftDown() ? LARGE_CORNER_STEP : 1;
            Point at = corner < 0 ? null : corners.get().get(corner);
            switch (e.getCode()) {
                case N -> {
                    corner = (corner + 1) % 4;
                    draw();
                }
                case LEFT, RIGHT, UP, DOWN -> {
                    if (at != null) {
                        moveCorner(at.plus(
                                e.getCode() == KeyCode.LEFT ? -step : e.getCode() == KeyCode.RIGHT ? step : 0,
                                e.getCode() == KeyCode.UP ? -step : e.getCode() == KeyCode.DOWN ? step : 0));
                    }
                }
                default -> taken = false;
            }
        } else {
            switch (e.getCode()) {
                case LEFT -> wipeTo(wipe - STEP);
                case RIGHT -> wipeTo(wipe + STEP);
                case N -> nextPart(e.isShiftDown() ? -1 : 1);
                case SPACE, DELETE -> marked.ifPresent(clicked);
                default -> taken = false;
            }
        }
        if (taken) {
            e.consume();
        }
    }
}
