package jurren.formats.print;

import java.awt.Color;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import jurren.core.cut.ClosedCut;
import jurren.core.cut.CutPath;
import jurren.core.cut.CutRun;
import jurren.core.geometry.AwtShapes;
import jurren.core.geometry.Box;
import jurren.core.geometry.Point;
import jurren.core.load.Load;
import jurren.core.load.Placed;

/**
 * A load as it lies in front of the cutter, its leading edge to the right, in as many strips as it takes: pieces in the
 * film's colour, each with its name, and what is cut for weeding.
 */
final class LoadDrawing {
    private static final Color INK = new Color(0x23262B);
    private static final Color SOFT = new Color(0x8A8F96);
    private static final Color PAPER = new Color(0xF2F1EE);
    private static final Color PLUM = new Color(0x7C2E57);
    /** So high is a strip of the usual film, at the least and at the most. */
    private static final double LEAST_HIGH = 64;

    private static final double MOST_HIGH = 96;
    /** A short one takes little of the page and is drawn larger. */
    private static final double SHORT_HIGH = 170;

    private static final double BETWEEN = 8;
    private static final double PADDING = 1.5;
    private static final double BESIDE = 0.55;
    private static final double[] PARTS = {0.2, 0.4, 0.6, 0.8};

    private final Load load;
    private final CutRun run;
    private final double scale;
    private final double width;
    private final int strips;

    LoadDrawing(CutRun run, double width) {
        this.run = run;
        this.load = run.load();
        this.width = width;
        double across = load.stock().widthMm();
        this.scale = Math.clamp(
                width / load.usedMm(),
                LEAST_HIGH / across,
                (load.usedMm() < across / 2 ? SHORT_HIGH : MOST_HIGH) / across);
        this.strips = Math.max(1, (int) Math.ceil(load.usedMm() * scale / width - 1e-6));
    }

    int strips() {
        return strips;
    }

    /** Of one strip, with the room under it. */
    double highPt() {
        return load.stock().widthMm() * scale + BETWEEN;
    }

    void draw(PdfSheet sheet, int strip, double x, double y, Function<Placed, String> name) throws IOException {
        double high = load.stock().widthMm() * scale;
        double wide = Math.min(width, load.usedMm() * scale - strip * width);
        AffineTransform toPage = new AffineTransform(scale, 0, 0, -scale, x - strip * width, y + high);
        sheet.clip(x, y, wide, high);
        sheet.box(x, y, wide, high, PAPER, PAPER);
        Color film = new Color(load.colour().rgb());
        for (Placed p : load.placed()) {
            Path2D piece = AwtShapes.path(p.item().layer().weeded().placed(p.onto()));
            sheet.fill(piece, toPage, film);
            sheet.outline(piece, toPage, INK, 0.3, new float[0]);
        }
        for (CutPath path : run.paths()) {
            if (path.kind() == CutPath.Kind.FRAME || path.kind() == CutPath.Kind.RELIEF) {
                sheet.outline(line(path), toPage, SOFT, 0.5, new float[0]);
            }
        }
        List<Rectangle2D> names = new ArrayList<>();
        for (Placed p : load.placed()) {
            named(sheet, p, toPage, name.apply(p), new Rectangle2D.Double(x, y, wide, high), names);
        }
        sheet.endClip();
        sheet.outline(new Rectangle2D.Double(x, y, wide, high), new AffineTransform(), SOFT, 0.5, new float[0]);
    }

    private static Path2D line(CutPath path) {
        Path2D line = new Path2D.Double();
        Point first = path.start();
        line.moveTo(first.xMm(), first.yMm());
        path.corners().stream().skip(1).forEach(p -> line.lineTo(p.xMm(), p.yMm()));
        if (path instanceof ClosedCut) {
            line.closePath();
        }
        return line;
    }

    /** On its piece, or the part of it that is on this strip, on white, so that it can be read on any film. */
    private static void named(
            PdfSheet sheet, Placed p, AffineTransform toPage, String name, Rectangle2D on, List<Rectangle2D> names)
            throws IOException {
        double size = PdfSheet.LEAST_PT;
        double wide = sheet.width(name, DocumentFonts.MEASURE, size) + 2 * PADDING;
        double high = size + 2 * PADDING;
        Rectangle2D free = null;
        for (Point at : places(p, wide / toPage.getScaleX())) {
            Point2D middle = toPage.transform(new Point2D.Double(at.xMm(), at.yMm()), null);
            Rectangle2D here = new Rectangle2D.Double(
                    Math.max(on.getX(), Math.min(middle.getX() - wide / 2, on.getMaxX() - wide)),
                    Math.max(on.getY(), Math.min(middle.getY() - high / 2, on.getMaxY() - high)),
                    wide,
                    high);
            if (!on.contains(middle)) {
                continue;
            }
            if (free == null
                    || names.stream().anyMatch(free::intersects)
                            && names.stream().noneMatch(here::intersects)) {
                free = here;
            }
        }
        if (free == null) {
            return;
        }
        names.add(free);
        sheet.box(free.getX(), free.getY(), wide, high, Color.WHITE, Color.WHITE);
        sheet.text(name, free.getX() + PADDING, free.getCenterY() + size * 0.35, DocumentFonts.MEASURE, size, PLUM);
    }

    /** Well inside its largest part, elsewhere over it, or beside it where there is so much room. */
    private static List<Point> places(Placed p, double wideMm) {
        Box box = p.box();
        List<Point> all = new ArrayList<>(List.of(
                p.item().layer().weeded().largest().region().placed(p.onto()).inside(), box.centre()));
        for (double x : PARTS) {
            for (double y : PARTS) {
                all.add(new Point(box.minXMm() + x * box.widthMm(), box.minYMm() + y * box.heightMm()));
            }
        }
        for (double y : PARTS) {
            all.add(new Point(box.maxXMm() + wideMm * BESIDE, box.minYMm() + y * box.heightMm()));
            all.add(new Point(box.minXMm() - wideMm * BESIDE, box.minYMm() + y * box.heightMm()));
        }
        return all;
    }
}
