package jurren.app.window;

import java.util.List;
import java.util.Set;
import jurren.app.bench.BenchEntry;
import jurren.app.bench.art.ArtActions;
import jurren.app.bench.art.ArtBench;
import jurren.app.bench.art.ArtSection;
import jurren.app.bench.blank.BlankBench;
import jurren.app.bench.blank.BlankSection;
import jurren.app.bench.cut.BeforeCut;
import jurren.app.bench.cut.CutBench;
import jurren.app.bench.cut.CutSection;
import jurren.app.bench.finish.FinishBench;
import jurren.app.bench.finish.FinishSection;
import jurren.app.bench.layers.LayersBench;
import jurren.app.bench.layers.LayersSection;
import jurren.app.bench.loads.LoadsBench;
import jurren.app.bench.loads.LoadsSection;
import jurren.app.session.Bench;
import jurren.app.session.Session;

/** The benches of a window in the order of the work. One more is one entry more. */
final class Benches {
    private Benches() {}

    static List<BenchEntry> of(Session session, ArtActions art, BeforeCut before) {
        return List.of(
                new BenchEntry(Bench.BLANK, () -> new BlankBench(session), new BlankSection(), BlankBench.MENDS),
                new BenchEntry(Bench.ART, () -> new ArtBench(session, art), new ArtSection(), ArtBench.MENDS),
                new BenchEntry(Bench.LAYERS, () -> new LayersBench(session), new LayersSection(), LayersBench.MENDS),
                new BenchEntry(Bench.LOADS, () -> new LoadsBench(session), new LoadsSection(), LoadsBench.MENDS),
                new BenchEntry(Bench.CUT, () -> new CutBench(session, before), new CutSection(), Set.of()),
                new BenchEntry(Bench.FINISH, () -> new FinishBench(session), new FinishSection(), FinishBench.MENDS));
    }
}
