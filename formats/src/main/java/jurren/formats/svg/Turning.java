package jurren.formats.svg;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/**
 * {@code transform-origin}, which the library does not know: what a transform turns about is said within it, as SVG 2
 * and CSS mean it: of the drawing's whole view, or of the shape's own box where {@code transform-box} says so.
 */
final class Turning {
    private static final Pattern PLACE = Pattern.compile("([-+]?[0-9]*\\.?[0-9]+(?:[eE][-+]?[0-9]+)?)(px|%)?");

    private Turning() {}

    /** @return false where what it turns about is not known */
    static boolean say(Element e) {
        Optional<String> origin = StyleLookup.own(e, "transform-origin");
        String transform = e.getAttribute("transform").strip();
        if (origin.isEmpty() || transform.isEmpty()) {
            return true;
        }
        Optional<Rectangle2D> box = StyleLookup.own(e, "transform-box")
                        .filter(b ->
                                b.startsWith("fill-box") || b.startsWith("content-box") || b.startsWith("stroke-box"))
                        .isPresent()
                ? own(e)
                : view(e);
        Optional<double[]> at = box.flatMap(b -> place(origin.get(), b));
        at.ifPresent(p -> e.setAttribute(
                "transform",
                "translate(" + p[0] + "," + p[1] + ") " + transform + " translate(" + -p[0] + "," + -p[1] + ")"));
        return at.isPresent();
    }

    static Optional<double[]> place(String origin, Rectangle2D box) {
        String[] words = origin.split("\\s+");
        String first = words[0];
        String second = words.length > 1 ? words[1] : "center";
        if (first.equals("top") || first.equals("bottom") || second.equals("left") || second.equals("right")) {
            String keep = first;
            first = second;
            second = keep;
        }
        Optional<Double> x = along(first, box.getX(), box.getWidth());
        Optional<Double> y = along(second, box.getY(), box.getHeight());
        return x.isPresent() && y.isPresent() ? Optional.of(new double[] {x.get(), y.get()}) : Optional.empty();
    }

    private static Optional<Double> along(String word, double from, double length) {
        double share = switch (word) {
            case "left", "top" -> 0;
            case "center" -> 0.5;
            case "right", "bottom" -> 1;
            default -> Double.NaN;
        };
        if (!Double.isNaN(share)) {
            return Optional.of(from + share * length);
        }
        Matcher m = PLACE.matcher(word);
        return m.matches()
                ? Optional.of(from
                        + ("%".equals(m.group(2))
                                ? Double.parseDouble(m.group(1)) / 100 * length
                                : Double.parseDouble(m.group(1))))
                : Optional.empty();
    }

    /** Of the nearest drawing around it; lengths count from the view's own beginning. */
    static Optional<Rectangle2D> view(Element e) {
        for (Node n = e.getParentNode(); n instanceof Element around; n = n.getParentNode()) {
            if (around.getLocalName().equals("svg")) {
                List<Double> box = numbers(around.getAttribute("viewBox"));
                double width = box.size() == 4 ? box.get(2) : number(around, "width");
                double height = box.size() == 4 ? box.get(3) : number(around, "height");
                return Optional.of(new Rectangle2D.Double(
                        0, 0, Double.isNaN(width) ? 0 : width, Double.isNaN(height) ? 0 : height));
            }
        }
        return Optional.empty();
    }

    static Optional<Rectangle2D> own(Element e) {
        Rectangle2D box = switch (e.getLocalName()) {
            case "rect" -> new Rectangle2D.Double(zero(e, "x"), zero(e, "y"), number(e, "width"), number(e, "height"));
            case "circle" ->
                new Ellipse2D.Double(
                                zero(e, "cx") - number(e, "r"),
                                zero(e, "cy") - number(e, "r"),
                                2 * number(e, "r"),
                                2 * number(e, "r"))
                        .getBounds2D();
            case "ellipse" ->
                new Ellipse2D.Double(
                                zero(e, "cx") - number(e, "rx"),
                                zero(e, "cy") - number(e, "ry"),
                                2 * number(e, "rx"),
                                2 * number(e, "ry"))
                        .getBounds2D();
            case "line" -> new Line2D.Double(zero(e, "x1"), zero(e, "y1"), zero(e, "x2"), zero(e, "y2")).getBounds2D();
            case "polyline", "polygon" -> points(numbers(e.getAttribute("points")));
            case "path" -> PathData.shape(e.getAttribute("d")).getBounds2D();
            default -> null;
        };
        return Optional.ofNullable(box)
                .filter(b -> Double.isFinite(b.getX() + b.getY() + b.getWidth() + b.getHeight()));
    }

    private static Rectangle2D points(List<Double> xy) {
        Path2D.Double path = new Path2D.Double();
        for (int i = 0; i + 1 < xy.size(); i += 2) {
            if (i == 0) {
                path.moveTo(xy.get(0), xy.get(1));
            } else {
                path.lineTo(xy.get(i), xy.get(i + 1));
            }
        }
        return path.getBounds2D();
    }

    private static List<Double> numbers(String text) {
        return Pattern.compile("[-+]?[0-9]*\\.?[0-9]+(?:[eE][-+]?[0-9]+)?")
                .matcher(text)
                .results()
                .map(r -> Double.valueOf(r.group()))
                .toList();
    }

    static double zero(Element e, String name) {
        return e.hasAttribute(name) ? number(e, name) : 0;
    }

    /** Without a unit, or in pixels; what is in others is not known here. */
    private static double number(Element e, String name) {
        Matcher m = PLACE.matcher(e.getAttribute(name).strip());
        return m.matches() && !"%".equals(m.group(2)) ? Double.parseDouble(m.group(1)) : Double.NaN;
    }
}
