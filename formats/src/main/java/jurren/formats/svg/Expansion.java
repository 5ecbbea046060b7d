package jurren.formats.svg;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.Text;
import org.w3c.dom.svg.SVGDocument;

/**
 * How many elements a drawing has once every {@code use} stands for what it names; ten of ten of ten are many. A letter
 * of a text counts as five, and the parts of what clips or masks as often as they are held against each other.
 */
final class Expansion {
    static final long MOST = 300_000;

    private static final Pattern URL = Pattern.compile("url\\(['\"]?#([^'\")]+)");
    /** What a letter takes to be laid out. */
    private static final long ELEMENTS_A_LETTER = 5;
    /** Parts of a clip are joined with each other, quicker than an element is painted. */
    private static final long PARTS_AT_ONCE = 10;

    private static final Set<String> LETTERED = Set.of("text", "tspan", "textPath");
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

    /** What its style or an attribute names to be cut off by. */
    private long named(Element e, String property) {
        Matcher id = URL.matcher(StyleLookup.own(e, property).orElse(""));
        Element by = id.find() ? document.getElementById(id.group(1)) : null;
        return by == null ? 0 : size(by);
    }

    private static long letters(Node n) {
        return n instanceof Text t && n.getParentNode() instanceof Element e && LETTERED.contains(e.getLocalName())
                ? ELEMENTS_A_LETTER * t.getData().strip().length()
                : 0;
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
        long parts = 0;
        for (Node n = e.getFirstChild(); n != null && sum <= MOST; n = n.getNextSibling()) {
            sum += n instanceof Element child ? size(child) : letters(n);
            parts += n instanceof Element ? 1 : 0;
        }
        if ("clipPath".equals(e.getLocalName())) {
            sum += parts * parts / PARTS_AT_ONCE;
        }
        sum += named(e, "clip-path") + named(e, "mask");
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
