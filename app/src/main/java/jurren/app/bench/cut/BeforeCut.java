package jurren.app.bench.cut;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import jurren.app.cutter.Asked;
import jurren.app.cutter.CutRecorder;
import jurren.app.cutter.CutTalk;
import jurren.app.session.AskFor;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.cut.CutRun;
import jurren.core.cut.OffcutFit;
import jurren.core.cut.PrintMarks;
import jurren.core.cut.SheetFit;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.load.Connection;
import jurren.core.load.Offcut;

/**
 * What is looked at before the knife goes down: how wide the film in the cutter is, where the marks of a printed sheet
 * lie, where on the bed the film begins. A load follows what was found; what cannot be is said, and nothing is cut.
 */
public final class BeforeCut {
    private static final double PERCENT = 100;

    private final Session session;
    private final CutTalk talk;
    private final List<Runnable> watchers = new ArrayList<>();
    /** By the mark of a load: another cut is looked at anew. */
    private final Map<String, SheetFit.Outcome> outcomes = new HashMap<>();

    private final Set<String> straight = new HashSet<>();
    /** Those that a cut went by already. */
    private final Set<String> followed = new HashSet<>();

    private final CutRecorder recorder;
    private Point begins = Point.ORIGIN;

    public BeforeCut(Session session, CutTalk talk, CutRecorder recorder) {
        this.session = session;
        this.talk = talk;
        this.recorder = recorder;
    }

    CutRecorder recorder() {
        return recorder;
    }

    public CutTalk talk() {
        return talk;
    }

    void watch(Runnable watcher) {
        watchers.add(watcher);
    }

    void unwatch(Runnable watcher) {
        watchers.remove(watcher);
    }

    private void changed() {
        List.copyOf(watchers).forEach(Runnable::run);
    }

    /** Where the film's start corner lies on the bed. */
    public Point begins() {
        return begins;
    }

    /** Where a load begins: where a person said, or else behind what was tried or half cut on its film. */
    Point begins(CutRun run) {
        return begins.equals(Point.ORIGIN) ? new Point(recorder.behindMm(run), 0) : begins;
    }

    public void begin(Point at) {
        begins = at;
        changed();
    }

    private boolean isPrinted(CutRun run) {
        return !PrintMarks.of(run.load()).isEmpty() && !straight.contains(run.mark());
    }

    /** Looks first, where the cutter can and there is something to see, then cuts. */
    void cut(CutRun run) {
        boolean follows = isPrinted(run);
        boolean answers = run.cutter().reach().kind() != Connection.Kind.FOLDER;
        if (follows && outcomes.get(run.mark()) instanceof SheetFit.Outcome.Fits && !followed.contains(run.mark())) {
            cutWhereItLies(run);
        } else if (follows && !finds(run)) {
            session.notices()
                    .trouble(Texts.of(
                            answers ? "marks.first" : "marks.folder",
                            run.cutter().name()));
        } else if (!run.load().stock().comesOffRoll()
                && outcomes.get(run.mark()) instanceof SheetFit.Outcome.Refused r
                && r.why() == SheetFit.Doubt.OTHER_CORNER) {
            // it lies somewhere, and nobody knows where
            session.notices().trouble(words(r));
        } else if (follows
                || answers && run.cutter().senses().width() && !run.load().isOnMat(run.cutter())) {
            talk.look(run, asked -> {
                if (take(run, asked)) {
                    cutWhereItLies(run);
                }
            });
        } else {
            cutWhereItLies(run);
        }
    }

    private void cutWhereItLies(CutRun run) {
        Placement onto = found(run)
                .orElseGet(() -> Placement.moved(begins(run).xMm(), begins(run).yMm()));
        CutRun placed = run.placed(onto);
        double beyond = placed.beyondMm();
        if (beyond > 0) {
            refuse(run, new SheetFit.Outcome.Refused(SheetFit.Doubt.BEYOND, beyond, 0));
        } else {
            // the next sheet lies elsewhere
            followed.add(run.mark());
            talk.start(placed);
        }
    }

