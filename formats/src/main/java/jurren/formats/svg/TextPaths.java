package jurren.formats.svg;

import java.awt.Shape;
import java.awt.geom.FlatteningPathIterator;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.awt.geom.Rectangle2D;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import jurren.core.geometry.Ellipses;
import org.w3c.dom.Element;

/**
 * What letters are set along, finely enough that none of them leans: the library turns each by a chord of the path as
 * coarse as a hundredth of a unit. Circles and the other shapes are paths too, as in SVG 2, 11.8.1.
 */
final class TextPaths {
    private static final String XLINK = "http://www.w3.org/1999/xlink";
    /** Of the size of the path. */
    private static final double FLATNESS = 1e-6;

    private static final int MOST_HALVINGS = 14;

    private TextPaths() {}

    /** Gives a text path a path of its own. */
    static void say(Element e, Map<String, Element> named) {
        String said = e.hasAttribute("href") ? e.getAttribute("href") : e.getAttributeNS(XLINK, "href");
        Element along = said.startsWith("#") ? named.get(said.substring(1)) : null;
        Optional<Shape> shape = along == null ? Optional.empty() : shape(along);
        if (shape.isEmpty() || along.getParentNode() == null) {
            return;
        }
        Element fine = e.getOwnerDocument().createElementNS("http://www.w3.org/2000/svg", "path");
        String id = "fine-" + along.getAttribute("id");
        if (!named.containsKey(id)) {
            fine.setAttribute("id", id);
            fine.setAttribute("d", chords(shape.get()));
            if (along.hasAttribute("transform")) {
                fine.setAttribute("transform", along.getAttribute("transform"));
            }
            Element defs = e.getOwnerDocument().createElementNS("http://www.w3.org/2000/svg", "defs");
            defs.appendChild(fine);
            e.getOwnerDocument().getDocumentElement().appendChild(defs);
            named.put(id, fine);
        }
        e.setAttributeNS(XLINK, "xlink:href", "#" + id);
    }

    private static Optional<Shape> shape(Element e) {
        Optional<Rectangle2D> box = Turning.own(e).filter(b -> b.getWidth() + b.getHeight() > 0);
        return switch (e.getLocalName()) {
            case "path" -> Optional.of(PathData.shape(e.getAttribute("d")));
            case "circle", "ellipse" -> box.map(b -> Ellipses.of(b.getX(), b.getY(), b.getWidth(), b.getHeight()));
            case "rect" -> box.filter(_ -> !e.hasAttribute("rx")).map(b -> b);
            case "line" ->
                box.map(_ -> new Line2D.Double(
                        Turning.zero(e, "x1"), Turning.zero(e, "y1"), Turning.zero(e, "x2"), Turning.zero(e, "y2")));
            case "polyline", "polygon" ->
                box.map(_ -> PathData.shape(PathData.normal(
                        "M" + e.getAttribute("points") + (e.getLocalName().equals("polygon") ? "Z" : ""))));
            default -> Optional.empty();
        };
    }

    private static String chords(Shape shape) {
        Rectangle2D box = shape.getBounds2D();
        double flatness = FLATNESS * Math.max(1e-9, Math.hypot(box.getWidth(), box.getHeight()));
        StringBuilder d = new StringBuilder();
        double[] c = new double[6];
        for (PathIterator it = new FlatteningPathIterator(
                        new Path2D.Double(shape).getPathIterator(null), flatness, MOST_HALVINGS);
                !it.isDone();
                it.next()) {
            switch (it.currentSegment(c)) {
                case PathIterator.SEG_CLOSE -> d.append('Z');
                case PathIterator.SEG_MOVETO -> d.append(String.format(Locale.ROOT, "M%.7f %.7f", c[0], c[1]));
                default -> d.append(String.format(Locale.ROOT, "L%.7f %.7f", c[0], c[1]));
            }
        }
        return d.toString();
    }
}
