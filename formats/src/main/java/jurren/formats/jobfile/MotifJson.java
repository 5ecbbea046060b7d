package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import jurren.core.art.Backing;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.Films;
import jurren.core.art.Guide;
import jurren.core.art.Lettering;
import jurren.core.art.Mark;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Shape;
import jurren.core.art.Source;
import jurren.core.art.Standing;
import jurren.core.art.Stroke;
import jurren.core.art.TracedPicture;
import jurren.core.art.Treatment;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Point;
import jurren.core.material.Colour;
import jurren.formats.Refusal.Reason;
import jurren.formats.drawing.DrawingRead;
import jurren.formats.opening.AnyDrawing;

/** A motif as JSON and back. */
public final class MotifJson {
    private MotifJson() {}

    /** @param assets is given the files that the motifs need */
    public static ArrayNode writeAll(List<Motif> motifs, Map<String, byte[]> assets) {
        Assets.Writing writing = new Assets.Writing();
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        motifs.forEach(m -> write(all.addObject(), m, writing));
        assets.putAll(writing.all());
        return all;
    }

    public static List<Motif> readAll(JsonNode motifs, Map<String, byte[]> assets) throws Broken {
        List<Motif> all = new ArrayList<>();
        for (JsonNode m : motifs) {
            all.add(read(m, "motifs[" + all.size() + "]", new Assets.Reading(assets)));
        }
        return all;
    }

    static void write(ObjectNode node, Motif m, Assets.Writing assets) {
        node.put("id", m.id()).put("name", m.name());
        source(node.putObject("source"), m.source(), assets);
        ArrayNode treatments = node.putArray("treatments");
        for (Treatment t : m.treatments()) {
            TreatmentJson.write(treatments.addObject(), t);
        }
        node.putObject("pose")
                .put("xMm", m.pose().xMm())
                .put("yMm", m.pose().yMm())
                .put("degrees", m.pose().degrees());
        m.standing().group().ifPresent(g -> node.put("group", g));
        if (m.standing().locked()) {
            node.put("locked", true);
        }
        if (m.standing().hidden()) {
            node.put("hidden", true);
        }
        m.films().all().ifPresent(id -> node.put("material", id));
        if (!m.films().ofColour().isEmpty()) {
            ObjectNode colours = node.putObject("materials");
            m.films().ofColour().forEach((colour, id) -> colours.put(colour.hex(), id));
        }
    }

    private static void source(ObjectNode node, Source source, Assets.Writing assets) {
        switch (source) {
            case Lettering l -> LetteringJson.write(node.put("kind", "lettering"), l);
            case Shape s ->
                node.put("kind", "shape")
                        .put("shape", Fields.lower(s.kind()))
                        .put("widthMm", s.widthMm())
                        .put("heightMm", s.heightMm())
                        .put("points", s.points())
                        .put("depth", s.depth())
                        .put("colour", s.colour().hex());
            case Drawing d -> drawing(node, d, assets);
            case TracedPicture t -> PictureJson.write(node, t, assets);
            case PrintedPicture p -> PictureJson.write(node, p, assets);
            case Guide g -> PictureJson.write(node, g, assets);
            case Stroke s -> stroke(node, s);
            case Mark m ->
                node.put("kind", "mark")
                        .put("of", m.of())
                        .put("widthFactor", m.widthFactor())
                        .put("heightFactor", m.heightFactor());
            case Backing b ->
                node.put("kind", "backing")
                        .put("distanceMm", b.distanceMm())
                        .put("corners", Fields.lower(b.corners()))
                        .put("holesFilled", b.holesFilled())
                        .put("colour", b.colour().hex());
        }
    }

    private static void drawing(ObjectNode node, Drawing d, Assets.Writing assets) {
        node.put("kind", "drawing")
                .put("name", d.file().name())
                .put("file", assets.add(d.file().name(), d.file().content()))
                .put("widthFactor", d.widthFactor())
                .put("heightFactor", d.heightFactor());
        if (d.file().page() != 1) {
            node.put("page", d.file().page());
        }
    }

    private static void stroke(ObjectNode node, Stroke s) {
        node.put("kind", "stroke")
                .put("beginWidthMm", s.beginWidthMm())
                .put("endWidthMm", s.endWidthMm())
                .put("colour", s.colour().hex());
        switch (s.route()) {
            case Stroke.Spiral spiral ->
                node.put("route", "spiral").put("turns", spiral.turns()).put("acrossMm", spiral.acrossMm());
            case Stroke.Through through -> {
                ArrayNode stops = node.put("route", "through")
                        .put("smooth", through.smooth())
                        .putArray("stops");
                through.stops().forEach(p -> stops.addArray().add(p.xMm()).add(p.yMm()));
            }
        }
    }

