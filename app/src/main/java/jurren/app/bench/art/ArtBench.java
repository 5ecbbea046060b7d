package jurren.app.bench.art;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;
import jurren.app.bench.BenchLayout;
import jurren.app.bench.BenchView;
import jurren.app.bench.SnagCards;
import jurren.app.edgeview.EdgeView;
import jurren.app.face.FaceCanvas;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Guide;
import jurren.core.art.Motif;
import jurren.core.art.Snapping;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.plan.LinePlan;
import jurren.core.plan.Refit;
import jurren.core.snag.Snag;

/** The art on the cloth's own colour, at true size, on the size it is drawn for. */
public final class ArtBench implements BenchView {
    /** What the snags are about that are mended here. */
    public static final Set<Snag.Subject> MENDS = Set.of(Snag.Subject.ART);

    private static final double COLUMN = 262;
    private static final double GRAB_PX = 12;
    private static final double SNAP_PX = 7;
    private static final double NUDGE_MM = 1;
    private static final double LARGE_NUDGE_MM = 10;
    private static final double SMALL_NUDGE_MM = 0.1;

    /** The two looks. */
    enum Look {
        WORN,
        CUT
    }

    private final Session session;
    private final ArtActions actions;
    private final EdgeView edge;
    private final FaceCanvas canvas;
    private final ArtPicture picture;
    private final Controls.Segments<Look> looks;
    private final ChainPanel chain;
    private final PlacePanel place;
    private final MotifList list;
    private final VBox snags = new VBox();
    private final Node node;
    private Look look = Look.WORN;
    private Optional<Gesture> gesture = Optional.empty();
    private Object gestureId = new Object();
    private boolean draggingEdge;
    private Optional<Box> frame = Optional.empty();
    private Point frameStart = new Point(0, 0);
    private List<Snapping.Guide> guides = List.of();
    private boolean peeking;
    /** Nothing holds what is moved. */
    private boolean freeHeld;

    private final Refit refit = new Refit();
    private final DrawnLine drawn;
    private final GuideScale scale;
    private final MarksDesk marks;
    private final ArrangeCard arrange;
    private final MarksCard marksCard;
    private final FilmsCard films;
    private final StartList starts;

    public ArtBench(Session session, ArtActions actions) {
        this.session = session;
        this.actions = actions;
        this.edge = new EdgeView(session);
        this.picture = new ArtPicture(session);
        this.drawn = new DrawnLine(actions);
        this.marks = new MarksDesk(session);
        this.arrange = new ArrangeCard(session, actions);
        this.marksCard = new MarksCard(session, marks);
        this.starts = new StartList(session);
        this.films = new FilmsCard(session);
        this.canvas =
                new FaceCanvas(Texts.of("art.picture"), 14, this::area, pen -> picture.draw(pen, scene(), canvas()));
        this.looks = Controls.segments("look", List.of(Look.values()), l -> Texts.of("art.look." + l), this::setLook);
        this.scale = new GuideScale(session);
        this.chain = new ChainPanel(session, actions, scale);
        this.place = new PlacePanel(session);
        this.list = new MotifList(session, actions, drawn, canvas::requestFocus);
        looks.show(look);
        snags.getStyleClass().add("cards");
        canvas.addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        canvas.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        canvas.addEventHandler(MouseEvent.MOUSE_RELEASED, this::release);
        canvas.addEventHandler(MouseEvent.MOUSE_MOVED, this::hover);
        canvas.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        canvas.addEventHandler(KeyEvent.KEY_RELEASED, e -> {
            if (e.getCode() == KeyCode.X) {
                peek(false);
            } else if (e.getCode() == KeyCode.CONTROL) {
                freeHeld = false;
            }
        });
        canvas.focusedProperty().addListener((_, _, _) -> peek(false));
        marks.onDone(() -> {
            marksCard.update(look() == Look.CUT);
            canvas.redraw();
        });
        drawn.onChange(canvas::redraw);
        this.node = BenchLayout.of(
                canvas,
                new VBox(
                        snags,
                        marksCard.node(),
                        list.node(),
                        arrange.node(),
                        films.node(),
                        chain.node(),
                        place.node(),
                        starts.node()),
                COLUMN,
                edge);
    }

