package jurren.app.face;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.Pane;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;

/**
 * A picture in millimetres. It shows all of what it is given until the person zooms or pans: wheel or
 * {@code +} and {@code -} zoom, a drag with the middle or right button (or with Space held) pans,
 * {@code 0} shows all again. Other nodes can be laid over it and are placed after each drawing.
 */
public final class FaceCanvas extends Pane {
    private static final double ZOOM_STEP = 1.25;
    private static final double KEY_PAN = 40;

    private final Canvas canvas = new Canvas();
    private final ReadOnlyObjectWrapper<Viewport> view = new ReadOnlyObjectWrapper<>(new Viewport(1, 0, 0));
    private final Supplier<Box> all;
    private final Consumer<Pen> picture;
    private final double marginPx;
    private Runnable placeOverlays = () -> {};
    private boolean ownView;
    private boolean held;
    private boolean spaceHeld;
    private double lastX;
    private double lastY;

    /** @param all what is to be shown whole */
    public FaceCanvas(String name, double marginPx, Supplier<Box> all, Consumer<Pen> picture) {
        this.all = all;
        this.picture = picture;
        this.marginPx = marginPx;
        getStyleClass().add("face-canvas");
        getChildren().add(canvas);
        setFocusTraversable(true);
        setAccessibleText(name);
        setAccessibleRole(javafx.scene.AccessibleRole.IMAGE_VIEW);
        setMinSize(100, 80);
        addEventHandler(ScrollEvent.SCROLL, this::scroll);
        addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        addEventFilter(MouseEvent.MOUSE_DRAGGED, this::drag);
        addEventFilter(KeyEvent.KEY_PRESSED, this::panByKey);
        addEventHandler(KeyEvent.KEY_PRESSED, this::keyDown);
        addEventHandler(KeyEvent.KEY_RELEASED, this::keyUp);
        focusedProperty().addListener((_, _, _) -> redraw());
    }

    public ReadOnlyObjectProperty<Viewport> viewProperty() {
        return view.getReadOnlyProperty();
    }

    public Viewport view() {
        return view.get();
    }

    public void whenDrawn(Runnable place) {
        placeOverlays = place;
    }

    public boolean isPanning(MouseEvent e) {
        return spaceHeld
                || e.getButton() == MouseButton.MIDDLE
                || e.getButton() == MouseButton.SECONDARY
                || e.isMiddleButtonDown()
                || e.isSecondaryButtonDown();
    }

    public void zoom(double factor) {
        zoomAt(factor, getWidth() / 2, getHeight() / 2);
    }

    public void zoomIn() {
        zoom(ZOOM_STEP);
    }

    public void zoomOut() {
        zoom(1 / ZOOM_STEP);
    }

    /** Brings a place to the middle, closer than it was unless it is close already. */
    public void showAround(Point at, double mm) {
        if (getWidth() < 1) {
            return;
        }
        ownView = true;
        double close = Math.max(view().pxPerMm(), Math.min(getWidth(), getHeight()) / mm);
        view.set(
                Viewport.showing(Box.ofSize(at.xMm() - mm / 2, at.yMm() - mm / 2, mm, mm), getWidth(), getHeight(), 0));
        if (view().pxPerMm() < close) {
            view.set(view().zoomed(close / view().pxPerMm(), getWidth() / 2, getHeight() / 2));
        }
        redraw();
    }

    public void showAll() {
        ownView = false;
        redraw();
    }

    /** While something is dragged, what is under the pointer stays there, whatever the picture comes to show. */
    public void holdView(boolean hold) {
        held = hold;
        if (!hold) {
            redraw();
        }
    }

    private void zoomAt(double factor, double x, double y) {
        ownView = true;
        view.set(view().zoomed(factor, x, y));
        redraw();
    }

    public void redraw() {
        double w = getWidth();
        double h = getHeight();
        if (w < 1 || h < 1) {
            return;
        }
        if (!ownView && !held) {
            view.set(Viewport.showing(all.get(), w, h, marginPx));
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, w, h);
        picture.accept(new Pen(g, view()));
        placeOverlays.run();
    }

    @Override
    protected void layoutChildren() {
        if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
            canvas.setWidth(getWidth());
            canvas.setHeight(getHeight());
            redraw();
        }
        super.layoutChildren();
    }

    private void scroll(ScrollEvent e) {
        if (e.getDeltaY() != 0) {
            zoomAt(e.getDeltaY() > 0 ? ZOOM_STEP : 1 / ZOOM_STEP, e.getX(), e.getY());
        }
        e.consume();
    }

    private void press(MouseEvent e) {
        requestFocus();
        lastX = e.getX();
        lastY = e.getY();
    }

    private void drag(MouseEvent e) {
        if (isPanning(e)) {
            ownView = true;
            view.set(view().panned(e.getX() - lastX, e.getY() - lastY));
            lastX = e.getX();
            lastY = e.getY();
            redraw();
            e.consume();
        }
    }

    /** With Space held the arrow keys pan, whatever else they do. */
    private void panByKey(KeyEvent e) {
        if (spaceHeld && e.getCode().isArrowKey()) {
            ownView = true;
            view.set(view().panned(
                            e.getCode() == KeyCode.LEFT ? -KEY_PAN : e.getCode() == KeyCode.RIGHT ? KEY_PAN : 0,
                            e.getCode() == KeyCode.UP ? -KEY_PAN : e.getCode() == KeyCode.DOWN ? KEY_PAN : 0));
            redraw();
            e.consume();
        }
    }

    private void keyDown(KeyEvent e) {
        boolean taken = true;
        switch (e.getCode()) {
            case PLUS, EQUALS, ADD -> zoomIn();
            case MINUS, SUBTRACT -> zoomOut();
            case DIGIT0, NUMPAD0 -> showAll();
            case SPACE -> {
                spaceHeld = true;
                setCursor(Cursor.OPEN_HAND);
            }
            default -> taken = false;
        }
        if (taken) {
            e.consume();
        }
    }

    private void keyUp(KeyEvent e) {
        switch (e.getCode()) {
            case SPACE -> {
                spaceHeld = false;
                setCursor(Cursor.DEFAULT);
            }
            default -> {}
        }
    }
}
