package jurren.app.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import jurren.app.keep.ShopFolder;
import jurren.core.art.Motif;
import jurren.core.blank.Blank;
import jurren.core.blank.BlankColour;
import jurren.core.blank.BlankSize;
import jurren.core.job.Job;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.job.SizeEntry;
import jurren.core.material.Material;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.start.Ground;
import jurren.formats.start.Start;
import jurren.formats.start.StartMaker;
import jurren.formats.start.Started;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Makes a job from a start and its entries. */
@Command(name = "start", mixinStandardHelpOptions = true, sortOptions = false, resourceBundle = "jurren.app.cli.cli")
final class StartCommand implements Callable<Integer> {
    @Parameters(paramLabel = "START", descriptionKey = "start.id")
    private String id;

    @Option(names = "--set", paramLabel = "ENTRY=VALUE", descriptionKey = "start.set")
    private Map<String, String> entries = new LinkedHashMap<>();

    @Option(names = "--blank", paramLabel = "ID", required = true, descriptionKey = "start.blank")
    private String blankId;

    @Option(names = "--material", paramLabel = "ID", required = true, descriptionKey = "start.material")
    private String materialId;

    @Option(names = "--size", paramLabel = "SIZE", descriptionKey = "make.size")
    private String size;

    @Option(names = "--colour", paramLabel = "ID", descriptionKey = "make.colour")
    private String colour;

    @Option(names = "--copies", paramLabel = "N", defaultValue = "1", descriptionKey = "make.copies")
    private int copies;

    @Option(names = "--out", paramLabel = "FILE", required = true, descriptionKey = "start.out")
    private Path out;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        ShopFolder folder = ShopFolder.usual();
        folder.loadFonts();
        Shop shop = folder.shop();
        Start start = start(folder.starts().read().starts());
        Blank blank = Wanted.blank(shop, blankId);
        Material material = Wanted.material(shop, materialId);
        BlankColour cloth = Wanted.colour(blank, colour);
        BlankSize on = Wanted.size(blank, size);
        if (!out.getFileName().toString().endsWith(".jurren")) {
            throw new Problem(CliTexts.text("start.ending", out.getFileName()));
        }
        List<Motif> motifs =
                switch (StartMaker.make(start, entries, Ground.of(on.faces().getFirst(), material, cloth, shop))) {
                    case Started.Filled m -> m.motifs();
                    case Started.Refused r -> throw new Problem(r.words(start));
                };
        Job job = NewJobs.onBlank(blank, start.name(), blank.name(), cloth.id(), material.id())
                .withLine(
                        "A",
                        l -> l.withMotifs(motifs)
                                .withDrawnFor(on.id(), List.of(SizeEntry.of(on.id(), Wanted.copies(copies)))));
        write(job);
        report(new Planner().plan(job, shop));
        return 0;
    }

    private Start start(List<Start> all) {
        return all.stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new Problem(CliTexts.text(
                        "start.none", id, all.stream().map(Start::id).collect(Collectors.joining(", ")))));
    }

    private void write(Job job) {
        try {
            JobFile.write(JobDocument.of(job), out);
        } catch (IOException e) {
            throw new Problem(CliTexts.text("make.not-written", out, String.valueOf(e.getMessage())));
        }
    }

    private void report(Plan plan) {
        PrintWriter text = spec.commandLine().getOut();
        Words words = new Words(Units.AMERICAN);
        text.println(CliTexts.text("make.wrote", out));
        plan.snags().forEach(s -> text.println(CliTexts.text("make.snag", words.snag(s, plan))));
        text.flush();
    }
}
