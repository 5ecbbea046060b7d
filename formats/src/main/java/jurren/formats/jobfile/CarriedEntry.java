package jurren.formats.jobfile;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import jurren.core.blank.Blank;
import jurren.core.job.EmbeddedCatalogue;
import jurren.core.material.Material;
import jurren.formats.catalogue.BlankFile;
import jurren.formats.catalogue.BlankRead;
import jurren.formats.catalogue.MaterialFile;

/** The shop's own things and films that travel with a job, each as its own file would tell it. */
record CarriedEntry(
        List<JsonNode> blanks,
        @JsonInclude(Include.NON_EMPTY) List<JsonNode> materials) {
    private static final ObjectMapper PLAIN = new ObjectMapper();

    static CarriedEntry of(EmbeddedCatalogue carried) {
        return new CarriedEntry(
                carried.blanks().stream().map(b -> tree(BlankFile.write(b))).toList(),
                carried.materials().stream()
                        .map(m -> tree(MaterialFile.write(m)))
                        .toList());
    }

    EmbeddedCatalogue catalogue() {
        return new EmbeddedCatalogue(
                blanks.stream().map(CarriedEntry::blank).toList(),
                materials.stream().map(CarriedEntry::material).toList());
    }

    private static JsonNode tree(byte[] written) {
        try {
            return PLAIN.readTree(written);
        } catch (IOException e) {
            throw new UncheckedIOException("what was just written could not be read", e);
        }
    }

    private static Blank blank(JsonNode told) {
        return switch (BlankFile.read("", bytes(told))) {
            case BlankRead.Taken t -> t.blank();
            case BlankRead.Refused r ->
                throw new IllegalArgumentException(r.refusal().detail());
        };
    }

    private static Material material(JsonNode told) {
        try {
            return MaterialFile.read(bytes(told));
        } catch (MaterialFile.Unknown e) {
            throw UnknownKind.told(e.getMessage());
        } catch (IOException e) {
            throw new IllegalArgumentException(e.getMessage(), e);
        }
    }

    private static byte[] bytes(JsonNode told) {
        return told.toString().getBytes(StandardCharsets.UTF_8);
    }
}
