package jurren.app.keep;

import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;
import jurren.formats.jobfile.JobRead;

/**
 * Unsaved work that a window left behind.
 *
 * @param file   where it lies
 * @param source the file its job came from; empty when it was never saved
 * @param at     when it was last kept
 * @param read   the work, or why it cannot be read
 */
public record Leftover(Path file, Optional<Path> source, Instant at, JobRead read) {}
