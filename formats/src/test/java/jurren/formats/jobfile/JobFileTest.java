package jurren.formats.jobfile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import jurren.core.art.treat.Treatments;
import jurren.core.blank.Fit;
import jurren.core.blank.Form;
import jurren.core.blank.AreaMeasures;
import jurren.core.geometry.CornerStyle;
import jurren.core.art.Treatment;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.layer.Join;
import jurren.core.material.Colour;
import jurren.formats.Refusal.Reason;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import java.util.ArrayList;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class JobFileTest {
    private static final Shop SHOP = BuiltInShop.read();

    /** Something of everything a job can say. */
    private static Job full() {
        return DemoJob.make().withFrames(false).withLine("A", l -> l
                .withMotif("m2", m -> m.withTreatments(List.of(new Treatment.Weld(),
                        new Treatment.Outlined(2.5, CornerStyle.MITRED, Colour.of("#123456")))))
                .withMotif("m1", m -> m.withSource(m.source().resized(1.25, 0.75)).withPose(m.pose().turnedTo(33)))
                .withJoin(Colour.of("#F6EFDC"), new Join.Butted(0.3))
                .withSize("2XL", s -> s.withCount(7).withArtWidth(Optional.of(311.5)).withArea(Optional.of(new AreaMeasures(320, 340, 80)))));
    }

    private static JobDocument opened(byte[] bytes) {
        JobRead read = JobFile.read(bytes, "x.jurren", SHOP);
        assertThat(read).isInstanceOf(JobRead.Opened.class);
        return ((JobRead.Opened) read).document();
    }

    private static Reason refused(byte[] bytes) {
        JobRead read = JobFile.read(bytes, "x.jurren", SHOP);
        assertThat(read).isInstanceOf(JobRead.Refused.class);
        return ((JobRead.Refused) read).refusal().reason();
    }

    private static byte[] withJobJson(String json) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("job.json"));
            zip.write(json.getBytes(StandardCharsets.UTF_8));
        }
        return out.toByteArray();
    }

    @Test
    void whatIsWrittenIsReadTheSameWithItsVersions() {
        JobDocument document = JobDocument.of(full()).keeping("before the fair", Instant.parse("2026-11-20T10:15:30Z"))
                .with(full().withName("changed")).keeping("second", Instant.parse("2026-11-21T08:00:00Z"));

        byte[] bytes = JobFile.bytes(document);

        assertThat(opened(bytes)).isEqualTo(document);
        assertThat(JobFile.bytes(opened(bytes))).as("the same bytes again").isEqualTo(bytes);
    }

    /** Every kind of treatment, on and off, with the thing, the rules and the measures of its line. */
    @Test
    void everyTreatmentAndEveryDecisionAboutTheThingComesBack() {
        List<Treatment> all = new ArrayList<>();
        Treatments.kinds().forEach(k -> {
            all.add(k.fresh().apply(Colour.of("#7FC4DA")));
            all.add(new Treatment.Off(k.fresh().apply(Colour.of("#E8743B"))));
        });
        Job job = DemoJob.make().withLine("B", l -> l.withThing(l.thing().withFace("wrap").withPress(Optional.of("oven-sleeve"))
                        .withTrueAt(Optional.of(60.0)))
                .withFit(new Fit(Fit.Across.BETWEEN_OBSTACLES, Fit.Down.FOOT, Fit.Width.LARGEST))
                .withSize("one size", s -> s.withMeasured(Form.Measure.TOP_DIAMETER, 90))
                .withMotif("m2", m -> m.withTreatments(all)));
        JobRead read = JobFile.read(JobFile.bytes(JobDocument.of(job)), "fair.jurren", BuiltInShop.read());

        assertThat(((JobRead.Opened) read).document().job()).isEqualTo(job);
        assertThat(JobFile.read(JobFile.bytes(JobDocument.of(job.withLine("B", l -> l.withSize("one size",
                s -> s.withMeasured(Form.Measure.SLANT, 1))))), "f.jurren", BuiltInShop.read()))
                .as("measures that cannot be").isInstanceOf(JobRead.Refused.class);
    }

    @Test
    void jobsWithNothingToMakeOrOfWhatCannotBeMadeYetAreRefused() throws IOException {
        assertThat(refused(withJobJson("{\"format\":1,\"job\":{\"name\":\"x\",\"lines\":[]}}"))).isEqualTo(Reason.DAMAGED_JOB);
        Job stones = DemoJob.make().withLine("A", l -> l.withMaterial("stones"));
        assertThat(refused(JobFile.bytes(JobDocument.of(stones)))).isEqualTo(Reason.UNKNOWN_IN_JOB);
    }

    @Test
    void aDrawingIsKeptOnceHoweverManyVersionsUseIt() throws IOException {
        JobDocument document = JobDocument.of(full()).keeping("a", Instant.EPOCH).keeping("b", Instant.EPOCH);
        int assets = 0;
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(JobFile.bytes(document)))) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
                assets += e.getName().startsWith("assets/") ? 1 : 0;
            }
        }
        assertThat(assets).as("two drawings").isEqualTo(2);
    }

    @Test
    void savingReplacesWholeAndLeavesNothingBeside(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("fair.jurren");
        JobFile.write(JobDocument.of(full()), file);
        JobFile.write(JobDocument.of(full().withName("second")), file);

        assertThat(opened(Files.readAllBytes(file)).job().name()).isEqualTo("second");
        try (var names = Files.list(folder)) {
            assertThat(names).containsExactly(file);
        }
    }

    @Test
    void aSaveThatFailsKeepsTheOldFile(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("fair.jurren");
        JobFile.write(JobDocument.of(full()), file);
        byte[] before = Files.readAllBytes(file);
        Path blocked = Files.createDirectory(folder.resolve("taken.jurren"));
        Files.createFile(blocked.resolve("something"));

        assertThatThrownBy(() -> JobFile.write(JobDocument.of(full()), blocked)).isInstanceOf(IOException.class);

        assertThat(Files.readAllBytes(file)).isEqualTo(before);
        try (var names = Files.list(folder)) {
            assertThat(names).containsExactlyInAnyOrder(file, blocked);
        }
    }

    @Test
    void newerForeignAndBrokenFilesAreRefusedByName() throws IOException {
        assertThat(refused(new byte[0])).isEqualTo(Reason.EMPTY);
        assertThat(refused("<svg/>".getBytes(StandardCharsets.UTF_8))).isEqualTo(Reason.NOT_A_JOB);
        assertThat(refused(withJobJson("{\"format\": 2}"))).isEqualTo(Reason.NEWER_JOB);
        assertThat(refused(withJobJson("{\"format\": 1"))).isEqualTo(Reason.DAMAGED_JOB);
        assertThat(refused(withJobJson("{\"format\": 1, \"job\": {\"lines\": [{\"id\": 5}]}}"))).isEqualTo(Reason.DAMAGED_JOB);

        String json = new String(jobJson(JobFile.bytes(JobDocument.of(full()))), StandardCharsets.UTF_8);
        assertThat(refused(withJobJson(json))).as("its drawing is missing").isEqualTo(Reason.DAMAGED_JOB);
        assertThat(refused(withJobJson(json.replace("tee-adult", "kilt")))).isIn(Reason.UNKNOWN_IN_JOB, Reason.DAMAGED_JOB);
        assertThat(refused(withJobJson(json.replace("\"weld\"", "\"shrink\"")))).isEqualTo(Reason.UNKNOWN_IN_JOB);
        assertThat(refused(withJobJson(json.replace("\"capHeightMm\" : 29.0", "\"capHeightMm\" : -1")))).isEqualTo(Reason.DAMAGED_JOB);
    }

    private static byte[] jobJson(byte[] file) throws IOException {
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(file))) {
            for (ZipEntry e = zip.getNextEntry(); e != null; e = zip.getNextEntry()) {
                if (e.getName().equals("job.json")) {
                    return zip.readAllBytes();
                }
            }
        }
        throw new IllegalStateException("no job.json");
    }

    @Test
    void damageAnywhereIsRefusedOrHarmless() {
        byte[] good = JobFile.bytes(JobDocument.of(full()));
        Random random = new Random(3);
        for (int i = 0; i < 120; i++) {
            byte[] bytes = i % 2 == 0 ? Arrays.copyOf(good, random.nextInt(good.length)) : good.clone();
            if (i % 2 == 1) {
                bytes[random.nextInt(bytes.length)] ^= (byte) (1 << random.nextInt(8));
            }
            assertThat(JobFile.read(bytes, "x.jurren", SHOP)).isNotNull();
        }
    }
}
