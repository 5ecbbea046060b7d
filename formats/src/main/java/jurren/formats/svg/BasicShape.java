package jurren.formats.svg;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The shapes that {@code clip-path} can name without drawing them, as in CSS Shapes 1, section 3: inset, circle,
 * ellipse, polygon and path, within a box.
 *
 * @param ofView true where the box is that of the whole view, not the shape's own
 */
record BasicShape(String name, String inside, boolean ofView) {
    private static final Pattern SHAPE = Pattern.compile(
            "(?:(view-box|fill-box|stroke-box|border-box|content-box|padding-box|margin-box)\\s+)?"
                    + "(inset|circle|ellipse|polygon|path)\\((.*)\\)"
                    + "(?:\\s+(view-box|fill-box|stroke-box|border-box|content-box|padding-box|margin-box))?",
            Pattern.CASE_INSENSITIVE | Pattern.DOTALL);
    /** Of a quarter of a round: 4/3 tan(π/8). */
    private static final double HANDLE = 0.5522847498307936;

    private static final Rectangle2D ANY = new Rectangle2D.Double(0, 0, 10, 10);

    /** Empty for what is no such shape, and for one that cannot be understood. */
    static Optional<BasicShape> of(String value) {
        Matcher m = SHAPE.matcher(value.strip());
        if (!m.matches()) {
            return Optional.empty();
        }
        BasicShape shape = new BasicShape(
                m.group(2).toLowerCase(Locale.ROOT),
                m.group(3).strip(),
                "view-box".equalsIgnoreCase(m.group(1)) || "view-box".equalsIgnoreCase(m.group(4)));
        try {
            shape.in(ANY);
            return Optional.of(shape);
        } catch (IllegalArgumentException | ArrayIndexOutOfBoundsException _) {
            return Optional.empty();
        }
    }

    /** Where it lies within a box. */
    Shape in(Rectangle2D box) {
        return switch (name) {
            case "inset" -> inset(box);
            case "circle" -> round(box, true);
            case "ellipse" -> round(box, false);
            case "polygon" -> polygon(box);
            default -> drawn(box);
        };
    }

    private Shape inset(Rectangle2D box) {
        String[] halves = inside.split("\\bround\\b");
        double[] sides = four(halves[0], box.getHeight(), box.getWidth());
        double x = box.getX() + sides[3];
        double y = box.getY() + sides[0];
        double w = Math.max(0, box.getWidth() - sides[1] - sides[3]);
        double h = Math.max(0, box.getHeight() - sides[0] - sides[2]);
        if (halves.length == 1) {
            return new Rectangle2D.Double(x, y, w, h);
        }
        String[] both = halves[1].split("/");
        double[] across = four(both[0], box.getWidth(), box.getWidth());
        double[] down = four(both[both.length - 1], box.getHeight(), box.getHeight());
        // corners that do not fit beside each other shrink together
        double fit = Math.min(
                1,
                Math.min(
                        Math.min(share(w, across[0] + across[1]), share(w, across[2] + across[3])),
                        Math.min(share(h, down[0] + down[3]), share(h, down[1] + down[2]))));
        Arrays.setAll(across, i -> across[i] * fit);
        Arrays.setAll(down, i -> down[i] * fit);
        Path2D.Double path = new Path2D.Double();
        path.moveTo(x + across[0], y);
        path.lineTo(x + w - across[1], y);
        corner(path, x + w, y, x + w, y + down[1]);
        path.lineTo(x + w, y + h - down[2]);
        corner(path, x + w, y + h, x + w - across[2], y + h);
        path.lineTo(x + across[3], y + h);
        corner(path, x, y + h, x, y + h - down[3]);
        path.lineTo(x, y + down[0]);
        corner(path, x, y, x + across[0], y);
        path.closePath();
        return path;
    }

    private static double share(double room, double wanted) {
        return wanted <= 0 ? 1 : room / wanted;
    }

    private static void corner(Path2D path, double cornerX, double cornerY, double toX, double toY) {
        double fromX = path.getCurrentPoint().getX();
        double fromY = path.getCurrentPoint().getY();
        path.curveTo(
                fromX + HANDLE * (cornerX - fromX),
                fromY + HANDLE * (cornerY - fromY),
                toX + HANDLE * (cornerX - toX),
                toY + HANDLE * (cornerY - toY),
                toX,
                toY);
    }

