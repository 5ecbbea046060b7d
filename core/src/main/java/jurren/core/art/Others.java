package jurren.core.art;

import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Region;
import jurren.core.geometry.Track;

/** The other motifs as one motif sees them, around its own origin. */
public interface Others {
    Others NONE = new Others() {
        @Override
        public Optional<Region> region(String id) {
            return Optional.empty();
        }

        @Override
        public Optional<Track> track(String id) {
            return Optional.empty();
        }

        @Override
        public Optional<List<Paint>> asBuilt(String id) {
            return Optional.empty();
        }

        @Override
        public List<Paint> paintsHere(String id) {
            return List.of();
        }
    };

    /** Everything another motif covers, where it stands; absent when there is no such motif. */
    Optional<Region> region(String id);

    /**
     * The line that can be followed: of a drawn line its own way, of anything else the outer edge of its largest part.
     */
    Optional<Track> track(String id);

    /** What another motif is built as, around that one's own origin. */
    Optional<List<Paint>> asBuilt(String id);

    /** What another motif is built as, where it stands. */
    List<Paint> paintsHere(String id);
}
