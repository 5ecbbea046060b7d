package jurren.app.session;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import jurren.core.art.Motif;
import jurren.core.job.Job;
import jurren.core.job.Line;

/** What of a job is open and chosen: no fact of it. */
final class Choice {
    /** As it is now. */
    private final Supplier<Job> job;

    private String lineId;
    /** The place of the open line that is looked at. */
    private int place;

    private List<String> chosen = List.of();
    private Optional<String> shownSize = Optional.empty();

    Choice(Supplier<Job> job) {
        this.job = job;
        this.lineId =
                job.get().lines().isEmpty() ? "" : job.get().lines().getFirst().id();
    }

    /** The open line, looked at from its open place; when an edit took it away, the first. */
    Line line() {
        return job.get()
                .line(lineId)
                .orElseGet(() -> job.get().lines().getFirst())
                .at(place);
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
