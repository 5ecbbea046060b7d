package jurren.app.bench.blank;

import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import jurren.app.bench.SnagCards;
import jurren.app.bench.blank.Dimensions.Dimension;
import jurren.app.face.FaceCanvas;
import jurren.app.face.FaceScene;
import jurren.app.face.Pen;
import jurren.app.session.Session;
import jurren.app.theme.Texts;
import jurren.app.theme.Theme;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Form;
import jurren.core.blank.Garment;
import jurren.core.blank.Panel;
import jurren.core.blank.Photo;
import jurren.core.blank.Vessel;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Warp;
import jurren.core.plan.LinePlan;
import jurren.core.plan.SizePlan;
import jurren.core.snag.Snag;
import jurren.formats.words.Words;

/** The face on the flat, or unrolled, with its measures; or all sizes side by side at one scale. */
final class FacePicture {
    private static final double MARGIN_PX = 46;
    private static final double GAP_PX = 30;
    private static final double BETWEEN_SIZES_MM = 90;
    /** For two lines of measures over a collar. */
    private static final double ROOM_ABOVE = 0.12;

    private final Session session;
    private final FaceCanvas canvas;
    private final Dimensions dimensions;
    private boolean allSizes;
    private boolean everyMeasure;
    private Photo photoOf;
    private Image photo;

    FacePicture(Session session) {
        this.session = session;
        this.canvas = new FaceCanvas(Texts.of("blank.picture"), MARGIN_PX, this::bounds, this::draw);
        this.dimensions = new Dimensions(session, canvas);
    }

    FaceCanvas canvas() {
        return canvas;
    }

    void showAllSizes(boolean all) {
        allSizes = all;
        canvas.showAll();
    }

    /** Beside the measures that place the art, all others of the thing. */
    void showEveryMeasure(boolean every) {
        everyMeasure = every;
        canvas.showAll();
    }

    private Box bounds() {
        if (session.linePlan().isEmpty() || session.sizePlan().isEmpty()) {
            return Box.ofSize(-400, -100, 800, 800);
        }
        SizePlan shown = session.sizePlan().get();
        if (!allSizes) {
            Box picture = shown.face().pictureBox();
            return everyMeasure
                    ? new Box(
                            picture.minXMm(),
                            picture.minYMm() - picture.heightMm() * ROOM_ABOVE,
                            picture.maxXMm(),
                            picture.maxYMm())
                    : picture;
        }
        double width = 0;
        double height = 0;
        for (SizePlan s : session.linePlan().get().sizes()) {
            width += s.face().pictureBox().widthMm() + BETWEEN_SIZES_MM;
            height = Math.max(height, s.face().pictureBox().heightMm());
        }
        return Box.ofSize(0, 0, width - BETWEEN_SIZES_MM, height);
    }

    private void draw(Pen pen) {
        dimensions.draw(pen, List.of());
        if (session.linePlan().isEmpty() || session.sizePlan().isEmpty()) {
            pen.text(Texts.of("planning"), 200, 60, Theme.text(14), Theme.SOFT, TextAlignment.CENTER);
            return;
        }
        LinePlan plan = session.linePlan().get();
        if (allSizes) {
            sizes(pen, plan);
        } else {
            one(pen, plan, session.sizePlan().get());
        }
    }

    private void one(Pen pen, LinePlan plan, SizePlan size) {
        photo(pen, plan);
        FaceScene.worn(pen, plan, size);
        Color guide = Theme.lineOn(plan.blankColour().colour());
        FaceScene.obstacles(pen, size, guide);
        FaceScene.area(pen, size, guide);
        if (!size.face().isRound()) {
            platen(pen, plan, guide);
        } else {
            middles(pen, size, guide);
            closing(pen, plan, size, guide);
        }
        FaceScene.edgeLine(pen, size, session.edgeLines().now());
        if (size.face().turnedInUse()) {
            Box b = size.face().pictureBox();
            pen.text(
                    Texts.of("blank.up"),
                    pen.view().x(b.centre().xMm()),
                    pen.view().y(b.minYMm()) - 14,
                    Theme.measure(11.5),
                    Theme.SOFT,
                    TextAlignment.CENTER);
        }
        dimensions.draw(pen, measures(pen, size));
        snags(pen, size);
    }

