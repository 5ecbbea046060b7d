package jurren.formats.svg;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Paint;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Dimension2D;
import java.awt.geom.Ellipse2D;
import java.awt.geom.NoninvertibleTransformException;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.text.AttributedCharacterIterator;
import java.util.IdentityHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import jurren.core.art.DrawnShape;
import jurren.core.geometry.Curves;
import jurren.core.geometry.Ellipses;
import jurren.core.geometry.Placement;
import jurren.core.geometry.Region;
import jurren.formats.drawing.DrawingBuilder;
import jurren.formats.drawing.DrawingRead;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.BridgeException;
import org.apache.batik.bridge.ExternalResourceSecurity;
import org.apache.batik.bridge.FontFamilyResolver;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.bridge.NoLoadExternalResourceSecurity;
import org.apache.batik.bridge.NoLoadScriptSecurity;
import org.apache.batik.bridge.SVGPatternElementBridge;
import org.apache.batik.bridge.ScriptSecurity;
import org.apache.batik.bridge.StrokingTextPainter;
import org.apache.batik.bridge.TextLayoutFactory;
import org.apache.batik.bridge.TextNode;
import org.apache.batik.bridge.TextSpanLayout;
import org.apache.batik.bridge.UserAgent;
import org.apache.batik.bridge.UserAgentAdapter;
import org.apache.batik.gvt.CompositeGraphicsNode;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.gvt.PatternPaint;
import org.apache.batik.gvt.ProxyGraphicsNode;
import org.apache.batik.gvt.ShapeNode;
import org.apache.batik.gvt.filter.MaskRable8Bit;
import org.apache.batik.gvt.text.GVTAttributedCharacterIterator;
import org.apache.batik.gvt.text.TextPaintInfo;
import org.apache.batik.util.ParsedURL;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.Node;
import org.w3c.dom.svg.SVGDocument;

/** The shapes of a parsed SVG with all styles and transforms resolved, in millimetres. */
final class PaintedTree {
    /** CSS: 96 px to the inch. */
    private static final double MM_PER_PX = 25.4 / 96;

    private static final double BRIGHT = 0.5;
    private static final double HALF_BRIGHT = 0.2;
    private static final double MOST_TILES = 1500;
    /** Shapes of all tiles together. */
    private static final double MOST_LAID = 10_000;

    private static final int MOST_PATTERNS_DEEP = 3;
    private static final double LEAST = 1e-12;
    private static final int MOST_LEFT_OUT = 100;

    private final GraphicsNode root;
    private final Map<GraphicsNode, String> names;
    private final DrawingBuilder found;
    private final Patterns contents;
    private final ShapeCollector shapes;
    private int laid;
    private int patterns;

    private PaintedTree(GraphicsNode root, DrawingBuilder found, Patterns contents, Map<GraphicsNode, String> names) {
        this.root = root;
        this.names = names;
        this.contents = contents;
        this.found = found;
        this.shapes = new ShapeCollector(found, this::tiles);
    }

    /** Gives everything that is painted to {@code found}. */
    static void collect(SVGDocument document, Pictures pictures, DrawingBuilder found) {
        if (ClosedSvgParser.removeAll(document, "image")) {
            found.note(DrawingRead.Note.PICTURES_LEFT_OUT);
        }
        SvgFonts fonts = new SvgFonts();
        Patterns contents = new Patterns(pictures);
        BridgeContext context = new Context(new Closed(viewport(document.getDocumentElement()), fonts), contents);
        context.setDynamicState(BridgeContext.STATIC);
        context.setTextPainter(new TextPainter(fonts));
        Map<GraphicsNode, String> names = new IdentityHashMap<>();
        PaintedTree tree = new PaintedTree(built(context, document, found, names), found, contents, names);
        AffineTransform toMm = AffineTransform.getScaleInstance(MM_PER_PX, MM_PER_PX);
        tree.walk(tree.root, toMm, 1, Optional.empty(), 0);
        Dimension2D page = context.getDocumentSize();
        if (page != null && found.reachesBeyond(page.getWidth() * MM_PER_PX, page.getHeight() * MM_PER_PX)) {
            found.note(DrawingRead.Note.OVER_THE_EDGE);
        }
        if (fonts.hasReplaced()) {
            found.note(DrawingRead.Note.TEXT_IN_ANOTHER_FONT);
        }
    }

