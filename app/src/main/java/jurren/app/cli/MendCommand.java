package jurren.app.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import jurren.app.keep.ShopFolder;
import jurren.core.cure.Cure;
import jurren.core.cure.Mender;
import jurren.core.cure.Remedies;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.words.Units;
import jurren.formats.words.Words;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** Mends what can be mended without anybody seeing it, and lists the rest with what would mend it. */
@Command(name = "mend", mixinStandardHelpOptions = true, sortOptions = false, resourceBundle = "jurren.app.cli.cli")
final class MendCommand implements Callable<Integer> {
    @Parameters(paramLabel = "JOB", descriptionKey = "mend.input")
    private Path input;

    @Option(names = "--out", required = true, paramLabel = "JOB", descriptionKey = "mend.out")
    private Path out;

    @Option(names = "--mm", descriptionKey = "make.mm")
    private boolean millimetres;

    @Spec
    private CommandSpec spec;

    @Override
    public Integer call() {
        Words words = new Words(millimetres ? Units.METRIC : Units.AMERICAN);
        ShopFolder.usual().loadFonts();
        Shop shop = ShopFolder.usual().shop();
        if (!out.getFileName().toString().endsWith(".jurren")) {
            throw new Problem(CliTexts.text("start.ending", out.getFileName()));
        }
        JobDocument document = switch (JobFile.read(input, shop)) {
            case JobRead.Opened o -> o.document();
            case JobRead.Refused r -> throw new Problem(words.refusal(r.refusal()));
        };
        Planner planner = new Planner();
        Plan before = planner.plan(document.job(), shop);
        Mender.Mended mended = new Mender(planner).mend(before, true);
        try {
            JobFile.write(document.with(mended.job()), out);
        } catch (IOException e) {
            throw new Problem(CliTexts.text("make.not-written", out, String.valueOf(e.getMessage())));
        }
        report(words, mended, Remedies.of(mended.plan(), planner));
        return mended.plan().has(Snag.Gravity.STOPS) || mended.plan().has(Snag.Gravity.UNUSABLE) ? 1 : 0;
    }

    private void report(Words words, Mender.Mended mended, Remedies left) {
        PrintWriter text = spec.commandLine().getOut();
        mended.done()
                .forEach(c -> text.println(CliTexts.text("mend.done", c.snag().line(), words.cure(c))));
        Plan plan = mended.plan();
        for (Snag s : plan.snags()) {
            List<Cure> cures = left.of(s);
            text.println(CliTexts.text(
                            s.gravity() == Snag.Gravity.LOOK ? "make.snag" : "make.stops", words.snag(s, plan, left))
                    + (cures.isEmpty()
                            ? ""
                            : " "
                                    + CliTexts.text(
                                            "make.mends",
                                            cures.stream().map(words::cure).collect(Collectors.joining(" | ")))));
        }
        text.println(CliTexts.text("make.wrote", out));
        text.println(
                CliTexts.text("mend.sum", mended.done().size(), plan.snags().size()));
        text.flush();
    }
}
