package jurren.app.face;

import java.awt.geom.PathIterator;
import java.util.Optional;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.paint.ImagePattern;
import javafx.scene.paint.Paint;
import javafx.scene.shape.FillRule;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import jurren.app.theme.Theme;
import jurren.core.art.Ink;
import jurren.core.blank.BlankPart;
import jurren.core.geometry.Box;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Outline;
import jurren.core.geometry.Piece;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Point;
import jurren.core.geometry.Region;
import jurren.core.material.Colour;
import jurren.formats.print.Shades;

/** Draws what is measured in millimetres through a viewport. Line widths and text stay in pixels. */
public final class Pen {
    private static final double UNSEEN_PX = 0.75;

    private static final double MARK_PX = 1.2;
    private static final double EDGE_PX = 1;

    private final GraphicsContext g;
    private final Viewport view;

    public Pen(GraphicsContext g, Viewport view) {
        this.g = g;
        this.view = view;
    }

    /** Everything drawn with it stands so far to the right and down. */
    public Pen moved(double dxMm, double dyMm) {
        return new Pen(g, new Viewport(view.pxPerMm(), view.x(dxMm), view.y(dyMm)));
    }

    public GraphicsContext graphics() {
        return g;
    }

    public Viewport view() {
        return view;
    }

    public void fill(Region region, Placement placed, Paint paint) {
        trace(region, placed);
        g.setFill(paint);
        g.setFillRule(FillRule.EVEN_ODD);
        g.fill();
    }

    /**
     * A colour, or what is printed in its place.
     *
     * @param colour what it is roughly
     */
    public void fill(Region region, Placement placed, Colour colour, Optional<Ink> ink) {
        if (ink.isEmpty()) {
            fill(region, placed, Theme.paint(colour));
            return;
        }
        switch (InkPictures.drawn(region, ink.get())) {
            case Ink.Clear c -> fill(region, placed, Theme.paint(c.colour()).deriveColor(0, 1, 1, c.opacity()));
            case Ink.Shade s -> filled(region, placed, s.toMm(), InkPictures.shade(s), s.opacity());
            case Ink.OfPicture p -> {
                WritableImage image = PictureImage.of(p.of().picture());
                Placement pxToMm = Placement.scaled(
                                p.of().picture().width() / image.getWidth(),
                                p.of().picture().height() / image.getHeight())
                        .then(p.toMm());
                filled(
                        region,
                        placed,
                        pxToMm,
                        new ImagePattern(image, 0, 0, image.getWidth(), image.getHeight(), false),
                        p.opacity());
            }
            case Ink.Bent _ -> throw new IllegalStateException("what bends is drawn as a picture");
        }
    }

    /** A paint that is measured in coordinates of its own. */
    private void filled(Region region, Placement placed, Placement paintToMm, Paint paint, double opacity) {
        Placement toScreen = paintToMm
                .then(placed)
                .then(Placement.scaled(view.pxPerMm()))
                .then(Placement.moved(view.x(0), view.y(0)));
        g.save();
        g.setGlobalAlpha(opacity * g.getGlobalAlpha());
        g.transform(toScreen.xx(), toScreen.yx(), toScreen.xy(), toScreen.yy(), toScreen.dxMm(), toScreen.dyMm());
        Placement back = paintToMm.inverse();
        g.beginPath();
        for (Piece piece : region.pieces()) {
            path(piece.outer(), back);
            piece.holes().forEach(h -> path(h, back));
        }
        g.setFill(paint);
        g.setFillRule(FillRule.EVEN_ODD);
        g.fill();
        g.restore();
    }

    private void path(Outline o, Placement p) {
        for (int i = 0; i < o.size(); i++) {
            double x = p.xx() * o.xMm(i) + p.xy() * o.yMm(i) + p.dxMm();
            double y = p.yx() * o.xMm(i) + p.yy() * o.yMm(i) + p.dyMm();
            if (i == 0) {
                g.moveTo(x, y);
            } else {
                g.lineTo(x, y);
            }
        }
        g.closePath();
    }

    public void fill(Region region, Paint paint) {
        fill(region, Placement.HERE, paint);
    }

    public void outline(Region region, Placement placed, Paint paint, double width, double... dashes) {
        trace(region, placed);
        stroke(paint, width, dashes);
    }

    private void stroke(Paint paint, double width, double... dashes) {
        g.setStroke(paint);
        g.setLineWidth(width);
        g.setLineDashes(dashes);
        g.stroke();
        g.setLineDashes();
    }

    private void trace(Region region, Placement placed) {
        g.beginPath();
        for (Piece piece : region.pieces()) {
            trace(piece.outer(), placed);
            piece.holes().forEach(h -> trace(h, placed));
        }
    }

    /** Points nearer to the last than can be seen are passed over: large drawings have many. */
    private void trace(Outline o, Placement p) {
        double lastX = 0;
        double lastY = 0;
        for (int i = 0; i < o.size(); i++) {
            double x = view.x(p.xx() * o.xMm(i) + p.xy() * o.yMm(i) + p.dxMm());
            double y = view.y(p.yx() * o.xMm(i) + p.yy() * o.yMm(i) + p.dyMm());
            if (i == 0) {
                g.moveTo(x, y);
            } else if (Math.abs(x - lastX) + Math.abs(y - lastY) < UNSEEN_PX) {
                continue;
            } else {
                g.lineTo(x, y);
            }
            lastX = x;
            lastY = y;
        }
        g.closePath();
    }

