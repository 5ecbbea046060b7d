package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import jurren.core.art.Backing;
import jurren.core.art.Chain;
import jurren.core.art.Colouring;
import jurren.core.art.Drawing;
import jurren.core.art.Films;
import jurren.core.art.Guide;
import jurren.core.art.Lettering;
import jurren.core.art.Mark;
import jurren.core.art.Motif;
import jurren.core.art.PictureFile;
import jurren.core.art.Pose;
import jurren.core.art.PrintedPicture;
import jurren.core.art.Shape;
import jurren.core.art.Source;
import jurren.core.art.Standing;
import jurren.core.art.Stroke;
import jurren.core.art.TracedPicture;
import jurren.core.art.Treatment;
import jurren.core.art.treat.KnockOut;
import jurren.core.art.treat.Treatments;
import jurren.core.blank.AreaMeasures;
import jurren.core.blank.Fit;
import jurren.core.blank.Form;
import jurren.core.geometry.CornerStyle;
import jurren.core.geometry.Point;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.PressWish;
import jurren.core.job.Shop;
import jurren.core.layer.Edging;
import jurren.core.layer.Join;
import jurren.core.layer.Panels;
import jurren.core.lettering.Baseline;
import jurren.core.lettering.FontRefused;
import jurren.core.lettering.NamedTypeface;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.lettering.Typefaces;
import jurren.core.lettering.Typesetting;
import jurren.core.material.Colour;
import jurren.core.material.Film;
import jurren.core.plan.Planner;
import jurren.core.snag.Snag;
import jurren.core.trace.Picture;
import jurren.core.trace.Straightening;
import jurren.core.trace.TraceSettings;
import jurren.formats.Refusal.Reason;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.picture.PictureRead;
import jurren.formats.picture.PictureReader;
import jurren.formats.picture.PictureWriter;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

@Tag("long")
class JobFileTest {
    private static final Shop SHOP = BuiltInShop.read();

