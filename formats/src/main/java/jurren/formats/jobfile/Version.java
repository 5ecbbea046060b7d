package jurren.formats.jobfile;

import java.time.Instant;
import jurren.core.job.Job;

/** A job as it once was, kept by name inside the file. */
public record Version(String name, Instant savedAt, Job job) {}
