package jurren.app.session;

import jurren.core.art.Motif;
import jurren.core.job.History;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Shop;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.SizePlan;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.jobfile.JobFile;
import jurren.formats.jobfile.JobRead;
import jurren.formats.jobfile.Version;
import jurren.formats.start.Start;
import jurren.formats.words.LengthUnit;
import jurren.formats.words.Words;
import java.io.IOException;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.application.Platform;

/**
 * The state of one window; only the window's thread touches it. Whoever shows something of it asks to
 * be told of changes; several changes in one go are told once.
 */
public final class Session {
    private Shop shop;
    private final Keeper keeper;
    private final PlanDesk desk;
    private final List<Runnable> watchers = new ArrayList<>();
    private History history;
    private List<Version> versions = List.of();
    private Optional<Path> file = Optional.empty();
    private Job saved;
    private Plan plan;
    private Bench bench = Bench.BLANK;
    private LengthUnit unit;
    private String lineId;
    private List<String> chosen = List.of();
    private Optional<String> shownSize = Optional.empty();
    private Optional<String> notice = Optional.empty();
    private EdgeLine edgeLine = EdgeLine.MIDDLE;
    private final Progress progress = new Progress();
    private boolean telling;
    private List<Start> starts;

    public Session(Shop shop, JobDocument document, Keeper keeper) {
        this.shop = shop;
        this.keeper = keeper;
        this.desk = new PlanDesk(this::planned, this::planFailed);
        this.unit = LengthUnit.valueOf(validUnit(keeper.choice("unit", LengthUnit.INCH.name())));
        begin(document);
    }

    private static String validUnit(String name) {
        return name.equals(LengthUnit.MILLIMETRE.name()) ? name : LengthUnit.INCH.name();
    }

    private void begin(JobDocument document) {
        history = new History(document.job());
        versions = document.versions();
        saved = document.job();
        lineId = document.job().lines().isEmpty() ? "" : document.job().lines().getFirst().id();
        chosen = List.of();
        shownSize = Optional.empty();
        progress.forget();
        plan = null;
        desk.want(document.job(), shop);
        tell();
    }

    // ---- what there is

    public Shop shop() {
        return shop;
    }

    /** The shop changed: a blank was measured, or taken away. */
    public void useShop(Shop newShop) {
        shop = newShop;
        desk.want(job(), shop);
        tell();
    }

    public Job job() {
        return history.now();
    }

    /** The newest plan there is, which may lag behind the job by a moment; empty before the first. */
    public Optional<Plan> plan() {
        return Optional.ofNullable(plan);
    }

    /** True when the plan belongs to the job as it is now. */
    public boolean isSettled() {
        return plan != null && plan.job().equals(job());
    }

    public Optional<LinePlan> linePlan() {
        return plan().flatMap(p -> p.line(lineId));
    }

    /** The open line on the size that is looked at. */
    public Optional<SizePlan> sizePlan() {
        return linePlan().map(l -> shownSize.flatMap(l::size).orElseGet(l::drawn));
    }

    /** The open line; when an edit took it away, the first. */
    public Line line() {
        return job().line(lineId).orElseGet(() -> job().lines().getFirst());
    }

    /** Opens another line of the job. */
    public void openLine(String id) {
        lineId = id;
        chosen = List.of();
        shownSize = Optional.empty();
        tell();
    }

    /** The motif that is chosen alone. */
    public Optional<Motif> motif() {
        return chosen.size() == 1 ? line().motif(chosen.getFirst()) : Optional.empty();
    }

    /** All motifs that are chosen, from the bottom up. */
    public List<Motif> chosen() {
        return line().motifs().stream().filter(m -> chosen.contains(m.id())).toList();
    }

    public Bench bench() {
        return bench;
    }

    public LengthUnit unit() {
        return unit;
    }

    public Words words() {
        return new Words(unit);
    }

    public Optional<Path> file() {
        return file;
    }

    public List<Version> versions() {
        return versions;
    }

    public boolean isUnsaved() {
        return !job().equals(saved);
    }

    /** Where the piece is cut for the edge view; all benches share it. */
    public EdgeLine edgeLine() {
        return edgeLine;
    }

    public void drag(EdgeLine to) {
        edgeLine = to;
        tell();
    }

    public Optional<String> notice() {
        return notice;
    }

    public boolean canUndo() {
        return history.canUndo();
    }

    public boolean canRedo() {
        return history.canRedo();
    }

    /** The size the art is drawn for can be changed by hand; the others follow it. */
    public boolean showsDrawnSize() {
        return shownSize.isEmpty() || shownSize.get().equals(line().drawnFor());
    }

    // ---- what can be done to it

    public void edit(Job next) {
        edit(next, null);
    }

    /** @param gesture edits with the same gesture, one after the other, are undone as one */
    public void edit(Job next, Object gesture) {
        if (!next.equals(job())) {
            history.edit(next, gesture);
            changed(gesture != null);
        }
    }

    public void editLine(UnaryOperator<Line> change) {
        editLine(change, null);
    }

