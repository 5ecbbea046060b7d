package jurren.app.bench.art;

import jurren.app.bench.BenchLayout;
import jurren.app.bench.BenchView;
import jurren.app.bench.SnagCards;
import jurren.app.edgeview.EdgeView;
import jurren.app.face.FaceCanvas;
import jurren.app.session.EdgeLine;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Motif;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.plan.LinePlan;
import jurren.core.snag.Snag;
import java.util.List;
import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.VBox;

/** The art on the cloth's own colour, at true size, on the size it is drawn for. */
public final class ArtBench implements BenchView {
    private static final double COLUMN = 262;
    private static final double GRAB_PX = 12;
    private static final double NUDGE_MM = 1;
    private static final double LARGE_NUDGE_MM = 10;
    private static final double SMALL_NUDGE_MM = 0.1;

    /** The two looks. */
    enum Look {
        WORN, CUT
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

    public ArtBench(Session session, ArtActions actions) {
        this.session = session;
        this.actions = actions;
        this.edge = new EdgeView(session);
        this.picture = new ArtPicture(session);
        this.canvas = new FaceCanvas(Texts.of("art.picture"), 14, this::area, pen -> picture.draw(pen, look, canvas()));
        this.looks = Controls.segments("look", List.of(Look.values()), l -> Texts.of("art.look." + l), this::setLook);
        this.chain = new ChainPanel(session, actions);
        this.place = new PlacePanel(session);
        this.list = new MotifList(session, actions);
        looks.show(look);
        snags.getStyleClass().add("cards");
        canvas.addEventHandler(MouseEvent.MOUSE_PRESSED, this::press);
        canvas.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        canvas.addEventHandler(MouseEvent.MOUSE_RELEASED, this::release);
        canvas.addEventHandler(MouseEvent.MOUSE_MOVED, this::hover);
        canvas.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
        this.node = BenchLayout.of(canvas, new VBox(list.node(), chain.node(), place.node(), snags), COLUMN, edge);
    }

    private FaceCanvas canvas() {
        return canvas;
    }

    private void setLook(Look newLook) {
        look = newLook;
        canvas.redraw();
    }

    /** The area, and whatever of the art lies outside it. */
    private Box area() {
        return session.linePlan().map(p -> {
            Box area = p.drawn().area().box();
            return p.drawn().artBounds().map(area::joined).orElse(area).grown(12);
        }).orElse(Box.ofSize(-150, 0, 300, 400));
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
        gesture = handleAt(plan, p);
        if (gesture.isEmpty()) {
            Optional<Motif> hit = motifAt(plan, p);
            if (hit.isEmpty() && nearEdgeLine(plan, p)) {
                draggingEdge = true;
                return;
            }
            session.choose(hit.map(Motif::id));
            gesture = hit.map(m -> new Gesture.Move(m, p));
        }
    }

    private void drag(MouseEvent e) {
        Point p = canvas.view().toMm(e.getX(), e.getY());
        if (draggingEdge) {
            session.drag(EdgeLine.through(p, session.linePlan().orElseThrow().drawn().area().box()));
        } else if (!canvas.isPanning(e)) {
            gesture.ifPresent(g -> session.editMotif(_ -> g.to(p), gestureId));
        }
    }

    private void release(MouseEvent e) {
        gesture = Optional.empty();
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
        canvas.setCursor(handle.isPresent() ? handle.get() instanceof Gesture.Turn ? Cursor.CROSSHAIR : Cursor.SE_RESIZE
                : motifAt(plan, p).isPresent() ? Cursor.MOVE
                : nearEdgeLine(plan, p) ? Cursor.V_RESIZE : Cursor.DEFAULT);
    }

    private boolean nearEdgeLine(LinePlan plan, Point p) {
        return Math.abs(p.yMm() - session.edgeLine().yMm(plan.drawn().area().box())) < GRAB_PX / canvas.view().pxPerMm();
    }