    private static boolean finds(CutRun run) {
        return run.cutter().senses().marks() && run.cutter().reach().kind() != Connection.Kind.FOLDER;
    }

    /** What the cutter said; true when the load can be cut. */
    private boolean take(CutRun run, Asked asked) {
        Optional<SheetFit.Outcome.Refused> narrow =
                asked.widthMm().isPresent() && !run.load().isOnMat(run.cutter())
                        ? SheetFit.narrow(run, asked.widthMm().getAsDouble())
                        : Optional.empty();
        if (narrow.isPresent()) {
            refuse(run, narrow.get());
            return false;
        }
        return !isPrinted(run) || fits(run, asked.marks());
    }

    /** The marks were found there, by the cutter or by a person. */
    public boolean fits(CutRun run, List<Point> marks) {
        SheetFit.Outcome outcome = SheetFit.of(PrintMarks.of(run.load()), marks);
        if (outcome instanceof SheetFit.Outcome.Fits f) {
            outcome = f.fit().reaches(run);
        }
        outcomes.put(run.mark(), outcome);
        followed.remove(run.mark());
        if (outcome instanceof SheetFit.Outcome.Refused r) {
            refuse(run, r);
        }
        changed();
        return outcome instanceof SheetFit.Outcome.Fits;
    }

    /** Two corners of an offcut were found there. */
    public boolean lies(CutRun run, List<Point> corners) {
        SheetFit.Outcome outcome =
                OffcutFit.of(OffcutFit.corners((Offcut) run.load().stock()), corners);
        if (outcome instanceof SheetFit.Outcome.Fits f) {
            outcome = f.fit().reaches(run);
        }
        outcomes.put(run.mark(), outcome);
        if (outcome instanceof SheetFit.Outcome.Refused r) {
            session.notices().trouble(words(r));
        }
        changed();
        return outcome instanceof SheetFit.Outcome.Fits;
    }

    /** Where it was found to lie; nowhere else than planned where nobody looked. */
    private Optional<Placement> found(CutRun run) {
        boolean isLookedFor = isPrinted(run) || !run.load().stock().comesOffRoll();
        return isLookedFor && outcomes.get(run.mark()) instanceof SheetFit.Outcome.Fits f
                ? Optional.of(f.fit().placement())
                : Optional.empty();
    }

    private void refuse(CutRun run, SheetFit.Outcome.Refused why) {
        outcomes.put(run.mark(), why);
        if (!isPrinted(run)) {
            session.notices().trouble(words(why));
        }
        changed();
    }

    private String words(SheetFit.Outcome.Refused r) {
        return switch (r.why()) {
            case MISSING, TOO_TURNED, STRETCHED, LEANING -> Texts.of("marks.refused." + r.why(), r.was(), r.most());
            case TOO_FAR, DISAGREE, BEYOND, NARROW, OTHER_CORNER ->
                Texts.of(
                        "marks.refused." + r.why(),
                        session.unit().format(r.was()),
                        session.unit().format(r.most()));
        };
    }

