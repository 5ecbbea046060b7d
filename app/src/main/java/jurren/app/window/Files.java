package jurren.app.window;

import java.nio.file.Path;
import java.util.Optional;

/** How a person is asked for a file; a test answers in its own way. */
public interface Files {
    /** What kind of file it is. */
    enum Kind {
        JOB("jurren"), DRAWING("svg"), TICKET("pdf"), PROOF("png"), CUT_FILE("plt");

        private final String ending;

        Kind(String ending) {
            this.ending = ending;
        }

        public String ending() {
            return ending;
        }
    }

    Optional<Path> toOpen(Kind kind);

    Optional<Path> toSave(Kind kind, String name);

    /** A folder for every file of a job. */
    Optional<Path> folder();
}
