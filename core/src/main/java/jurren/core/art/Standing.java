package jurren.core.art;

import java.util.Optional;

/**
 * How a motif takes part in arranging.
 *
 * @param group  motifs of one group are chosen and moved together
 * @param locked it is not moved by hand
 * @param hidden it is not part of the art; others may still follow it
 */
public record Standing(Optional<String> group, boolean locked, boolean hidden) {
    public static final Standing FREE = new Standing(Optional.empty(), false, false);

    public Standing inGroup(Optional<String> newGroup) {
        return new Standing(newGroup, locked, hidden);
    }

    public Standing locked(boolean newLocked) {
        return new Standing(group, newLocked, hidden);
    }

    public Standing hidden(boolean newHidden) {
        return new Standing(group, locked, newHidden);
    }
}
