package jurren.app.bench.art;

import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.bench.SnagCards;
import jurren.app.face.FaceCanvas;
import jurren.app.face.FaceScene;
import jurren.app.face.Pen;
import jurren.app.face.PictureImage;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Guide;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.art.Sizing;
import jurren.core.art.Snapping;
import jurren.core.blank.Obstacle;
import jurren.core.cure.Change;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.layer.Layer;
import jurren.core.material.Colour;
import jurren.core.plan.LinePlan;
import jurren.core.snag.CutMarks;
import jurren.core.snag.Snag;

/**
 * Paints the art bench. The motifs stand where the job says now; their shapes are the last ones worked
 * out, so that a drag never waits.
 */
final class ArtPicture {
    private static final double CORNER_PX = 12;
    private static final double KNOB_PX = 12;
    private static final double SIGN_PX = 9;
    private static final double PEN_PX = 9;

    /**
     * What is shown besides the job.
     *
     * @param guides what holds the motifs that are being moved
     * @param frame  what is being chosen with
     * @param stops  of a line that is being drawn
     * @param pen    where the keys would put its next point
     */
    record Scene(
            ArtBench.Look look,
            List<CutMarks.Mark> marks,
            Optional<MarksDesk.Pieces> piece,
            List<Snapping.Guide> guides,
            Optional<Box> frame,
            List<Point> stops,
            Optional<Point> pen) {}

    private final Session session;

    ArtPicture(Session session) {
        this.session = session;
    }

    void draw(Pen pen, Scene scene, FaceCanvas canvas) {
        Optional<LinePlan> planned = session.linePlan();
        if (planned.isEmpty()) {
            pen.text(Texts.of("planning"), 120, 40, Theme.text(14), Theme.SOFT, TextAlignment.CENTER);
            return;
        }
        LinePlan plan = planned.get();
        boolean worn = scene.look == ArtBench.Look.WORN;
        Colour ground = worn ? plan.blankColour().colour() : Colour.of("#F7F7F5");
        GraphicsContext g = pen.graphics();
        g.setFill(Theme.paint(ground));
        g.fillRoundRect(0, 0, canvas.getWidth(), canvas.getHeight(), 10, 10);
        Color guide = Theme.lineOn(ground);
        Box area = plan.drawn().area().box();
        pen.line(new Point(0, area.minYMm()), new Point(0, area.maxYMm()), guide.deriveColor(0, 1, 1, 0.35), 1, 2, 6);
        for (Obstacle o : plan.face().obstacles()) {
            if (o.kind() != Obstacle.Kind.COLLAR) {
                pen.fill(o.region(), guide.deriveColor(0, 1, 1, 0.12));
            }
        }
        pen.box(area, guide, 1.2, 2, 4);
        session.line().motifs().stream().filter(m -> !m.isHidden()).forEach(m -> guide(pen, m));
        art(pen, plan, worn);
        if (session.line().motifs().isEmpty()) {
            pen.text(
                    Texts.of("art.empty"),
                    canvas.getWidth() / 2,
                    canvas.getHeight() / 2,
                    Theme.text(15),
                    guide,
                    TextAlignment.CENTER);
        }
        edgeLine(pen, area, canvas.getWidth());
        snags(pen);
        scene.marks.forEach(m -> mark(pen, m));
        scene.piece.ifPresent(p -> piece(pen, p));
        Handles.of(plan, session.chosen(), pen.view().pxPerMm()).ifPresent(h -> selection(pen, h));
        scene.guides.forEach(held -> guide(pen, plan, held));
        scene.frame.ifPresent(f -> pen.box(f, guide, 1, 3, 3));
        stops(pen, scene.stops, guide);
        scene.pen.ifPresent(p -> {
            double reach = PEN_PX / pen.view().pxPerMm();
            pen.line(p.plus(-reach, 0), p.plus(reach, 0), Theme.MARIGOLD, 2);
            pen.line(p.plus(0, -reach), p.plus(0, reach), Theme.MARIGOLD, 2);
        });
    }

    /** See-through, under everything. */
    private static void guide(Pen pen, Motif m) {
        if (m.source() instanceof Guide guide) {
            Box box = guide.box();
            Placement p = m.pose().placement();
            GraphicsContext g = pen.graphics();
            g.save();
            g.translate(pen.view().x(p.dxMm()), pen.view().y(p.dyMm()));
            g.rotate(m.pose().degrees());
            double scale = pen.view().pxPerMm();
            g.setGlobalAlpha(guide.strength());
            g.drawImage(
                    PictureImage.of(guide.straightened()),
                    box.minXMm() * scale,
                    box.minYMm() * scale,
                    box.widthMm() * scale,
                    box.heightMm() * scale);
            g.restore();
        }
    }

