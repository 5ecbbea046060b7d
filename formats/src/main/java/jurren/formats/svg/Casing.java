package jurren.formats.svg;

import java.text.Normalizer;
import java.util.Locale;
import java.util.regex.Pattern;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** Letters as they are to be set: accents one with their letter, capitals where a style asks for them. */
final class Casing {
    private static final Pattern BEGINNING = Pattern.compile("(?<![\\p{L}\\p{N}\\p{M}'’])\\p{L}");

    private Casing() {}

    /** @param e a text or a part of one */
    static void say(Element e) {
        for (Node n = e.getFirstChild(); n != null; n = n.getNextSibling()) {
            if (n.getNodeType() == Node.TEXT_NODE || n.getNodeType() == Node.CDATA_SECTION_NODE) {
                String text = Normalizer.normalize(n.getNodeValue(), Normalizer.Form.NFC);
                String set = switch (StyleLookup.around(e, "text-transform").orElse("none")) {
                    case "uppercase" -> text.toUpperCase(Locale.ROOT);
                    case "lowercase" -> text.toLowerCase(Locale.ROOT);
                    case "capitalize" ->
                        BEGINNING.matcher(text).replaceAll(m -> m.group().toUpperCase(Locale.ROOT));
                    default -> text;
                };
                if (!set.equals(n.getNodeValue())) {
                    n.setNodeValue(set);
                }
            }
        }
    }
}
