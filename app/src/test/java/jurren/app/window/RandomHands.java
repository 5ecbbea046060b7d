package jurren.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import javafx.event.ActionEvent;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.stage.Stage;
import jurren.app.face.FaceCanvas;
import jurren.app.session.Bench;
import jurren.app.session.Session;

/** Hands that press, choose, type, drag and drop whatever is there, as a seed says. */
final class RandomHands {
    /** They end the window, begin another job, or ask the world outside. */
    private static final Pattern NEVER = Pattern.compile(
            "unsaved-.*|cutting-stop|print-now|drawer-(save|save-as|open|new)"
                    + "|strip-(new|open|save)|recent-.*|machines-check|leftover-.*|changed-.*|own-.*|shop-(give|take).*");

    private static final List<String> TEXTS = List.of(
            "0",
            "1",
            "7",
            "12",
            "-3",
            "1/2",
            "2.5 in",
            "40 mm",
            "1e9",
            "0.000001",
            "",
            "kite",
            "Ö g j Å",
            "{",
            "٣",
            "9999999999",
            "12,5",
            "A very long line of words that nobody would put on a mug",
            "NaN",
            "#3388FF");
    private static final List<KeyCode> KEYS = List.of(
            KeyCode.D,
            KeyCode.C,
            KeyCode.V,
            KeyCode.X,
            KeyCode.Z,
            KeyCode.Y,
            KeyCode.A,
            KeyCode.G,
            KeyCode.DELETE,
            KeyCode.LEFT,
            KeyCode.RIGHT,
            KeyCode.UP,
            KeyCode.DOWN,
            KeyCode.ESCAPE,
            KeyCode.ENTER,
            KeyCode.TAB,
            KeyCode.SPACE,
            KeyCode.HOME,
            KeyCode.END,
            KeyCode.PLUS,
            KeyCode.MINUS,
            KeyCode.DIGIT0);

    private static final List<String> ENDINGS = List.of(".svg", ".svg", ".txt", ".plt");

    private final Stage stage;
    private final Session session;
    private final Shell shell;
    private final Path folder;
    private int made;

    RandomHands(Stage stage, Session session, Shell shell, Path folder) {
        this.stage = stage;
        this.session = session;
        this.shell = shell;
        this.folder = folder;
    }

    /** One thing that is done, which can be done again on another job. */
    sealed interface Act {
        /** @param file where a question for a file is answered with it; less than nothing where it is given up */
        record Press(String id, int which, int file) implements Act {}

        record Pick(String id, int which, int item) implements Act {}

        record Type(String id, int which, String text) implements Act {}

        record Key(KeyCode code, boolean command, boolean shift) implements Act {}

        record Drag(double x, double y, double toX, double toY, boolean shift) implements Act {}

        record Show(Bench bench) implements Act {}

        record Drop(int file) implements Act {}
    }

    Act next(Random random) {
        int kind = random.nextInt(100);
        if (kind < 6) {
            Bench[] all = Bench.values();
            return new Act.Show(all[random.nextInt(all.length)]);
        }
        if (kind < 40) {
            List<Node> buttons = all(n -> n instanceof ButtonBase b
                    && !b.isDisabled()
                    && !NEVER.matcher(String.valueOf(b.getId())).matches());
            return buttons.isEmpty()
                    ? new Act.Show(Bench.ART)
                    : press(buttons, random.nextInt(buttons.size()), random.nextInt(8) - 3);
        }
        if (kind < 50) {
            List<Node> choices = all(n -> n instanceof ComboBox<?> c && !c.isDisabled());
            if (!choices.isEmpty()) {
                int at = random.nextInt(choices.size());
                Node n = choices.get(at);
                int items = Math.max(1, ((ComboBox<?>) n).getItems().size());
                return new Act.Pick(n.getId(), which(choices, at), random.nextInt(items));
            }
        }
        if (kind < 62) {
            List<Node> fields = all(n -> n instanceof TextField f && !f.isDisabled() && f.isEditable());
            if (!fields.isEmpty()) {
                int at = random.nextInt(fields.size());
                return new Act.Type(fields.get(at).getId(), which(fields, at), TEXTS.get(random.nextInt(TEXTS.size())));
            }
        }
        if (kind < 66) {
            return new Act.Drop(random.nextInt(3));
        }
        if (kind < 84) {
            return new Act.Drag(
                    random.nextDouble(),
                    random.nextDouble(),
                    random.nextDouble(),
                    random.nextDouble(),
                    random.nextInt(4) == 0);
        }
        return new Act.Key(KEYS.get(random.nextInt(KEYS.size())), random.nextInt(3) > 0, random.nextInt(5) == 0);
    }

    private static Act press(List<Node> buttons, int at, int file) {
        return new Act.Press(buttons.get(at).getId(), which(buttons, at), file);
    }

    /** Of those with the same name. */
    private static int which(List<Node> all, int at) {
        return (int) all.subList(0, at).stream()
                .filter(n -> String.valueOf(n.getId())
                        .equals(String.valueOf(all.get(at).getId())))
                .count();
    }

    private interface Wanted {
        boolean is(Node n);
    }

    private List<Node> all(Wanted wanted) {
        List<Node> found = new ArrayList<>();
        collect(stage.getScene().getRoot(), wanted, found);
        return found;
    }

