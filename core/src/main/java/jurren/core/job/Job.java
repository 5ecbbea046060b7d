package jurren.core.job;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import jurren.core.blank.Blank;
import jurren.core.blank.Family;
import jurren.core.cut.CutRun;
import jurren.core.load.LayoutChoices;
import jurren.core.material.Material;

/**
 * One customer's order.
 *
 * @param customer who it is for; empty when nobody said
 * @param due      as the person wrote it; empty when open
 * @param framed   whether weeding frames are cut round each item
 * @param made     what of it is made already
 * @param laying   how film is laid, as far as a person decided it
 * @param carried  the shop's own things that its lines are made on, so that it opens where they are not known
 */
public record Job(
        String name,
        String number,
        String customer,
        String due,
        boolean framed,
        List<Line> lines,
        Progress made,
        EmbeddedCatalogue carried,
        LayoutChoices laying) {
    public Job {
        lines = lines.stream().map(l -> l.at(0)).toList();
        if (lines.stream().map(Line::id).distinct().count() != lines.size()) {
            throw new IllegalArgumentException("the lines of a job need different letters");
        }
    }

    /** For nobody yet, with nothing made and nothing carried. */
    public Job(String name, String number, String due, boolean framed, List<Line> lines) {
        this(name, number, "", due, framed, lines, Progress.NOTHING, EmbeddedCatalogue.NOTHING, LayoutChoices.USUAL);
    }

    /** Whether a load was cut from film: as it would be now, or the same pieces from film that is gone for it. */
    public boolean isCut(CutRun run) {
        return made.isCut(run.mark())
                || laying.isTaken(run.load().stock())
                        && made.cuts().stream()
                                .anyMatch(c -> !c.practice() && c.pieces().equals(run.pieces()));
    }

    /** What there is more of than can be worked out in the time and memory there is; empty as long as it can. */
    public Optional<Limit> beyond() {
        return Arrays.stream(Limit.values()).filter(l -> l.of(this) > l.most).findFirst();
    }

    /** What a job holds at most. */
    public enum Limit {
        LINES(100),
        MOTIFS(1_000),
        PIECES(2_000);

        private final int most;

        Limit(int most) {
            this.most = most;
        }

        public int most() {
            return most;
        }

        private long of(Job job) {
            return switch (this) {
                case LINES -> job.lines.size();
                case MOTIFS ->
                    job.lines.stream()
                            .flatMap(l -> l.places().stream())
                            .mapToLong(p -> p.motifs().size())
                            .sum();
                case PIECES -> job.lines.stream().mapToLong(Line::copies).sum();
            };
        }
    }

    public Optional<Line> line(String lineId) {
        return lines.stream().filter(l -> l.id().equals(lineId)).findFirst();
    }

    public Job withName(String newName) {
        return new Job(newName, number, customer, due, framed, lines, made, carried, laying);
    }

    public Job withFrames(boolean newFramed) {
        return new Job(name, number, customer, due, newFramed, lines, made, carried, laying);
    }

    /** The job with one line changed; unknown letters change nothing. */
    public Job withLine(String lineId, UnaryOperator<Line> change) {
        return withLines(lines.stream()
                .map(l -> l.id().equals(lineId) ? change.apply(l) : l)
                .toList());
    }

    public Job withLines(List<Line> newLines) {
        return new Job(name, number, customer, due, framed, newLines, made, carried, laying);
    }

    public Job withNumber(String newNumber) {
        return new Job(name, newNumber, customer, due, framed, lines, made, carried, laying);
    }

    public Job withCustomer(String newCustomer) {
        return new Job(name, number, newCustomer, due, framed, lines, made, carried, laying);
    }

    public Job withDue(String newDue) {
        return new Job(name, number, customer, newDue, framed, lines, made, carried, laying);
    }

    public Job withMade(Progress newMade) {
        return new Job(name, number, customer, due, framed, lines, newMade, carried, laying);
    }

    public Job withLaying(LayoutChoices newLaying) {
        return new Job(name, number, customer, due, framed, lines, made, carried, newLaying);
    }

    /**
     * With every own thing of a shop that a line is made on, every material it came with that is still used, and no
     * other.
     */
    public Job carrying(Shop shop) {
        List<Blank> things = shop.blanks().stream()
                .filter(b -> b.family() == Family.OWN)
                .filter(b -> lines.stream().anyMatch(l -> l.blankId().equals(b.id())))
                .toList();
        List<Material> films = carried.materials().stream()
                .filter(m -> lines.stream()
                        .anyMatch(l -> IntStream.range(0, l.places().size())
                                .anyMatch(i -> l.at(i).materials().contains(m.id()))))
                .toList();
        EmbeddedCatalogue needed = new EmbeddedCatalogue(things, films);
        return needed.equals(carried)
                ? this
                : new Job(name, number, customer, due, framed, lines, made, needed, laying);
    }

    /** The first letter that no line has; after Z come pairs. */
    public String freeLetter() {
        for (int n = 0; ; n++) {
            String letter =
                    n < 26 ? String.valueOf((char) ('A' + n)) : "" + (char) ('A' + n / 26 - 1) + (char) ('A' + n % 26);
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
        return lines.size() < 2
                ? this
                : withLines(lines.stream().filter(l -> !l.id().equals(lineId)).toList());
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
