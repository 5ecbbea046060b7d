package jurren.app.session;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import jurren.app.desk.Desk;
import jurren.app.keep.FaultLog;
import jurren.app.keep.Settings;
import jurren.app.keep.ShopFolder;
import jurren.app.theme.Texts;
import jurren.core.art.Motif;
import jurren.core.job.Job;
import jurren.core.job.Ledger;
import jurren.core.job.Line;
import jurren.core.job.Place;
import jurren.core.job.Progress;
import jurren.core.job.Shop;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.plan.SizePlan;
import jurren.formats.jobfile.JobDocument;
import jurren.formats.words.Changes;
import jurren.formats.words.DecimalSign;
import jurren.formats.words.HeatUnit;
import jurren.formats.words.LengthUnit;
import jurren.formats.words.Words;

/**
 * The state of one window: the document, the newest plan, the person's settings, what is said. Only the window's
 * thread touches it. Whoever shows something of it asks to be told of changes; several changes in one go are told once.
 */
public final class Session {
    private static final long QUIET_MS = 120;

    private final Path folder;
    private final Settings settings;
    private final Desk desk;
    private final Planning planning;
    private final JobFiles files;
    private final SnagDesk snags;
    private final NestDesk nests;
    private final ShelfDesk shelf;
    private final ShopDesk myShop = new ShopDesk(this);
    private final OwnDesk own = new OwnDesk(this);
    private final Notices notices;
    private final List<Runnable> watchers = new ArrayList<>();
    private Shop shop;
    private Document document;
    private Choice choice;
    private Bench bench = Bench.BLANK;
    private final EdgeLines edgeLines = new EdgeLines(this::line, this::tell);

    private boolean telling;
    private int opened;

    /**
     * @param planner may be shared with other windows
     * @param folder  where settings, unsaved work and the shop's own part are kept
     */
    public Session(Shop shop, JobDocument begin, Path folder, Planner planner) {
        this.shop = shop;
        this.folder = folder;
        this.settings = new Settings(folder);
        FaultLog.open(folder);
        // the name of an order may hold that of a file
        this.desk = new Desk(Platform::runLater, (_, why) -> FaultLog.caught("beside the window", why));
        this.notices = new Notices(this::tell, desk::isTellingFailure);
        settings.whenNotKept(e -> notices.trouble(Texts.of("settings.not-kept", Texts.reason(e))));
        this.planning = new Planning(
                planner, desk, this::planned, why -> notices.trouble(Texts.of("plan.failed", Texts.reason(why))));
        this.snags = new SnagDesk(this, planner);
        this.nests = new NestDesk(this, planner);
        this.shelf = new ShelfDesk(this);
        this.files = new JobFiles(this, folder);
        this.document = new Document(begin, Optional.empty());
        this.choice = new Choice(document::job);
    }

    /** From here on there are plans; before, the window has its first picture to draw. */
    public void begin() {
        planNow(0);
    }

    void begin(JobDocument newDocument, Optional<Path> from) {
        document = new Document(newDocument, from);
        opened++;
        choice = new Choice(document::job);
        edgeLines.clear();
        planning.forget();
        notices.clear();
        planNow(0);
        tell();
    }

    // ---- what there is

    public Shop shop() {
        return shop;
    }

    /** The shop with the things that the job brought along. */
    public Shop shopOfJob() {
        return shop.knowing(job().carried());
    }

    /** The shop changed: a blank was measured, or taken away. */
    public void useShop(Shop newShop) {
        shop = newShop;
        planning.shopChanged();
        planNow(0);
        tell();
    }

    public Job job() {
        return document.job();
    }

    /** The newest plan there is, which may lag behind the job by a moment; empty before the first. */
    public Optional<Plan> plan() {
        return planning.plan();
    }

    /** True when the plan belongs to the job as it is now. */
    public boolean isSettled() {
        return planning.isOf(job());
    }

    public Optional<LinePlan> linePlan() {
        int place = line().at();
        return plan().flatMap(p -> p.places(choice.lineId()).stream()
                .filter(l -> l.line().at() == place)
                .findFirst()
                .or(() -> p.line(choice.lineId())));
    }

