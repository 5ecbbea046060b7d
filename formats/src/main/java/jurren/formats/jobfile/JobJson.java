package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import jurren.core.art.Motif;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Blank;
import jurren.core.blank.Fit;
import jurren.core.blank.Form;
import jurren.core.geometry.Point;
import jurren.core.job.EmbeddedCatalogue;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.Place;
import jurren.core.job.PressWish;
import jurren.core.job.Progress;
import jurren.core.job.SizeEntry;
import jurren.core.job.Thing;
import jurren.core.layer.Edging;
import jurren.core.layer.Join;
import jurren.core.layer.Panels;
import jurren.core.load.LayoutChoices;
import jurren.core.load.Pin;
import jurren.core.load.Roll;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.material.Material;
import jurren.formats.Refusal.Reason;
import jurren.formats.catalogue.BlankFile;
import jurren.formats.catalogue.BlankRead;
import jurren.formats.catalogue.MaterialFile;

/**
 * A job as JSON and back. Reading names the field that is wrong; unknown fields are ignored, unknown
 * kinds are not, because leaving one out would change the art.
 */
final class JobJson {
    private final ObjectMapper mapper;

    JobJson(ObjectMapper mapper) {
        this.mapper = mapper;
    }

    ObjectNode write(Job job, Assets.Writing assets) {
        ObjectNode node = mapper.createObjectNode().put("name", job.name()).put("number", job.number());
        if (!job.customer().isEmpty()) {
            node.put("customer", job.customer());
        }
        node.put("due", job.due()).put("framed", job.framed());
        laying(node, job.laying());
        taken(node, job.laying());
        KeptLayoutJson.write(node, job.laying().layouts());
        made(node, job.made());
        carried(node, job.carried());
        ArrayNode lines = node.putArray("lines");
        job.lines().forEach(l -> line(lines.addObject(), l, assets));
        return node;
    }

    private static void laying(ObjectNode node, LayoutChoices laying) {
        if (laying.wish() == LayoutChoices.Wish.LEAST_WEEDING) {
            node.put("laying", "least-weeding");
        }
        if (laying.named()) {
            node.put("named", true);
        }
        if (!laying.pins().isEmpty()) {
            ArrayNode pins = node.putArray("pins");
            laying.pins()
                    .forEach(p -> pins.addObject()
                            .put("line", p.lineId())
                            .put("place", p.place())
                            .put("size", p.size())
                            .put("copy", p.copy())
                            .put("layer", p.layer())
                            .put("stock", p.stock())
                            .put("degrees", p.degrees())
                            .put("xMm", p.at().xMm())
                            .put("yMm", p.at().yMm()));
        }
    }

    private static void taken(ObjectNode node, LayoutChoices laying) {
        if (!laying.taken().isEmpty()) {
            ArrayNode taken = node.putArray("taken");
            laying.taken().forEach(r -> {
                ObjectNode roll = taken.addObject()
                        .put("id", r.id())
                        .put("material", r.materialId())
                        .put("colour", r.colour().hex())
                        .put("widthMm", r.widthMm())
                        .put("lengthMm", r.lengthMm());
                r.price().ifPresent(p -> roll.put("price", p));
            });
        }
    }

