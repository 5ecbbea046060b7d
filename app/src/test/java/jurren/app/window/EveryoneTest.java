package jurren.app.window;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.regex.Pattern;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Control;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.paint.Color;
import jurren.app.face.FaceCanvas;
import jurren.app.session.AskFor;
import jurren.app.session.Bench;
import jurren.app.theme.Theme;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.material.Colour;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** For those who see little, hear the window read, or have no pointer. */
class EveryoneTest extends WindowTest {
    private static final double TEXT = 4.5;
    private static final double MARK = 3;

    /** WCAG 2.2, 1.4.3: relative luminance of both, five hundredths added, the larger over the smaller. */
    private static double contrast(Color a, Color b) {
        double la = luminance(a) + 0.05;
        double lb = luminance(b) + 0.05;
        return Math.max(la, lb) / Math.min(la, lb);
    }

    private static double luminance(Color c) {
        return 0.2126 * linear(c.getRed()) + 0.7152 * linear(c.getGreen()) + 0.0722 * linear(c.getBlue());
    }

    private static double linear(double v) {
        return v <= 0.04045 ? v / 12.92 : Math.pow((v + 0.055) / 1.055, 2.4);
    }

    @Test
    void guidesAndMarksStandOutOnEveryClothAndFilm() {
        List<String> wrong = new ArrayList<>();
        for (Colour ground : grounds()) {
            double guide = contrast(Theme.lineOn(ground), Theme.paint(ground));
            double marked = Theme.EDGES.stream()
                    .mapToDouble(e -> contrast(e, Theme.paint(ground)))
                    .max()
                    .orElseThrow();
            if (guide < MARK || marked < MARK) {
                wrong.add(ground.hex() + ": guide " + guide + ", mark with its edges " + marked);
            }
        }
        assertThat(wrong).isEmpty();
    }

    private static List<Colour> grounds() {
        List<Colour> all = new ArrayList<>();
        for (Blank b : SHOP.blanks()) {
            b.colours().stream().map(BlankColour::colour).forEach(all::add);
        }
        SHOP.materials().forEach(m -> m.colours().forEach(c -> all.add(c.colour())));
        return all.stream().distinct().toList();
    }

    @Test
    void textOnPaperAndCardsIsReadAndEdgesAreSeen() throws IOException {
        Color paper = Theme.PAPER;
        assertThat(contrast(Theme.INK, paper)).isGreaterThan(TEXT);
        assertThat(contrast(Theme.SOFT, Theme.BENCH)).isGreaterThan(TEXT);
        assertThat(contrast(Theme.PLUM, Color.WHITE)).isGreaterThan(TEXT);
        String css = Files.readString(Path.of("src/main/resources/jurren/app/theme/jurren.css"));
        assertThat(contrast(named(css, "line"), Color.WHITE)).isGreaterThan(MARK);
        assertThat(contrast(named(css, "line"), Theme.BENCH)).isGreaterThan(MARK);
        var fills = Pattern.compile("-fx-text-fill: (#[0-9A-Fa-f]{6})").matcher(css);
        int seen = 0;
        while (fills.find()) {
            seen++;
            Color text = Color.web(fills.group(1));
            assertThat(Math.max(contrast(text, paper), contrast(text, Color.web("#23262B"))))
                    .as(fills.group(1))
                    .isGreaterThan(TEXT);
        }
        assertThat(seen).isGreaterThan(5);
    }

    private static Color named(String css, String name) {
        var m = Pattern.compile("-" + name + ": (#[0-9A-Fa-f]{6})").matcher(css);
        assertThat(m.find()).isTrue();
        return Color.web(m.group(1));
    }

