package jurren.app.bench.blank;

import java.util.List;
import javafx.scene.Cursor;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.paint.Color;
import jurren.app.desk.Lane;
import jurren.app.desk.Order;
import jurren.app.face.FaceCanvas;
import jurren.app.face.Pen;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.blank.AsHeld;
import jurren.core.blank.Form;
import jurren.core.blank.Surface;
import jurren.core.blank.Vessel;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import jurren.formats.print.Shades;

/** A round thing as it stands before one's eyes; a drag, or the left and right keys, turn it. */
final class HeldPicture {
    private static final double MARGIN_PX = 44;
    private static final double KEY_DEGREES = 10;
    private static final double GAP_PX = 26;

    private final Session session;
    private final FaceCanvas canvas;
    private final Dimensions dimensions;
    private double turnDegrees;
    private double lastX;
    private final Lane lane;
    private SeenShapes seen;
    private Object seenOf = List.of();

    HeldPicture(Session session) {
        this.session = session;
        this.canvas = new FaceCanvas(Texts.of("blank.held"), MARGIN_PX, this::bounds, this::draw);
        this.dimensions = new Dimensions(session, canvas);
        this.lane = session.desk().lane();
        canvas.setId("held");
        canvas.setCursor(Cursor.H_RESIZE);
        canvas.addEventHandler(MouseEvent.MOUSE_PRESSED, e -> lastX = e.getX());
        canvas.addEventHandler(MouseEvent.MOUSE_DRAGGED, this::drag);
        canvas.addEventHandler(KeyEvent.KEY_PRESSED, this::key);
    }

    FaceCanvas canvas() {
        return canvas;
    }

    double turnDegrees() {
        return turnDegrees;
    }

    /** A drag across the thing's whole width turns it by half. */
    private void drag(MouseEvent e) {
        if (!canvas.isPanning(e)) {
            surface()
                    .ifPresent(r -> turn(-(e.getX() - lastX)
                            / (r.topDiameterMm() * canvas.view().pxPerMm())
                            * 180));
            lastX = e.getX();
        }
    }

    private void key(KeyEvent e) {
        switch (e.getCode()) {
            case LEFT -> turn(KEY_DEGREES);
            case RIGHT -> turn(-KEY_DEGREES);
            case HOME -> turn(-turnDegrees);
            default -> {
                return;
            }
        }
        e.consume();
    }

    private void turn(double by) {
        turnDegrees = Math.IEEEremainder(turnDegrees + by, 360);
        update();
    }

    /** What is seen of the art is worked out beside the window; until it comes, the last is shown. */
    void update() {
        session.sizePlan()
                .filter(s -> s.face().surface() instanceof Surface.Round)
                .ifPresent(size -> {
                    double turn = turnDegrees;
                    List<Object> now = List.of(size.art(), size.face(), turn);
                    if (!now.equals(seenOf)) {
                        seenOf = now;
                        lane.want(new Order<>(
                                Texts.of("work.held"),
                                _ -> SeenShapes.of(size, turn),
                                found -> {
                                    seen = found;
                                    canvas.redraw();
                                },
                                why -> session.notices().trouble(Texts.of("work.failed", Texts.reason(why)))));
                    }
                });
        canvas.redraw();
    }

    void close() {
        lane.stop();
    }

    private java.util.Optional<Surface.Round> surface() {
        return session.sizePlan()
                .map(s -> s.face().surface())
                .filter(Surface.Round.class::isInstance)
                .map(Surface.Round.class::cast);
    }

    private Box bounds() {
        return session.sizePlan()
                .flatMap(s -> surface().map(r -> {
                    Box b = new AsHeld(r, s.face().trueAtMm(), 0).bounds();
                    Vessel v = (Vessel) s.face().form();
                    Box all = v.above().map(a -> b.joined(a.bounds())).orElse(b);
                    double reach = v.handle().map(Vessel.Handle::reachMm).orElse(0.0);
                    return new Box(
                            all.minXMm() - reach, all.minYMm(), all.maxXMm() + Math.max(reach, 14), all.maxYMm());
                }))
                .orElse(Box.ofSize(-50, 0, 100, 150));
    }

    private void draw(Pen pen) {
        dimensions.draw(pen, List.of());
        session.linePlan()
                .ifPresent(plan -> session.sizePlan()
                        .ifPresent(size -> surface().ifPresent(r -> {
                            AsHeld held = new AsHeld(r, size.face().trueAtMm(), turnDegrees);
                            thing(pen, plan, size, held);
                            dimensions.draw(pen, List.of(top(pen, r), foot(pen, r, held), slant(pen, r, held)));
                        })));
    }

