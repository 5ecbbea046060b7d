package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import jurren.core.art.Treatment;
import jurren.core.art.treat.Dots;
import jurren.core.art.treat.Stripes;
import jurren.core.job.Job;
import jurren.core.job.Ledger;
import jurren.core.job.Progress;
import jurren.core.material.Colour;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** What a later edition wrote into a job is there again when this one has written it. */
class UnknownFieldsTest {
    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final String LATER = "ofLater";
    /** Their fields are names that a person gave. */
    private static final Set<String> MAPS =
            Set.of("edgings", "measured", "pressed", "shownAs", "merged", "materials", "shifts", "forms", "carried");

    private static Map<String, byte[]> unzip(byte[] file) throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                files.put(e.getName(), in.readAllBytes());
            }
        }
        return files;
    }

    private static byte[] zip(Map<String, byte[]> files) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> f : files.entrySet()) {
                zip.putNextEntry(new ZipEntry(f.getKey()));
                zip.write(f.getValue());
            }
        }
        return out.toByteArray();
    }

    private static JsonNode tree(byte[] file) throws IOException {
        return MAPPER.readTree(unzip(file).get("job.json"));
    }

    /** Puts something into everything that has fields, each with where it is. */
    private static int fill(JsonNode n, String name, String at) {
        int filled = 0;
        if (n instanceof ArrayNode a) {
            for (int i = 0; i < a.size(); i++) {
                filled += fill(a.get(i), "", at + "/" + i);
            }
        } else if (n instanceof ObjectNode o) {
            for (Map.Entry<String, JsonNode> e : List.copyOf(o.properties())) {
                filled += MAPS.contains(e.getKey()) ? 0 : fill(e.getValue(), e.getKey(), at + "/" + e.getKey());
            }
            if (!name.equals("sizes")) {
                o.putObject(LATER).put("at", at).putArray("list").add(1.5).addNull();
                filled++;
            }
        }
        return filled;
    }

    private static JobDocument busy() {
        List<Treatment> treatments = List.of(
                new Treatment.Weld(),
                new Dots(3, 2, true, new Colour(0)),
                new Treatment.Off(new Stripes(3, 3, 45, true, new Colour(0))));
        Job job = DemoJob.make()
                .withLine("A", l -> l.withMotif(l.motifs().getFirst().id(), m -> m.withTreatments(treatments)))
                .withMade(Progress.NOTHING.with(new Progress.Cut("m", "f", 1, Instant.EPOCH)));
        Ledger.Entry entry = new Ledger.Entry(
                Ledger.What.TRIED, Instant.EPOCH, "m", 1, "c", 90, 300, 1, "roll", "film", 0, 20, 9, 9, false);
        return new JobDocument(job, List.of(), Ledger.NOTHING.with(entry), UnknownFields.NONE)
                .keeping("one", Instant.EPOCH)
                .keeping("two", Instant.EPOCH.plusSeconds(60));
    }

    private static JobDocument read(byte[] file) {
        JobRead read = JobFile.read(file, "x.jurren", BuiltInShop.read());
        assertThat(read).isInstanceOf(JobRead.Opened.class);
        return ((JobRead.Opened) read).document();
    }

    private static byte[] filled(JobDocument document, int least) throws IOException {
        Map<String, byte[]> files = unzip(JobFile.bytes(document));
        ObjectNode root = (ObjectNode) MAPPER.readTree(files.get("job.json"));
        assertThat(fill(root, "", "")).isGreaterThan(least);
        files.put("job.json", MAPPER.writeValueAsBytes(root));
        return zip(files);
    }

    @Test
    void everyFieldOfALaterEditionSurvives() throws IOException {
        byte[] file = filled(busy(), 150);
        JobDocument document = read(file);
        assertThat(document.job()).as("nothing else is read otherwise").isEqualTo(busy().job());
        assertThat(tree(JobFile.bytes(document))).isEqualTo(tree(file));
    }

    @Test
    void itStaysWithWhatItBelongsTo() throws IOException {
        JobDocument document = read(filled(busy(), 150));
        String first = document.job().lines().getFirst().id();
        JsonNode before = tree(JobFile.bytes(document));
        JsonNode after = tree(JobFile.bytes(document.with(document.job().withoutLine(first))));

        assertThat(after.at("/job/lines/0/" + LATER + "/at").asText()).isEqualTo("/job/lines/1");
        assertThat(after.at("/job/lines/0")).isEqualTo(before.at("/job/lines/1"));
        assertThat(after.toString()).doesNotContain("\"/job/lines/0\"");
    }
}
