package jurren.app.bench.cut;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.face.FaceCanvas;
import jurren.app.face.Pen;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.cut.ClosedCut;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.cut.OpenCut;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.load.Cutter;
import jurren.core.load.Load;
import jurren.core.material.Colour;
import jurren.formats.words.LengthUnit;

/**
 * The cutter at the back, the film coming towards the operator. The film's leading edge is at the
 * bottom; across the film, the start corner is on the right, because the load is seen from the knife's
 * side and only turned, never mirrored. What is shown follows the head.
 */
final class CutPicture {
    /** From the load (x along the feed, y across, y up) to the picture (y down), turned a quarter. */
    private static final Placement ONTO = new Placement(0, -1, -1, 0, 0, 0);

    private static final double WINDOW_MM = 330;
    private static final double MACHINE_MM = 62;
    private static final double CROSS_MM = 3;

    Box view(Optional<CutRun> run, Point head) {
        double width = run.map(CutPicture::across).orElse(305.0);
        double start = start(run, head);
        return new Box(-width - 18, -(start + WINDOW_MM) - MACHINE_MM, 18, -start + 12);
    }

    /** Whole thirds of the window, so that the film does not creep. */
    private static double start(Optional<CutRun> run, Point head) {
        double most = run.map(r -> Math.max(0, r.load().usedMm() - WINDOW_MM)).orElse(0.0);
        double third = WINDOW_MM / 3;
        return Math.clamp(Math.floor(head.xMm() / third - 1) * third, 0, most);
    }

    void draw(
            Pen pen,
            Optional<CutRun> shown,
            int done,
            OptionalInt marked,
            Point head,
            Cutter cutter,
            LengthUnit unit,
            FaceCanvas canvas,
            List<Point> crosses) {
        if (shown.isEmpty()) {
            pen.text(
                    Texts.of("cut.empty"),
                    canvas.getWidth() / 2,
                    canvas.getHeight() / 2,
                    Theme.text(15),
                    Theme.SOFT,
                    TextAlignment.CENTER);
            return;
        }
        CutRun run = shown.get();
        Load load = run.load();
        double width = across(run);
        double start = start(shown, head);
        double back = start + WINDOW_MM;
        Box film = new Box(-width, -back, 0, start == 0 ? 0 : -start + 60);
        boolean dark = load.colour().luminance() < 0.22;
        Optional<Region> onMat = onMat(run);
        pen.fillBox(film, onMat.isPresent() ? Theme.MAT : Theme.paint(load.colour()));
        onMat.ifPresent(r -> pen.fill(r, ONTO, Theme.paint(load.colour())));
        Color todo = dark ? Color.web("#FFFFFF", 0.55) : Color.web("#23262B", 0.45);
        Color made = dark ? Color.WHITE : Theme.INK;
        double filmWidth = load.stock().widthMm();
        // under an offcut the rollers run on its mat
        for (double y : !load.stock().comesOffRoll()
                ? new double[0]
                : new double[] {cutter.rollerMm(), cutter.rollerMm() + cutter.usableMm(filmWidth)}) {
            pen.line(ONTO.apply(new Point(start, y)), ONTO.apply(new Point(back, y)), todo, 1, 6, 5);
        }
        GraphicsContext g = pen.graphics();
        g.save();
        g.beginPath();
        g.rect(
                pen.view().x(film.minXMm()),
                pen.view().y(film.minYMm()),
                film.widthMm() * pen.view().pxPerMm(),
                film.heightMm() * pen.view().pxPerMm());
        g.clip();
        paths(pen, run, done, start, back, todo, made);
        marked.ifPresent(i -> path(pen, run.paths().get(i), Theme.PLUM, 3));
        crosses.forEach(c -> cross(pen, ONTO.apply(c)));
        g.restore();
        machine(pen, film, cutter, width, head, load.colour());
        labels(pen, film, width, start, lying(run, start, unit));
        if (done > 0 || head.xMm() > 0) {
            Point at = ONTO.apply(head);
            pen.line(new Point(at.xMm(), film.minYMm()), at, Theme.PLUM, 1.2);
            pen.graphics().setFill(Theme.PLUM);
            pen.graphics().fillOval(pen.view().x(at.xMm()) - 6, pen.view().y(at.yMm()) - 6, 12, 12);
        }
    }

    /** Of the film, or of the mat it lies on. */
    private static double across(CutRun run) {
        double film = run.load().stock().widthMm();
        return run.cutter().isOnMats() ? Math.max(film, run.cutter().widthMm()) : film;
    }

    /** The piece that lies on a mat; none where film goes through by itself. */
    private static Optional<Region> onMat(CutRun run) {
        Load load = run.load();
        if (load.stock().ownOutline().isPresent()) {
            return load.stock().ownOutline();
        }
        return load.isOnMat(run.cutter())
                ? Optional.of(
                        Region.of(Box.ofSize(0, 0, load.usedMm(), load.stock().widthMm())))
                : Optional.empty();
    }

