package jurren.formats.svg;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Dimension2D;
import java.util.EnumSet;
import java.util.Set;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.ExternalResourceSecurity;
import org.apache.batik.bridge.GVTBuilder;
import org.apache.batik.bridge.NoLoadExternalResourceSecurity;
import org.apache.batik.bridge.NoLoadScriptSecurity;
import org.apache.batik.bridge.ScriptSecurity;
import org.apache.batik.bridge.UserAgentAdapter;
import org.apache.batik.gvt.CompositeGraphicsNode;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.gvt.ShapeNode;
import org.apache.batik.util.ParsedURL;
import org.w3c.dom.Element;
import org.w3c.dom.svg.SVGDocument;

/** The shapes of a parsed SVG with all styles and transforms resolved, in millimetres. */
final class PaintedTree {
    /** CSS: 96 px to the inch. */
    private static final double MM_PER_PX = 25.4 / 96;

    private final GraphicsNode root;
    private final Set<SvgRead.Note> leftOut;

    private PaintedTree(GraphicsNode root, Set<SvgRead.Note> leftOut) {
        this.root = root;
        this.leftOut = leftOut;
    }

    static PaintedTree of(SVGDocument document) {
        Set<SvgRead.Note> leftOut = EnumSet.noneOf(SvgRead.Note.class);
        if (ClosedSvgParser.removeAll(document, "image")) {
            leftOut.add(SvgRead.Note.PICTURES_LEFT_OUT);
        }
        if (ClosedSvgParser.removeAll(document, "text")) {
            leftOut.add(SvgRead.Note.TEXT_LEFT_OUT);
        }
        BridgeContext context = new BridgeContext(new Closed(viewport(document.getDocumentElement())));
        context.setDynamicState(BridgeContext.STATIC);
        return new PaintedTree(new GVTBuilder().build(context, document), leftOut);
    }

    void walk(ShapeCollector into) {
        leftOut.forEach(into::note);
        walk(root, AffineTransform.getScaleInstance(MM_PER_PX, MM_PER_PX), into);
    }

    private static void walk(GraphicsNode node, AffineTransform outer, ShapeCollector into) {
        if (node == null) {
            return;
        }
        AffineTransform toMm = new AffineTransform(outer);
        if (node.getTransform() != null) {
            toMm.concatenate(node.getTransform());
        }
        switch (node) {
            case CompositeGraphicsNode group -> {
                for (Object child : group.getChildren()) {
                    walk((GraphicsNode) child, toMm, into);
                }
            }
            case ShapeNode shape when shape.isVisible() -> {
                Shape outline = shape.getShape();
                if (outline != null && shape.getShapePainter() != null) {
                    into.add(outline, shape.getShapePainter(), toMm);
                }
            }
            default -> { }
        }
    }

    /** For files that do not say their size: a viewBox unit is a pixel. */
    private static Dimension2D viewport(Element svg) {
        String[] box = svg.getAttribute("viewBox").trim().split("[\\s,]+");
        try {
            return new java.awt.Dimension((int) Math.ceil(Double.parseDouble(box[2])),
                    (int) Math.ceil(Double.parseDouble(box[3])));
        } catch (NumberFormatException | ArrayIndexOutOfBoundsException _) {
            return new java.awt.Dimension(300, 150);
        }
    }

    private static final class Closed extends UserAgentAdapter {
        private final Dimension2D viewport;

        Closed(Dimension2D viewport) {
            this.viewport = viewport;
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
