package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.time.Instant;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import jurren.core.job.Progress;

/** What was made of a job, as its file tells it. */
record ProgressEntry(
        List<CutEntry> cuts,
        Map<String, Integer> pressed,
        @JsonInclude(Include.NON_EMPTY) List<String> done,
        Optional<Progress.Begun> begun,
        @JsonInclude(Include.NON_EMPTY) List<SpoiledEntry> spoiled) {
    /** @param shapes what came out of the film and where on it */
    record CutEntry(
            @Needed String mark,
            String film,
            int load,
            @Needed Instant at,
            @JsonInclude(Include.NON_DEFAULT) boolean practice,
            @JsonInclude(Include.NON_EMPTY) String shapes,
            Optional<Progress.Used> used) {
        static CutEntry of(Progress.Cut c) {
            return new CutEntry(c.mark(), c.film(), c.load(), c.at(), c.practice(), c.pieces(), c.used());
        }

        Progress.Cut cut() {
            return new Progress.Cut(mark, film, load, at, used, practice, shapes);
        }
    }

    record SpoiledEntry(
            @Needed String line, String size, @Needed int pieces) {}

    static ProgressEntry of(Progress made) {
        return new ProgressEntry(
                made.cuts().stream().map(CutEntry::of).toList(),
                new TreeMap<>(made.pressed()),
                made.done().stream().sorted().toList(),
                made.begun(),
                made.spoiled().entrySet().stream()
                        .map(e -> new SpoiledEntry(e.getKey().line(), e.getKey().size(), e.getValue()))
                        .sorted(Comparator.comparing(SpoiledEntry::line).thenComparing(SpoiledEntry::size))
                        .toList());
    }

    Progress progress() {
        Map<Progress.OfSize, Integer> again = new HashMap<>();
        spoiled.forEach(s -> again.put(new Progress.OfSize(s.line(), s.size()), s.pieces()));
        return new Progress(cuts.stream().map(CutEntry::cut).toList(), pressed, again, new HashSet<>(done), begun);
    }
}
