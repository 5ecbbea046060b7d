package jurren.formats.svg;

import java.util.ArrayList;
import java.util.Base64;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import jurren.core.geometry.Placement;
import jurren.formats.drawing.DrawnPicture;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import org.w3c.dom.Attr;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.NodeList;
import org.w3c.dom.svg.SVGDocument;

/**
 * The pictures that a drawing carries within itself. Each is a rectangle filled with a paint of its own before the
 * library looks, so that its place, clips and opacity are resolved as any shape's; which picture it is, the paint
 * tells.
 */
final class Pictures {
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final String XLINK = "http://www.w3.org/1999/xlink";
    private static final String ID = "jurren-picture-";
    private static final Pattern DATA =
            Pattern.compile("(?s)data:image/(png|jpe?g|gif|webp|bmp)[^,]*;base64,(.*)", Pattern.CASE_INSENSITIVE);
    private static final Pattern LENGTH = Pattern.compile("\\s*([0-9.eE+]+)\\s*(px|mm|cm|in|pt|pc)?\\s*");
    private static final Map<String, Double> PX =
            Map.of("px", 1.0, "mm", 96 / 25.4, "cm", 96 / 2.54, "in", 96.0, "pt", 96 / 72.0, "pc", 16.0);

    /** @param onto from its pixels to the user space of its element */
    record Placed(DrawnPicture picture, Placement onto) {}

    private final Map<String, Placed> all = new HashMap<>();

    /** Puts a rectangle in place of every picture that can be read. */
    static Pictures take(SVGDocument document) {
        Pictures pictures = new Pictures();
        NodeList found = document.getElementsByTagNameNS(SVG, "image");
        List<Element> images = new ArrayList<>();
        for (int i = 0; i < found.getLength(); i++) {
            images.add((Element) found.item(i));
        }
        images.forEach(e -> pictures.take(document, e));
        return pictures;
    }

    /** By the id of its paint. */
    Optional<Placed> of(Element pattern) {
        return Optional.ofNullable(all.get(pattern.getAttribute("id")));
    }

    private void take(SVGDocument document, Element image) {
        String href = image.hasAttribute("href") ? image.getAttribute("href") : image.getAttributeNS(XLINK, "href");
        Matcher m = DATA.matcher(href.strip());
        if (!m.matches()) {
            return;
        }
        byte[] content;
        try {
            content = Base64.getMimeDecoder().decode(m.group(2));
        } catch (IllegalArgumentException _) {
            return;
        }
        if (!(PictureReader.read("picture", content) instanceof PictureRead.Taken taken)) {
            return;
        }
        DrawnPicture picture = new DrawnPicture(taken.file().picture());
        double w = picture.picture().width();
        double h = picture.picture().height();
        double width = length(image, "width", w);
        double height = length(image, "height", h);
        if (!image.hasAttribute("width") && image.hasAttribute("height")) {
            width = height * w / h;
        } else if (image.hasAttribute("width") && !image.hasAttribute("height")) {
            height = width * h / w;
        }
        if (!(width > 0 && height > 0)) {
            return;
        }
        double x = length(image, "x", 0);
        double y = length(image, "y", 0);
        String fit = image.getAttribute("preserveAspectRatio").strip();
        double sx = width / w;
        double sy = height / h;
        if (!fit.startsWith("none")) {
            double s = fit.endsWith("slice") ? Math.max(sx, sy) : Math.min(sx, sy);
            sx = s;
            sy = s;
        }
        double left = x + (width - w * sx) * along(fit, "xMin", "xMax");
        double top = y + (height - h * sy) * along(fit, "YMin", "YMax");
        // what is fitted in leaves bare what it does not reach; what is fitted over is cut off
        double x0 = Math.max(x, left);
        double y0 = Math.max(y, top);
        double x1 = Math.min(x + width, left + w * sx);
        double y1 = Math.min(y + height, top + h * sy);
        String id = ID + all.size();
        all.put(id, new Placed(picture, Placement.scaled(sx, sy).then(Placement.moved(left, top))));
        replace(document, image, id, new double[] {x0, y0, x1 - x0, y1 - y0});
    }

    private static double along(String fit, String least, String most) {
        return fit.contains(least) ? 0 : fit.contains(most) ? 1 : 0.5;
    }

    private static double length(Element e, String name, double otherwise) {
        Matcher m = LENGTH.matcher(e.getAttribute(name).toLowerCase(Locale.ROOT));
        try {
            return m.matches()
                    ? Double.parseDouble(m.group(1)) * (m.group(2) == null ? 1 : PX.get(m.group(2)))
                    : otherwise;
        } catch (NumberFormatException _) {
            return otherwise;
        }
    }

    private static void replace(SVGDocument document, Element image, String id, double[] box) {
        Element rect = document.createElementNS(SVG, "rect");
        NamedNodeMap attributes = image.getAttributes();
        for (int i = 0; i < attributes.getLength(); i++) {
            Attr a = (Attr) attributes.item(i);
            if (a.getNamespaceURI() == null
                    && !a.getName().equals("href")
                    && !a.getName().equals("preserveAspectRatio")) {
                rect.setAttribute(a.getName(), a.getValue());
            }
        }
        String[] names = {"x", "y", "width", "height"};
        for (int i = 0; i < names.length; i++) {
            rect.setAttribute(names[i], String.valueOf(box[i]));
        }
        rect.setAttribute("style", rect.getAttribute("style") + ";fill:url(#" + id + ");fill-opacity:1;stroke:none");
        Element pattern = document.createElementNS(SVG, "pattern");
        pattern.setAttribute("id", id);
        pattern.setAttribute("patternUnits", "userSpaceOnUse");
        pattern.setAttribute("width", "1");
        pattern.setAttribute("height", "1");
        Element something = document.createElementNS(SVG, "rect");
        something.setAttribute("width", "1");
        something.setAttribute("height", "1");
        pattern.appendChild(something);
        document.getDocumentElement().appendChild(pattern);
        image.getParentNode().replaceChild(rect, image);
    }
}
