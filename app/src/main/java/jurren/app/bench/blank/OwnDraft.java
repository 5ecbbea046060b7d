package jurren.app.bench.blank;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jurren.app.theme.Texts;
import jurren.core.blank.Blank;
import jurren.core.blank.Face;
import jurren.core.blank.Obstacle;

/**
 * A thing while it is measured, and which of its sizes and faces is looked at. What cannot be is said, and the last
 * good value stays.
 */
final class OwnDraft {
    private final List<Runnable> watchers = new ArrayList<>();
    private Blank blank;
    private String sizeId;
    private String faceId;
    private String objection = "";

    OwnDraft(Blank blank) {
        this.blank = blank;
        this.sizeId = blank.referenceSize();
        this.faceId = blank.reference().faces().getFirst().id();
    }

    /** Told after every change, one that was refused too. */
    void watch(Runnable watcher) {
        watchers.add(watcher);
    }

    Blank blank() {
        return blank;
    }

    String sizeId() {
        return sizeId;
    }

    Face face() {
        return blank.size(sizeId).orElseThrow().faceOrUsual(faceId);
    }

    List<Obstacle> inTheWay() {
        return face().further();
    }

    String objection() {
        return objection;
    }

    boolean isUsualFace() {
        return blank.reference().faces().getFirst().id().equals(faceId);
    }

    void edit(UnaryOperator<Blank> change) {
        try {
            blank = change.apply(blank);
            objection = "";
        } catch (IllegalArgumentException e) {
            objection = Texts.of("measure.cannot-be", e.getMessage());
        }
        told();
    }

    void editFace(UnaryOperator<Face> change) {
        edit(b -> b.withFace(sizeId, faceId, change));
    }

    /** What every size has alike. */
    void editFaceOfEverySize(UnaryOperator<Face> change) {
        edit(b -> b.withFace(faceId, change));
    }

    void obstacles(UnaryOperator<List<Obstacle>> change) {
        editFace(f -> f.withFurther(change.apply(new ArrayList<>(f.further()))));
    }

    /** What was thought up outside, and could not be made. */
    void object(IllegalArgumentException why) {
        edit(_ -> {
            throw why;
        });
    }

    void open(Optional<String> size, String face) {
        sizeId = size.orElse(sizeId);
        faceId = face;
        objection = "";
        told();
    }

    private void told() {
        watchers.forEach(Runnable::run);
    }
}