    public void outline(Outline o, Placement placed, Paint paint, double width, double... dashes) {
        g.beginPath();
        trace(o, placed);
        stroke(paint, width, dashes);
    }

    public void fill(Curves curves, Paint paint) {
        trace(curves);
        g.setFill(paint);
        g.setFillRule(FillRule.EVEN_ODD);
        g.fill();
    }

    public void outline(Curves curves, Paint paint, double width) {
        trace(curves);
        stroke(paint, width);
    }

    private void trace(Curves curves) {
        g.beginPath();
        double[] c = new double[6];
        for (PathIterator it = curves.toAwt().getPathIterator(null); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> g.moveTo(view.x(c[0]), view.y(c[1]));
                case PathIterator.SEG_LINETO -> g.lineTo(view.x(c[0]), view.y(c[1]));
                case PathIterator.SEG_QUADTO ->
                    g.quadraticCurveTo(view.x(c[0]), view.y(c[1]), view.x(c[2]), view.y(c[3]));
                case PathIterator.SEG_CUBICTO ->
                    g.bezierCurveTo(view.x(c[0]), view.y(c[1]), view.x(c[2]), view.y(c[3]), view.x(c[4]), view.y(c[5]));
                default -> g.closePath();
            }
        }
    }

    public void blank(Iterable<BlankPart> parts, Colour cloth) {
        java.awt.Color colour = new java.awt.Color(cloth.rgb());
        for (BlankPart part : parts) {
            Color shade = Theme.paint(Shades.of(colour, part.kind()));
            if (part.kind() == BlankPart.Kind.SEAM) {
                outline(part.curves(), shade, 1);
            } else {
                fill(part.curves(), shade);
            }
        }
    }

    public void box(Box b, Paint paint, double width, double... dashes) {
        g.setStroke(paint);
        g.setLineWidth(width);
        g.setLineDashes(dashes);
        g.strokeRect(
                crisp(view.x(b.minXMm())),
                crisp(view.y(b.minYMm())),
                Math.round(b.widthMm() * view.pxPerMm()),
                Math.round(b.heightMm() * view.pxPerMm()));
        g.setLineDashes();
    }

    public void fillBox(Box b, Paint paint) {
        g.setFill(paint);
        g.fillRect(view.x(b.minXMm()), view.y(b.minYMm()), b.widthMm() * view.pxPerMm(), b.heightMm() * view.pxPerMm());
    }

    public void line(Point a, Point b, Paint paint, double width, double... dashes) {
        g.setStroke(paint);
        g.setLineWidth(width);
        g.setLineDashes(dashes);
        g.strokeLine(crisp(view.x(a.xMm())), crisp(view.y(a.yMm())), crisp(view.x(b.xMm())), crisp(view.y(b.yMm())));
        g.setLineDashes();
    }

    /** A line through several points. */
    public void lines(java.util.List<Point> points, Paint paint, double width, double... dashes) {
        g.beginPath();
        for (int i = 0; i < points.size(); i++) {
            double x = crisp(view.x(points.get(i).xMm()));
            double y = crisp(view.y(points.get(i).yMm()));
            if (i == 0) {
                g.moveTo(x, y);
            } else {
                g.lineTo(x, y);
            }
        }
        stroke(paint, width, dashes);
    }

    /** A measured distance, with a short stroke across each end. */
    public void dimension(Point a, Point b, Paint paint) {
        double width = MARK_PX + EDGE_PX * Theme.EDGES.size();
        for (Paint edge : Theme.EDGES) {
            dimension(a, b, edge, width);
            width -= EDGE_PX;
        }
        dimension(a, b, paint, MARK_PX);
    }

    private void dimension(Point a, Point b, Paint paint, double width) {
        line(a, b, paint, width);
        double length = a.distanceMm(b);
        if (length == 0) {
            return;
        }
        double nx = -(b.yMm() - a.yMm()) / length * 6;
        double ny = (b.xMm() - a.xMm()) / length * 6;
        for (Point p : new Point[] {a, b}) {
            double x = crisp(view.x(p.xMm()));
            double y = crisp(view.y(p.yMm()));
            g.strokeLine(x - nx, y - ny, x + nx, y + ny);
        }
    }

    public void text(String text, double px, double py, Font font, Paint paint, TextAlignment align) {
        g.setFont(font);
        g.setFill(paint);
        g.setTextAlign(align);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(text, px, py);
    }

    /** A numbered snag at its place. */
    public void snag(Point at, String number) {
        double x = view.x(at.xMm());
        double y = view.y(at.yMm());
        g.setFill(Theme.MARIGOLD_PALE);
        g.fillOval(x - 10, y - 10, 20, 20);
        g.setStroke(Theme.INK);
        g.setLineWidth(1.2);
        g.strokeOval(x - 10, y - 10, 20, 20);
        text(
                number,
                x,
                y,
                Font.font("Zilla Slab", javafx.scene.text.FontWeight.BOLD, 12),
                Theme.INK,
                TextAlignment.CENTER);
    }

    private static double crisp(double px) {
        return Math.floor(px) + 0.5;
    }
}
