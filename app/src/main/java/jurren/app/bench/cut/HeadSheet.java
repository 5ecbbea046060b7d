package jurren.app.bench.cut;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.paint.Color;
import jurren.app.cutter.CutTalk;
import jurren.app.face.Pen;
import jurren.app.face.Viewport;
import jurren.app.session.Session;
import jurren.app.sheet.Sheets;
import jurren.app.theme.Controls;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.cut.CutRun;
import jurren.core.cut.OffcutFit;
import jurren.core.cut.PrintMarks;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.load.Offcut;
import jurren.formats.words.LengthUnit;

/**
 * The cutter's head, moved by arrows in real millimetres: over the marks of a printed sheet one after the other, or
 * over the corner where the film begins.
 */
public final class HeadSheet {
    private static final List<Double> STEPS_MM = List.of(0.1, 1.0, 10.0);
    private static final double INCH_MM = 25.4;
    private static final List<Double> STEPS_IN = List.of(0.005, 0.05, 0.5);
    private static final double SIGHT_MM = 8;
    private static final double SIGHT_PX = 170;
    private static final double CROSS_MM = 3;
    private static final double CORNER_PX = 14;
    private static final double EPSILON_MM = 1e-9;

    private final Session session;
    private final CutTalk talk;
    private final Sheets sheets;
    private final CutRun run;
    private final List<Point> wanted;
    private final List<Point> found = new ArrayList<>();
    private final Consumer<List<Point>> done;
    private final Label which = Controls.label("", "card-title");
    private final Label where = Controls.figure("");
    private final Canvas sight = new Canvas(SIGHT_PX, SIGHT_PX);
    private final Button here;
    private final Controls.Segments<Integer> steps;
    private double stepMm;
    private Point head;

    private HeadSheet(
            Session session, CutTalk talk, Sheets sheets, CutRun run, List<Point> wanted, Consumer<List<Point>> done) {
        this.session = session;
        this.talk = talk;
        this.sheets = sheets;
        this.run = run;
        this.wanted = wanted;
        this.done = done;
        this.head = wanted.getFirst();
        this.here = Controls.button("head-here", Texts.of("head.here"), this::here, "primary");
        List<Double> inUse = session.unit() == LengthUnit.MILLIMETRE
                ? STEPS_MM
                : STEPS_IN.stream().map(in -> in * INCH_MM).toList();
        this.stepMm = inUse.get(1);
        this.steps = Controls.segments(
                "head-step", List.of(0, 1, 2), i -> session.unit().fine(inUse.get(i)), i -> stepMm = inUse.get(i));
    }

    /** Over each of the printed marks; {@code done} has them in their order. */
    public static void marks(Session session, CutTalk talk, Sheets sheets, CutRun run, Consumer<List<Point>> done) {
        new HeadSheet(session, talk, sheets, run, PrintMarks.of(run.load()), done)
                .open(Texts.of("head.marks"), Texts.of("head.marks.how"));
    }

    /** Over the two corners of an offcut that are farthest apart. */
    public static void offcut(Session session, CutTalk talk, Sheets sheets, CutRun run, Consumer<List<Point>> done) {
        if (run.load().stock() instanceof Offcut o) {
            new HeadSheet(session, talk, sheets, run, OffcutFit.corners(o), done)
                    .open(Texts.of("head.offcut"), Texts.of("head.offcut.how"));
        }
    }

    /** Over the corner of the film. */
    public static void corner(
            Session session, CutTalk talk, Sheets sheets, CutRun run, Point now, Consumer<Point> done) {
        new HeadSheet(session, talk, sheets, run, List.of(now), found -> done.accept(found.getFirst()))
                .open(Texts.of("head.corner"), Texts.of("head.corner.how"));
    }

    private void open(String title, String how) {
        steps.show(1);
        GridPane arrows = new GridPane(4, 4);
        arrows.add(arrow("head-in", "↑", 1, 0), 1, 0);
        arrows.add(arrow("head-left", "←", 0, 1), 0, 1);
        arrows.add(arrow("head-right", "→", 0, -1), 2, 1);
        arrows.add(arrow("head-out", "↓", -1, 0), 1, 2);
        arrows.setAlignment(Pos.CENTER);
        boolean seen = isOverOffcut() || !talk.marksInSight(run).isEmpty();
        HBox middle = new HBox(
                24,
                arrows,
                new VBox(6, Controls.row(Texts.of("head.step"), steps), Controls.row(Texts.of("head.where"), where)));
        middle.setAlignment(Pos.CENTER_LEFT);
        List<Node> nodes = new ArrayList<>(List.of(Controls.label(how, "hint"), which, middle));
        if (seen) {
            nodes.add(new VBox(
                    4, Controls.label(Texts.of(isOverOffcut() ? "head.offcut.picture" : "head.sight"), "hint"), sight));
        }
        nodes.add(Controls.flow(here));
        VBox all = new VBox(10, nodes.toArray(Node[]::new));
        all.addEventFilter(KeyEvent.KEY_PRESSED, this::key);
        talk.moveHead(run, head);
        show();
        sheets.open("head-sheet", title, Pos.CENTER, talk::leaveHead, all);
    }

