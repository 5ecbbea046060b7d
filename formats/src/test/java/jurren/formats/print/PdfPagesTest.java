package jurren.formats.print;

import java.util.Arrays;
import java.util.List;
import jurren.core.cure.Remedies;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.words.Units;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The pages that go to a printer are those of the PDF. */
@Tag("long")
class PdfPagesTest {
    private static final int PER_INCH = 50;

    @Test
    void everyPageIsRenderedAtItsSizeWithInkOnIt() {
        Plan plan = new Planner().plan(DemoJob.simple(), BuiltInShop.read());
        List<PdfPages.Page> pages =
                PdfPages.render(TicketPdf.write(plan, Units.METRIC, Remedies.NONE, Paper.LETTER), PER_INCH);
        assertThat(pages).hasSizeGreaterThanOrEqualTo(plan.lines().size());
        for (PdfPages.Page page : pages) {
            assertThat(page.rgb()).hasSize(page.width() * page.height());
            assertThat(page.width()).as("letter or A4 at 50 to the inch").isBetween(400, 430);
            assertThat(page.height()).isBetween(545, 590);
            long ink = Arrays.stream(page.rgb())
                    .filter(p -> (p & 0xFFFFFF) != 0xFFFFFF)
                    .count();
            assertThat((double) ink / page.rgb().length)
                    .as("neither empty nor black")
                    .isBetween(0.005, 0.6);
        }
    }
}