    /** Behind the usual face, of which it was taken. */
    private void photo(Pen pen, LinePlan plan) {
        boolean usual = plan.face()
                .id()
                .equals(plan.blank().reference().faces().getFirst().id());
        plan.blank().photo().filter(_ -> usual).ifPresent(p -> {
            if (!p.equals(photoOf)) {
                photoOf = p;
                photo = new Image(session.shopFolder().photo(p).toUri().toString(), true);
                photo.progressProperty().addListener((_, _, done) -> {
                    if (done.doubleValue() >= 1) {
                        canvas.redraw();
                    }
                });
            }
            if (!photo.isError() && photo.getWidth() > 0) {
                double scale = p.mmPerPx() * pen.view().pxPerMm();
                pen.graphics()
                        .drawImage(
                                photo,
                                pen.view().x(p.xMm()),
                                pen.view().y(p.yMm()),
                                photo.getWidth() * scale,
                                photo.getHeight() * scale);
            }
        });
    }

    private void snags(Pen pen, SizePlan size) {
        FaceScene.change(pen, session.snags().change(), Placement.HERE);
        List<Snag> found = SnagCards.of(session, BlankBench.MENDS);
        for (int i = 0; i < found.size(); i++) {
            int number = i + 1;
            if (found.get(i).size().map(size.id()::equals).orElse(true)) {
                found.get(i)
                        .where()
                        .map(size.face().unrolling()::apply)
                        .ifPresent(p -> pen.snag(p, String.valueOf(number)));
            }
        }
    }

    /** Where the press closes, each position, and what two of them heat. */
    private void platen(Pen pen, LinePlan plan, Color guide) {
        if (!plan.isPressed()) {
            return;
        }
        Color soft = guide.deriveColor(0, 1, 1, 0.75);
        plan.platen().twice().forEach(b -> pen.fillBox(b, Theme.MARIGOLD.deriveColor(0, 1, 1, 0.28)));
        List<Box> positions = plan.platen().positions();
        for (int i = 0; i < positions.size(); i++) {
            Box b = positions.get(i);
            pen.box(b, soft, 1, 9, 4, 2, 4);
            String text = Texts.of(
                    "blank.platen",
                    session.unit().rough(b.widthMm()),
                    session.unit().rough(b.heightMm()));
            pen.text(
                    positions.size() == 1 ? text : i + 1 + "  " + text,
                    pen.view().x(b.minXMm()) + 8,
                    pen.view().y(b.minYMm()) + 11,
                    Theme.measure(11.5),
                    soft,
                    TextAlignment.LEFT);
        }
    }

    /** What a mug press or an oven sleeve closes on, as far as there is something. */
    private static void closing(Pen pen, LinePlan plan, SizePlan size, Color guide) {
        if (!plan.isPressed()) {
            return;
        }
        Color soft = guide.deriveColor(0, 1, 1, 0.75);
        for (Box b : plan.platen().positions()) {
            b.crossed(size.face().whole()).ifPresent(on -> {
                pen.lines(FaceScene.outline(size.face().unrolling(), on), soft, 1, 9, 4, 2, 4);
                Point label = size.face().unrolling().apply(new Point(on.minXMm(), on.minYMm()));
                pen.text(
                        Words.press(plan.platen().press().kind()),
                        pen.view().x(label.xMm()) - 2,
                        pen.view().y(label.yMm()) - 12,
                        Theme.measure(11.5),
                        Theme.SOFT,
                        TextAlignment.LEFT);
            });
        }
    }

