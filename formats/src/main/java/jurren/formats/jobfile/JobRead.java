package jurren.formats.jobfile;

import jurren.formats.Refusal;

/** What came of reading a job file. */
public sealed interface JobRead {
    record Opened(JobDocument document) implements JobRead {}

    record Refused(Refusal refusal) implements JobRead {}
}