    private Button arrow(String id, String sign, int along, int across) {
        return Controls.sign(id, sign, Texts.of(id), () -> move(along, across));
    }

    private void key(KeyEvent e) {
        int along = switch (e.getCode()) {
            case UP -> 1;
            case DOWN -> -1;
            default -> 0;
        };
        int across = switch (e.getCode()) {
            case LEFT -> 1;
            case RIGHT -> -1;
            default -> 0;
        };
        if (along != 0 || across != 0) {
            move(along, across);
            e.consume();
        }
    }

    private void move(int along, int across) {
        Point to = head.plus(along * stepMm, across * stepMm);
        double width =
                isOverOffcut() ? run.cutter().widthMm() : run.load().stock().widthMm();
        head = new Point(Math.max(0, to.xMm()), Math.clamp(to.yMm(), 0, width));
        talk.moveHead(run, head);
        show();
    }

    private void here() {
        found.add(head);
        if (found.size() == wanted.size()) {
            sheets.close();
            done.accept(List.copyOf(found));
            return;
        }
        // the next lies as far off as this one, as far as is known
        Point from = wanted.get(found.size() - 1);
        Point next = wanted.get(found.size());
        head = next.plus(head.xMm() - from.xMm(), head.yMm() - from.yMm());
        talk.moveHead(run, head);
        show();
    }

    private void show() {
        int n = found.size();
        which.setText(
                wanted.size() == 1
                        ? Texts.of("head.film-corner")
                        : isOverOffcut()
                                ? Texts.of("head.offcut.corner", n + 1)
                                : Texts.of("head.mark", n + 1, wanted.size(), Texts.of("head.mark." + n)));
        where.setText(Texts.of(
                "head.at", session.unit().fine(head.xMm()), session.unit().fine(head.yMm())));
        if (isOverOffcut()) {
            drawOffcut();
        } else {
            draw();
        }
    }

    private boolean isOverOffcut() {
        return wanted.size() == 2;
    }

    /** The offcut as someone before the machine sees it, with its two corners; the one that is asked for is full. */
    private void drawOffcut() {
        GraphicsContext g = sight.getGraphicsContext2D();
        Offcut offcut = (Offcut) run.load().stock();
        Placement onto = new Placement(0, -1, -1, 0, 0, 0);
        Viewport view = Viewport.showing(offcut.outline().bounds().placed(onto), SIGHT_PX, SIGHT_PX, CORNER_PX);
        g.setFill(Theme.MAT);
        g.fillRect(0, 0, SIGHT_PX, SIGHT_PX);
        new Pen(g, view).fill(offcut.outline(), onto, Theme.paint(offcut.colour()));
        for (int i = 0; i < wanted.size(); i++) {
            Point at = onto.apply(wanted.get(i));
            g.setFill(i == found.size() ? Theme.MARIGOLD : Color.WHITE);
            double x = view.x(at.xMm()) - CORNER_PX / 2;
            double y = view.y(at.yMm()) - CORNER_PX / 2;
            g.fillOval(x, y, CORNER_PX, CORNER_PX);
            g.setStroke(Theme.INK);
            g.setLineWidth(1);
            g.strokeOval(x, y, CORNER_PX, CORNER_PX);
        }
    }

    /** What lies under the head, as someone before the machine would see it. */
    private void draw() {
        GraphicsContext g = sight.getGraphicsContext2D();
        double px = SIGHT_PX / (2 * SIGHT_MM);
        double middle = SIGHT_PX / 2;
        g.setFill(Color.WHITE);
        g.fillRect(0, 0, SIGHT_PX, SIGHT_PX);
        g.setStroke(Theme.INK);
        g.setLineWidth(2);
        for (Point m : talk.marksInSight(run)) {
            double dx = m.xMm() - head.xMm();
            double dy = m.yMm() - head.yMm();
            if (Math.abs(dx) < SIGHT_MM + CROSS_MM + EPSILON_MM && Math.abs(dy) < SIGHT_MM + CROSS_MM) {
                double x = middle - dy * px;
                double y = middle - dx * px;
                g.strokeLine(x - CROSS_MM * px, y, x + CROSS_MM * px, y);
                g.strokeLine(x, y - CROSS_MM * px, x, y + CROSS_MM * px);
            }
        }
        g.setStroke(Theme.PLUM);
        g.setLineWidth(1.2);
        g.strokeOval(middle - 7, middle - 7, 14, 14);
        g.strokeRect(0.5, 0.5, SIGHT_PX - 1, SIGHT_PX - 1);
    }
}
