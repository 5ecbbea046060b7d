package jurren.formats.jobfile;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import jurren.core.blank.Blank;
import jurren.core.blank.Family;
import jurren.core.job.EmbeddedCatalogue;
import jurren.core.job.Job;
import jurren.core.job.Progress;
import jurren.core.job.Shop;
import jurren.core.job.Thing;
import jurren.core.load.KeptLayout;
import jurren.core.load.LayoutChoices;
import jurren.core.load.Layouts;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.nest.BedPosition;
import jurren.core.nest.Layout;
import jurren.core.plan.Planner;
import jurren.formats.Refusal.Reason;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

/** Who a job is for, what of it is made, and what it carries along. */
@Tag("long")
class JobFactsFileTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private static Job tees() {
        return DemoJob.simple().withLines(DemoJob.simple().lines().subList(0, 1));
    }

    private static JobRead read(byte[] content, Shop shop) {
        return JobFile.read(content, "job.jurren", shop);
    }

    private static Job again(Job job, Shop shop) {
        JobRead read = read(JobFile.bytes(JobDocument.of(job)), shop);
        assertThat(read).isInstanceOf(JobRead.Opened.class);
        return ((JobRead.Opened) read).document().job();
    }

    @Test
    void layoutsThatWereTakenTravelWithTheJob() throws IOException {
        KeptLayout kept = new KeptLayout(
                "smooth-film",
                Colour.of("#F6EFDC"),
                "ab12",
                "cd34",
                List.of("no 3", "roll"),
                20_261_127,
                17,
                12.25,
                new Layout(
                        List.of(
                                Optional.of(new BedPosition(1, 270, 0.1 + 0.2, -1e-7)),
                                Optional.empty(),
                                Optional.of(new BedPosition(0, 90, 123.456789012345, 7))),
                        List.of(80.5, 1234.0 / 7)));
        Job job = tees().withLaying(tees().laying().withLayouts(Layouts.NONE.with(kept)));
        assertThat(again(job, SHOP)).as("to the last digit").isEqualTo(job);
        assertThat(read(changed(job, j -> ((ObjectNode) j.path("layouts").path(0)).put("steps", "many")), SHOP))
                .satisfies(r -> assertThat(((JobRead.Refused) r).refusal().detail())
                        .isEqualTo("job.layouts[0].steps is not a number"));
        assertThat(read(
                        changed(
                                job,
                                j -> ((ArrayNode) j.path("layouts")
                                                .path(0)
                                                .path("positions")
                                                .path(0))
                                        .add(1)),
                        SHOP))
                .isInstanceOf(JobRead.Refused.class);
    }

    private interface Change {
        void on(ObjectNode job);
    }

    /** The file of a job with its text changed. */
    private static byte[] changed(Job job, Change change) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(JobFile.bytes(JobDocument.of(job))));
                ZipOutputStream zip = new ZipOutputStream(out)) {
            for (ZipEntry e = in.getNextEntry(); e != null; e = in.getNextEntry()) {
                byte[] content = in.readAllBytes();
                if (e.getName().equals("job.json")) {
                    ObjectNode root = (ObjectNode) MAPPER.readTree(content);
                    change.on((ObjectNode) root.path("job"));
                    content = MAPPER.writeValueAsBytes(root);
                }
                zip.putNextEntry(new ZipEntry(e.getName()));
                zip.write(content);
                zip.closeEntry();
            }
        }
        return out.toByteArray();
    }

    @Test
    void customerNumberAndDueDateComeBack() {
        Job job = tees().withCustomer("Otterbrook Parish").withNumber("0413/b").withDue("before the fair");
        assertThat(again(job, SHOP)).isEqualTo(job);
    }

    @Test
    void whatIsMadeComesBackToTheSecond() {
        Progress made = Progress.NOTHING
                .with(new Progress.Cut("9f3a", "smooth-film #E8743B", 2, Instant.parse("2026-11-26T10:32:00Z")))
                .with(new Progress.Cut(
                        "77",
                        "smooth-film #F6EFDC",
                        3,
                        Instant.parse("2026-11-26T11:00:00Z"),
                        Optional.of(new Progress.Used("Wide cutter", 105, 300, 2, 1.7, -0.9))))
                .withPressed("A", 3)
                .withBegun(Instant.parse("2026-11-26T10:00:00Z"), Instant.parse("2026-11-26T12:30:00Z"));
        assertThat(again(tees().withMade(made), SHOP).made()).isEqualTo(made);
        assertThat(again(tees(), SHOP).made()).isEqualTo(Progress.NOTHING);
    }

    @Test
    void whatNobodyKnowsOfAJobIsNotWritten() throws IOException {
        boolean[] seen = new boolean[1];
        changed(tees(), job -> seen[0] = job.has("customer") || job.has("made") || job.has("carried"));
        assertThat(seen[0]).as("older readers see what they always saw").isFalse();
    }

    @Test
    void aJobOnAnOwnThingOpensInAShopThatDoesNotKnowIt() {
        Blank own = SHOP.blank("tee-adult").orElseThrow().copied("own-tee", "My tee");
        Shop mine = SHOP.withOwn(List.of(own));
        Job job = tees().withLine(
                        "A", l -> l.withThing(Thing.of("own-tee", l.thing().colourId())))
                .carrying(mine);
        Job there = again(job, SHOP);
        assertThat(there).isEqualTo(job);
        assertThat(there.carried().blanks())
                .singleElement()
                .returns("My tee", Blank::name)
                .returns(Family.OWN, Blank::family);
        assertThat(new Planner().plan(there, SHOP).lines().getFirst().blank()).isEqualTo(own);
        assertThat(new Planner().plan(there, SHOP).lines().getFirst().drawn().layers())
                .isEqualTo(
                        new Planner().plan(job, mine).lines().getFirst().drawn().layers());
    }

    private static Shop without(String material) {
        return new Shop(
                SHOP.blanks(),
                SHOP.materials().stream().filter(m -> !m.id().equals(material)).toList(),
                SHOP.cutter(),
                SHOP.printer(),
                SHOP.presses(),
                SHOP.shelf(),
                SHOP.prices());
    }

    /**
     * A job that came with its film opens where that film is not known, is planned as it was, and lets it go with its
     * last use.
     */
    @Test
    void aJobBringsItsMaterialsAlong() {
        Shop poorer = without("smooth-film");
        Material film = SHOP.material("smooth-film").orElseThrow();
        Job tees = tees();
        Job job = new Job(
                tees.name(),
                tees.number(),
                "",
                tees.due(),
                true,
                tees.lines(),
                Progress.NOTHING,
                new EmbeddedCatalogue(List.of(), List.of(film)),
                LayoutChoices.USUAL);
        Job there = again(job, poorer);
        assertThat(there).isEqualTo(job);
        assertThat(there.carried().materials()).containsExactly(film);
        assertThat(new Planner().plan(there, poorer).runs())
                .hasSameSizeAs(new Planner().plan(tees, SHOP).runs());
        Shop knows = poorer.knowing(there.carried());
        assertThat(there.carrying(knows).carried().materials()).containsExactly(film);
        assertThat(there.withLines(List.of(DemoJob.simple().line("B").orElseThrow()))
                        .carrying(knows)
                        .carried()
                        .isEmpty())
                .isTrue();
    }

    @Test
    void anUnknownWayIsNamedAndNothingIsTaken() throws IOException {
        Job tees = tees();
        Job job = new Job(
                tees.name(),
                tees.number(),
                "",
                tees.due(),
                true,
                tees.lines(),
                Progress.NOTHING,
                new EmbeddedCatalogue(
                        List.of(), List.of(SHOP.material("smooth-film").orElseThrow())),
                LayoutChoices.USUAL);
        JobRead read = read(
                changed(
                        job,
                        j -> ((ObjectNode) j.path("carried").path("materials").path(0)).put("process", "SCREEN_PRINT")),
                SHOP);
        assertThat(read).isInstanceOfSatisfying(JobRead.Refused.class, r -> {
            assertThat(r.refusal().reason()).isEqualTo(Reason.UNKNOWN_IN_JOB);
            assertThat(r.refusal().detail()).contains("SCREEN_PRINT", "smooth-film");
        });
        JobRead negative = read(
                changed(
                        job,
                        j -> ((ObjectNode) j.path("carried").path("materials").path(0)).put("thicknessMm", -1)),
                SHOP);
        assertThat(negative)
                .isInstanceOfSatisfying(
                        JobRead.Refused.class,
                        r -> assertThat(r.refusal().reason()).isEqualTo(Reason.DAMAGED_JOB));
    }

    @Test
    void withoutWhatItCarriesSuchAJobIsRefusedByName() throws IOException {
        Blank own = SHOP.blank("tee-adult").orElseThrow().copied("own-tee", "My tee");
        Job job = tees().withLine(
                        "A", l -> l.withThing(Thing.of("own-tee", l.thing().colourId())))
                .carrying(SHOP.withOwn(List.of(own)));
        JobRead read = read(changed(job, j -> j.remove("carried")), SHOP);
        assertThat(read).isInstanceOfSatisfying(JobRead.Refused.class, r -> {
            assertThat(r.refusal().reason()).isEqualTo(Reason.UNKNOWN_IN_JOB);
            assertThat(r.refusal().detail()).contains("own-tee");
        });
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"cuts\": [{\"mark\": \"\", \"at\": \"2026-11-26T10:32:00Z\"}]}",
                "{\"cuts\": [{\"mark\": \"a\", \"at\": \"yesterday\"}]}",
                "{\"cuts\": [{}]}",
                "{\"pressed\": {\"A\": -4}}"
            })
    void nonsenseAboutWhatIsMadeIsRefusedByItsPlace(String made) throws IOException {
        byte[] file = changed(tees(), j -> {
            try {
                j.set("made", MAPPER.readTree(made));
            } catch (IOException e) {
                throw new AssertionError(e);
            }
        });
        assertThat(read(file, SHOP)).isInstanceOfSatisfying(JobRead.Refused.class, r -> {
            assertThat(r.refusal().reason()).isEqualTo(Reason.DAMAGED_JOB);
            assertThat(r.refusal().detail()).contains("made");
        });
    }

    @Test
    void aCarriedThingThatCannotBeIsRefusedByItsPlace() throws IOException {
        byte[] file = changed(
                tees(),
                j -> j.putObject("carried").putArray("blanks").addObject().put("id", "x"));
        assertThat(read(file, SHOP))
                .isInstanceOfSatisfying(
                        JobRead.Refused.class,
                        r -> assertThat(r.refusal().detail()).contains("carried"));
    }

    @Test
    void versionsKeepTheirOwnFacts() {
        Job then = tees().withCustomer("then").withMade(Progress.NOTHING.withPressed("A", 1));
        JobDocument document = JobDocument.of(then)
                .keeping("then", Instant.parse("2026-11-20T10:15:30Z"))
                .with(tees().withCustomer("now"));
        JobRead.Opened read = (JobRead.Opened) read(JobFile.bytes(document), SHOP);
        assertThat(read.document()).isEqualTo(document);
        assertThat(read.document().versions().getFirst().job().customer()).isEqualTo("then");
    }
}
