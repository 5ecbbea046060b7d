package jurren.app.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import jurren.app.keep.ShopFolder;
import jurren.core.cut.CutRun;
import jurren.core.job.Shop;
import jurren.core.load.Load;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.files.SafeFiles;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.plan.LayoutJson;
import jurren.formats.svg.LoadSvg;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Looks for tight layouts of a job's film for as long as one cares to wait. */
@Command(name = "nest", mixinStandardHelpOptions = true, sortOptions = false, resourceBundle = "jurren.app.cli.cli")
final class NestCommand implements Callable<Integer> {
    @Parameters(paramLabel = "JOB", descriptionKey = "mend.input")
    private Path input;

    @Option(names = "--out", required = true, paramLabel = "DIR", descriptionKey = "nest.out")
    private Path out;

    @Option(names = "--seconds", paramLabel = "N", defaultValue = "10", descriptionKey = "nest.seconds")
    private double seconds;

    @Option(names = "--steps", paramLabel = "N", descriptionKey = "nest.steps")
    private Integer steps;

    @Option(names = "--keep", paramLabel = "JOB", descriptionKey = "nest.keep")
    private Path keep;

    @Option(names = "--stock", paramLabel = "FILE", descriptionKey = "make.stock")
    private Path stock;

    @Option(names = "--mm", descriptionKey = "make.mm")
    private boolean millimetres;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Words words = new Words(millimetres ? Units.METRIC : Units.AMERICAN);
        if (steps != null && steps < 0) {
            throw new Problem(CliTexts.text("nest.no-steps"));
        }
        if (!(seconds >= 0 && seconds <= TightLayouts.MOST_SECONDS)) {
            throw new Problem(CliTexts.text("nest.no-seconds", (int) TightLayouts.MOST_SECONDS));
        }
        ShopFolder.usual().loadFonts();
        Shop shop = Wanted.stock(
                ShopFolder.usual().shop(), stock, words, spec.commandLine().getErr());
        JobDocument document = switch (JobFile.read(input, shop)) {
            case JobRead.Opened o -> o.document();
            case JobRead.Refused r -> throw new Problem(words.refusal(r.refusal()));
        };
        Planner planner = new Planner();
        TightLayouts layouts = TightLayouts.of(planner, planner.plan(document.job(), shop));
        layouts.look(steps == null ? Integer.MAX_VALUE : steps, steps == null ? seconds : TightLayouts.MOST_SECONDS);
        Plan plan = layouts.tighter();
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (CutRun run : plan.runs()) {
            files.put("load-" + run.load().order() + ".svg", LoadSvg.write(run));
        }
        files.put("layout.json", LayoutJson.write(plan));
        try {
            SafeFiles.writeAll(out, files);
            if (keep != null) {
                JobFile.write(document.with(plan.withUsedLayouts()), keep);
            }
        } catch (IOException e) {
            throw new Problem(
                    CliTexts.text("make.not-written", keep == null ? out : keep, String.valueOf(e.getMessage())));
        }
        PrintWriter text = spec.commandLine().getOut();
        if (keep != null) {
            text.println(CliTexts.text("make.wrote", keep));
        }
        files.keySet().forEach(f -> text.println(CliTexts.text("make.wrote", out.resolve(f))));
        for (CutRun run : plan.runs()) {
            Load load = run.load();
            text.println(CliTexts.text(
                    "nest.load",
                    load.order(),
                    load.material().colourName(load.colour()),
                    load.stock().id(),
                    load.placed().size(),
                    words.unit().film(load.usedMm()),
                    words.unit().film(load.leastMm()),
                    Math.round(100 * load.pieceShare())));
        }
        text.println(CliTexts.text(
                "nest.sum",
                words.unit().film(plan.filmUsedMm()),
                words.unit().film(layouts.first().filmUsedMm()),
                layouts.fewestSteps()));
        text.flush();
        return 0;
    }
}
