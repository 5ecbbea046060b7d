package jurren.formats.plan;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.UncheckedIOException;
import jurren.core.cut.CutRun;
import jurren.core.geometry.Box;
import jurren.core.load.Load;
import jurren.core.load.Placed;
import jurren.core.plan.Plan;

/** Where everything lies on its film, in millimetres: x along the feed, y across from the start corner. */
public final class LayoutJson {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private LayoutJson() {}

    public static byte[] write(Plan plan) {
        ObjectNode all = MAPPER.createObjectNode().put("format", 1);
        ArrayNode loads = all.putArray("loads");
        plan.runs().forEach(r -> load(loads.addObject(), r));
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(all);
        } catch (IOException e) {
            throw new UncheckedIOException("a layout could not be written", e);
        }
    }

    private static void load(ObjectNode node, CutRun run) {
        Load load = run.load();
        node.put("order", load.order())
                .put("material", load.material().id())
                .put("colour", load.colour().hex())
                .put("stock", load.stock().id())
                .put("widthMm", rounded(load.stock().widthMm()))
                .put("usedMm", rounded(load.usedMm()))
                .put("leastMm", rounded(load.leastMm()))
                .put("share", rounded(load.pieceShare()));
        ArrayNode placed = node.putArray("placed");
        for (Placed p : load.placed()) {
            Box box = p.box();
            placed.addObject()
                    .put("line", p.item().lineId())
                    .put("place", p.item().place())
                    .put("size", p.item().size())
                    .put("copy", p.item().copy())
                    .put("layer", p.item().layer().order())
                    .put("degrees", p.degrees())
                    .put("reversed", p.item().turnedOver())
                    .put("xMm", rounded(box.minXMm()))
                    .put("yMm", rounded(box.minYMm()))
                    .put("widthMm", rounded(box.widthMm()))
                    .put("heightMm", rounded(box.heightMm()));
        }
    }

    private static double rounded(double mm) {
        return Math.round(mm * 1000) / 1000.0;
    }
}