    private static LayoutChoices laying(JsonNode n, String at) throws Broken {
        String wish = n.path("laying").asText("least-film");
        if (!wish.equals("least-film") && !wish.equals("least-weeding")) {
            throw new Broken(Reason.UNKNOWN_IN_JOB, "laying \"" + wish + "\" in " + at);
        }
        List<Pin> pins = Fields.list(
                n,
                "pins",
                at,
                (p, there) -> Fields.value(
                        there,
                        () -> new Pin(
                                p.path("line").asText(),
                                p.path("place").asText(),
                                p.path("size").asText(),
                                p.path("copy").asInt(),
                                p.path("layer").asInt(),
                                p.path("stock").asText(),
                                p.path("degrees").asDouble(),
                                new Point(
                                        p.path("xMm").asDouble(), p.path("yMm").asDouble()))));
        List<Roll> taken = Fields.list(
                n,
                "taken",
                at,
                (r, there) -> Fields.value(
                        there,
                        () -> new Roll(
                                Fields.text(r, "id", there),
                                Fields.text(r, "material", there),
                                Colour.of(r.path("colour").asText()),
                                r.path("widthMm").asDouble(),
                                r.path("lengthMm").asDouble(),
                                "",
                                r.has("price") ? Optional.of(r.path("price").asDouble()) : Optional.empty())));
        return new LayoutChoices(
                wish.equals("least-film") ? LayoutChoices.Wish.LEAST_FILM : LayoutChoices.Wish.LEAST_WEEDING,
                n.path("named").asBoolean(false),
                pins,
                taken,
                KeptLayoutJson.read(n, at));
    }

    private static void made(ObjectNode node, Progress made) {
        if (made.equals(Progress.NOTHING)) {
            return;
        }
        ObjectNode all = node.putObject("made");
        ArrayNode cuts = all.putArray("cuts");
        made.cuts().forEach(c -> {
            ObjectNode cut = cuts.addObject()
                    .put("mark", c.mark())
                    .put("film", c.film())
                    .put("load", c.load())
                    .put("at", c.at().toString());
            if (c.practice()) {
                cut.put("practice", true);
            }
            if (!c.pieces().isEmpty()) {
                cut.put("shapes", c.pieces());
            }
            c.used()
                    .ifPresent(u -> cut.putObject("used")
                            .put("cutter", u.cutter())
                            .put("forceGf", u.forceGf())
                            .put("speedMmS", u.speedMmS())
                            .put("passes", u.passes())
                            .put("alongMm", u.alongMm())
                            .put("acrossMm", u.acrossMm()));
        });
        ObjectNode pressed = all.putObject("pressed");
        new TreeMap<>(made.pressed()).forEach(pressed::put);
        if (!made.done().isEmpty()) {
            ArrayNode done = all.putArray("done");
            made.done().stream().sorted().forEach(done::add);
        }
        made.begun()
                .ifPresent(b -> all.putObject("begun")
                        .put("at", b.at().toString())
                        .put("ready", b.ready().toString()));
        if (made.spoiled().isEmpty()) {
            return;
        }
        ArrayNode spoiled = all.putArray("spoiled");
        made.spoiled().entrySet().stream()
                .sorted(Comparator.comparing((Map.Entry<Progress.OfSize, Integer> e) ->
                                e.getKey().line())
                        .thenComparing(e -> e.getKey().size()))
                .forEach(e -> spoiled.addObject()
                        .put("line", e.getKey().line())
                        .put("size", e.getKey().size())
                        .put("pieces", e.getValue()));
    }

    private void carried(ObjectNode node, EmbeddedCatalogue carried) {
        if (carried.isEmpty()) {
            return;
        }
        ObjectNode all = node.putObject("carried");
        try {
            ArrayNode blanks = all.putArray("blanks");
            for (Blank b : carried.blanks()) {
                blanks.add(mapper.readTree(BlankFile.write(b)));
            }
            if (!carried.materials().isEmpty()) {
                ArrayNode materials = all.putArray("materials");
                for (Material m : carried.materials()) {
                    materials.add(mapper.readTree(MaterialFile.write(m)));
                }
            }
        } catch (IOException e) {
            throw new IllegalStateException("what was just written could not be read", e);
        }
    }

