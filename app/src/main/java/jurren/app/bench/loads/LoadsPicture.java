package jurren.app.bench.loads;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.face.Pen;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.load.Cutter;
import jurren.core.load.Load;
import jurren.core.load.MatPiece;
import jurren.core.load.Offcut;
import jurren.core.load.Placed;
import jurren.core.load.Roll;
import jurren.core.material.Colour;
import jurren.formats.words.Words;

/**
 * All loads at one scale, one below the other: film, what lies on it, its frames; and what is where in that picture.
 */
final class LoadsPicture {
    static final double TITLE_PX = 40;
    private static final double GAP_PX = 16;
    private static final double CORE_PX = 16;
    private static final double LARGEST_PX = 0.75;
    private static final double SMALLEST_PX = 0.03;
    private static final double MARGINS_PX = 28;
    private static final double LEAST_WIDE_PX = 300;
    /** So many have short titles, and as many more stand beside each other. */
    private static final int MANY = 12;

    private static final double LEAST_OF_MANY_PX = 96;
    private static final double BESIDE_MANY_PX = 8;
    private static final double BESIDE_PX = 24;
    private static final int HALVINGS = 24;

    /** A piece in the hand: how far it was drawn from where it lies. */
    record Held(Placed piece, Load load, double dxMm, double dyMm, boolean free) {}

    /** What is at a place of the picture. */
    record Hit(Load load, Placed piece, Point onFilm) {}

    private final Session session;

    LoadsPicture(Session session) {
        this.session = session;
    }

    /**
     * The largest scale at which all loads fit, as many beside each other as there is room for, with a title over each.
     */
    double scale(List<CutRun> runs, double widthPx, double heightPx) {
        double low = SMALLEST_PX;
        double high = LARGEST_PX;
        for (int i = 0; i < HALVINGS; i++) {
            double px = (low + high) / 2;
            if (fits(runs, px, widthPx - MARGINS_PX, heightPx - MARGINS_PX)) {
                low = px;
            } else {
                high = px;
            }
        }
        return low;
    }

    private static boolean fits(List<CutRun> runs, double px, double widthPx, double heightPx) {
        return rows(runs, px, widthPx).stream()
                .allMatch(
                        r -> (r.topMm + r.highMm) * px <= heightPx && (r.leftMm + r.longMm) * px + CORE_PX <= widthPx);
    }

    /**
     * One load in the picture; its film begins after the core.
     *
     * @param longMm of its film, or of the mat it lies on
     * @param highMm the same across
     * @param isOfMany has a short title
     */
    private record Row(Load load, double leftMm, double topMm, double longMm, double highMm, boolean isOfMany) {}

    private static boolean isMany(List<CutRun> runs) {
        return runs.size() > MANY;
    }

    private static List<Row> rows(List<CutRun> runs, double px, double widthPx) {
        List<Row> rows = new ArrayList<>();
        double x = 0;
        double top = 0;
        double high = 0;
        for (CutRun run : runs) {
            boolean mat = run.cutter().isOnMats();
            double along = mat
                    ? Math.max(run.cutter().matMm(), run.load().usedMm())
                    : run.load().usedMm();
            double across = mat
                    ? Math.max(run.cutter().widthMm(), run.load().stock().widthMm())
                    : run.load().stock().widthMm();
            double beside = isMany(runs) ? BESIDE_MANY_PX : BESIDE_PX;
            double wide = Math.max(isMany(runs) ? LEAST_OF_MANY_PX : LEAST_WIDE_PX, along * px + CORE_PX) + beside;
            if (x > 0 && x + wide - beside > widthPx) {
                top += high + TITLE_PX + (isMany(runs) ? BESIDE_MANY_PX : GAP_PX);
                x = 0;
                high = 0;
            }
            rows.add(new Row(run.load(), x / px, (top + TITLE_PX) / px, along, across, isMany(runs)));
            high = Math.max(high, across * px);
            x += wide;
        }
        return rows;
    }

    private static Placement onto(Row row, double px) {
        return Placement.otherYAxis().then(Placement.moved(row.leftMm + CORE_PX / px, row.topMm + row.highMm));
    }

    Optional<Hit> at(List<CutRun> runs, double px, double widthPx, Point picture) {
        for (Row row : rows(runs, px, widthPx - MARGINS_PX)) {
            Point film = onto(row, px).inverse().apply(picture);
            for (Placed p : row.load.placed()) {
                if (p.slot().contains(film) && p.cell().contains(film)) {
                    return Optional.of(new Hit(row.load, p, film));
                }
            }
        }
        return Optional.empty();
    }

    void draw(Pen pen, List<CutRun> runs, Optional<Placed> chosen, Optional<Held> held, double allPx, double widthPx) {
        // where things stand follows from the scale at which all is seen, not from how near one looks
        for (Row row : rows(runs, allPx, widthPx - MARGINS_PX)) {
            draw(pen, row, allPx, chosen, held.filter(h -> h.load == row.load));
        }
    }

