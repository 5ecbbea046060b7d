package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.util.List;
import java.util.Optional;
import jurren.core.geometry.Point;
import jurren.core.job.EmbeddedCatalogue;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Progress;
import jurren.core.load.KeptLayout;
import jurren.core.load.LayoutChoices;
import jurren.core.load.Layouts;
import jurren.core.load.Pin;
import jurren.core.load.Roll;
import jurren.core.material.Colour;

/** A job as its file tells it. */
record JobEntry(
        String name,
        String number,
        @JsonInclude(Include.NON_EMPTY) String customer,
        String due,
        Optional<Boolean> framed,
        Optional<String> laying,
        @JsonInclude(Include.NON_DEFAULT) boolean named,
        @JsonInclude(Include.NON_EMPTY) List<PinEntry> pins,
        @JsonInclude(Include.NON_EMPTY) List<TakenEntry> taken,
        @JsonInclude(Include.NON_EMPTY) List<KeptLayout> layouts,
        Optional<Progress> made,
        Optional<EmbeddedCatalogue> carried,
        @Needed List<Line> lines) {
    private static final String LEAST_WEEDING = "least-weeding";
    private static final String LEAST_FILM = "least-film";

    record PinEntry(
            String line,
            String place,
            String size,
            int copy,
            int layer,
            String stock,
            @Needed double degrees,
            @Needed double xMm,
            @Needed double yMm) {
        static PinEntry of(Pin p) {
            return new PinEntry(
                    p.lineId(),
                    p.place(),
                    p.size(),
                    p.copy(),
                    p.layer(),
                    p.stock(),
                    p.degrees(),
                    p.at().xMm(),
                    p.at().yMm());
        }

        Pin pin() {
            return new Pin(line, place, size, copy, layer, stock, degrees, new Point(xMm, yMm));
        }
    }

    /** A roll that is gone because it was cut. */
    record TakenEntry(
            @Needed String id,
            @Needed String material,
            @Needed Colour colour,
            @Needed double widthMm,
            @Needed double lengthMm,
            Optional<Double> price) {
        static TakenEntry of(Roll r) {
            return new TakenEntry(r.id(), r.materialId(), r.colour(), r.widthMm(), r.lengthMm(), r.price());
        }

        Roll roll() {
            return new Roll(id, material, colour, widthMm, lengthMm, "", price);
        }
    }

    static JobEntry of(Job job) {
        LayoutChoices l = job.laying();
        return new JobEntry(
                job.name(),
                job.number(),
                job.customer(),
                job.due(),
                Optional.of(job.framed()),
                l.wish() == LayoutChoices.Wish.LEAST_WEEDING ? Optional.of(LEAST_WEEDING) : Optional.empty(),
                l.named(),
                l.pins().stream().map(PinEntry::of).toList(),
                l.taken().stream().map(TakenEntry::of).toList(),
                l.layouts().kept(),
                Optional.of(job.made()).filter(m -> !m.equals(Progress.NOTHING)),
                Optional.of(job.carried()).filter(c -> !c.isEmpty()),
                job.lines());
    }

    Job job() {
        LayoutChoices choices = new LayoutChoices(
                wish(),
                named,
                pins.stream().map(PinEntry::pin).toList(),
                taken.stream().map(TakenEntry::roll).toList(),
                new Layouts(layouts));
        return new Job(
                name,
                number,
                customer,
                due,
                framed.orElse(true),
                lines,
                made.orElse(Progress.NOTHING),
                carried.orElse(EmbeddedCatalogue.NOTHING),
                choices);
    }

    private LayoutChoices.Wish wish() {
        return switch (laying.orElse(LEAST_FILM)) {
            case LEAST_FILM -> LayoutChoices.Wish.LEAST_FILM;
            case LEAST_WEEDING -> LayoutChoices.Wish.LEAST_WEEDING;
            default -> throw new UnknownKind(laying.orElseThrow());
        };
    }
}
