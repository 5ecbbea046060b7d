package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.formats.Refusal;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Jobs that ask for too much are refused in a sentence that says where, before anything of them is made. */
@Tag("long")
class HostileJobsTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static byte[] goodJson() throws IOException {
        try (ZipInputStream zip =
                new ZipInputStream(new ByteArrayInputStream(JobFile.bytes(JobDocument.of(DemoJob.simple()))))) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
                if (e.getName().equals("job.json")) {
                    return zip.readAllBytes();
                }
            }
        }
        throw new IllegalStateException("no job.json");
    }

    private static JobRead read(byte[] json) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipInputStream good =
                        new ZipInputStream(new ByteArrayInputStream(JobFile.bytes(JobDocument.of(DemoJob.simple()))));
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (ZipEntry e = good.getNextEntry(); e != null; e = good.getNextEntry()) {
                zip.putNextEntry(new ZipEntry(e.getName()));
                zip.write(e.getName().equals("job.json") ? json : good.readAllBytes());
            }
        }
        return JobFile.read(out.toByteArray(), "x.jurren", SHOP);
    }

    private static JobRead read(Consumer<ObjectNode> change) throws IOException {
        JsonNode root = MAPPER.readTree(goodJson());
        change.accept((ObjectNode) root.path("job"));
        return read(MAPPER.writeValueAsBytes(root));
    }

    private static void refused(JobRead read, String where, String most) {
        assertThat(read).isInstanceOfSatisfying(JobRead.Refused.class, r -> {
            assertThat(r.refusal().reason()).isEqualTo(Refusal.Reason.TOO_MUCH_IN_JOB);
            assertThat(r.refusal().detail()).contains(where).contains(most);
        });
    }

    private static ObjectNode place(ObjectNode job) {
        return (ObjectNode) job.at("/lines/0/places/0");
    }

    @Test
    void asManyPiecesAsThereMayBeAreTakenAndNotOneMore() throws IOException {
        for (int more : new int[] {0, 1}) {
            JobRead read = read(job -> {
                job.path("lines").forEach(l -> l.path("sizes").forEach(s -> ((ObjectNode) s).put("count", 0)));
                ((ObjectNode) job.at("/lines/0/sizes/0")).put("count", Job.Limit.PIECES.most() - 7 + more);
                ((ObjectNode) job.at("/lines/1/sizes/0")).put("count", 7);
            });
            if (more == 0) {
                assertThat(read).isInstanceOf(JobRead.Opened.class);
            } else {
                refused(read, "2001 pieces", "2000");
            }
        }
    }

    @ParameterizedTest
    @ValueSource(ints = {1_000_000, Integer.MAX_VALUE})
    void hugeCountsAreRefused(int count) throws IOException {
        refused(read(job -> ((ObjectNode) job.at("/lines/0/sizes/0")).put("count", count)), "job has", "2000");
    }

    @Test
    void linesAndMotifsHaveABound() throws IOException {
        refused(
                read(job -> {
                    ArrayNode lines = (ArrayNode) job.path("lines");
                    for (int i = 0; i < 1000; i++) {
                        ObjectNode line = ((ObjectNode) lines.get(0).deepCopy()).put("id", "L" + i);
                        line.path("sizes").forEach(s -> ((ObjectNode) s).put("count", 0));
                        lines.add(line);
                    }
                }),
                "job.lines holds",
                "100");
        refused(
                read(job -> {
                    ArrayNode motifs = (ArrayNode) place(job).path("motifs");
                    for (int i = 0; i < 3000; i++) {
                        ObjectNode mark = ((ObjectNode) motifs.get(0).deepCopy()).put("id", "c" + i);
                        mark.set(
                                "source",
                                MAPPER.createObjectNode().put("kind", "mark").put("of", i == 0 ? "m1" : "c" + (i - 1)));
                        motifs.add(mark);
                    }
                }),
                "job.lines[0].places[0].motifs holds",
                "1000");
    }

    @ParameterizedTest
    @ValueSource(doubles = {1e300, -1e300, 100_001, 1e18})
    void figuresHaveABound(double figure) throws IOException {
        refused(
                read(job -> ((ObjectNode) job.at("/lines/0/places/0/motifs/0/pose")).put("xMm", figure)),
                "job.lines[0].places[0].motifs[0].pose.xMm is",
                "100,000");
    }

    @Test
    void figuresThatAreNoneAreRefused() throws IOException {
        String good = new String(goodJson(), StandardCharsets.UTF_8);
        for (String figure : new String[] {"1e999", "-1e999", "1".repeat(5000), "NaN"}) {
            JobRead read = read(good.replaceFirst("\"xMm\" : [-0-9.E]+", "\"xMm\" : " + figure)
                    .getBytes(StandardCharsets.UTF_8));
            assertThat(read)
                    .as(figure)
                    .isInstanceOfSatisfying(
                            JobRead.Refused.class,
                            r -> assertThat(r.refusal().detail()).contains("job"));
        }
    }

    @Test
    void endlessTextsAndDepthsAreRefused() throws IOException {
        refused(read(job -> job.put("customer", "x".repeat(2_000_000))), "job.customer", "100000");
        String good = new String(goodJson(), StandardCharsets.UTF_8);
        String deep =
                good.substring(0, good.lastIndexOf('}')) + ", \"x\": " + "[".repeat(5000) + "]".repeat(5000) + "}";
        assertThat(read(deep.getBytes(StandardCharsets.UTF_8))).isInstanceOf(JobRead.Refused.class);
        String wide = good.replaceFirst("\"name\" : \"", "\"name\" : \"" + "y".repeat(25_000_000));
        assertThat(read(wide.getBytes(StandardCharsets.UTF_8))).isInstanceOf(JobRead.Refused.class);
    }
}
