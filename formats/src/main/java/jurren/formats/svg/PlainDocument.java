package jurren.formats.svg;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead;
import org.w3c.dom.Attr;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.NodeList;
import org.w3c.dom.svg.SVGDocument;

/**
 * Says the same drawing in words the library underneath understands: styles of today, lengths with capital units,
 * curves, references that lead nowhere. What browsers pass over is passed over.
 */
final class PlainDocument {
    private static final String XLINK = "http://www.w3.org/1999/xlink";
    private static final Set<String> COLOURS = Set.of("fill", "stroke", "stop-color", "color", "flood-color");
    private static final Map<String, String> OPACITY_OF =
            Map.of("fill", "fill-opacity", "stroke", "stroke-opacity", "stop-color", "stop-opacity");
    private static final Set<String> LENGTHS = Set.of(
            "width",
            "height",
            "x",
            "y",
            "cx",
            "cy",
            "r",
            "rx",
            "ry",
            "x1",
            "y1",
            "x2",
            "y2",
            "stroke-width",
            "font-size",
            "dx",
            "dy");
    private static final Pattern CAPITAL_UNIT =
            Pattern.compile("\\s*([-+0-9.eE]+)\\s*(MM|CM|IN|PT|PC|PX|Mm|Cm|In|Pt|Px|Q|q)\\s*");
    private static final Pattern REFERENCE = Pattern.compile("url\\(\\s*['\"]?#([^)'\"]+)['\"]?\\s*\\)\\s*(.*)");
    private static final Pattern VARIABLE =
            Pattern.compile("var\\(\\s*(--[\\w-]+)\\s*(?:,\\s*([^()]*(?:\\([^()]*\\)[^()]*)*))?\\)");
    private static final Pattern DECLARED = Pattern.compile("(?<![\\w(-])(--[\\w-]+)\\s*:\\s*([^;}]+)");
    private static final Pattern MEASURE = Pattern.compile(
            "([-+]?(?:[0-9]+\\.?[0-9]*|\\.[0-9]+)(?:[eE][-+]?[0-9]+)?)(px|mm|cm|in|pt|pc|deg|rad|grad|turn)",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern ONE_WAY = Pattern.compile("translate([XY])\\(([^)]*)\\)");
    /** What CSS can say of a shape's own measures. */
    private static final Set<String> GEOMETRY = Set.of("x", "y", "width", "height", "cx", "cy", "r", "rx", "ry");

    private static final Set<String> TEXTS = Set.of("text", "tspan", "textPath", "tref", "a");
    private static final Pattern SHARE = Pattern.compile("([-+]?[0-9]*\\.?[0-9]+)%");
    /** Colours in words that nobody knows here. */
    private static final Pattern STRANGE = Pattern.compile("(?!url\\()[a-zA-Z-]+\\(.*\\)", Pattern.DOTALL);

    private static final double MM_A_Q = 0.25;
    private static final int MOST_TURNS = 8;

    private final SVGDocument document;
    private final DrawingBuilder found;
    private final Map<Element, Map<String, String>> scopes = new IdentityHashMap<>();
    private Map<String, String> variables = Map.of();
    private final Set<String> ids = new HashSet<>();
    private int namedClips;

    private PlainDocument(SVGDocument document, DrawingBuilder found) {
        this.document = document;
        this.found = found;
    }

    static void make(SVGDocument document, DrawingBuilder found) {
        new PlainDocument(document, found).make();
    }

    private void make() {
        List<Element> all = elements();
        for (Element e : all) {
            ids.add(e.getAttribute("id"));
        }
        size(document.getDocumentElement());
        StringBuilder sheets = new StringBuilder();
        for (Element e : all) {
            if (e.getLocalName().equals("style")) {
                sheets.append(e.getTextContent()).append('\n');
                e.getParentNode().removeChild(e);
            }
        }
        StyleRules rules = new StyleRules(sheets.toString());
        Map<Element, String> told = rules.isEmpty() ? Map.of() : rules.of(all);
        for (Element e : all) {
            if (!e.getLocalName().equals("style")) {
                String style = cascade(told.getOrDefault(e, ""), e.getAttribute("style"));
                variables = scope(e, style);
                if (!style.isEmpty()) {
                    geometry(e, resolved(style));
                    e.setAttribute("style", style);
                }
                namedClip(e);
                Radii.say(e);
                element(e);
            }
        }
        List<Element> left = elements();
        for (Element e : left) {
            if (!Turning.say(e)) {
                found.note(DrawingRead.Note.PARTS_NOT_UNDERSTOOD);
            }
        }
        if (left.stream().anyMatch(PlainDocument::hasEffect)) {
            found.note(DrawingRead.Note.EFFECTS_LEFT_OUT);
        }
        left.forEach(CurrentColour::say);
        left.stream().filter(e -> TEXTS.contains(e.getLocalName())).forEach(Casing::say);
        textPaths(left);
        Heads.say(left);
        PaintOrder.say(left);
    }

    private static void textPaths(List<Element> all) {
        if (all.stream().noneMatch(e -> e.getLocalName().equals("textPath"))) {
            return;
        }
        Map<String, Element> named = new HashMap<>();
        all.forEach(e -> named.putIfAbsent(e.getAttribute("id"), e));
        all.stream().filter(e -> e.getLocalName().equals("textPath")).forEach(e -> TextPaths.say(e, named));
    }

    /** A clip that is a named shape becomes one that is pointed to. */
    private void namedClip(Element e) {
        String said = StyleLookup.own(e, "clip-path").orElse("");
        if (!said.contains("(") || said.startsWith("url(")) {
            return;
        }
        if (BasicShape.of(said).isEmpty()) {
            found.note(DrawingRead.Note.PARTS_NOT_UNDERSTOOD);
            return;
        }
        Element clip = document.createElementNS("http://www.w3.org/2000/svg", "clipPath");
        String id = "named-clip-" + namedClips++;
        clip.setAttribute("id", id);
        clip.setAttribute(ClipPaths.SHAPE, said);
        document.getDocumentElement().appendChild(clip);
        ids.add(id);
        e.setAttribute("clip-path", "url(#" + id + ")");
        StyleLookup.also(e, "clip-path:url(#" + id + ")");
    }

    /** Blurs, shadows and the ways in which a paint mixes with what lies below it. */
    private static boolean hasEffect(Element e) {
        return StyleLookup.own(e, "filter").filter(f -> !f.equals("none")).isPresent()
                || StyleLookup.own(e, "mix-blend-mode")
                        .filter(b -> !b.equals("normal"))
                        .isPresent();
    }

    private List<Element> elements() {
        NodeList found = document.getElementsByTagNameNS("http://www.w3.org/2000/svg", "*");
        List<Element> list = new ArrayList<>();
        for (int i = 0; i < found.getLength(); i++) {
            list.add((Element) found.item(i));
        }
        return list;
    }

    /** The variables of an element: those of what it lies in, and its own over them. */
    private Map<String, String> scope(Element e, String style) {
        Map<String, String> outer =
                e.getParentNode() instanceof Element p ? scopes.getOrDefault(p, Map.of()) : Map.of();
        Matcher m = DECLARED.matcher(style);
        if (!style.contains("--")) {
            scopes.put(e, outer);
            return outer;
        }
        Map<String, String> own = new HashMap<>(outer);
        while (m.find()) {
            own.put(m.group(1), m.group(2).strip());
        }
        scopes.put(e, own);
        return own;
    }

    /** Where only one side is said, the other follows from the viewBox. */
    private static void size(Element svg) {
        String[] box = svg.getAttribute("viewBox").strip().split("[\\s,]+");
        Matcher width = Pattern.compile("([0-9.eE+]+)\\s*([a-zA-Z]*)")
                .matcher(svg.getAttribute("width").strip());
        Matcher height = Pattern.compile("([0-9.eE+]+)\\s*([a-zA-Z]*)")
                .matcher(svg.getAttribute("height").strip());
        try {
            double ratio = Double.parseDouble(box[3]) / Double.parseDouble(box[2]);
            if (!(ratio > 0) || !Double.isFinite(ratio)) {
                return;
            }
            if (width.matches() && svg.getAttribute("height").isBlank()) {
                svg.setAttribute("height", Double.parseDouble(width.group(1)) * ratio + width.group(2));
            } else if (height.matches() && svg.getAttribute("width").isBlank()) {
                svg.setAttribute("width", Double.parseDouble(height.group(1)) / ratio + height.group(2));
            }
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException _) {
            // without a viewBox there is nothing it could follow from
        }
    }

    private void element(Element e) {
        NamedNodeMap attributes = e.getAttributes();
        List<Attr> all = new ArrayList<>();
        for (int i = 0; i < attributes.getLength(); i++) {
            all.add((Attr) attributes.item(i));
        }
        for (Attr a : all) {
            attribute(e, a);
        }
        String style = e.getAttribute("style");
        if (!style.isBlank()) {
            e.setAttribute("style", declarations(style));
        }
        if (e.hasAttribute("points")) {
            e.setAttribute("points", PathData.pairs(e.getAttribute("points")));
        }
        if (e.hasAttribute("d")) {
            e.setAttribute("d", PathData.normal(e.getAttribute("d")));
        }
        if (e.getLocalName().equals("mask")
                && (e.getAttribute("mask-type").strip().equals("alpha")
                        || style.matches("(?s).*mask-type\\s*:\\s*alpha.*"))) {
            shownByOpacity(e);
        }
        if (isClippedAway(e)) {
            e.getParentNode().removeChild(e);
            return;
        }
        if (e.getLocalName().equals("rect") && (!e.hasAttribute("width") || !e.hasAttribute("height"))
                || leadsNowhere(e)) {
            e.getParentNode().removeChild(e);
        }
    }

    /** What such a mask holds shows as far as it covers, whatever its colour. */
    private static void shownByOpacity(Element mask) {
        NodeList inside = mask.getElementsByTagNameNS("http://www.w3.org/2000/svg", "*");
        for (int i = 0; i < inside.getLength(); i++) {
            Element e = (Element) inside.item(i);
            for (String paint : List.of("fill", "stroke")) {
                boolean said = e.hasAttribute(paint) && !e.getAttribute(paint).equals("none");
                if (said || paint.equals("fill") && !e.hasAttribute("fill")) {
                    e.setAttribute(paint, "#ffffff");
                }
            }
        }
    }

    /** A clip path with nothing in it shows nothing. */
    private boolean isClippedAway(Element e) {
        Matcher m = REFERENCE.matcher(e.getAttribute("clip-path").strip());
        if (!m.matches()) {
            return false;
        }
        Element clip = document.getElementById(m.group(1));
        return clip != null
                && clip.getLocalName().equals("clipPath")
                && !clip.hasAttribute(ClipPaths.SHAPE)
                && clip.getElementsByTagNameNS("http://www.w3.org/2000/svg", "*")
                                .getLength()
                        == 0;
    }

    private boolean leadsNowhere(Element e) {
        String href = e.getAttributeNS(XLINK, "href");
        if (href.startsWith("#") && !ids.contains(href.substring(1))) {
            if (e.getLocalName().equals("use") || e.getLocalName().equals("textPath")) {
                found.note(DrawingRead.Note.LEADS_NOWHERE);
                return true;
            }
            e.removeAttributeNS(XLINK, "href");
        }
        return false;
    }

    private void attribute(Element e, Attr a) {
        String name = a.getName();
        String value = resolved(
                LENGTHS.contains(name) && a.getValue().contains("calc(")
                        ? ofView(e, name, a.getValue())
                        : a.getValue());
        if (LENGTHS.contains(name)) {
            value = length(value);
        }
        value = reference(name, value);
        if (value.isEmpty() && !a.getValue().isEmpty()) {
            e.removeAttribute(name);
            return;
        }
        if (COLOURS.contains(name)) {
            var colour = CssColour.of(value);
            if (colour.isPresent()) {
                value = colour.get().plain();
                if (colour.get().opacity() < 1 && OPACITY_OF.containsKey(name)) {
                    String over = OPACITY_OF.get(name);
                    e.setAttribute(over, String.valueOf(colour.get().opacity() * number(e.getAttribute(over), 1)));
                }
            } else if (isStrange(value)) {
                e.removeAttribute(name);
                return;
            }
        }
        if (!value.equals(a.getValue())) {
            a.setValue(value);
        }
    }

    /** What a browser does not know it passes over, and takes what is inherited. */
    private boolean isStrange(String colour) {
        boolean strange = STRANGE.matcher(colour.strip()).matches();
        if (strange) {
            found.note(DrawingRead.Note.PARTS_NOT_UNDERSTOOD);
        }
        return strange;
    }

    /** What it points to, where that is; what stands behind it where it is not; nothing where nothing does. */
    private String reference(String name, String value) {
        Matcher m = REFERENCE.matcher(value.strip());
        if (!m.matches() || ids.contains(m.group(1))) {
            return value;
        }
        found.note(DrawingRead.Note.LEADS_NOWHERE);
        return !m.group(2).isBlank() ? m.group(2).strip() : COLOURS.contains(name) ? "none" : "";
    }

    /** Shares within a sum, as numbers. */
    private static String ofView(Element e, String name, String value) {
        return SHARE.matcher(value)
                .replaceAll(m -> Radii.Shares.of(e, m.group(), Radii.Shares.Along.of(name))
                        .replace("%", ""));
    }

    private static String length(String value) {
        Matcher m = CAPITAL_UNIT.matcher(value);
        if (!m.matches()) {
            return value;
        }
        return m.group(2).equalsIgnoreCase("q")
                ? Double.parseDouble(m.group(1)) * MM_A_Q + "mm"
                : m.group(1) + m.group(2).toLowerCase(Locale.ROOT);
    }

    private static double number(String text, double otherwise) {
        try {
            return text.endsWith("%")
                    ? Double.parseDouble(text.substring(0, text.length() - 1)) / 100
                    : Double.parseDouble(text);
        } catch (NumberFormatException _) {
            return otherwise;
        }
    }

    /** A variable as it was declared around; what stands for it where nobody did. */
    private String resolved(String value) {
        String now = value;
        for (int turn = 0; turn < MOST_TURNS && now.contains("var("); turn++) {
            Matcher m = VARIABLE.matcher(now);
            StringBuilder next = new StringBuilder();
            while (m.find()) {
                String stands = variables.getOrDefault(
                        m.group(1), m.group(2) == null ? "inherit" : m.group(2).strip());
                m.appendReplacement(next, Matcher.quoteReplacement(stands));
            }
            m.appendTail(next);
            now = next.toString();
        }
        return Sums.workedOut(now);
    }

    // ---- styles

    /** What rules and the element itself tell it, the strongest last; what is important comes after what is not. */
    private String cascade(String rules, String own) {
        StringBuilder usual = new StringBuilder();
        StringBuilder important = new StringBuilder();
        for (String declaration : (rules + ";" + own).split(";(?![^(]*\\))")) {
            String d = declaration.strip();
            if (d.replaceAll("\\s", "").endsWith("!important")) {
                important.append(d, 0, d.lastIndexOf('!')).append(';');
            } else if (!d.isEmpty()) {
                usual.append(d).append(';');
            }
        }
        return usual.append(important).toString();
    }

    /** What style sheets can say of a shape itself, the library reads from its attributes only. */
    private static void geometry(Element e, String style) {
        for (String declaration : style.split(";(?![^(]*\\))")) {
            int colon = declaration.indexOf(':');
            if (colon < 0) {
                continue;
            }
            String name = declaration.substring(0, colon).strip().toLowerCase(Locale.ROOT);
            String value = declaration.substring(colon + 1).strip();
            if (name.equals("transform")) {
                e.setAttribute("transform", value.equals("none") ? "" : transform(value));
            } else if (name.equals("d") && value.startsWith("path(")) {
                e.setAttribute("d", value.replaceAll("^path\\(\\s*['\"]?|['\"]?\\s*\\)$", ""));
            } else if (GEOMETRY.contains(name) && !value.equals("auto")) {
                e.setAttribute(name, value);
            }
        }
    }

    /** In plain numbers: pixels are what a drawing counts in, and angles are degrees. */
    private static String transform(String css) {
        StringBuilder plain = new StringBuilder();
        Matcher m = MEASURE.matcher(css);
        while (m.find()) {
            double n = Double.parseDouble(m.group(1));
            double each = switch (m.group(2).toLowerCase(Locale.ROOT)) {
                case "mm" -> 96 / 25.4;
                case "cm" -> 96 / 2.54;
                case "in" -> 96;
                case "pt" -> 96 / 72.0;
                case "pc" -> 16;
                case "rad" -> 180 / Math.PI;
                case "grad" -> 0.9;
                case "turn" -> 360;
                default -> 1;
            };
            m.appendReplacement(plain, String.valueOf(n * each));
        }
        m.appendTail(plain);
        return ONE_WAY.matcher(plain)
                .replaceAll(w ->
                        w.group(1).equals("X") ? "translate(" + w.group(2) + ",0)" : "translate(0," + w.group(2) + ")")
                .replaceAll("scaleX\\(([^)]*)\\)", "scale($1,1)")
                .replaceAll("scaleY\\(([^)]*)\\)", "scale(1,$1)");
    }

    private String declarations(String css) {
        StringBuilder out = new StringBuilder();
        Map<String, Double> opacities = new HashMap<>();
        List<String[]> kept = new ArrayList<>();
        for (String declaration : css.split(";(?![^(]*\\))")) {
            int colon = declaration.indexOf(':');
            if (colon < 0) {
                continue;
            }
            String name = declaration.substring(0, colon).strip().toLowerCase(Locale.ROOT);
            String value = resolved(declaration.substring(colon + 1).strip());
            String important = value.endsWith("!important") ? " !important" : "";
            value = value.replace("!important", "").strip();
            if (name.startsWith("--") || value.isEmpty()) {
                continue;
            }
            value = reference(name, value);
            if (COLOURS.contains(name)) {
                var colour = CssColour.of(value);
                if (colour.isPresent()) {
                    value = colour.get().plain();
                    if (colour.get().opacity() < 1 && OPACITY_OF.containsKey(name)) {
                        opacities.put(OPACITY_OF.get(name), colour.get().opacity());
                    }
                } else if (isStrange(value)) {
                    continue;
                }
            }
            if (!value.isEmpty()) {
                kept.add(new String[] {name, LENGTHS.contains(name) ? length(value) : value, important});
            }
        }
        for (String[] k : kept) {
            Double by = opacities.remove(k[0]);
            out.append(k[0])
                    .append(':')
                    .append(by == null ? k[1] : String.valueOf(by * number(k[1], 1)))
                    .append(k[2])
                    .append(';');
        }
        opacities.forEach((name, by) -> out.append(name).append(':').append(by).append(';'));
        return out.toString();
    }
}
