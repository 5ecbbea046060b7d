package jurren.formats.out;

import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.io.IOException;
import java.util.Locale;
import jurren.core.geometry.Region;

/** What the text formats have in common. */
final class Lines {
    private Lines() {}

    /** So far a written curve lies from an edge at most. */
    static final double SMOOTH_MM = 0.002;

    /** What is told of a path, one after the other. */
    interface Pen {
        void move(double x, double y) throws IOException;

        void line(double x, double y) throws IOException;

        void curve(double x1, double y1, double x2, double y2, double x3, double y3) throws IOException;

        void close() throws IOException;
    }

    /** The edges of a region as straight lines and curves, in millimetres. */
    static void draw(Region region, Pen pen) throws IOException {
        double[] c = new double[6];
        for (PathIterator it = region.smooth(SMOOTH_MM).toAwt().getPathIterator(null); !it.isDone(); it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_MOVETO -> pen.move(c[0], c[1]);
                case PathIterator.SEG_LINETO -> pen.line(c[0], c[1]);
                case PathIterator.SEG_CUBICTO -> pen.curve(c[0], c[1], c[2], c[3], c[4], c[5]);
                case PathIterator.SEG_CLOSE -> pen.close();
                default -> throw new IllegalStateException("edges are lines and cubics");
            }
        }
    }

    /**
     * The same as text.
     *
     * @param words what begins or ends a line, a curve: of a move, a line, a curve and a close
     * @param after whether the word stands after its numbers
     */
    static void draw(StringBuilder out, Region region, AffineTransform onto, String[] words, boolean after) {
        try {
            draw(region, new Pen() {
                private void say(int word, double... xy) {
                    onto.transform(xy, 0, xy, 0, xy.length / 2);
                    if (!after) {
                        out.append(words[word]);
                    }
                    for (int i = 0; i < xy.length; i++) {
                        out.append(i == 0 ? "" : " ").append(number(xy[i]));
                    }
                    if (after) {
                        out.append(words[word]);
                    }
                }

                @Override
                public void move(double x, double y) {
                    say(0, x, y);
                }

                @Override
                public void line(double x, double y) {
                    say(1, x, y);
                }

                @Override
                public void curve(double x1, double y1, double x2, double y2, double x3, double y3) {
                    say(2, x1, y1, x2, y2, x3, y3);
                }

                @Override
                public void close() {
                    out.append(words[3]);
                }
            });
        } catch (IOException e) {
            throw new IllegalStateException("text took no more text", e);
        }
    }

    /** Enough of an angle's tangent for the arcs of large things. */
    static String fine(double n) {
        return String.format(Locale.ROOT, "%.8f", n);
    }

    /** Four decimals without what says nothing. */
    static String number(double n) {
        String text = String.format(Locale.ROOT, "%.4f", n);
        text = text.replaceAll("0+$", "").replaceAll("\\.$", "");
        return text.equals("-0") ? "0" : text;
    }
}
