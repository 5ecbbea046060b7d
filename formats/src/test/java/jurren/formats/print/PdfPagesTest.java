package jurren.formats.print;

import java.util.Arrays;
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
        byte[] ticket = TicketPdf.write(plan, Units.METRIC, Remedies.NONE, Paper.LETTER);
        int count = PdfPages.render(ticket, 1, PER_INCH).of();
        assertThat(count).isGreaterThanOrEqualTo(plan.lines().size());
        assertThat(PdfPages.render(ticket, count + 5, PER_INCH).number()).isEqualTo(count);
        for (int number = 1; number <= count; number++) {
            PdfPages.Page page = PdfPages.render(ticket, number, PER_INCH);
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
