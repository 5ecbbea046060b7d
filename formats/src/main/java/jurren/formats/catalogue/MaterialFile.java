package jurren.formats.catalogue;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import jurren.core.material.Material;
import jurren.core.material.Process;
import jurren.core.material.Recipe;
import jurren.formats.files.JsonMisfit;

/** A material as JSON, with the names that the catalogue gives its figures. */
public final class MaterialFile {
    private static final ObjectMapper MAPPER = CatalogueMapper.make();

    private MaterialFile() {}

    /** It names a way that is not one of ours. */
    public static final class Unknown extends IOException {
        private static final long serialVersionUID = 1L;

        Unknown(String message) {
            super(message);
        }
    }

    public static byte[] write(Material material) {
        try {
            return MAPPER.writeValueAsString(material).getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a material could not be written", e);
        }
    }

    /** Throws with the first thing that is wrong with it. */
    public static Material read(byte[] content) throws IOException {
        JsonNode node = MAPPER.readTree(content);
        String process = node.path("process").asText();
        if (Arrays.stream(Process.values()).noneMatch(p -> p.name().equals(process))) {
            throw new Unknown("the way \"" + process + "\" of the material \""
                    + node.path("id").asText() + "\"");
        }
        completed(node.path("recipe"));
        completed(node.path("printRecipe"));
        try {
            return MAPPER.treeToValue(node, Material.class);
        } catch (JsonProcessingException e) {
            throw new IOException(
                    "the material \"" + node.path("id").asText() + "\" has figures that cannot be: "
                            + JsonMisfit.told(e, ""),
                    e);
        }
    }

    /** What recipes did not tell once has the figures that most films have. */
    private static void completed(JsonNode recipe) {
        if (recipe instanceof ObjectNode r && r.path("celsius").isNumber()) {
            double celsius = r.path("celsius").asDouble();
            if (!r.has("leastCelsius")) {
                r.put("leastCelsius", celsius - Recipe.USUALLY_BEARS_LESS_C);
            }
            if (!r.has("mostCelsius")) {
                r.put("mostCelsius", celsius + Recipe.USUALLY_BEARS_MORE_C);
            }
            if (!r.has("againS")) {
                r.put("againS", Recipe.USUALLY_AGAIN_S);
            }
            if (!r.has("once")) {
                r.put("once", false);
            }
        }
    }
}