    private void draw(Pen pen, Row row, double px, Optional<Placed> chosen, Optional<Held> held) {
        Load load = row.load;
        double left = row.leftMm + CORE_PX / px;
        double width = load.stock().widthMm();
        Colour colour = load.colour();
        Color film = Theme.paint(colour);
        boolean light = colour.luminance() > 0.22;
        Color mark = light
                ? film.deriveColor(0, 1.1, 0.68, 1)
                : film.deriveColor(0, 0.8, 1, 1).brighter();
        Color line = light ? Color.web("#23262B", 0.6) : Color.web("#FFFFFF", 0.65);
        Cutter cutter = session.shop().cutter();
        Placement onto = onto(row, px);
        title(pen, row, left);
        double top = row.topMm + row.highMm - width;
        if (cutter.isOnMats()) {
            pen.fillBox(Box.ofSize(left, row.topMm, row.longMm, row.highMm), Theme.MAT);
            pen.box(Box.ofSize(left, row.topMm, row.longMm, row.highMm), Color.web("#23262B", 0.35), 1);
        }
        Optional<Region> edge = load.stock().ownOutline();
        if (edge.isPresent()) {
            pen.fill(edge.get(), onto, film);
            pen.outline(edge.get(), onto, Color.web("#23262B", 0.5), 1);
            pen.outline(load.stock().usable(cutter), onto, line, 1, 6, 4);
        } else {
            pen.fillBox(Box.ofSize(left, top, load.usedMm(), width), film);
            pen.box(Box.ofSize(left, top, load.usedMm(), width), Color.web("#23262B", 0.35), 1);
            for (double y : new double[] {
                top + width - cutter.rollerMm(), top + width - cutter.rollerMm() - cutter.usableMm(width)
            }) {
                pen.line(new Point(left, y), new Point(left + load.usedMm(), y), line, 1, 6, 4);
            }
            if (!load.isOnMat(cutter)) {
                core(pen, row.leftMm, row.topMm, width, CORE_PX / px);
            }
        }
        for (Load.Frame frame : load.frames()) {
            pen.outline(frame.outline(), onto, line, 1);
            frame.reliefs().forEach(r -> pen.line(onto.apply(r.from()), onto.apply(r.to()), line, 1));
            frame.names().stream()
                    .flatMap(n -> n.strokes().stream())
                    .forEach(s -> pen.lines(s.stream().map(onto::apply).toList(), line, 1));
        }
        for (Placed p : load.placed()) {
            boolean own = p.item().lineId().equals(session.line().id());
            pen.fill(p.item().layer().weeded(), p.onto().then(onto), own ? mark : mark.interpolate(film, 0.6));
            if (session.job().laying().pin(p.item()).isPresent()
                    && !session.job().laying().isTaken(load.stock())) {
                pin(pen, onto.apply(p.box().centre()));
            }
        }
        chosen.filter(load.placed()::contains).ifPresent(p -> pen.outline(p.cell(), onto, Theme.PLUM, 2));
        held.ifPresent(h -> {
            Placement there = Placement.moved(h.dxMm, h.dyMm).then(onto);
            pen.fill(
                    h.piece.item().layer().region(), h.piece.onto().then(there), Theme.PLUM.deriveColor(0, 1, 1, 0.55));
            pen.outline(h.piece.cell(), there, h.free ? Theme.PLUM : Theme.MARIGOLD, h.free ? 1.5 : 3);
        });
    }

    private static void pin(Pen pen, Point at) {
        pen.graphics().setFill(Theme.MARIGOLD);
        pen.graphics().fillOval(pen.view().x(at.xMm()) - 4, pen.view().y(at.yMm()) - 4, 8, 8);
        pen.graphics().setStroke(Theme.INK);
        pen.graphics().setLineWidth(1);
        pen.graphics().strokeOval(pen.view().x(at.xMm()) - 4, pen.view().y(at.yMm()) - 4, 8, 8);
    }

    private void title(Pen pen, Row row, double leftMm) {
        Load load = row.load;
        double x = pen.view().x(leftMm);
        double y = pen.view().y(row.topMm) - 12;
        String film = load.material().colourName(load.colour());
        String name = Words.filmName(load, session.shop());
        String title = switch (load.stock()) {
            case Roll r when session.job().laying().isTaken(r) -> Texts.of("loads.title.cut", load.order(), film, name);
            case Roll r
            when !r.isThere() ->
                Texts.of(
                        "loads.title.buy",
                        load.order(),
                        film,
                        name,
                        session.unit().rough(r.widthMm()));
            case Roll r ->
                Texts.of("loads.title", load.order(), film, name, session.unit().rough(r.widthMm()));
            case MatPiece m
            when !m.roll().isThere() ->
                Texts.of(
                        "loads.title.mat-buy",
                        load.order(),
                        film,
                        name,
                        session.unit().rough(m.roll().widthMm()));
            case MatPiece m ->
                Texts.of(
                        "loads.title.mat",
                        load.order(),
                        film,
                        name,
                        session.unit().rough(m.roll().widthMm()));
            case Offcut o ->
                Texts.of(o.whole() ? "loads.title.sheet" : "loads.title.offcut", load.order(), film, name, o.id());
        };
        if (row.isOfMany) {
            pen.text(
                    Texts.of("loads.title.short", load.order(), film),
                    x,
                    y - 14,
                    Theme.heading(12),
                    Theme.INK,
                    TextAlignment.LEFT);
            pen.text(Texts.of("loads.title.short-film", name), x, y, Theme.text(11), Theme.SOFT, TextAlignment.LEFT);
            return;
        }
        pen.text(title, x, y - 17, Theme.heading(14), Theme.INK, TextAlignment.LEFT);
        pen.text(
                Texts.of("loads.use", session.unit().film(load.usedMm()), Math.round(load.pieceShare() * 100)),
                x,
                y,
                Theme.measure(12),
                Theme.SOFT,
                TextAlignment.LEFT);
    }

    private static void core(Pen pen, double leftMm, double topMm, double widthMm, double coreMm) {
        double px = pen.view().pxPerMm();
        pen.graphics().setFill(Color.web("#8E939A"));
        pen.graphics()
                .fillRoundRect(pen.view().x(leftMm), pen.view().y(topMm) - 5, coreMm * px - 1, widthMm * px + 10, 8, 8);
    }
}
