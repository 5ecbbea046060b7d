package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Motif;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Fit;
import jurren.core.blank.Form;
import jurren.core.job.Line;
import jurren.core.job.Place;
import jurren.core.job.SizeEntry;
import jurren.core.job.Thing;

/**
 * A line as its file tells it. Before a line could have several places, what is a place's stood beside the line's own;
 * that is read and never written.
 */
record LineEntry(
        @Needed String id,
        String title,
        @Needed String blank,
        String blankColour,
        @Needed String drawnFor,
        List<SizeOf> sizes,
        Optional<List<Place>> places,
        Optional<String> face,
        Optional<String> press,
        Optional<Double> trueAtMm,
        Optional<String> material,
        @JsonInclude(Include.NON_EMPTY) List<Motif> motifs,
        @JsonInclude(Include.NON_EMPTY) List<PlaceEntry.JoinEntry> joins,
        Optional<Fit> fit) {
    /** So many of a size; what lies beyond the count stood here before a line could have several places. */
    record SizeOf(
            @Needed String size,
            @Needed int count,
            Optional<Double> artWidthMm,
            Optional<AreaMeasures> area,
            @JsonInclude(Include.NON_EMPTY) Map<Form.Measure, Double> measured) {
        SizeEntry entry() {
            return new SizeEntry(size, count, artWidthMm, area, measured);
        }
    }

    static LineEntry of(Line line) {
        return new LineEntry(
                line.id(),
                line.title(),
                line.blankId(),
                line.colourId(),
                line.drawnFor(),
                line.counts().stream()
                        .map(c -> new SizeOf(c.size(), c.pieces(), Optional.empty(), Optional.empty(), Map.of()))
                        .toList(),
                Optional.of(line.places()),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                Optional.empty());
    }

    Line line() {
        if (places.isEmpty()) {
            return ofOnePlace();
        }
        if (places.get().isEmpty()) {
            throw new IllegalArgumentException("it has no place");
        }
        List<Line.Count> counts = sizes.stream()
                .map(SizeOf::entry)
                .map(s -> new Line.Count(s.size(), s.count()))
                .toList();
        return new Line(id, title, blank, blankColour, drawnFor, counts, places.get(), 0);
    }

    private Line ofOnePlace() {
        String usual = material.orElseThrow(() -> new IllegalArgumentException("material is not a text"));
        return new Line(
                id,
                title,
                new Thing(blank, blankColour, face.orElse(""), press, trueAtMm),
                usual,
                drawnFor,
                sizes.stream().map(SizeOf::entry).toList(),
                motifs,
                PlaceEntry.joins(joins, usual),
                fit.orElse(Fit.USUAL));
    }
}
