package jurren.core.job;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * One customer's order.
 *
 * @param due    as the person wrote it; empty when open
 * @param framed whether weeding frames are cut round each item
 */
public record Job(String name, String number, String due, boolean framed, List<Line> lines) {
    public Job {
        lines = List.copyOf(lines);
        if (lines.stream().map(Line::id).distinct().count() != lines.size()) {
            throw new IllegalArgumentException("the lines of a job need different letters");
        }
    }

    public Optional<Line> line(String lineId) {
        return lines.stream().filter(l -> l.id().equals(lineId)).findFirst();
    }

    public Job withName(String newName) {
        return new Job(newName, number, due, framed, lines);
    }

    public Job withFrames(boolean newFramed) {
        return new Job(name, number, due, newFramed, lines);
    }

    /** The job with one line changed; unknown letters change nothing. */
    public Job withLine(String lineId, UnaryOperator<Line> change) {
        return new Job(name, number, due, framed,
                lines.stream().map(l -> l.id().equals(lineId) ? change.apply(l) : l).toList());
    }
}
