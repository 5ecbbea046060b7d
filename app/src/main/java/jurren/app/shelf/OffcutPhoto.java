package jurren.app.shelf;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Circle;
import javafx.scene.shape.Polyline;
import jurren.app.desk.Order;
import jurren.app.face.PictureImage;
import jurren.app.session.Session;
import jurren.app.sheet.FileQuestions;
import jurren.app.theme.Controls;
import jurren.app.theme.MeasureField;
import jurren.app.theme.Texts;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.load.Photographed;
import jurren.core.trace.Picture;
import jurren.formats.files.WholeFile;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;

/**
 * A photograph of an offcut, with what is marked on it: two points of known distance, or four corners of known size.
 */
final class OffcutPhoto {
    private static final double VIEW = 262;
    private static final int MOST_MARKS = 4;

    private final Session session;
    private final FileQuestions files;
    private final Consumer<Region> taken;
    private final ImageView view = new ImageView();
    private final Pane marked = new Pane(view);
    private final Label what = Controls.label(Texts.of("shelf.photo.none"), "hint");
    private final VBox sizes = new VBox(4);
    private final VBox node;
    private final List<Point> marks = new ArrayList<>();
    private Picture picture;
    private double width = 210;
    private double height = 297;

    OffcutPhoto(Session session, FileQuestions files, Consumer<Region> taken) {
        this.session = session;
        this.files = files;
        this.taken = taken;
        view.setPreserveRatio(true);
        view.setFitWidth(VIEW);
        view.setFitHeight(VIEW);
        marked.setId("offcut-photo");
        marked.addEventHandler(MouseEvent.MOUSE_CLICKED, this::mark);
        this.node = new VBox(
                6,
                Controls.button("offcut-photo-open", Texts.of("photo.open"), this::open),
                what,
                marked,
                sizes,
                Controls.button("offcut-photo-take", Texts.of("shelf.photo.take"), this::take, "primary"));
    }

    VBox node() {
        return node;
    }

    private void open() {
        files.toOpen(FileQuestions.Kind.PHOTO).ifPresent(this::read);
    }

    private void read(Path file) {
        session.desk()
                .give(new Order<>(
                        Texts.of("work.reading", file.getFileName()),
                        _ -> PictureReader.read(file.getFileName().toString(), WholeFile.read(file)),
                        read -> {
                            switch (read) {
                                case PictureRead.Taken t -> {
                                    picture = t.file().picture();
                                    view.setImage(PictureImage.of(picture));
                                    marks.clear();
                                    draw();
                                }
                                case PictureRead.Refused r ->
                                    session.notices().say(session.words().refusal(r.refusal()));
                            }
                        },
                        why -> session.notices().say(Texts.of("photo.broken", file.getFileName()))));
    }

    private double scale() {
        return picture.width() / view.getBoundsInLocal().getWidth();
    }

    /** A fifth click begins anew. */
    private void mark(MouseEvent e) {
        if (picture == null) {
            return;
        }
        if (marks.size() == MOST_MARKS) {
            marks.clear();
        }
        marks.add(new Point(e.getX() * scale(), e.getY() * scale()));
        draw();
    }

    private void draw() {
        marked.getChildren().setAll(view);
        Polyline line = new Polyline();
        line.getStyleClass().add("photo-line");
        for (Point p : marks) {
            line.getPoints().addAll(p.xMm() / scale(), p.yMm() / scale());
            Circle dot = new Circle(p.xMm() / scale(), p.yMm() / scale(), 4);
            dot.getStyleClass().add("photo-mark");
            marked.getChildren().add(dot);
        }
        if (marks.size() == MOST_MARKS) {
            line.getPoints().addAll(line.getPoints().get(0), line.getPoints().get(1));
        }
        marked.getChildren().add(1, line);
        what.setText(Texts.of("shelf.photo.marks", marks.size()));
        sizes.getChildren().clear();
        if (marks.size() == MOST_MARKS) {
            sizes.getChildren()
                    .addAll(
                            Controls.row(Texts.of("shelf.photo.width"), field("photo-width", width, mm -> width = mm)),
                            Controls.row(
                                    Texts.of("shelf.photo.height"), field("photo-height", height, mm -> height = mm)));
        } else if (marks.size() == 2) {
            sizes.getChildren()
                    .add(Controls.row(Texts.of("photo.distance"), field("photo-apart", width, mm -> width = mm)));
        }
    }

    private MeasureField field(String id, double mm, Consumer<Double> put) {
        MeasureField field = MeasureField.length(Texts.of("photo.distance"), session::unit, put);
        field.setId(id);
        field.show(mm);
        return field;
    }

    private void take() {
        if (picture == null || !Photographed.isEnough(marks.size())) {
            what.setText(Texts.of(picture == null ? "shelf.photo.none" : "shelf.photo.marks", marks.size()));
            return;
        }
        Picture of = picture;
        List<Point> at = List.copyOf(marks);
        double w = width;
        double h = height;
        session.desk()
                .give(new Order<>(
                        Texts.of("work.tracing-offcut"),
                        _ -> at.size() == 2
                                ? Photographed.byDistance(of, at.get(0), at.get(1), w)
                                : Photographed.byCorners(of, at, w, h),
                        this::found,
                        why -> what.setText(Texts.of("shelf.photo.crossed"))));
    }

    private void found(Optional<Region> outline) {
        outline.ifPresentOrElse(taken, () -> what.setText(Texts.of("shelf.photo.nothing")));
    }
}
