package jurren.core.snag;

import java.util.ArrayList;
import java.util.List;
import jurren.core.art.Art;
import jurren.core.art.Painted;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;

/**
 * What a knife would make a mess of, in the regions it follows: looked for colour by colour.
 *
 * <ul>
 *   <li>overlaps that were not welded: the knife crosses the film inside the art;
 *   <li>doubled lines: two edges so close side by side, with a slit of no film between, that the second
 *       cut tears what the first left;
 *   <li>crumbs: pieces, and holes, too small to weed;
 *   <li>slivers: strips narrower than the film holds that are no corner.
 * </ul>
 */
public record CutMarks(List<Mark> marks) {
    /** Two edges nearer than this are one line to a knife. */
    public static final double DOUBLED_MM = 0.2;
    /** What is smaller is lifted with tweezers, one by one. */
    public static final double CRUMB_MM2 = 4;

    private static final int MOST = 300;
    /** A slit is so many times as long as it is wide; shorter ones are the ends of corners. */
    private static final double LEAST_ALONG = 6;
    /** Narrower than this share is what growing and shrinking a bend leaves by itself. */
    private static final double ROUNDING = 0.1;

    /** What is marked. */
    public enum Kind {
        OPEN_END,
        OVERLAP,
        DOUBLED,
        CRUMB,
        SLIVER
    }

    /** One place; {@code region} is what is meant, empty where it is a point. */
    public record Mark(Kind kind, Point at, Region region) {}

    public CutMarks {
        marks = List.copyOf(marks);
    }

    /**
     * @param cut      what is cut, one region a colour
     * @param openEnds where lines of drawings stop, on the face
     * @param leastMm  what the film holds
     */
    public static CutMarks of(Art art, List<Region> cut, List<Point> openEnds, double leastMm) {
        List<Mark> marks = new ArrayList<>();
        openEnds.forEach(p -> marks.add(new Mark(Kind.OPEN_END, p, Region.EMPTY)));
        for (Painted p : art.paints()) {
            overlaps(marks, p.unwelded());
        }
        for (Region region : cut) {
            doubled(marks, region);
            crumbs(marks, region);
            slivers(marks, region, leastMm);
        }
        return new CutMarks(marks.subList(0, Math.min(MOST, marks.size())));
    }

    public long count(Kind kind) {
        return marks.stream().filter(m -> m.kind == kind).count();
    }

    private static void overlaps(List<Mark> marks, List<Region> parts) {
        for (int i = 0; i < parts.size(); i++) {
            for (int k = i + 1; k < parts.size(); k++) {
                if (parts.get(i).bounds().crossed(parts.get(k).bounds()).isPresent()) {
                    add(marks, Kind.OVERLAP, parts.get(i).intersect(parts.get(k)));
                }
            }
        }
    }

    /** What closing the shape by half the distance fills, and is no corner: longer than it is wide. */
    private static void doubled(List<Mark> marks, Region region) {
        Region closed = region.grown(DOUBLED_MM / 2, CornerStyle.MITRED).grown(-DOUBLED_MM / 2, CornerStyle.MITRED);
        for (Piece slit : closed.minus(region).pieces()) {
            double along = slit.outer().lengthMm() / 2;
            double wide = slit.region().areaMm2() / along;
            if (along > LEAST_ALONG * DOUBLED_MM && wide > DOUBLED_MM * ROUNDING && wide < DOUBLED_MM) {
                add(marks, Kind.DOUBLED, slit.region());
            }
        }
    }

    private static void crumbs(List<Mark> marks, Region region) {
        for (Piece piece : region.pieces()) {
            Region whole = piece.region();
            if (whole.areaMm2() < CRUMB_MM2) {
                add(marks, Kind.CRUMB, whole);
            }
            piece.holes().stream()
                    .filter(h -> Math.abs(h.signedAreaMm2()) < CRUMB_MM2)
                    .forEach(h -> add(
                            marks, Kind.CRUMB, Region.enclosedBy(List.of(h), jurren.core.geometry.FillRule.EVEN_ODD)));
        }
    }

    /** What opening by half the least width takes away, and is no corner. */
    private static void slivers(List<Mark> marks, Region region, double leastMm) {
        if (leastMm <= 0) {
            return;
        }
        Region opened = region.grown(-leastMm / 2, CornerStyle.MITRED).grown(leastMm / 2, CornerStyle.MITRED);
        for (Piece strip : region.minus(opened).pieces()) {
            if (strip.region().areaMm2() > leastMm * leastMm / 4
                    && strip.region().areaMm2() >= DOUBLED_MM * DOUBLED_MM) {
                add(marks, Kind.SLIVER, strip.region());
            }
        }
    }

    private static void add(List<Mark> marks, Kind kind, Region region) {
        if (!region.isEmpty() && marks.size() < MOST) {
            marks.add(new Mark(kind, region.inside(), region));
        }
    }
}
