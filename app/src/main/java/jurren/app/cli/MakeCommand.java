package jurren.app.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import jurren.app.keep.ShopFolder;
import jurren.app.make.DryRunner;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.Films;
import jurren.core.blank.Blank;
import jurren.core.cure.Cure;
import jurren.core.cure.Remedies;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.Refit;
import jurren.core.run.WholeRun;
import jurren.core.snag.Snag;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.files.SafeFiles;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.opening.AnyDrawing;
import jurren.formats.plan.JobPapers;
import jurren.formats.plan.PlanJson;
import jurren.formats.print.Paper;
import jurren.formats.print.PrintPdf;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Makes every file of a job, or of a drawing put onto a blank. */
@Command(name = "make", mixinStandardHelpOptions = true, sortOptions = false, resourceBundle = "jurren.app.cli.cli")
final class MakeCommand implements Callable<Integer> {
    /** What a job tells by itself. */
    private static final List<String> OF_ART = List.of(
            "--page", "--blank", "--material", "--film", "--place", "--size", "--colour", "--width", "--copies");

    @Parameters(paramLabel = "JOB|ART", descriptionKey = "make.input")
    private Path input;

    @Option(names = "--out", required = true, paramLabel = "DIR", descriptionKey = "make.out")
    private Path out;

    @Option(names = "--blank", paramLabel = "ID", descriptionKey = "make.blank")
    private String blankId;

    @Option(names = "--material", paramLabel = "ID", descriptionKey = "make.material")
    private String materialId;

    @Option(names = "--film", paramLabel = "COLOUR=MATERIAL", descriptionKey = "make.film")
    private Map<String, String> films = Map.of();

    @Option(names = "--place", paramLabel = "FACE", descriptionKey = "make.place")
    private String place;

    @Option(names = "--size", paramLabel = "SIZE", descriptionKey = "make.size")
    private String size;

    @Option(names = "--colour", paramLabel = "ID", descriptionKey = "make.colour")
    private String colour;

    @Option(names = "--width", paramLabel = "LENGTH", converter = Lengths.class, descriptionKey = "make.width")
    private Double widthMm;

    @Option(names = "--copies", paramLabel = "N", defaultValue = "1", descriptionKey = "make.copies")
    private int copies;

    @Option(names = "--no-frames", descriptionKey = "make.no-frames")
    private boolean noFrames;

    @Option(names = "--stock", paramLabel = "FILE", descriptionKey = "make.stock")
    private Path stock;

    @Option(names = "--seconds", paramLabel = "N", defaultValue = "0", descriptionKey = "make.seconds")
    private double seconds;

    @Option(names = "--png", descriptionKey = "make.png")
    private boolean png;

    @Option(
            names = "--cut-line",
            paramLabel = "NAME",
            defaultValue = PrintPdf.CUT_LINE,
            descriptionKey = "make.cut-line")
    private String cutLine;

    @Option(names = "--page", paramLabel = "N", defaultValue = "1", descriptionKey = "convert.page")
    private int page;

    @Option(names = "--mm", descriptionKey = "make.mm")
    private boolean millimetres;

    @Option(names = "--force", descriptionKey = "make.force")
    private boolean force;

    @Spec
    private CommandSpec spec;

    private Words words;

    @Override
    public Integer call() {
        Units units = millimetres ? Units.METRIC : Units.AMERICAN;
        words = new Words(units);
        ShopFolder.usual().loadFonts();
        Shop shop = Wanted.stock(
                ShopFolder.usual().shop(), stock, words, spec.commandLine().getErr());
        if (!(seconds >= 0 && seconds <= TightLayouts.MOST_SECONDS)) {
            throw new Problem(CliTexts.text("nest.no-seconds", (int) TightLayouts.MOST_SECONDS));
        }
        Job job = input.getFileName().toString().endsWith(".jurren") ? readJob(shop) : jobOf(readDrawing(), shop);
        if (cutLine.isBlank()) {
            throw new Problem(CliTexts.text("make.no-cut-line"));
        }
        Planner planner = new Planner();
        TightLayouts layouts = TightLayouts.of(planner, planner.plan(noFrames ? job.withFrames(false) : job, shop));
        layouts.look(Integer.MAX_VALUE, seconds);
        Plan plan = layouts.tighter();
        refuseUnusable(plan);
        Remedies remedies = Remedies.of(plan, planner);
        boolean stopped = plan.has(Snag.Gravity.STOPS) && !force;
        JobPapers.Written made = stopped
                ? new JobPapers.Written(
                        Map.of("plan.json", PlanJson.write(plan, WholeRun.of(plan), Optional.empty(), remedies)),
                        Optional.empty())
                : everything(plan, units, remedies);
        boolean untrue = made.dryRun().filter(d -> !d.isTrue()).isPresent();
        write(made.files());
        report(plan, remedies, made, stopped);
        return stopped || untrue && !force ? 1 : 0;
    }

    /** What a job says itself is not said again beside it. */
    private void sayIgnored() {
        List<String> ignored = spec.commandLine().getParseResult().matchedOptions().stream()
                .map(o -> o.longestName())
                .filter(OF_ART::contains)
                .toList();
        if (!ignored.isEmpty()) {
            spec.commandLine()
                    .getOut()
                    .println(CliTexts.text("make.ignored", input.getFileName(), String.join(", ", ignored)));
        }
    }

