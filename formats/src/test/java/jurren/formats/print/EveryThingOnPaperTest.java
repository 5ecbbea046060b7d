package jurren.formats.print;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import jurren.core.blank.Blank;
import jurren.core.blank.Face;
import jurren.core.cure.Remedies;
import jurren.core.hold.Verdict;
import jurren.core.hold.WhatHolds;
import jurren.core.job.Job;
import jurren.core.job.Line;
import jurren.core.job.NewJobs;
import jurren.core.job.Shop;
import jurren.core.lettering.ShippedTypeface;
import jurren.core.material.Colour;
import jurren.core.material.Material;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.run.WholeRun;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.words.Units;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import static org.assertj.core.api.Assertions.assertThat;

/**
 * Tickets and runs of every thing there is, of one material that holds on it, with names as long as people write them.
 */
@Tag("long")
class EveryThingOnPaperTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final Planner PLANNER = new Planner();
    private static final int A_JOB = 9;
    private static final double LEAST_MARGIN = 20;

    static Stream<List<Blank>> things() {
        List<Blank> all = SHOP.blanks();
        return IntStream.range(0, (all.size() + A_JOB - 1) / A_JOB)
                .mapToObj(i -> all.subList(i * A_JOB, Math.min(all.size(), (i + 1) * A_JOB)));
    }

    private static List<Material> holding(Blank blank) {
        return SHOP.materials().stream()
                .filter(m -> WhatHolds.of(
                                        m,
                                        blank.madeOf(),
                                        blank.colours().getFirst(),
                                        blank.reference().faces().getFirst())
                                .answer()
                        != Verdict.Answer.DOES_NOT_HOLD)
                .toList();
    }

    private static Line line(String letter, Blank blank, Material material) {
        Colour film = material.colours().isEmpty()
                ? Colour.of("#7C2E57")
                : material.colours().getFirst().colour();
        Line said = NewJobs.saying(
                        "Robin & Wren",
                        ShippedTypeface.FREDOKA,
                        blank,
                        blank.colours().getLast(),
                        material,
                        film)
                .lines()
                .getFirst();
        return said.withId(letter)
                .withTitle(blank.name() + " for everybody who helped at the kite fair, second delivery");
    }

    @ParameterizedTest
    @MethodSource("things")
    void nothingLiesOnAnythingOrOverTheEdge(List<Blank> things) throws IOException {
        List<Line> lines = new ArrayList<>();
        for (int i = 0; i < things.size(); i++) {
            List<Material> holds = holding(things.get(i));
            assertThat(holds).as(things.get(i).id()).isNotEmpty();
            lines.add(line(String.valueOf((char) ('A' + i)), things.get(i), holds.get(i % holds.size())));
        }
        Job job = new Job(
                        "Otterbrook Kite Fair, third year, with everything that was promised to the committee",
                        "0412",
                        "",
                        true,
                        lines)
                .withCustomer("The Otterbrook Society for Kites and Other Light Things")
                .withDue("Sat 5 Dec, before noon");
        Plan plan = PLANNER.plan(job, SHOP);
        for (Paper paper : Paper.values()) {
            Units units = paper == Paper.A4 ? Units.METRIC : Units.AMERICAN;
            byte[] ticket = TicketPdf.write(plan, units, Remedies.NONE, paper);
            for (byte[] pdf : List.of(ticket, RunPdf.write(plan, WholeRun.of(plan), units, paper))) {
                for (List<TextPosition> page : Signs.of(pdf)) {
                    assertThat(Signs.onEachOther(page)).isEmpty();
                    assertThat(Signs.overTheEdge(page, LEAST_MARGIN))
                            .map(Signs::told)
                            .isEmpty();
                }
            }
            try (PDDocument document = Loader.loadPDF(ticket)) {
                String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
                things.forEach(t -> assertThat(text).contains(t.name()));
            }
        }
    }

    @ParameterizedTest
    @MethodSource("things")
    void templatesOfEveryPlaceCanBeRead(List<Blank> things) throws IOException {
        for (Blank thing : things) {
            for (Face face : thing.reference().faces()) {
                for (Paper paper : Paper.values()) {
                    byte[] pdf = TemplatePdf.write(thing.name() + ", " + face.name(), face, paper);
                    for (List<TextPosition> page : Signs.of(pdf)) {
                        assertThat(page).as("%s %s", thing.id(), face.name()).isNotEmpty();
                        assertThat(Signs.onEachOther(page))
                                .as("%s %s on %s", thing.id(), face.name(), paper)
                                .isEmpty();
                        // labels of what goes on on the next sheet are clipped at the right
                        assertThat(Signs.overTheEdge(page, LEAST_MARGIN / 2))
                                .as("%s %s on %s", thing.id(), face.name(), paper)
                                .allSatisfy(t -> assertThat((double) t.getX()).isGreaterThan(LEAST_MARGIN / 2))
                                .allSatisfy(t -> assertThat(t.getYDirAdj()).isLessThan(t.getPageHeight()));
                    }
                }
            }
        }
    }
}
