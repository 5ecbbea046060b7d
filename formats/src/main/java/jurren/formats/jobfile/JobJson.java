package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import jurren.core.art.Drawing;
import jurren.core.art.DrawingFile;
import jurren.core.art.Lettering;
import jurren.core.art.Motif;
import jurren.core.art.Pose;
import jurren.core.art.Shape;
import jurren.core.art.Source;
import jurren.core.art.Treatment;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Fit;
import jurren.core.blank.Form;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.SizeEntry;
import jurren.core.job.Thing;
import jurren.core.layer.Join;
import jurren.core.lettering.Typeface;
import jurren.core.material.Colour;
import jurren.formats.Refusal.Reason;
import jurren.formats.svg.SvgRead;
import jurren.formats.svg.SvgReader;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * A job as JSON and back. Reading names the field that is wrong; unknown fields are ignored, unknown
 * kinds are not, because leaving one out would change the art.
 */
final class JobJson {
    /** A job that cannot be read, with the place in it. */
    static final class Broken extends Exception {
        private static final long serialVersionUID = 1L;
        private final Reason reason;

        Broken(Reason reason, String what) {
            super(what);
            this.reason = reason;
        }

        Reason reason() {
            return reason;
        }
    }

    private interface Reader<T> {
        T read(JsonNode node, String at) throws Broken;
    }

    private final ObjectMapper mapper;