    private Optional<Gesture> handleAt(LinePlan plan, Point p) {
        Optional<Motif> chosen = session.motif();
        if (chosen.isEmpty()) {
            return Optional.empty();
        }
        Motif m = chosen.get();
        BuiltMotif built = plan.motifs().get(m.id());
        if (built == null || built.bounds().isEmpty()) {
            return Optional.empty();
        }
        double reach = GRAB_PX / canvas.view().pxPerMm();
        Handles handles = Handles.of(m, built, canvas.view().pxPerMm());
        if (handles.turn().distanceMm(p) < reach) {
            return Optional.of(new Gesture.Turn(m, handles.middle(), p));
        }
        for (int i = 0; i < handles.corners().size(); i++) {
            if (handles.corners().get(i).distanceMm(p) < reach) {
                return Optional.of(new Gesture.Scale(m, built, handles.corners().get((i + 2) % 4), handles.corners().get(i)));
            }
        }
        return Optional.empty();
    }

    /** The topmost motif that is painted there, or whose box is there when nothing is. */
    private Optional<Motif> motifAt(LinePlan plan, Point p) {
        List<Motif> fromTop = session.line().motifs().reversed();
        Optional<Motif> painted = fromTop.stream().filter(m -> covers(plan, m, p)).findFirst();
        return painted.isPresent() ? painted : fromTop.stream().filter(m -> boxCovers(plan, m, p)).findFirst();
    }

    private static boolean covers(LinePlan plan, Motif m, Point p) {
        BuiltMotif built = plan.motifs().get(m.id());
        Point own = m.pose().placement().inverse().apply(p);
        return built != null && built.paints().stream().anyMatch(c -> c.region().contains(own));
    }

    private static boolean boxCovers(LinePlan plan, Motif m, Point p) {
        BuiltMotif built = plan.motifs().get(m.id());
        Point own = m.pose().placement().inverse().apply(p);
        return built != null && built.bounds().map(b -> b.contains(own)).orElse(false);
    }

    // ---- keyboard

    private void key(KeyEvent e) {
        double step = e.isShiftDown() ? LARGE_NUDGE_MM : e.isAltDown() ? SMALL_NUDGE_MM : NUDGE_MM;
        boolean taken = true;
        switch (e.getCode()) {
            case LEFT -> nudge(-step, 0);
            case RIGHT -> nudge(step, 0);
            case UP -> nudge(0, -step);
            case DOWN -> nudge(0, step);
            case DELETE, BACK_SPACE -> actions.remove();
            case ESCAPE -> session.choose(Optional.empty());
            case N -> actions.chooseNext();
            case C -> {
                taken = !e.isShortcutDown();
                if (taken) {
                    actions.centre();
                }
            }
            default -> taken = false;
        }
        if (taken) {
            e.consume();
        }
    }

    private void nudge(double dx, double dy) {
        session.editMotif(m -> m.withPose(m.pose().moved(dx, dy)), "nudge " + session.motif().map(Motif::id));
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
        chain.update();
        place.update();
        SnagCards.show(snags, session, SnagCards.of(session, Snag.Bench.ART));
        edge.update();
        canvas.redraw();
    }

    /** Where a motif can be taken hold of, on the face. */
    record Handles(List<Point> corners, Point middle, Point turn) {
        private static final double TURN_PX = 26;

        static Handles of(Motif m, BuiltMotif built, double pxPerMm) {
            Box b = built.bounds().orElseThrow();
            Placement p = m.pose().placement();
            Point top = new Point(b.centre().xMm(), b.minYMm() - TURN_PX / pxPerMm);
            return new Handles(List.of(p.apply(new Point(b.minXMm(), b.minYMm())),
                    p.apply(new Point(b.maxXMm(), b.minYMm())), p.apply(new Point(b.maxXMm(), b.maxYMm())),
                    p.apply(new Point(b.minXMm(), b.maxYMm()))), p.apply(b.centre()), p.apply(top));
        }
    }
}