    private static Progress made(JsonNode n, String at) throws Broken {
        List<Progress.Cut> cuts = Fields.list(
                n,
                "cuts",
                at,
                (c, p) -> Fields.value(
                        p,
                        () -> new Progress.Cut(
                                Fields.text(c, "mark", p),
                                c.path("film").asText(),
                                c.path("load").asInt(),
                                instant(c.path("at").asText()),
                                used(c.path("used")),
                                c.path("practice").asBoolean(),
                                c.path("shapes").asText())));
        Map<String, Integer> pressed = new TreeMap<>();
        n.path("pressed")
                .properties()
                .forEach(e -> pressed.put(e.getKey(), e.getValue().asInt()));
        Map<Progress.OfSize, Integer> spoiled = new HashMap<>();
        for (JsonNode s : n.path("spoiled")) {
            spoiled.put(
                    new Progress.OfSize(
                            Fields.text(s, "line", at + ".spoiled"),
                            s.path("size").asText()),
                    s.path("pieces").asInt());
        }
        Set<String> done = new HashSet<>();
        n.path("done").forEach(d -> done.add(d.asText()));
        JsonNode begun = n.path("begun");
        return Fields.value(
                at,
                () -> new Progress(
                        cuts,
                        pressed,
                        spoiled,
                        done,
                        begun.isObject()
                                ? Optional.of(new Progress.Begun(
                                        instant(begun.path("at").asText()),
                                        instant(begun.path("ready").asText())))
                                : Optional.empty()));
    }

    private static Optional<Progress.Used> used(JsonNode n) {
        return n.isObject()
                ? Optional.of(new Progress.Used(
                        n.path("cutter").asText(),
                        n.path("forceGf").asDouble(),
                        n.path("speedMmS").asDouble(),
                        n.path("passes").asInt(),
                        n.path("alongMm").asDouble(),
                        n.path("acrossMm").asDouble()))
                : Optional.empty();
    }

    private static Instant instant(String text) {
        try {
            return Instant.parse(text);
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("\"" + text + "\" is no time", e);
        }
    }

    private static EmbeddedCatalogue carried(JsonNode n, String at) throws Broken {
        List<Blank> blanks = new ArrayList<>();
        for (JsonNode b : n.path("blanks")) {
            switch (BlankFile.read(at, b.toString().getBytes(StandardCharsets.UTF_8))) {
                case BlankRead.Taken t -> blanks.add(t.blank());
                case BlankRead.Refused r ->
                    throw new Broken(Reason.DAMAGED_JOB, at + ": " + r.refusal().detail());
            }
        }
        List<Material> materials = new ArrayList<>();
        for (JsonNode m : n.path("materials")) {
            try {
                materials.add(MaterialFile.read(m.toString().getBytes(StandardCharsets.UTF_8)));
            } catch (MaterialFile.Unknown e) {
                throw new Broken(Reason.UNKNOWN_IN_JOB, e.getMessage() + " in " + at);
            } catch (IOException e) {
                throw new Broken(Reason.DAMAGED_JOB, at + ": " + e.getMessage());
            }
        }
        return new EmbeddedCatalogue(blanks, materials);
    }

    private void line(ObjectNode node, Line line, Assets.Writing assets) {
        node.put("id", line.id())
                .put("title", line.title())
                .put("blank", line.blankId())
                .put("blankColour", line.colourId())
                .put("drawnFor", line.drawnFor());
        ArrayNode sizes = node.putArray("sizes");
        line.counts().forEach(c -> sizes.addObject().put("size", c.size()).put("count", c.pieces()));
        ArrayNode places = node.putArray("places");
        line.places().forEach(p -> place(places.addObject(), p, assets));
    }

