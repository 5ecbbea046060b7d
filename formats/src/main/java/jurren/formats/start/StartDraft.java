package jurren.formats.start;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import jurren.core.art.Motif;
import jurren.formats.jobfile.MotifJson;
import jurren.formats.words.Words;

/** An arrangement on its way to becoming a start: what could be an entry, and the start once that is settled. */
public final class StartDraft {
    /**
     * Something that could change from one time to the next.
     *
     * @param motif the motif it is of; empty for a colour, which may be of several
     * @param value what it is now, as a person types it
     */
    public record Candidate(String motif, String what, StartField.Kind kind, String value) {}

    private final ArrayNode motifs;
    private final Map<String, byte[]> assets = new LinkedHashMap<>();

    private StartDraft(List<Motif> motifs) {
        this.motifs = MotifJson.writeAll(motifs, assets);
    }

    public static StartDraft of(List<Motif> motifs) {
        if (motifs.isEmpty()) {
            throw new IllegalArgumentException("a start needs a motif");
        }
        return new StartDraft(motifs);
    }

    /** Words, typefaces, sizes and treatments' lengths motif by motif, then every colour once. */
    public List<Candidate> candidates() {
        List<Candidate> all = new ArrayList<>();
        Set<String> colours = new LinkedHashSet<>();
        for (JsonNode m : motifs) {
            JsonNode source = m.path("source");
            String name = m.path("name").asText();
            if (source.has("text")) {
                boolean lines = source.path("text").asText().contains("\n");
                all.add(new Candidate(
                        name,
                        "text",
                        lines ? StartField.Kind.WORDS : StartField.Kind.TEXT,
                        source.path("text").asText().replace("\n", ", ")));
                all.add(new Candidate(
                        name,
                        "typeface",
                        StartField.Kind.TYPEFACE,
                        source.path("typeface").asText()));
            }
            lengths(all, name, source, "");
            for (JsonNode t : m.path("treatments")) {
                lengths(all, name, t, Words.treatment(t.path("kind").asText()));
            }
            collectColours(m, colours);
        }
        colours.forEach(c -> all.add(new Candidate("", "colour", StartField.Kind.COLOUR, c)));
        return all;
    }

    private static void lengths(List<Candidate> all, String motif, JsonNode of, String treatment) {
        of.properties().stream()
                .filter(e -> e.getKey().endsWith("Mm") && e.getValue().isNumber())
                .forEach(e -> all.add(new Candidate(
                        motif,
                        treatment.isEmpty() ? e.getKey() : treatment + " · " + e.getKey(),
                        StartField.Kind.LENGTH,
                        e.getValue().asDouble() + "mm")));
    }

    private static void collectColours(JsonNode n, Set<String> colours) {
        if (n.isTextual() && n.asText().matches("#[0-9A-Fa-f]{6}")) {
            colours.add(n.asText());
        }
        n.forEach(each -> collectColours(each, colours));
    }

    /** @param entries what is to change, with the name that its entry has */
    public Start start(String name, String about, Map<Candidate, String> entries) {
        List<StartField> fields = new ArrayList<>();
        JsonNode filled = motifs.deepCopy();
        Set<String> used = new LinkedHashSet<>();
        for (Map.Entry<Candidate, String> e : entries.entrySet()) {
            String id = free(id(e.getValue()), used);
            fields.add(new StartField(
                    id, e.getKey().kind(), e.getValue(), e.getKey().value(), false, Map.of()));
            filled = replaced(filled, e.getKey(), id);
        }
        return new Start(id(name), name, about, fields, filled, assets, true);
    }

    private static String free(String id, Set<String> used) {
        String free = id;
        for (int n = 2; !used.add(free); n++) {
            free = id + "-" + n;
        }
        return free;
    }

    /** Plain letters and digits with hyphens between. */
    static String id(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return plain.isEmpty() || plain.equals(Start.SIZE) ? "entry" : plain;
    }

    private static JsonNode replaced(JsonNode n, Candidate c, String id) {
        JsonNode entry = JsonNodeFactory.instance.objectNode().put("$", id);
        if (c.kind() == StartField.Kind.COLOUR) {
            return mapped(n, each -> each.isTextual() && each.asText().equals(c.value()) ? entry : each);
        }
        ArrayNode all = JsonNodeFactory.instance.arrayNode();
        for (JsonNode m : n) {
            ObjectNode copy = m.deepCopy();
            if (m.path("name").asText().equals(c.motif())) {
                put(copy, c, entry);
            }
            all.add(copy);
        }
        return all;
    }

    private static void put(ObjectNode motif, Candidate c, JsonNode entry) {
        if (!(motif.path("source") instanceof ObjectNode source)) {
            return;
        }
        switch (c.what()) {
            case "text" -> {
                boolean same = source.path("text").asText().replace("\n", ", ").equals(c.value());
                if (same) {
                    source.set("text", entry);
                }
            }
            case "typeface" -> source.set("typeface", entry);
            default -> {
                if (source.has(c.what())) {
                    source.set(c.what(), entry);
                }
                for (JsonNode t : motif.path("treatments")) {
                    String figure = c.what().substring(c.what().lastIndexOf(' ') + 1);
                    if (t instanceof ObjectNode treatment
                            && c.what()
                                    .startsWith(Words.treatment(t.path("kind").asText()) + " · ")
                            && (treatment.path(figure).asDouble() + "mm").equals(c.value())) {
                        treatment.set(figure, entry);
                    }
                }
            }
        }
    }

    private static JsonNode mapped(JsonNode n, java.util.function.UnaryOperator<JsonNode> change) {
        if (n.isArray()) {
            ArrayNode all = JsonNodeFactory.instance.arrayNode();
            n.forEach(each -> all.add(mapped(each, change)));
            return all;
        }
        if (n.isObject()) {
            ObjectNode all = JsonNodeFactory.instance.objectNode();
            n.properties().forEach(e -> all.set(e.getKey(), mapped(e.getValue(), change)));
            return all;
        }
        return change.apply(n);
    }
}
