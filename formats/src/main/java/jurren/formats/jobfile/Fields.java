package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import jurren.core.material.Colour;
import jurren.formats.Refusal.Reason;

/** Fields of a file that must be what they should be, or are named. */
final class Fields {
    interface Reader<T> {
        T read(JsonNode node, String at) throws Broken;
    }

    interface Maker<T> {
        T make() throws Broken;
    }

    private Fields() {}

    static Broken unknown(JsonNode n, String at) {
        return new Broken(Reason.UNKNOWN_IN_JOB, "\"" + n.path("kind").asText() + "\" in " + at);
    }

    static <T> List<T> list(JsonNode node, String field, String at, Reader<T> reader) throws Broken {
        List<T> items = new ArrayList<>();
        for (JsonNode item : node.path(field)) {
            items.add(reader.read(item, at + "." + field + "[" + items.size() + "]"));
        }
        return items;
    }

    static String text(JsonNode n, String field, String at) throws Broken {
        if (!n.path(field).isTextual()) {
            throw new Broken(Reason.DAMAGED_JOB, at + "." + field + " is not a text");
        }
        return n.path(field).asText();
    }

    static double number(JsonNode n, String field, String at) throws Broken {
        if (!n.path(field).isNumber()) {
            throw new Broken(Reason.DAMAGED_JOB, at + "." + field + " is not a number");
        }
        return n.path(field).asDouble();
    }

    /** What was not told is as usual; what was told is a number. */
    static double numberOr(JsonNode n, String field, String at, double usual) throws Broken {
        return n.has(field) ? number(n, field, at) : usual;
    }

    static Colour colour(JsonNode n, String at) throws Broken {
        return hex(text(n, "colour", at), at + ".colour");
    }

    static Colour hex(String hex, String at) throws Broken {
        return value(at, () -> Colour.of(hex));
    }

    /** Values check themselves; what they object to becomes a sentence with its place. */
    static <T> T value(String at, Maker<T> making) throws Broken {
        try {
            return making.make();
        } catch (IllegalArgumentException e) {
            throw new Broken(Reason.DAMAGED_JOB, at + ": " + e.getMessage());
        }
    }

    static <E extends Enum<E>> E named(Class<E> kinds, JsonNode n) {
        try {
            return Enum.valueOf(kinds, n.asText().toUpperCase(Locale.ROOT).replace('-', '_'));
        } catch (IllegalArgumentException _) {
            throw new IllegalArgumentException("\"" + n.asText() + "\" is not known");
        }
    }

    static String lower(Enum<?> e) {
        return e.name().toLowerCase(Locale.ROOT);
    }
}