    /** Something of everything a job can say. */
    private static Job full() {
        return DemoJob.simple()
                .withFrames(false)
                .withLine(
                        "A",
                        l -> l.withMotif(
                                        "m2",
                                        m -> m.withTreatments(List.of(
                                                new Treatment.Weld(),
                                                new Treatment.Outlined(2.5, CornerStyle.MITRED, Colour.of("#123456")))))
                                .withMotif(
                                        "m1",
                                        m -> m.withSource(m.source().resized(1.25, 0.75))
                                                .withPose(m.pose().turnedTo(33)))
                                .withMotif(
                                        "m3",
                                        m -> m.withFilms(Films.allOf("flock-film")
                                                .with(Colour.of("#7FC4DA"), Optional.of("glitter-film"))))
                                .withJoin(Film.of("smooth-film", Colour.of("#F6EFDC")), new Join.Butted(0.3))
                                .withJoin(Film.print("dye-print"), new Join.KnockedOut(0.5))
                                .withPanels(
                                        Film.of("smooth-film", Colour.of("#F6EFDC")),
                                        Optional.of(new Panels(true, List.of(0.3, 0.65), 4)))
                                .withLineUp(Optional.of(31.5))
                                .withTrimmed(false)
                                .withPressWish(PressWish.of(Film.of("smooth-film", Colour.of("#7FC4DA")))
                                        .lasting(Optional.of(14.0))
                                        .after(Optional.of(Film.of("smooth-film", Colour.of("#F6EFDC")))))
                                .withEdging("flock-base", new Edging(-0.5, true, false))
                                .withEdging("sticker-sheet", new Edging(2, false, true))
                                .withSize(
                                        "2XL",
                                        s -> s.withCount(7)
                                                .withArtWidth(Optional.of(311.5))
                                                .withArea(Optional.of(new AreaMeasures(320, 340, 80)))));
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

    /** @param good names the file that its pictures are in */
    private static byte[] withJobJson(String json, byte[] picture, JsonNode good) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("job.json"));
            zip.write(json.getBytes(StandardCharsets.UTF_8));
            zip.putNextEntry(new ZipEntry(good.findValue("file").asText()));
            zip.write(picture);
        }
        return out.toByteArray();
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
        JobDocument document = JobDocument.of(full())
                .keeping("before the fair", Instant.parse("2026-11-20T10:15:30Z"))
                .with(full().withName("changed"))
                .keeping("second", Instant.parse("2026-11-21T08:00:00Z"));

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
        Job job = DemoJob.simple()
                .withLine(
                        "B",
                        l -> l.withThing(l.thing()
                                        .withFace("wrap")
                                        .withPress(Optional.of("oven-sleeve"))
                                        .withTrueAt(Optional.of(60.0)))
                                .withFit(new Fit(Fit.Across.BETWEEN_OBSTACLES, Fit.Down.FOOT, Fit.Width.LARGEST))
                                .withSize("one size", s -> s.withMeasured(Form.Measure.TOP_DIAMETER, 90))
                                .withMotif("m2", m -> m.withTreatments(all)));
        JobRead read = JobFile.read(JobFile.bytes(JobDocument.of(job)), "fair.jurren", BuiltInShop.read());

        assertThat(((JobRead.Opened) read).document().job()).isEqualTo(job);
        assertThat(JobFile.read(
                        JobFile.bytes(JobDocument.of(job.withLine(
                                "B", l -> l.withSize("one size", s -> s.withMeasured(Form.Measure.SLANT, 1))))),
                        "f.jurren",
                        BuiltInShop.read()))
                .as("measures that cannot be")
                .isInstanceOf(JobRead.Refused.class);
    }

    /** Every kind of source, baseline, colouring and standing. */
    @Test
    void everySourceAndEverySettingComesBack() {
        Colour cream = Colour.of("#F6EFDC");
        Typesetting setting = new Typesetting(
                0.1,
                -0.2,
                0.35,
                Typesetting.Align.FILL,
                new Baseline.Circle(80, 12, 150, true),
                Map.of(2, new Typesetting.Shift(0.1, -0.2, 15)),
                Map.of(0, 1));
        Lettering words = new Lettering(
                "KITE\nFAIR",
                ShippedTypeface.RYE,
                20,
                1.1,
                Optional.of(140.0),
                setting,
                new Colouring(Colouring.By.LETTER, List.of(cream, Colour.of("#7FC4DA"))));
        List<Source> sources = List.of(
                words,
                words.withSetting(setting.withBaseline(new Baseline.Arc(-90))),
                words.withSetting(setting.withBaseline(new Baseline.Edge("m1", 0.25, 3))),
                Mark.of("m1").resized(0.5, 2),
                new Stroke(new Stroke.Spiral(2.5, 60), 1, 4, cream),
                new Stroke(
                        new Stroke.Through(List.of(new Point(0, 0), new Point(9, 4.5), new Point(20, 0)), true),
                        3,
                        0,
                        cream),
                new Backing(4, CornerStyle.MITRED, true, cream),
                tracedPicture(),
                new Guide(picture(), Optional.of(Straightening.crop(1, 1, 7, 6)), 0.7, 0.3),
                printedPicture());
        List<Motif> motifs =
                new ArrayList<>(DemoJob.simple().line("A").orElseThrow().motifs());
        for (int i = 0; i < sources.size(); i++) {
            motifs.add(new Motif(
                    "s" + i,
                    "motif " + i,
                    sources.get(i),
                    List.of(),
                    Pose.at(i, 200),
                    new Standing(Optional.of("pair"), i % 2 == 0, i % 3 == 0),
                    Films.USUAL));
        }
        Job job = DemoJob.simple().withLine("A", l -> l.withMotifs(motifs));
        assertThat(opened(JobFile.bytes(JobDocument.of(job))).job()).isEqualTo(job);

        Motif follows = motifs.getFirst().withTreatments(List.of(new KnockOut("s3", 0)));
        assertThatThrownBy(() -> job.withLine("A", l -> l.withMotif("m1", _ -> follows)))
                .hasMessageContaining("ring");
    }

    /**
     * A font that is not on the machine that opens the job: the words look as they did, and it says which font it
     * wants.
     */
    @Test
    void aFontFromElsewhereTravelsAsOutlines() throws IOException, FontRefused {
        byte[] file;
        try (var in = Typefaces.file(ShippedTypeface.LOBSTER)) {
            file = in.readAllBytes();
        }
        NamedTypeface opened = Typefaces.open(file);
        Job job = DemoJob.simple()
                .withLine(
                        "A", l -> l.withMotif("m3", m -> m.withSource(((Lettering) m.source()).withTypeface(opened))));
        byte[] elsewhere = withJobJson(new String(
                        jobJson(JobFile.bytes(JobDocument.of(
                                job.withLine("A", l -> l.withMotifs(l.motifs().subList(1, 3)))))),
                        StandardCharsets.UTF_8)
                .replace(opened.id(), "font:Nowhere Script")
                .replaceAll("(?s)\\{\\s*\"id\" : \"B\".*?\"edgings\" : \\{ \\}\\s*\\} \\]\\s*\\},", ""));
        Job read = opened(elsewhere).job();
        Motif there = read.line("A").orElseThrow().motif("m3").orElseThrow();
        Motif here = job.line("A").orElseThrow().motif("m3").orElseThrow();

        Chain chain = new Chain();
        assertThat(chain.build(there)
                        .region()
                        .differingFrom(chain.build(here).region())
                        .areaMm2())
                .isLessThan(0.01);
        assertThat(new Planner().plan(read, SHOP).snags())
                .contains(new Snag.FontMissing("A", "m3", "kite crew", "Nowhere Script"));
        assertThat(JobFile.bytes(JobDocument.of(read)))
                .as("saved there, it still carries them")
                .satisfies(b -> assertThat(opened(b).job()).isEqualTo(read));
    }

    @Test
    void jobsWithNothingToMakeOrOfUnknownMaterialsAreRefused() throws IOException {
        assertThat(refused(withJobJson("{\"format\":1,\"job\":{\"name\":\"x\",\"lines\":[]}}")))
                .isEqualTo(Reason.DAMAGED_JOB);
        Job stones = DemoJob.simple().withLine("A", l -> l.withMaterial("stones"));
        assertThat(opened(JobFile.bytes(JobDocument.of(stones))).job()).isEqualTo(stones);
        Job unknown =
                DemoJob.simple().withLine("A", l -> l.withMotif("m1", m -> m.withFilms(Films.allOf("moon-film"))));
        assertThat(refused(JobFile.bytes(JobDocument.of(unknown)))).isEqualTo(Reason.UNKNOWN_IN_JOB);
    }

    @Test
    void aDrawingIsKeptOnceHoweverManyVersionsUseIt() throws IOException {
        JobDocument document =
                JobDocument.of(full()).keeping("a", Instant.EPOCH).keeping("b", Instant.EPOCH);
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
        assertThat(refused(withJobJson("{\"format\": " + (JobFile.FORMAT + 1) + "}")))
                .isEqualTo(Reason.NEWER_JOB);
        assertThat(refused(withJobJson("{\"format\": 1"))).isEqualTo(Reason.DAMAGED_JOB);
        assertThat(refused(withJobJson("{\"format\": 1, \"job\": {\"lines\": [{\"id\": 5}]}}")))
                .isEqualTo(Reason.DAMAGED_JOB);

        String json = new String(jobJson(JobFile.bytes(JobDocument.of(full()))), StandardCharsets.UTF_8);
        assertThat(refused(withJobJson(json))).as("its drawing is missing").isEqualTo(Reason.DAMAGED_JOB);
        assertThat(refused(withJobJson(json.replace("tee-adult", "kilt"))))
                .isIn(Reason.UNKNOWN_IN_JOB, Reason.DAMAGED_JOB);
        byte[] drawing = full().lines().getFirst().motifs().getFirst().source() instanceof Drawing d
                ? d.file().content()
                : new byte[0];
        JsonNode tree = new ObjectMapper().readTree(json);
        assertThat(refused(withJobJson(json.replace("\"weld\"", "\"shrink\""), drawing, tree)))
                .isEqualTo(Reason.UNKNOWN_IN_JOB);
        assertThat(refused(withJobJson(json.replace("\"capHeightMm\" : 29.0", "\"capHeightMm\" : -1"), drawing, tree)))
                .isEqualTo(Reason.DAMAGED_JOB);
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

    /**
     * Any one field of a job that holds something of everything replaced by nonsense: opened or refused, never anything
     * else.
     */
    @Test
    void everyFieldMayBeNonsense() throws IOException {
        ObjectMapper mapper = new ObjectMapper();
        JsonNode good = mapper.readTree(jobJson(JobFile.bytes(JobDocument.of(withEverything()))));
        List<String> fields = new ArrayList<>();
        collect(good.path("job"), "/job", fields);
        List<JsonNode> nonsense = List.of(
                mapper.nullNode(),
                mapper.getNodeFactory().textNode("?"),
                mapper.getNodeFactory().numberNode(-1),
                mapper.getNodeFactory().numberNode(1e300),
                mapper.createArrayNode().add(1).add("x"),
                mapper.createObjectNode().put("kind", "star"));
        Planner planner = new Planner();
        int refused = 0;
        for (int i = 0; i < fields.size(); i++) {
            JsonNode broken = good.deepCopy();
            String field = fields.get(i);
            ((ObjectNode) broken.at(field.substring(0, field.lastIndexOf('/'))))
                    .set(field.substring(field.lastIndexOf('/') + 1), nonsense.get(i % nonsense.size()));
            JobRead read = JobFile.read(
                    withJobJson(mapper.writeValueAsString(broken), picture().content(), good), "x.jurren", SHOP);
            assertThat(read).as(field).isNotNull();
            if (read instanceof JobRead.Refused r) {
                refused++;
                assertThat(r.refusal().detail()).as(field).isNotBlank();
            } else {
                Job taken = ((JobRead.Opened) read).document().job();
                assertThatCode(() -> planner.plan(taken, SHOP)).as(field).doesNotThrowAnyException();
            }
        }
        assertThat(fields).hasSizeGreaterThan(200);
        assertThat(refused).as("most of it matters").isGreaterThan(fields.size() / 3);
    }

    /** A ring of eight pixels. */
    private static PictureFile picture() {
        int[] argb = new int[64];
        for (int i = 0; i < 64; i++) {
            double from = Math.hypot(i % 8 - 3.5, i / 8 - 3.5);
            argb[i] = from < 3.2 && from > 1.4 ? 0xFF102030 : 0xFFFFFFFF;
        }
        return ((PictureRead.Taken) PictureReader.read("ring.png", PictureWriter.png(Picture.ofOwned(8, 8, argb))))
                .file();
    }

    private static PrintedPicture printedPicture() {
        return new PrintedPicture(picture(), new PrintedPicture.Crop(0.125, 0, 0.25, 0.5), 0.75, 2, 3);
    }

    private static TracedPicture tracedPicture() {
        TraceSettings settings = new TraceSettings(
                TraceSettings.Mode.SEVERAL_COLOURS,
                TraceSettings.Ink.DARK,
                OptionalDouble.of(0.4),
                true,
                3,
                Map.of(Colour.of("#102031"), Colour.of("#102030")),
                List.of(Colour.of("#FFFFFF")),
                true,
                1.5,
                false,
                List.of(new Point(1.5, 2)),
                List.of(new Point(6, 6.5)),
                1.25);
        return new TracedPicture(
                picture(),
                Optional.of(Straightening.crop(0, 0, 8, 7)),
                settings,
                Map.of(Colour.of("#102030"), Colour.of("#F6EFDC")),
                2,
                2.5);
    }

    /** One line with every kind of treatment switched off, and every source but drawings. */
    private static Job withEverything() {
        Colour cream = Colour.of("#F6EFDC");
        List<Treatment> all = new ArrayList<>();
        Treatments.kinds().forEach(k -> all.add(new Treatment.Off(k.fresh().apply(cream))));
        Typesetting setting = new Typesetting(
                0.1,
                0,
                0.35,
                Typesetting.Align.FILL,
                new Baseline.Circle(80, 12, 150, true),
                Map.of(2, new Typesetting.Shift(0.1, -0.2, 15)),
                Map.of(0, 1));
        List<Source> sources = List.of(
                new Lettering("AB", ShippedTypeface.RYE, 20, 1, Optional.of(40.0), setting, Colouring.whole(cream)),
                Shape.of(Shape.Kind.STAR, 20, cream),
                new Stroke(new Stroke.Spiral(2, 30), 1, 2, cream),
                new Stroke(new Stroke.Through(List.of(new Point(0, 0), new Point(9, 4)), false), 3, 1, cream),
                Mark.of("s1"),
                new Backing(2, CornerStyle.ROUND, false, cream),
                tracedPicture(),
                new Guide(picture(), Optional.empty(), 2, 0.5),
                printedPicture());
        List<Motif> motifs = new ArrayList<>();
        for (int i = 0; i < sources.size(); i++) {
            motifs.add(new Motif(
                    "s" + i,
                    "motif " + i,
                    sources.get(i),
                    i == 0 ? all : List.of(),
                    Pose.at(i, 200),
                    new Standing(Optional.of("pair"), true, i == 5),
                    Films.USUAL));
        }
        return DemoJob.simple()
                .withLines(List.of(DemoJob.simple().line("A").orElseThrow().withMotifs(motifs)));
    }

    private static void collect(JsonNode n, String at, List<String> fields) {
        n.properties().forEach(e -> {
            fields.add(at + "/" + e.getKey());
            collect(e.getValue(), at + "/" + e.getKey(), fields);
        });
        for (int i = 0; n.isArray() && i < n.size(); i++) {
            collect(n.get(i), at + "/" + i, fields);
        }
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

    @Test
    void placesFilmsAndEdgingsComeBack() throws IOException {
        Job job = DemoJob.make()
                .withLine(
                        "A",
                        l -> l.at(1)
                                .withEdging("flock-base", new Edging(-0.5, true, false))
                                .withSize("M", s -> s.withArtWidth(Optional.of(123.0))));
        Job read = opened(JobFile.bytes(JobDocument.of(job))).job();
        assertThat(read).isEqualTo(job);
        assertThat(read.lines().getFirst().places()).hasSize(2);
        assertThat(read.lines().getFirst().at(1).entry("M").artWidthMm()).contains(123.0);
        assertThat(read.lines().getFirst().entry("M").artWidthMm()).isEmpty();
    }

    /** As the second format wrote it: one place, a join that names only its colour. */
    @Test
    void aLineOfOnePlaceFromAnOlderFileOpensAsItWas() throws IOException {
        byte[] old = withJobJson("""
                {"format":2,"job":{"name":"old","number":"7","due":"","framed":true,"lines":[{"id":"A","title":"tees","blank":"tee-adult",
                "blankColour":"black","face":"back","press":"flat-406x508","material":"stretch-film","drawnFor":"M",
                "fit":{"across":"middle","down":"collar","width":"in_proportion"},
                "sizes":[{"size":"M","count":2,"artWidthMm":200},{"size":"L","count":1}],
                "motifs":[{"id":"m1","name":"star","source":{"kind":"shape","shape":"star","widthMm":50,"heightMm":50,"points":5,"depth":0.6,
                "colour":"#F6EFDC"},"treatments":[],"pose":{"xMm":0,"yMm":180,"degrees":0}}],
                "joins":[{"colour":"#F6EFDC","kind":"butted","gapMm":0.3}]}]}}""".replace("in_proportion", usualWidth())
                .replace("collar", usualDown())
                .replace("middle", usualAcross()));
        Line line = opened(old).job().lines().getFirst();
        assertThat(line.places()).hasSize(1);
        assertThat(line.thing().faceId()).isEqualTo("back");
        assertThat(line.thing().pressId()).contains("flat-406x508");
        assertThat(line.copies()).isEqualTo(3);
        assertThat(line.entry("M").artWidthMm()).contains(200.0);
        assertThat(line.motifs())
                .singleElement()
                .satisfies(m -> assertThat(m.films()).isEqualTo(Films.USUAL));
        assertThat(line.join(Film.of("stretch-film", Colour.of("#F6EFDC")))).isEqualTo(new Join.Butted(0.3));
    }

    private static String usualWidth() {
        return Fit.USUAL.width().name().toLowerCase();
    }

    private static String usualDown() {
        return Fit.USUAL.down().name().toLowerCase();
    }

    private static String usualAcross() {
        return Fit.USUAL.across().name().toLowerCase();
    }
}
