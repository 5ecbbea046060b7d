package jurren.formats.jobfile;

import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import jurren.core.job.Job;
import jurren.core.job.Ledger;

/**
 * What a job file holds: the job now, its named versions, oldest first, what really happened, and what a later edition
 * wrote into it.
 */
public record JobDocument(Job job, List<Version> versions, Ledger ledger, UnknownFields unknown) {
    public JobDocument {
        versions = List.copyOf(versions);
    }

    public static JobDocument of(Job job) {
        return new JobDocument(job, List.of(), Ledger.NOTHING, UnknownFields.NONE);
    }

    public JobDocument with(Job newJob) {
        return new JobDocument(newJob, versions, ledger, unknown);
    }

    /** Keeps the job as it is now under a name. */
    public JobDocument keeping(String versionName, Instant at) {
        List<Version> more = new ArrayList<>(versions);
        more.add(new Version(versionName, at, job));
        return new JobDocument(job, more, ledger, unknown);
    }
}
