package jurren.formats.svg;

import java.awt.Paint;
import java.awt.geom.AffineTransform;
import java.awt.geom.Rectangle2D;
import java.util.IdentityHashMap;
import java.util.Map;
import org.apache.batik.bridge.BridgeContext;
import org.apache.batik.bridge.SVGPatternElementBridge;
import org.apache.batik.bridge.SVGUtilities;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.gvt.PatternPaint;
import org.w3c.dom.Element;

/** Keeps what a pattern's tile is made of; the library only paints it. */
final class Patterns extends SVGPatternElementBridge {
    private final Map<GraphicsNode, GraphicsNode> contents = new IdentityHashMap<>();
    private final Map<GraphicsNode, Pictures.Placed> pictures = new IdentityHashMap<>();
    private final Pictures known;

    Patterns(Pictures known) {
        this.known = known;
    }

    @Override
    public Paint createPaint(
            BridgeContext context, Element pattern, Element painted, GraphicsNode node, float opacity) {
        Paint paint = super.createPaint(context, pattern, painted, node, opacity);
        if (paint instanceof PatternPaint p) {
            placed(context, pattern, node, p);
            known.of(pattern).ifPresent(placed -> pictures.put(p.getGraphicsNode(), placed));
            GraphicsNode content = extractPatternContent(pattern, context);
            if (content != null) {
                contents.put(p.getGraphicsNode(), content);
            }
        }
        return paint;
    }

    /** In shares of the shape's box, the library moves what is in a tile to the box twice. */
    private static void placed(BridgeContext context, Element pattern, GraphicsNode painted, PatternPaint paint) {
        boolean inShares = SVGUtilities.getChainableAttributeNS(pattern, null, "patternContentUnits", context)
                .equals("objectBoundingBox");
        if (inShares
                && SVGUtilities.getChainableAttributeNS(pattern, null, "viewBox", context)
                        .isEmpty()) {
            Rectangle2D tile = paint.getPatternRect();
            Rectangle2D box = painted.getGeometryBounds();
            AffineTransform to = AffineTransform.getTranslateInstance(tile.getX(), tile.getY());
            to.scale(box.getWidth(), box.getHeight());
            paint.getGraphicsNode().setTransform(to);
        }
    }

    /** The picture that a paint stands for; null of a real pattern. */
    Pictures.Placed picture(GraphicsNode tile) {
        return pictures.get(tile);
    }

    /** What lies in a tile, in the tile's own space; null where that is not known. */
    GraphicsNode content(GraphicsNode tile) {
        return contents.get(tile);
    }
}
