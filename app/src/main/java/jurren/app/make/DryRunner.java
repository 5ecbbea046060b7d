package jurren.app.make;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import jurren.core.cut.CutRun;
import jurren.core.dryrun.CutSheet;
import jurren.core.dryrun.DryRun;
import jurren.core.dryrun.InkSheet;
import jurren.core.geometry.Point;
import jurren.core.load.Head;
import jurren.core.plan.Plan;
import jurren.core.stop.Stop;
import jurren.formats.plan.PlanJson;
import jurren.standins.cutter.Bed;
import jurren.standins.cutter.HpglInterpreter;
import jurren.standins.cutter.TrailingKnife;
import jurren.standins.press.StandInPress;
import jurren.standins.printer.StandInPrinter;

/** Makes a job on the stand-ins from its written cut files. */
public final class DryRunner {
    private DryRunner() {}

    /**
     * @param cutFiles   in the order of the plan's loads
     * @param printFiles as PDF, in the order of the plan's prints
     */
    public static DryRun run(Plan plan, Map<String, byte[]> cutFiles, Map<String, byte[]> printFiles) {
        List<CutSheet> sheets = new ArrayList<>();
        for (byte[] file : cutFiles.values()) {
            Stop.lookHere();
            CutRun run = plan.runs().get(sheets.size());
            sheets.add(new CutSheet(
                    sheets.size() + 1, cuts(run, HpglInterpreter.strokes(file, Bed.of(run.cutter(), run.load())))));
        }
        Stop stop = Stop.here();
        List<byte[]> files = List.copyOf(printFiles.values());
        List<InkSheet> prints = IntStream.range(0, files.size())
                .parallel()
                .mapToObj(i -> {
                    stop.look();
                    return printed(i + 1, files.get(i));
                })
                .toList();
        try {
            return DryRun.of(plan, sheets, prints).with(StandInPress.press(PlanJson.steps(plan), plan));
        } catch (IOException e) {
            throw new UncheckedIOException("the written steps cannot be read", e);
        }
    }

    /** What the knife of that cutter leaves; before the first cut it points across. */
    private static List<List<Point>> cuts(CutRun run, List<List<Point>> strokes) {
        Head head = run.cutter().head();
        return head.needsSwivel() ? new TrailingKnife(head.offsetMm(), 90).cuts(strokes) : strokes;
    }

    private static InkSheet printed(int order, byte[] file) {
        try {
            return StandInPrinter.print(order, file);
        } catch (IOException e) {
            throw new UncheckedIOException("a written print cannot be read", e);
        }
    }
}
