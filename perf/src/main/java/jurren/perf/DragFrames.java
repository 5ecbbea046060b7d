package jurren.perf;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.FutureTask;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.image.WritableImage;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.PickResult;
import javafx.stage.Stage;
import jurren.app.face.FaceCanvas;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.window.JurrenWindow;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.job.Job;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.svg.SvgReader;

/**
 * The real window, offscreen: a drawing of 20,000 vertices is dragged on the art bench, one mouse
 * event a frame. Two times are printed: from the event until everything is drawn and laid out, and
 * until the picture is painted in memory by the software renderer, which a real window would leave to
 * the graphics card and do beside the next frame.
 */
public final class DragFrames {
    private static final int FRAMES = 300;

    private DragFrames() {}

    public static void main(String[] args) throws Exception {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        Platform.startup(() -> {});
        Session session = on(() -> new Session(
                BuiltInShop.read(),
                JobDocument.of(job()),
                Path.of(System.getProperty("java.io.tmpdir"), "jurren-drag"),
                new Planner()));
        Stage stage = on(Stage::new);
        JurrenWindow window = on(() -> {
            JurrenWindow w = new JurrenWindow(stage, session, new NoFiles());
            w.show();
            session.show(Bench.ART);
            return w;
        });
        while (!on(session::isSettled)) {
            Thread.sleep(20);
        }
        Thread.sleep(500);
        FaceCanvas canvas = (FaceCanvas) on(() -> stage.getScene().lookup(".face-canvas"));
        WritableImage picture = new WritableImage((int) canvas.getWidth(), (int) canvas.getHeight());
        double before = on(() -> session.line().motifs().getFirst().pose().xMm());
        double[] drawn = new double[FRAMES];
        double[] painted = new double[FRAMES];
        Point2D start = on(() -> new Point2D(canvas.getWidth() / 2, canvas.getHeight() / 2));
        on(() -> fire(canvas, MouseEvent.MOUSE_PRESSED, start.getX(), start.getY()));
        for (int i = 0; i < FRAMES; i++) {
            double x = start.getX() + 40 * Math.sin(i / 12.0);
            long from = System.nanoTime();
            on(() -> fire(canvas, MouseEvent.MOUSE_DRAGGED, x, start.getY()));
            on(() -> {
                stage.getScene().getRoot().layout();
                return null;
            });
            drawn[i] = (System.nanoTime() - from) / 1e6;
            on(() -> canvas.snapshot(null, picture));
            painted[i] = (System.nanoTime() - from) / 1e6;
            Thread.sleep(4);
        }
        print("drawn and laid out", drawn);
        print("and painted in software", painted);
        System.out.printf(
                Locale.ROOT,
                "the motif went from %.1f to %.1f mm%n",
                before,
                on(() -> session.line().motifs().getFirst().pose().xMm()));
        on(() -> {
            window.close();
            return null;
        });
        System.exit(0);
    }

    private static void print(String what, double[] ms) {
        Arrays.sort(ms);
        System.out.printf(
                Locale.ROOT,
                "dragging 20,000 vertices, %s: median %.1f ms, 95 %% %.1f ms a frame (60 a second: 16.7)%n",
                what,
                ms[FRAMES / 2],
                ms[FRAMES * 95 / 100]);
    }

    private static Object fire(Node node, javafx.event.EventType<MouseEvent> type, double x, double y) {
        Point2D screen = node.localToScreen(x, y);
        Point2D scene = node.localToScene(x, y);
        node.fireEvent(new MouseEvent(
                type,
                scene.getX(),
                scene.getY(),
                screen.getX(),
                screen.getY(),
                MouseButton.PRIMARY,
                1,
                false,
                false,
                false,
                false,
                true,
                false,
                false,
                true,
                false,
                false,
                new PickResult(node, scene.getX(), scene.getY())));
        return null;
    }

    private static Job job() {
        StringBuilder svg = new StringBuilder(
                "<svg xmlns='http://www.w3.org/2000/svg' width='220mm' height='220mm' viewBox='0 0 258 258'>");
        for (int i = 0; i < 100; i++) {
            svg.append("<path fill='#E8743B' d='");
            for (int k = 0; k < 200; k++) {
                double a = 2 * Math.PI * k / 200;
                double r = 9 + 2 * Math.sin(5 * a + i);
                svg.append(String.format(
                        Locale.ROOT,
                        "%s%.3f %.3f",
                        k == 0 ? "M" : "L",
                        12 + 26 * (i % 10) + r * Math.cos(a),
                        12 + 26 * (i / 10) + r * Math.sin(a)));
            }
            svg.append("Z'/>");
        }
        byte[] bytes = svg.append("</svg>").toString().getBytes(StandardCharsets.UTF_8);
        Drawing drawing = ((DrawingRead.Taken) SvgReader.read(new DrawingFile("large.svg", bytes))).drawing();
        return DemoJob.simple()
                .withLine(
                        "A",
                        l -> l.withMotifs(List.of(
                                new Motif("m1", "large", drawing, List.of(new Treatment.Weld()), Pose.at(0, 240)))));
    }

    private static <T> T on(Callable<T> work) throws Exception {
        FutureTask<T> task = new FutureTask<>(work);
        Platform.runLater(task);
        return task.get();
    }

    private static final class NoFiles implements FileQuestions {
        @Override
        public Optional<Path> toOpen(Kind kind) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toSave(Kind kind, String name) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> folder() {
            return Optional.empty();
        }
    }
}
