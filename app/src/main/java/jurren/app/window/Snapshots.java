package jurren.app.window;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.FutureTask;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.image.WritableImage;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import jurren.app.cutter.CutTalk;
import jurren.app.session.Bench;
import jurren.app.session.Session;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.geometry.Box;
import jurren.core.geometry.Region;
import jurren.core.job.Shop;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typefaces;
import jurren.core.load.Offcut;
import jurren.core.load.Stock;
import jurren.core.material.Colour;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.files.SafeFiles;
import jurren.formats.jobfile.JobDocument;

/** One picture of each main view, made from the demo job without a display. */
public final class Snapshots {
    /** The loads are looked at once so large a share of the search for tighter layouts is done. */
    private static final int LOOKED_FOR_SHARE = 10;

    private static final long PATIENCE_S = 60;

    private final Map<String, byte[]> pictures = new LinkedHashMap<>();
    private Session session;
    private JurrenWindow window;
    private Scene scene;
    private Stage stage;

    private Snapshots() {}

    public static int run(Path folder) {
        Toolkit.offscreen();
        Snapshots snapshots = new Snapshots();
        try {
            snapshots.take();
            SafeFiles.writeAll(folder, snapshots.pictures);
            snapshots
                    .pictures
                    .keySet()
                    .forEach(name -> System.out.println(Texts.of("snap.wrote", folder.resolve(name))));
            return 0;
        } catch (IOException e) {
            System.err.println(Texts.of("snap.not-written", folder, e.getMessage()));
            return 2;
        } catch (InterruptedException _) {
            Thread.currentThread().interrupt();
            return 2;
        } finally {
            Platform.exit();
        }
    }

    private void take() throws InterruptedException {
        Typefaces.warm();
        Platform.startup(() -> {});
        Path nowhere = Path.of(
                System.getProperty("java.io.tmpdir"),
                "jurren-snap-" + ProcessHandle.current().pid());
        on(() -> {
            session = new Session(
                    withOffcuts(BuiltInShop.read()), JobDocument.of(DemoJob.make()), nowhere, new Planner());
            stage = new Stage();
            window = new JurrenWindow(stage, session, new SystemFiles(stage, session.settings()));
            window.show();
            scene = stage.getScene();
            return null;
        });
        until(() -> session.isSettled());
        for (Bench bench : Bench.values()) {
            on(() -> {
                session.choose(bench == Bench.ART ? Optional.of("m2") : Optional.empty());
                session.show(bench);
                return null;
            });
            if (bench == Bench.CUT) {
                cutSome();
            }
            if (bench == Bench.LOADS) {
                until(() -> session.nests().done() * LOOKED_FOR_SHARE
                        >= session.nests().all());
                on(() -> {
                    session.nests().stop();
                    return null;
                });
            }
            if (bench == Bench.FINISH) {
                settle();
                on(() -> {
                    ((ToggleButton) scene.lookup("#step-5")).fire();
                    return null;
                });
            }
            picture(bench.name().toLowerCase(Locale.ROOT));
            if (bench == Bench.CUT) {
                weed();
            }
            if (bench == Bench.FINISH) {
                choose("#finish-side-run");
                until(() -> scene.lookup("#run-done") != null);
                picture("run");
                choose("#finish-side-piece");
            }
            if (bench == Bench.ART) {
                click("#start-stacked-words");
                until(() -> !((Label) scene.lookup("#start-says")).getText().isBlank());
                picture("art-start");
                click("#sheet-close");
                trace();
            }
        }
        on(() -> {
            window.shell().cutter().stop();
            return null;
        });
        line("B", Bench.BLANK, "blank-curved");
        line("A", Bench.LOADS, null);
        click("#loads-show-prints");
        picture("prints");
        snag();
        line("A", Bench.BLANK, null);
        sheet("#choose-blank", "choose-blank");
        sheet("#job-name", "job-drawer");
        click("#dry-run");
        until(() -> scene.lookup("#dry-run-sheet .image-view") != null);
        picture("dry-run");
        click("#sheet-close");
        line("A", Bench.LOADS, null);
        click("#loads-show-film");
        click("#open-shelf");
        click("#roll-roll-305-#F6EFDC");
        picture("shelf");
        choose("#shop-page-films");
        tune();
        picture("films");
        choose("#shop-page-machines");
        picture("machines");
        click("#sheet-close");
        on(() -> {
            window.close();
            return null;
        });
    }

