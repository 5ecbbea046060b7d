package jurren.app.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.Callable;
import jurren.core.art.PictureFile;
import jurren.core.art.TracedPicture;
import jurren.core.trace.TraceSettings;
import jurren.core.trace.TraceSettings.Ink;
import jurren.core.trace.TraceSettings.Mode;
import jurren.core.trace.Traced;
import jurren.formats.files.SafeFiles;
import jurren.formats.out.ArtFormat;
import jurren.formats.out.TracedSvg;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import jurren.formats.words.LengthUnit;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Traces a picture to an SVG of clean curves. */
@Command(name = "trace", mixinStandardHelpOptions = true, sortOptions = false, resourceBundle = "jurren.app.cli.cli")
final class TraceCommand implements Callable<Integer> {
    private static final double MM_PER_INCH = 25.4;
    private static final double USUAL_PER_INCH = 96;
    private static final long LARGE = 8_000_000;

    @Parameters(paramLabel = "PICTURE", descriptionKey = "trace.picture")
    private Path input;

    @Option(names = "--colours", paramLabel = "N", descriptionKey = "trace.colours")
    private Integer colours;

    @Option(names = "--lines", descriptionKey = "trace.lines")
    private boolean lines;

    @Option(names = "--light", descriptionKey = "trace.light")
    private boolean light;

    @Option(names = "--level", paramLabel = "PERCENT", descriptionKey = "trace.level")
    private Double level;

    @Option(names = "--even-light", descriptionKey = "trace.even")
    private boolean even;

    @Option(names = "--speck", paramLabel = "PIXELS", defaultValue = "6", descriptionKey = "trace.speck")
    private double speck;

    @Option(names = "--outer", descriptionKey = "trace.outer")
    private boolean outer;

    @Option(names = "--keep-ground", descriptionKey = "trace.keep-ground")
    private boolean keepGround;

    @Option(names = "--width", paramLabel = "LENGTH", converter = Lengths.class, descriptionKey = "trace.width")
    private Double widthMm;

    @Option(names = "--out", required = true, paramLabel = "FILE.svg", descriptionKey = "trace.out")
    private Path out;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        if (ArtFormat.of(out.getFileName().toString())
                .filter(f -> f == ArtFormat.SVG)
                .isEmpty()) {
            throw new Problem(CliTexts.text("trace.ending", out.getFileName()));
        }
        if (widthMm != null && !(widthMm > 0)) {
            throw new Problem(CliTexts.text("make.no-width"));
        }
        PictureRead.Taken read = read();
        double mm = widthMm != null
                ? widthMm / read.file().picture().width()
                : MM_PER_INCH / read.perInch().orElse(USUAL_PER_INCH);
        long pixels =
                (long) read.file().picture().width() * read.file().picture().height();
        if (pixels > LARGE) {
            // it takes a while: nobody shall wonder whether anything goes on
            spec.commandLine().getErr().println(CliTexts.text("trace.large", pixels / 1e6));
            spec.commandLine().getErr().flush();
        }
        TracedPicture traced = new TracedPicture(read.file(), Optional.empty(), settings(), Map.of(), mm, mm);
        Traced t = traced.traced();
        if (t.flats().isEmpty()) {
            throw new Problem(CliTexts.text("trace.nothing", input));
        }
        try {
            SafeFiles.write(out, TracedSvg.write(traced));
        } catch (IOException e) {
            throw new Problem(CliTexts.text("make.not-written", out, String.valueOf(e.getMessage())));
        }
        report(read.file(), t, mm, read.perInch());
        return 0;
    }

    private PictureRead.Taken read() {
        byte[] content = Inputs.read(input);
        return switch (PictureReader.read(input.getFileName().toString(), content)) {
            case PictureRead.Refused r -> throw new Problem(new Words(Units.AMERICAN).refusal(r.refusal()));
            case PictureRead.Taken t -> t;
        };
    }

    private TraceSettings settings() {
        try {
            TraceSettings s = TraceSettings.USUAL
                    .withMode(
                            lines
                                    ? Mode.MIDDLE_LINES
                                    : colours != null && colours > 1 ? Mode.SEVERAL_COLOURS : Mode.ONE_COLOUR)
                    .withInk(light ? Ink.LIGHT : Ink.FOUND)
                    .withEvenLight(even)
                    .withSpeck(speck)
                    .withOuterOnly(outer)
                    .withKeepGround(keepGround)
                    .withLevel(level == null ? OptionalDouble.empty() : OptionalDouble.of(level / 100));
            return colours != null && colours > 1 ? s.withColours(colours) : s;
        } catch (IllegalArgumentException e) {
            throw new Problem(CliTexts.text("trace.cannot-be", e.getMessage()));
        }
    }

    private void report(PictureFile file, Traced t, double mm, OptionalDouble perInch) {
        PrintWriter text = spec.commandLine().getOut();
        text.println(CliTexts.text("make.wrote", out));
        text.println(CliTexts.text(
                "trace.found",
                t.flats().size(),
                t.nodes(),
                LengthUnit.INCH.format(mm * t.width()),
                LengthUnit.INCH.format(mm * t.height())));
        if (t.speckPx2() > speck) {
            text.println(CliTexts.text("trace.restless", t.speckPx2()));
        }
        if (widthMm == null && perInch.isEmpty()) {
            text.println(CliTexts.text("trace.no-size", file.name()));
        }
        text.flush();
    }
}
