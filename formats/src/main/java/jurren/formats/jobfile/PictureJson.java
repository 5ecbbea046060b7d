package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import jurren.core.art.Guide;
import jurren.core.art.PictureFile;
import jurren.core.art.PrintedPicture;
import jurren.core.art.TracedPicture;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import jurren.core.trace.Straightening;
import jurren.core.trace.TraceSettings;
import jurren.formats.Refusal.Reason;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;

/** Traced pictures and guides as JSON and back; the picture itself is a file of the job. */
final class PictureJson {
    private PictureJson() {}

    static void write(ObjectNode node, TracedPicture t, Assets.Writing assets) {
        node.put("kind", "traced");
        file(node, t.file(), t.straightening(), assets);
        node.put("mmPerPxAcross", t.mmPerPxAcross()).put("mmPerPxDown", t.mmPerPxDown());
        colours(node.putObject("shownAs"), t.shownAs());
        TraceSettings s = t.settings();
        ObjectNode trace =
                node.putObject("trace").put("mode", Fields.lower(s.mode())).put("ink", Fields.lower(s.ink()));
        s.level().ifPresent(l -> trace.put("level", l));
        trace.put("evenLight", s.evenLight())
                .put("colours", s.colours())
                .put("keepGround", s.keepGround())
                .put("speckPx2", s.speckPx2())
                .put("outerOnly", s.outerOnly())
                .put("smoothing", s.smoothing());
        colours(trace.putObject("merged"), s.merged());
        ArrayNode without = trace.putArray("without");
        s.without().forEach(c -> without.add(c.hex()));
        points(trace.putArray("dropped"), s.dropped());
        points(trace.putArray("kept"), s.kept());
    }

    static void write(ObjectNode node, Guide g, Assets.Writing assets) {
        node.put("kind", "guide");
        file(node, g.file(), g.straightening(), assets);
        node.put("mmPerPx", g.mmPerPx()).put("strength", g.strength());
    }

    static void write(ObjectNode node, PrintedPicture p, Assets.Writing assets) {
        node.put("kind", "picture");
        file(node, p.file(), Optional.empty(), assets);
        node.put("mmPerPxAcross", p.mmPerPxAcross())
                .put("mmPerPxDown", p.mmPerPxDown())
                .put("opacity", p.opacity());
        PrintedPicture.Crop c = p.crop();
        node.putObject("crop")
                .put("left", c.left())
                .put("top", c.top())
                .put("right", c.right())
                .put("bottom", c.bottom());
    }

    private static void file(
            ObjectNode node, PictureFile file, Optional<Straightening> straightening, Assets.Writing assets) {
        node.put("name", file.name()).put("file", assets.add(file.name(), file.content()));
        straightening.ifPresent(s -> points(node.putArray("corners"), s.corners()));
    }

    private static void colours(ObjectNode node, Map<Colour, Colour> colours) {
        Map<String, String> hexes = new TreeMap<>();
        colours.forEach((a, b) -> hexes.put(a.hex(), b.hex()));
        hexes.forEach(node::put);
    }

    private static void points(ArrayNode node, List<Point> points) {
        points.forEach(p -> node.addArray().add(p.xMm()).add(p.yMm()));
    }

    static TracedPicture traced(JsonNode n, String at, Assets.Reading assets) throws Broken {
        PictureFile file = file(n, at, assets);
        Optional<Straightening> corners = straightening(n, at);
        Map<Colour, Colour> shown = colours(n.path("shownAs"), at + ".shownAs");
        JsonNode t = n.path("trace");
        String trace = at + ".trace";
        OptionalDouble level =
                t.has("level") ? OptionalDouble.of(Fields.number(t, "level", trace)) : OptionalDouble.empty();
        List<Colour> without = Fields.list(t, "without", trace, (c, p) -> Fields.hex(c.asText(), p));
        return Fields.value(
                at,
                () -> new TracedPicture(
                        file,
                        corners,
                        new TraceSettings(
                                Fields.named(TraceSettings.Mode.class, t.path("mode")),
                                Fields.named(TraceSettings.Ink.class, t.path("ink")),
                                level,
                                t.path("evenLight").asBoolean(),
                                (int) Fields.number(t, "colours", trace),
                                colours(t.path("merged"), trace + ".merged"),
                                without,
                                t.path("keepGround").asBoolean(),
                                Fields.number(t, "speckPx2", trace),
                                t.path("outerOnly").asBoolean(),
                                points(t, "dropped", trace),
                                points(t, "kept", trace),
                                Fields.number(t, "smoothing", trace)),
                        shown,
                        Fields.number(n, "mmPerPxAcross", at),
                        Fields.number(n, "mmPerPxDown", at)));
    }

    static PrintedPicture printed(JsonNode n, String at, Assets.Reading assets) throws Broken {
        PictureFile file = file(n, at, assets);
        JsonNode c = n.path("crop");
        return Fields.value(
                at,
                () -> new PrintedPicture(
                        file,
                        new PrintedPicture.Crop(
                                Fields.numberOr(c, "left", at + ".crop", 0),
                                Fields.numberOr(c, "top", at + ".crop", 0),
                                Fields.numberOr(c, "right", at + ".crop", 0),
                                Fields.numberOr(c, "bottom", at + ".crop", 0)),
                        n.path("opacity").asDouble(1),
                        Fields.number(n, "mmPerPxAcross", at),
                        Fields.number(n, "mmPerPxDown", at)));
    }

    static Guide guide(JsonNode n, String at, Assets.Reading assets) throws Broken {
        PictureFile file = file(n, at, assets);
        Optional<Straightening> corners = straightening(n, at);
        return Fields.value(
                at, () -> new Guide(file, corners, Fields.number(n, "mmPerPx", at), Fields.number(n, "strength", at)));
    }

    private static PictureFile file(JsonNode n, String at, Assets.Reading assets) throws Broken {
        byte[] content = assets.get(Fields.text(n, "file", at))
                .orElseThrow(() -> new Broken(Reason.DAMAGED_JOB, n.path("file").asText() + " is missing"));
        return switch (PictureReader.read(n.path("name").asText(), content)) {
            case PictureRead.Taken t -> t.file();
            case PictureRead.Refused _ ->
                throw new Broken(Reason.DAMAGED_JOB, n.path("file").asText() + " cannot be read");
        };
    }

    private static Optional<Straightening> straightening(JsonNode n, String at) throws Broken {
        return n.has("corners")
                ? Optional.of(Fields.value(at, () -> new Straightening(points(n, "corners", at))))
                : Optional.empty();
    }

    private static List<Point> points(JsonNode n, String field, String at) throws Broken {
        return Fields.list(n, field, at, (p, place) -> {
            if (!p.path(0).isNumber() || !p.path(1).isNumber()) {
                throw new Broken(Reason.DAMAGED_JOB, place + " is not a point");
            }
            return new Point(p.path(0).asDouble(), p.path(1).asDouble());
        });
    }

    private static Map<Colour, Colour> colours(JsonNode n, String at) throws Broken {
        Map<Colour, Colour> all = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> e : n.properties()) {
            all.put(Fields.hex(e.getKey(), at), Fields.hex(e.getValue().asText(), at));
        }
        return all;
    }
}