    /** A shop that found its own force for a film, and pays another price for it. */
    private void tune() throws InterruptedException {
        until(() -> scene.lookup("#film-force") != null);
        for (Map.Entry<String, String> figure :
                Map.of("#film-force", "105", "#film-price", "8.40").entrySet()) {
            on(() -> {
                MeasureField field = (MeasureField) scene.lookup(figure.getKey());
                field.setText(figure.getValue());
                field.commit();
                return null;
            });
            settle();
        }
    }

    /** A fine script that the film does not hold: what mends it is shown before it is done. */
    private void snag() throws InterruptedException {
        line("A", Bench.LAYERS, null);
        click("#spread-together");
        on(() -> {
            session.editLine(l -> l.withMotifs(Stream.concat(
                            l.motifs().stream(),
                            Stream.of(new Motif(
                                    "m8",
                                    "Otter",
                                    Lettering.of("Otter", ShippedTypeface.GREAT_VIBES, 30, Colour.of("#F6EFDC")),
                                    List.of(new Treatment.Weld()),
                                    Pose.at(78, 335))))
                    .toList()));
            return null;
        });
        settle();
        on(() -> {
            session.snags()
                    .point(session.plan().orElseThrow().snags().stream()
                            .filter(Snag.ThinPart.class::isInstance)
                            .findFirst()
                            .orElseThrow());
            return null;
        });
        until(() -> scene.lookup(".cure") != null && session.snags().change().isPresent());
        picture("snag");
        on(() -> {
            session.undo();
            return null;
        });
        settle();
        click("#spread-apart");
    }

    /** A shop that kept some of what its loads left behind. */
    private static Shop withOffcuts(Shop shop) {
        List<Stock> shelf = new ArrayList<>(shop.shelf());
        Region corner = Offcut.measured(260, 190, Offcut.Corner.UPPER_RIGHT, 90, 80);
        Region small = Offcut.measured(150, 140, Offcut.Corner.LOWER_LEFT, 45, 60);
        shelf.add(new Offcut("no 17", "smooth-film", Colour.of("#7FC4DA"), corner, false, "2026-10-30"));
        shelf.add(new Offcut(
                "no 21",
                "glitter-film",
                Colour.of("#D1A94B"),
                Region.of(Box.ofSize(0, 0, 320, 60)),
                false,
                "2026-11-12"));
        shelf.add(new Offcut("no 22", "stretch-film", Colour.of("#F6EFDC"), small, false, "2026-11-20"));
        return shop.withShelf(shelf);
    }

    /** The customer's photograph, being traced in its colours. */
    private void trace() throws InterruptedException {
        Path photograph = Path.of(
                System.getProperty("java.io.tmpdir"),
                "jurren-snap-picture-" + ProcessHandle.current().pid(),
                "otter-badge.jpg");
        try {
            SafeFiles.write(photograph, DemoJob.photograph());
            on(() -> {
                window.shell().actions().dropped(photograph);
                return null;
            });
            untilTraced("one colour");
            click("#trace-mode-several_colours");
            untilTraced("3 colours");
            until(() -> !((Label) scene.lookup("#trace-lost")).getText().isBlank());
            picture("art-trace");
            click("#sheet-close");
        } catch (IOException e) {
            throw new IllegalStateException("the photograph could not be put down", e);
        } finally {
            photograph.toFile().delete();
            photograph.getParent().toFile().delete();
        }
    }

