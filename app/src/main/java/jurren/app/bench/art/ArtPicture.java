package jurren.app.bench.art;

import jurren.app.bench.SnagCards;
import jurren.app.face.FaceCanvas;
import jurren.app.face.Pen;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.art.BuiltMotif;
import jurren.core.art.Motif;
import jurren.core.art.Painted;
import jurren.core.art.Sizing;
import jurren.core.blank.Obstacle;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.core.plan.LinePlan;
import jurren.core.snag.Snag;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/**
 * Paints the art bench. The motifs stand where the job says now; their shapes are the last ones worked
 * out, so that a drag never waits.
 */
final class ArtPicture {
    private static final double CORNER_PX = 12;

    private final Session session;

    ArtPicture(Session session) {
        this.session = session;
    }

    void draw(Pen pen, ArtBench.Look look, FaceCanvas canvas) {
        Optional<LinePlan> planned = session.linePlan();
        if (planned.isEmpty()) {
            pen.text(Texts.of("planning"), 120, 40, Theme.text(14), Theme.SOFT, TextAlignment.CENTER);
            return;
        }
        LinePlan plan = planned.get();
        boolean worn = look == ArtBench.Look.WORN;
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
        for (Motif m : session.line().motifs()) {
            BuiltMotif built = plan.motifs().get(m.id());
            if (built != null) {
                paint(pen, plan, m, built, worn);
            }
        }
        if (session.line().motifs().isEmpty()) {
            pen.text(Texts.of("art.empty"), canvas.getWidth() / 2, canvas.getHeight() / 2, Theme.text(15), guide,
                    TextAlignment.CENTER);
        }
        edgeLine(pen, area, canvas.getWidth());
        snags(pen);
        session.motif().ifPresent(m -> selection(pen, m, plan.motifs().get(m.id())));
    }

    private static void paint(Pen pen, LinePlan plan, Motif m, BuiltMotif built, boolean worn) {
        Placement placed = plan.line().motif(m.id())
                .map(planned -> Sizing.between(planned.source(), m.source())).orElse(Placement.HERE)
                .then(m.pose().placement());
        for (Painted p : built.paints()) {
            if (worn) {
                pen.fill(p.region(), placed, Theme.paint(p.colour()));
                continue;
            }
            pen.fill(p.region(), placed, Theme.paint(p.colour()).deriveColor(0, 1, 1, 0.16));
            pen.outline(p.region(), placed, Theme.INK, 1);
            for (Region part : p.unwelded()) {
                pen.outline(part, placed, Theme.INK, 1);
            }
        }
    }

    private void edgeLine(Pen pen, Box area, double width) {
        double y = Math.floor(pen.view().y(session.edgeLine().yMm(area))) + 0.5;
        GraphicsContext g = pen.graphics();
        g.setStroke(Theme.MARIGOLD);
        g.setLineWidth(1);
        g.setLineDashes(6, 4);
        g.strokeLine(0, y, width, y);
        g.setLineDashes();
        g.setFill(Theme.MARIGOLD);
        g.fillOval(6, y - 6, 12, 12);
    }

    private void snags(Pen pen) {
        List<Snag> found = SnagCards.of(session, Snag.Bench.ART);
        for (int i = 0; i < found.size(); i++) {
            int number = i + 1;
            found.get(i).where().ifPresent(p -> pen.snag(p, String.valueOf(number)));
        }
    }

    private static void selection(Pen pen, Motif m, BuiltMotif built) {
        if (built == null || built.bounds().isEmpty()) {
            return;
        }
        ArtBench.Handles handles = ArtBench.Handles.of(m, built, pen.view().pxPerMm());
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
        g.strokeLine(pen.view().x(c.xMm()), pen.view().y(c.yMm()), pen.view().x(end.xMm()), pen.view().y(end.yMm()));
    }
}