    private static void place(ObjectNode node, Place place, Assets.Writing assets) {
        node.put("face", place.faceId()).put("material", place.materialId());
        place.pressId().ifPresent(id -> node.put("press", id));
        place.trueAtMm().ifPresent(mm -> node.put("trueAtMm", mm));
        node.putObject("fit")
                .put("across", Fields.lower(place.fit().across()))
                .put("down", Fields.lower(place.fit().down()))
                .put("width", Fields.lower(place.fit().width()));
        ObjectNode sizes = node.putObject("sizes");
        place.sizes().forEach((id, s) -> {
            ObjectNode size = sizes.putObject(id);
            s.artWidthMm().ifPresent(w -> size.put("artWidthMm", w));
            s.area()
                    .ifPresent(a -> size.putObject("area")
                            .put("widthMm", a.widthMm())
                            .put("heightMm", a.heightMm())
                            .put("dropMm", a.dropMm()));
            if (!s.measured().isEmpty()) {
                ObjectNode measured = size.putObject("measured");
                new EnumMap<>(s.measured()).forEach((measure, mm) -> measured.put(Fields.lower(measure), mm));
            }
        });
        ArrayNode motifs = node.putArray("motifs");
        place.motifs().forEach(m -> MotifJson.write(motifs.addObject(), m, assets));
        ArrayNode joins = node.putArray("joins");
        place.joins().forEach((film, join) -> {
            ObjectNode n = joins.addObject().put("material", film.materialId());
            film.colour().ifPresent(c -> n.put("colour", c.hex()));
            join(n, join);
        });
        ObjectNode edgings = node.putObject("edgings");
        place.edgings()
                .forEach((material, e) -> edgings.putObject(material)
                        .put("outMm", e.outMm())
                        .put("holesKept", e.holesKept())
                        .put("through", e.through()));
        panels(node, place.panels());
        place.lineUpMm().ifPresent(mm -> node.put("lineUpMm", mm));
        if (!place.trimmed()) {
            node.put("trimmed", false);
        }
        if (place.pressWishes().isEmpty()) {
            return;
        }
        ArrayNode press = node.putArray("pressing");
        place.pressWishes().forEach(w -> {
            ObjectNode n = press.addObject();
            film(n.putObject("film"), w.film());
            w.seconds().ifPresent(s -> n.put("seconds", s));
            w.after().ifPresent(a -> film(n.putObject("after"), a));
        });
    }

    private static void panels(ObjectNode node, Map<Film, Panels> panels) {
        if (panels.isEmpty()) {
            return;
        }
        ArrayNode list = node.putArray("panels");
        panels.forEach((film, p) -> {
            ObjectNode n = list.addObject();
            film(n.putObject("film"), film);
            n.put("upright", p.upright()).put("overlapMm", p.overlapMm());
            p.at().forEach(n.putArray("at")::add);
        });
    }

    private static Map<Film, Panels> panels(JsonNode n, String at, String usualId) throws Broken {
        Map<Film, Panels> panels = new LinkedHashMap<>();
        int k = 0;
        for (JsonNode p : n.path("panels")) {
            String there = at + ".panels[" + k++ + "]";
            List<Double> seams = new ArrayList<>();
            p.path("at").forEach(s -> seams.add(s.asDouble(Double.NaN)));
            double overlap = Fields.number(p, "overlapMm", there);
            panels.put(
                    film(p.path("film"), there + ".film", usualId),
                    Fields.value(there, () -> new Panels(p.path("upright").asBoolean(), seams, overlap)));
        }
        return panels;
    }

    private static void film(ObjectNode node, Film film) {
        node.put("material", film.materialId());
        film.colour().ifPresent(c -> node.put("colour", c.hex()));
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
        JobBounds.check(node, at);
        List<Line> lines = Fields.list(node, "lines", at, (n, p) -> line(n, p, assets));
        Progress made = node.has("made") ? made(node.path("made"), at + ".made") : Progress.NOTHING;
        EmbeddedCatalogue carried = carried(node.path("carried"), at + ".carried");
        LayoutChoices laying = laying(node, at);
        return Fields.value(
                at,
                () -> new Job(
                        node.path("name").asText(),
                        node.path("number").asText(),
                        node.path("customer").asText(),
                        node.path("due").asText(),
                        node.path("framed").asBoolean(true),
                        lines,
                        made,
                        carried,
                        laying));
    }

    private Line line(JsonNode n, String at, Assets.Reading assets) throws Broken {
        return n.has("places") ? placed(n, at, assets) : ofOnePlace(n, at, assets);
    }

