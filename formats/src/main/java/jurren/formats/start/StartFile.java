package jurren.formats.start;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;

/** A start as a JSON file and back. */
public final class StartFile {
    public static final int FORMAT = 1;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** A file that is no start; the message says what is wrong with it. */
    public static final class NotAStart extends Exception {
        private static final long serialVersionUID = 1L;

        NotAStart(String message) {
            super(message);
        }
    }

    private StartFile() {}

    public static byte[] write(Start start) {
        ObjectNode root = MAPPER.createObjectNode()
                .put("format", FORMAT)
                .put("id", start.id())
                .put("name", start.name())
                .put("about", start.about());
        ArrayNode fields = root.putArray("fields");
        for (StartField f : start.fields()) {
            ObjectNode field = fields.addObject()
                    .put("id", f.id())
                    .put("kind", f.kind().name().toLowerCase(Locale.ROOT))
                    .put("name", f.name())
                    .put("value", f.value());
            if (f.optional()) {
                field.put("optional", true);
            }
            if (!f.choices().isEmpty()) {
                f.choices().forEach(field.putObject("choices")::set);
            }
        }
        root.set("motifs", start.motifs());
        if (!start.assets().isEmpty()) {
            ObjectNode assets = root.putObject("assets");
            new TreeMap<>(start.assets())
                    .forEach((name, content) ->
                            assets.put(name, Base64.getEncoder().encodeToString(content)));
        }
        try {
            return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException(e);
        }
    }

    public static Start read(byte[] content, boolean own) throws NotAStart {
        try {
            return start(MAPPER.readTree(content), own);
        } catch (JsonProcessingException e) {
            throw new NotAStart("line " + e.getLocation().getLineNr());
        } catch (IOException | IllegalArgumentException e) {
            throw new NotAStart(String.valueOf(e.getMessage()));
        }
    }

    private static Start start(JsonNode root, boolean own) throws NotAStart {
        if (root.path("format").asInt() > FORMAT) {
            throw new NotAStart("it was saved by a newer Jurren");
        }
        String id = root.path("id").asText();
        if (!id.matches("[a-z0-9][a-z0-9-]*")
                || !root.path("motifs").isArray()
                || root.path("motifs").isEmpty()) {
            throw new NotAStart("it has no id or no motifs");
        }
        List<StartField> fields = new ArrayList<>();
        for (JsonNode f : root.path("fields")) {
            fields.add(field(f));
        }
        Map<String, byte[]> assets = new LinkedHashMap<>();
        root.path("assets")
                .properties()
                .forEach(a -> assets.put(
                        a.getKey(), Base64.getDecoder().decode(a.getValue().asText())));
        return new Start(
                id,
                root.path("name").asText(id),
                root.path("about").asText(),
                fields,
                root.path("motifs"),
                assets,
                own);
    }

    private static StartField field(JsonNode f) throws NotAStart {
        String id = f.path("id").asText();
        if (id.isBlank()) {
            throw new NotAStart("an entry has no id");
        }
        Map<String, JsonNode> choices = new LinkedHashMap<>();
        f.path("choices").properties().forEach(c -> choices.put(c.getKey(), c.getValue()));
        return new StartField(
                id,
                StartField.Kind.valueOf(f.path("kind").asText().toUpperCase(Locale.ROOT)),
                f.path("name").asText(id),
                f.path("value").asText(),
                f.path("optional").asBoolean(),
                choices);
    }
}
