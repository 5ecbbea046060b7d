package jurren.formats.print;

import java.io.IOException;
import java.util.List;
import java.util.TreeSet;
import jurren.core.cure.Remedies;
import jurren.core.job.Job;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.run.WholeRun;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.words.Units;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** Papers for either sheet: nothing runs over its edge, and nothing is on one that is not on the other. */
@Tag("long")
class PaperTest {
    private static final Plan PLAN = new Planner().plan(DemoJob.make(), BuiltInShop.read());
    private static final WholeRun RUN = WholeRun.of(PLAN);
    private static final double LEAST_MARGIN = 20;

    private static byte[] ticket(Paper paper) {
        return TicketPdf.write(PLAN, Units.METRIC, Remedies.NONE, paper);
    }

    private static List<TextPosition> signs(byte[] pdf) throws IOException {
        return Signs.of(pdf).stream().flatMap(List::stream).toList();
    }

    private static TreeSet<String> words(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            return new TreeSet<>(List.of(new PDFTextStripper().getText(document).split("\\s+")));
        }
    }

    @ParameterizedTest
    @EnumSource(Paper.class)
    void nothingRunsOverTheEdge(Paper paper) throws IOException {
        PDRectangle size = paper == Paper.A4 ? PDRectangle.A4 : PDRectangle.LETTER;
        for (byte[] pdf : List.of(ticket(paper), RunPdf.write(PLAN, RUN, Units.METRIC, paper))) {
            try (PDDocument document = Loader.loadPDF(pdf)) {
                for (PDPage page : document.getPages()) {
                    assertThat(page.getMediaBox().getWidth()).isCloseTo(size.getWidth(), within(0.01f));
                    assertThat(page.getMediaBox().getHeight()).isCloseTo(size.getHeight(), within(0.01f));
                }
            }
            assertThat(signs(pdf)).isNotEmpty().allSatisfy(t -> {
                assertThat(t.getEndX()).isLessThan(size.getWidth() - (float) LEAST_MARGIN);
                assertThat(t.getYDirAdj()).isBetween((float) LEAST_MARGIN, size.getHeight() - (float) LEAST_MARGIN / 2);
            });
        }
    }

    /** Of two signs in one row, one begins where the other has ended. */
    @ParameterizedTest
    @EnumSource(Paper.class)
    void noWordLiesOnAnother(Paper paper) throws IOException {
        Units units = paper == Paper.A4 ? Units.METRIC : Units.AMERICAN;
        for (byte[] pdf :
                List.of(TicketPdf.write(PLAN, units, Remedies.NONE, paper), RunPdf.write(PLAN, RUN, units, paper))) {
            for (List<TextPosition> page : Signs.of(pdf)) {
                assertThat(Signs.onEachOther(page)).isEmpty();
            }
        }
    }

    /** Two rows that are told apart by their place alone. */
    @Test
    void aLongTitleIsShortenedAndItsPlaceIsNot() throws IOException {
        Job job = DemoJob.make().withLine("A", l -> l.withTitle("Crew tees " + "for everybody who helped ".repeat(12)));
        byte[] pdf =
                TicketPdf.write(new Planner().plan(job, BuiltInShop.read()), Units.METRIC, Remedies.NONE, Paper.A4);
        try (PDDocument document = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
            assertThat(text).contains("… · front, place 1 of 2", "… · back, place 2 of 2");
        }
        for (List<TextPosition> page : Signs.of(pdf)) {
            assertThat(Signs.onEachOther(page)).isEmpty();
            assertThat(Signs.overTheEdge(page, LEAST_MARGIN)).isEmpty();
        }
    }

    @Test
    void bothSayTheSame() throws IOException {
        TreeSet<String> letter = words(ticket(Paper.LETTER));
        TreeSet<String> a4 = words(ticket(Paper.A4));
        // only how many pages there are may differ
        letter.removeIf(w -> w.matches("[0-9/]+"));
        a4.removeIf(w -> w.matches("[0-9/]+"));
        assertThat(a4).isEqualTo(letter);
    }

    @Test
    void theUsualFollowsHowLengthsAreTold() {
        assertThat(Paper.usual(Units.AMERICAN)).isEqualTo(Paper.LETTER);
        assertThat(Paper.usual(Units.METRIC)).isEqualTo(Paper.A4);
    }
}
