package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import jurren.core.art.Colouring;
import jurren.core.art.Lettering;
import jurren.core.art.Source;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.CarriedGlyphs;
import jurren.core.lettering.Glyph;
import jurren.core.lettering.GlyphRun;
import jurren.core.lettering.NamedTypeface;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typeface;
import jurren.core.lettering.Typefaces;
import jurren.core.lettering.Typesetting;
import jurren.core.material.Colour;

/**
 * Lettering as its file tells it.
 *
 * @param colours several, taken in turn; jobs of the first format have one {@code colour}
 * @param carried the outlines of its lines, where the font does not ship with the application
 */
record LetteringEntry(
        String text,
        @Needed String typeface,
        @Needed double capHeightMm,
        double letterSpacing,
        double wordSpacing,
        Optional<Double> lineGap,
        Optional<Typesetting.Align> align,
        Optional<Double> stretch,
        Optional<Double> keptWidthMm,
        Optional<Colouring.By> colourBy,
        @JsonInclude(Include.NON_EMPTY) List<Colour> colours,
        Optional<Colour> colour,
        Optional<BaselineEntry> baseline,
        @JsonInclude(Include.NON_EMPTY) Map<Integer, ShiftEntry> shifts,
        @JsonInclude(Include.NON_EMPTY) Map<Integer, Integer> forms,
        @JsonInclude(Include.NON_EMPTY) Map<String, RunEntry> carried)
        implements SourceEntry {
    private static final String FONT = "font:";

    record ShiftEntry(double right, double down, double degrees) {
        static ShiftEntry of(Typesetting.Shift s) {
            return new ShiftEntry(s.right(), s.down(), s.degrees());
        }

        Typesetting.Shift shift() {
            return new Typesetting.Shift(right, down, degrees);
        }
    }

    /** One line in a font that may not be here. */
    record RunEntry(@Needed double width, List<GlyphEntry> glyphs) {
        static RunEntry of(GlyphRun run) {
            return new RunEntry(
                    run.width(),
                    run.glyphs().stream()
                            .map(g -> new GlyphEntry(g.at(), g.x(), g.advance(), GlyphPath.write(g.outline())))
                            .toList());
        }

        GlyphRun run() {
            return new GlyphRun(glyphs.stream().map(GlyphEntry::glyph).toList(), width);
        }
    }

    record GlyphEntry(
            @Needed int at, @Needed double x, @Needed double advance, String path) {
        Glyph glyph() {
            return new Glyph(at, x, advance, GlyphPath.read(path));
        }
    }

    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = Straight.class, name = "straight"),
        @JsonSubTypes.Type(value = Arc.class, name = "arc"),
        @JsonSubTypes.Type(value = Circle.class, name = "circle"),
        @JsonSubTypes.Type(value = Edge.class, name = "edge")
    })
    sealed interface BaselineEntry {
        Baseline baseline();

        static BaselineEntry of(Baseline baseline) {
            return switch (baseline) {
                case Baseline.Straight _ -> new Straight();
                case Baseline.Arc a -> new Arc(a.radiusMm());
                case Baseline.Circle c ->
                    new Circle(c.radiusMm(), c.startDegrees(), Optional.of(c.mostDegrees()), c.foot());
                case Baseline.Edge e -> new Edge(e.other(), e.start(), e.distanceMm());
            };
        }
    }

    record Straight() implements BaselineEntry {
        @Override
        public Baseline baseline() {
            return new Baseline.Straight();
        }
    }

    record Arc(@Needed double radiusMm) implements BaselineEntry {
        @Override
        public Baseline baseline() {
            return new Baseline.Arc(radiusMm);
        }
    }

    record Circle(@Needed double radiusMm, double startDegrees, Optional<Double> mostDegrees, boolean foot)
            implements BaselineEntry {
        @Override
        public Baseline baseline() {
            return new Baseline.Circle(radiusMm, startDegrees, mostDegrees.orElse(360.0), foot);
        }
    }

    record Edge(String other, double start, double distanceMm) implements BaselineEntry {
        @Override
        public Baseline baseline() {
            return new Baseline.Edge(other, start, distanceMm);
        }
    }

    static LetteringEntry of(Lettering l) {
        Typesetting s = l.setting();
        Map<Integer, ShiftEntry> shifts = new TreeMap<>();
        s.shifts().forEach((at, shift) -> shifts.put(at, ShiftEntry.of(shift)));
        Map<String, RunEntry> carried = new TreeMap<>();
        if (Typefaces.carrying(l.typeface(), l.text()) instanceof NamedTypeface named) {
            named.carried().lines().forEach((line, run) -> carried.put(line, RunEntry.of(run)));
        }
        return new LetteringEntry(
                l.text(),
                l.typeface().id(),
                l.capHeightMm(),
                s.letterSpacing(),
                s.wordSpacing(),
                Optional.of(s.lineGap()),
                Optional.of(s.align()),
                Optional.of(l.stretch()),
                l.keptWidthMm(),
                Optional.of(l.colouring().by()),
                l.colouring().colours(),
                Optional.empty(),
                Optional.of(BaselineEntry.of(s.baseline())),
                shifts,
                new TreeMap<>(s.forms()),
                carried);
    }

    @Override
    public Source source() {
        Map<Integer, Typesetting.Shift> moved = new TreeMap<>();
        shifts.forEach((at, shift) -> moved.put(at, shift.shift()));
        Typesetting setting = new Typesetting(
                letterSpacing,
                wordSpacing,
                lineGap.orElse(Typesetting.USUAL.lineGap()),
                align.orElse(Typesetting.USUAL.align()),
                baseline.map(BaselineEntry::baseline).orElse(new Baseline.Straight()),
                moved,
                forms);
        return new Lettering(text, face(), capHeightMm, stretch.orElse(1.0), keptWidthMm, setting, colouring());
    }

    private Colouring colouring() {
        if (colours.isEmpty()) {
            return Colouring.whole(colour.orElseThrow(() -> new IllegalArgumentException("colour is not a text")));
        }
        return new Colouring(
                colourBy.orElseThrow(() -> new IllegalArgumentException("colourBy is not known")), colours);
    }

    private Typeface face() {
        if (!typeface.startsWith(FONT)) {
            return ShippedTypeface.of(typeface);
        }
        return new NamedTypeface(
                typeface.substring(FONT.length()),
                new CarriedGlyphs(carried.entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, e -> e.getValue().run()))));
    }
}
