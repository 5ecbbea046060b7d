package jurren.app.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.core.job.Job;
import jurren.formats.demo.DemoJob;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Nothing is cut short and nothing lies out of reach, from the smallest window to a large screen, whatever the text
 * size.
 */
class FitTest extends WindowTest {
    private static final Job WHOLE = few(DemoJob.make());

    @Override
    Job job() {
        return WHOLE;
    }

    private static final double SLACK = 1.5;
    /** Borders may lie on each other. */
    private static final double OVERLAP = 3;

    @ParameterizedTest
    @CsvSource({"1024, 700, 20", "1024, 700, 13", "2560, 1440, 20"})
    void everyBenchAndEverySheetFits(double width, double height, int textPx) {
        List<String> wrong = new ArrayList<>();
        run(() -> session.showText(textPx));
        for (Bench bench : Bench.values()) {
            for (String line : List.of("A", "B", "E")) {
                run(() -> {
                    session.openLine(line);
                    session.show(bench);
                    session.choose(
                            bench == Bench.ART
                                    ? Optional.of(
                                            session.line().motifs().getFirst().id())
                                    : Optional.empty());
                });
                settle();
                wrong.addAll(look("bench " + bench + " of " + line, width, height));
            }
        }
        run(() -> {
            session.show(Bench.FINISH);
            ((ToggleButton) stage().getScene().lookup("#finish-side-run")).setSelected(true);
        });
        settle();
        until(() -> stage().getScene().lookup("#run-done") != null);
        wrong.addAll(look("the run", width, height));
        for (AskFor.What sheet : List.of(
                AskFor.What.DRAWER,
                AskFor.What.CHOOSE_BLANK,
                AskFor.What.MEASURE_OWN,
                AskFor.What.SHORTCUTS,
                AskFor.What.EXPORT,
                AskFor.What.SAVE_START,
                AskFor.What.DRY_RUN)) {
            run(() -> window.shell().actions().give(sheet, ""));
            settle();
            wrong.addAll(look("sheet " + sheet, width, height));
            run(() -> window.shell().sheets().closeAll());
        }
        run(() -> window.begin());
        settle();
        wrong.addAll(look("the first time", width, height));
        run(() -> window.shell().sheets().closeAll());
        settle();
        run(() -> window.shell().actions().give(AskFor.What.SHOP, ""));
        for (String page : List.of("films", "machines", "things", "hands")) {
            // laid out for a screen that is not there, it may lie beyond the one that is
            run(() -> ((ToggleButton) stage().getScene().lookup("#shop-page-" + page)).setSelected(true));
            settle();
            wrong.addAll(look("shop " + page, width, height));
        }
        run(() -> window.shell().sheets().closeAll());
        run(() -> window.shell().actions().give(AskFor.What.START, "badge"));
        settle();
        wrong.addAll(look("sheet START", width, height));
        assertThat(wrong)
                .as("%.0f x %.0f, text of %d px", width, height, textPx)
                .isEmpty();
    }

    @Test
    void aLargeWindowGivesTheRoomToThePicture() {
        run(() -> session.show(Bench.ART));
        settle();
        double small = pictureShare(1280, 800);
        double large = pictureShare(2560, 1440);
        assertThat(large).isGreaterThan(small).isGreaterThan(0.6);
    }

    private double pictureShare(double width, double height) {
        return on(() -> {
            Parent root = laidOut(width, height);
            Bounds b = root.lookup(".face-canvas").getBoundsInParent();
            return b.getWidth() * b.getHeight() / (width * height);
        });
    }

    private Parent laidOut(double width, double height) {
        Parent root = stage().getScene().getRoot();
        root.applyCss();
        root.resize(width, height);
        root.layout();
        root.layout();
        return root;
    }

    private List<String> look(String where, double width, double height) {
        return on(() -> {
            Parent root = laidOut(width, height);
            List<String> wrong = new ArrayList<>();
            Node over = root.lookup(".sheet");
            walk(over == null ? root : over, root.localToScene(root.getLayoutBounds()), wrong);
            return wrong.stream().distinct().map(w -> where + ": " + w).toList();
        });
    }

