package jurren.core.job;

import java.util.ArrayList;
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

    public Job withLines(List<Line> newLines) {
        return new Job(name, number, due, framed, newLines);
    }

    /** The first letter that no line has; after Z come pairs. */
    public String freeLetter() {
        for (int n = 0; ; n++) {
            String letter = n < 26 ? String.valueOf((char) ('A' + n))
                    : "" + (char) ('A' + n / 26 - 1) + (char) ('A' + n % 26);
            if (line(letter).isEmpty()) {
                return letter;
            }
        }
    }

    public Job withLineAdded(Line added) {
        List<Line> more = new ArrayList<>(lines);
        more.add(added);
        return withLines(more);
    }

    /** A copy after its original, under the next free letter. */
    public Job withLineCopied(String lineId) {
        List<Line> more = new ArrayList<>(lines);
        line(lineId).ifPresent(l -> more.add(more.indexOf(l) + 1, l.withId(freeLetter())));
        return withLines(more);
    }

    /** The last line stays: a job is about something. */
    public Job withoutLine(String lineId) {
        return lines.size() < 2 ? this : withLines(lines.stream().filter(l -> !l.id().equals(lineId)).toList());
    }

    /** Moved by so many places, as far as there are any. Letters stay with their lines. */
    public Job withLineMoved(String lineId, int by) {
        List<Line> moved = new ArrayList<>(lines);
        line(lineId).ifPresent(l -> {
            int to = Math.clamp(moved.indexOf(l) + by, 0, moved.size() - 1);
            moved.remove(l);
            moved.add(to, l);
        });
        return withLines(moved);
    }
}