    /** The whole art as it was worked out; while it is being changed, motif by motif as far as it is known. */
    private void art(Pen pen, LinePlan plan, boolean worn) {
        if (plan.line().motifs().equals(session.line().motifs())) {
            List<Layer> cut = worn
                    ? List.of()
                    : plan.drawn().shapes().asWorn().stream()
                            .filter(l -> !l.isPrint())
                            .toList();
            if (cut.isEmpty()) {
                plan.drawn().art().paints().forEach(p -> paint(pen, p, Placement.HERE, worn));
            }
            cut.forEach(l -> cut(pen, l.region(), l.colour()));
            return;
        }
        for (Motif m : session.line().motifs()) {
            BuiltMotif built = plan.motifs().get(m.id());
            if (built != null && !m.isHidden()) {
                Placement placed = plan.line()
                        .motif(m.id())
                        .map(planned -> Sizing.between(planned.source(), m.source()))
                        .orElse(Placement.HERE)
                        .then(m.pose().placement());
                built.paints().forEach(p -> paint(pen, p, placed, worn));
            }
        }
    }

    /** A layer as its own knife follows it, whatever lies on it. */
    private static void cut(Pen pen, Region region, Colour colour) {
        pen.fill(region, Theme.paint(colour).deriveColor(0, 1, 1, 0.16));
        pen.outline(region, Placement.HERE, Theme.INK, 1);
    }

    private static void paint(Pen pen, Painted p, Placement placed, boolean worn) {
        if (worn) {
            pen.fill(p.region(), placed, p.colour(), p.ink());
            return;
        }
        pen.fill(p.region(), placed, Theme.paint(p.colour()).deriveColor(0, 1, 1, 0.16));
        pen.outline(p.region(), placed, Theme.INK, 1);
        for (Region part : p.unwelded()) {
            pen.outline(part, placed, Theme.INK, 1);
        }
    }

    /** What is meant in marigold, and a sign beside it, so that colour alone tells nothing. */
    private static void mark(Pen pen, CutMarks.Mark m) {
        if (!m.region().isEmpty()) {
            pen.fill(m.region(), Theme.MARIGOLD);
            pen.outline(m.region(), Placement.HERE, Theme.INK, 1.5);
        }
        sign(pen, m.at(), Texts.of("marks.sign." + m.kind()));
    }

    private static void sign(Pen pen, Point at, String sign) {
        GraphicsContext g = pen.graphics();
        double x = pen.view().x(at.xMm()) + SIGN_PX;
        double y = pen.view().y(at.yMm()) - SIGN_PX;
        g.setFill(Theme.MARIGOLD_PALE);
        g.fillOval(x - SIGN_PX, y - SIGN_PX, 2 * SIGN_PX, 2 * SIGN_PX);
        g.setStroke(Theme.INK);
        g.setLineWidth(1);
        g.strokeOval(x - SIGN_PX, y - SIGN_PX, 2 * SIGN_PX, 2 * SIGN_PX);
        pen.text(sign, x, y, Theme.measure(12), Theme.INK, TextAlignment.CENTER);
    }

    /** Loose parts within a dashed line, and a sign at the neck where the largest would break. */
    private static void piece(Pen pen, MarksDesk.Pieces pieces) {
        pieces.around().forEach(r -> pen.outline(r, Placement.HERE, Theme.PLUM, 1.2, 4, 3));
        pieces.piece().neck().ifPresent(n -> sign(pen, n.where(), Texts.of("marks.sign.NECK")));
    }

    /** The line that holds, and how far the motifs are from the area's edges along the other way. */
    private void guide(Pen pen, LinePlan plan, Snapping.Guide g) {
        Box area = plan.drawn().area().box();
        Optional<Box> moving = Handles.around(plan, session.chosen());
        Box reach = moving.map(b -> b.joined(g.of())).orElse(g.of()).grown(8);
        Point a = g.upright() ? new Point(g.atMm(), reach.minYMm()) : new Point(reach.minXMm(), g.atMm());
        Point b = g.upright() ? new Point(g.atMm(), reach.maxYMm()) : new Point(reach.maxXMm(), g.atMm());
        pen.line(a, b, Theme.MARIGOLD, 1.5);
        moving.ifPresent(box -> {
            if (g.upright()) {
                distance(
                        pen,
                        new Point(box.centre().xMm(), area.minYMm()),
                        new Point(box.centre().xMm(), box.minYMm()));
            } else {
                distance(
                        pen,
                        new Point(area.minXMm(), box.centre().yMm()),
                        new Point(box.minXMm(), box.centre().yMm()));
            }
        });
    }