    private static String lying(CutRun run, double start, LengthUnit unit) {
        Load load = run.load();
        if (!load.stock().comesOffRoll()) {
            return Texts.of("cut.on-mat", load.stock().id());
        }
        return load.isOnMat(run.cutter())
                ? Texts.of(
                        "cut.off-roll",
                        unit.number(load.usedMm()),
                        unit.format(load.stock().widthMm()))
                : Texts.of(
                        "cut.between",
                        unit.format(run.cutter().usableMm(load.stock().widthMm())),
                        unit.format(start));
    }

    private static void paths(Pen pen, CutRun run, int done, double start, double back, Color todo, Color made) {
        for (int i = 0; i < run.paths().size(); i++) {
            CutPath path = run.paths().get(i);
            Box slot = run.load().placed().get(path.item()).slot();
            if (slot.maxXMm() >= start && slot.minXMm() <= back) {
                Color colour = i < done ? made : todo;
                double px = i < done ? 1.6 : 1;
                path(pen, path, colour, px);
            }
        }
    }

    private static void path(Pen pen, CutPath path, Color colour, double px) {
        switch (path) {
            case ClosedCut c -> pen.outline(c.outline(), ONTO, colour, px);
            case OpenCut o -> pen.lines(o.corners().stream().map(ONTO::apply).toList(), colour, px);
        }
    }

    /** From the picture to the load. */
    static Point onLoad(Point seen) {
        return ONTO.inverse().apply(seen);
    }

    private static void cross(Pen pen, Point at) {
        pen.line(at.plus(-CROSS_MM, 0), at.plus(CROSS_MM, 0), Theme.INK, 1);
        pen.line(at.plus(0, -CROSS_MM), at.plus(0, CROSS_MM), Theme.INK, 1);
    }

    private static void machine(Pen pen, Box film, Cutter cutter, double width, Point head, Colour colour) {
        GraphicsContext g = pen.graphics();
        double px = pen.view().pxPerMm();
        double left = pen.view().x(film.minXMm() - 16);
        double right = pen.view().x(16);
        double bottom = pen.view().y(film.minYMm());
        double top = bottom - (MACHINE_MM - 6) * px;
        g.setFill(Color.web("#3B4048"));
        g.fillRoundRect(left, top, right - left, bottom - top, 16, 16);
        g.setFill(Color.web("#23262B"));
        g.fillRect(left, bottom - 12, right - left, 14);
        double x = pen.view().x(-head.yMm());
        g.setFill(Theme.PLUM);
        g.fillRoundRect(x - 15, bottom - 30, 30, 34, 5, 5);
        if (!cutter.isOnMats()) {
            rollers(pen, cutter, width, bottom);
        }
    }

    private static void rollers(Pen pen, Cutter cutter, double width, double bottom) {
        GraphicsContext g = pen.graphics();
        double px = pen.view().pxPerMm();
        double outer = cutter.usableMm(width) + 2 * cutter.rollerMm();
        int all = cutter.feed().rollers();
        double apart = (outer - cutter.rollerMm()) / (all - 1);
        for (int i = 0; i < all; i++) {
            double x = pen.view().x(-(cutter.rollerMm() / 2 + i * apart));
            g.setFill(Color.web("#C9CBD0"));
            g.fillRoundRect(x - cutter.rollerMm() * px / 2, bottom - 18, cutter.rollerMm() * px, 26, 5, 5);
        }
        pen.text(
                Texts.of("cut.roller"),
                pen.view().x(-outer + cutter.rollerMm() / 2),
                bottom - 28,
                Theme.measure(11),
                Color.web("#E4E5E7"),
                TextAlignment.CENTER);
        pen.text(
                Texts.of("cut.roller"),
                pen.view().x(-cutter.rollerMm() / 2),
                bottom - 28,
                Theme.measure(11),
                Color.web("#E4E5E7"),
                TextAlignment.CENTER);
    }

    private static void labels(Pen pen, Box film, double width, double start, String between) {
        double y = pen.view().y(-start) - 12;
        pen.graphics().setFill(Color.web("#FFFFFF", 0.9));
        double middle = pen.view().x(film.centre().xMm());
        double half = between.length() * 3.7 + 8;
        pen.graphics().fillRoundRect(middle - half, y - 10, 2 * half, 20, 6, 6);
        pen.text(between, middle, y, Theme.measure(12), Theme.INK, TextAlignment.CENTER);
        if (start == 0) {
            pen.graphics().setFill(Theme.PLUM);
            double x = pen.view().x(0);
            double bottom = pen.view().y(film.maxYMm());
            pen.graphics().fillPolygon(new double[] {x, x - 16, x}, new double[] {bottom, bottom, bottom - 16}, 3);
            pen.text(Texts.of("cut.start-corner"), x, bottom + 10, Theme.measure(11.5), Theme.INK, TextAlignment.RIGHT);
        }
    }
}
