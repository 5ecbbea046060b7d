package jurren.app.bench.finish;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.run.Machine;
import jurren.core.run.RunTask;
import jurren.core.run.Schedule;
import jurren.core.run.WholeRun;
import jurren.formats.words.RunWords;
import jurren.formats.words.Words;

/** A row a machine and one for hands, over the time of the run; a click chooses a task. */
final class RunChart extends Pane {
    private static final double LEFT = 150;
    private static final double RIGHT = 18;
    private static final double TOP = 30;
    private static final double ROW = 34;
    private static final double BLOCK = 24;

    private static final Color WARMING = Color.web("#F0D9B5");
    private static final Color CHANGING = Color.web("#DADCDF");

    private record Drawn(RunTask task, double x, double y, double width) {}

    private final Canvas canvas = new Canvas();
    private final List<Drawn> drawn = new ArrayList<>();
    private WholeRun run;
    private RunTask chosen;

    RunChart(Consumer<RunTask> choose) {
        getChildren().add(canvas);
        getStyleClass().add("heat-chart");
        setAccessibleText(Texts.of("run.chart"));
        widthProperty().addListener((_, _, w) -> {
            canvas.setWidth(w.doubleValue());
            draw();
        });
        setOnMouseClicked(e -> drawn.stream()
                .filter(d -> e.getX() >= d.x && e.getX() <= d.x + d.width && e.getY() >= d.y && e.getY() <= d.y + BLOCK)
                .findFirst()
                .ifPresent(d -> choose.accept(d.task)));
    }

    void show(WholeRun newRun, RunTask newChosen) {
        run = newRun;
        chosen = newChosen;
        double height = TOP + (run == null ? 1 : run.machines().size() + 1) * ROW + 6;
        setMinHeight(height);
        setPrefHeight(height);
        canvas.setHeight(height);
        draw();
    }

    private void draw() {
        GraphicsContext g = canvas.getGraphicsContext2D();
        g.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        drawn.clear();
        if (run == null || run.tasks().isEmpty() || canvas.getWidth() < LEFT + RIGHT) {
            return;
        }
        g.setTextBaseline(VPos.CENTER);
        Schedule s = run.schedule();
        double scale = (canvas.getWidth() - LEFT - RIGHT) / s.endS();
        times(g, s.endS(), scale);
        int row = 0;
        for (Machine m : run.machines()) {
            name(g, RunWords.machine(m), row);
            for (Schedule.Slot slot : s.slots()) {
                if (slot.task().machine().equals(m)) {
                    setup(g, slot, row, scale, slot.setupS());
                    block(
                            g,
                            slot,
                            row,
                            scale,
                            slot.task().seconds(),
                            Theme.paint(slot.task().colour()),
                            String.join(" ", RunWords.lines(slot.task()).split(", ")));
                }
            }
            row++;
        }
        name(g, Texts.of("run.hands"), row);
        for (Schedule.Slot slot : s.slots()) {
            setup(g, slot, row, scale, slot.changeS());
            if (slot.task().handsS() > 0) {
                block(
                        g,
                        slot,
                        row,
                        scale,
                        slot.task().handsS(),
                        Color.WHITE,
                        Words.sentence("run.hand", slot.task().kind()));
            }
        }
        g.setStroke(Theme.PLUM);
        g.setLineWidth(2);
        g.strokeLine(LEFT, TOP - 6, LEFT, TOP + (row + 1) * ROW);
    }

    private static void name(GraphicsContext g, String text, int row) {
        g.setFont(Theme.measure(12));
        g.setFill(Theme.INK);
        g.setTextAlign(TextAlignment.LEFT);
        g.fillText(text, 10, TOP + row * ROW + BLOCK / 2 + 3, LEFT - 20);
    }

    private void times(GraphicsContext g, double endS, double scale) {
        double every = endS > 6 * 3600 ? 3600 : endS > 2 * 3600 ? 1800 : endS > 1800 ? 900 : 300;
        g.setFont(Theme.measure(11.5));
        g.setTextAlign(TextAlignment.CENTER);
        for (double t = 0; t <= endS; t += every) {
            double x = Math.floor(LEFT + t * scale) + 0.5;
            g.setStroke(Color.web("#DADCDF"));
            g.setLineWidth(1);
            g.strokeLine(x, TOP - 8, x, TOP + (run.machines().size() + 1) * ROW);
            g.setFill(Theme.SOFT);
            g.fillText(String.format(Locale.ROOT, "%d:%02d", (long) t / 3600, (long) t / 60 % 60), x, 12);
        }
    }

    /** Before a task: a press that warms or a film that is changed. */
    private static void setup(GraphicsContext g, Schedule.Slot slot, int row, double scale, double seconds) {
        if (seconds * scale < 1) {
            return;
        }
        double x = LEFT + (slot.startS() - seconds) * scale;
        double y = TOP + row * ROW + 3;
        double width = seconds * scale - 1;
        g.setFill(slot.warmingS() > 0 ? WARMING : CHANGING);
        g.fillRect(x, y + BLOCK / 4, width, BLOCK / 2);
        String text = Texts.of(slot.warmingS() > 0 ? "run.chart.warming" : "run.chart.film");
        if (width > text.length() * 7.6 + 4) {
            g.setFill(Theme.INK);
            g.setFont(Theme.measure(11.5));
            g.setTextAlign(TextAlignment.CENTER);
            g.fillText(text, x + width / 2, y + BLOCK / 2);
        }
    }

    private void block(
            GraphicsContext g, Schedule.Slot slot, int row, double scale, double seconds, Color colour, String text) {
        double x = LEFT + slot.startS() * scale;
        double y = TOP + row * ROW + 3;
        double width = Math.max(2, seconds * scale - 1);
        boolean its = slot.task().equals(chosen);
        g.setFill(colour);
        g.fillRoundRect(x, y, width, BLOCK, 5, 5);
        g.setStroke(its ? Theme.PLUM : Color.web("#23262B", 0.55));
        g.setLineWidth(its ? 3 : 1);
        g.strokeRoundRect(x, y, width, BLOCK, 5, 5);
        if (width > text.length() * 7.6 + 4) {
            g.setFill(colour.getBrightness() < 0.6 ? Color.WHITE : Theme.INK);
            g.setFont(Theme.measure(11.5));
            g.setTextAlign(TextAlignment.CENTER);
            g.fillText(text, x + width / 2, y + BLOCK / 2);
        }
        drawn.add(new Drawn(slot.task(), x, y, width));
    }
}
