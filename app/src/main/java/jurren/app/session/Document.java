package jurren.app.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jurren.core.job.History;
import jurren.core.job.Job;
import jurren.core.job.Ledger;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.UnknownFields;
import jurren.formats.jobfile.Version;

/** One job being worked on: its history and versions, what really happened, and the file behind it. */
final class Document {
    private final History history;
    private List<Version> versions;
    private Ledger ledger;
    private final UnknownFields unknown;
    private Optional<Path> file;
    private JobDocument saved;
    /** The file as it was last read or written here. */
    private volatile Optional<Written> left;

    private record Written(FileTime at, long bytes) {}

    Document(JobDocument begin, Optional<Path> file) {
        this.history = new History(begin.job());
        this.versions = begin.versions();
        this.ledger = begin.ledger();
        this.unknown = begin.unknown();
        this.file = file;
        this.saved = begin;
        this.left = file.flatMap(Document::written);
    }

    Job job() {
        return history.now();
    }

    History history() {
        return history;
    }

    JobDocument now() {
        return new JobDocument(job(), versions, ledger, unknown);
    }

    Ledger ledger() {
        return ledger;
    }

    /** Something happened, which the job knows from now on whatever is undone. */
    void record(Ledger.Entry entry, UnaryOperator<Job> fact) {
        ledger = ledger.with(entry);
        history.always(fact);
    }

    List<Version> versions() {
        return versions;
    }

    void keepVersion(String name, Instant at) {
        versions = now().keeping(name, at).versions();
    }

    void putVersions(List<Version> newVersions) {
        versions = List.copyOf(newVersions);
    }

    Optional<Path> file() {
        return file;
    }

    boolean isUnsaved() {
        return !now().equals(saved);
    }

    /** Exactly this is in that file. */
    void savedAs(JobDocument what, Path where) {
        saved = what;
        file = Optional.of(where);
        wrote(where);
    }

    /** What is in its file now was written here. */
    void wrote(Path itsFile) {
        left = written(itsFile);
    }

    /** Nobody else wrote its file since, or it is gone; also asked beside the window's thread. */
    boolean isAsLeft(Path itsFile) {
        Optional<Written> now = written(itsFile);
        return now.isEmpty() || now.equals(left);
    }

    private static Optional<Written> written(Path file) {
        try {
            return Optional.of(new Written(Files.getLastModifiedTime(file), Files.size(file)));
        } catch (IOException _) {
            return Optional.empty();
        }
    }

    /** It is in no file that a person knows of. */
    void isNowhereSaved() {
        saved = null;
    }
}
