package jurren.formats.hpgl;

import java.awt.BasicStroke;
import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jurren.core.art.DrawingFile;
import jurren.core.geometry.Ellipses;
import jurren.core.load.Dialect;
import jurren.core.material.Colour;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead;

/**
 * Reads HPGL as lines to follow: what the pen draws without being lifted is one line, each pen has a
 * colour of its own. Understood are PU, PD, PA, PR, SP, AA, AR, CI, SC with IP, and IN; labels are left out.
 * A unit is 0.025 mm unless the file scales it.
 */
public final class HpglReader {
    private static final Pattern HEAD =
            Pattern.compile("^\\s*(\u001b[^;]{0,20})?\\s*(IN|DF|PA|SP\\d?|PU|BP|IP)\\b?[ ;,\\d-]");
    private static final Pattern COMMAND = Pattern.compile("([A-Za-z]{2})([^A-Za-z;]*);?");
    private static final Pattern NUMBER = Pattern.compile("[-+]?(?:\\d+\\.?\\d*|\\.\\d+)");
    private static final int[] PENS = {0x23262B, 0x7C2E57, 0x1E5A8C, 0x2F7D4F, 0xC0392B, 0xE3A21A, 0x6B4A2B, 0x7FC4DA};
    private static final double LARGEST = 1e7;
    private static final double FLAT_UNITS = 0.1;
    private static final double SAME_UNITS = 1.5;

    private final DrawingBuilder found = new DrawingBuilder();
    private Path2D.Double line = new Path2D.Double();
    private double x;
    private double y;
    private boolean down;
    /** The whole plot turned, against the clock. */
    private int quarters;

    private boolean relative;
    private int pen = 1;
    private double[] p1p2 = {0, 0, 1, 1};
    private AffineTransform user = new AffineTransform();
    private boolean understood;

    private HpglReader() {}

    public static boolean looksLike(String head) {
        return HEAD.matcher(head).find();
    }

    public static DrawingRead read(DrawingFile file) {
        String text = new String(file.content(), StandardCharsets.ISO_8859_1).replaceAll("(?i)LB[^\u0003]*\u0003", "");
        HpglReader reader = new HpglReader();
        reader.found.yUp();
        Matcher m = COMMAND.matcher(text);
        while (m.find()) {
            reader.take(m.group(1).toUpperCase(java.util.Locale.ROOT), numbers(m.group(2)));
        }
        reader.lift();
        return reader.understood ? reader.found.finish(file) : DrawingBuilder.refused(Reason.NOT_A_DRAWING, file, "");
    }

    private static double[] numbers(String text) {
        List<Double> all = new ArrayList<>();
        Matcher m = NUMBER.matcher(text);
        while (m.find()) {
            all.add(Math.clamp(Double.parseDouble(m.group()), -LARGEST, LARGEST));
        }
        return all.stream().mapToDouble(d -> d).toArray();
    }

    private void take(String command, double[] n) {
        switch (command) {
            case "IN", "DF" -> {
                lift();
                user = new AffineTransform();
                quarters = 0;
                relative = false;
                understood = true;
            }
            case "PU" -> {
                lift();
                move(n);
            }
            case "PD" -> {
                begin();
                move(n);
                understood = true;
            }
            case "PA", "PR" -> {
                relative = command.equals("PR");
                move(n);
            }
            case "SP" -> {
                lift();
                pen = n.length == 0 ? 0 : (int) n[0];
                found.onLayer("pen " + pen);
            }
            case "AA", "AR" -> arc(n, command.equals("AR"));
            case "CI" -> circle(n);
            case "IP" -> p1p2 = n.length >= 4 ? n : p1p2;
            case "SC" -> scale(n);
            case "RO" -> {
                lift();
                // whole quarters, as plotters know them
                quarters = n.length == 0 ? 0 : (int) Math.round(n[0] / 90) % 4;
            }
            default -> {}
        }
    }

    private void scale(double[] n) {
        if (n.length < 4 || n[1] == n[0] || n[3] == n[2]) {
            user = new AffineTransform();
            return;
        }
        double sx = (p1p2[2] - p1p2[0]) / (n[1] - n[0]);
        double sy = (p1p2[3] - p1p2[1]) / (n[3] - n[2]);
        user = new AffineTransform(sx, 0, 0, sy, p1p2[0] - n[0] * sx, p1p2[1] - n[2] * sy);
    }

    private void begin() {
        if (!down) {
            down = true;
            line.moveTo(x, y);
        }
    }

    private void move(double[] n) {
        for (int i = 0; i + 1 < n.length; i += 2) {
            x = relative ? x + n[i] : n[i];
            y = relative ? y + n[i + 1] : n[i + 1];
            if (down) {
                line.lineTo(x, y);
            }
        }
    }

    private void arc(double[] n, boolean fromHere) {
        if (n.length < 3) {
            return;
        }
        double cx = fromHere ? x + n[0] : n[0];
        double cy = fromHere ? y + n[1] : n[1];
        double r = Math.hypot(x - cx, y - cy);
        // the library turns with y down, the plotter with y up
        double start = -Math.toDegrees(Math.atan2(y - cy, x - cx));
        Path2D arc = Ellipses.arc(cx - r, cy - r, 2 * r, 2 * r, start, -Math.clamp(n[2], -360, 360));
        x = arc.getCurrentPoint().getX();
        y = arc.getCurrentPoint().getY();
        if (down) {
            line.append(arc, true);
        }
    }

    private void circle(double[] n) {
        if (n.length > 0 && n[0] != 0) {
            double r = Math.abs(n[0]);
            draw(Ellipses.of(x - r, y - r, 2 * r, 2 * r));
            understood = true;
        }
    }

    private void lift() {
        if (down) {
            draw(withoutOvercut(line));
            line = new Path2D.Double();
            down = false;
        }
    }

    /** A knife goes on past its start; what it cut twice is no line of its own. */
    private static java.awt.Shape withoutOvercut(Path2D line) {
        List<double[]> points = new ArrayList<>();
        double[] c = new double[6];
        for (PathIterator it = line.getPathIterator(null, FLAT_UNITS); !it.isDone(); it.next()) {
            it.currentSegment(c);
            points.add(new double[] {c[0], c[1]});
        }
        for (int i = points.size() - 1; i > 2; i--) {
            if (Math.hypot(points.get(i)[0] - points.getFirst()[0], points.get(i)[1] - points.getFirst()[1])
                    <= SAME_UNITS) {
                Path2D closed = new Path2D.Double();
                closed.moveTo(points.getFirst()[0], points.getFirst()[1]);
                points.subList(1, i).forEach(p -> closed.lineTo(p[0], p[1]));
                closed.closePath();
                return closed;
            }
        }
        return line;
    }

    private void draw(java.awt.Shape shape) {
        AffineTransform toMm = AffineTransform.getScaleInstance(Dialect.USUAL_UNIT_MM, Dialect.USUAL_UNIT_MM);
        toMm.quadrantRotate(quarters);
        toMm.concatenate(user);
        if (pen > 0 && Math.abs(toMm.getDeterminant()) < 1e6) {
            found.stroke(
                    shape,
                    new BasicStroke(0),
                    toMm,
                    new Colour(PENS[(pen - 1) % PENS.length]),
                    false,
                    Optional.empty());
        }
    }
}
