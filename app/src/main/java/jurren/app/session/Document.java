package jurren.app.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import jurren.core.art.Motif;
import jurren.core.job.History;
import jurren.core.job.Job;
import jurren.core.job.Ledger;
import jurren.core.job.Line;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.Version;

/** One job being worked on: its history and versions, the file behind it, and what of it is open and chosen. */
final class Document {
    private final History history;
    private List<Version> versions;
    private Ledger ledger;
    private Optional<Path> file;
    private JobDocument saved;
    /** When the file was written that was last read or written here. */
    private volatile Optional<FileTime> left;

    private String lineId;
    /** The place of the open line that is looked at. */
    private int place;

    private List<String> chosen = List.of();
    private Optional<String> shownSize = Optional.empty();

    Document(JobDocument begin, Optional<Path> file) {
        this.history = new History(begin.job());
        this.versions = begin.versions();
        this.ledger = begin.ledger();
        this.file = file;
        this.saved = begin;
        this.left = file.flatMap(Document::written);
        this.lineId = begin.job().lines().isEmpty()
                ? ""
                : begin.job().lines().getFirst().id();
    }

    Job job() {
        return history.now();
    }

    History history() {
        return history;
    }

    JobDocument now() {
        return new JobDocument(job(), versions, ledger);
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

    /** Nobody else wrote its file since; also asked beside the window's thread. */
    boolean isAsLeft(Path itsFile) {
        return written(itsFile).equals(left);
    }

    private static Optional<FileTime> written(Path file) {
        try {
            return Optional.of(Files.getLastModifiedTime(file));
        } catch (IOException _) {
            return Optional.empty();
        }
    }

    /** It is in no file that a person knows of. */
    void isNowhereSaved() {
        saved = null;
    }

    // ---- what is open and chosen

    /** The open line, looked at from its open place; when an edit took it away, the first. */
    Line line() {
        return job().line(lineId).orElseGet(() -> job().lines().getFirst()).at(place);
    }

    /** Another place of the open line. */
    void openPlace(int newPlace) {
        if (newPlace != place) {
            place = newPlace;
            chosen = List.of();
        }
    }

    String lineId() {
        return lineId;
    }

    void open(String id) {
        lineId = id;
        place = 0;
        chosen = List.of();
        shownSize = Optional.empty();
    }

    List<Motif> chosen() {
        return line().motifs().stream().filter(m -> chosen.contains(m.id())).toList();
    }

    void choose(List<String> motifs) {
        chosen = List.copyOf(motifs);
    }

    Optional<String> shownSize() {
        return shownSize;
    }

    void showSize(String size) {
        shownSize = Optional.of(size);
    }

    /** After an edit: what is gone is not chosen any more. */
    void heedWhatIsGone() {
        lineId = line().id();
        place = line().at();
        chosen = new ArrayList<>(chosen)
                .stream().filter(id -> line().motif(id).isPresent()).toList();
    }
}