    /** Of a load that was printed; nothing of any other. */
    List<Node> rows(CutRun run, Node source) {
        if (!run.load().stock().comesOffRoll() && PrintMarks.of(run.load()).isEmpty()) {
            return offcut(run, source);
        }
        if (PrintMarks.of(run.load()).isEmpty()) {
            return List.of();
        }
        boolean finds = finds(run);
        List<Node> rows = new ArrayList<>(List.of(Controls.caption(Texts.of("marks.on-sheet"))));
        SheetFit.Outcome outcome = outcomes.get(run.mark());
        boolean as = straight.contains(run.mark());
        rows.add(Controls.label(
                as
                        ? Texts.of("marks.straight-said")
                        : switch (outcome) {
                            case SheetFit.Outcome.Fits f -> says(f.fit());
                            case SheetFit.Outcome.Refused r -> words(r);
                            case null ->
                                Texts.of(
                                        finds ? "marks.todo" : "marks.cannot",
                                        run.cutter().name());
                        },
                !as && outcome instanceof SheetFit.Outcome.Refused ? "wrong" : "means"));
        boolean looking = talk.state() == CutTalk.State.LOOKING;
        var find = Controls.button(
                "marks-find",
                Texts.of(looking ? "marks.stop" : "marks.find"),
                () -> {
                    if (talk.state() == CutTalk.State.LOOKING) {
                        talk.stopLooking();
                    } else {
                        talk.look(run, asked -> take(run, asked));
                    }
                },
                "small");
        var show = Controls.button(
                "marks-show",
                Texts.of("marks.show"),
                () -> source.fireEvent(new AskFor(
                        AskFor.What.SHOW_MARKS, String.valueOf(run.load().order()))),
                "small");
        find.setDisable(!finds || as || talk.isBusy());
        show.setDisable(as || looking || talk.isBusy() || run.cutter().reach().kind() == Connection.Kind.FOLDER);
        rows.add(finds ? Controls.flow(find, show) : Controls.flow(show));
        CheckBox lies = new CheckBox(Texts.of("marks.straight"));
        lies.setId("marks-straight");
        lies.setWrapText(true);
        lies.setSelected(as);
        lies.setDisable(talk.isBusy() || looking);
        lies.setOnAction(_ -> {
            if (lies.isSelected()) {
                straight.add(run.mark());
            } else {
                straight.remove(run.mark());
            }
            changed();
        });
        rows.add(lies);
        return rows;
    }

    /** It lies as the paper guide puts it, or where two of its corners were found. */
    private List<Node> offcut(CutRun run, Node source) {
        SheetFit.Outcome outcome = outcomes.get(run.mark());
        List<Node> rows = new ArrayList<>(List.of(
                Controls.caption(Texts.of("offcut.lies")),
                Controls.label(
                        switch (outcome) {
                            case SheetFit.Outcome.Fits f ->
                                Texts.of(
                                        "offcut.found",
                                        session.unit()
                                                .format(Math.hypot(
                                                        f.fit().alongMm(),
                                                        f.fit().acrossMm())),
                                        f.fit().degrees());
                            case SheetFit.Outcome.Refused r -> words(r);
                            case null -> Texts.of("offcut.by-guide");
                        },
                        outcome instanceof SheetFit.Outcome.Refused ? "wrong" : "means")));
        var show = Controls.button(
                "offcut-show",
                Texts.of("offcut.show"),
                () -> source.fireEvent(new AskFor(
                        AskFor.What.SHOW_OFFCUT, String.valueOf(run.load().order()))),
                "small");
        show.setDisable(talk.isBusy() || run.cutter().reach().kind() == Connection.Kind.FOLDER);
        var guide = Controls.button(
                "offcut-as-guided",
                Texts.of("offcut.as-guided"),
                () -> {
                    outcomes.remove(run.mark());
                    changed();
                },
                "small");
        guide.setDisable(outcome == null || talk.isBusy());
        rows.add(Controls.flow(show, guide));
        return rows;
    }

    /** Where the crosses of a printed load are: as found, or as printed. */
    List<Point> crosses(CutRun run) {
        Placement onto = isPrinted(run) && outcomes.get(run.mark()) instanceof SheetFit.Outcome.Fits f
                ? f.fit().placement()
                : Placement.HERE;
        return PrintMarks.of(run.load()).stream().map(onto::apply).toList();
    }

    private String says(SheetFit fit) {
        return Texts.of(
                "marks.fits",
                session.unit().format(Math.hypot(fit.alongMm(), fit.acrossMm())),
                Math.abs(fit.degrees()),
                PERCENT * (fit.along() - 1),
                PERCENT * (fit.across() - 1));
    }
}