    private FaceCanvas canvas() {
        return canvas;
    }

    private void setLook(Look newLook) {
        look = newLook;
        update();
    }

    private ArtPicture.Scene scene() {
        return new ArtPicture.Scene(
                look(),
                look() == Look.CUT ? marks.found() : List.of(),
                look() == Look.CUT ? marks.piece() : Optional.empty(),
                guides,
                frame,
                scale.points().isEmpty() ? drawn.stops() : scale.points(),
                drawn.pen());
    }

    /** The area, and whatever of the art lies outside it. */
    private Box area() {
        return session.linePlan()
                .map(p -> {
                    Box area = p.drawn().area().box();
                    return p.drawn().artBounds().map(area::joined).orElse(area).grown(12);
                })
                .orElse(Box.ofSize(-150, 0, 300, 400));
    }

    // ---- pointer

    private void press(MouseEvent e) {
        if (canvas.isPanning(e) || session.linePlan().isEmpty()) {
            return;
        }
        Point p = canvas.view().toMm(e.getX(), e.getY());
        gestureId = new Object();
        canvas.holdView(true);
        LinePlan plan = session.linePlan().get();
        draggingEdge = false;
        frame = Optional.empty();
        guides = List.of();
        if (scale.isOn()) {
            scale.add(p);
            chain.update();
            canvas.redraw();
            return;
        }
        if (drawn.isOn()) {
            drawn.add(p, e.getClickCount());
            canvas.redraw();
            return;
        }
        gesture = handleAt(plan, p);
        if (gesture.isEmpty()) {
            pressOn(plan, p, e);
        }
    }

    /** A motif and its group, one more or one less of them, the edge line, or a frame around several. */
    private void pressOn(LinePlan plan, Point p, MouseEvent e) {
        Optional<Motif> hit = motifAt(plan, p);
        if (hit.isEmpty() && nearEdgeLine(plan, p)) {
            draggingEdge = true;
            return;
        }
        if (hit.isEmpty()) {
            if (!e.isShiftDown()) {
                session.choose(Optional.empty());
            }
            frameStart = p;
            frame = Optional.of(new Box(p.xMm(), p.yMm(), p.xMm(), p.yMm()));
            return;
        }
        List<String> chosen = actions.chosenWith(hit.get(), e.isShiftDown(), e.getClickCount() > 1);
        session.chooseAll(chosen);
        List<Motif> moving = session.line().motifs().stream()
                .filter(m -> chosen.contains(m.id()) && !m.standing().locked())
                .toList();
        gesture = moving.isEmpty() || !chosen.contains(hit.get().id())
                ? Optional.empty()
                : Optional.of(
                        new Gesture.Move(moving, Handles.around(plan, moving), p, Optional.of(snapping(plan, moving))));
    }

    private Snapping snapping(LinePlan plan, List<Motif> moving) {
        List<Box> others = session.line().motifs().stream()
                .filter(m -> !moving.contains(m) && !m.isHidden())
                .flatMap(m -> Handles.box(plan, m).stream())
                .toList();
        return new Snapping(
                plan.drawn().area().box(), others, SNAP_PX / canvas.view().pxPerMm());
    }

