package jurren.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** What an element says of a property, in its style or as an attribute. */
final class StyleLookup {
    private StyleLookup() {}

    /** Of the element itself: its style is stronger than its attribute. */
    static Optional<String> own(Element e, String property) {
        return declarations(e.getAttribute("style")).stream()
                .filter(d -> name(d).equals(property))
                .reduce((_, later) -> later)
                .map(d -> d.substring(d.indexOf(':') + 1).strip())
                .or(() ->
                        Optional.of(e.getAttribute(property)).map(String::strip).filter(s -> !s.isEmpty()));
    }

    /** Of itself or of the nearest around it that says something. */
    static Optional<String> around(Element e, String property) {
        for (Node n = e; n instanceof Element at; n = n.getParentNode()) {
            Optional<String> said = own(at, property).filter(s -> !s.equals("inherit"));
            if (said.isPresent()) {
                return said;
            }
        }
        return Optional.empty();
    }

    /** Of a style; what stands in brackets or quotes parts nothing. */
    static List<String> declarations(String style) {
        List<String> all = new ArrayList<>();
        int depth = 0;
        int from = 0;
        for (int i = 0; i < style.length(); i++) {
            char c = style.charAt(i);
            depth += c == '(' ? 1 : c == ')' ? -1 : 0;
            if (c == ';' && depth <= 0) {
                all.add(style.substring(from, i).strip());
                from = i + 1;
            }
        }
        all.add(style.substring(from).strip());
        all.removeIf(String::isEmpty);
        return all;
    }

    static String name(String declaration) {
        int colon = declaration.indexOf(':');
        return colon < 0 ? "" : declaration.substring(0, colon).strip().toLowerCase(Locale.ROOT);
    }

    /** One more declaration, stronger than those before it. */
    static void also(Element e, String declaration) {
        String style = e.getAttribute("style").strip();
        e.setAttribute("style", style.isEmpty() ? declaration : style + (style.endsWith(";") ? "" : ";") + declaration);
    }
}