    private void distance(Pen pen, Point from, Point to) {
        double mm = from.distanceMm(to);
        if (mm < 1) {
            return;
        }
        pen.dimension(from, to, Theme.MARIGOLD);
        String text = session.unit().format(mm);
        double x = pen.view().x((from.xMm() + to.xMm()) / 2);
        double y = pen.view().y((from.yMm() + to.yMm()) / 2);
        GraphicsContext g = pen.graphics();
        double w = text.length() * 7.5 + 12;
        g.setFill(javafx.scene.paint.Color.WHITE);
        g.fillRoundRect(x - w / 2, y - 10, w, 20, 4, 4);
        pen.text(text, x, y, Theme.measure(12), Theme.INK, TextAlignment.CENTER);
    }

    private static void stops(Pen pen, List<Point> stops, Color guide) {
        pen.lines(stops, guide, 1.5, 4, 3);
        for (Point p : stops) {
            pen.graphics().setFill(Theme.MARIGOLD);
            pen.graphics().fillOval(pen.view().x(p.xMm()) - 4, pen.view().y(p.yMm()) - 4, 8, 8);
        }
    }

    /** All across the picture, with a knob where it enters it. */
    private void edgeLine(Pen pen, Box area, double width) {
        Point from = session.edgeLines().now().from(area);
        Point to = session.edgeLines().now().to(area);
        double length = Math.max(1e-9, from.distanceMm(to));
        double dx = (to.xMm() - from.xMm()) / length;
        double dy = (to.yMm() - from.yMm()) / length;
        double px = pen.view().x(from.xMm());
        double py = Math.floor(pen.view().y(from.yMm())) + 0.5;
        double height = pen.graphics().getCanvas().getHeight();
        double far = width + height;
        GraphicsContext g = pen.graphics();
        g.setStroke(Theme.MARIGOLD);
        g.setLineWidth(1);
        g.setLineDashes(6, 4);
        g.strokeLine(px - far * dx, py - far * dy, px + far * dx, py + far * dy);
        g.setLineDashes();
        double back = dx > Math.abs(dy)
                ? (px - KNOB_PX) / dx
                : Math.abs(dy) < 1e-9 ? 0 : (dy > 0 ? py - KNOB_PX : py - height + KNOB_PX) / dy;
        g.setFill(Theme.MARIGOLD);
        g.fillOval(px - back * dx - 6, py - back * dy - 6, 12, 12);
    }

    private void snags(Pen pen) {
        FaceScene.change(pen, session.snags().change().map(Change::asWorn), Placement.HERE);
        List<Snag> found = SnagCards.of(session, ArtBench.MENDS);
        for (int i = 0; i < found.size(); i++) {
            int number = i + 1;
            found.get(i).where().ifPresent(p -> pen.snag(p, String.valueOf(number)));
        }
    }

    private static void selection(Pen pen, Handles handles) {
        GraphicsContext g = pen.graphics();
        g.setStroke(Theme.MARIGOLD);
        g.setLineWidth(3);
        for (int i = 0; i < 4; i++) {
            Point c = handles.corners().get(i);
            corner(pen, g, c, handles.corners().get((i + 1) % 4));
            corner(pen, g, c, handles.corners().get((i + 3) % 4));
        }
        double x = pen.view().x(handles.turn().xMm());
        double y = pen.view().y(handles.turn().yMm());
        g.setFill(Theme.MARIGOLD_PALE);
        g.fillOval(x - 6, y - 6, 12, 12);
        g.setLineWidth(1.5);
        g.setStroke(Theme.INK);
        g.strokeOval(x - 6, y - 6, 12, 12);
    }

    private static void corner(Pen pen, GraphicsContext g, Point c, Point towards) {
        double length = c.distanceMm(towards);
        double t = length == 0 ? 0 : Math.min(0.4, CORNER_PX / pen.view().pxPerMm() / length);
        Point end = c.towards(towards, t);
        g.strokeLine(
                pen.view().x(c.xMm()),
                pen.view().y(c.yMm()),
                pen.view().x(end.xMm()),
                pen.view().y(end.yMm()));
    }
}
