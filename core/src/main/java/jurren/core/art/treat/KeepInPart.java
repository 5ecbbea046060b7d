package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;
import jurren.core.art.Others;
import jurren.core.art.Paint;
import jurren.core.art.Referring;
import jurren.core.geometry.Box;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Region;

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
        Region letter = letters(others.paintsHere(other)).stream()
                .skip(part - 1L)
                .findFirst()
                .orElse(Region.EMPTY);
        Region in = marginMm > 0 ? letter.grown(-marginMm, CornerStyle.ROUND) : letter;
        return Paint.each(paints, r -> r.intersect(in));
    }

    /**
     * Letters as they are counted: line by line from the left. Outlines and the like that lie under them are no
     * letters, and what stands right above or below a piece (the dot of an i) belongs to it.
     */
    public static List<Region> letters(List<Paint> paints) {
        List<Region> letters = new ArrayList<>();
        List<Region> above = new ArrayList<>();
        for (Paint p : paints.reversed()) {
            List<Region> pieces = p.parts().stream()
                    .flatMap(r -> r.pieces().stream())
                    .map(Piece::region)
                    .toList();
            if (pieces.stream()
                    .noneMatch(r -> above.stream()
                            .anyMatch(a -> a.bounds().crossed(r.bounds()).isPresent()
                                    && !a.intersect(r).isEmpty()))) {
                letters.addAll(pieces);
                above.addAll(pieces);
            }
        }
        letters.sort(
                Comparator.comparingDouble((Region r) -> r.bounds().heightMm()).reversed());
        List<Region> whole = new ArrayList<>();
        for (Region piece : letters) {
            int stem = IntStream.range(0, whole.size())
                    .filter(i -> belongs(piece.bounds(), whole.get(i).bounds()))
                    .findFirst()
                    .orElse(-1);
            if (stem < 0) {
                whole.add(piece);
            } else {
                whole.set(stem, Region.together(List.of(whole.get(stem), piece)));
            }
        }
        return lineByLine(whole);
    }

    /** A letter whose middle lies below all of a line begins the next. */
    private static List<Region> lineByLine(List<Region> letters) {
        List<List<Region>> lines = new ArrayList<>();
        double foot = Double.NEGATIVE_INFINITY;
        for (Region letter : letters.stream()
                .sorted(Comparator.comparingDouble(r -> r.bounds().centre().yMm()))
                .toList()) {
            if (letter.bounds().centre().yMm() > foot) {
                lines.add(new ArrayList<>());
                foot = Double.NEGATIVE_INFINITY;
            }
            lines.getLast().add(letter);
            foot = Math.max(foot, letter.bounds().maxYMm());
        }
        return lines.stream()
                .flatMap(line -> line.stream()
                        .sorted(Comparator.comparingDouble(r -> r.bounds().minXMm())))
                .toList();
    }

    private static boolean belongs(Box dot, Box stem) {
        double within = Math.min(dot.maxXMm(), stem.maxXMm()) - Math.max(dot.minXMm(), stem.minXMm());
        double apart = Math.max(stem.minYMm() - dot.maxYMm(), dot.minYMm() - stem.maxYMm());
        return within > dot.widthMm() / 2 && apart < stem.heightMm() / 3;
    }
}