    private void thing(Pen pen, LinePlan plan, SizePlan size, AsHeld held) {
        Color body = Theme.paint(plan.blankColour().colour());
        java.awt.Color awt = new java.awt.Color(plan.blankColour().colour().rgb());
        Color inside = Theme.paint(Shades.of(awt, jurren.core.blank.BlankPart.Kind.INSIDE));
        Color trim = Theme.paint(Shades.of(awt, jurren.core.blank.BlankPart.Kind.TRIM));
        Vessel vessel = (Vessel) size.face().form();
        double half = size.face().whole().maxXMm();
        boolean handleInFront = held.faces(new Point(half, 0));
        vessel.handle().filter(_ -> !handleInFront).ifPresent(h -> handle(pen, h, size, held, trim));
        pen.fill(held.body(), body);
        if (seen != null && seen.face().equals(size.face())) {
            pen.fill(seen.band(), Theme.lineOn(plan.blankColour().colour()).deriveColor(0, 1, 1, 0.06));
            seen.art().forEach(p -> pen.fill(p.region(), Placement.HERE, p.colour(), p.ink()));
            seen.handles().forEach(r -> pen.fill(r, Theme.SOFT.deriveColor(0, 1, 1, 0.18)));
        }
        pen.outline(held.body(), Theme.SOFT, 1);
        vessel.above()
                .ifPresentOrElse(
                        a -> {
                            pen.fill(a, trim);
                            pen.outline(a, Theme.SOFT, 1);
                        },
                        () -> {
                            pen.fill(held.lip(), inside.interpolate(body, 0.5));
                            pen.outline(held.lip(), Theme.SOFT, 1);
                        });
        vessel.handle().filter(_ -> handleInFront).ifPresent(h -> handle(pen, h, size, held, trim));
    }

    /** The handle stands out radially; seen from the front it is as wide as its turn allows. */
    private static void handle(Pen pen, Vessel.Handle h, SizePlan size, AsHeld held, Color colour) {
        Surface.Round r = (Surface.Round) size.face().surface();
        double half = size.face().whole().maxXMm();
        double high = r.slantMm() * 0.2;
        double low = r.slantMm() * 0.78;
        Point top = held.apply(new Point(half, high));
        Point foot = held.apply(new Point(half, low));
        double out = 1 + 2 * h.reachMm() / r.diameterAtMm(high);
        Point topOut = new Point(top.xMm() * out, top.yMm() + 4);
        Point footOut = new Point(foot.xMm() * out, foot.yMm() - 4);
        var g = pen.graphics();
        g.setStroke(colour);
        g.setLineWidth(Math.max(6, h.widthMm() * 0.8 * pen.view().pxPerMm()));
        g.beginPath();
        g.moveTo(pen.view().x(top.xMm()), pen.view().y(top.yMm()));
        g.bezierCurveTo(
                pen.view().x(topOut.xMm()),
                pen.view().y(topOut.yMm()),
                pen.view().x(footOut.xMm()),
                pen.view().y(footOut.yMm()),
                pen.view().x(foot.xMm()),
                pen.view().y(foot.yMm()));
        g.stroke();
        g.setLineWidth(1);
    }

    private Dimensions.Dimension top(Pen pen, Surface.Round r) {
        double y = bounds().minYMm() - GAP_PX * 0.8 / pen.view().pxPerMm();
        double half = r.topDiameterMm() / 2;
        return dimensions.form(
                Form.Measure.TOP_DIAMETER, new Point(-half, y), new Point(half, y), r.topDiameterMm(), 0.5, 0);
    }

    private Dimensions.Dimension foot(Pen pen, Surface.Round r, AsHeld held) {
        double y = held.bounds().maxYMm() + GAP_PX * 0.8 / pen.view().pxPerMm();
        double half = r.footDiameterMm() / 2;
        return dimensions.form(
                Form.Measure.FOOT_DIAMETER, new Point(-half, y), new Point(half, y), r.footDiameterMm(), 0.5, 0);
    }

    private Dimensions.Dimension slant(Pen pen, Surface.Round r, AsHeld held) {
        double aside = GAP_PX * 0.6 / pen.view().pxPerMm();
        return dimensions.form(
                Form.Measure.SLANT,
                new Point(r.topDiameterMm() / 2 + aside, 0),
                new Point(r.footDiameterMm() / 2 + aside, held.footMm()),
                r.slantMm(),
                0.5,
                0);
    }
}