    /** The upright middle and the height where widths are true. */
    private static void middles(Pen pen, SizePlan size, Color guide) {
        Warp warp = size.face().unrolling();
        Box whole = size.face().whole();
        Color soft = guide.deriveColor(0, 1, 1, 0.5);
        pen.lines(
                FaceScene.level(warp, new Point(0, whole.minYMm()), new Point(0, whole.maxYMm())), soft, 1, 9, 4, 2, 4);
        double y = size.face().trueAtMm();
        pen.lines(
                FaceScene.level(warp, new Point(whole.minXMm(), y), new Point(whole.maxXMm(), y)), soft, 1, 9, 4, 2, 4);
    }

    private List<Dimension> measures(Pen pen, SizePlan size) {
        Box area = size.area().box();
        double gap = GAP_PX / pen.view().pxPerMm();
        Box b = size.face().pictureBox();
        return switch (size.face().form()) {
            case Garment g -> {
                List<Dimension> all = areaMeasures(size, area, new Point(0, 0), gap);
                double side = g.chestMm() / 2;
                double hem = g.lengthMm() - g.collarDropMm();
                all.add(dimensions.form(
                        Form.Measure.CHEST,
                        new Point(-side, hem + gap * 0.7),
                        new Point(side, hem + gap * 0.7),
                        g.chestMm(),
                        0.5,
                        0));
                all.add(dimensions.form(
                        Form.Measure.LENGTH,
                        new Point(b.minXMm() - gap * 0.7, -g.collarDropMm()),
                        new Point(b.minXMm() - gap * 0.7, hem),
                        g.lengthMm(),
                        0.72,
                        0));
                if (everyMeasure) {
                    tailorsMeasures(all, g, gap);
                }
                yield all;
            }
            case Panel p -> {
                List<Dimension> all = areaMeasures(size, area, new Point(0, 0), gap);
                all.add(dimensions.form(
                        Form.Measure.WIDTH,
                        new Point(-p.widthMm() / 2, p.heightMm() + gap * 0.7),
                        new Point(p.widthMm() / 2, p.heightMm() + gap * 0.7),
                        p.widthMm(),
                        0.5,
                        0));
                all.add(dimensions.form(
                        Form.Measure.HEIGHT,
                        new Point(-p.widthMm() / 2 - gap * 0.9, 0),
                        new Point(-p.widthMm() / 2 - gap * 0.9, p.heightMm()),
                        p.heightMm(),
                        0.5,
                        0));
                yield all;
            }
            case Vessel _ -> wrapMeasures(size, area, gap);
        };
    }

    /** What a tailor would measure besides: shoulders, sleeve and collar. */
    private void tailorsMeasures(List<Dimension> all, Garment g, double gap) {
        double top = -g.collarDropMm();
        double collar = g.collarWidthMm() / 2;
        double shoulder = g.shouldersMm() / 2;
        all.add(dimensions.form(
                Form.Measure.COLLAR_WIDTH,
                new Point(-collar, top - gap * 0.7),
                new Point(collar, top - gap * 0.7),
                g.collarWidthMm(),
                0.5,
                0));
        all.add(dimensions.form(
                Form.Measure.SHOULDERS,
                new Point(-shoulder, top - gap * 1.8),
                new Point(shoulder, top - gap * 1.8),
                g.shouldersMm(),
                0.5,
                0));
        all.add(dimensions.form(
                Form.Measure.COLLAR_DROP,
                new Point(-collar - gap * 0.8, top),
                new Point(-collar - gap * 0.8, 0),
                g.collarDropMm(),
                0.5,
                -100));
        g.sleeveLine()
                .ifPresent(s -> all.add(dimensions.form(
                        Form.Measure.SLEEVE,
                        s.getFirst().plus(gap * 0.4, -gap * 0.4),
                        s.getLast().plus(gap * 0.4, -gap * 0.4),
                        g.sleeveMm(),
                        0.6,
                        0)));
    }

