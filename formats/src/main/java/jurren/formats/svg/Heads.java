package jurren.formats.svg;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;

/**
 * Markers as SVG 2 has them and the library has not: turned about where a line begins ({@code auto-start-reverse}), and
 * in the colours of the line that they stand on ({@code context-stroke}, {@code context-fill}). A line gets markers of
 * its own.
 */
final class Heads {
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final Pattern REFERENCE = Pattern.compile("url\\(\\s*['\"]?#([^)'\"]+)['\"]?\\s*\\)");
    private static final List<String> PLACES = List.of("marker-start", "marker-mid", "marker-end");

    private final Map<String, Element> markers = new HashMap<>();
    private final Map<String, String> made = new HashMap<>();

    static void say(List<Element> all) {
        Heads heads = new Heads();
        for (Element e : all) {
            if (e.getLocalName().equals("marker") && (isTurned(e) || isColoured(e))) {
                heads.markers.put(e.getAttribute("id"), e);
            }
        }
        if (heads.markers.isEmpty()) {
            return;
        }
        all.stream()
                .filter(e -> List.of("path", "line", "polyline", "polygon").contains(e.getLocalName()))
                .forEach(heads::of);
        heads.markers.values().stream().filter(Heads::isTurned).forEach(m -> m.setAttribute("orient", "auto"));
    }

    private static boolean isTurned(Element marker) {
        return marker.getAttribute("orient").strip().equals("auto-start-reverse");
    }

    private static boolean isColoured(Element marker) {
        NodeList inside = marker.getElementsByTagNameNS(SVG, "*");
        for (int i = 0; i < inside.getLength(); i++) {
            if (isContext((Element) inside.item(i), "fill") || isContext((Element) inside.item(i), "stroke")) {
                return true;
            }
        }
        return false;
    }

    private static boolean isContext(Element e, String paint) {
        return StyleLookup.own(e, paint).filter(v -> v.startsWith("context-")).isPresent();
    }

    private void of(Element line) {
        for (String place : PLACES) {
            String said = StyleLookup.around(line, place)
                    .or(() -> StyleLookup.around(line, "marker"))
                    .orElse("");
            Matcher m = REFERENCE.matcher(said);
            if (m.find() && markers.containsKey(m.group(1))) {
                StyleLookup.also(
                        line,
                        place + ":url(#" + own(markers.get(m.group(1)), line, place.equals("marker-start")) + ")");
            }
        }
    }

    private String own(Element marker, Element line, boolean atStart) {
        Map<String, String> colours = Map.of(
                "context-stroke",
                StyleLookup.around(line, "stroke").orElse("none"),
                "context-fill",
                StyleLookup.around(line, "fill").orElse("black"));
        boolean turned = atStart && isTurned(marker);
        return made.computeIfAbsent(
                marker.getAttribute("id") + (turned ? "/turned " : "/") + colours,
                key -> make(marker, colours, turned));
    }

    private String make(Element marker, Map<String, String> colours, boolean turned) {
        Document document = marker.getOwnerDocument();
        Element own = (Element) marker.cloneNode(true);
        String id = "jurren-head-" + made.size();
        own.setAttribute("id", id);
        if (isTurned(own)) {
            own.setAttribute("orient", "auto");
        }
        NodeList inside = own.getElementsByTagNameNS(SVG, "*");
        for (int i = 0; i < inside.getLength(); i++) {
            Element e = (Element) inside.item(i);
            for (String paint : List.of("fill", "stroke")) {
                Optional<String> said = StyleLookup.own(e, paint).map(colours::get);
                said.ifPresent(c -> StyleLookup.also(e, paint + ":" + c));
            }
        }
        if (turned) {
            Element about = document.createElementNS(SVG, "g");
            about.setAttribute("transform", "rotate(180 " + orZero(own, "refX") + " " + orZero(own, "refY") + ")");
            for (Node n = own.getFirstChild(); n != null; n = own.getFirstChild()) {
                about.appendChild(n);
            }
            own.appendChild(about);
            // what its window shows is turned with it
            own.setAttribute("overflow", "visible");
        }
        marker.getParentNode().appendChild(own);
        return id;
    }

    private static String orZero(Element e, String name) {
        return e.hasAttribute(name) ? e.getAttribute(name) : "0";
    }
}