    /** The open line on the size that is looked at. */
    public Optional<SizePlan> sizePlan() {
        return linePlan().map(l -> choice.shownSize().flatMap(l::size).orElseGet(l::drawn));
    }

    public Line line() {
        return choice.line();
    }

    /** Opens another line of the job. */
    public void openLine(String id) {
        choice.open(id);
        tell();
    }

    /** Opens another place of the open line. */
    public void openPlace(int place) {
        choice.openPlace(place);
        tell();
    }

    /** One place more on the open line's thing, with nothing on it yet; it is open then. */
    public void addPlace(String faceId) {
        linePlan().ifPresent(plan -> {
            editLine(l -> l.withPlace(Place.of(faceId, l.materialId())));
            openPlace(job().line(line().id()).orElseThrow().places().size() - 1);
        });
    }

    /** The open place is not decorated any more. */
    public void removePlace() {
        editLine(Line::withoutPlace);
    }

    /** Opens a line at one of its places, on a size where that matters. */
    void open(String lineId, int place, Optional<String> size) {
        if (!line().id().equals(lineId)) {
            choice.open(lineId);
        }
        choice.openPlace(place);
        size.ifPresent(choice::showSize);
        tell();
    }

    /** What mends the snags of the newest plan. */
    public SnagDesk snags() {
        return snags;
    }

    /** What looks for tighter layouts. */
    public NestDesk nests() {
        return nests;
    }

    /** The things and starts of the person's own. */
    public OwnDesk own() {
        return own;
    }

    public ShopDesk myShop() {
        return myShop;
    }

    public ShelfDesk shelf() {
        return shelf;
    }

    /** Something of what is shown changed that is no fact. */
    public void nudge() {
        tell();
    }

    /** The motif that is chosen alone. */
    public Optional<Motif> motif() {
        List<Motif> chosen = choice.chosen();
        return chosen.size() == 1 ? Optional.of(chosen.getFirst()) : Optional.empty();
    }

    /** All motifs that are chosen, from the bottom up. */
    public List<Motif> chosen() {
        return choice.chosen();
    }

    public Bench bench() {
        return bench;
    }

    public Settings settings() {
        return settings;
    }

    public LengthUnit unit() {
        return settings.units().length();
    }

    public Words words() {
        return new Words(settings.units());
    }

    public Desk desk() {
        return desk;
    }

    public EdgeLines edgeLines() {
        return edgeLines;
    }

    public boolean canUndo() {
        return document.history().canUndo();
    }

    public boolean canRedo() {
        return document.history().canRedo();
    }

    /** What undoing takes back, in words. */
    public Optional<String> undoes() {
        return document.history().before().map(before -> new Changes(unit()).between(before, job()));
    }

    /** What doing again brings back. */
    public Optional<String> redoes() {
        return document.history().after().map(after -> new Changes(unit()).between(job(), after));
    }

    /** The size the art is drawn for can be changed by hand; the others follow it. */
    public boolean showsDrawnSize() {
        return choice.shownSize().isEmpty() || choice.shownSize().get().equals(line().drawnFor());
    }

    // ---- what can be done to it

    public void edit(Job next) {
        edit(next, null);
    }

    /** @param gesture edits with the same gesture, one after the other, are undone as one */
    public void edit(Job next, Object gesture) {
        Optional<Job.Limit> beyond = job().beyond().isPresent() ? Optional.empty() : next.beyond();
        if (beyond.isPresent()) {
            notices.say(Texts.of(
                    "job.beyond." + beyond.get().name().toLowerCase(Locale.ROOT),
                    beyond.get().most()));
        } else if (!next.equals(job())) {
            document.history().edit(next.carrying(shopOfJob()), gesture);
            changed(gesture != null);
        }
    }

    public void editLine(UnaryOperator<Line> change) {
        editLine(change, null);
    }

    public void editLine(UnaryOperator<Line> change, Object gesture) {
        int place = line().at();
        edit(job().withLine(line().id(), l -> change.apply(l.at(place)).filmsFollowing(l.at(place))), gesture);
    }

    public void editMotif(UnaryOperator<Motif> change) {
        editMotif(change, null);
    }

