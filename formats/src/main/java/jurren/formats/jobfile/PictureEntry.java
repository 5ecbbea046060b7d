package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import jurren.core.art.Guide;
import jurren.core.art.PictureFile;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Source;
import jurren.core.art.TracedPicture;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import jurren.core.trace.Straightening;
import jurren.core.trace.TraceSettings;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;

/** Motifs made from a picture, which is a file of the job. */
final class PictureEntry {
    private PictureEntry() {}

    record Traced(
            String name,
            @Needed Asset file,
            Optional<List<Point>> corners,
            @Needed double mmPerPxAcross,
            @Needed double mmPerPxDown,
            Map<Colour, Colour> shownAs,
            @Needed Trace trace)
            implements SourceEntry {
        static Traced of(TracedPicture t) {
            return new Traced(
                    t.file().name(),
                    asset(t.file()),
                    t.straightening().map(Straightening::corners),
                    t.mmPerPxAcross(),
                    t.mmPerPxDown(),
                    sorted(t.shownAs()),
                    Trace.of(t.settings()));
        }

        @Override
        public Source source() {
            return new TracedPicture(
                    picture(name, file),
                    corners.map(Straightening::new),
                    trace.settings(),
                    shownAs,
                    mmPerPxAcross,
                    mmPerPxDown);
        }
    }

    record Trace(
            @Needed TraceSettings.Mode mode,
            @Needed TraceSettings.Ink ink,
            OptionalDouble level,
            boolean evenLight,
            @Needed int colours,
            boolean keepGround,
            @Needed double speckPx2,
            boolean outerOnly,
            @Needed double smoothing,
            Map<Colour, Colour> merged,
            List<Colour> without,
            List<Point> dropped,
            List<Point> kept) {
        static Trace of(TraceSettings s) {
            return new Trace(
                    s.mode(),
                    s.ink(),
                    s.level(),
                    s.evenLight(),
                    s.colours(),
                    s.keepGround(),
                    s.speckPx2(),
                    s.outerOnly(),
                    s.smoothing(),
                    sorted(s.merged()),
                    s.without(),
                    s.dropped(),
                    s.kept());
        }

        TraceSettings settings() {
            return new TraceSettings(
                    mode,
                    ink,
                    level,
                    evenLight,
                    colours,
                    merged,
                    without,
                    keepGround,
                    speckPx2,
                    outerOnly,
                    dropped,
                    kept,
                    smoothing);
        }
    }

    record Printed(
            String name,
            @Needed Asset file,
            @Needed double mmPerPxAcross,
            @Needed double mmPerPxDown,
            Optional<Double> opacity,
            Optional<Crop> crop)
            implements SourceEntry {
        /** Shares of the picture that are left out. */
        record Crop(double left, double top, double right, double bottom) {
            private PrintedPicture.Crop crop() {
                return new PrintedPicture.Crop(left, top, right, bottom);
            }
        }

        static Printed of(PrintedPicture p) {
            PrintedPicture.Crop c = p.crop();
            return new Printed(
                    p.file().name(),
                    asset(p.file()),
                    p.mmPerPxAcross(),
                    p.mmPerPxDown(),
                    Optional.of(p.opacity()),
                    Optional.of(new Crop(c.left(), c.top(), c.right(), c.bottom())));
        }

        @Override
        public Source source() {
            return new PrintedPicture(
                    picture(name, file),
                    crop.map(Crop::crop).orElse(PrintedPicture.Crop.NONE),
                    opacity.orElse(1.0),
                    mmPerPxAcross,
                    mmPerPxDown);
        }
    }

    record Guiding(
            String name,
            @Needed Asset file,
            @JsonInclude(Include.NON_ABSENT) Optional<List<Point>> corners,
            @Needed double mmPerPx,
            @Needed double strength)
            implements SourceEntry {
        static Guiding of(Guide g) {
            return new Guiding(
                    g.file().name(),
                    asset(g.file()),
                    g.straightening().map(Straightening::corners),
                    g.mmPerPx(),
                    g.strength());
        }

        @Override
        public Source source() {
            return new Guide(picture(name, file), corners.map(Straightening::new), mmPerPx, strength);
        }
    }

    private static Asset asset(PictureFile file) {
        return new Asset(file.name(), file.content());
    }

    private static PictureFile picture(String name, Asset file) {
        return switch (PictureReader.read(name, file.content())) {
            case PictureRead.Taken t -> t.file();
            case PictureRead.Refused _ -> throw new IllegalArgumentException(file.name() + " cannot be read");
        };
    }

    private static Map<Colour, Colour> sorted(Map<Colour, Colour> colours) {
        Map<Colour, Colour> all = new TreeMap<>(Comparator.comparing(Colour::hex));
        all.putAll(colours);
        return all;
    }
}
