package jurren.formats.svg;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jurren.formats.drawing.DrawingBuilder;
import org.jsoup.Jsoup;
import org.jsoup.parser.Parser;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.Node;

/**
 * The rules of a drawing's style sheets, matched as CSS of today matches: what each element is told, from the weakest
 * to the strongest. Rules whose selector is not known are passed over, as CSS wants it.
 */
final class StyleRules {
    private static final Pattern COMMENT = Pattern.compile("(?s)/\\*.*?\\*/");
    private static final Pattern IDS = Pattern.compile("#[\\w-]+");
    private static final Pattern CLASSES =
            Pattern.compile("\\.[\\w-]+|\\[[^\\]]*\\]|:(?!not\\b|is\\b|has\\b)[\\w-]+(\\([^)]*\\))?");
    private static final Pattern TYPES = Pattern.compile("(?:^|[\\s>+~(])[a-zA-Z][\\w-]*");
    private static final int MOST_RULES = 20_000;
    private static final Pattern AMONG_OTHERS = Pattern.compile("[~+]|:(nth|first|last|only|has|contains)");
    private static final double OTHERS_SHARE = 0.05;
    /** So many elements are looked at, a fraction of a microsecond each. */
    private static final double MOST_WORK = 6e7;

    private static final String NUMBER = "data-jurren-n";

    private final List<Rule> rules = new ArrayList<>();

    private record Rule(String selector, String declarations, int strength) {}

    /** @param css a sheet, or several one after the other */
    StyleRules(String css) {
        sheet(COMMENT.matcher(css).replaceAll("").replace("<!--", "").replace("-->", ""));
    }

    boolean isEmpty() {
        return rules.isEmpty();
    }

    private void sheet(String css) {
        int at = 0;
        int semicolon = css.indexOf(';');
        while (at < css.length() && rules.size() < MOST_RULES) {
            int open = css.indexOf('{', at);
            // looked for only once it is passed: a long sheet without any is not gone through again and again
            semicolon = semicolon >= 0 && semicolon < at ? css.indexOf(';', at) : semicolon;
            if (semicolon >= 0 && (open < 0 || semicolon < open)) {
                at = semicolon + 1;
                continue;
            }
            if (open < 0) {
                break;
            }
            int close = closing(css, open);
            String selector = css.substring(at, open).strip();
            String inside = css.substring(open + 1, close);
            if (selector.startsWith("@")) {
                if (selector.matches("(?i)@media\\s+(only\\s+)?(screen|all)?\\b.*") && !selector.contains("print")) {
                    sheet(inside);
                }
            } else {
                for (String one : selector.split(",(?![^(\\[]*[)\\]])")) {
                    rules.add(new Rule(one.strip(), inside, strength(one.strip())));
                }
            }
            at = Math.min(css.length(), close + 1);
        }
    }

    private static int closing(String css, int open) {
        int depth = 0;
        for (int i = open; i < css.length(); i++) {
            depth += css.charAt(i) == '{' ? 1 : css.charAt(i) == '}' ? -1 : 0;
            if (depth == 0) {
                return i;
            }
        }
        return css.length();
    }

    /** Names before classes before kinds, as CSS weighs them. */
    private static int strength(String selector) {
        return 10_000 * count(IDS, selector) + 100 * count(CLASSES, selector) + count(TYPES, selector);
    }

    private static int count(Pattern what, String in) {
        Matcher m = what.matcher(in);
        int n = 0;
        while (m.find()) {
            n++;
        }
        return Math.min(n, 99);
    }

    /** Each rule is held against each element, and what asks for places among others against those too. */
    private static double work(Rule rule, int elements) {
        return elements * (AMONG_OTHERS.matcher(rule.selector).find() ? Math.max(1, elements * OTHERS_SHARE) : 1);
    }

    /** What the rules tell each element, the weakest first; later ones overrule. */
    Map<Element, String> of(List<Element> elements) {
        if (rules.stream().mapToDouble(r -> work(r, elements.size())).sum() > MOST_WORK) {
            throw new DrawingBuilder.TooMuch();
        }
        org.jsoup.nodes.Document mirror = Jsoup.parse("", "", Parser.xmlParser());
        Map<String, Element> numbered = new HashMap<>();
        Map<Element, org.jsoup.nodes.Element> made = new IdentityHashMap<>();
        for (Element e : elements) {
            org.jsoup.nodes.Element own = new org.jsoup.nodes.Element(e.getLocalName());
            NamedNodeMap attributes = e.getAttributes();
            for (int i = 0; i < attributes.getLength(); i++) {
                own.attr(attributes.item(i).getNodeName(), attributes.item(i).getNodeValue());
            }
            own.attr(NUMBER, String.valueOf(numbered.size()));
            numbered.put(String.valueOf(numbered.size()), e);
            Node parent = e.getParentNode();
            org.jsoup.nodes.Element in = parent instanceof Element p ? made.get(p) : null;
            (in == null ? mirror : in).appendChild(own);
            made.put(e, own);
        }
        Map<Element, List<Rule>> told = new IdentityHashMap<>();
        List<Rule> weakestFirst = new ArrayList<>(rules);
        weakestFirst.sort(Comparator.comparingInt(Rule::strength));
        for (Rule rule : weakestFirst) {
            for (org.jsoup.nodes.Element match : select(mirror, rule.selector)) {
                told.computeIfAbsent(numbered.get(match.attr(NUMBER)), _ -> new ArrayList<>())
                        .add(rule);
            }
        }
        Map<Element, String> all = new IdentityHashMap<>();
        told.forEach((e, own) -> {
            StringBuilder css = new StringBuilder();
            own.forEach(r -> css.append(r.declarations.strip()).append(';'));
            all.put(e, css.toString());
        });
        return all;
    }

    private static List<org.jsoup.nodes.Element> select(org.jsoup.nodes.Document mirror, String selector) {
        // what needs a pointer or a keyboard never holds in a drawing that lies still
        if (selector.isEmpty()
                || selector.toLowerCase(Locale.ROOT).matches(".*:(hover|active|focus|visited|target)\\b.*")) {
            return List.of();
        }
        try {
            return mirror.select(selector);
        } catch (IllegalArgumentException | IllegalStateException _) {
            return List.of();
        }
    }
}
