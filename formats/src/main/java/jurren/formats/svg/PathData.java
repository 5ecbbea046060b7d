package jurren.formats.svg;

import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Path data written anew in absolute moves, lines and curves, as SVG 2 means it. The library underneath enlarges the
 * radii of arcs a little, so that a circle of two halves becomes a lens, and mistakes T and S after other commands; and
 * it refuses a path whose end is broken, where everything before it is to be painted.
 *
 * <p>Arcs: from end points to the middle as in SVG 2, appendix B.2.4; each eighth or less is one cubic with handles of
 * 4/3 tan(θ/4), which is 4 millionths of the radius from the circle at most.
 */
final class PathData {
    private static final Pattern WRITTEN = Pattern.compile("([MLCQZ])|([-+]?[0-9]*\\.?[0-9]+(?:[eE][-+]?[0-9]+)?)");

    private static final Pattern NUMBER = Pattern.compile("[-+]?(?:[0-9]+\\.?[0-9]*|\\.[0-9]+)(?:[eE][-+]?[0-9]+)?");

    private final String data;
    private final StringBuilder out = new StringBuilder();
    private int at;
    private double x;
    private double y;
    private double startX;
    private double startY;
    /** The last handle of a curve before, about which S and T are mirrored. */
    private double handleX;

    private double handleY;
    private char last = ' ';

    private PathData(String data) {
        this.data = data;
    }

    private static final class Broken extends Exception {
        private static final long serialVersionUID = 1L;
    }

    /** What of it can be read. */
    static String normal(String data) {
        PathData path = new PathData(data);
        try {
            path.commands();
        } catch (Broken _) {
            // everything before what is broken is painted
        }
        return path.out.toString();
    }

    /** As many points as can be read. */
    static String pairs(String points) {
        List<String> numbers = new ArrayList<>();
        Matcher m = NUMBER.matcher(points);
        int end = 0;
        while (m.find() && points.substring(end, m.start()).matches("[\\s,]*")) {
            numbers.add(m.group());
            end = m.end();
        }
        return String.join(" ", numbers.subList(0, numbers.size() / 2 * 2));
    }

    /** Of data that was written anew: absolute moves, lines and curves, a letter for each. */
    static Path2D.Double shape(String normal) {
        Path2D.Double path = new Path2D.Double();
        double[] n = new double[6];
        int count = 0;
        char command = 'Z';
        Matcher m = WRITTEN.matcher(normal);
        while (m.find()) {
            if (m.group(1) != null) {
                command = m.group(1).charAt(0);
                count = 0;
                if (command == 'Z' && path.getCurrentPoint() != null) {
                    path.closePath();
                }
                continue;
            }
            n[count++] = Double.parseDouble(m.group(2));
            int wanted = command == 'C' ? 6 : command == 'Q' ? 4 : 2;
            if (count == wanted) {
                count = 0;
                switch (command) {
                    case 'M' -> path.moveTo(n[0], n[1]);
                    case 'C' -> path.curveTo(n[0], n[1], n[2], n[3], n[4], n[5]);
                    case 'Q' -> path.quadTo(n[0], n[1], n[2], n[3]);
                    default -> path.lineTo(n[0], n[1]);
                }
            }
        }
        return path;
    }

    private void commands() throws Broken {
        char command = ' ';
        for (skip(); at < data.length(); skip()) {
            char c = data.charAt(at);
            if (Character.isLetter(c)) {
                command = c;
                at++;
                if (Character.toUpperCase(c) == 'Z') {
                    close();
                    continue;
                }
            } else if (command == ' ' || Character.toUpperCase(command) == 'Z') {
                throw new Broken();
            }
            if (out.isEmpty() && Character.toUpperCase(command) != 'M') {
                throw new Broken();
            }
            one(command);
            // more pairs after a move are lines
            command = command == 'M' ? 'L' : command == 'm' ? 'l' : command;
        }
    }

    private void close() {
        if (last == 'M') { // a dot where its line has ends, which only an open one gets here
            to('L', x, y);
            to('M', x, y);
        } else if (!out.isEmpty()) {
            out.append('Z');
        }
        x = startX;
        y = startY;
        last = 'Z';
    }

    private void one(char command) throws Broken {
        boolean relative = Character.isLowerCase(command);
        double dx = relative ? x : 0;
        double dy = relative ? y : 0;
        char kind = Character.toUpperCase(command);
        switch (kind) {
            case 'M', 'L' -> to(kind, dx + number(), dy + number());
            case 'H' -> to('L', dx + number(), y);
            case 'V' -> to('L', x, dy + number());
            case 'C' -> cubic(dx + number(), dy + number(), dx + number(), dy + number(), dx + number(), dy + number());
            case 'S' -> {
                boolean smooth = last == 'C' || last == 'S';
                cubic(
                        smooth ? 2 * x - handleX : x,
                        smooth ? 2 * y - handleY : y,
                        dx + number(),
                        dy + number(),
                        dx + number(),
                        dy + number());
            }
            case 'Q' -> quadratic(dx + number(), dy + number(), dx + number(), dy + number());
            case 'T' -> {
                boolean smooth = last == 'Q' || last == 'T';
                quadratic(smooth ? 2 * x - handleX : x, smooth ? 2 * y - handleY : y, dx + number(), dy + number());
            }
            case 'A' -> arc(number(), number(), number(), flag(), flag(), dx + number(), dy + number());
            default -> throw new Broken();
        }
        last = kind;
    }

