package jurren.app.window;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;
import java.util.function.BooleanSupplier;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import javafx.application.Platform;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.scene.text.Text;
import javafx.stage.Window;

/** A pair of hands at the window: the platform's own robot on the window's thread, which needs no pauses. */
final class Hands {
    /** Longer where hours of work are looked at, and beside other work. */
    static final long PATIENCE_S = Long.getLong("hands.patience", 40);

    private final Robot robot = on(Robot::new);

    static <T> T on(Callable<T> work) {
        FutureTask<T> task = new FutureTask<>(work);
        try {
            if (Platform.isFxApplicationThread()) {
                task.run();
            } else {
                Platform.runLater(task);
            }
            return task.get(PATIENCE_S, TimeUnit.SECONDS);
        } catch (ExecutionException e) {
            throw new AssertionError(e.getCause());
        } catch (TimeoutException e) {
            throw new AssertionError("the window's thread is busy with:\n" + whatItDoes(), e);
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
    }

    private static String whatItDoes() {
        return whatIsDone(t -> t.getName().equals("JavaFX Application Thread"));
    }

    /** The stacks of those threads. */
    static String whatIsDone(Predicate<Thread> which) {
        return Thread.getAllStackTraces().entrySet().stream()
                .filter(t -> which.test(t.getKey()))
                .map(t -> t.getKey().getName() + "\n"
                        + Arrays.stream(t.getValue()).map(e -> "  " + e).collect(Collectors.joining("\n")))
                .collect(Collectors.joining("\n"));
    }

    /** What the platform has queued is dealt with. */
    static void turn() {
        on(() -> null);
        on(() -> null);
    }

    /** The window's next picture is styled and laid out, as whoever looks at it would see it. */
    static void frame(Window window) {
        CountDownLatch laidOut = new CountDownLatch(1);
        Runnable told = laidOut::countDown;
        on(() -> {
            window.getScene().addPostLayoutPulseListener(told);
            Platform.requestNextPulse();
            return null;
        });
        try {
            if (!laidOut.await(PATIENCE_S, TimeUnit.SECONDS)) {
                throw new AssertionError("no picture within " + PATIENCE_S + " s");
            }
        } catch (InterruptedException e) {
            throw new AssertionError(e);
        }
        on(() -> {
            window.getScene().removePostLayoutPulseListener(told);
            return null;
        });
    }

    Hands moveTo(Point2D p) {
        on(() -> {
            robot.mouseMove(p);
            return null;
        });
        turn();
        return this;
    }

    Hands moveBy(double dx, double dy) {
        return moveTo(on(robot::getMousePosition).add(dx, dy));
    }

    Hands press(MouseButton button) {
        on(() -> {
            robot.mousePress(button);
            return null;
        });
        turn();
        return this;
    }

    /**
     * Looked at, pressed and released in one turn, so that nothing moves in between; false, and not clicked, when it
     * does not hold.
     */
    boolean clickIf(BooleanSupplier holds, MouseButton button) {
        boolean clicked = on(() -> {
            if (holds.getAsBoolean()) {
                robot.mousePress(button);
                robot.mouseRelease(button);
                return true;
            }
            return false;
        });
        turn();
        return clicked;
    }

    Hands release(MouseButton button) {
        on(() -> {
            robot.mouseRelease(button);
            return null;
        });
        turn();
        return this;
    }

    Hands clickOn(MouseButton button) {
        clickIf(() -> true, button);
        return this;
    }

    Hands clickOn(Point2D p) {
        return moveTo(p).clickOn(MouseButton.PRIMARY);
    }

    Hands doubleClickOn(Point2D p) {
        return clickOn(p).clickOn(MouseButton.PRIMARY);
    }

    /** By {@code #id}, or by what it says; in any window, a menu's too. */
    Hands clickOn(String query) {
        return clickOn(query, MouseButton.PRIMARY);
    }

    /**
     * A menu that has only just come up is not laid out yet: what moved since it was looked for is looked for again.
     */
    Hands clickOn(String query, MouseButton button) {
        Node n;
        Point2D at;
        do {
            n = found(query);
            frame(window(n));
            at = middle(n);
            moveTo(at);
        } while (!isStill(n, at, button));
        return this;
    }

    private boolean isStill(Node n, Point2D at, MouseButton button) {
        return clickIf(
                () -> n.getScene() != null
                        && n.localToScreen(n.getBoundsInLocal()) != null
                        && middle(n).distance(at) < 1,
                button);
    }

    private static Window window(Node n) {
        return on(() -> n.getScene().getWindow());
    }

    private static Point2D middle(Node n) {
        return on(() -> {
            Bounds b = n.localToScreen(n.getBoundsInLocal());
            return new Point2D(b.getCenterX(), b.getCenterY());
        });
    }

    private static Node found(String query) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_S);
        while (System.nanoTime() < end) {
            Node n = on(() -> lookup(query));
            if (n != null) {
                return n;
            }
            turn();
        }
        throw new AssertionError("nothing in sight is \"" + query + "\"");
    }

    private static Node lookup(String query) {
        for (Window window : List.copyOf(Window.getWindows()).reversed()) {
            Scene scene = window.getScene();
            if (scene == null || !window.isShowing()) {
                continue;
            }
            for (Node n : scene.getRoot().lookupAll(query.startsWith("#") ? query : "*")) {
                boolean says = query.startsWith("#")
                        || n instanceof Labeled l && query.equals(l.getText())
                        || n instanceof Text t && query.equals(t.getText());
                if (says && isInSight(n)) {
                    return n;
                }
            }
        }
        return null;
    }

    private static boolean isInSight(Node n) {
        for (Node p = n; p != null; p = p.getParent()) {
            if (!p.isVisible()) {
                return false;
            }
        }
        return true;
    }

    /** A key with others held; as one, so that no release is forgotten. */
    Hands push(KeyCode... keys) {
        List<KeyCode> held = new ArrayList<>();
        for (KeyCode key : keys) {
            KeyCode real = real(key);
            press(real);
            held.add(real);
        }
        held.reversed().forEach(this::release);
        return this;
    }

    private static KeyCode real(KeyCode key) {
        return key == KeyCode.SHORTCUT ? KeyCode.CONTROL : key;
    }

    Hands press(KeyCode key) {
        on(() -> {
            robot.keyPress(key);
            return null;
        });
        turn();
        return this;
    }

    Hands release(KeyCode key) {
        on(() -> {
            robot.keyRelease(key);
            return null;
        });
        turn();
        return this;
    }

    Hands type(KeyCode... keys) {
        for (KeyCode key : keys) {
            push(key);
        }
        return this;
    }

    /** Into whatever has the keyboard, as if the layout had every sign. */
    Hands write(String text) {
        text.codePoints()
                .forEach(c -> on(() -> {
                    String sign = Character.toString(c);
                    Scene scene = Window.getWindows().stream()
                            .filter(Window::isFocused)
                            .findFirst()
                            .orElseThrow()
                            .getScene();
                    Node focus = scene.getFocusOwner();
                    if (focus != null) {
                        focus.fireEvent(new KeyEvent(
                                KeyEvent.KEY_TYPED, sign, sign, KeyCode.UNDEFINED, false, false, false, false));
                    }
                    return null;
                }));
        turn();
        return this;
    }

    Drag drag(Point2D from, MouseButton button) {
        moveTo(from).press(button);
        return new Drag(button);
    }

    /** A drag under way. */
    final class Drag {
        private final MouseButton button;

        private Drag(MouseButton button) {
            this.button = button;
        }

        Drag moveTo(Point2D p) {
            Hands.this.moveTo(p);
            return this;
        }

        void dropTo(Point2D p) {
            Hands.this.moveTo(p).release(button);
        }
    }
}
