package jurren.formats.svg;

import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.GeneralPath;
import java.awt.geom.Rectangle2D;
import java.util.Optional;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.CSSUtilities;
import org.apache.batik.bridge.SVGClipPathElementBridge;
import org.apache.batik.bridge.SVGUtilities;
import org.apache.batik.ext.awt.image.renderable.ClipRable;
import org.apache.batik.ext.awt.image.renderable.ClipRable8Bit;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.gvt.ShapeNode;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/** Clips of clips show what lies in both; the library's own take the one away from the other. */
final class ClipPaths extends SVGClipPathElementBridge {
    /** What stands for a shape that is named and not drawn. */
    static final String SHAPE = "shape";

    @Override
    public ClipRable createClip(BridgeContext context, Element clip, Element clipped, GraphicsNode clippedNode) {
        Optional<BasicShape> named = BasicShape.of(clip.getAttributeNS(null, SHAPE));
        if (named.isPresent()) {
            return clip(clippedNode, new Area(named.get().in(box(named.get(), clipped, clippedNode))));
        }
        String transform = clip.getAttributeNS(null, "transform");
        AffineTransform toUser = transform.isEmpty()
                ? new AffineTransform()
                : SVGUtilities.convertTransform(clip, "transform", transform, context);
        if (clip.getAttributeNS(null, "clipPathUnits").equals("objectBoundingBox")) {
            toUser = SVGUtilities.toObjectBBox(toUser, clippedNode);
        }
        Area all = new Area();
        boolean any = false;
        for (Node n = clip.getFirstChild(); n != null; n = n.getNextSibling()) {
            GraphicsNode child =
                    n instanceof Element e ? context.getGVTBuilder().build(context, e) : null;
            if (child != null && child.isVisible() && child.getOutline() != null) {
                any = true;
                all.add(shown(context, (Element) n, child, toUser));
            }
        }
        if (!any) {
            return null;
        }
        clipped(context, clip, all);
        return clip(clippedNode, all);
    }

    private static ClipRable clip(GraphicsNode node, Area by) {
        return new ClipRable8Bit(
                node.getFilter() == null ? node.getGraphicsNodeRable(true) : node.getFilter(), by, true);
    }

    private static Rectangle2D box(BasicShape shape, Element clipped, GraphicsNode node) {
        Rectangle2D own = node.getGeometryBounds() == null ? new Rectangle2D.Double() : node.getGeometryBounds();
        return shape.ofView() ? Turning.view(clipped).orElse(own) : own;
    }

    private static Area shown(BridgeContext context, Element element, GraphicsNode child, AffineTransform toUser) {
        GeneralPath path = new GeneralPath(child.getOutline());
        path.setWindingRule(CSSUtilities.convertClipRule(element));
        AffineTransform placed = new AffineTransform(toUser);
        if (child.getTransform() != null) {
            placed.concatenate(child.getTransform());
        }
        Area area = new Area(placed.createTransformedShape(path));
        clipped(context, element, area);
        return area;
    }

    /** What its own clip leaves of it. */
    private static void clipped(BridgeContext context, Element element, Area area) {
        ShapeNode node = new ShapeNode();
        node.setShape(area);
        ClipRable own = CSSUtilities.convertClipPath(element, node, context);
        if (own != null) {
            Shape by = own.getClipPath();
            area.intersect(new Area(by));
        }
    }
}