    private void drag(MouseEvent e) {
        Point p = canvas.view().toMm(e.getX(), e.getY());
        if (draggingEdge) {
            Box area = session.linePlan().orElseThrow().drawn().area().box();
            session.edgeLines()
                    .drag(
                            e.isShiftDown()
                                    ? session.edgeLines().now().towards(p, area)
                                    : session.edgeLines().now().through(p, area));
        } else if (frame.isPresent()) {
            frame = Optional.of(new Box(
                    Math.min(frameStart.xMm(), p.xMm()),
                    Math.min(frameStart.yMm(), p.yMm()),
                    Math.max(frameStart.xMm(), p.xMm()),
                    Math.max(frameStart.yMm(), p.yMm())));
            canvas.redraw();
        } else if (!canvas.isPanning(e)) {
            gesture.ifPresent(g -> {
                Gesture now = (e.isShortcutDown() || freeHeld) && g instanceof Gesture.Move m ? m.free() : g;
                guides = now.guides(p);
                session.putMotifs(now.to(p), gestureId);
            });
        }
    }

    private void release(MouseEvent e) {
        frame.ifPresent(f -> session.linePlan().ifPresent(plan -> {
            if (f.widthMm() > 0 || f.heightMm() > 0) {
                actions.chooseInside(plan, f, e.isShiftDown());
            }
        }));
        frame = Optional.empty();
        gesture = Optional.empty();
        guides = List.of();
        draggingEdge = false;
        canvas.holdView(false);
    }

    private void hover(MouseEvent e) {
        if (session.linePlan().isEmpty()) {
            return;
        }
        Point p = canvas.view().toMm(e.getX(), e.getY());
        LinePlan plan = session.linePlan().get();
        Optional<Gesture> handle = handleAt(plan, p);
        canvas.setCursor(
                drawn.isOn() || scale.isOn()
                        ? Cursor.CROSSHAIR
                        : handle.isPresent()
                                ? handle.get() instanceof Gesture.Turn ? Cursor.CROSSHAIR : Cursor.SE_RESIZE
                                : motifAt(plan, p).isPresent()
                                        ? Cursor.MOVE
                                        : nearEdgeLine(plan, p) ? Cursor.V_RESIZE : Cursor.DEFAULT);
    }

    private boolean nearEdgeLine(LinePlan plan, Point p) {
        return session.edgeLines().now().distanceMm(p, plan.drawn().area().box())
                < GRAB_PX / canvas.view().pxPerMm();
    }

    private Optional<Gesture> handleAt(LinePlan plan, Point p) {
        List<Motif> chosen = session.chosen().stream()
                .filter(m -> !m.standing().locked() && !(m.source() instanceof Guide))
                .toList();
        Optional<Handles> found = Handles.of(plan, chosen, canvas.view().pxPerMm());
        if (found.isEmpty()) {
            return Optional.empty();
        }
        double reach = GRAB_PX / canvas.view().pxPerMm();
        Handles handles = found.get();
        if (handles.turn().distanceMm(p) < reach) {
            return Optional.of(new Gesture.Turn(chosen, handles.middle(), p));
        }
        for (int i = 0; i < handles.corners().size(); i++) {
            Point corner = handles.corners().get(i);
            Point fixed = handles.corners().get((i + 2) % 4);
            if (corner.distanceMm(p) < reach) {
                return Optional.of(
                        chosen.size() == 1
                                ? new Gesture.Scale(
                                        chosen.getFirst(),
                                        plan.motifs().get(chosen.getFirst().id()),
                                        fixed,
                                        corner)
                                : new Gesture.ScaleAll(chosen, session.line().motifs(), refit, fixed, corner));
            }
        }
        return Optional.empty();
    }

    /** The topmost motif that is painted there, or whose box is there when nothing is. */
    private Optional<Motif> motifAt(LinePlan plan, Point p) {
        List<Motif> fromTop = session.line().motifs().reversed().stream()
                .filter(m -> !m.isHidden()
                        && !(m.source() instanceof Guide && m.standing().locked()))
                .toList();
        Optional<Motif> painted =
                fromTop.stream().filter(m -> covers(plan, m, p)).findFirst();
        return painted.isPresent()
                ? painted
                : fromTop.stream().filter(m -> boxCovers(plan, m, p)).findFirst();
    }

