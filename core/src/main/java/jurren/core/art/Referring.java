package jurren.core.art;

import java.util.List;
import java.util.Set;

/** A treatment that follows another motif. Where that is gone, or none was chosen yet, it does nothing. */
public interface Referring extends Treatment {
    /** The id of the other motif; empty while none is chosen. */
    String other();

    /** The same following another one. */
    Treatment withOther(String newOther);

    List<Paint> apply(List<Paint> paints, Others others);

    @Override
    default List<Paint> apply(List<Paint> paints) {
        return apply(paints, Others.NONE);
    }

    @Override
    default Set<String> others() {
        return other().isEmpty() ? Set.of() : Set.of(other());
    }
}
