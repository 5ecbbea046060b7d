package jurren.app.face;

import jurren.core.geometry.Box;
import jurren.core.geometry.Point;

/** How millimetres become pixels: immutable, y down on both sides. */
public record Viewport(double pxPerMm, double offsetX, double offsetY) {
    /** A pixel is taken as 1/96 inch. */
    private static final double TRUE_SIZE_PX_PER_MM = 96 / 25.4;

    private static final double LEAST = 0.02;
    private static final double MOST = 200;

    /** Shows a box whole and in the middle. */
    public static Viewport showing(Box box, double width, double height, double marginPx) {
        double scale = Math.min((width - 2 * marginPx) / box.widthMm(), (height - 2 * marginPx) / box.heightMm());
        double s = Math.clamp(scale, LEAST, MOST);
        return new Viewport(
                s, width / 2 - box.centre().xMm() * s, height / 2 - box.centre().yMm() * s);
    }

    public double x(double mm) {
        return offsetX + mm * pxPerMm;
    }

    public double y(double mm) {
        return offsetY + mm * pxPerMm;
    }

    public Point toMm(double px, double py) {
        return new Point((px - offsetX) / pxPerMm, (py - offsetY) / pxPerMm);
    }

    /** Larger or smaller with one pixel staying where it is. */
    public Viewport zoomed(double factor, double px, double py) {
        double s = Math.clamp(pxPerMm * factor, LEAST, MOST);
        double f = s / pxPerMm;
        return new Viewport(s, px - (px - offsetX) * f, py - (py - offsetY) * f);
    }

    public Viewport panned(double dx, double dy) {
        return new Viewport(pxPerMm, offsetX + dx, offsetY + dy);
    }

    /** 2.4 when the thing is 2.4 times as large as it is shown. */
    public double ratio() {
        return TRUE_SIZE_PX_PER_MM / pxPerMm;
    }
}
