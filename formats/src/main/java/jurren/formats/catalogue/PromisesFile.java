package jurren.formats.catalogue;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import jurren.core.load.Promise;
import jurren.core.material.Colour;
import jurren.formats.files.OneAtATime;
import jurren.formats.files.SafeFiles;
import jurren.formats.files.WholeFile;

/**
 * What open jobs promise of the shelf, as a JSON file beside it. Each job writes its own promise when it is kept; what
 * was promised by a job whose file is gone counts no more. All of it can be had again from the jobs, so that a file
 * that cannot be read is begun anew.
 */
public final class PromisesFile {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final Path file;

    public PromisesFile(Path file) {
        this.file = file;
    }

    public List<Promise> read() {
        if (!Files.exists(file)) {
            return List.of();
        }
        List<Promise> all = new ArrayList<>();
        try {
            for (JsonNode node : MAPPER.readTree(WholeFile.read(file)).path("promises")) {
                Promise p = promise(node);
                if (isThere(p)) {
                    all.add(p);
                }
            }
        } catch (IOException | IllegalArgumentException _) {
            return List.of();
        }
        return all;
    }

    /** In the place of what the same job promised before; all promises afterwards. */
    public List<Promise> put(Promise promise) throws IOException {
        return OneAtATime.with(file, () -> {
            List<Promise> all = new ArrayList<>(read().stream()
                    .filter(p -> !p.file().equals(promise.file()))
                    .toList());
            if (!promise.takes().isEmpty()) {
                all.add(promise);
            }
            ObjectNode root = MAPPER.createObjectNode();
            ArrayNode list = root.putArray("promises");
            all.forEach(p -> write(p, list.addObject()));
            SafeFiles.write(file, MAPPER.writerWithDefaultPrettyPrinter().writeValueAsBytes(root));
            return all;
        });
    }

    private static boolean isThere(Promise p) {
        try {
            return Files.exists(Path.of(p.file()));
        } catch (InvalidPathException _) {
            return false;
        }
    }

    private static Promise promise(JsonNode node) {
        List<Promise.Take> takes = new ArrayList<>();
        for (JsonNode t : node.path("takes")) {
            double mm = t.path("mm").asDouble();
            if (!(mm >= 0) || Double.isInfinite(mm)) {
                throw new IllegalArgumentException("a promised length must not be " + mm);
            }
            takes.add(new Promise.Take(
                    t.path("stock").asText(),
                    t.path("material").asText(),
                    Colour.of(t.path("colour").asText()),
                    mm));
        }
        return new Promise(node.path("file").asText(), node.path("job").asText(), takes);
    }

    private static void write(Promise p, ObjectNode into) {
        into.put("file", p.file()).put("job", p.job());
        ArrayNode takes = into.putArray("takes");
        p.takes()
                .forEach(t -> takes.addObject()
                        .put("stock", t.stock())
                        .put("material", t.materialId())
                        .put("colour", t.colour().hex())
                        .put("mm", Math.round(t.mm() * 10) / 10.0));
    }
}
