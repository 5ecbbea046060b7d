package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import jurren.core.geometry.Point;
import jurren.core.job.Job;
import jurren.core.job.Progress;
import jurren.core.job.Shop;
import jurren.core.load.LayoutChoices;
import jurren.core.load.Layouts;
import jurren.core.load.Pin;
import jurren.core.load.Roll;
import jurren.core.material.Colour;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** No field is quietly taken for nothing because it is of the wrong kind: each is refused with its name. */
@Tag("long")
class WrongKindsTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final Map<String, byte[]> files = new LinkedHashMap<>();
    private final List<String> accepted = new ArrayList<>();
    private final Map<String, Integer> tried = new LinkedHashMap<>();
    private ObjectNode root;

    private void unzip(byte[] job) throws IOException {
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(job))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                files.put(e.getName(), in.readAllBytes());
            }
        }
        root = (ObjectNode) MAPPER.readTree(files.get("job.json"));
    }

    private JobRead read() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> f : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(f.getKey()));
                zip.write(f.getKey().equals("job.json") ? MAPPER.writeValueAsBytes(root) : f.getValue());
            }
        }
        return JobFile.read(out.toByteArray(), "job.jurren", SHOP);
    }

    /** Each number by the name of its field, once for each kind of thing it stands in. */
    private void numbers(JsonNode n, String in) throws IOException {
        if (n instanceof ObjectNode o) {
            for (Map.Entry<String, JsonNode> e : List.copyOf(o.properties())) {
                JsonNode value = e.getValue();
                String name = in + "." + e.getKey();
                if (value.isNumber() && tried.merge(name, 1, Integer::sum) == 1) {
                    o.set(e.getKey(), new TextNode("abc"));
                    if (!(read() instanceof JobRead.Refused r)
                            || !r.refusal().detail().contains(e.getKey())) {
                        accepted.add(name);
                    }
                    o.set(e.getKey(), value);
                } else {
                    numbers(value, e.getKey());
                }
            }
        } else if (n instanceof ArrayNode a) {
            for (JsonNode child : a) {
                numbers(child, in);
            }
        }
    }

    @Test
    void everyNumberOfTheDemoIsRefusedAsAText() throws IOException {
        Job job = DemoJob.make();
        Roll gone = new Roll("cut-1-r", "smooth-film", Colour.of("#F6EFDC"), 305, 400);
        Pin pin = new Pin("A", "front", "M", 1, 1, gone.id(), 90, new Point(10, 20));
        job = job.withLaying(new LayoutChoices(
                        LayoutChoices.Wish.LEAST_FILM, false, List.of(pin), List.of(gone), Layouts.NONE))
                .withMade(Progress.NOTHING.with(new Progress.Cut(
                        "m", "f", 1, Instant.EPOCH, Optional.of(new Progress.Used("c", 90, 300, 1, 0, 0)))));
        unzip(JobFile.bytes(JobDocument.of(job)));
        numbers(root.path("job"), "job");
        assertThat(tried).hasSizeGreaterThan(42);
        assertThat(accepted).as("taken for nothing").isEmpty();
    }
}
