package jurren.app;

import jurren.core.art.Chain;
import jurren.core.art.Drawing;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Treatment;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankSize;
import jurren.core.geometry.Box;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.SizeEntry;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Jobs to begin with. */
public final class NewJobs {
    private NewJobs() {
    }

    /** A job with one line of one blank and no art yet. */
    public static Job onBlank(Blank blank, String name, String title, String colour, String materialId) {
        Line line = new Line("A", title, blank.id(), colour, materialId, blank.referenceSize(),
                List.of(SizeEntry.of(blank.referenceSize(), 1)), List.of(), Map.of());
        return new Job(name, "", "", true, List.of(line));
    }

    /**
     * A drawing on one size of a blank: at its own size or at a given width, its top in the middle of
     * the area's upper edge.
     */
    public static Job ofDrawing(Drawing drawing, Blank blank, String size, String colour, String materialId,
                                Optional<Double> widthMm, int copies) {
        Motif atFileSize = new Motif("m1", nameOf(drawing), drawing, List.of(new Treatment.Weld()), Pose.at(0, 0));
        Box box = boundsOf(atFileSize);
        double factor = widthMm.map(w -> w / box.widthMm()).orElse(1.0);
        Motif sized = atFileSize.withSource(drawing.resized(factor, factor));
        Box wanted = boundsOf(sized);
        BlankSize on = blank.size(size).orElseThrow();
        Motif placed = sized.withPose(Pose.at(-wanted.centre().xMm(), on.area().dropMm() - wanted.minYMm()));
        Line line = new Line("A", nameOf(drawing), blank.id(), colour == null ? blank.colours().getFirst().id() : colour,
                materialId, size, List.of(SizeEntry.of(size, copies)), List.of(placed), Map.of());
        return new Job(nameOf(drawing), "", "", true, List.of(line));
    }

    public static String nameOf(Drawing drawing) {
        String name = drawing.file().name();
        int dot = name.lastIndexOf('.');
        return dot > 0 ? name.substring(0, dot) : name;
    }

    private static Box boundsOf(Motif motif) {
        return new Chain().build(motif).bounds().orElse(Box.ofSize(0, 0, 1, 1));
    }
}