    private static void collect(Node n, Wanted wanted, List<Node> found) {
        if (!n.isVisible() || !n.isManaged() && n.getId() == null) {
            return;
        }
        if (wanted.is(n)) {
            found.add(n);
        }
        if (n instanceof Parent p && !(n instanceof TextInputControl)) {
            p.getChildrenUnmodifiable().forEach(c -> collect(c, wanted, found));
        }
    }

    private Optional<Node> find(String id, int which, Wanted wanted) {
        return all(n -> wanted.is(n) && String.valueOf(n.getId()).equals(String.valueOf(id))).stream()
                .skip(which)
                .findFirst();
    }

    /** Whatever goes wrong is told to the failures. */
    void act(Act act, Consumer<Throwable> failures) {
        Hands.on(() -> {
            try {
                doIt(act);
            } catch (RuntimeException | Error e) {
                failures.accept(e);
            }
            return null;
        });
        Hands.turn();
    }

    private void doIt(Act act) {
        switch (act) {
            case Act.Show s -> session.show(s.bench);
            case Act.Press p ->
                find(p.id, p.which, n -> n instanceof ButtonBase b && !b.isDisabled())
                        .ifPresent(n -> ((ButtonBase) n).fire());
            case Act.Pick p ->
                find(p.id, p.which, ComboBox.class::isInstance)
                        .map(n -> (ComboBox<?>) n)
                        .filter(c -> p.item < c.getItems().size())
                        .ifPresent(c -> c.getSelectionModel().select(p.item));
            case Act.Type t ->
                find(t.id, t.which, TextField.class::isInstance)
                        .map(TextField.class::cast)
                        .ifPresent(f -> {
                            f.requestFocus();
                            f.setText(t.text);
                            f.fireEvent(new ActionEvent());
                        });
            case Act.Key k -> key(k);
            case Act.Drag d -> drag(d);
            case Act.Drop d -> shell.actions().dropped(file(d.file));
        }
    }

    private void key(Act.Key k) {
        Node focus = stage.getScene().getFocusOwner();
        Node to = focus == null ? stage.getScene().getRoot() : focus;
        for (var type : List.of(KeyEvent.KEY_PRESSED, KeyEvent.KEY_RELEASED)) {
            Event.fireEvent(to, new KeyEvent(type, "", "", k.code, k.shift, k.command, false, false));
        }
    }

    private void drag(Act.Drag d) {
        List<Node> canvases = all(FaceCanvas.class::isInstance);
        if (canvases.isEmpty()) {
            return;
        }
        FaceCanvas canvas = (FaceCanvas) canvases.getLast();
        mouse(canvas, MouseEvent.MOUSE_PRESSED, d.x, d.y, true, d.shift, true);
        boolean still = Math.hypot(d.toX - d.x, d.toY - d.y) < 0.3;
        if (!still) {
            mouse(canvas, MouseEvent.MOUSE_DRAGGED, (d.x + d.toX) / 2, (d.y + d.toY) / 2, true, d.shift, false);
            mouse(canvas, MouseEvent.MOUSE_DRAGGED, d.toX, d.toY, true, d.shift, false);
        }
        mouse(canvas, MouseEvent.MOUSE_RELEASED, still ? d.x : d.toX, still ? d.y : d.toY, false, d.shift, still);
        if (still) {
            mouse(canvas, MouseEvent.MOUSE_CLICKED, d.x, d.y, false, d.shift, true);
        }
    }

    private static void mouse(
            FaceCanvas canvas,
            EventType<MouseEvent> type,
            double x,
            double y,
            boolean down,
            boolean shift,
            boolean still) {
        Point2D at = new Point2D(x * canvas.getWidth(), y * canvas.getHeight());
        Point2D scene = canvas.localToScene(at);
        Event.fireEvent(
                canvas,
                new MouseEvent(
                        type,
                        scene.getX(),
                        scene.getY(),
                        scene.getX(),
                        scene.getY(),
                        MouseButton.PRIMARY,
                        1,
                        shift,
                        false,
                        false,
                        false,
                        down,
                        false,
                        false,
                        false,
                        false,
                        still,
                        new PickResult(canvas, scene.getX(), scene.getY())));
    }

    Optional<Path> answer(Act act) {
        return act instanceof Act.Press p && p.file >= 0 ? Optional.of(file(p.file)) : Optional.empty();
    }

    /** A drawing, a stencil that is none, a path of a plotter, nothing yet, and no drawing at all. */
    private Path file(int which) {
        if (which == 4) {
            return folder.resolve("made" + made++);
        }
        String text = switch (which) {
            case 0 ->
                "<svg xmlns='http://www.w3.org/2000/svg' width='60mm' height='40mm' viewBox='0 0 60 40'>"
                        + "<path fill='#E8743B' d='M5 5h50v30h-50zM15 12v16h30v-16z'/>"
                        + "<circle cx='30' cy='20' r='4' fill='#123456'/></svg>";
            case 1 -> "<svg xmlns='http://www.w3.org/2000/svg' width='9mm' height='9mm'/>";
            case 3 -> "IN;SP1;PU0,0;PD2000,0,2000,1000,0,0;PU;";
            default -> "nothing";
        };
        try {
            return Files.writeString(folder.resolve("dropped" + which + ENDINGS.get(which)), text);
        } catch (IOException e) {
            throw new AssertionError(e);
        }
    }
}
