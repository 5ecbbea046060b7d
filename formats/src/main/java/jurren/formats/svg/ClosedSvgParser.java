package jurren.formats.svg;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import jurren.formats.Refusal.Reason;
import org.apache.batik.anim.dom.SAXSVGDocumentFactory;
import org.w3c.dom.DOMException;
import org.w3c.dom.Element;
import org.w3c.dom.Node;
import org.w3c.dom.NodeList;
import org.w3c.dom.svg.SVGDocument;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;

/**
 * Parses SVG with every way out of the file closed: external entities are refused, nesting is
 * limited, and scripts, pictures and style imports are taken out before anything looks at them.
 */
final class ClosedSvgParser extends SAXSVGDocumentFactory {
    private static final String BASE = "file:///drawing.svg";
    private static final String XLINK = "http://www.w3.org/1999/xlink";
    private static final Pattern EXTERNAL_ENTITY =
            Pattern.compile("<!ENTITY\\s[^>]*?\\s(SYSTEM|PUBLIC)\\s", Pattern.CASE_INSENSITIVE);
    /** The JDK's own limit, by the name it has in the JDK's message. */
    private static final String DEPTH_LIMIT = "jdk.xml.maxElementDepth";

    private static final String STANDARD_DTD = "-//W3C//DTD SVG";

    /** The file cannot be used, for a reason that has a sentence. */
    static final class NotTaken extends Exception {
        private static final long serialVersionUID = 1L;
        private final Reason reason;

        NotTaken(Reason reason, String detail) {
            super(detail);
            this.reason = reason;
        }

        Reason reason() {
            return reason;
        }
    }

    private Reason stopped;

    private ClosedSvgParser() {
        super(null);
    }

    static SVGDocument parse(byte[] content) throws NotTaken {
        if (EXTERNAL_ENTITY
                .matcher(new String(content, StandardCharsets.ISO_8859_1))
                .find()) {
            throw new NotTaken(Reason.EXTERNAL_ENTITY, "");
        }
        ClosedSvgParser parser = new ClosedSvgParser();
        SVGDocument document;
        try {
            document = parser.createSVGDocument(BASE, new ByteArrayInputStream(content));
        } catch (IOException e) {
            String message = oneLine(e);
            throw parser.stopped != null
                    ? new NotTaken(parser.stopped, "")
                    : message.contains(DEPTH_LIMIT)
                            ? new NotTaken(Reason.TOO_DEEP, "")
                            : new NotTaken(Reason.NOT_XML, message);
        } catch (DOMException e) {
            throw new NotTaken(Reason.NOT_SVG, "");
        }
        if (!"svg".equals(document.getDocumentElement().getLocalName())) {
            throw new NotTaken(Reason.NOT_SVG, "");
        }
        removeAll(document, "script");
        removeAll(document, "foreignObject");
        withoutImports(document);
        withOldReferences(document);
        return document;
    }

    /** The library wraps what a handler throws in ways of its own, so the reason is kept here. */
    private SAXException stop(Reason why) {
        stopped = why;
        return new SAXException(why.name());
    }

    private static String oneLine(IOException e) {
        String message = e.getMessage() == null ? "" : e.getMessage();
        return message.lines().filter(l -> !l.isBlank()).findFirst().orElse("").strip();
    }

    @Override
    public InputSource resolveEntity(String publicId, String systemId) throws SAXException {
        if (publicId != null && publicId.startsWith(STANDARD_DTD)) {
            return new InputSource(new ByteArrayInputStream(new byte[0]));
        }
        throw stop(Reason.EXTERNAL_ENTITY);
    }

    /** True when there was one. */
    static boolean removeAll(SVGDocument document, String name) {
        List<Element> found = elements(document, name);
        found.forEach(e -> e.getParentNode().removeChild(e));
        return !found.isEmpty();
    }

    private static List<Element> elements(SVGDocument document, String name) {
        NodeList found = document.getElementsByTagNameNS("http://www.w3.org/2000/svg", name);
        List<Element> list = new ArrayList<>();
        for (int i = 0; i < found.getLength(); i++) {
            list.add((Element) found.item(i));
        }
        return list;
    }

    /** SVG 2 writes plain {@code href}; the library underneath knows the older {@code xlink:href}. */
    private static void withOldReferences(SVGDocument document) {
        for (Element e : elements(document, "*")) {
            String href = e.getAttributeNS(null, "href");
            if (!href.isEmpty() && e.getAttributeNS(XLINK, "href").isEmpty()) {
                e.setAttributeNS(XLINK, "xlink:href", href);
            }
        }
    }

    private static void withoutImports(SVGDocument document) {
        for (Element style : elements(document, "style")) {
            style.setTextContent(style.getTextContent().replaceAll("(?i)@import[^;]*;?", ""));
        }
        for (Node n = document.getFirstChild(); n != null; ) {
            Node next = n.getNextSibling();
            if (n.getNodeType() == Node.PROCESSING_INSTRUCTION_NODE) {
                document.removeChild(n);
            }
            n = next;
        }
    }
}
