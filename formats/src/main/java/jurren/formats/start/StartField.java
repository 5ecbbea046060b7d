package jurren.formats.start;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.Map;

/**
 * One entry of a start.
 *
 * @param value    what it is when nobody says otherwise, as a person would type it
 * @param optional it may be left empty
 * @param choices  of a choice: the names, with what each puts in
 */
public record StartField(
        String id, Kind kind, String name, String value, boolean optional, Map<String, JsonNode> choices) {
    /** What can be typed there. */
    public enum Kind {
        /** Anything. */
        TEXT,
        /** Words with commas between them, each a line of its own. */
        WORDS,
        LENGTH,
        COUNT,
        PERCENT,
        COLOUR,
        /** Colours with commas between them, taken in turn. */
        COLOURS,
        TYPEFACE,
        CHOICE
    }

    public StartField {
        choices = java.util.Collections.unmodifiableMap(new java.util.LinkedHashMap<>(choices));
    }
}
