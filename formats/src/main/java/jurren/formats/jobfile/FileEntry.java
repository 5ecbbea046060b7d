package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;
import java.util.List;
import jurren.core.job.Job;
import jurren.core.job.Ledger;

/** The whole of {@code job.json}. */
record FileEntry(
        int format,
        @Needed Job job,
        List<VersionEntry> versions,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<Ledger.Entry> ledger) {
    record VersionEntry(
            String name, @Needed Instant savedAt, @Needed Job job) {}

    static FileEntry of(JobDocument d) {
        return new FileEntry(
                JobFile.FORMAT,
                d.job(),
                d.versions().stream()
                        .map(v -> new VersionEntry(v.name(), v.savedAt(), v.job()))
                        .toList(),
                d.ledger().entries());
    }

    JobDocument document(UnknownFields unknown) {
        return new JobDocument(
                job,
                versions.stream()
                        .map(v -> new Version(v.name(), v.savedAt(), v.job()))
                        .toList(),
                new Ledger(ledger),
                unknown);
    }
}
