package jurren.formats.start;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.DoubleNode;
import com.fasterxml.jackson.databind.node.IntNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import jurren.core.art.Chain;
import jurren.core.art.Motif;
import jurren.core.art.References;
import jurren.core.geometry.Box;
import jurren.core.geometry.Placement;
import jurren.core.lettering.NamedTypeface;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typefaces;
import jurren.formats.jobfile.Broken;
import jurren.formats.jobfile.MotifJson;
import jurren.formats.words.Counts;
import jurren.formats.words.LengthUnit;
import jurren.formats.words.Numbers;

/**
 * Makes motifs from a start and its entries.
 *
 * <ol>
 *   <li>Entries become values: lengths in millimetres, colours of the film, typefaces by id.
 *   <li>In the motifs, {@code {"$": "gap", "times": 2, "plus": 1}} becomes that value, {@code {"sum": […]}}
 *       a sum, {@code "@2"} the second colour that stands out on the cloth; what has {@code "when"} or
 *       {@code "unless"} stays only if that entry is filled or empty.
 *   <li>Nobody having said how large, the whole is made as wide as art usually is on that face, and
 *       smaller until it fits the area.
 * </ol>
 */
public final class StartMaker {
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int TRIES = 6;
    private static final double SURE = 0.998;

    private final Start start;
    private final Ground ground;
    private final Chain chain = new Chain();

    /** An entry that cannot be what it says. */
    private static final class Objection extends Exception {
        private static final long serialVersionUID = 1L;
        private final transient Started.Refused refused;

        Objection(Started.Why why, String field, String text) {
            super(text);
            this.refused = new Started.Refused(why, field, text);
        }
    }

    private StartMaker(Start start, Ground ground) {
        this.start = start;
        this.ground = ground;
    }

    /** @param typed entries by id, as a person types them; those left out keep their usual value */
    public static Started make(Start start, Map<String, String> typed, Ground ground) {
        StartMaker maker = new StartMaker(start, ground);
        try {
            return new Started.Filled(maker.make(typed));
        } catch (Objection e) {
            return e.refused;
        } catch (Broken | IllegalArgumentException e) {
            return new Started.Refused(Started.Why.CANNOT_BE, start.id(), String.valueOf(e.getMessage()));
        }
    }

    private List<Motif> make(Map<String, String> typed) throws Objection, Broken {
        for (String id : typed.keySet()) {
            if (start.field(id).isEmpty()) {
                throw new Objection(
                        Started.Why.NO_SUCH_ENTRY,
                        id,
                        start.fields().stream().map(StartField::id).collect(Collectors.joining(", ")));
            }
        }
        double size = ground.artWidthMm();
        List<Motif> motifs = motifs(typed, size);
        boolean sized = start.field(Start.SIZE).isEmpty()
                || !typed.getOrDefault(Start.SIZE, "").isBlank();
        for (int i = 0; i < TRIES && !sized; i++) {
            double fits = fits(motifs);
            if (fits >= 1) {
                break;
            }
            size *= fits * SURE;
            motifs = motifs(typed, size);
        }
        return placed(motifs);
    }

    private double fits(List<Motif> motifs) {
        Optional<Box> art = chain.art(motifs, Placement.HERE).bounds();
        return art.map(b -> Math.min(
                        ground.area().widthMm() / b.widthMm(), ground.area().heightMm() / b.heightMm()))
                .orElse(1.0);
    }

    private List<Motif> placed(List<Motif> motifs) {
        Optional<Box> art = chain.art(motifs, Placement.HERE).bounds();
        if (art.isEmpty()) {
            return motifs;
        }
        Box area = ground.area();
        double dx = area.centre().xMm() - art.get().centre().xMm();
        double dy = ground.fromTop()
                ? area.minYMm() - art.get().minYMm()
                : area.centre().yMm() - art.get().centre().yMm();
        return motifs.stream().map(m -> m.withPose(m.pose().moved(dx, dy))).toList();
    }

    private List<Motif> motifs(Map<String, String> typed, double size) throws Objection, Broken {
        Map<String, JsonNode> values = new LinkedHashMap<>();
        for (StartField f : start.fields()) {
            String text = typed.getOrDefault(f.id(), f.value());
            values.put(f.id(), f.id().equals(Start.SIZE) && text.isBlank() ? new DoubleNode(size) : value(f, text));
        }
        List<Motif> motifs = MotifJson.readAll(filled(start.motifs(), values), start.assets());
        References.loop(motifs).ifPresent(ring -> {
            throw new IllegalArgumentException("its motifs follow each other in a ring");
        });
        return motifs;
    }

