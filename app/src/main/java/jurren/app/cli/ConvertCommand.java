package jurren.app.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import jurren.app.keep.ShopFolder;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.Motif;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Planner;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.drawing.FileUnit;
import jurren.formats.files.SafeFiles;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.opening.AnyDrawing;
import jurren.formats.out.ArtFormat;
import jurren.formats.out.ArtSheet;
import jurren.formats.picture.PictureReader;
import jurren.formats.words.LengthUnit;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Reads a drawing, or a job's art, and writes it in another format at the same true size. */
@Command(name = "convert", mixinStandardHelpOptions = true, sortOptions = false, resourceBundle = "jurren.app.cli.cli")
final class ConvertCommand implements Callable<Integer> {
    /** What an SVG's units are, by what one says. */
    private enum Unit {
        MM,
        PX96,
        PX90,
        PT72,
        PX300,
        IN;

        FileUnit fileUnit() {
            return switch (this) {
                case MM -> FileUnit.MM;
                case PX96 -> FileUnit.PX_96;
                case PX90 -> FileUnit.PX_90;
                case PT72 -> FileUnit.POINT_72;
                case PX300 -> FileUnit.PX_300;
                case IN -> FileUnit.INCH;
            };
        }
    }

    @Parameters(index = "0", paramLabel = "IN", descriptionKey = "convert.in")
    private Path input;

    @Parameters(index = "1", paramLabel = "OUT", descriptionKey = "convert.out")
    private Path out;

    @Option(names = "--page", paramLabel = "N", defaultValue = "1", descriptionKey = "convert.page")
    private int page;

    @Option(names = "--unit", paramLabel = "UNIT", descriptionKey = "convert.unit")
    private Unit unit;

    @Option(names = "--svg-unit", paramLabel = "UNIT", defaultValue = "MM", descriptionKey = "convert.svg-unit")
    private Unit svgUnit;

    @Option(names = "--per-inch", paramLabel = "N", defaultValue = "300", descriptionKey = "convert.per-inch")
    private double perInch;

    @Option(names = "--cut-colour", paramLabel = "NAME", descriptionKey = "convert.cut-colour")
    private String cutColour;

    @Option(names = "--as-cut", descriptionKey = "convert.as-cut")
    private boolean asCut;

    @Option(names = "--line", paramLabel = "LETTER", descriptionKey = "convert.line")
    private String line;

    @Option(names = "--place", paramLabel = "FACE", descriptionKey = "convert.place")
    private String place;

    @Option(names = "--motif", paramLabel = "NAME", descriptionKey = "convert.motif")
    private String motif;

    @Spec
    private CommandSpec spec;

    private final Words words = new Words(Units.AMERICAN);

    @Override
    public Integer call() {
        boolean toJob = out.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".jurren");
        Optional<ArtFormat> format = ArtFormat.of(out.getFileName().toString());
        if (format.isEmpty() && !toJob) {
            throw new Problem(CliTexts.text("convert.ending", out.getFileName()));
        }
        Shop shop = ShopFolder.usual().shop();
        boolean fromJob =
                input.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".jurren");
        if (toJob) {
            if (fromJob) {
                throw new Problem(CliTexts.text("convert.ending", out.getFileName()));
            }
            write(JobFile.bytes(JobDocument.of(NewJobs.ofDrawing(
                    drawing(),
                    shop.blanks().getFirst(),
                    shop.blanks().getFirst().referenceSize(),
                    null,
                    shop.materials().getFirst().id(),
                    Optional.empty(),
                    1))));
            return 0;
        }
        ArtSheet sheet = fromJob
                ? ofJob(shop)
                : ArtSheet.of(NewJobs.nameOf(input.getFileName().toString()), drawing());
        try {
            write(format.orElseThrow()
                    .write(
                            sheet,
                            new ArtFormat.Options(
                                    25.4 / svgUnit.fileUnit().mm(), Optional.ofNullable(cutColour), perInch)));
        } catch (IllegalArgumentException e) {
            throw new Problem(CliTexts.text("convert.cannot", input, e.getMessage()));
        }
        if (sheet.flattened()) {
            say(CliTexts.text("convert.flattened"));
        }
        sheet.box()
                .ifPresent(b -> say(CliTexts.text(
                        "convert.size", LengthUnit.INCH.format(b.widthMm()), LengthUnit.INCH.format(b.heightMm()))));
        return 0;
    }

    private void say(String text) {
        PrintWriter to = spec.commandLine().getOut();
        to.println(text);
        to.flush();
    }

    private Drawing drawing() {
        byte[] content = content();
        if (PictureReader.looksLike(content)) {
            throw new Problem(CliTexts.text("convert.picture", input));
        }
        return switch (AnyDrawing.read(new DrawingFile(input.getFileName().toString(), content, page))) {
            case DrawingRead.Refused r -> throw new Problem(words.refusal(r.refusal()));
            case DrawingRead.Taken t -> {
                t.notes().stream().sorted().forEach(n -> say(words.note(n)));
                if (t.pages().size() > 1) {
                    say(CliTexts.text(
                            "make.pages", input.getFileName(), page, t.pages().size()));
                }
                yield sized(t);
            }
        };
    }

    private Drawing sized(DrawingRead.Taken t) {
        if (t.guessed().isEmpty()) {
            return t.drawing();
        }
        if (unit == null) {
            say(CliTexts.text(
                    "convert.guessed",
                    input.getFileName(),
                    CliTexts.text("unit." + t.guessed().get())));
            return t.drawing();
        }
        double factor = unit.fileUnit().mm() / t.guessed().get().mm();
        return t.drawing().resized(factor, factor);
    }

    private ArtSheet ofJob(Shop shop) {
        Job job = switch (JobFile.read(content(), input.getFileName().toString(), shop)) {
            case JobRead.Opened o -> o.document().job();
            case JobRead.Refused r -> throw new Problem(words.refusal(r.refusal()));
        };
        List<LinePlan> places = new Planner()
                .plan(job, shop).lines().stream()
                        .filter(l -> line == null || l.line().id().equalsIgnoreCase(line))
                        .toList();
        if (places.isEmpty()) {
            throw new Problem(CliTexts.text("convert.no-line", input, line));
        }
        LinePlan plan = places.stream()
                .filter(l -> place == null || Wanted.isFace(l.face(), place))
                .findFirst()
                .orElseThrow(() -> new Problem(CliTexts.text(
                        "convert.no-place",
                        place,
                        places.stream().map(LinePlan::place).distinct().collect(Collectors.joining(", ")))));
        if (motif != null) {
            List<Motif> named = plan.line().motifs().stream()
                    .filter(m -> m.name().equalsIgnoreCase(motif) || m.id().equalsIgnoreCase(motif))
                    .toList();
            if (named.isEmpty()) {
                throw new Problem(CliTexts.text(
                        "convert.no-motif",
                        motif,
                        plan.line().motifs().stream().map(Motif::name).collect(Collectors.joining(", "))));
            }
            return ArtSheet.of(plan, named);
        }
        return asCut ? ArtSheet.asCut(plan) : ArtSheet.asWorn(plan);
    }

    private byte[] content() {
        return Inputs.read(input);
    }

    private void write(byte[] bytes) {
        try {
            SafeFiles.write(out, bytes);
        } catch (IOException e) {
            throw new Problem(CliTexts.text("make.not-written", out, String.valueOf(e.getMessage())));
        }
        say(CliTexts.text("make.wrote", out));
    }
}