    private static boolean covers(LinePlan plan, Motif m, Point p) {
        BuiltMotif built = plan.motifs().get(m.id());
        Point own = m.pose().placement().inverse().apply(p);
        return built != null && built.paints().stream().anyMatch(c -> c.region().contains(own));
    }

    private static boolean boxCovers(LinePlan plan, Motif m, Point p) {
        BuiltMotif built = plan.motifs().get(m.id());
        Point own = m.pose().placement().inverse().apply(p);
        return built != null && Handles.own(plan, m).map(b -> b.contains(own)).orElse(false);
    }

    // ---- keyboard

    private void key(KeyEvent e) {
        double step = e.isShiftDown() ? LARGE_NUDGE_MM : e.isAltDown() ? SMALL_NUDGE_MM : NUDGE_MM;
        boolean taken = true;
        if (drawn.isOn() && drawKey(e, step)) {
            e.consume();
            return;
        }
        switch (e.getCode()) {
            case LEFT -> nudge(-step, 0);
            case RIGHT -> nudge(step, 0);
            case UP -> nudge(0, -step);
            case DOWN -> nudge(0, step);
            case DELETE, BACK_SPACE -> {
                if (!drawn.takeBack()) {
                    actions.remove();
                }
                canvas.redraw();
            }
            case ENTER -> drawn.finish();
            case ESCAPE -> {
                if (!drawn.stop() && !scale.stop()) {
                    session.choose(Optional.empty());
                }
                canvas.redraw();
            }
            case X -> peek(true);
            case CONTROL -> freeHeld = true;
            default -> taken = !e.isShortcutDown() && plainKey(e);
        }
        if (taken) {
            e.consume();
        }
    }

    /** While a line is drawn, arrows move the pen and Space puts a point. */
    private boolean drawKey(KeyEvent e, double step) {
        switch (e.getCode()) {
            case LEFT -> drawn.movePen(-step, 0);
            case RIGHT -> drawn.movePen(step, 0);
            case UP -> drawn.movePen(0, -step);
            case DOWN -> drawn.movePen(0, step);
            case SPACE -> drawn.putPoint();
            default -> {
                return false;
            }
        }
        return true;
    }

    private boolean plainKey(KeyEvent e) {
        switch (e.getCode()) {
            case N -> actions.chooseNext(e.isShiftDown());
            case A ->
                session.chooseAll(
                        session.line().motifs().stream().map(Motif::id).toList());
            case C -> actions.centre();
            case G -> actions.group();
            case U -> actions.ungroup();
            case L -> actions.lock();
            case H -> actions.hide();
            case PAGE_UP -> actions.shiftChosen(1);
            case PAGE_DOWN -> actions.shiftChosen(-1);
            default -> {
                return false;
            }
        }
        return true;
    }

    private void nudge(double dx, double dy) {
        session.editChosen(
                m -> m.standing().locked() ? m : m.withPose(m.pose().moved(dx, dy)),
                "nudge " + session.chosen().stream().map(Motif::id).toList());
    }

    /** The other look for as long as the key is held. */
    private void peek(boolean held) {
        if (peeking != held) {
            peeking = held;
            update();
        }
    }

    private Look look() {
        return peeking ? Look.values()[1 - look.ordinal()] : look;
    }

    @Override
    public Node node() {
        return node;
    }

    @Override
    public List<Node> controls() {
        return List.of(looks);
    }

    @Override
    public Optional<FaceCanvas> zoomable() {
        return Optional.of(canvas);
    }

    @Override
    public void update() {
        list.update();
        arrange.update();
        starts.refresh();
        chain.update();
        place.update();
        SnagCards.show(snags, session, SnagCards.of(session, MENDS));
        edge.update();
        if (look() == Look.CUT) {
            marks.want();
        }
        marksCard.update(look() == Look.CUT);
        films.update();
        canvas.redraw();
    }

    @Override
    public void close() {
        marks.close();
        edge.close();
    }
}