    JobJson(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    ObjectNode write(Job job, Assets.Writing assets) {
        ObjectNode node = mapper.createObjectNode().put("name", job.name()).put("number", job.number())
                .put("due", job.due()).put("framed", job.framed());
        ArrayNode lines = node.putArray("lines");
        job.lines().forEach(l -> line(lines.addObject(), l, assets));
        return node;
    }

    private void line(ObjectNode node, Line line, Assets.Writing assets) {
        node.put("id", line.id()).put("title", line.title());
        thing(node, line.thing());
        node.put("material", line.materialId()).put("drawnFor", line.drawnFor());
        node.putObject("fit").put("across", lower(line.fit().across())).put("down", lower(line.fit().down()))
                .put("width", lower(line.fit().width()));
        ArrayNode sizes = node.putArray("sizes");
        for (SizeEntry s : line.sizes()) {
            ObjectNode size = sizes.addObject().put("size", s.size()).put("count", s.count());
            s.artWidthMm().ifPresent(w -> size.put("artWidthMm", w));
            s.area().ifPresent(a -> size.putObject("area").put("widthMm", a.widthMm())
                    .put("heightMm", a.heightMm()).put("dropMm", a.dropMm()));
            if (!s.measured().isEmpty()) {
                ObjectNode measured = size.putObject("measured");
                new EnumMap<>(s.measured()).forEach((measure, mm) -> measured.put(lower(measure), mm));
            }
        }
        ArrayNode motifs = node.putArray("motifs");
        line.motifs().forEach(m -> motif(motifs.addObject(), m, assets));
        ArrayNode joins = node.putArray("joins");
        line.joins().forEach((colour, join) -> join(joins.addObject().put("colour", colour.hex()), join));
    }

    private static void thing(ObjectNode node, Thing thing) {
        node.put("blank", thing.blankId()).put("blankColour", thing.colourId()).put("face", thing.faceId());
        thing.pressId().ifPresent(id -> node.put("press", id));
        thing.trueAtMm().ifPresent(mm -> node.put("trueAtMm", mm));
    }

    private void motif(ObjectNode node, Motif m, Assets.Writing assets) {
        node.put("id", m.id()).put("name", m.name());
        source(node.putObject("source"), m.source(), assets);
        ArrayNode treatments = node.putArray("treatments");
        for (Treatment t : m.treatments()) {
            TreatmentJson.write(treatments.addObject(), t);
        }
        node.putObject("pose").put("xMm", m.pose().xMm()).put("yMm", m.pose().yMm()).put("degrees", m.pose().degrees());
    }

    private static void source(ObjectNode node, Source source, Assets.Writing assets) {
        switch (source) {
            case Lettering l -> node.put("kind", "lettering").put("text", l.text()).put("typeface", l.typeface().id())
                    .put("capHeightMm", l.capHeightMm()).put("letterSpacing", l.letterSpacing())
                    .put("stretch", l.stretch()).put("colour", l.colour().hex());
            case Shape s -> node.put("kind", "shape").put("shape", lower(s.kind())).put("widthMm", s.widthMm())
                    .put("heightMm", s.heightMm()).put("points", s.points()).put("depth", s.depth()).put("colour", s.colour().hex());
            case Drawing d -> node.put("kind", "drawing").put("name", d.file().name()).put("file", assets.add(d.file()))
                    .put("widthFactor", d.widthFactor()).put("heightFactor", d.heightFactor());
        }
    }

    private static void join(ObjectNode node, Join join) {
        switch (join) {
            case Join.LaidOver _ -> node.put("kind", "laid-over");
            case Join.KnockedOut k -> node.put("kind", "knocked-out").put("overlapMm", k.overlapMm());
            case Join.Butted b -> node.put("kind", "butted").put("gapMm", b.gapMm());
        }
    }

    Job read(JsonNode node, Assets.Reading assets, String at) throws Broken {
        if (!node.isObject()) {
            throw new Broken(Reason.DAMAGED_JOB, at + " is missing");
        }
        List<Line> lines = list(node, "lines", at, (n, p) -> line(n, p, assets));
        return value(at, () -> new Job(node.path("name").asText(), node.path("number").asText(),
                node.path("due").asText(), node.path("framed").asBoolean(true), lines));
    }

    private Line line(JsonNode n, String at, Assets.Reading assets) throws Broken {
        List<SizeEntry> sizes = list(n, "sizes", at, JobJson::size);
        List<Motif> motifs = list(n, "motifs", at, (m, p) -> motif(m, p, assets));
        Map<Colour, Join> joins = new LinkedHashMap<>();
        for (JsonNode j : n.path("joins")) {
            joins.put(colour(j, at + ".joins"), join(j, at + ".joins"));
        }
        return value(at, () -> new Line(text(n, "id", at), n.path("title").asText(), thing(n, at), text(n, "material", at),
                text(n, "drawnFor", at), sizes, motifs, joins, fit(n.path("fit"))));
    }

    private static Thing thing(JsonNode n, String at) throws Broken {
        return new Thing(text(n, "blank", at), n.path("blankColour").asText(), n.path("face").asText(),
                n.has("press") ? Optional.of(text(n, "press", at)) : Optional.empty(),
                n.has("trueAtMm") ? Optional.of(number(n, "trueAtMm", at)) : Optional.empty());
    }

    /** Jobs saved before there were rules have none, which is the usual one. */
    private static Fit fit(JsonNode n) {
        return n.isObject() ? new Fit(named(Fit.Across.class, n.path("across")), named(Fit.Down.class, n.path("down")),
                named(Fit.Width.class, n.path("width"))) : Fit.USUAL;
    }

    private static <E extends Enum<E>> E named(Class<E> kinds, JsonNode n) {
        try {
            return Enum.valueOf(kinds, n.asText().toUpperCase(Locale.ROOT).replace('-', '_'));
        } catch (IllegalArgumentException _) {
            throw new IllegalArgumentException("\"" + n.asText() + "\" is not known");
        }
    }

    private static SizeEntry size(JsonNode n, String at) throws Broken {
        Optional<Double> width = n.has("artWidthMm") ? Optional.of(number(n, "artWidthMm", at)) : Optional.empty();
        JsonNode a = n.path("area");
        Optional<AreaMeasures> area = a.isObject() ? Optional.of(value(at + ".area", () -> new AreaMeasures(
                number(a, "widthMm", at), number(a, "heightMm", at), number(a, "dropMm", at)))) : Optional.empty();
        Map<Form.Measure, Double> measured = new EnumMap<>(Form.Measure.class);
        for (Map.Entry<String, JsonNode> m : n.path("measured").properties()) {
            Form.Measure measure = value(at + ".measured", () -> named(Form.Measure.class, new TextNode(m.getKey())));
            measured.put(measure, number(n.path("measured"), m.getKey(), at + ".measured"));
        }
        return value(at, () -> new SizeEntry(text(n, "size", at), (int) number(n, "count", at), width, area, measured));
    }

    private static Motif motif(JsonNode n, String at, Assets.Reading assets) throws Broken {
        List<Treatment> treatments = list(n, "treatments", at, TreatmentJson::read);
        JsonNode p = n.path("pose");
        return new Motif(text(n, "id", at), n.path("name").asText(), source(n.path("source"), at + ".source", assets),
                treatments, new Pose(number(p, "xMm", at + ".pose"), number(p, "yMm", at + ".pose"),
                number(p, "degrees", at + ".pose")));
    }

    private static Source source(JsonNode n, String at, Assets.Reading assets) throws Broken {
        return switch (n.path("kind").asText()) {
            case "lettering" -> value(at, () -> new Lettering(n.path("text").asText(),
                    Typeface.of(text(n, "typeface", at)), number(n, "capHeightMm", at),
                    n.path("letterSpacing").asDouble(0), n.path("stretch").asDouble(1), colour(n, at)));
            case "shape" -> value(at, () -> new Shape(named(Shape.Kind.class, n.path("shape")), number(n, "widthMm", at),
                    number(n, "heightMm", at), (int) number(n, "points", at), number(n, "depth", at), colour(n, at)));
            case "drawing" -> drawing(n, at, assets);
            default -> throw unknown(n, at);
        };
    }

    private static Drawing drawing(JsonNode n, String at, Assets.Reading assets) throws Broken {
        byte[] content = assets.get(text(n, "file", at))
                .orElseThrow(() -> new Broken(Reason.DAMAGED_JOB, n.path("file").asText() + " is missing"));
        return switch (SvgReader.read(new DrawingFile(n.path("name").asText(), content))) {
            case SvgRead.Taken t -> value(at, () -> (Drawing) t.drawing().resized(
                    number(n, "widthFactor", at), number(n, "heightFactor", at)));
            case SvgRead.Refused _ -> throw new Broken(Reason.DAMAGED_JOB, n.path("file").asText() + " cannot be read");
        };
    }

    private static Join join(JsonNode n, String at) throws Broken {
        return switch (n.path("kind").asText()) {
            case "laid-over" -> Join.LAID_OVER;
            case "knocked-out" -> value(at, () -> new Join.KnockedOut(number(n, "overlapMm", at)));
            case "butted" -> value(at, () -> new Join.Butted(number(n, "gapMm", at)));
            default -> throw unknown(n, at);
        };
    }

    private static Broken unknown(JsonNode n, String at) {
        return new Broken(Reason.UNKNOWN_IN_JOB, "\"" + n.path("kind").asText() + "\" in " + at);
    }

    private static <T> List<T> list(JsonNode node, String field, String at, Reader<T> reader) throws Broken {
        List<T> items = new ArrayList<>();
        for (JsonNode item : node.path(field)) {
            items.add(reader.read(item, at + "." + field + "[" + items.size() + "]"));
        }
        return items;
    }

    private static String text(JsonNode n, String field, String at) throws Broken {
        if (!n.path(field).isTextual()) {
            throw new Broken(Reason.DAMAGED_JOB, at + "." + field + " is not a text");
        }
        return n.path(field).asText();
    }

    private static double number(JsonNode n, String field, String at) throws Broken {
        if (!n.path(field).isNumber()) {
            throw new Broken(Reason.DAMAGED_JOB, at + "." + field + " is not a number");
        }
        return n.path(field).asDouble();
    }

    private static Colour colour(JsonNode n, String at) throws Broken {
        String hex = text(n, "colour", at);
        return value(at + ".colour", () -> Colour.of(hex));
    }

    private interface Making<T> {
        T make() throws Broken;
    }

    /** Values check themselves; what they object to becomes a sentence with its place. */
    private static <T> T value(String at, Making<T> making) throws Broken {
        try {
            return making.make();
        } catch (IllegalArgumentException e) {
            throw new Broken(Reason.DAMAGED_JOB, at + ": " + e.getMessage());
        }
    }

    private static String lower(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT);
    }
}