    public void editMotif(UnaryOperator<Motif> change, Object gesture) {
        motif().ifPresent(m -> editLine(l -> l.withMotif(m.id(), change), gesture));
    }

    /** Every chosen motif changed. */
    public void editChosen(UnaryOperator<Motif> change, Object gesture) {
        List<Motif> chosen = choice.chosen();
        editLine(
                l -> l.withMotifs(l.motifs().stream()
                        .map(m -> chosen.contains(m) ? change.apply(m) : m)
                        .toList()),
                gesture);
    }

    /** These motifs as they are given; the others stay. */
    public void putMotifs(List<Motif> changed, Object gesture) {
        editLine(
                l -> l.withMotifs(l.motifs().stream()
                        .map(m -> changed.stream()
                                .filter(c -> c.id().equals(m.id()))
                                .findFirst()
                                .orElse(m))
                        .toList()),
                gesture);
    }

    /** Something of the job was made. */
    public void editMade(UnaryOperator<Progress> change) {
        edit(job().withMade(change.apply(job().made())));
    }

    /** Something happened that no undo takes back; it is kept at once. */
    public void record(Ledger.Entry entry, UnaryOperator<Job> fact) {
        document.record(entry, fact);
        choice.heedWhatIsGone();
        planNow(0);
        files.keptSafe();
        tell();
    }

    /** What really happened to the film of this job. */
    public Ledger ledger() {
        return document.ledger();
    }

    public void undo() {
        undoes().ifPresent(what -> {
            document.history().undo();
            changed(false);
            notices.say(Texts.of("undo.undone", what));
        });
    }

    public void redo() {
        redoes().ifPresent(what -> {
            document.history().redo();
            changed(false);
            notices.say(Texts.of("undo.redone", what));
        });
    }

    private void changed(boolean inGesture) {
        choice.heedWhatIsGone();
        planNow(inGesture ? QUIET_MS : 0);
        files.changed();
        tell();
    }

    public void show(Bench newBench) {
        bench = newBench;
        settings.put("bench", newBench.name());
        tell();
    }

    /** The bench of that name, as it was remembered; any other name changes nothing. */
    public void openBench(String name) {
        Bench.named(name).ifPresent(b -> bench = b);
    }

    public void show(LengthUnit newUnit) {
        settings.choose(newUnit);
        tell();
    }

    public void show(HeatUnit newUnit) {
        settings.choose(newUnit);
        tell();
    }

    public void show(DecimalSign sign) {
        settings.choose(sign);
        sign.use();
        tell();
    }

    public void showText(int px) {
        settings.chooseText(px);
        tell();
    }

    public void showSize(String size) {
        choice.showSize(size);
        tell();
    }

    public void choose(Optional<String> newMotifId) {
        chooseAll(newMotifId.map(List::of).orElse(List.of()));
    }

    public void chooseAll(List<String> motifIds) {
        choice.choose(motifIds);
        tell();
    }

    // ---- what is said

    public Notices notices() {
        return notices;
    }

    /** Where settings, unsaved work and the shop's own part are kept. */
    public Path stateFolder() {
        return folder;
    }

    /** The file behind it. */
    public JobFiles files() {
        return files;
    }

    /** How many jobs were opened here, after the first. */
    public int opened() {
        return opened;
    }

    Document current() {
        return document;
    }

    // ---- the shop's own part

    /** The person's own part of the shop. */
    public ShopFolder shopFolder() {
        return new ShopFolder(folder);
    }

    // ---- planning and telling

    private void planNow(long quietMs) {
        planning.want(job(), shop, quietMs);
    }

    private void planned(Plan newPlan) {
        snags.planned(newPlan);
        nests.planned(newPlan);
        shelf.promise();
        tell();
    }

    /** Told once, when the job as it is now is planned. */
    public void whenPlanned(Consumer<Plan> then) {
        if (isSettled()) {
            plan().ifPresent(then);
        } else {
            planning.whenPlanned(then);
        }
    }

    public void watch(Runnable watcher) {
        watchers.add(watcher);
    }

    public void unwatch(Runnable watcher) {
        watchers.remove(watcher);
    }

    /** How many are told of changes. */
    public int watcherCount() {
        return watchers.size();
    }

    void tell() {
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
    }
}
