package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Optional;
import jurren.core.art.Backing;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.Guide;
import jurren.core.art.Lettering;
import jurren.core.art.Mark;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Shape;
import jurren.core.art.Source;
import jurren.core.art.Stroke;
import jurren.core.art.TracedPicture;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.opening.AnyDrawing;

/** What a motif is made from, as its file tells it: one record a kind. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
    @JsonSubTypes.Type(value = LetteringEntry.class, name = "lettering"),
    @JsonSubTypes.Type(value = SourceEntry.OfShape.class, name = "shape"),
    @JsonSubTypes.Type(value = SourceEntry.OfDrawing.class, name = "drawing"),
    @JsonSubTypes.Type(value = PictureEntry.Traced.class, name = "traced"),
    @JsonSubTypes.Type(value = PictureEntry.Printed.class, name = "picture"),
    @JsonSubTypes.Type(value = PictureEntry.Guiding.class, name = "guide"),
    @JsonSubTypes.Type(value = SourceEntry.OfStroke.class, name = "stroke"),
    @JsonSubTypes.Type(value = SourceEntry.OfMark.class, name = "mark"),
    @JsonSubTypes.Type(value = SourceEntry.OfBacking.class, name = "backing")
})
interface SourceEntry {
    Source source();

    static SourceEntry of(Source source) {
        return switch (source) {
            case Lettering l -> LetteringEntry.of(l);
            case Shape s -> new OfShape(s.kind(), s.widthMm(), s.heightMm(), s.points(), s.depth(), s.colour());
            case Drawing d -> OfDrawing.of(d);
            case TracedPicture t -> PictureEntry.Traced.of(t);
            case PrintedPicture p -> PictureEntry.Printed.of(p);
            case Guide g -> PictureEntry.Guiding.of(g);
            case Stroke s -> OfStroke.of(s);
            case Mark m -> new OfMark(m.of(), Optional.of(m.widthFactor()), Optional.of(m.heightFactor()));
            case Backing b -> new OfBacking(b.distanceMm(), b.corners(), b.holesFilled(), b.colour());
        };
    }

    record OfShape(
            @Needed Shape.Kind shape,
            @Needed double widthMm,
            @Needed double heightMm,
            @Needed int points,
            @Needed double depth,
            @Needed Colour colour)
            implements SourceEntry {
        @Override
        public Source source() {
            return new Shape(shape, widthMm, heightMm, points, depth, colour);
        }
    }

    record OfDrawing(
            String name,
            @Needed Asset file,
            @Needed double widthFactor,
            @Needed double heightFactor,
            Optional<Integer> page)
            implements SourceEntry {
        static OfDrawing of(Drawing d) {
            DrawingFile file = d.file();
            return new OfDrawing(
                    file.name(),
                    new Asset(file.name(), file.content()),
                    d.widthFactor(),
                    d.heightFactor(),
                    Optional.of(file.page()).filter(p -> p != 1));
        }

        @Override
        public Source source() {
            return switch (AnyDrawing.read(new DrawingFile(name, file.content(), page.orElse(1)))) {
                case DrawingRead.Taken t -> t.drawing().resized(widthFactor, heightFactor);
                case DrawingRead.Refused _ -> throw new IllegalArgumentException(file.name() + " cannot be read");
            };
        }
    }

    /** A route is a spiral or goes through points. */
    record OfStroke(
            @Needed double beginWidthMm,
            @Needed double endWidthMm,
            @Needed Colour colour,
            @Needed String route,
            Optional<Double> turns,
            Optional<Double> acrossMm,
            Optional<Boolean> smooth,
            @JsonInclude(Include.NON_EMPTY) List<Point> stops)
            implements SourceEntry {
        private static final String SPIRAL = "spiral";
        private static final String THROUGH = "through";

        static OfStroke of(Stroke s) {
            return switch (s.route()) {
                case Stroke.Spiral spiral ->
                    new OfStroke(
                            s.beginWidthMm(),
                            s.endWidthMm(),
                            s.colour(),
                            SPIRAL,
                            Optional.of(spiral.turns()),
                            Optional.of(spiral.acrossMm()),
                            Optional.empty(),
                            List.of());
                case Stroke.Through through ->
                    new OfStroke(
                            s.beginWidthMm(),
                            s.endWidthMm(),
                            s.colour(),
                            THROUGH,
                            Optional.empty(),
                            Optional.empty(),
                            Optional.of(through.smooth()),
                            through.stops());
            };
        }

        @Override
        public Source source() {
            Stroke.Route way = switch (route) {
                case SPIRAL -> new Stroke.Spiral(told(turns, "turns"), told(acrossMm, "acrossMm"));
                case THROUGH -> new Stroke.Through(stops, smooth.orElse(false));
                default -> throw new UnknownKind(route);
            };
            return new Stroke(way, beginWidthMm, endWidthMm, colour);
        }

        private static double told(Optional<Double> figure, String name) {
            return figure.orElseThrow(() -> new IllegalArgumentException(name + " is not a number"));
        }
    }

    record OfMark(@Needed String of, Optional<Double> widthFactor, Optional<Double> heightFactor)
            implements SourceEntry {
        @Override
        public Source source() {
            return new Mark(of, widthFactor.orElse(1.0), heightFactor.orElse(1.0));
        }
    }

    record OfBacking(
            @Needed double distanceMm,
            @Needed CornerStyle corners,
            boolean holesFilled,
            @Needed Colour colour) implements SourceEntry {
        @Override
        public Source source() {
            return new Backing(distanceMm, corners, holesFilled, colour);
        }
    }
}
