package jurren.app.session;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.theme.Texts;
import jurren.core.cure.Change;
import jurren.core.cure.Cure;
import jurren.core.cure.Mender;
import jurren.core.cure.Remedies;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;

/**
 * What mends the snags of the newest plan: looked for beside the window once nothing was edited for a moment, shown
 * before it is done, done as one edit. It also knows which snag the person is pointed to.
 */
public final class SnagDesk {
    private static final long QUIET_MS = 150;
    /** The work goes on without it. */
    private static final String NOBODYS_WAIT = "";

    private final Session session;
    private final Planner planner;
    private final Lane looking;
    private final Lane showing;
    private final Lane mending;
    private Plan of;
    private Remedies remedies = Remedies.NONE;
    private Cure shown;
    /** Who asks to see which cure, the latest last: a pointer over one, the keyboard on another. */
    private final LinkedHashMap<Object, Cure> asked = new LinkedHashMap<>();

    private Change change;
    private Snag pointed;
    private int times;

    SnagDesk(Session session, Planner planner) {
        this.session = session;
        this.planner = planner;
        this.looking = session.desk().lane();
        this.showing = session.desk().lane();
        this.mending = session.desk().lane();
    }

    /** There is another plan: what was known of the last one is forgotten. */
    void planned(Plan plan) {
        looking.stop();
        forget();
        of = plan;
        remedies = Remedies.NONE;
        if (!plan.snags().isEmpty()) {
            looking.want(new Order<>(
                    NOBODYS_WAIT,
                    _ -> {
                        TimeUnit.MILLISECONDS.sleep(QUIET_MS);
                        return Remedies.of(plan, planner);
                    },
                    found -> {
                        remedies = found;
                        session.tell();
                    },
                    this::failed));
        }
    }

    private void failed(Throwable why) {
        session.notices().trouble(Texts.of("work.failed", Texts.reason(why)));
    }

    /** The cures of a snag, none while they are looked for. */
    public List<Cure> cures(Snag snag) {
        return session.plan().filter(p -> p == of).map(_ -> remedies.of(snag)).orElse(List.of());
    }

    public Remedies remedies() {
        return remedies;
    }

    // ---- before it is done

    /** Shows what a cure would change, until whoever asked for it asks no more. */
    public void show(Object by, Cure cure) {
        asked.remove(by);
        asked.put(by, cure);
        showLast();
    }

    /** Nobody is pointed to it any more; what somebody else still asks for is shown instead. */
    public void hide(Object by) {
        if (asked.remove(by) != null) {
            showLast();
        }
    }

    private void showLast() {
        Cure cure = asked.isEmpty() ? null : asked.lastEntry().getValue();
        if (Objects.equals(cure, shown)) {
            return;
        }
        showing.stop();
        shown = cure;
        change = null;
        session.tell();
        if (cure != null) {
            Plan plan = of;
            showing.want(new Order<>(
                    NOBODYS_WAIT,
                    _ -> new Mender(planner).change(plan, cure),
                    found -> {
                        if (cure.equals(shown)) {
                            change = found.orElse(null);
                            session.tell();
                        }
                    },
                    this::failed));
        }
    }

    private void forget() {
        asked.clear();
        showLast();
    }

    /** What the cure that is shown changes, on the open place and the size its snag is on. */
    public Optional<Change> change() {
        return Optional.ofNullable(change)
                .filter(_ -> shown.snag().line().equals(session.line().id())
                        && session.plan()
                                .map(p -> p.found().getOrDefault(shown.snag(), 0)
                                        == session.line().at())
                                .orElse(false));
    }

    // ---- done

    /** One edit; nothing when the job was changed since. */
    public void take(Cure cure) {
        if (session.plan().filter(p -> p == of).isPresent() && session.isSettled()) {
            forget();
            session.edit(cure.job());
        }
    }

    /** All snags of a kind, each in its mildest way, as one edit. */
    public void takeAll(Class<? extends Snag> kind) {
        Plan plan = of;
        mending.want(new Order<>(
                Texts.of("work.mending"),
                _ -> new Mender(planner).mendAll(plan, kind),
                mended -> {
                    if (session.isSettled()
                            && session.plan().filter(p -> p == plan).isPresent()) {
                        session.edit(mended.job());
                    }
                },
                this::failed));
    }

    // ---- where it is

    /** Opens the line, place and size of a snag and points to it; on which bench, the window knows. */
    public void point(Snag snag) {
        pointed = snag;
        times++;
        session.plan()
                .flatMap(p -> p.line(snag))
                .ifPresent(l -> session.open(l.line().id(), l.line().at(), snag.size()));
        session.tell();
    }

    /** The snag that was last pointed to, while it is there. */
    public Optional<Snag> pointed() {
        return Optional.ofNullable(pointed)
                .filter(s -> session.plan().map(p -> p.found().containsKey(s)).orElse(false));
    }

    /** How often something was pointed to. */
    public int times() {
        return times;
    }

    /** The snag after the one that is pointed to, or before it; round and round. */
    public Optional<Snag> next(int step) {
        List<Snag> all = session.plan().map(Plan::snags).orElse(List.of());
        if (all.isEmpty()) {
            return Optional.empty();
        }
        int at = pointed().map(all::indexOf).orElse(step > 0 ? -1 : 0);
        return Optional.of(all.get(Math.floorMod(at + step, all.size())));
    }
}