    /** Top, right, bottom, left, or the corners from the left one at the top on; those left out as in CSS. */
    private static double[] four(String text, double ofOdd, double ofEven) {
        String[] said = text.strip().split("\\s+");
        if (said.length > 4) {
            throw new IllegalArgumentException(text);
        }
        String second = said.length > 1 ? said[1] : said[0];
        return new double[] {
            length(said[0], ofOdd),
            length(second, ofEven),
            length(said.length > 2 ? said[2] : said[0], ofOdd),
            length(said.length > 3 ? said[3] : second, ofEven)
        };
    }

    private Shape round(Rectangle2D box, boolean circle) {
        String[] halves = (" " + inside).split("\\bat\\b", 2);
        Rectangle2D size = new Rectangle2D.Double(0, 0, box.getWidth(), box.getHeight());
        double[] at = halves.length == 1
                ? new double[] {size.getCenterX(), size.getCenterY()}
                : Turning.place(halves[1].strip().toLowerCase(Locale.ROOT), size)
                        .orElseThrow(IllegalArgumentException::new);
        String[] radii = halves[0].isBlank() ? new String[0] : halves[0].strip().split("\\s+");
        if (radii.length != 0 && radii.length != (circle ? 1 : 2)) {
            throw new IllegalArgumentException(inside);
        }
        double[] toSides = {at[0], box.getWidth() - at[0], at[1], box.getHeight() - at[1]};
        Arrays.setAll(toSides, i -> Math.abs(toSides[i]));
        double rx;
        double ry;
        if (circle) {
            rx = radius(
                    radii.length == 0 ? "closest-side" : radii[0],
                    Math.hypot(box.getWidth(), box.getHeight()) / Math.sqrt(2),
                    toSides);
            ry = rx;
        } else {
            rx = radius(
                    radii.length == 0 ? "closest-side" : radii[0], box.getWidth(), Arrays.copyOfRange(toSides, 0, 2));
            ry = radius(
                    radii.length == 0 ? "closest-side" : radii[1], box.getHeight(), Arrays.copyOfRange(toSides, 2, 4));
        }
        return new Ellipse2D.Double(box.getX() + at[0] - rx, box.getY() + at[1] - ry, 2 * rx, 2 * ry);
    }

    private static double radius(String said, double whole, double... toSides) {
        return switch (said.toLowerCase(Locale.ROOT)) {
            case "closest-side" -> Arrays.stream(toSides).min().orElse(0);
            case "farthest-side" -> Arrays.stream(toSides).max().orElse(0);
            default -> Math.max(0, length(said, whole));
        };
    }

    private Shape polygon(Rectangle2D box) {
        List<String> points = new ArrayList<>(List.of(inside.split(",")));
        Path2D.Double path = new Path2D.Double(rule(points));
        for (String point : points) {
            String[] xy = point.strip().split("\\s+");
            double x = box.getX() + length(xy[0], box.getWidth());
            double y = box.getY() + length(xy[1], box.getHeight());
            if (path.getCurrentPoint() == null) {
                path.moveTo(x, y);
            } else {
                path.lineTo(x, y);
            }
        }
        path.closePath();
        return path;
    }

    private Shape drawn(Rectangle2D box) {
        List<String> parts = new ArrayList<>(List.of(inside.split(",", 2)));
        int rule = rule(parts);
        String data = String.join(",", parts).strip();
        if (data.length() < 2) {
            throw new IllegalArgumentException(inside);
        }
        Path2D.Double path = PathData.shape(PathData.normal(data.substring(1, data.length() - 1)));
        path.setWindingRule(rule);
        path.transform(AffineTransform.getTranslateInstance(box.getX(), box.getY()));
        return path;
    }

    /** Takes it from the beginning of the list where it is told there. */
    private static int rule(List<String> parts) {
        String first = parts.getFirst().strip().toLowerCase(Locale.ROOT);
        if (first.equals("evenodd") || first.equals("nonzero")) {
            parts.removeFirst();
        }
        return first.equals("evenodd") ? Path2D.WIND_EVEN_ODD : Path2D.WIND_NON_ZERO;
    }

    /** A share of the whole, or a length in pixels. */
    private static double length(String said, double whole) {
        return said.endsWith("%")
                ? Double.parseDouble(said.substring(0, said.length() - 1)) / 100 * whole
                : Sums.px(said).orElseThrow(() -> new IllegalArgumentException(said));
    }
}