    private Job readJob(Shop shop) {
        sayIgnored();
        return switch (JobFile.read(input, shop)) {
            case JobRead.Opened o -> o.document().job();
            case JobRead.Refused r -> throw new Problem(words.refusal(r.refusal()));
        };
    }

    private Drawing readDrawing() {
        byte[] content = Inputs.read(input);
        return switch (AnyDrawing.read(new DrawingFile(input.getFileName().toString(), content, page))) {
            case DrawingRead.Refused r -> throw new Problem(words.refusal(r.refusal()));
            case DrawingRead.Taken t -> {
                t.notes().stream()
                        .sorted()
                        .forEach(n -> spec.commandLine().getOut().println(words.note(n)));
                if (t.pages().size() > 1) {
                    spec.commandLine()
                            .getOut()
                            .println(CliTexts.text(
                                    "make.pages",
                                    input.getFileName(),
                                    page,
                                    t.pages().size()));
                }
                if (widthMm == null) {
                    t.guessed()
                            .ifPresent(u -> spec.commandLine()
                                    .getOut()
                                    .println(CliTexts.text(
                                            "make.guessed", input.getFileName(), CliTexts.text("unit." + u))));
                }
                yield t.drawing();
            }
        };
    }

    private Job jobOf(Drawing drawing, Shop shop) {
        if (blankId == null || materialId == null) {
            throw new Problem(CliTexts.text("make.needs-blank"));
        }
        Blank blank = Wanted.blank(shop, blankId);
        Wanted.material(shop, materialId);
        String wanted = Wanted.size(blank, size).id();
        Wanted.colour(blank, colour);
        Wanted.copies(copies);
        if (widthMm != null && !(widthMm > 0)) {
            throw new Problem(CliTexts.text("make.no-width"));
        }
        Job job = NewJobs.ofDrawing(drawing, blank, wanted, colour, materialId, Optional.ofNullable(widthMm), copies);
        Films said = Wanted.films(shop, drawing, films);
        Job there = place == null
                ? job
                : job.withLine(
                        job.lines().getFirst().id(),
                        l -> new Refit()
                                .ontoFace(l, blank, Wanted.face(blank, place).id()));
        return there.withLine(
                job.lines().getFirst().id(),
                l -> l.withMotifs(
                        l.motifs().stream().map(m -> m.withFilms(said)).toList()));
    }

    private void refuseUnusable(Plan plan) {
        List<Snag> unusable = plan.snags().stream()
                .filter(s -> s.gravity() == Snag.Gravity.UNUSABLE)
                .toList();
        if (!unusable.isEmpty()) {
            throw new Problem(words.snag(unusable.getFirst(), plan));
        }
    }

    private JobPapers.Written everything(Plan plan, Units units, Remedies remedies) {
        Map<String, byte[]> cutFiles = JobPapers.cutFiles(plan);
        Map<String, byte[]> printFiles = JobPapers.printFiles(plan, cutLine);
        JobPapers.Written made = JobPapers.all(
                plan,
                cutFiles,
                printFiles,
                () -> DryRunner.run(plan, cutFiles, printFiles),
                units,
                remedies,
                Paper.usual(units));
        if (png) {
            made.files().putAll(JobPapers.printPictures(plan));
        }
        return made;
    }

    private void write(Map<String, byte[]> files) {
        List<Path> stale = JobPapers.stale(out, files.keySet());
        try {
            SafeFiles.writeAll(out, files);
            for (Path file : stale) {
                Files.deleteIfExists(file);
            }
        } catch (IOException e) {
            throw new Problem(CliTexts.text("make.not-written", out, reason(e)));
        }
    }

    private static String reason(IOException e) {
        String message = e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
        return message.substring(message.lastIndexOf(':') + 1).strip();
    }

    private String cures(Remedies remedies, Snag snag) {
        List<Cure> cures = remedies.of(snag);
        return cures.isEmpty()
                ? ""
                : " "
                        + CliTexts.text(
                                "make.mends", cures.stream().map(words::cure).collect(Collectors.joining(" | ")));
    }

    private void report(Plan plan, Remedies remedies, JobPapers.Written made, boolean stopped) {
        PrintWriter text = spec.commandLine().getOut();
        made.files().keySet().forEach(f -> text.println(CliTexts.text("make.wrote", out.resolve(f))));
        plan.snags()
                .forEach(s -> text.println(CliTexts.text(
                                s.gravity() == Snag.Gravity.STOPS ? "make.stops" : "make.snag",
                                words.snag(s, plan, remedies))
                        + cures(remedies, s)));
        made.dryRun().ifPresent(d -> {
            text.println(CliTexts.text(
                    d.isCutTrue() ? "make.true" : "make.untrue",
                    words.unit().fine(d.worstMm()),
                    d.isCutTrue() ? "" : words.where(d.worst())));
            d.spoiled()
                    .forEach(p -> p.faults()
                            .forEach(
                                    f -> text.println(CliTexts.text("make.pressed-badly", words.pressed(p, f, plan)))));
        });
        if (stopped) {
            text.println(CliTexts.text("make.stopped"));
        }
        text.flush();
    }
}