    /**
     * Without the elements that the library cannot make anything of: whatever else there is is painted, as browsers do.
     */
    private static GraphicsNode built(
            BridgeContext context, SVGDocument document, DrawingBuilder found, Map<GraphicsNode, String> names) {
        for (int left = MOST_LEFT_OUT; ; left--) {
            try {
                return new NamedGroups(names).build(context, document);
            } catch (BridgeException e) {
                Element wrong = e.getElement();
                if (left == 0
                        || wrong == null
                        || wrong == document.getDocumentElement()
                        || wrong.getParentNode() == null) {
                    throw e;
                }
                wrong.getParentNode().removeChild(wrong);
                found.leftOut(SvgReader.whatIsWrong(e));
            }
        }
    }

    private void walk(
            GraphicsNode node, AffineTransform outer, double outerOpacity, Optional<Region> outerClip, int depth) {
        if (node == null) {
            return;
        }
        // of a group, each part is seen through by itself
        double opacity = outerOpacity * (node.getComposite() instanceof AlphaComposite c ? c.getAlpha() : 1);
        AffineTransform toMm = new AffineTransform(outer);
        if (node.getTransform() != null) {
            toMm.concatenate(node.getTransform());
        }
        // the picture's own edge cuts nothing off: what stands over it was drawn on purpose
        Optional<Region> clip = depth < 2 ? outerClip : narrowed(node, toMm, outerClip);
        switch (node) {
            case CompositeGraphicsNode group -> {
                String name = names.get(group);
                if (name != null) {
                    found.enter(name);
                }
                for (Object child : group.getChildren()) {
                    walk((GraphicsNode) child, toMm, opacity, clip, depth + 1);
                }
                if (name != null) {
                    found.leave();
                }
            }
            case ShapeNode shape
            when shape.isVisible() -> {
                Shape outline = exact(shape.getShape());
                if (outline != null && shape.getShapePainter() != null) {
                    shapes.add(outline, shape.getShapePainter(), toMm, opacity, clip);
                    for (GraphicsNode marker : Markers.of(shape.getShapePainter())) {
                        walk(marker, toMm, opacity, clip, depth + 1);
                    }
                }
            }
            case SVGPatternElementBridge.PatternGraphicsNode tile ->
                walk(contents.content(tile), toMm, opacity, clip, depth + 1);
            case ProxyGraphicsNode proxy -> walk(proxy.getSource(), toMm, opacity, clip, depth + 1);
            case TextNode text when text.isVisible() -> letters(text, toMm, opacity, clip);
            default -> {}
        }
    }

    /** Each tile of a pattern where it lies, as far as it lies in the shape. */
    private boolean tiles(
            PatternPaint pattern, Shape over, AffineTransform toMm, double opacity, Optional<Region> clip) {
        Pictures.Placed picture = contents.picture(pattern.getGraphicsNode());
        if (picture != null) {
            Region shape = Curves.of(over, Placement.of(toMm)).enclosed();
            AffineTransform fromPixels = new AffineTransform(toMm);
            fromPixels.concatenate(picture.onto().toAwt());
            found.picture(
                    picture.picture(),
                    fromPixels,
                    opacity,
                    Optional.of(clip.map(c -> c.intersect(shape)).orElse(shape)));
            return true;
        }
        Rectangle2D tile = pattern.getPatternRect();
        AffineTransform space =
                pattern.getPatternTransform() == null ? new AffineTransform() : pattern.getPatternTransform();
        if (contents.content(pattern.getGraphicsNode()) == null
                || !(tile.getWidth() > 0 && tile.getHeight() > 0)
                || patterns >= MOST_PATTERNS_DEEP
                || Math.abs(space.getDeterminant()) < LEAST) {
            return false;
        }
        Rectangle2D area;
        try {
            area = space.createInverse().createTransformedShape(over).getBounds2D();
        } catch (NoninvertibleTransformException _) {
            return false;
        }
        double left = Math.floor((area.getMinX() - tile.getX()) / tile.getWidth());
        double right = Math.floor((area.getMaxX() - tile.getX()) / tile.getWidth());
        double top = Math.floor((area.getMinY() - tile.getY()) / tile.getHeight());
        double bottom = Math.floor((area.getMaxY() - tile.getY()) / tile.getHeight());
        double tiles = (right - left + 1) * (bottom - top + 1);
        int parts = parts(contents.content(pattern.getGraphicsNode()));
        if (!(tiles <= MOST_TILES && tiles * parts <= MOST_LAID - laid)) {
            return false;
        }
        Region shape = Curves.of(over, Placement.of(toMm)).enclosed();
        Region inside = clip.map(c -> c.intersect(shape)).orElse(shape);
        patterns++;
        for (double i = left; i <= right; i++) {
            for (double j = top; j <= bottom; j++) {
                laid += parts;
                AffineTransform there = new AffineTransform(toMm);
                there.concatenate(space);
                there.translate(i * tile.getWidth(), j * tile.getHeight());
                Region own = pattern.getOverflow()
                        ? inside
                        : inside.intersect(Curves.of(tile, Placement.of(there)).enclosed());
                if (!own.isEmpty()) {
                    walk(pattern.getGraphicsNode(), there, opacity, Optional.of(own), 2);
                }
            }
        }
        patterns--;
        return true;
    }

