package jurren.formats.words;

import java.io.IOException;
import java.util.List;
import java.util.stream.Collectors;
import jurren.core.job.Job;
import jurren.core.job.Shop;
import jurren.core.plan.Plan;
import jurren.core.plan.Planner;
import jurren.core.run.Machine;
import jurren.core.run.RunTask;
import jurren.core.run.RunTasks;
import jurren.core.run.Schedule;
import jurren.core.run.WholeRun;
import jurren.formats.catalogue.BuiltInShop;
import jurren.formats.demo.DemoJob;
import jurren.formats.print.Paper;
import jurren.formats.print.RunPdf;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** The run of the demo: five lines over cutter, printer, press, oven and table. */
@Tag("long")
class RunWordsTest {
    private static final Shop SHOP = BuiltInShop.read();
    private static final Planner PLANNER = new Planner();
    private static Plan plan;
    private static WholeRun run;

    @BeforeAll
    static void ordered() {
        plan = PLANNER.plan(DemoJob.make(), SHOP);
        run = WholeRun.of(plan);
    }

    private static RunTask task(List<RunTask> tasks, RunTask.Kind kind, String line) {
        return tasks.stream()
                .filter(t -> t.kind() == kind && t.lines().contains(line))
                .findFirst()
                .orElseThrow();
    }

    private static Schedule.Slot slot(RunTask t) {
        return run.schedule().slots().stream()
                .filter(s -> s.task().equals(t))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void everyLoadAndPrintAndLineIsInIt() {
        assertThat(run.tasks())
                .filteredOn(t -> t.kind() == RunTask.Kind.CUT)
                .hasSize(plan.runs().size());
        assertThat(run.tasks())
                .filteredOn(t -> t.kind() == RunTask.Kind.PRINT)
                .hasSize(plan.prints().size());
        assertThat(run.machines())
                .extracting(Machine::kind)
                .containsExactly(
                        Machine.Kind.CUTTER,
                        Machine.Kind.PRINTER,
                        Machine.Kind.WEEDING,
                        Machine.Kind.PRESS,
                        Machine.Kind.OVEN,
                        Machine.Kind.TABLE);
        RunTask bake = task(run.tasks(), RunTask.Kind.BAKE, "B");
        assertThat(bake.seconds()).as("six tumblers stand in the oven at once").isEqualTo(360);
        assertThat(bake.handsS()).isZero();
        assertThat(slot(task(run.tasks(), RunTask.Kind.TAKE_OUT, "B")).startS())
                .isGreaterThanOrEqualTo(slot(bake).endS());
        assertThat(run.schedule().endS())
                .isBetween(run.schedule().boundS(), 1.10 * run.schedule().boundS());
    }

    @Test
    void aPlaceWaitsForItsFilmAndForThePlaceBefore() {
        List<RunTask> pressing = run.tasks().stream()
                .filter(t -> t.kind() == RunTask.Kind.PRESS && t.lines().contains("A"))
                .toList();
        assertThat(pressing).hasSize(2);
        assertThat(slot(pressing.get(1)).startS())
                .isGreaterThanOrEqualTo(slot(pressing.get(0)).endS());
        run.tasks().stream()
                .filter(t -> t.kind() == RunTask.Kind.WEED
                        && pressing.getFirst().after().contains(t.id()))
                .forEach(w -> assertThat(slot(w).endS())
                        .isLessThanOrEqualTo(slot(pressing.getFirst()).startS() + 1e-6));
        assertThat(pressing.getFirst().after()).hasSize(4);
    }

    @Test
    void whatIsDoneIsNotDoneAgain() {
        Job half = DemoJob.make()
                .withMade(DemoJob.make()
                        .made()
                        .withPressed("C", 24)
                        .withDone(task(run.tasks(), RunTask.Kind.PRINT, "C").id()));
        List<RunTask> left = RunTasks.of(PLANNER.plan(half, SHOP));
        assertThat(left)
                .noneMatch(t -> t.kind() == RunTask.Kind.LAY && t.lines().contains("C"));
        assertThat(left).hasSize(run.tasks().size() - 2);
        Job some = DemoJob.make().withMade(DemoJob.make().made().withPressed("A", 6));
        RunTask whole = task(run.tasks(), RunTask.Kind.PRESS, "A");
        assertThat(task(RunTasks.of(PLANNER.plan(some, SHOP)), RunTask.Kind.PRESS, "A")
                        .seconds())
                .as("half of them")
                .isEqualTo(whole.seconds() / 2);
    }

    @Test
    void aPressThatWarmsIsBlamedAndNotTheHands() {
        RunTask press = task(run.tasks(), RunTask.Kind.PRESS, "A");
        double end = 600 + press.seconds();
        Schedule late = new Schedule(List.of(new Schedule.Slot(press, 600, 0, 0, 532)), end, end);
        assertThat(new RunWords(Units.METRIC).why(late).getFirst())
                .startsWith("The ")
                .contains("is what limits it", "warms for")
                .doesNotContain("Hands");
    }

    @Test
    void itIsToldInSentencesAndFitsOnAPage() throws IOException {
        RunWords words = new RunWords(Units.METRIC);
        assertThat(RunWords.whole(run.schedule()))
                .startsWith("From the first cut")
                .endsWith(".");
        assertThat(words.why(run.schedule()))
                .hasSizeGreaterThan(2)
                .allSatisfy(w -> assertThat(w).endsWith("."))
                .anyMatch(w -> w.contains("160 °C comes before 195 °C"));
        assertThat(run.tasks()).allSatisfy(t -> {
            assertThat(RunWords.task(t)).isNotBlank();
            assertThat(words.detail(t)).doesNotContain("{");
        });
        assertThat(RunWords.wins(run)).first().satisfies(w -> assertThat(w[0]).isEqualTo("another pair of hands"));
        assertThat(RunWords.at(3 * 3600 + 65)).isEqualTo("3:01");
        try (PDDocument pdf = Loader.loadPDF(RunPdf.write(plan, run, Units.METRIC, Paper.A4))) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            String text = new PDFTextStripper().getText(pdf);
            assertThat(text).contains("Otterbrook Kite Fair", "Bake wrap", "Hands are what limits it");
            assertThat(text.lines().filter(l -> l.matches("\\d+:\\d\\d .*")).collect(Collectors.toList()))
                    .hasSizeGreaterThanOrEqualTo(run.tasks().size());
        }
    }
}