    public void editLine(UnaryOperator<Line> change, Object gesture) {
        edit(job().withLine(lineId, change), gesture);
    }

    public void editMotif(UnaryOperator<Motif> change) {
        editMotif(change, null);
    }

    public void editMotif(UnaryOperator<Motif> change, Object gesture) {
        motif().ifPresent(m -> editLine(l -> l.withMotif(m.id(), change), gesture));
    }

    public void undo() {
        history.undo();
        changed(false);
    }

    public void redo() {
        history.redo();
        changed(false);
    }

    private void changed(boolean inGesture) {
        lineId = line().id();
        chosen = chosen.stream().filter(id -> line().motif(id).isPresent()).toList();
        if (inGesture) {
            desk.wantSoon(job(), shop);
        } else {
            desk.want(job(), shop);
        }
        if (isUnsaved()) {
            keeper.keep(document());
        } else {
            keeper.forget();
        }
        tell();
    }

    public void show(Bench newBench) {
        bench = newBench;
        tell();
    }

    public void show(LengthUnit newUnit) {
        unit = newUnit;
        keeper.choose("unit", newUnit.name());
        tell();
    }

    public void showSize(String size) {
        shownSize = Optional.of(size);
        tell();
    }

    /** Every chosen motif changed. */
    public void editChosen(UnaryOperator<Motif> change, Object gesture) {
        List<String> ids = chosen;
        editLine(l -> l.withMotifs(l.motifs().stream().map(m -> ids.contains(m.id()) ? change.apply(m) : m).toList()), gesture);
    }

    /** These motifs as they are given; the others stay. */
    public void putMotifs(List<Motif> changed, Object gesture) {
        editLine(l -> l.withMotifs(l.motifs().stream().map(m -> changed.stream().filter(c -> c.id().equals(m.id())).findFirst()
                .orElse(m)).toList()), gesture);
    }

    public void choose(Optional<String> newMotifId) {
        chooseAll(newMotifId.map(List::of).orElse(List.of()));
    }

    public void chooseAll(List<String> motifIds) {
        chosen = List.copyOf(motifIds);
        tell();
    }

    /** A sentence for the person, until the next one or until it is put away. */
    public void say(String sentence) {
        notice = Optional.ofNullable(sentence);
        tell();
    }

    // ---- the file behind it

    public JobDocument document() {
        return new JobDocument(job(), versions);
    }

    /** Starts over with another job; what was unsaved is gone, so ask before. */
    public void replace(JobDocument document, Optional<Path> from) {
        file = from;
        keeper.forget();
        begin(document);
    }

    /** Takes work that a crash left behind: it is not saved anywhere else. */
    public void bringBack(JobDocument document) {
        begin(document);
        saved = null;
        keeper.keep(document);
    }

    /** Empty when it was opened, otherwise the sentence that says why not. */
    public Optional<String> open(Path path) {
        return switch (JobFile.read(path, shop)) {
            case JobRead.Opened o -> {
                replace(o.document(), Optional.of(path));
                yield Optional.empty();
            }
            case JobRead.Refused r -> Optional.of(words().refusal(r.refusal()));
        };
    }

    public void save(Path path) throws IOException {
        JobFile.write(document(), path);
        file = Optional.of(path);
        saved = job();
        keeper.forget();
        tell();
    }

    /** Keeps the job as it is now, by name; saved with the next save. */
    public void keepVersion(String name) {
        versions = document().keeping(name, Instant.now()).versions();
        saved = null;
        keeper.keep(document());
        tell();
    }

    /** The job becomes as it was; that is an edit like any other. */
    public void takeBack(Version version) {
        edit(version.job());
    }

    /** The starts there are; read again when one is saved or removed. */
    public List<Start> starts() {
        if (starts == null) {
            starts = shopFolder().starts().read().starts();
        }
        return starts;
    }

    public void startsChanged() {
        starts = null;
        tell();
    }

    /** The person's own part of the shop. */
    public ShopFolder shopFolder() {
        return new ShopFolder(keeper.folder());
    }

    public Keeper keeper() {
        return keeper;
    }

    public Progress progress() {
        return progress;
    }

    /** What is shown changed without the job changing: something was made. */
    public void made() {
        tell();
    }

    // ---- telling

    public void watch(Runnable watcher) {
        watchers.add(watcher);
    }

    public void unwatch(Runnable watcher) {
        watchers.remove(watcher);
    }

    private void planned(Plan newPlan) {
        if (plan != null && !plan.runs().equals(newPlan.runs())) {
            progress.forget();
        }
        plan = newPlan;
        tell();
    }

    private void planFailed(Throwable why) {
        say(jurren.app.theme.Texts.of("plan.failed", String.valueOf(why.getMessage())));
    }

    private void tell() {
        if (!telling) {
            telling = true;
            Platform.runLater(() -> {
                telling = false;
                List.copyOf(watchers).forEach(Runnable::run);
            });
        }
    }

    public void close() {
        desk.close();
        keeper.close();
    }
}
