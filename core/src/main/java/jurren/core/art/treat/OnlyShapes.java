package jurren.core.art.treat;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.List;
import java.util.TreeSet;
import java.util.regex.Pattern;
import jurren.core.art.Paint;
import jurren.core.art.Treatment;
import jurren.core.geometry.Region;

/**
 * Only some of a drawing's shapes are kept, counted in the order in which they are painted, from 1: {@code 1-3,7}. So a
 * drawing is taken apart without losing its file.
 */
public record OnlyShapes(String numbers) implements Treatment {
    private static final Pattern NUMBERS =
            Pattern.compile("\\s*\\d{1,6}(\\s*-\\s*\\d{1,6})?(\\s*,\\s*\\d{1,6}(\\s*-\\s*\\d{1,6})?)*\\s*");
    private static final int MOST = 100_000;

    public OnlyShapes {
        if (!NUMBERS.matcher(numbers).matches()) {
            throw new IllegalArgumentException("shapes are named like 1-3,7 but were \"" + numbers + "\"");
        }
    }

    /** With these numbers, neighbours told as a stretch. */
    public static OnlyShapes of(Collection<Integer> numbers) {
        StringBuilder text = new StringBuilder();
        List<Integer> sorted = new ArrayList<>(new TreeSet<>(numbers));
        for (int i = 0; i < sorted.size(); i++) {
            int from = sorted.get(i);
            while (i + 1 < sorted.size() && sorted.get(i + 1) == sorted.get(i) + 1) {
                i++;
            }
            text.append(text.isEmpty() ? "" : ",")
                    .append(from)
                    .append(sorted.get(i) == from ? "" : "-" + sorted.get(i));
        }
        return new OnlyShapes(text.toString());
    }

    @Override
    public List<Paint> apply(List<Paint> paints) {
        BitSet kept = kept();
        List<Paint> left = new ArrayList<>();
        int number = 0;
        for (Paint p : paints) {
            List<Region> parts = new ArrayList<>();
            for (Region part : p.parts()) {
                if (kept.get(++number)) {
                    parts.add(part);
                }
            }
            if (!parts.isEmpty()) {
                left.add(p.withParts(parts));
            }
        }
        return left;
    }

    /** The numbers of what is kept. */
    BitSet kept() {
        BitSet kept = new BitSet();
        for (String stretch : numbers.split(",")) {
            String[] ends = stretch.split("-");
            int from = Integer.parseInt(ends[0].strip());
            int to = Math.min(MOST, Integer.parseInt(ends[ends.length - 1].strip()));
            if (from <= to) {
                kept.set(from, to + 1);
            }
        }
        return kept;
    }
}
