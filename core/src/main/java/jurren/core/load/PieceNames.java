package jurren.core.load;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * By which pieces that lie together are told apart: line, place and size where they differ, and which of how many it
 * is. What is the same for all is told once.
 */
public final class PieceNames {
    private final List<Function<Placed, String>> differing;
    private final String common;

    /** @param place what the place of a piece is called; empty where that goes without saying */
    public PieceNames(List<Placed> pieces, Function<Placed, String> place) {
        List<Function<Placed, String>> parts =
                List.of(p -> p.item().lineId(), place, p -> p.item().size());
        this.differing =
                parts.stream().filter(part -> told(pieces, part).size() > 1).toList();
        this.common = parts.stream()
                .map(part -> told(pieces, part))
                .filter(t -> t.size() == 1)
                .map(t -> t.iterator().next())
                .filter(t -> !t.isEmpty())
                .collect(Collectors.joining(" "));
    }

    private static Set<String> told(List<Placed> pieces, Function<Placed, String> part) {
        return pieces.stream().map(part).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** What is the same for all pieces. */
    public String common() {
        return common;
    }

    public String of(Placed p) {
        return Stream.concat(
                        differing.stream()
                                .map(part -> part.apply(p))
                                .filter(t -> !t.isEmpty())
                                .distinct(),
                        Stream.of(String.valueOf(p.item().copy())))
                .collect(Collectors.joining(" "));
    }
}
