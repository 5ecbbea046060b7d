package jurren.app.bench.blank;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Line;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.blank.Photo;
import jurren.core.geometry.Point;
import jurren.core.trace.Picture;

/** A photo of the thing, and the two points on it whose distance is known. */
final class PhotoScaler {
    private static final double VIEW_WIDTH = 330;
    private static final double VIEW_HEIGHT = 180;

    private final Session session;
    private final FileQuestions files;
    private final ImageView view = new ImageView();
    private final Pane marks = new Pane(view);
    private final Label what = Controls.label(Texts.of("photo.none"), "hint");
    private final HBox distanceRow = new HBox(8);
    private final VBox node;
    private final List<Point> points = new ArrayList<>();
    private Optional<Path> file = Optional.empty();
    private Optional<Photo> kept = Optional.empty();
    private Image keptImage;
    private Runnable changed = () -> {};
    private double distanceMm = 100;

    PhotoScaler(Session session, FileQuestions files) {
        this.session = session;
        this.files = files;
        view.setPreserveRatio(true);
        view.setFitWidth(VIEW_WIDTH);
        view.setFitHeight(VIEW_HEIGHT);
        marks.setId("photo");
        marks.setVisible(false);
        marks.setManaged(false);
        marks.addEventHandler(MouseEvent.MOUSE_CLICKED, this::click);
        MeasureField distance = MeasureField.length(Texts.of("photo.distance"), session::unit, mm -> {
            distanceMm = mm;
            changed.run();
        });
        distance.setId("photo-distance");
        distance.show(distanceMm);
        distanceRow.getChildren().addAll(Controls.label(Texts.of("photo.distance")), distance);
        distanceRow.setVisible(false);
        distanceRow.setManaged(false);
        this.node = new VBox(
                6, Controls.button("photo-open", Texts.of("photo.open"), this::open), what, marks, distanceRow);
    }

    Node node() {
        return node;
    }

    Optional<Path> file() {
        return file;
    }

    /** Told when there is another photo or another scale. */
    void whenChanged(Runnable told) {
        changed = told;
    }

    /** The photo that was there before. */
    void keep(Photo photo) {
        kept = Optional.of(photo);
        keptImage = new Image(session.shopFolder().photo(photo).toUri().toString());
        what.setText(Texts.of("photo.kept", photo.file()));
    }

    /** What is laid behind the drawing. */
    Optional<Image> image() {
        return Optional.ofNullable(file.isPresent() ? view.getImage() : keptImage)
                .filter(i -> !i.isError());
    }

    /** Its pixels, as they are shown. */
    Optional<Picture> pixels() {
        return image().map(i -> {
            int w = (int) i.getWidth();
            int h = (int) i.getHeight();
            int[] argb = new int[w * h];
            i.getPixelReader().getPixels(0, 0, w, h, PixelFormat.getIntArgbInstance(), argb, 0, w);
            return Picture.ofOwned(w, h, argb);
        });
    }

    /** Scaled, once two points are marked; otherwise what was there before. */
    Optional<Photo> photo(String blankId) {
        return file.isPresent() && points.size() == 2
                ? Optional.of(Photo.scaledBy(blankId + ending(file.get()), points.get(0), points.get(1), distanceMm))
                : kept;
    }

    static String ending(Path file) {
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        return dot < 0 ? ".png" : name.substring(dot).toLowerCase(java.util.Locale.ROOT);
    }

    private void open() {
        files.toOpen(FileQuestions.Kind.PHOTO).ifPresent(path -> {
            Image image = new Image(path.toUri().toString());
            if (image.isError()) {
                session.notices().say(Texts.of("photo.broken", path.getFileName()));
                return;
            }
            file = Optional.of(path);
            points.clear();
            view.setImage(image);
            draw();
        });
    }

    /** The third click begins anew. */
    private void click(MouseEvent e) {
        if (view.getImage() == null) {
            return;
        }
        if (points.size() == 2) {
            points.clear();
        }
        double scale = view.getImage().getWidth() / view.getBoundsInLocal().getWidth();
        points.add(new Point(e.getX() * scale, e.getY() * scale));
        draw();
    }

    private void draw() {
        marks.setVisible(true);
        marks.setManaged(true);
        marks.getChildren().setAll(view);
        double scale = view.getBoundsInLocal().getWidth() / view.getImage().getWidth();
        if (points.size() == 2) {
            Line line = new Line(
                    points.get(0).xMm() * scale,
                    points.get(0).yMm() * scale,
                    points.get(1).xMm() * scale,
                    points.get(1).yMm() * scale);
            line.getStyleClass().add("photo-line");
            marks.getChildren().add(line);
        }
        for (Point p : points) {
            Circle mark = new Circle(p.xMm() * scale, p.yMm() * scale, 5);
            mark.getStyleClass().add("photo-mark");
            marks.getChildren().add(mark);
        }
        what.setText(Texts.of(points.size() == 2 ? "photo.scaled" : "photo.mark"));
        distanceRow.setVisible(points.size() == 2);
        distanceRow.setManaged(points.size() == 2);
        changed.run();
    }
}
