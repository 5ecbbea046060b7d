package jurren.core.art.treat;

import jurren.core.art.Others;
import jurren.core.art.Paint;
import jurren.core.art.Referring;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;
import java.util.Comparator;
import java.util.List;

/** Only what lies inside one part of another motif is kept: one letter of a word, counted from 1, from the left. */
public record KeepInPart(String other, int part, double marginMm) implements Referring {
    public KeepInPart {
        Limits.within("a part", part, 1, 1000);
        Limits.within("a margin", marginMm, 0, 1000);
    }

    @Override
    public KeepInPart withOther(String newOther) {
        return new KeepInPart(newOther, part, marginMm);
    }

    @Override
    public List<Paint> apply(List<Paint> paints, Others others) {
        if (others.region(other).isEmpty()) {
            return paints;
        }
        Region letter = inOrder(others.parts(other)).stream().skip(part - 1L).findFirst().orElse(Region.EMPTY);
        Region in = marginMm > 0 ? letter.grown(-marginMm, CornerStyle.ROUND) : letter;
        return Paint.each(paints, r -> r.intersect(in));
    }

    /** Parts as they are counted; of what was welded into one, its pieces. */
    public static List<Region> inOrder(List<Region> parts) {
        List<Region> all = parts.size() == 1 ? parts.getFirst().pieces().stream().map(Piece::region).toList() : parts;
        return all.stream().sorted(Comparator.comparingDouble((Region r) -> r.bounds().minXMm()).thenComparingDouble(r -> r.bounds().minYMm())).toList();
    }
}
