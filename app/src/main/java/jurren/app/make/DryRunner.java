package jurren.app.make;

import jurren.core.dryrun.CutSheet;
import jurren.core.dryrun.DryRun;
import jurren.core.plan.Plan;
import jurren.core.stop.Stop;
import jurren.standins.cutter.HpglInterpreter;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Makes a job on the stand-ins from its written cut files. */
public final class DryRunner {
    private DryRunner() {
    }

    /** @param cutFiles in the order of the plan's loads */
    public static DryRun run(Plan plan, Map<String, byte[]> cutFiles) {
        List<CutSheet> sheets = new ArrayList<>();
        for (byte[] file : cutFiles.values()) {
            Stop.lookHere();
            sheets.add(new CutSheet(sheets.size() + 1, HpglInterpreter.strokes(file)));
        }
        return DryRun.of(plan, sheets);
    }
}
