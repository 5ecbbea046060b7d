package jurren.formats.words;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import jurren.core.load.Load;
import jurren.core.load.Placed;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;

/**
 * By which the pieces of a load are told apart: line, place and size where they differ, and which of how many it is. What is
 * the same for all is told once.
 */
public final class PieceNames {
    private final Plan plan;
    private final List<Function<Placed, String>> differing;
    private final String common;

    public PieceNames(Plan plan, Load load) {
        this.plan = plan;
        List<Function<Placed, String>> parts = List.of(p -> p.item().lineId(), this::place, p -> p.item().size());
        this.differing = parts.stream().filter(part -> told(load, part).size() > 1).toList();
        this.common = parts.stream().filter(part -> told(load, part).size() == 1).map(part -> part.apply(load.placed().getFirst()))
                .filter(t -> !t.isEmpty()).collect(Collectors.joining(" "));
    }

    private static Set<String> told(Load load, Function<Placed, String> part) {
        return load.placed().stream().map(part).collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Where a line has only one place, that goes without saying. */
    private String place(Placed p) {
        List<LinePlan> places = plan.places(p.item().lineId());
        return places.size() < 2 ? "" : plan.line(p.item().lineId(), p.item().place()).map(l -> l.face().name()).orElse("");
    }

    /** What is the same for all pieces. */
    public String common() {
        return common;
    }

    public String of(Placed p) {
        return Stream.concat(differing.stream().map(part -> part.apply(p)).filter(t -> !t.isEmpty()), Stream.of(String.valueOf(p.item().copy())))
                .collect(Collectors.joining(" "));
    }
}