    private static int parts(GraphicsNode node) {
        int n = 1;
        if (node instanceof CompositeGraphicsNode group) {
            for (Object child : group.getChildren()) {
                n += parts((GraphicsNode) child);
            }
        }
        return n;
    }

    private Optional<Region> narrowed(GraphicsNode node, AffineTransform toMm, Optional<Region> outer) {
        Optional<Region> clip = outer;
        if (node.getClip() != null) {
            Region by =
                    Curves.of(node.getClip().getClipPath(), Placement.of(toMm)).enclosed();
            clip = Optional.of(clip.map(c -> c.intersect(by)).orElse(by));
        }
        if (node.getMask() instanceof MaskRable8Bit mask) {
            Region by = bright(mask.getMaskNode(), toMm)
                    .intersect(Curves.of(mask.getFilterRegion(), Placement.of(toMm))
                            .enclosed());
            clip = Optional.of(clip.map(c -> c.intersect(by)).orElse(by));
        }
        return clip;
    }

    /** A mask shows what lies under its bright parts; half bright ones are taken as one or the other. */
    private Region bright(GraphicsNode mask, AffineTransform toMm) {
        DrawingBuilder painted = new DrawingBuilder();
        new PaintedTree(mask, painted, contents, Map.of()).walk(mask, toMm, 1, Optional.empty(), 0);
        Region shown = Region.EMPTY;
        for (DrawnShape shape : painted.shapes()) {
            double light = shape.colour().luminance();
            if (Math.abs(light - BRIGHT) < BRIGHT - HALF_BRIGHT
                    || shape.ink().isPresent()
                    || painted.notes().contains(DrawingRead.Note.SHADES_AS_ONE_COLOUR)) {
                found.note(DrawingRead.Note.SOFT_MASKS_AS_EDGES);
            }
            Region region = shape.curves().enclosed();
            shown = light >= BRIGHT ? shown.weld(region) : shown.minus(region);
        }
        return shown;
    }

    /**
     * The platform's rounds are a little off, and its rounded rectangles begin elsewhere, which shows where they are
     * dashed.
     */
    private static Shape exact(Shape shape) {
        return switch (shape) {
            case Ellipse2D e -> Ellipses.of(e.getX(), e.getY(), e.getWidth(), e.getHeight());
            case RoundRectangle2D r ->
                Ellipses.rounded(
                        r.getX(),
                        r.getY(),
                        r.getWidth(),
                        r.getHeight(),
                        Math.min(r.getArcWidth(), r.getWidth()) / 2,
                        Math.min(r.getArcHeight(), r.getHeight()) / 2);
            case null, default -> shape;
        };
    }

    private void letters(TextNode text, AffineTransform textToMm, double opacity, Optional<Region> clip) {
        if (!(text.getTextPainter() instanceof StrokingTextPainter painter)
                || text.getAttributedCharacterIterator() == null) {
            found.note(DrawingRead.Note.TEXT_LEFT_OUT);
            return;
        }
        for (Object run : painter.getTextRuns(text, text.getAttributedCharacterIterator())) {
            StrokingTextPainter.TextRun letters = (StrokingTextPainter.TextRun) run;
            AttributedCharacterIterator attributes = letters.getACI();
            attributes.first();
            if (attributes.getAttribute(TextNode.PAINT_INFO) instanceof TextPaintInfo paint && paint.visible) {
                AffineTransform toMm = Baselines.moved(textToMm, letters.getLayout(), attributes);
                Shape outline = letters.getLayout().getOutline();
                double seen = opacity * (paint.composite instanceof AlphaComposite c ? c.getAlpha() : 1);
                if (paint.fillPaint != null) {
                    shapes.add(wide(outline, attributes), paint.fillPaint, toMm, seen, clip);
                }
                if (paint.strokePaint != null && paint.strokeStroke instanceof BasicStroke stroke) {
                    shapes.addLine(outline, paint.strokePaint, stroke, paint.fillPaint != null, toMm, seen, clip);
                }
                decorated(
                        letters.getLayout(),
                        TextSpanLayout.DECORATION_UNDERLINE,
                        paint.underlinePaint,
                        toMm,
                        seen,
                        clip);
                decorated(
                        letters.getLayout(), TextSpanLayout.DECORATION_OVERLINE, paint.overlinePaint, toMm, seen, clip);
                decorated(
                        letters.getLayout(),
                        TextSpanLayout.DECORATION_STRIKETHROUGH,
                        paint.strikethroughPaint,
                        toMm,
                        seen,
                        clip);
            }
        }
    }

