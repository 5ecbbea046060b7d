package jurren.core.dryrun;

import java.util.List;
import jurren.core.geometry.Point;

/** What a knife did on one load: every stroke from knife down to knife up, as read back from its file. */
public record CutSheet(int load, List<List<Point>> strokes) {
    public CutSheet {
        strokes = strokes.stream().map(List::copyOf).toList();
    }
}
