package jurren.formats.svg;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/**
 * A line that is to be painted below its filling, which the library does not know: such a shape is said as two, its
 * line first. What holds for both together (opacity, clips) is said of the group around them.
 */
final class PaintOrder {
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final Set<String> SHAPES =
            Set.of("path", "rect", "circle", "ellipse", "line", "polyline", "polygon", "text");
    private static final Set<String> OF_BOTH = Set.of("opacity", "clip-path", "mask", "filter");
    private static final Set<String> OF_GROUP = Set.of("id", "transform", "opacity", "clip-path", "mask", "filter");

    private PaintOrder() {}

    static void say(List<Element> all) {
        // most drawings say nothing of it
        if (all.stream().anyMatch(e -> told(e).isPresent())) {
            all.stream()
                    .filter(e ->
                            SHAPES.contains(e.getLocalName()) && e.getParentNode() instanceof Element && lineFirst(e))
                    .forEach(PaintOrder::split);
        }
    }

    private static Optional<String> told(Element e) {
        return StyleLookup.own(e, "paint-order").map(s -> s.toLowerCase(Locale.ROOT));
    }

    /** Told of itself or of the nearest group around it that says something. */
    private static boolean lineFirst(Element e) {
        for (Node n = e; n instanceof Element around; n = n.getParentNode()) {
            if (around.getLocalName().equals("clipPath")) {
                return false;
            }
        }
        return StyleLookup.around(e, "paint-order")
                .map(s -> s.toLowerCase(Locale.ROOT))
                .filter(PaintOrder::isLineFirst)
                .isPresent();
    }

    private static boolean isLineFirst(String order) {
        int stroke = order.indexOf("stroke");
        int fill = order.indexOf("fill");
        return stroke >= 0 && (fill < 0 || stroke < fill);
    }

    private static void split(Element e) {
        Element group = e.getOwnerDocument().createElementNS(SVG, "g");
        for (String name : OF_GROUP) {
            if (e.hasAttribute(name)) {
                group.setAttribute(name, e.getAttribute(name));
                e.removeAttribute(name);
            }
        }
        List<String> own = StyleLookup.declarations(e.getAttribute("style"));
        group.setAttribute(
                "style",
                String.join(
                        ";",
                        own.stream()
                                .filter(d -> OF_BOTH.contains(StyleLookup.name(d)))
                                .toList()));
        own.removeIf(d -> OF_BOTH.contains(StyleLookup.name(d)));
        e.setAttribute("style", String.join(";", own));
        Element line = (Element) e.cloneNode(true);
        e.getParentNode().replaceChild(group, e);
        group.appendChild(line);
        group.appendChild(e);
        without(line, "fill:none;marker:none");
        without(e, "stroke:none");
    }

    private static void without(Element e, String said) {
        StyleLookup.also(e, said);
        NodeList inside = e.getElementsByTagNameNS(SVG, "*");
        for (int i = 0; i < inside.getLength(); i++) {
            StyleLookup.also((Element) inside.item(i), said);
        }
    }
}
