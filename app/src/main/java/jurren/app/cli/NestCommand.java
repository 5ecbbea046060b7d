package jurren.app.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.concurrent.Callable;
import jurren.app.keep.ShopFolder;
import jurren.core.cut.CutRun;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.load.Load;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.files.SafeFiles;
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

    @Option(names = "--stock", paramLabel = "FILE", descriptionKey = "make.stock")
    private Path stock;

    @Option(names = "--mm", descriptionKey = "make.mm")
    private boolean millimetres;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Words words = new Words(millimetres ? Units.METRIC : Units.AMERICAN);
        if (!(seconds >= 0 && seconds <= TightLayouts.MOST_SECONDS)) {
            throw new Problem(CliTexts.text("nest.no-seconds", (int) TightLayouts.MOST_SECONDS));
        }
        ShopFolder.usual().loadFonts();
        Shop shop = Wanted.stock(
                ShopFolder.usual().shop(), stock, words, spec.commandLine().getErr());
        Job job = switch (JobFile.read(input, shop)) {
            case JobRead.Opened o -> o.document().job();
            case JobRead.Refused r -> throw new Problem(words.refusal(r.refusal()));
        };
        Planner planner = new Planner();
        double before = planner.plan(job, shop).filmUsedMm();
        Plan plan = TightLayouts.plan(planner, job, shop, seconds);
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (CutRun run : plan.runs()) {
            files.put("load-" + run.load().order() + ".svg", LoadSvg.write(run));
        }
        files.put("layout.json", LayoutJson.write(plan));
        try {
            SafeFiles.writeAll(out, files);
        } catch (IOException e) {
            throw new Problem(CliTexts.text("make.not-written", out, String.valueOf(e.getMessage())));
        }
        PrintWriter text = spec.commandLine().getOut();
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
                "nest.sum", words.unit().film(plan.filmUsedMm()), words.unit().film(before)));
        text.flush();
        return 0;
    }
}
