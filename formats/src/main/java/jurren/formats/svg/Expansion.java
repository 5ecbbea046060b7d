package jurren.formats.svg;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.svg.SVGDocument;

/** How many elements a drawing has once every {@code use} stands for what it names; ten of ten of ten are many. */
final class Expansion {
    static final long MOST = 300_000;

    private static final String XLINK = "http://www.w3.org/1999/xlink";

    private final SVGDocument document;
    private final Map<Element, Long> known = new HashMap<>();
    private final Set<Element> open = new HashSet<>();

    private Expansion(SVGDocument document) {
        this.document = document;
    }

    static boolean isTooMuch(SVGDocument document) {
        return new Expansion(document).size(document.getDocumentElement()) > MOST;
    }

    /** What names itself counts once; the library refuses it by itself. */
    private long size(Element e) {
        Long before = known.get(e);
        if (before != null) {
            return before;
        }
        if (!open.add(e)) {
            return 1;
        }
        long sum = 1;
        for (Node n = e.getFirstChild(); n != null && sum <= MOST; n = n.getNextSibling()) {
            sum += n instanceof Element child ? size(child) : 0;
        }
        String href = e.getAttributeNS(XLINK, "href");
        if ("use".equals(e.getLocalName()) && href.startsWith("#")) {
            Element target = document.getElementById(href.substring(1));
            sum += target == null ? 0 : size(target);
        }
        open.remove(e);
        known.put(e, Math.min(sum, MOST + 1));
        return Math.min(sum, MOST + 1);
    }
}
