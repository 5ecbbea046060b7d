package jurren.formats.svg;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.apache.batik.gvt.GraphicsNode;
import org.apache.batik.gvt.MarkerShapePainter;
import org.apache.batik.gvt.ShapePainter;

/** The heads, tails and knots of a line, each where it stands; the library only paints them. */
final class Markers extends MarkerShapePainter {
    private Markers(MarkerShapePainter of) {
        super(of.getExtShape());
        setStartMarker(of.getStartMarker());
        setMiddleMarker(of.getMiddleMarker());
        setEndMarker(of.getEndMarker());
    }

    /** Those of everything that a painter paints. */
    static List<GraphicsNode> of(ShapePainter painter) {
        List<GraphicsNode> all = new ArrayList<>();
        for (ShapePainter part : ShapeCollector.parts(painter)) {
            if (part instanceof MarkerShapePainter m) {
                all.addAll(new Markers(m).nodes());
            }
        }
        return all;
    }

    private List<GraphicsNode> nodes() {
        List<GraphicsNode> nodes = new ArrayList<>();
        if (getStartMarker() != null) {
            nodes.add(buildStartMarkerProxy());
        }
        if (getMiddleMarker() != null && buildMiddleMarkerProxies() != null) {
            nodes.addAll(Stream.of(buildMiddleMarkerProxies()).toList());
        }
        if (getEndMarker() != null) {
            nodes.add(buildEndMarkerProxy());
        }
        nodes.removeIf(Objects::isNull);
        return nodes;
    }
}