    static Motif read(JsonNode n, String at, Assets.Reading assets) throws Broken {
        List<Treatment> treatments = Fields.list(n, "treatments", at, TreatmentJson::read);
        JsonNode p = n.path("pose");
        String pose = at + ".pose";
        Standing standing = new Standing(
                n.has("group") ? Optional.of(Fields.text(n, "group", at)) : Optional.empty(),
                n.path("locked").asBoolean(),
                n.path("hidden").asBoolean());
        return new Motif(
                Fields.text(n, "id", at),
                n.path("name").asText(),
                source(n.path("source"), at + ".source", assets),
                treatments,
                new Pose(
                        Fields.number(p, "xMm", pose),
                        Fields.number(p, "yMm", pose),
                        Fields.number(p, "degrees", pose)),
                standing,
                films(n, at));
    }

    private static Films films(JsonNode n, String at) throws Broken {
        Map<Colour, String> ofColour = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> e : n.path("materials").properties()) {
            ofColour.put(Fields.hex(e.getKey(), at + ".materials"), e.getValue().asText());
        }
        return new Films(n.has("material") ? Optional.of(Fields.text(n, "material", at)) : Optional.empty(), ofColour);
    }

    private static Source source(JsonNode n, String at, Assets.Reading assets) throws Broken {
        return switch (n.path("kind").asText()) {
            case "lettering" -> Fields.value(at, () -> LetteringJson.read(n, at));
            case "shape" ->
                Fields.value(
                        at,
                        () -> new Shape(
                                Fields.named(Shape.Kind.class, n.path("shape")),
                                Fields.number(n, "widthMm", at),
                                Fields.number(n, "heightMm", at),
                                (int) Fields.number(n, "points", at),
                                Fields.number(n, "depth", at),
                                Fields.colour(n, at)));
            case "drawing" -> drawing(n, at, assets);
            case "traced" -> PictureJson.traced(n, at, assets);
            case "picture" -> PictureJson.printed(n, at, assets);
            case "guide" -> PictureJson.guide(n, at, assets);
            case "stroke" ->
                Fields.value(
                        at,
                        () -> new Stroke(
                                route(n, at),
                                Fields.number(n, "beginWidthMm", at),
                                Fields.number(n, "endWidthMm", at),
                                Fields.colour(n, at)));
            case "mark" ->
                Fields.value(
                        at,
                        () -> new Mark(
                                Fields.text(n, "of", at),
                                n.path("widthFactor").asDouble(1),
                                n.path("heightFactor").asDouble(1)));
            case "backing" ->
                Fields.value(
                        at,
                        () -> new Backing(
                                Fields.number(n, "distanceMm", at),
                                Fields.named(CornerStyle.class, n.path("corners")),
                                n.path("holesFilled").asBoolean(),
                                Fields.colour(n, at)));
            default -> throw Fields.unknown(n, at);
        };
    }

    private static Stroke.Route route(JsonNode n, String at) throws Broken {
        return switch (n.path("route").asText()) {
            case "spiral" -> new Stroke.Spiral(Fields.number(n, "turns", at), Fields.number(n, "acrossMm", at));
            case "through" ->
                new Stroke.Through(
                        Fields.list(
                                n,
                                "stops",
                                at,
                                (p, _) -> new Point(
                                        p.path(0).asDouble(), p.path(1).asDouble())),
                        n.path("smooth").asBoolean());
            default ->
                throw new Broken(
                        Reason.UNKNOWN_IN_JOB, "route \"" + n.path("route").asText() + "\" in " + at);
        };
    }

    private static Drawing drawing(JsonNode n, String at, Assets.Reading assets) throws Broken {
        byte[] content = assets.get(Fields.text(n, "file", at))
                .orElseThrow(() -> new Broken(Reason.DAMAGED_JOB, n.path("file").asText() + " is missing"));
        return switch (AnyDrawing.read(
                new DrawingFile(n.path("name").asText(), content, n.path("page").asInt(1)))) {
            case DrawingRead.Taken t ->
                Fields.value(
                        at,
                        () -> t.drawing()
                                .resized(Fields.number(n, "widthFactor", at), Fields.number(n, "heightFactor", at)));
            case DrawingRead.Refused _ ->
                throw new Broken(Reason.DAMAGED_JOB, n.path("file").asText() + " cannot be read");
        };
    }
}
