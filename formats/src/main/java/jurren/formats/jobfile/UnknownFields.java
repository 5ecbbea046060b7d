package jurren.formats.jobfile;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonPointer;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.deser.DeserializationProblemHandler;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * What a job file tells that this edition does not know, with its place, so that it is there again when the job is
 * written. What stands in a list is found again by what names it, so that it stays with its line or motif wherever that
 * goes; what belonged to something that is gone is gone with it.
 */
public record UnknownFields(List<Field> fields) {
    public static final UnknownFields NONE = new UnknownFields(List.of());

    /** What names a thing in a list. */
    private static final List<String> NAMES = List.of("id", "savedAt", "face", "mark", "size");

    /** @param of the steps from the root to what has it */
    record Field(List<Step> of, String name, JsonNode value) {}

    /** @param key of what names it in a list; empty for a field, or where it is told by its index */
    private record Step(String key, String value) {
        static Step into(JsonNode list, int index) {
            for (String name : NAMES) {
                JsonNode told = list.path(index).path(name);
                if (told.isTextual()) {
                    return new Step(name, told.asText());
                }
            }
            return new Step("", String.valueOf(index));
        }

        Optional<JsonNode> from(JsonNode n) {
            if (!n.isArray()) {
                return Optional.ofNullable(n.get(value));
            }
            if (key.isEmpty()) {
                return Optional.ofNullable(n.get(Integer.parseInt(value)));
            }
            for (JsonNode each : n) {
                if (each.path(key).asText().equals(value)) {
                    return Optional.of(each);
                }
            }
            return Optional.empty();
        }
    }

    public UnknownFields {
        fields = List.copyOf(fields);
    }

    /** Puts them where they were, as far as what had them is still there. */
    void into(ObjectNode root) {
        for (Field f : fields) {
            Optional<JsonNode> at = Optional.of(root);
            for (Step step : f.of()) {
                at = at.flatMap(step::from);
            }
            if (at.orElse(null) instanceof ObjectNode there && !there.has(f.name())) {
                there.set(f.name(), f.value());
            }
        }
    }

    /** Gathers them while a file is read. */
    static final class Found extends DeserializationProblemHandler {
        private final JsonNode root;
        private final List<Field> fields = new ArrayList<>();
        private JsonPointer within = JsonPointer.empty();

        Found(JsonNode root) {
            this.root = root;
        }

        UnknownFields all() {
            return new UnknownFields(fields);
        }

        interface Reading<T> {
            T read() throws IOException;
        }

        /** What is read from a tree of its own stands here. */
        <T> T within(JsonPointer place, Reading<T> reading) throws IOException {
            JsonPointer outer = within;
            within = outer.append(place);
            try {
                return reading.read();
            } finally {
                within = outer;
            }
        }

        @Override
        public boolean handleUnknownProperty(
                DeserializationContext context,
                JsonParser p,
                JsonDeserializer<?> reader,
                Object beanOrClass,
                String name)
                throws IOException {
            JsonPointer place =
                    within.append(p.getParsingContext().pathAsPointer()).head();
            fields.add(new Field(steps(place), name, context.readTree(p)));
            return true;
        }

        private List<Step> steps(JsonPointer place) {
            List<Step> steps = new ArrayList<>();
            JsonNode at = root;
            for (JsonPointer rest = place; !rest.matches(); rest = rest.tail()) {
                if (rest.getMatchingProperty().isEmpty()) {
                    continue; // a step of Jackson's own, into what it read ahead
                }
                steps.add(
                        at.isArray()
                                ? Step.into(at, rest.getMatchingIndex())
                                : new Step("", rest.getMatchingProperty()));
                at = at.isArray() ? at.path(rest.getMatchingIndex()) : at.path(rest.getMatchingProperty());
            }
            return steps;
        }
    }
}