    private void decorated(
            TextSpanLayout layout, int kind, Paint paint, AffineTransform toMm, double opacity, Optional<Region> clip) {
        Shape line = paint == null ? null : layout.getDecorationOutline(kind);
        if (line != null) {
            shapes.add(line, paint, toMm, opacity, clip);
        }
    }

    /** A bold that its font lacks: each letter grown by a line round it. */
    private static Shape wide(Shape letters, AttributedCharacterIterator attributes) {
        if (!(attributes.getAttribute(GVTAttributedCharacterIterator.TextAttribute.GVT_FONT)
                instanceof SvgFonts.Widened bold)) {
            return letters;
        }
        Area all = new Area(letters);
        all.add(new Area(new BasicStroke(bold.byMuch(), BasicStroke.CAP_BUTT, BasicStroke.JOIN_ROUND)
                .createStrokedShape(letters)));
        return all;
    }

    /** For files that do not say their size: a viewBox unit is a pixel. */
    private static Dimension2D viewport(Element svg) {
        String[] box = svg.getAttribute("viewBox").trim().split("[\\s,]+");
        try {
            return new java.awt.Dimension(
                    (int) Math.ceil(Double.parseDouble(box[2])), (int) Math.ceil(Double.parseDouble(box[3])));
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException _) {
            return new java.awt.Dimension(300, 150);
        }
    }

    /**
     * Remembers what the groups of the document are called: by their title, a label of whatever vocabulary, or their
     * id.
     */
    private static final class NamedGroups extends GVTBuilder {
        private static final Set<String> GROUPS = Set.of("g", "use", "a", "switch", "svg");
        private final Map<GraphicsNode, String> names;

        NamedGroups(Map<GraphicsNode, String> names) {
            this.names = names;
        }

        @Override
        protected void buildGraphicsNode(BridgeContext context, Element e, CompositeGraphicsNode parent) {
            int before = parent.size();
            super.buildGraphicsNode(context, e, parent);
            if (GROUPS.contains(e.getLocalName())
                    && parent.size() > before
                    && parent.get(parent.size() - 1) instanceof CompositeGraphicsNode group) {
                names.put(group, name(e));
            }
        }

        private static String name(Element e) {
            for (Node n = e.getFirstChild(); n != null; n = n.getNextSibling()) {
                if (n instanceof Element title
                        && "title".equals(title.getLocalName())
                        && !title.getTextContent().isBlank()) {
                    return title.getTextContent().strip();
                }
            }
            NamedNodeMap all = e.getAttributes();
            for (int i = 0; i < all.getLength(); i++) {
                String attribute = all.item(i).getNodeName();
                if (attribute.equals("aria-label") || attribute.endsWith(":label")) {
                    return all.item(i).getNodeValue();
                }
            }
            return e.getAttribute("id");
        }
    }

    private static final class Context extends BridgeContext {
        private final Patterns patterns;

        Context(UserAgent agent, Patterns patterns) {
            super(agent);
            this.patterns = patterns;
        }

        @Override
        public void registerSVGBridges() {
            super.registerSVGBridges();
            putBridge(new ClipPaths());
            if (patterns != null) {
                putBridge(patterns);
            }
        }
    }

    /** Takes what no font is named for from our own fonts too. */
    private static final class TextPainter extends StrokingTextPainter {
        private final FontFamilyResolver fonts;

        TextPainter(FontFamilyResolver fonts) {
            this.fonts = fonts;
        }

        @Override
        protected FontFamilyResolver getFontFamilyResolver() {
            return fonts;
        }

        @Override
        protected TextLayoutFactory getTextLayoutFactory() {
            return SetLine::new;
        }
    }

    private static final class Closed extends UserAgentAdapter {
        private final Dimension2D viewport;
        private final SvgFonts fonts;

        Closed(Dimension2D viewport, SvgFonts fonts) {
            this.viewport = viewport;
            this.fonts = fonts;
        }

        @Override
        public FontFamilyResolver getFontFamilyResolver() {
            return fonts;
        }

        @Override
        public Dimension2D getViewportSize() {
            return viewport;
        }

        @Override
        public float getPixelUnitToMillimeter() {
            return (float) MM_PER_PX;
        }

        @Override
        public ExternalResourceSecurity getExternalResourceSecurity(ParsedURL resource, ParsedURL document) {
            return new NoLoadExternalResourceSecurity();
        }

        @Override
        public ScriptSecurity getScriptSecurity(String type, ParsedURL script, ParsedURL document) {
            return new NoLoadScriptSecurity(type);
        }
    }
}