    private JsonNode value(StartField f, String text) throws Objection {
        if (text.isBlank()) {
            if (f.optional()) {
                return new TextNode("");
            }
            throw new Objection(Started.Why.EMPTY, f.id(), f.name());
        }
        return switch (f.kind()) {
            case TEXT -> new TextNode(text);
            case WORDS ->
                new TextNode(Arrays.stream(text.split("[,\n]"))
                        .map(String::strip)
                        .filter(w -> !w.isEmpty())
                        .collect(Collectors.joining("\n")));
            case LENGTH ->
                new DoubleNode(LengthUnit.INCH
                        .parse(text)
                        .filter(mm -> mm >= 0)
                        .orElseThrow(() -> new Objection(Started.Why.NO_LENGTH, f.id(), text)));
            case PERCENT -> new DoubleNode(number(f, text.replace("%", "").strip()));
            case COUNT -> IntNode.valueOf(count(f, text));
            case COLOUR -> colour(f, text);
            case COLOURS -> {
                ArrayNode colours = NODES.arrayNode();
                for (String each : text.split(",")) {
                    colours.add(colour(f, each));
                }
                yield colours;
            }
            case TYPEFACE -> typeface(f, text.strip());
            case CHOICE ->
                f.choices().entrySet().stream()
                        .filter(c -> c.getKey().equalsIgnoreCase(text.strip()))
                        .findFirst()
                        .map(Map.Entry::getValue)
                        .orElseThrow(() -> new Objection(
                                Started.Why.NO_CHOICE,
                                f.id(),
                                text + " (" + String.join(", ", f.choices().keySet()) + ")"));
        };
    }

    private static double number(StartField f, String text) throws Objection {
        return Numbers.parse(text).orElseThrow(() -> new Objection(Started.Why.NO_NUMBER, f.id(), text));
    }

    private static int count(StartField f, String text) throws Objection {
        return Counts.parse(text)
                .orElseThrow(() -> new Objection(Started.Why.NO_NUMBER, f.id(), text))
                .intValue();
    }

    private TextNode colour(StartField f, String text) throws Objection {
        return new TextNode(ground.named(text)
                .orElseThrow(() -> new Objection(Started.Why.NO_COLOUR, f.id(), text.strip()))
                .hex());
    }

    private static TextNode typeface(StartField f, String text) throws Objection {
        Optional<ShippedTypeface> shipped = Arrays.stream(ShippedTypeface.values())
                .filter(t -> t.id().equals(text.toLowerCase(Locale.ROOT))
                        || t.title().equalsIgnoreCase(text))
                .findFirst();
        if (shipped.isPresent()) {
            return new TextNode(shipped.get().id());
        }
        NamedTypeface named = NamedTypeface.of(text.replaceFirst("^font:", ""));
        if (!Typefaces.isHere(named)) {
            throw new Objection(Started.Why.NO_TYPEFACE, f.id(), text);
        }
        return new TextNode(named.id());
    }

    // ---- entries put in

    private JsonNode filled(JsonNode n, Map<String, JsonNode> values) {
        if (n.isTextual() && n.asText().matches("@[1-9]")) {
            return new TextNode(ground.standsOut(n.asText().charAt(1) - '0').hex());
        }
        if (n.isArray()) {
            ArrayNode all = NODES.arrayNode();
            n.forEach(each -> {
                if (isWanted(each, values)) {
                    all.add(filled(each, values));
                }
            });
            return all;
        }
        if (!n.isObject()) {
            return n;
        }
        if (n.has("$")) {
            return entry(n, values);
        }
        if (n.has("sum")) {
            double sum = 0;
            for (JsonNode part : n.path("sum")) {
                sum += filled(part, values).asDouble();
            }
            return new DoubleNode(sum);
        }
        ObjectNode all = NODES.objectNode();
        n.properties().forEach(e -> all.set(e.getKey(), filled(e.getValue(), values)));
        return all;
    }

    private JsonNode entry(JsonNode n, Map<String, JsonNode> values) {
        JsonNode value = values.get(n.path("$").asText());
        if (value == null) {
            throw new IllegalArgumentException(
                    "no entry is called \"" + n.path("$").asText() + "\"");
        }
        if (value.isNumber() && (n.has("times") || n.has("plus"))) {
            return new DoubleNode(value.asDouble() * n.path("times").asDouble(1)
                    + n.path("plus").asDouble(0));
        }
        return value.isContainerNode() ? filled(value, values) : value;
    }

    private static boolean isWanted(JsonNode n, Map<String, JsonNode> values) {
        return (!n.has("when") || isFilled(values.get(n.path("when").asText())))
                && (!n.has("unless") || !isFilled(values.get(n.path("unless").asText())));
    }

    private static boolean isFilled(JsonNode value) {
        return value != null && !(value.isTextual() && value.asText().isBlank());
    }
}
