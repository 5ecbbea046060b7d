package jurren.formats.start;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * An arrangement with entries.
 *
 * @param motifs as in a job file, with entries in place of some values
 * @param assets files that its motifs need, by their name
 * @param own    made by the shop
 */
public record Start(
        String id,
        String name,
        String about,
        List<StartField> fields,
        JsonNode motifs,
        Map<String, byte[]> assets,
        boolean own) {
    /** The entry that says how wide the whole is; it follows from the blank when nobody says. */
    public static final String SIZE = "size";

    public Start {
        fields = List.copyOf(fields);
        assets = Map.copyOf(assets);
    }

    public Optional<StartField> field(String fieldId) {
        return fields.stream().filter(f -> f.id().equals(fieldId)).findFirst();
    }
}
