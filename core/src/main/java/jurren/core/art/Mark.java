package jurren.core.art;

import java.util.Set;

/**
 * The same as another motif, in its colours, larger or smaller: what is done to the other shows here
 * as well. Where it stands and what else is done to it is its own.
 */
public record Mark(String of, double widthFactor, double heightFactor) implements Source {
    public Mark {
        Source.checkFactors(widthFactor, heightFactor);
    }

    public static Mark of(String other) {
        return new Mark(other, 1, 1);
    }

    @Override
    public Mark resized(double byWidth, double byHeight) {
        Source.checkFactors(byWidth, byHeight);
        return new Mark(of, widthFactor * byWidth, heightFactor * byHeight);
    }

    @Override
    public Set<String> others() {
        return of.isEmpty() ? Set.of() : Set.of(of);
    }

    @Override
    public Mark withOther(String from, String to) {
        return of.equals(from) ? new Mark(to, widthFactor, heightFactor) : this;
    }
}