    private static Line placed(JsonNode n, String at, Assets.Reading assets) throws Broken {
        List<Line.Count> counts = Fields.list(n, "sizes", at, (s, p) -> count(s, p));
        List<Place> places = Fields.list(n, "places", at, (p, there) -> place(p, there, assets));
        if (places.isEmpty()) {
            throw new Broken(Reason.DAMAGED_JOB, at + " has no place");
        }
        return Fields.value(
                at,
                () -> new Line(
                        Fields.text(n, "id", at),
                        n.path("title").asText(),
                        Fields.text(n, "blank", at),
                        n.path("blankColour").asText(),
                        Fields.text(n, "drawnFor", at),
                        counts,
                        places,
                        0));
    }

    private static Line.Count count(JsonNode n, String at) throws Broken {
        SizeEntry entry = size(n, at);
        return new Line.Count(entry.size(), entry.count());
    }

    private static Place place(JsonNode n, String at, Assets.Reading assets) throws Broken {
        Map<String, Place.OnSize> sizes = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> s : n.path("sizes").properties()) {
            String there = at + ".sizes." + s.getKey();
            SizeEntry entry = onSize(s.getValue(), there, s.getKey(), 0);
            sizes.put(s.getKey(), new Place.OnSize(entry.artWidthMm(), entry.area(), entry.measured()));
        }
        List<Motif> motifs = Fields.list(n, "motifs", at, (m, p) -> MotifJson.read(m, p, assets));
        String material = Fields.text(n, "material", at);
        Map<Film, Join> joins = joins(n, at, material);
        Map<String, Edging> edgings = edgings(n, at);
        Map<Film, Panels> panels = panels(n, at, material);
        List<PressWish> wishes = Fields.list(n, "pressing", at, (w, p) -> pressWish(w, p, material));
        Optional<String> press = n.has("press") ? Optional.of(Fields.text(n, "press", at)) : Optional.empty();
        Optional<Double> trueAt = n.has("trueAtMm") ? Optional.of(Fields.number(n, "trueAtMm", at)) : Optional.empty();
        Optional<Double> lineUp = n.has("lineUpMm") ? Optional.of(Fields.number(n, "lineUpMm", at)) : Optional.empty();
        return Fields.value(
                at,
                () -> new Place(
                        n.path("face").asText(),
                        press,
                        trueAt,
                        material,
                        motifs,
                        joins,
                        fit(n.path("fit")),
                        edgings,
                        sizes,
                        wishes,
                        panels,
                        lineUp,
                        n.path("trimmed").asBoolean(true)));
    }

    private static PressWish pressWish(JsonNode n, String at, String usualId) throws Broken {
        Film film = film(n.path("film"), at + ".film", usualId);
        Optional<Double> seconds = n.has("seconds") ? Optional.of(Fields.number(n, "seconds", at)) : Optional.empty();
        Optional<Film> after =
                n.has("after") ? Optional.of(film(n.path("after"), at + ".after", usualId)) : Optional.empty();
        return Fields.value(at, () -> new PressWish(film, seconds, after));
    }

    /** As it was written before a line could have several places. */
    private static Line ofOnePlace(JsonNode n, String at, Assets.Reading assets) throws Broken {
        List<SizeEntry> sizes = Fields.list(n, "sizes", at, JobJson::size);
        List<Motif> motifs = Fields.list(n, "motifs", at, (m, p) -> MotifJson.read(m, p, assets));
        Map<Film, Join> joins = joins(n, at, n.path("material").asText());
        return Fields.value(
                at,
                () -> new Line(
                        Fields.text(n, "id", at),
                        n.path("title").asText(),
                        thing(n, at),
                        Fields.text(n, "material", at),
                        Fields.text(n, "drawnFor", at),
                        sizes,
                        motifs,
                        joins,
                        fit(n.path("fit"))));
    }

    private static Map<Film, Join> joins(JsonNode n, String at, String usualId) throws Broken {
        Map<Film, Join> joins = new LinkedHashMap<>();
        for (JsonNode j : n.path("joins")) {
            joins.put(film(j, at + ".joins", usualId), join(j, at + ".joins"));
        }
        return joins;
    }

    private static Map<String, Edging> edgings(JsonNode n, String at) throws Broken {
        Map<String, Edging> edgings = new LinkedHashMap<>();
        for (Map.Entry<String, JsonNode> e : n.path("edgings").properties()) {
            String there = at + ".edgings." + e.getKey();
            double out = Fields.number(e.getValue(), "outMm", there);
            edgings.put(
                    e.getKey(),
                    Fields.value(
                            there,
                            () -> new Edging(
                                    out,
                                    e.getValue().path("holesKept").asBoolean(),
                                    e.getValue().path("through").asBoolean())));
        }
        return edgings;
    }

    /** Before films could be mixed a join named only its colour. */
    private static Film film(JsonNode n, String at, String usualId) throws Broken {
        Optional<Colour> colour = n.has("colour") ? Optional.of(Fields.colour(n, at)) : Optional.empty();
        return new Film(n.has("material") ? Fields.text(n, "material", at) : usualId, colour);
    }

    private static Thing thing(JsonNode n, String at) throws Broken {
        return new Thing(
                Fields.text(n, "blank", at),
                n.path("blankColour").asText(),
                n.path("face").asText(),
                n.has("press") ? Optional.of(Fields.text(n, "press", at)) : Optional.empty(),
                n.has("trueAtMm") ? Optional.of(Fields.number(n, "trueAtMm", at)) : Optional.empty());
    }

    /** Jobs saved before there were rules have none, which is the usual one. */
    private static Fit fit(JsonNode n) {
        return n.isObject()
                ? new Fit(
                        Fields.named(Fit.Across.class, n.path("across")),
                        Fields.named(Fit.Down.class, n.path("down")),
                        Fields.named(Fit.Width.class, n.path("width")))
                : Fit.USUAL;
    }

    private static SizeEntry size(JsonNode n, String at) throws Broken {
        return onSize(n, at, Fields.text(n, "size", at), (int) Fields.number(n, "count", at));
    }

    private static SizeEntry onSize(JsonNode n, String at, String id, int count) throws Broken {
        Optional<Double> width =
                n.has("artWidthMm") ? Optional.of(Fields.number(n, "artWidthMm", at)) : Optional.empty();
        JsonNode a = n.path("area");
        Optional<AreaMeasures> area = a.isObject()
                ? Optional.of(Fields.value(
                        at + ".area",
                        () -> new AreaMeasures(
                                Fields.number(a, "widthMm", at),
                                Fields.number(a, "heightMm", at),
                                Fields.number(a, "dropMm", at))))
                : Optional.empty();
        Map<Form.Measure, Double> measured = new EnumMap<>(Form.Measure.class);
        for (Map.Entry<String, JsonNode> m : n.path("measured").properties()) {
            Form.Measure measure =
                    Fields.value(at + ".measured", () -> Fields.named(Form.Measure.class, new TextNode(m.getKey())));
            measured.put(measure, Fields.number(n.path("measured"), m.getKey(), at + ".measured"));
        }
        return Fields.value(at, () -> new SizeEntry(id, count, width, area, measured));
    }

    private static Join join(JsonNode n, String at) throws Broken {
        return switch (n.path("kind").asText()) {
            case "laid-over" -> Join.LAID_OVER;
            case "knocked-out" -> Fields.value(at, () -> new Join.KnockedOut(Fields.number(n, "overlapMm", at)));
            case "butted" -> Fields.value(at, () -> new Join.Butted(Fields.number(n, "gapMm", at)));
            default -> throw Fields.unknown(n, at);
        };
    }
}