    private List<Dimension> areaMeasures(SizePlan size, Box area, Point top, double gap) {
        boolean low = area.maxYMm() + gap * 1.4 > size.face().pictureBox().maxYMm();
        double below = low ? area.maxYMm() - gap * 0.6 : area.maxYMm() + gap;
        boolean narrow = area.maxXMm() + gap * 1.5 > size.face().pictureBox().maxXMm();
        double beside = narrow ? size.face().pictureBox().maxXMm() + gap * 0.9 : area.maxXMm() + gap * 1.5;
        return Dimensions.of(
                dimensions.area(
                        "blank-drop",
                        "blank.drop",
                        top,
                        new Point(0, area.minYMm()),
                        area.minYMm(),
                        0.5,
                        10,
                        (a, mm) -> new AreaMeasures(a.widthMm(), a.heightMm(), mm)),
                dimensions.area(
                        "blank-width",
                        "blank.area-width",
                        new Point(area.minXMm(), below),
                        new Point(area.maxXMm(), below),
                        area.widthMm(),
                        0.5,
                        0,
                        (a, mm) -> new AreaMeasures(mm, a.heightMm(), a.dropMm())),
                dimensions.area(
                        "blank-height",
                        "blank.area-height",
                        new Point(beside, area.minYMm()),
                        new Point(beside, area.maxYMm()),
                        area.heightMm(),
                        0.5,
                        0,
                        (a, mm) -> new AreaMeasures(a.widthMm(), mm, a.dropMm())));
    }

    /** Unrolled: the area's width where it is true, its height at the right, its distance from the lip. */
    private List<Dimension> wrapMeasures(SizePlan size, Box area, double gap) {
        Warp warp = size.face().unrolling();
        Box b = size.face().pictureBox();
        double below = b.maxYMm() + gap * 0.9;
        double half = area.widthMm() / 2;
        Point top = warp.apply(new Point(area.maxXMm(), area.minYMm()));
        Point foot = warp.apply(new Point(area.maxXMm(), area.maxYMm()));
        double aside = gap * 0.8;
        return Dimensions.of(
                dimensions.area(
                        "blank-width",
                        "blank.wrap-width",
                        new Point(area.centre().xMm() - half, below),
                        new Point(area.centre().xMm() + half, below),
                        area.widthMm(),
                        0.5,
                        0,
                        (a, mm) -> new AreaMeasures(mm, a.heightMm(), a.dropMm())),
                dimensions.area(
                        "blank-height",
                        "blank.area-height",
                        new Point(top.xMm() + aside, top.yMm()),
                        new Point(foot.xMm() + aside, foot.yMm()),
                        area.heightMm(),
                        0.5,
                        0,
                        (a, mm) -> new AreaMeasures(a.widthMm(), mm, a.dropMm())),
                dimensions.area(
                        "blank-drop",
                        "blank.wrap-drop",
                        warp.apply(new Point(0, 0)),
                        warp.apply(new Point(0, area.minYMm())),
                        area.minYMm(),
                        0.5,
                        10,
                        (a, mm) -> new AreaMeasures(a.widthMm(), a.heightMm(), mm)));
    }

    private void sizes(Pen pen, LinePlan plan) {
        double height = bounds().heightMm();
        double left = 0;
        for (SizePlan s : plan.sizes()) {
            Box b = s.face().pictureBox();
            Pen moved = pen.moved(left - b.minXMm(), height - b.maxYMm());
            FaceScene.worn(moved, plan, s);
            FaceScene.area(moved, s, Theme.lineOn(plan.blankColour().colour()));
            double x = pen.view().x(left + b.widthMm() / 2);
            double y = pen.view().y(height) + 16;
            pen.graphics().setTextBaseline(VPos.CENTER);
            pen.text(s.id() + " × " + s.count(), x, y, Theme.heading(14), Theme.INK, TextAlignment.CENTER);
            pen.text(
                    s.artBounds()
                            .map(a -> Texts.of("blank.art-wide", session.unit().format(a.widthMm())))
                            .orElse(""),
                    x,
                    y + 16,
                    Theme.measure(11.5),
                    Theme.SOFT,
                    TextAlignment.CENTER);
            left += b.widthMm() + BETWEEN_SIZES_MM;
        }
    }
}