    @Test
    void whateverTakesTheFocusHasANameAndARole() {
        List<String> nameless = new ArrayList<>();
        for (Bench bench : Bench.values()) {
            run(() -> {
                session.show(bench);
                session.choose(bench == Bench.ART ? Optional.of("m2") : Optional.empty());
            });
            settle();
            on(() -> collect(stage().getScene().getRoot(), nameless));
        }
        for (AskFor.What sheet : List.of(
                AskFor.What.DRAWER,
                AskFor.What.CHOOSE_BLANK,
                AskFor.What.MEASURE_OWN,
                AskFor.What.EXPORT,
                AskFor.What.SAVE_START)) {
            run(() -> window.shell().actions().give(sheet, ""));
            settle();
            on(() -> collect(stage().getScene().lookup(".sheet"), nameless));
            run(() -> window.shell().sheets().closeAll());
        }
        assertThat(nameless.stream().distinct()).isEmpty();
    }

    private static Void collect(Node n, List<String> nameless) {
        if (!n.isVisible() || n instanceof ScrollBar) {
            return null;
        }
        if (n.isFocusTraversable() && !n.isDisabled() && !(n instanceof ScrollPane)) {
            boolean named =
                    n.getAccessibleText() != null && !n.getAccessibleText().isBlank()
                            || n instanceof Labeled l
                                    && l.getText() != null
                                    && !l.getText().isBlank();
            if (!named || n.getAccessibleRole() == null) {
                nameless.add(n.getClass().getSimpleName() + " #" + n.getId());
            }
        }
        if (n instanceof Parent p && !(n instanceof Control && !(n instanceof ScrollPane) && !(n instanceof Labeled))) {
            p.getChildrenUnmodifiable().forEach(c -> collect(c, nameless));
        }
        return null;
    }

    /** Every key that the window's code answers to is on the sheet that explains them. */
    @Test
    void everyShortcutIsOnTheKeySheet() throws IOException {
        ResourceBundle texts = ResourceBundle.getBundle("jurren.app.theme.window");
        StringBuilder sheet = new StringBuilder();
        for (int i = 1; i <= Integer.parseInt(texts.getString("keys.count")); i++) {
            sheet.append(texts.getString("keys." + i)).append('\n');
        }
        String shell = Files.readString(Path.of("src/main/java/jurren/app/window/Shell.java"));
        var menu = Pattern.compile("case ([A-Z](?:, [A-Z])*) ->").matcher(shell);
        int found = 0;
        while (menu.find()) {
            for (String key : menu.group(1).split(", ")) {
                found++;
                assertThat(sheet.toString())
                        .as("Ctrl + " + key)
                        .containsPattern("Ctrl \\+ (Shift \\+ )?[A-Z, ]*\\b" + key + "\\b");
            }
        }
        assertThat(found).isGreaterThan(10);
        String bench = Files.readString(Path.of("src/main/java/jurren/app/bench/art/ArtBench.java"));
        var plain = Pattern.compile("case ([A-Z]) ->").matcher(bench);
        while (plain.find()) {
            assertThat(sheet.toString())
                    .as(plain.group(1))
                    .containsPattern("(?m)^[^|]*\\b" + plain.group(1) + "\\b[^|]*\\|");
        }
    }

    @Test
    void thePictureIsPannedAndALineIsDrawnWithoutAPointer() {
        run(() -> session.show(Bench.ART));
        settle();
        FaceCanvas canvas = (FaceCanvas) on(() -> stage().getScene().lookup(".face-canvas"));
        focus(canvas);
        double before = on(() -> canvas.view().offsetX());
        robot.press(javafx.scene.input.KeyCode.SPACE);
        robot.push(javafx.scene.input.KeyCode.RIGHT);
        robot.release(javafx.scene.input.KeyCode.SPACE);
        assertThat(on(() -> canvas.view().offsetX())).isEqualTo(before + 40);
        int motifs = on(() -> session.line().motifs().size());
        click("add-shape");
        robot.clickOn("Line, point by point");
        Hands.turn();
        assertThat(on(() -> stage().getScene().getFocusOwner())).isEqualTo(canvas);
        robot.push(javafx.scene.input.KeyCode.SPACE);
        robot.push(javafx.scene.input.KeyCode.SHIFT, javafx.scene.input.KeyCode.RIGHT);
        robot.push(javafx.scene.input.KeyCode.SPACE);
        robot.push(javafx.scene.input.KeyCode.ENTER);
        settle();
        assertThat(on(() -> session.line().motifs())).hasSize(motifs + 1);
    }
}