    private void to(char kind, double toX, double toY) {
        write(kind, toX, toY);
        x = toX;
        y = toY;
        if (kind == 'M') {
            startX = x;
            startY = y;
        }
    }

    private void cubic(double x1, double y1, double x2, double y2, double toX, double toY) {
        write('C', x1, y1, x2, y2, toX, toY);
        handleX = x2;
        handleY = y2;
        x = toX;
        y = toY;
    }

    private void quadratic(double x1, double y1, double toX, double toY) {
        write('Q', x1, y1, toX, toY);
        handleX = x1;
        handleY = y1;
        x = toX;
        y = toY;
    }

    private void arc(
            double givenX, double givenY, double degrees, boolean large, boolean sweep, double toX, double toY) {
        double rx = Math.abs(givenX);
        double ry = Math.abs(givenY);
        if (x == toX && y == toY) {
            return;
        }
        if (rx == 0 || ry == 0) {
            to('L', toX, toY);
            return;
        }
        double cos = Math.cos(Math.toRadians(degrees));
        double sin = Math.sin(Math.toRadians(degrees));
        double halfX = (x - toX) / 2;
        double halfY = (y - toY) / 2;
        double px = cos * halfX + sin * halfY;
        double py = -sin * halfX + cos * halfY;
        double reach = px * px / (rx * rx) + py * py / (ry * ry);
        if (reach > 1) {
            rx *= Math.sqrt(reach);
            ry *= Math.sqrt(reach);
        }
        double free = rx * rx * ry * ry - rx * rx * py * py - ry * ry * px * px;
        double factor =
                (large == sweep ? -1 : 1) * Math.sqrt(Math.max(0, free) / (rx * rx * py * py + ry * ry * px * px));
        double mx = factor * rx * py / ry;
        double my = -factor * ry * px / rx;
        double middleX = cos * mx - sin * my + (x + toX) / 2;
        double middleY = sin * mx + cos * my + (y + toY) / 2;
        double from = Math.atan2((py - my) / ry, (px - mx) / rx);
        double turn = Math.atan2((-py - my) / ry, (-px - mx) / rx) - from;
        turn += sweep && turn < 0 ? 2 * Math.PI : !sweep && turn > 0 ? -2 * Math.PI : 0;
        int parts = Math.max(1, (int) Math.ceil(Math.abs(turn) / (Math.PI / 4) - 1e-9));
        double each = turn / parts;
        double handle = 4.0 / 3 * Math.tan(each / 4);
        for (int i = 0; i < parts; i++) {
            double a = from + i * each;
            double b = a + each;
            double[] one = onEllipse(
                    Math.cos(a) - handle * Math.sin(a),
                    Math.sin(a) + handle * Math.cos(a),
                    rx,
                    ry,
                    cos,
                    sin,
                    middleX,
                    middleY);
            double[] two = onEllipse(
                    Math.cos(b) + handle * Math.sin(b),
                    Math.sin(b) - handle * Math.cos(b),
                    rx,
                    ry,
                    cos,
                    sin,
                    middleX,
                    middleY);
            double[] end = i == parts - 1
                    ? new double[] {toX, toY}
                    : onEllipse(Math.cos(b), Math.sin(b), rx, ry, cos, sin, middleX, middleY);
            write('C', one[0], one[1], two[0], two[1], end[0], end[1]);
        }
        x = toX;
        y = toY;
    }

    private static double[] onEllipse(
            double u, double v, double rx, double ry, double cos, double sin, double middleX, double middleY) {
        return new double[] {cos * rx * u - sin * ry * v + middleX, sin * rx * u + cos * ry * v + middleY};
    }

    private void write(char kind, double... values) {
        out.append(kind);
        for (double v : values) {
            out.append(String.format(Locale.ROOT, "%.6f ", v));
        }
    }

    // ---- letters

    private void skip() {
        while (at < data.length() && (Character.isWhitespace(data.charAt(at)) || data.charAt(at) == ',')) {
            at++;
        }
    }

    /** May be written without anything between it and the next: 0 or 1. */
    private boolean flag() throws Broken {
        skip();
        if (at >= data.length() || data.charAt(at) != '0' && data.charAt(at) != '1') {
            throw new Broken();
        }
        return data.charAt(at++) == '1';
    }

    private double number() throws Broken {
        skip();
        int from = at;
        if (at < data.length() && (data.charAt(at) == '-' || data.charAt(at) == '+')) {
            at++;
        }
        int digits = digits();
        if (at < data.length() && data.charAt(at) == '.') {
            at++;
            digits += digits();
        }
        if (digits == 0) {
            throw new Broken();
        }
        if (at < data.length() && (data.charAt(at) == 'e' || data.charAt(at) == 'E')) {
            int mark = at++;
            if (at < data.length() && (data.charAt(at) == '-' || data.charAt(at) == '+')) {
                at++;
            }
            if (digits() == 0) {
                at = mark;
            }
        }
        double value = Double.parseDouble(data.substring(from, at));
        if (!Double.isFinite(value)) {
            throw new Broken();
        }
        return value;
    }

    private int digits() {
        int from = at;
        while (at < data.length() && data.charAt(at) >= '0' && data.charAt(at) <= '9') {
            at++;
        }
        return at - from;
    }
}