    /** @param room what can be seen there, in the scene; what scrolls may go on below, but not aside */
    private static void walk(Node n, Bounds room, List<String> wrong) {
        if (!n.isVisible() || n.getLayoutBounds().isEmpty()) {
            return;
        }
        Bounds at = n.localToScene(n.getLayoutBounds());
        if (isRead(n)
                && (at.getMinX() < room.getMinX() - SLACK
                        || at.getMaxX() > room.getMaxX() + SLACK
                        || at.getMinY() < room.getMinY() - SLACK
                        || at.getMaxY() > room.getMaxY() + SLACK)) {
            wrong.add(
                    name(n) + " reaches out of " + Math.round(room.getWidth()) + " x " + Math.round(room.getHeight()));
        }
        if (n instanceof Labeled l && isCutShort(l)) {
            wrong.add(name(n) + " is cut short: \"" + shown(l) + "\"");
        }
        // in the lowest window with the largest text the padding of a header of two rows stands 6 pixels into its bench
        boolean holdsHeader = n instanceof Pane p
                && p.getChildren().stream().anyMatch(c -> c.getStyleClass().contains("bench-header"));
        if (!holdsHeader && (n instanceof HBox || n instanceof VBox || n instanceof FlowPane)) {
            besideEachOther((Pane) n, wrong);
        }
        Bounds inner = room;
        if (n instanceof ScrollPane scroll) {
            Bounds view = scroll.localToScene(scroll.getLayoutBounds());
            boolean aside = scroll.getHbarPolicy() != ScrollPane.ScrollBarPolicy.NEVER && !scroll.isFitToWidth();
            inner = new javafx.geometry.BoundingBox(
                    aside ? -1e6 : view.getMinX(), -1e6, aside ? 2e6 : view.getWidth(), 2e6);
        }
        if (n instanceof Parent p && !(n instanceof TextInputControl) && !(n instanceof ComboBoxBase<?>)) {
            for (Node child : p.getChildrenUnmodifiable()) {
                walk(child, inner, wrong);
            }
        }
    }

    /** What is laid out beside or below each other does not overlap. */
    private static void besideEachOther(Pane pane, List<String> wrong) {
        List<Node> there = pane.getChildren().stream()
                .filter(c ->
                        c.isVisible() && c.isManaged() && !c.getLayoutBounds().isEmpty() && c.getTranslateY() == 0)
                .toList();
        for (int i = 0; i < there.size(); i++) {
            Bounds a = there.get(i).getBoundsInParent();
            for (Node other : there.subList(i + 1, there.size())) {
                Bounds b = other.getBoundsInParent();
                if (Math.min(a.getMaxX(), b.getMaxX()) - Math.max(a.getMinX(), b.getMinX()) > OVERLAP
                        && Math.min(a.getMaxY(), b.getMaxY()) - Math.max(a.getMinY(), b.getMinY()) > OVERLAP) {
                    wrong.add(name(there.get(i)) + " lies on " + name(other) + " by "
                            + Math.round(Math.min(a.getMaxY(), b.getMaxY()) - Math.max(a.getMinY(), b.getMinY()))
                            + " px");
                }
            }
        }
    }

    private static boolean isRead(Node n) {
        return n instanceof Labeled
                || n instanceof TextInputControl
                || n instanceof ButtonBase
                || n instanceof ComboBoxBase<?>
                || n instanceof Control && n.isFocusTraversable();
    }

    private static boolean isCutShort(Labeled l) {
        return l.getText() != null && !l.getText().isEmpty() && shown(l) != null && !shown(l).equals(l.getText());
    }

    /** What of it is really there to be read. */
    private static String shown(Labeled l) {
        return l.getChildrenUnmodifiable().stream()
                .filter(Text.class::isInstance)
                .map(t -> ((Text) t).getText())
                .findFirst()
                .orElse(null);
    }

    private static String name(Node n) {
        String id = n.getId() == null ? String.join(".", n.getStyleClass()) : "#" + n.getId();
        return n.getClass().getSimpleName() + " " + id
                + (n instanceof Labeled l && l.getText() != null ? " \"" + l.getText() + "\"" : "");
    }
}
