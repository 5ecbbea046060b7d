package jurren.formats.jobfile;

import jurren.core.job.Job;
import java.time.Instant;

/** A job as it once was, kept by name inside the file. */
public record Version(String name, Instant savedAt, Job job) {
}