    private void untilTraced(String says) throws InterruptedException {
        until(() ->
                scene.lookup("#trace-says") instanceof Label l && l.getText().contains(says));
    }

    /** Half of the third load, so that a cut is seen at work. */
    private void cutSome() throws InterruptedException {
        on(() -> {
            window.shell().cutBench().show(3, 10);
            return null;
        });
        click("#cut-main");
        until(() -> window.shell().cutter().finishedPaths()
                >= session.plan().orElseThrow().runs().get(2).paths().size() / 2);
        click("#cut-pause");
        until(() -> window.shell().cutter().state() == CutTalk.State.PAUSED);
    }

    /** A load with letters on the table, its insides the first to be lifted. */
    private void weed() throws InterruptedException {
        on(() -> {
            window.shell().cutBench().show(4, 10);
            return null;
        });
        choose("#cut-side-weed");
        until(() -> scene.lookup("#weed-inside") != null);
        picture("weed");
        choose("#cut-side-cut");
    }

    /** Another line on one bench; a picture where it has a name. */
    private void line(String id, Bench bench, String name) throws InterruptedException {
        on(() -> {
            session.openLine(id);
            session.show(bench);
            return null;
        });
        settle();
        if (name != null) {
            picture(name);
        }
    }

    private void sheet(String button, String name) throws InterruptedException {
        click(button);
        picture(name);
        click("#sheet-close");
    }

    private void choose(String id) throws InterruptedException {
        on(() -> {
            ((ToggleButton) scene.lookup(id)).setSelected(true);
            return null;
        });
        settle();
    }

    /** It is there, can be pressed, and everything that pressing it asked for is worked out. */
    private void click(String id) throws InterruptedException {
        until(() -> scene.lookup(id) instanceof ButtonBase b && !b.isDisabled());
        on(() -> {
            ((ButtonBase) scene.lookup(id)).fire();
            return null;
        });
    }

    private void picture(String name) throws InterruptedException {
        settle();
        WritableImage image = on(() -> {
            Parent root = scene.getRoot();
            root.applyCss();
            root.resize(JurrenWindow.WIDTH, JurrenWindow.HEIGHT);
            root.layout();
            root.layout();
            return root.snapshot(null, null);
        });
        pictures.put(name + ".png", png(image));
    }

    /** Everything is worked out, what was told is shown, and it is laid out. */
    private void settle() throws InterruptedException {
        for (int i = 0; i < 8; i++) {
            until(() -> session.isSettled() && session.desk().isIdle());
            on(() -> null);
        }
    }

    private static byte[] png(WritableImage image) {
        int w = (int) image.getWidth();
        int h = (int) image.getHeight();
        int[] argb = new int[w * h];
        image.getPixelReader().getPixels(0, 0, w, h, javafx.scene.image.PixelFormat.getIntArgbInstance(), argb, 0, w);
        BufferedImage buffered = new BufferedImage(w, h, BufferedImage.TYPE_INT_RGB);
        buffered.setRGB(0, 0, w, h, argb, 0, w);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            ImageIO.write(buffered, "png", out);
        } catch (IOException e) {
            throw new IllegalStateException("a byte array took no more bytes", e);
        }
        return out.toByteArray();
    }

    private static void until(BooleanSupplier holds) throws InterruptedException {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_S);
        while (!on(holds::getAsBoolean)) {
            if (System.nanoTime() > end) {
                throw new IllegalStateException("the window did not settle within " + PATIENCE_S + " s");
            }
            TimeUnit.MILLISECONDS.sleep(20);
        }
    }

    private static <T> T on(Callable<T> work) throws InterruptedException {
        FutureTask<T> task = new FutureTask<>(work);
        Platform.runLater(task);
        try {
            return task.get();
        } catch (ExecutionException e) {
            throw new IllegalStateException(e.getCause());
        }
    }
}
