package jurren.formats.plan;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.function.Supplier;
import java.util.regex.Pattern;
import jurren.core.cure.Remedies;
import jurren.core.cut.CutRun;
import jurren.core.dryrun.DryRun;
import jurren.core.load.Offcut;
import jurren.core.plan.Plan;
import jurren.core.plan.PrintSheet;
import jurren.core.run.WholeRun;
import jurren.core.stop.Stop;
import jurren.formats.files.WholeFile;
import jurren.formats.hpgl.HpglWriter;
import jurren.formats.print.GuidePdf;
import jurren.formats.print.Paper;
import jurren.formats.print.PrintPdf;
import jurren.formats.print.PrintPng;
import jurren.formats.print.Proof;
import jurren.formats.print.RunPdf;
import jurren.formats.print.TicketPdf;
import jurren.formats.svg.LoadSvg;
import jurren.formats.words.Units;

/** Every file of a job by its name: cut files, their drawings, ticket, proof and plan. */
public final class JobPapers {
    private static final Pattern OURS =
            Pattern.compile("(load|print|guide)-[0-9]+\\.(plt|svg|pdf|png)|(ticket|run)\\.pdf|proof\\.png");

    private JobPapers() {}

    /** The files a cutter takes, {@code load-N.plt}, in the order of the loads. */
    public static Map<String, byte[]> cutFiles(Plan plan) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (CutRun run : plan.runs()) {
            Stop.lookHere();
            files.put("load-" + run.load().order() + ".plt", HpglWriter.write(run));
        }
        return files;
    }

    public static Map<String, byte[]> printFiles(Plan plan) {
        return printFiles(plan, PrintPdf.CUT_LINE);
    }

    /**
     * The sheets a printer takes, {@code print-N.pdf}, in the order of the prints.
     *
     * @param cutLine what the shop's printer calls the colour it cuts along
     */
    public static Map<String, byte[]> printFiles(Plan plan, String cutLine) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (PrintSheet print : plan.prints()) {
            Stop.lookHere();
            files.put("print-" + print.order() + ".pdf", PrintPdf.write(print, cutLine));
        }
        return files;
    }

    /** The same sheets as pixels, {@code print-N.png}, for printers that take nothing else. */
    public static Map<String, byte[]> printPictures(Plan plan) {
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (PrintSheet print : plan.prints()) {
            Stop.lookHere();
            files.put(
                    "print-" + print.order() + ".png",
                    PrintPng.write(print, plan.shop().printer().perInch()));
        }
        return files;
    }

    /** What was written, and how its dry run came out; empty where nothing is cut. */
    public record Written(Map<String, byte[]> files, Optional<DryRun> dryRun) {}

    /**
     * What was written into a folder the last time and is not written now, as the plan that lies there tells it: only
     * files by names that are given here, and nothing where there is no such plan.
     */
    public static List<Path> stale(Path folder, Set<String> now) {
        List<Path> stale = new ArrayList<>();
        try {
            JsonNode last = new ObjectMapper().readTree(WholeFile.read(folder.resolve("plan.json")));
            for (JsonNode name : last.path("files")) {
                if (OURS.matcher(name.asText()).matches() && !now.contains(name.asText())) {
                    stale.add(folder.resolve(name.asText()));
                }
            }
        } catch (IOException _) {
            stale.clear(); // whatever lies there is somebody else's
        }
        return stale;
    }

    /** @param dryRun run beside the writing of the papers, and waited for at the end */
    public static Written all(
            Plan plan,
            Map<String, byte[]> cutFiles,
            Map<String, byte[]> printFiles,
            Supplier<DryRun> dryRun,
            Units unit,
            Remedies remedies,
            Paper paper) {
        CompletableFuture<DryRun> running = CompletableFuture.supplyAsync(dryRun);
        Map<String, byte[]> files = new LinkedHashMap<>(cutFiles);
        for (CutRun run : plan.runs()) {
            Stop.lookHere();
            files.put("load-" + run.load().order() + ".svg", LoadSvg.write(run));
            if (run.load().stock() instanceof Offcut offcut) {
                files.put("guide-" + run.load().order() + ".pdf", GuidePdf.write(run.load(), plan.shop(), unit));
                files.put("guide-" + run.load().order() + ".plt", HpglWriter.guide(run, offcut));
            }
        }
        files.putAll(printFiles);
        WholeRun run = WholeRun.of(plan);
        files.put("ticket.pdf", TicketPdf.write(plan, unit, remedies, run, paper));
        files.put("run.pdf", RunPdf.write(plan, run, unit, paper));
        files.put("proof.png", Proof.write(plan.lines()));
        // where nothing was cut there is nothing to compare, which is not a match of 0 %
        Optional<DryRun> made =
                Optional.of(running.join()).filter(d -> !d.copies().isEmpty());
        files.put("plan.json", PlanJson.write(plan, run, made, remedies, List.copyOf(files.keySet())));
        return new Written(files, made);
    }
}
